<?php

declare(strict_types=1);

namespace App\Http\Views\Term;

use App\Http\Views\View;

final readonly class TermDay extends View
{
    /**
     * @param  string|null  $bells  which ring; null: none, or the school did not tell
     * @param  bool  $is_school  false where the calendar says that there is none
     * @param  list<TermLab>  $labs  as the day goes
     */
    public function __construct(
        public string $date,
        public ?string $bells,
        public bool $is_school,
        public array $labs,
    ) {
    }
}
