<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Person;
use App\Http\Views\View;
use App\Http\Views\Weigh\StationScale;
use App\Models\Experiment;
use App\Models\Station;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

/** What one student has to do in the class's experiment, and what came of it. No target is in it. */
final readonly class MyExperiment extends View
{
    /**
     * @param  list<Person>  $students  who may be trying: all of a station, or the student alone
     * @param  list<MyArm>  $arms  in the order dealt; none while nobody is chosen
     * @param  string|null  $ask_more  own difference is asked: how much more this one gave
     * @param  string|null  $ask_less  than this one
     * @param  list<string>  $said  the class's result, once the teacher shows it
     * @param  list<ArmDifference>  $differences
     * @param  list<StationScale>  $scales
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $food,
        public bool $shown,
        public array $students,
        public ?int $student_id,
        public array $arms,
        public ?string $ask_more,
        public ?string $ask_less,
        public array $said,
        public array $differences,
        public array $scales,
    ) {
    }

    public static function of(Experiment $experiment, Student|Station $actor, ?Student $student): self
    {
        $page = ExperimentPage::of($experiment);
        $shown = $experiment->state === 'shown';
        $grams = $student === null ? [] : ($experiment->byStudent()[$student->id] ?? []);
        $arms = array_column($page->arms, null, 'id');
        $order = $student === null ? [] : ($experiment->dealt[$student->id] ?? []);
        $isDone = $order !== [] && count($grams) === count($order) && count($order) > 1;
        // The heaviest against the lightest: a number above zero, that everybody can work out.
        $byWeight = $grams;
        asort($byWeight);
        $names = array_map($experiment->nameOf(...), array_keys($byWeight));

        return new self(
            id: $experiment->id,
            title: $experiment->title,
            food: $page->food,
            shown: $shown,
            students: $actor instanceof Station ? array_values($actor->students->map(Person::of(...))->all()) : [Person::of($actor)],
            student_id: $student?->id,
            arms: array_map(static fn (string $id): MyArm => new MyArm(
                $id, $arms[$id]->name, $arms[$id]->how === '' ? Said::phrase(Phrase::of('experiment.usual')) : $arms[$id]->how,
                $arms[$id]->tool, $arms[$id]->food, $grams[$id] ?? null,
            ), array_values(array_filter($order, static fn (string $id): bool => isset($arms[$id])))),
            ask_more: $isDone ? $names[count($names) - 1] : null,
            ask_less: $isDone ? $names[0] : null,
            said: $shown ? $page->said : [],
            differences: $shown ? $page->differences : [],
            scales: StationScale::all($experiment->section->kitchen),
        );
    }
}
