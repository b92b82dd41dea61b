<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\Weighing\Verdict;

/**
 * How a station stands, from all that happened there. The gate (the craft's page, section 11): the directions stay closed until the
 * teacher has released the station; a line sent back closes it and has to be weighed again.
 */
final class StationState
{
    /** So many misses of one line running: stuck. */
    public const MISSES = 3;

    /** s without anything happening: stuck, too. */
    public const QUIET_S = 300.0;

    public ?float $readySince = null;

    public ?float $helpSince = null;

    public bool $isReleased = false;

    public bool $isCounted = false;

    /** @var array<int, string> reason by line that was sent back and not weighed since */
    public array $sentBack = [];

    /** @var array<int, true> lines the teacher has let stand */
    public array $checked = [];

    /** @var array<int, float> since when, by line whose supply it has out */
    public array $out = [];

    /** @var array<int, true> lines into whose food something fell */
    public array $foreign = [];

    /** @var array<string, true> tools on the floor, by id */
    public array $dropped = [];

    /** @var array<string, array{label: string, endsAt: float}> by event id */
    public array $timers = [];

    /** @var array<int, array<string, string>> done or not-done, by line and step */
    public array $seen = [];

    /** @var list<array{at: float, text: string}> */
    public array $notes = [];

    public ?float $lastAt = null;

    /** How much had happened: grows with each event and weighing, corrected ones too. What is told with a lower one is older. */
    public int $heard = 0;

    /** @var array<string, true> weighings, by id, that were typed wrong and taken back */
    public array $takenBack = [];

    /** @var array<string, true> weighings, by id, that the teacher lets count as the first try */
    public array $firstTry = [];

    /** @var array<string, array{line: int, student: int|null, at: float}> who has which line open, by device */
    public array $measuring = [];

    private ?int $lastWeighed = null;

    /** @var array<int, int> misses running, by line weighed */
    private array $misses = [];

    private function __construct()
    {
    }

    /**
     * @param  list<StationEvent>  $all  oldest first
     * @param  int  $corrected  weighings that others stand for, and that are not among them
     */
    public static function after(array $all, int $corrected = 0): self
    {
        $state = new self;
        $state->heard = count($all) + $corrected;
        $undone = [];
        foreach ($all as $one) {
            if ($one->kind === EventKind::Undone) {
                $undone[$one->text('event')] = true;
            }
            if ($one->kind === EventKind::TakenBack) {
                $state->takenBack[$one->text('weighing')] = true;
            }
        }
        foreach ($all as $one) {
            if (! isset($undone[$one->id]) && ! isset($state->takenBack[$one->id])) {
                $state->take($one);
            }
        }

        return $state;
    }

    /**
     * What is still to be measured, or was sent back and is to be measured again.
     *
     * @param  list<int>  $lines  of the lab
     * @return list<int>
     */
    public function left(array $lines): array
    {
        return array_values(array_filter($lines, fn (int $line): bool => ! isset($this->misses[$line]) || isset($this->sentBack[$line])));
    }

    /**
     * What to measure, in the order to take it: first what was sent back, then what follows the line weighed last.
     *
     * @param  list<int>  $order  lines of the lab as planned for this station
     * @return list<int>
     */
    public function todo(array $order): array
    {
        $last = array_search($this->lastWeighed, $order, true);
        $turned = $last === false ? $order : [...array_slice($order, $last + 1), ...array_slice($order, 0, $last + 1)];
        $back = array_filter($order, fn (int $line): bool => isset($this->sentBack[$line]));

        return array_values(array_unique([...$back, ...$this->left($turned)]));
    }

    /** @param  list<int>  $lines  of the lab */
    public function hasAll(array $lines): bool
    {
        return $this->left($lines) === [];
    }

