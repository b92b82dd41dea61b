<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Review\ExperimentRequest;
use App\Http\Requests\Review\ExperimentWeighingRequest;
use App\Http\Views\Made;
use App\Http\Views\Review\ExperimentList;
use App\Http\Views\Review\ExperimentPage;
use App\Models\Experiment;
use App\Models\Section;
use App\Review\RunExperiment;
use Illuminate\Http\Response;

/** A class's experiments, by its teacher. */
final class ExperimentController extends Controller
{
    /** The class's experiments, and what new ones may be made of. */
    public function index(Section $section): ExperimentList
    {
        return ExperimentList::of($section);
    }

    /** A new experiment. */
    public function store(ExperimentRequest $request, Section $section): Made
    {
        return new Made($section->experiments()->create($request->columns($section))->id);
    }

    /** Who does what, what was weighed, and what it says. */
    public function show(Experiment $experiment): ExperimentPage
    {
        return ExperimentPage::of($experiment);
    }

    /** Deal it out, and let students begin. */
    public function open(Experiment $experiment, RunExperiment $running): Response
    {
        $running->open($experiment, random_int(1, 1 << 30));

        return response()->noContent();
    }

    /** Show the class its result. */
    public function reveal(Experiment $experiment): Response
    {
        if ($experiment->comparison() === null) {
            throw new Refusal('refusal.too-few-to-compare');
        }
        $experiment->update(['state' => 'shown']);

        return response()->noContent();
    }

    /** A weighing from a sheet of paper, or one put right. */
    public function weigh(
        ExperimentWeighingRequest $request, Experiment $experiment, string $weighing, RunExperiment $running,
    ): ExperimentPage {
        $running->keep($experiment, strtoupper($weighing), $request->columns($experiment));

        return ExperimentPage::of($experiment);
    }

    /** Take it away, with what was weighed. */
    public function destroy(Experiment $experiment): Response
    {
        $experiment->delete();

        return response()->noContent();
    }
}
