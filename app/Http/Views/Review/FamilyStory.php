<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Cell;
use Hovik\Core\Words\Phrase;

/** How somebody runs with a family of foods. */
final readonly class FamilyStory extends View
{
    /**
     * @param  string|null  $growth  null where it is about the same
     * @param  string|null  $helped  the step that made the difference
     */
    public function __construct(
        public string $family,
        public ReviewCell $cell,
        public ?string $growth,
        public ?string $helped,
    ) {
    }

    public static function of(StudentReview $review, Family $family, Cell $cell): self
    {
        $growth = $review->growth($family->value)?->said();
        $helped = $review->helped($family->value);

        return new self(
            $family->value, ReviewCell::of($family, $cell, [0, 0], [0, 0]), $growth === null ? null : Said::phrase($growth),
            $helped === null ? null : Said::phrase(Phrase::of('helped.step', [
                'step' => Said::step($helped->step, null, $family, isShort: true)['text'], 'level' => $helped->levelWith,
                'with' => $helped->with, 'without' => $helped->without, 'levelWithout' => $helped->levelWithout,
            ])),
        );
    }
}
