<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use Hovik\Core\Practice\Skill;

final readonly class SkillName extends View
{
    public function __construct(
        public Skill $id,
        public string $said,
    ) {
    }
}
