<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Student;
use App\Review\ClassReview;
use App\Review\TermPart;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\ClassTerm;
use Hovik\Core\Review\Reteach;

/** A class over a term, or a part of it. */
final readonly class ReviewPage extends View
{
    /**
     * @param  list<ReviewFamily>  $families  that were measured
     * @param  list<ReviewStudentRow>  $rows
     * @param  list<ReteachRow>  $reteach  what brings most a minute first
     * @param  list<MissLab>  $labs  newest first
     * @param  list<MissFood>  $foods
     * @param  int|null  $lab_id  that is looked at alone
     */
    public function __construct(
        public int $section_id,
        public string $section,
        public int $students,
        public int $weighings,
        public array $families,
        public array $rows,
        public array $reteach,
        public array $labs,
        public array $foods,
        public ?int $lab_id,
        public ?string $food,
        public ?string $from,
        public ?string $to,
    ) {
    }

    public static function of(ClassReview $review, TermPart $part): self
    {
        $section = $review->section;
        $term = $review->term;
        $none = [0, 0];
        $students = $section->students()->with('station')->get();
        // What was measured most comes last, and so stands for its family.
        $foods = (new TermPart)->rows($section)->groupBy('family', 'ingredient_id')->orderByRaw('COUNT(*)')
            ->get(['family', 'ingredient_id']);
        $most = $foods->pluck('ingredient_id', 'family');

        return new self(
            section_id: $section->id,
            section: $section->name,
            students: $students->count(),
            weighings: $review->count,
            families: array_map(static fn (Family $family): ReviewFamily => new ReviewFamily(
                $family->value, $term->level[$family->value]['lines'],
                ClassTerm::ofHundred($term->level[$family->value]['first'], $term->level[$family->value]['lines']),
                ClassTerm::ofHundred($term->level[$family->value]['best'], $term->level[$family->value]['lines']),
            ), $term->families),
            rows: array_values($students->map(static fn (Student $student): ReviewStudentRow => new ReviewStudentRow(
                $student->id, $student->name, $student->station?->shownName(),
                array_map(static fn (Family $family): ReviewCell => ReviewCell::of(
                    $family, $term->cells[$student->id][$family->value] ?? null, $review->seen[$student->id][$family->value] ?? $none,
                    $review->practised[$student->id][$family->value] ?? $none, false,
                ), $term->families),
                ...($review->scale[$student->id] ?? $none),
            ))->all()),
            reteach: array_map(static fn (Reteach $one): ReteachRow => ReteachRow::of(
                $one, $most[$one->family->value] ?? null,
            ), array_slice($term->reteach, 0, self::RETEACH)),
            labs: array_values($section->labs()->where('opened_at', '<>', null)->where('kind', 'recipe')->get()
                ->map(static fn (Lab $lab): MissLab => new MissLab($lab->id, $lab->title, $lab->planned_for->toDateString()))->all()),
            foods: self::foods(array_values(array_unique($foods->pluck('ingredient_id')->all()))),
            lab_id: $part->lab,
            food: $part->food,
            from: $part->from,
            to: $part->to,
        );
    }

    /**
     * @param  list<string>  $ids  that were measured
     * @return list<MissFood> by name
     */
    private static function foods(array $ids): array
    {
        $foods = array_map(static fn (string $id): MissFood => new MissFood($id, Said::ingredient($id)), $ids);
        usort($foods, static fn (MissFood $a, MissFood $b): int => strnatcasecmp($a->name, $b->name));

        return $foods;
    }

    /** As many as a teacher can take up. */
    private const RETEACH = 5;
}
