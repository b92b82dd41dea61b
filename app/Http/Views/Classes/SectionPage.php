<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\Prepare\EditedPoint;
use App\Http\Views\View;
use App\Models\Section;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Lab\EditedList;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Weighing\Tolerance;

/** A class: its settings, people and codes. */
final readonly class SectionPage extends View
{
    /**
     * @param  list<string>  $periods  of the school's bells, to choose from; none where it has not told them
     * @param  list<MethodChoice>  $schools  where cooks disagree about a family
     * @param  list<FamilyTolerance>  $families  what is Level for each
     * @param  list<RuleQuestion>  $questions  and about everything else
     * @param  list<EditedPoint>  $set_up  what stations tick before they measure
     * @param  list<SeatStation>  $stations
     * @param  list<RosterStudent>  $students
     * @param  list<ColleagueRow>  $colleagues
     */
    public function __construct(
        public int $id,
        public string $code,
        public SectionSettings $settings,
        public array $periods,
        public array $schools,
        public array $families,
        public array $questions,
        public array $set_up,
        public array $stations,
        public array $students,
        public array $colleagues,
    ) {
    }

    public static function of(Section $section): self
    {
        $today = $section->today();

        return new self(
            id: $section->id,
            code: $section->code,
            settings: SectionSettings::of($section),
            periods: $section->kitchen->school->bells()->periods(),
            families: array_map(static fn (Family $family): FamilyTolerance => new FamilyTolerance(
                $family, $section->tolerancePolicy()->percent($family), Tolerance::usualPercent($family, $section->tolerance_level),
            ), Family::cases()),
            schools: array_map(
                static fn (Family $family): MethodChoice => MethodChoice::of($family, $section),
                [Family::FinePowder, Family::MoistSugar],
            ),
            questions: array_map(
                static fn (string $question): RuleQuestion => RuleQuestion::of($question, $section),
                array_keys(HouseRules::QUESTIONS),
            ),
            set_up: self::setUp($section),
            stations: array_values($section->stations->map(SeatStation::of(...))->all()),
            students: array_values(
                $section->students->load('station')->map(static fn (Student $one): RosterStudent => RosterStudent::of($one, $today))->all(),
            ),
            colleagues: array_values($section->colleagues->map(ColleagueRow::of(...))->all()),
        );
    }

    /** @return list<EditedPoint> */
    private static function setUp(Section $section): array
    {
        $usual = StationChecklist::SetUp->usual([]);

        return EditedPoint::all(array_combine($usual, array_map(
            static fn (string $item): string => Said::phrase(StationChecklist::said($item, [])), $usual,
        )), $section->set_up ?? new EditedList);
    }
}
