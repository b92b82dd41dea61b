<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Http\Controllers\Controller;
use App\Http\Requests\Review\CompetenciesRequest;
use App\Http\Views\Review\CompetencyPage;
use App\Models\Section;
use App\Review\ClassReview;
use App\Review\KeepTerm;
use App\Review\TermPart;
use Illuminate\Support\Facades\DB;

/** The school's own list of skills, and what a class has shown of it. */
final class CompetencyController extends Controller
{
    /** Who has shown what, and by what evidence. */
    public function index(Section $section, KeepTerm $keeping): CompetencyPage
    {
        return CompetencyPage::of($section, ClassReview::of($section, $keeping, new TermPart));
    }

    /** The list, whole, as it shall be. */
    public function update(CompetenciesRequest $request, Section $section, KeepTerm $keeping): CompetencyPage
    {
        $kept = $request->kept();
        DB::transaction(static function () use ($section, $kept): void {
            $section->kitchen->competencies()->delete();
            foreach ($kept as $position => $one) {
                $section->kitchen->competencies()->create(['position' => $position] + $one);
            }
        });

        return $this->index($section, $keeping);
    }
}
