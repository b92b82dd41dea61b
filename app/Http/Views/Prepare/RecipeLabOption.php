<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Recipes\ScaledRecipe;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\Sharing;

final readonly class RecipeLabOption extends View
{
    /**
     * @param  string  $each  factor at one station
     * @param  string  $all  factor of the whole class
     * @param  list<ToBuy>  $supplies
     */
    public function __construct(
        public Sharing $for,
        public string $each,
        public string $all,
        public array $supplies,
    ) {
    }

    /** @return list<self> without those that are beyond any kitchen */
    public static function all(ScaledRecipe $sheet, int $stations): array
    {
        $options = [];
        foreach (Sharing::cases() as $sharing) {
            try {
                $each = $sharing->each($sheet->factor, $stations);
                $supplies = array_map(ToBuy::of(...), $sheet->supplies($each, $stations));
                $options[] = new self($sharing, $each->text(), $sharing->all($sheet->factor, $stations)->text(), $supplies);
            } catch (InvalidInput) {
                continue;
            }
        }

        return $options;
    }
}
