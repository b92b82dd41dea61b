<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\InvalidInput;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\CupOnScale;
use Hovik\Core\Words\Phrase;

/** What can happen at a station besides weighing. Each is written down once and never changed; what holds now follows from all of them. */
enum EventKind: string
{
    /** Everything stands measured, apart and in order: please look. */
    case Ready = 'ready';
    case NotReady = 'not-ready';
    /** A hand goes up. */
    case Help = 'help';
    case HelpOver = 'help-over';
    /** A shared supply leaves the common shelf, or stands there again. */
    case Taken = 'taken';
    case Returned = 'returned';
    /** A tool fell on the floor: out until it is washed. */
    case Dropped = 'dropped';
    case Washed = 'washed';
    /** Something fell into the food: out until the teacher has looked and it is measured anew. */
    case Foreign = 'foreign';
    case ForeignOver = 'foreign-over';
    case Timer = 'timer';
    case TimerOver = 'timer-over';
    /** The teacher looked at a line: it stands, or goes back. */
    case Checked = 'checked';
    case SentBack = 'sent-back';
    /** The gate: the directions open, or close again. */
    case Released = 'released';
    case ClosedAgain = 'closed-again';
    /** A step seen done, seen not done, or unseen after all. */
    case Seen = 'seen';
    case Note = 'note';
    /** A cup was weighed once more after its food went into the bowl: what stayed in it. */
    case Emptied = 'emptied';
    /** A student typed a weight wrong and says so at once: the entry stays, struck through, and the line is to be weighed. */
    case TakenBack = 'taken-back';
    /** The teacher lets what was typed after a result count as the first try. */
    case FirstTry = 'first-try';
    /** A device has a line open, or nothing any more: who measures what. */
    case Measuring = 'measuring';
    case NotMeasuring = 'not-measuring';
    /** Tools counted back at the end. */
    case Counted = 'counted';
    /** What the teacher just did was a slip of the hand: as if it had not been. */
    case Undone = 'undone';

    public const SEEN = ['done', 'not-done', 'unseen'];

    /** s; a screen offers to undo for eight of them, a slow network may take the rest. */
    public const UNDONE_WITHIN_S = 60.0;

    /** s in which a student may take a weight back; a slow network may take some of them. */
    public const TAKEN_BACK_WITHIN_S = 10.0;

    public const SLOW_NETWORK_S = 5.0;

    private const LONGEST = 300;

    private const MOST_LINES = 200;

    private const LONGEST_TIMER_MIN = 240;

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'kind'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such-event'));
    }

    /** Whether a station tells of it. */
    public function isForStations(): bool
    {
        return match ($this) {
            self::Checked, self::SentBack, self::Released, self::ClosedAgain, self::Seen, self::Note, self::Counted, self::Undone,
            self::ForeignOver, self::FirstTry => false,
            default => true,
        };
    }

    /** Whether the teacher does it; an aide, too. A timer is stopped, a supply returned and a hand taken down by anyone. */
    public function isForTeachers(): bool
    {
        return match ($this) {
            self::Ready, self::NotReady, self::Help, self::Dropped, self::Timer, self::Emptied, self::Foreign, self::Measuring,
            self::NotMeasuring, self::TakenBack => false,
            default => true,
        };
    }

    /** What opens, closes or marks something for a station; the rest is put right by its opposite. */
    public function canBeUndone(): bool
    {
        return match ($this) {
            self::Checked, self::SentBack, self::Released, self::ClosedAgain => true,
            default => false,
        };
    }

    /** Whether other tools, or another supply, are at hand since. */
    public function changesWhatIsAtHand(): bool
    {
        return $this === self::Dropped || $this === self::Washed || $this->isOnTheShelf();
    }

    /** Whether it concerns the other stations, too. */
    public function isOnTheShelf(): bool
    {
        return $this === self::Taken || $this === self::Returned;
    }

    public function needsLine(): bool
    {
        return match ($this) {
            self::Checked, self::SentBack, self::Seen, self::Taken, self::Returned, self::Emptied, self::Foreign, self::ForeignOver,
            self::Measuring, self::TakenBack, self::FirstTry => true,
            default => false,
        };
    }

    /**
     * What goes with it, checked.
     *
     * @param  array<array-key, mixed>  $given
     * @param  list<string>  $steps  of the line it is about
     * @return array<string, string|int>
     *
     * @throws InvalidInput naming the field
     */
    public function detail(array $given, array $steps): array
    {
        return match ($this) {
            // How many lines were open when they were let go all the same.
            self::Released => isset($given['open']) ? ['open' => self::whole($given, 'open', self::MOST_LINES)] : [],
            self::SentBack => ['reason' => self::text($given, 'reason', true)],
            self::Note => ['text' => self::text($given, 'text', true)],
            self::TakenBack, self::FirstTry => ['weighing' => strtoupper(self::text($given, 'weighing', true))],
            self::Measuring, self::NotMeasuring => ['device' => self::text($given, 'device', true)],
            self::Dropped, self::Washed => ['tool' => self::text($given, 'tool', true)],
            self::Timer => [
                'label' => self::text($given, 'label', false),
                'minutes' => self::whole($given, 'minutes', self::LONGEST_TIMER_MIN),
            ],
            self::TimerOver => ['timer' => self::text($given, 'timer', true)],
            self::Emptied => [
                'weighing' => strtoupper(self::text($given, 'weighing', true)),
                'cup' => self::whole($given, 'cup', CupOnScale::MOST),
                'grams' => self::grams($given),
            ],
            self::Undone => ['event' => strtoupper(self::text($given, 'event', true))],
            self::Seen => self::seen($given, $steps),
            default => [],
        };
    }

    /** @param  array<array-key, mixed>  $given */
    private static function text(array $given, string $field, bool $isNeeded): string
    {
        $text = $given[$field] ?? '';
        if (! is_string($text) || mb_strlen($text) > self::LONGEST || ! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because("detail.$field", Phrase::of('refusal.letters', ['most' => self::LONGEST]));
        }
        if ($isNeeded && trim($text) === '') {
            throw InvalidInput::because("detail.$field", Phrase::of('refusal.say-why'));
        }

        return trim($text);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function whole(array $given, string $field, int $most): int
    {
        $number = $given[$field] ?? null;

        return is_int($number) && $number >= 1 && $number <= $most ? $number : throw InvalidInput::because(
            "detail.$field", Phrase::of('refusal.range', ['least' => 1, 'most' => $most]),
        );
    }

    /**
     * A weight as it was typed, with a comma or a point.
     *
     * @param  array<array-key, mixed>  $given
     */
    private static function grams(array $given): string
    {
        $grams = str_replace(',', '.', self::text($given, 'grams', false));

        return preg_match('/^\d{1,6}(\.\d{1,3})?$/', $grams) === 1 ? $grams : throw InvalidInput::because(
            'detail.grams', Phrase::of('refusal.digits'),
        );
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  list<string>  $steps
     * @return array{step: string, seen: string}
     */
    private static function seen(array $given, array $steps): array
    {
        $step = $given['step'] ?? null;
        $seen = $given['seen'] ?? null;
        if (! is_string($step) || Step::tryFrom($step) === null || ! in_array($step, $steps, true)) {
            throw InvalidInput::because('detail.step', Phrase::of('refusal.unknown-step'));
        }
        if (! is_string($seen) || ! in_array($seen, self::SEEN, true)) {
            throw InvalidInput::because('detail.seen', Phrase::of('refusal.seen'));
        }

        return ['step' => $step, 'seen' => $seen];
    }
}