    /**
     * Who needs a look: a line missed three times running, or nothing heard for five minutes while there is something left.
     *
     * @param  list<int>  $lines  of the lab
     * @param  float  $openedAt  when the lab was opened
     * @return array{why: 'misses'|'quiet', line: int|null}|null
     */
    public function stuck(array $lines, float $now, float $openedAt): ?array
    {
        foreach ($this->misses as $line => $misses) {
            if ($misses >= self::MISSES) {
                return ['why' => 'misses', 'line' => $line];
            }
        }
        $isWorking = $this->readySince === null && ! $this->isReleased && ! $this->hasAll($lines);

        return $isWorking && $now - ($this->lastAt ?? $openedAt) >= self::QUIET_S ? ['why' => 'quiet', 'line' => null] : null;
    }

    private function take(StationEvent $one): void
    {
        if ($one->kind === null) {
            $this->weighed((int) $one->line, $one->verdict);
        } else {
            $this->event($one->kind, $one);
        }
        // What the teacher does is no sign of life from the station.
        if ($one->kind?->isForStations() ?? true) {
            $this->lastAt = $one->at;
        }
    }

    private function weighed(int $line, ?Verdict $verdict): void
    {
        $isMiss = $verdict === Verdict::Heaped || $verdict === Verdict::Shy;
        $this->lastWeighed = $line;
        $this->misses[$line] = $isMiss ? ($this->misses[$line] ?? 0) + 1 : 0;
        unset($this->sentBack[$line], $this->checked[$line]);
        $this->measuring = array_filter($this->measuring, static fn (array $one): bool => $one['line'] !== $line);
    }

    private function event(EventKind $kind, StationEvent $one): void
    {
        $line = (int) $one->line;
        match ($kind) {
            EventKind::Ready => $this->readySince ??= $one->at,
            EventKind::NotReady => $this->readySince = null,
            EventKind::Help => $this->helpSince ??= $one->at,
            EventKind::HelpOver => $this->helpSince = null,
            EventKind::Taken => $this->out[$line] ??= $one->at,
            EventKind::Foreign => $this->foreign[$line] = true,
            EventKind::Dropped => $this->dropped[$one->text('tool')] = true,
            EventKind::Timer => $this->timers[$one->id] = [
                'label' => $one->text('label'),
                'endsAt' => $one->at + 60 * (is_int($one->detail['minutes'] ?? null) ? $one->detail['minutes'] : 0),
            ],
            EventKind::Measuring => $this->measuring[$one->text('device')] = [
                'line' => $line, 'student' => $one->student, 'at' => $one->at,
            ],
            EventKind::FirstTry => $this->firstTry[$one->text('weighing')] = true,
            EventKind::Checked => $this->checked[$line] = true,
            EventKind::Note => $this->notes[] = ['at' => $one->at, 'text' => $one->text('text')],
            EventKind::Counted => $this->isCounted = true,
            default => null,
        };
        if ($kind === EventKind::NotMeasuring) {
            unset($this->measuring[$one->text('device')]);
        } elseif ($kind === EventKind::Returned) {
            unset($this->out[$line]);
        } elseif ($kind === EventKind::ForeignOver) {
            unset($this->foreign[$line]);
        } elseif ($kind === EventKind::Washed) {
            unset($this->dropped[$one->text('tool')]);
        } elseif ($kind === EventKind::TimerOver) {
            unset($this->timers[$one->text('timer')]);
        } elseif ($kind === EventKind::Checked) {
            unset($this->sentBack[$line]);
        } elseif ($kind === EventKind::SentBack) {
            $this->sentBack[$line] = $one->text('reason');
            unset($this->checked[$line]);
            [$this->readySince, $this->isReleased] = [null, false];
        } elseif ($kind === EventKind::Released || $kind === EventKind::ClosedAgain) {
            $this->isReleased = $kind === EventKind::Released;
            $this->readySince = null;
        } elseif ($kind === EventKind::Seen) {
            $this->seen[$line][$one->text('step')] = $one->text('seen');
        }
    }
}
