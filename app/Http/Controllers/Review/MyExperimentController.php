<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Review\ExperimentWeighingRequest;
use App\Http\Requests\Review\OwnDifferenceRequest;
use App\Http\Requests\Review\WhoTriesRequest;
use App\Http\Views\Review\MyExperiment;
use App\Http\Views\Review\OwnDifference;
use App\Models\Experiment;
use App\Models\Station;
use App\Models\Student;
use App\Review\RunExperiment;
use App\Words\Said;
use Hovik\Core\Standard\ExperimentPlan;
use Illuminate\Container\Attributes\CurrentUser;

/** The experiment that a class is at, for its students. */
final class MyExperimentController extends Controller
{
    /** What there is to try, for one of those who are here. */
    public function show(WhoTriesRequest $request, #[CurrentUser] Student|Station $actor): MyExperiment
    {
        return MyExperiment::of(self::now($actor), $actor, self::who($actor, $request->integer('student')));
    }

    /** One weighing. */
    public function update(
        ExperimentWeighingRequest $request, string $weighing, #[CurrentUser] Student|Station $actor, RunExperiment $running,
    ): MyExperiment {
        $experiment = self::now($actor);
        if ($experiment->state !== 'open') {
            throw new Refusal('refusal.experiment-over');
        }
        $columns = $request->columns($experiment);
        $running->keep($experiment, strtoupper($weighing), $columns);

        return MyExperiment::of($experiment, $actor, self::who($actor, $request->integer('student_id')));
    }

    /** Their own difference, worked out by themselves. */
    public function difference(OwnDifferenceRequest $request, #[CurrentUser] Student|Station $actor): OwnDifference
    {
        $experiment = self::now($actor);
        $student = self::who($actor, $request->integer('student_id'));
        $grams = array_values($student === null ? [] : ($experiment->byStudent()[$student->id] ?? []));
        if (count($grams) < 2) {
            throw new Refusal('refusal.too-few-to-compare');
        }
        $said = $request->float('grams');

        return new OwnDifference(ExperimentPlan::isOwnDifference($said, $grams), Said::phrase(ExperimentPlan::said($said, $grams)));
    }

    private static function now(Student|Station $actor): Experiment
    {
        return Experiment::query()->where('section_id', $actor->section_id)->where('state', '<>', 'prepared')->get()
            ->sortBy(static fn (Experiment $one): array => [$one->state === 'open' ? 1 : 0, $one->id])->last()
            ?? throw new Refusal('refusal.no-experiment', 404);
    }

    private static function who(Student|Station $actor, int $student): ?Student
    {
        return $actor instanceof Station ? $actor->students()->find($student) : $actor;
    }
}
