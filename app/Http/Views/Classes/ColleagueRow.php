<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Classes\ColleagueRole;
use App\Http\Views\View;
use App\Models\Colleague;

final readonly class ColleagueRow extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public ColleagueRole $role,
    ) {
    }

    public static function of(Colleague $colleague): self
    {
        return new self($colleague->id, $colleague->teacher->name, $colleague->role);
    }
}
