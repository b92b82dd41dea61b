<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Database\OneTrip;
use App\Http\Views\Prepare\StepOfDirections;
use App\Http\Views\View;
use App\Labs\LabLog;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Models\RecipeVersion;
use App\Models\Scale;
use App\Models\Station;
use App\Words\KitchenWords;
use Hovik\Core\Recipe\Directions\DoneBy;
use Illuminate\Support\Facades\DB;

/** Stations by ingredients, with every weighing. */
final readonly class Board extends View
{
    /**
     * @param  bool  $runs  the lab; an aide watches it, and sees no targets
     * @param  list<BoardLine>  $lines  those that are weighed
     * @param  list<BoardStation>  $stations
     * @param  list<Owes>  $owe  who weighed nothing in a lab that is over; for whoever runs it
     * @param  list<BoardScale>  $scales
     * @param  list<StepOfDirections>  $adults  steps of the directions that the teacher does, or is there for
     * @param  list<BoardWeighing>  $weighings  every attempt, by line, station and attempt
     */
    public function __construct(
        public BoardLab $lab,
        public bool $runs,
        public int $section_id,
        public string $section,
        public string $time_zone,
        public array $lines,
        public array $stations,
        public array $owe,
        public array $scales,
        public array $adults,
        public array $weighings,
        public BoardTotals $totals,
    ) {
    }

    public static function of(Lab $lab, bool $runs = true): self
    {
        $section = $lab->section;
        $today = $section->kitchen->school->today();
        $words = app(KitchenWords::class);
        [$scales, $own, $recipe, $stations, $students, $weighed, $happened, $ticked] = OneTrip::rows(
            Scale::ofKitchen($section->kitchen_id), $words->query(app()->getLocale()), $lab->recipeVersion()->toBase(),
            ...Station::withStudents($lab->stations()->toBase(), DB::table('students')->where('section_id', $section->id)),
            ...LabLog::queries([$lab->id]),
        );
        $words->read(app()->getLocale(), $own);
        $section->kitchen->setRelation('scales', Scale::checked($scales));
        $lab->setRelation('recipeVersion', RecipeVersion::query()->hydrate($recipe)->first());
        $log = LabLog::fromRows([$lab->id], $weighed, $happened, $ticked)[$lab->id];
        $weighings = BoardWeighing::all($log, $lab);

        return new self(
            lab: BoardLab::of($lab),
            runs: $runs,
            section_id: $section->id,
            section: $section->name,
            time_zone: $section->kitchen->school->time_zone,
            lines: $runs ? LabWords::board($lab) : array_map(
                static fn (BoardLine $line): BoardLine => $line->withoutTarget(), LabWords::board($lab),
            ),
            stations: BoardStation::all($lab, $log, Station::seated($stations, $students)),
            owe: $runs ? Owes::all($lab) : [],
            scales: array_values($section->kitchen->workingScales()->map(
                fn (Scale $scale): BoardScale => new BoardScale(
                    $scale->id, $scale->name, $scale->isTriedOn($today), $scale->isCheckedOn($today),
                ),
            )->all()),
            adults: array_values(array_filter(
                LabWords::directions($lab), static fn (StepOfDirections $step): bool => $step->by !== DoneBy::Student,
            )),
            weighings: $weighings,
            totals: BoardTotals::of($weighings),
        );
    }
}
