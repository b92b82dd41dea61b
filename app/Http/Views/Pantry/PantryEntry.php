<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\OwnWeight;
use App\Pantry\BagsOfKitchen;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

/** A food as this kitchen has it. */
final readonly class PantryEntry extends View
{
    /**
     * @param  list<string>  $aliases
     * @param  float|null  $grams  of a US cup, or of a piece
     * @param  'cup'|'piece'  $per
     * @param  list<HandlingRow>  $handlings
     * @param  list<string>  $allergens
     * @param  bool  $added  by this kitchen
     * @param  string|null  $bag_notice  weighings say that the bag is another by now
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $aliases,
        public Family $family,
        public ?float $grams,
        public ?float $reference_grams,
        public string $per,
        public ?float $per_tsp,
        public array $handlings,
        public array $allergens,
        public string $source,
        public string $confidence,
        public string $notes,
        public bool $added,
        public ?OwnFigure $own,
        public ?string $bag_notice,
    ) {
    }

    /** @return list<self> */
    public static function all(Kitchen $kitchen): array
    {
        $pantry = $kitchen->pantry();

        return array_map(static fn (string $id): self => self::of($pantry->ingredient($id), $pantry, $kitchen), $pantry->ids());
    }

    private static function of(Ingredient $ingredient, Pantry $pantry, Kitchen $kitchen): self
    {
        $added = $kitchen->ownIngredients->firstWhere('ingredient_id', $ingredient->id);
        $reference = $added === null ? Pantry::reference()->ingredient($ingredient->id) : $ingredient;
        $isCounted = $ingredient->family === Family::Counted;
        $own = $kitchen->ownWeights->first(
            static fn (OwnWeight $one): bool => $one->ingredient_id === $ingredient->id && ($one->handling ?? '') === '',
        );

        return new self(
            id: $ingredient->id,
            name: Said::ingredient($ingredient->id),
            aliases: $ingredient->aliases,
            family: $ingredient->family,
            grams: ($isCounted ? $ingredient->gramsPerPiece : $ingredient->gramsPerUsCup)?->toFloat(),
            reference_grams: ($isCounted ? $reference->gramsPerPiece : $reference->gramsPerUsCup)?->toFloat(),
            per: $isCounted ? 'piece' : 'cup',
            per_tsp: $ingredient->gramsPerTsp?->toFloat(),
            handlings: HandlingRow::all($ingredient, $pantry),
            allergens: array_map(static fn (string $id): string => Said::phrase(Phrase::of("allergen.$id")), $ingredient->allergens),
            source: Said::phrase($ingredient->sourced()),
            confidence: $ingredient->confidence,
            notes: $added->reason ?? $ingredient->notes,
            added: $added !== null,
            own: $own === null ? null : new OwnFigure($own->reason, $own->teacher->name, $own->updated_at->toDateString(), $own->trials),
            bag_notice: $own?->trials === null ? null : BagsOfKitchen::notice($kitchen, $ingredient),
        );
    }
}
