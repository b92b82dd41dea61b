<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Boxes;

/** How far somebody is with a skill, or with a safety point. */
final readonly class SkillShown extends View
{
    /**
     * @param  'shown'|'returning'|'tried'|'open'  $state  returning: answered wrong last, it is asked again
     * @param  int  $shown  of how many families of food, where the skill is another one for each
     */
    public function __construct(
        public string $state,
        public int $shown,
        public int $of,
    ) {
    }

    /** @param  non-empty-list<Aim>  $aims */
    public static function of(array $aims, Boxes $boxes): self
    {
        $found = array_map($boxes->box(...), $aims);
        $shown = count(array_filter($aims, $boxes->hasShown(...)));

        return new self(match (true) {
            $shown === count($aims) => 'shown',
            in_array(0, $found, true) => 'returning',
            array_filter($found, is_int(...)) !== [] => 'tried',
            default => 'open',
        }, $shown, count($aims));
    }
}
