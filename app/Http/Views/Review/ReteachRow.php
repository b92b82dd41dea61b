<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Review\Reteach;
use Hovik\Core\Review\Side;

/** Something to teach again. */
final readonly class ReteachRow extends View
{
    /**
     * @param  string  $who  how many, and by how much
     * @param  list<int>  $students
     * @param  list<string>  $aims  of practice
     * @param  string|null  $food  that was measured most of it: for an experiment, or to weigh again
     */
    public function __construct(
        public string $family,
        public Side $side,
        public string $title,
        public string $who,
        public array $students,
        public int $minutes,
        public array $aims,
        public ?string $food,
    ) {
    }

    public static function of(Reteach $one, ?string $food): self
    {
        return new self(
            $one->family->value, $one->side, Said::phrase($one->title()), Said::phrase($one->who()), $one->students, $one->minutes,
            array_map(static fn (Aim $aim): string => $aim->id(), $one->aims()), $food,
        );
    }
}
