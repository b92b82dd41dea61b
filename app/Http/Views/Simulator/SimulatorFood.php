<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;

final readonly class SimulatorFood extends View
{
    public function __construct(
        public string $id,
        public string $name,
        public Family $family,
    ) {
    }

    /** @return list<self> that are measured by volume, by name */
    public static function all(Pantry $pantry): array
    {
        $all = [];
        foreach ($pantry->ids() as $id) {
            $food = $pantry->ingredient($id);
            if ($food->family !== Family::Counted && $food->family !== Family::WholeIrregular && $food->gramsPerUsCup !== null) {
                $all[] = new self($id, Said::ingredient($id), $food->family);
            }
        }
        usort($all, static fn (self $a, self $b): int => strcoll($a->name, $b->name));

        return $all;
    }
}
