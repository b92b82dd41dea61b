<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Lab\Owes;
use App\Http\Views\View;
use App\Labs\LabTimeline;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Mark;
use App\Models\RecipeNote;
use App\Review\ClassReview;
use App\Review\KeepTerm;
use App\Review\TermPart;
use App\Weighings\BakeReport;
use App\Words\Said;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Review\LineOfLab;
use Hovik\Core\Review\TermRow;

/** A lab looked back on. */
final readonly class LabReviewPage extends View
{
    /**
     * @param  int  $minutes  it took
     * @param  int  $first  Level at the first try, of n
     * @param  int  $second  tried again; of those gained are Level then
     * @param  list<LabLineRow>  $lines
     * @param  list<CauseCount>  $causes  what misses came from, most often first
     * @param  list<LabLane>  $lanes
     * @param  list<FaultSuspect>  $faults  of the bakes, the most suspect weight of each
     * @param  list<Owes>  $owes  who has weighed nothing, or makes it up
     * @param  list<PhotoRow>  $photos
     * @param  string  $note  for the next time this recipe is used
     * @param  int|null  $accepted  marks; null: it has no rubric
     */
    public function __construct(
        public int $lab_id,
        public string $lab,
        public string $day,
        public bool $over,
        public int $minutes,
        public int $first,
        public int $n,
        public int $second,
        public int $gained,
        public array $lines,
        public array $causes,
        public array $lanes,
        public array $faults,
        public array $owes,
        public array $photos,
        public string $note,
        public bool $has_recipe,
        public ?int $accepted,
    ) {
    }

    public static function of(Lab $lab, KeepTerm $keeping): self
    {
        $review = ClassReview::of($lab->section, $keeping, new TermPart($lab->id));
        $byLine = collect($review->rows)->groupBy(static fn (TermRow $row): int => $row->line);
        $lines = array_values($lab->weighedLines()->filter(static fn (LabLine $line): bool => $byLine->has($line->id))
            ->map(static fn (LabLine $line): LabLineRow => self::line($line, array_values($byLine[$line->id]->all())))->all());
        $sum = static fn (string $of): int => (int) array_sum(array_column($lines, $of));
        $lanes = self::lanes($lab);

        return new self(
            lab_id: $lab->id,
            lab: $lab->title,
            day: $lab->planned_for->toDateString(),
            over: $lab->state === LabState::Closed,
            minutes: LabTimeline::minutes($lab),
            first: $sum('first'),
            n: $sum('n'),
            second: $sum('second'),
            gained: $sum('gained'),
            lines: $lines,
            causes: self::causes($review->rows),
            lanes: $lanes['lanes'],
            faults: $lanes['faults'],
            owes: Owes::all($lab),
            photos: PhotoRow::ofLab($lab),
            note: RecipeNote::query()->where('lab_id', $lab->id)->first()->text ?? '',
            has_recipe: $lab->recipeVersion !== null,
            accepted: $lab->rubric === null ? null : Mark::query()->where('lab_id', $lab->id)->where('accepted_at', '<>', null)->count(),
        );
    }

    /** @param  list<TermRow>  $rows */
    private static function line(LabLine $line, array $rows): LabLineRow
    {
        $of = LineOfLab::of($rows);
        $dots = [];
        $nearest = [];
        foreach ($rows as $row) {
            if ($row->isBest) {
                $nearest[$row->student] = $row;
            }
        }
        foreach ($rows as $row) {
            if ($row->isFirst()) {
                $best = $row->isBest ? null : $nearest[$row->student] ?? null;
                $dots[] = new LabDot(
                    $row->student, $row->verdict->value, $row->weighing->inTolerances(), $best?->weighing->inTolerances(),
                );
            }
        }
        $target = $line->target();

        return new LabLineRow(
            $line->id, Said::ingredient($line->ingredient_id), Said::measure($line->frozen->measure), $target->grams, $target->toleranceG(),
            $of->n, $of->first, $of->second, $of->gained, $of->bias, $of->spread, $of->reads->habit, $dots,
        );
    }

    /**
     * @param  list<TermRow>  $rows
     * @return list<CauseCount>
     */
    private static function causes(array $rows): array
    {
        $counts = array_count_values(array_map(
            static fn (TermRow $row): string => $row->cause->value ?? '',
            array_filter($rows, static fn (TermRow $row): bool => $row->cause !== null && $row->cause !== Cause::Sound),
        ));
        arsort($counts);

        return array_map(static fn (string $cause, int $count): CauseCount => new CauseCount(
            Said::phrase(Cause::from($cause)->said()), Said::phrase(Cause::from($cause)->next()), $count,
        ), array_keys($counts), $counts);
    }

    /** @return array{lanes: list<LabLane>, faults: list<FaultSuspect>} */
    private static function lanes(Lab $lab): array
    {
        $lanes = $faults = [];
        foreach (LabTimeline::of($lab) as $one) {
            $report = BakeReport::of($lab, $one['station']);
            $lanes[] = new LabLane(
                $one['station']->id, $one['station']->shownName(), $one['stuck'], $one['released'], $one['pegs'],
                array_map(static fn (Fault $fault): string => Said::phrase($fault->said()), $report->faults),
                array_map(static fn (array $suspect): string => Said::phrase($suspect['said']), $report->suspects),
            );
            foreach ($report->faults as $fault) {
                $suspect = $report->suspects[0]['said'] ?? null;
                $faults[] = new FaultSuspect(
                    Said::phrase($fault->said()), $one['station']->shownName(), $suspect === null ? '' : Said::phrase($suspect),
                );
            }
        }

        return ['lanes' => $lanes, 'faults' => $faults];
    }
}
