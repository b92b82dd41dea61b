<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

/** A way of filling that makes sense for a food. */
final readonly class HandlingChoice extends View
{
    public function __construct(public Handling $id, public string $name)
    {
    }

    /** @return list<self> */
    public static function all(Ingredient $food, Pantry $pantry): array
    {
        $of = array_filter(Handling::cases(), static fn (Handling $one): bool => $pantry->handlingFactor($food, $one) !== null);

        return array_values(array_map(
            static fn (Handling $one): self => new self($one, Said::phrase(Phrase::of("handling.$one->value"))), $of,
        ));
    }
}
