<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\OwnStandard;
use App\Words\Said;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

/** What somebody says a US cup of a food weighs. */
final readonly class PublishedWeight extends View
{
    public function __construct(public string $name, public float $grams, public bool $in_use)
    {
    }

    /** @return list<self> lightest first */
    public static function all(Kitchen $kitchen, Ingredient $food, ?OwnStandard $standard): array
    {
        $book = Pantry::reference()->adding($kitchen->addedFoods())->ingredient($food->id);
        $all = [];
        if ($book->gramsPerUsCup !== null) {
            $all[] = new self(Said::phrase($book->sourced()), $book->gramsPerUsCup->toFloat(), ! $food->isOwn());
        }
        if ($food->isOwn() && $food->gramsPerUsCup !== null) {
            $all[] = new self(Said::phrase($food->sourced()), $food->gramsPerUsCup->toFloat(), true);
        }
        if ($standard?->packet_g !== null) {
            $all[] = new self(Said::phrase(Phrase::of('source.packet')), (float) $standard->packet_g, false);
        }
        usort($all, static fn (self $a, self $b): int => $a->grams <=> $b->grams);

        return $all;
    }
}
