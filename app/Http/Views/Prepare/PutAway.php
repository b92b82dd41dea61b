<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Recipe;
use App\Models\Section;
use App\Models\Teacher;

/** What was put away: the kitchen's recipes, and labs of the teacher's classes; the last one first. */
final readonly class PutAway extends View
{
    private const MOST = 200;

    /**
     * @param  list<PutAwayThing>  $recipes
     * @param  list<PutAwayThing>  $labs
     */
    public function __construct(
        public array $recipes,
        public array $labs,
    ) {
    }

    public static function of(Teacher $teacher): self
    {
        $recipes = $teacher->kitchen->recipes->whereNotNull('archived_at')->sortByDesc('archived_at')->take(self::MOST);
        $labs = $teacher->running()->load(['labs' => static fn ($labs) => $labs->getQuery()->whereNotNull('archived_at')])
            ->flatMap(static fn (Section $one): array => $one->labs->map(
                static fn (Lab $lab): PutAwayThing => PutAwayThing::lab($lab, $one),
            )->all())->sortByDesc('archived_at')->take(self::MOST);

        return new self(
            array_values($recipes->map(
                static fn (Recipe $one): PutAwayThing => PutAwayThing::recipe($one),
            )->all()),
            array_values($labs->all()),
        );
    }
}
