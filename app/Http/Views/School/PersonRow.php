<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\School\AdultRole;

final readonly class PersonRow extends View
{
    /**
     * @param  bool  $active  may come in
     * @param  int  $devices  on which they are signed in
     * @param  list<string>  $classes
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
        public AdultRole $role,
        public int $kitchen_id,
        public string $kitchen,
        public bool $active,
        public int $devices,
        public ?string $seen_at,
        public array $classes,
    ) {
    }
}
