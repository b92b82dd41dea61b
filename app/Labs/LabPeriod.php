<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\Scale;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\LearnedTimes;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\Scheduler;
use Hovik\Core\Plan\LinePlan;
use Hovik\Core\Plan\Way;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A lab from bell to bell: what its stations share, how long things take, and the core's plan of it. */
final readonly class LabPeriod
{
    private const HANDS = 2;

    private const USUAL_BLOCKS = [Fixed::SetUp, Fixed::Demonstration, Fixed::Check, Fixed::Mixing, Fixed::CleanUp];

    /**
     * @param  array<array-key, string>  $lines  names, by line id
     * @param  array<string, string>  $resources  names, by resource id
     * @param  list<string>  $stations  names
     */
    private function __construct(public PeriodPlan $plan, public array $lines, public array $resources, public array $stations)
    {
    }

    public static function of(Lab $lab): self
    {
        $section = $lab->section;
        $sheet = LabSheet::of($lab);
        $scales = $section->kitchen->scales;
        $gaps = self::gaps($section);
        $owned = $section->kitchen->tools->pluck('count', 'catalogue_id');
        $counts = $scales->isEmpty() ? [] : ['scale' => $scales->count()];
        $named = ['scale' => Said::phrase(Phrase::of('period.scale'))];
        $lines = $names = [];
        foreach ($sheet->lines as ['item' => $item, 'plan' => $plan]) {
            $id = (string) $item->id;
            $names[$id] = Said::ingredient($plan->ingredient->id);
            $needs = [];
            if ($item->shared) {
                $needs[] = $shelf = "supply:$id";
                $counts[$shelf] = 1;
                $named[$shelf] = $names[$id];
            }
            foreach ($plan->plans->best()->fills ?? [] as $fill) {
                $count = (int) $owned->get($fill->tool->id, 0);
                if ($count > 0 && $count < $sheet->stations && ! in_array("tool:{$fill->tool->id}", $needs, true)) {
                    $needs[] = $tool = "tool:{$fill->tool->id}";
                    $counts[$tool] = $count;
                    $named[$tool] = Said::phrase($fill->tool->called());
                }
            }
            $weighs = self::scalesFor($plan, $scales->all(), $counts, $named);
            $isWeighedOut = $item->way === Way::Weight || $plan->plans->best() === null;
            $isWeighedAfter = ! $isWeighedOut && $item->way !== Way::Volume && $weighs !== [];
            $family = $plan->ingredient->family;
            $lines[] = new PeriodLine(
                $id,
                $family,
                $isWeighedOut ? [...$needs, ...$weighs] : $needs,
                $isWeighedAfter ? $weighs : [],
                LearnedTimes::measureS($family, $gaps[$family->value] ?? [], self::HANDS),
                $isWeighedAfter ? PeriodLine::WEIGH_S : 0,
            );
        }
        $minutes = max(1, (int) Carbon::parse($section->starts_at)->diffInMinutes(Carbon::parse($section->ends_at)));
        $period = Period::of($minutes, $sheet->stations, self::HANDS, $lines, $counts, self::blocks($lab));

        return new self(Scheduler::plan($period), $names, $named, array_values($section->stations->pluck('name')->all()));
    }

    /** @return array<string, int> s by block: the teacher's, or the usual ones */
    public static function blocks(Lab $lab): array
    {
        $blocks = [];
        foreach (self::USUAL_BLOCKS as $block) {
            $blocks[$block->value] = $lab->blocks[$block->value] ?? $block->usualS();
        }

        return $blocks;
    }

    /**
     * Lines in the order in which each station begins them.
     *
     * @return list<list<int>> item ids, by place of the station
     */
    public function orders(): array
    {
        return array_map(fn (int $station): array => array_map(intval(...), $this->plan->orderOf($station)), range(0, $this->plan->period->stations - 1));
    }

    /**
     * Where only some scales can judge so little, those are what it waits for.
     *
     * @param  array<array-key, Scale>  $scales
     * @param  array<string, int>  $counts
     * @param  array<string, string>  $named
     * @return list<string>
     */
    private static function scalesFor(LinePlan $plan, array $scales, array &$counts, array &$named): array
    {
        if ($scales === []) {
            return [];
        }
        $target = Target::of($plan->targetG->toFloat(), $plan->tolerance);
        $fit = array_filter($scales, static fn (Scale $scale): bool => ScaleFitness::of($scale->toCore(), $target)->fit);
        if ($fit === [] || count($fit) === count($scales)) {
            return ['scale'];
        }
        $id = 'scale:'.implode(',', array_map(static fn (Scale $scale): int => $scale->id, $fit));
        $counts[$id] = count($fit);
        $named[$id] = implode(', ', array_map(static fn (Scale $scale): string => $scale->name, $fit));

        return ['scale', $id];
    }

    /** @return array<string, list<float>> s between a station's weigh-ins in this class's labs, by family of the later one */
    private static function gaps(Section $section): array
    {
        $rows = DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')->join('labs', 'labs.id', '=', 'lab_lines.lab_id')
            ->where('labs.section_id', $section->id)->where('weighings.source', '<>', 'paper')->orderByDesc('weighings.created_at')->limit(1000)
            ->get(['labs.id as lab_id', 'weighings.station_id', 'lab_lines.family', 'weighings.created_at'])->reverse();
        $gaps = $before = [];
        foreach ($rows as $row) {
            /** @var stdClass $row */
            $at = (float) Carbon::parse($row->created_at, 'UTC')->format('U.v');
            $key = "$row->lab_id $row->station_id";
            if (isset($before[$key]) && Family::tryFrom($row->family) !== null) {
                $gaps[$row->family][] = $at - $before[$key];
            }
            $before[$key] = $at;
        }

        return $gaps;
    }
}
