<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Http\Requests\Review\PhotoRequest;
use App\Http\Views\Review\PhotoRow;
use App\Models\Photo;
use App\Models\Station;
use App\Models\Student;
use App\Photos\PictureFiles;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Pictures of what was measured: hands and food, no faces. Seen by the station and the class's teacher. */
final class PhotoController extends Controller
{
    /** A few of a line at a station; more would fill the backup. */
    private const MOST_OF_A_LINE = 4;

    /**
     * Those of this station's lab.
     *
     * @return list<PhotoRow>
     */
    public function index(#[CurrentUser] Student|Station $actor): array
    {
        $station = $actor instanceof Station ? $actor : $actor->station;
        $lab = $station?->labNow();

        return $station === null || $lab === null ? [] : PhotoRow::ofStation($lab, $station);
    }

    /** Keep a picture with its line; sent twice it is kept once. */
    public function update(PhotoRequest $request, string $photo, #[CurrentUser] Student|Station $actor): Response
    {
        $station = ($actor instanceof Station ? $actor : $actor->station) ?? throw new Refusal('refusal.not-seated');
        $lab = $station->labNow() ?? throw new Refusal('refusal.lab-not-open');
        if (! $lab->section->kitchen->school->photos) {
            throw new Refusal('refusal.photos-off');
        }
        $line = $lab->lines()->findOrFail($request->integer('line_id'));
        $student = $actor instanceof Student ? $actor : $station->students()->find($request->integer('student_id'));
        $id = strtoupper($photo);
        if (Photo::query()->whereKey($id)->exists()) {
            return response()->noContent();
        }
        if (Photo::query()->where('lab_line_id', $line->id)->where('station_id', $station->id)->count() >= self::MOST_OF_A_LINE) {
            throw new Refusal('refusal.photos-enough');
        }
        PictureFiles::disk()->put(PictureFiles::ofPhoto($lab->section_id, $id), $request->jpeg());
        Photo::query()->create([
            'id' => $id, 'section_id' => $lab->section_id, 'lab_line_id' => $line->id, 'station_id' => $station->id,
            'student_id' => $student?->id,
        ]);

        return response()->noContent();
    }

    /** The picture itself. */
    public function show(Photo $photo): FileAnswer
    {
        return new FileAnswer(PictureFiles::get($photo->path()) ?? abort(404), $photo->id, 'jpg', 'image/jpeg');
    }

    /** Taken away, for good. */
    public function destroy(Photo $photo): Response
    {
        $photo->delete();

        return response()->noContent();
    }
}
