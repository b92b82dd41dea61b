<?php

declare(strict_types=1);

namespace App\Http\Controllers\Words;

use App\Http\Controllers\Controller;
use App\Http\Requests\Words\WordingRequest;
use App\Http\Views\Words\Wording;
use App\Live\Live;
use App\Models\Kitchen;
use App\Models\Section;
use App\Models\Teacher;
use App\Words\KitchenWords;
use Hovik\Core\Words\OwnWords;
use Hovik\Core\Words\Phrasebook;
use Hovik\Core\Words\WordingKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** What this kitchen says in its own words, in the reader's language. */
final class WordingController extends Controller
{
    /**
     * Every step, reason, note and caution, as the application says it and as this kitchen does.
     *
     * @return list<Wording>
     */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): array
    {
        $language = Phrasebook::language(app()->getLocale());
        $own = $teacher->kitchen->ownWordings()->where('language', $language)->pluck('text', 'phrase');
        $all = [];
        foreach (OwnWords::seeded($language) as $id => $seeded) {
            $kind = WordingKind::of($id);
            if ($kind !== null) {
                $all[] = new Wording($id, $kind, $seeded, $own[$id] ?? null, $kind->longest());
            }
        }

        return $all;
    }

    /** Say it so from now on, in labs that are open too. */
    public function update(
        WordingRequest $request, string $phrase, #[CurrentUser('teacher')] Teacher $teacher, KitchenWords $words,
    ): Response {
        $teacher->kitchen->ownWordings()->updateOrCreate(
            ['language' => Phrasebook::language(app()->getLocale()), 'phrase' => $phrase], ['text' => $request->words()],
        );
        self::tell($teacher->kitchen, $words);

        return response()->noContent();
    }

    /** Say it as the application does again. */
    public function destroy(string $phrase, #[CurrentUser('teacher')] Teacher $teacher, KitchenWords $words): Response
    {
        $teacher->kitchen->ownWordings()->where('language', Phrasebook::language(app()->getLocale()))->where('phrase', $phrase)->delete();
        self::tell($teacher->kitchen, $words);

        return response()->noContent();
    }

    private static function tell(Kitchen $kitchen, KitchenWords $words): void
    {
        $words->changed();
        foreach (Section::query()->where('kitchen_id', $kitchen->id)->has('openLab')->with('openLab')->get() as $section) {
            Live::tellWords($section);
        }
    }
}
