<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

final readonly class HandlingRow extends View
{
    /** @param  float|null  $grams  of a US cup handled so */
    public function __construct(
        public string $name,
        public float $factor,
        public ?float $grams,
        public string $advisable,
    ) {
    }

    /** @return list<self> */
    public static function all(Ingredient $ingredient, Pantry $pantry): array
    {
        $rows = [];
        foreach (Handling::cases() as $handling) {
            $factor = $pantry->handlingFactor($ingredient, $handling);
            if ($factor !== null) {
                $rows[] = new self(Said::phrase(Phrase::of("handling.$handling->value")), $factor->mean->toFloat(),
                    $factor->ofCup($ingredient)?->toFloat(), $factor->advisable);
            }
        }

        return $rows;
    }
}
