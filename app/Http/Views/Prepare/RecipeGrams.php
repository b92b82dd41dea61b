<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\OwnGrams;
use Hovik\Core\Words\Phrase;

/** The recipe's own grams beside ours. */
final readonly class RecipeGrams extends View
{
    /**
     * @param  string|null  $asks  whose to use, where they are too far apart
     * @param  string  $g_per_us_cup  what a US cup weighs, if the recipe is right
     */
    public function __construct(public string $says, public ?string $asks, public string $grams, public string $g_per_us_cup)
    {
    }

    public static function of(OwnGrams $own): self
    {
        $with = ['theirs' => ShownGrams::of($own->theirs), 'ours' => ShownGrams::of($own->ours)];

        return new self(
            Said::phrase(Phrase::of('own-grams.says', $with)), $own->isApart ? Said::phrase(Phrase::of('own-grams.asks', $with)) : null,
            (string) ShownGrams::of($own->theirs), (string) $own->gramsPerUsCup,
        );
    }
}
