<?php

declare(strict_types=1);

namespace App\Labs;

use App\Http\Views\Prepare\StoredLine;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\Scheduler;
use Hovik\Core\Period\Storage;
use Hovik\Core\Period\TwoPeriods;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Words\Phrase;

/** A lab from bell to bell: what its stations share, how long things take, and the core's plan of it. */
final class LabPeriod
{
    private const USUAL_BLOCKS = [Fixed::SetUp, Fixed::Demonstration, Fixed::Check, Fixed::Mixing, Fixed::CleanUp];

    /** @var array<string, string> names, by resource id */
    public array $resources = [];

    /** @var array<int, string> names, by position of the line */
    public array $lines = [];

    /** @var array<string, int> */
    private array $counts = [];

    /** @var list<FrozenLine> but for what stands for a line at some station: that takes its turn */
    private readonly array $usual;

    /** @var non-empty-list<PeriodPlan> the one period, or the first and the second */
    public readonly array $parts;

    /**
     * @throws InvalidInput when no plan can be made: a class without stations, say
     */
    private function __construct(private readonly LabPlan $lab)
    {
        if ($lab->kitchen->scales !== []) {
            $this->share('scale', count($lab->kitchen->scales), Said::phrase(Phrase::of('period.scale')));
        }
        $this->usual = array_values(array_filter($lab->lines, static fn (FrozenLine $line): bool => ! $line->isSwapped()));
        $lines = array_map($this->line(...), $this->usual);
        $whole = Period::of($lab->lab->hours()->minutes(), $lab->stations(), Period::HANDS, $lines, $this->counts, self::blocks($lab->lab));
        $later = $lab->lab->later;
        if ($later === null) {
            $this->parts = [Scheduler::plan($whole)];
        } else {
            $two = TwoPeriods::of($whole, array_map(strval(...), $later));
            $this->parts = [$two->first, $two->second];
        }
    }

    /** @throws InvalidInput */
    public static function of(LabPlan $lab): self
    {
        return new self($lab);
    }

    /** @return array<string, int> s by block: the teacher's, or the usual ones */
    public static function blocks(Lab $lab): array
    {
        $blocks = [];
        $known = $lab->later === null ? self::USUAL_BLOCKS : [...self::USUAL_BLOCKS, Fixed::PutAway];
        foreach (array_filter(Fixed::cases(), static fn (Fixed $block): bool => in_array($block, $known, true)) as $block) {
            $blocks[$block->value] = $lab->blocks[$block->value] ?? $block->usualS();
        }

        return $blocks;
    }

    /** @return list<string> names */
    public function stations(): array
    {
        return $this->lab->kitchen->stations;
    }

    /**
     * Lines in the order in which each station begins them.
     *
     * @return list<list<int>> positions, by place of the station
     */
    public function orders(): array
    {
        return array_map(
            fn (int $station): array => array_map(intval(...), array_merge(
                ...array_map(static fn (PeriodPlan $part): array => $part->orderOf($station), $this->parts),
            )),
            range(0, $this->parts[0]->period->stations - 1),
        );
    }

    /** @return list<int> places of the lines that are measured in a second period, if there is one */
    public function whatDoesNotKeep(): array
    {
        $fresh = array_filter(
            $this->usual, static fn (FrozenLine $line): bool => Storage::of($line->food->ingredient) === Storage::Fresh,
        );

        return array_values(array_map(static fn (FrozenLine $line): int => $line->place(), $fresh));
    }

    /** @return list<StoredLine> every line, and what is done with it between two periods */
    public function stored(): array
    {
        $later = $this->lab->lab->later ?? [];

        return array_map(fn (FrozenLine $line): StoredLine => StoredLine::of(
            $line->place(), $this->lines[$line->position], Storage::of($line->food->ingredient), in_array($line->place(), $later, true),
        ), $this->usual);
    }

    private function line(FrozenLine $line): PeriodLine
    {
        $food = $line->food->ingredient;
        $name = $this->lines[$line->position] = Said::ingredient($food->id);
        $needs = $line->shared ? [$this->share("supply:$line->position", 1, $name)] : [];
        foreach ($line->fills() as $fill) {
            $count = $this->lab->kitchen->countOf($fill->tool);
            if ($count > 0 && $fill->tool->isScarce($this->lab->stations())) {
                $needs[] = $this->share("tool:{$fill->tool->id}", $count, Said::phrase($fill->tool->called()));
            }
        }
        $needs = array_values(array_unique($needs));
        $weighs = $this->scalesFor($line);
        $isWeighedOut = $line->way()->plan === null;
        $isWeighedAfter = ! $isWeighedOut && $line->target !== null && $weighs !== [];

        return new PeriodLine(
            (string) $line->position,
            $food->family,
            $isWeighedOut ? [...$needs, ...$weighs] : $needs,
            $isWeighedAfter ? $weighs : [],
            $this->lab->kitchen->measureS($food->family),
            $isWeighedAfter ? PeriodLine::WEIGH_S : 0,
        );
    }

    /**
     * Where only some scales can judge so little, those are what it waits for.
     *
     * @return list<string>
     */
    private function scalesFor(FrozenLine $line): array
    {
        $scales = $this->lab->kitchen->scales;
        if ($scales === []) {
            return [];
        }
        $fit = $line->target === null
                ? $scales
                : array_filter($scales, static fn (Scale $scale): bool => ScaleFitness::of($scale, $line->target)->fit);
        if ($fit === [] || count($fit) === count($scales)) {
            return ['scale'];
        }
        $names = implode(', ', array_keys($fit));

        return ['scale', $this->share("scale:$names", count($fit), $names)];
    }

    private function share(string $id, int $count, string $name): string
    {
        $this->counts[$id] = $count;
        $this->resources[$id] = $name;

        return $id;
    }
}
