<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Makers\Foods;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\TechniqueCatalogue;

/** What a cup of a food weighs, filled as the class fills it, and where that figure comes from. */
final readonly class CupWeight extends View
{
    /** As many as stand on a page below the equivalents. */
    private const MOST = 16;

    public function __construct(public string $name, public float $grams, public int $decimals, public string $source)
    {
    }

    /** @return list<self> of the foods that the class meets, by name */
    public static function all(Section $section): array
    {
        $pantry = $section->kitchen->pantry();
        $rules = $section->houseRules();
        $one = static function (Ingredient $food) use ($section, $pantry, $rules): self {
            $handling = TechniqueCatalogue::handlingFor($food, TechniqueCatalogue::methodFor($food, $rules->methodFor($food)));
            $grams = Conversion::toGrams(Amount::of('1', Unit::Cup), $food, $section->standard, $pantry, $handling)->exact;

            return new self(
                Said::ingredient($food->id), $grams->toFloat(), ShownGrams::of($grams)->getScale(),
                Said::source($food),
            );
        };
        $weights = array_map($one, array_slice($section->practiceSetting(1)->foods(Foods::isCupped(...)), 0, self::MOST));
        usort($weights, static fn (self $a, self $b): int => strnatcasecmp($a->name, $b->name));

        return $weights;
    }
}
