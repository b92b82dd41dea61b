<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Http\Requests\Review\PictureRequest;
use App\Models\Section;
use App\Models\Station;
use App\Models\StepPicture;
use App\Models\Student;
use App\Models\Teacher;
use App\Photos\PictureFiles;
use Hovik\Core\Technique\Step;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** A teacher's own picture of a technique's step, for everybody of the kitchen. */
final class StepPictureController extends Controller
{
    /** A picture, or another one. */
    public function update(PictureRequest $request, Step $of, #[CurrentUser] Teacher $teacher): Response
    {
        PictureFiles::disk()->put(PictureFiles::ofStep($teacher->kitchen_id, $of->value), $request->jpeg());
        StepPicture::query()->updateOrCreate(['kitchen_id' => $teacher->kitchen_id, 'step' => $of->value]);

        return response()->noContent();
    }

    /** Taken away. */
    public function destroy(Step $of, #[CurrentUser] Teacher $teacher): Response
    {
        StepPicture::query()->where('kitchen_id', $teacher->kitchen_id)->where('step', $of->value)->first()?->delete();

        return response()->noContent();
    }

    /** The picture itself. */
    public function show(Step $of, #[CurrentUser] Teacher|Student|Station $actor): FileAnswer
    {
        $kitchen = $actor instanceof Teacher ? $actor->kitchen_id : Section::query()->findOrFail($actor->section_id)->kitchen_id;
        $picture = StepPicture::query()->where('kitchen_id', $kitchen)->where('step', $of->value)->first();
        abort_if($picture === null, 404);

        return new FileAnswer(PictureFiles::get($picture->path()) ?? abort(404), $of->value, 'jpg', 'image/jpeg');
    }
}
