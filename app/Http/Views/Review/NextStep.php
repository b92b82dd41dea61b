<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Practice\Aim;

/** The one thing to do next. */
final readonly class NextStep extends View
{
    /**
     * @param  list<string>  $aims  of practice
     */
    public function __construct(
        public ?string $said,
        public array $aims,
    ) {
    }

    public static function of(StudentReview $review): self
    {
        $next = $review->next();

        return $next === null
            ? new self(null, [])
            : new self(Said::phrase($next->title()), array_map(static fn (Aim $aim): string => $aim->id(), $next->aims()));
    }
}
