<?php

declare(strict_types=1);

namespace App\Http\Controllers\Marks;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Marks\LabRubricRequest;
use App\Http\Requests\Marks\RubricRequest;
use App\Http\Views\Made;
use App\Http\Views\Marks\RubricList;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Mark;
use App\Models\Rubric;
use App\Models\Teacher;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Response;

/** A kitchen's rubrics, and which one a lab is marked by. */
final class RubricController extends Controller
{
    /** Those that are ready, and the kitchen's own. */
    public function index(#[CurrentUser] Teacher $teacher): RubricList
    {
        return RubricList::of($teacher->kitchen);
    }

    /** A new one. */
    public function store(RubricRequest $request, #[CurrentUser] Teacher $teacher): Made
    {
        $rubric = $request->rubric();
        try {
            return new Made($teacher->kitchen->rubrics()->create(['name' => $rubric->name, 'rubric' => $rubric])->id);
        } catch (UniqueConstraintViolationException) {
            throw new Refusal('refusal.rubric-name');
        }
    }

    /** Changed: labs keep the one they were given. */
    public function update(RubricRequest $request, Rubric $rubric): Response
    {
        $changed = $request->rubric();
        try {
            $rubric->update(['name' => $changed->name, 'rubric' => $changed]);
        } catch (UniqueConstraintViolationException) {
            throw new Refusal('refusal.rubric-name');
        }

        return response()->noContent();
    }

    /** Taken away: labs keep the one they were given. */
    public function destroy(Rubric $rubric): Response
    {
        $rubric->delete();

        return response()->noContent();
    }

    /** Mark a lab by a rubric. One that has a part which nothing in the lab can show is refused, by its name. */
    public function give(LabRubricRequest $request, Lab $lab): Response
    {
        if (Mark::query()->where('lab_id', $lab->id)->where('accepted_at', '<>', null)->exists()) {
            throw new Refusal('refusal.marks-accepted');
        }
        $rubric = $request->rubric($lab->section->kitchen);
        $rubric?->mustFit(self::lines($lab));
        if ($lab->state === LabState::Closed && $lab->is_exam !== $request->boolean('exam')) {
            throw new Refusal('refusal.exam-over');
        }
        $lab->update(['rubric' => $rubric, 'is_exam' => $request->boolean('exam')]);

        return response()->noContent();
    }

    /** @return list<FrozenLine> as frozen, or as they would be now */
    private static function lines(Lab $lab): array
    {
        if ($lab->state->isFrozen()) {
            return array_values($lab->lines->map(static fn (LabLine $line): FrozenLine => $line->frozen)->all());
        }
        $planner = $lab->section->linePlanner();
        $lines = [];
        foreach ($lab->items as $item) {
            $lines[] = FrozenLine::of($item->plan($planner), $item->position, $item->text, [], $item->shared, []);
        }

        return $lines;
    }
}
