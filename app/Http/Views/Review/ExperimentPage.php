<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Models\Experiment;
use App\Models\ExperimentWeighing;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Standard\TechniqueComparison;
use Hovik\Core\Statistics\PairDifference;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Words\Phrase;

/** A class's experiment: who does what, what was weighed, and what it says. */
final readonly class ExperimentPage extends View
{
    /**
     * @param  'prepared'|'open'|'shown'  $state
     * @param  string  $food  by name
     * @param  string  $tool  that is filled
     * @param  list<ArmPage>  $arms
     * @param  list<ExperimentStudent>  $students  in the class's order
     * @param  list<string>  $said  the result in honest sentences; none while there are too few
     * @param  list<ArmDifference>  $differences  of every two
     * @param  bool  $can_tell  at least two can be told apart
     * @param  int|null  $odd  students whose weighings are of all of them; null where each does one
     */
    public function __construct(
        public int $id,
        public int $section_id,
        public string $section,
        public string $title,
        public string $state,
        public string $food_id,
        public string $food,
        public string $tool,
        public bool $by_all,
        public string $day,
        public array $arms,
        public array $students,
        public array $said,
        public array $differences,
        public bool $can_tell,
        public ?int $odd,
    ) {
    }

    public static function of(Experiment $experiment): self
    {
        $comparison = $experiment->comparison();
        $byStudent = $experiment->byStudent();
        $differences = self::differences($comparison);
        $students = Student::query()->where('section_id', $experiment->section_id)->get()->sortBy('roster_number')
            ->filter(static fn (Student $one): bool => $one->erased_at === null || isset($byStudent[$one->id]));
        $whole = array_filter($byStudent, static fn (array $of): bool => count($of) === count($experiment->arms));

        return new self(
            id: $experiment->id,
            section_id: $experiment->section_id,
            section: $experiment->section->name,
            title: $experiment->title,
            state: $experiment->state,
            food_id: $experiment->ingredient_id,
            food: Said::ingredient($experiment->ingredient_id),
            tool: ArmPage::tool($experiment->catalogue_id),
            by_all: $experiment->by_all,
            day: ($experiment->created_at ?? now())->toDateString(),
            arms: array_map(static fn (Arm $arm): ArmPage => ArmPage::of($arm, $experiment, $comparison), $experiment->arms),
            students: array_values($students->map(static fn (Student $one): ExperimentStudent => new ExperimentStudent(
                $one->id, $one->erased_at === null ? $one->name : Said::phrase(Phrase::of('student.former')), $one->station?->name,
                $experiment->dealt[$one->id] ?? [],
                array_values($experiment->weighings->where('student_id', $one->id)->map(
                    static fn (ExperimentWeighing $of): ArmGrams => new ArmGrams($of->arm, (float) $of->grams),
                )->all()),
            ))->all()),
            said: $comparison === null ? [] : array_map(Said::phrase(...), $comparison->inWords()),
            differences: $differences,
            can_tell: array_filter($differences, static fn (ArmDifference $one): bool => $one->told) !== [],
            odd: $experiment->by_all ? count($whole) : null,
        );
    }

    /** @return list<ArmDifference> */
    private static function differences(?TechniqueComparison $comparison): array
    {
        $two = $comparison?->difference();
        if ($comparison !== null && $two !== null) {
            [$first, $second] = array_keys($comparison->groups);

            return [new ArmDifference($first, $second, $two->mean, $two->interval[0], $two->interval[1], $two->isTold())];
        }

        return array_map(static fn (PairDifference $pair): ArmDifference => new ArmDifference(
            $pair->first, $pair->second, $pair->mean, $pair->interval[0], $pair->interval[1], $pair->isTold(),
        ), $comparison?->variance()?->pairs() ?? []);
    }

    /** @return Sample|null of an arm's weighings that are compared */
    public static function sample(?TechniqueComparison $comparison, string $name): ?Sample
    {
        return $comparison->groups[$name] ?? null;
    }
}
