<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\OwnName;
use Hovik\Core\Words\Phrase;

/** A food the reference does not know: a name, a family, a weight. What else there is to know it takes from its family. */
final readonly class NewIngredient
{
    public const ALLERGENS = ['wheat', 'milk', 'egg', 'soy', 'peanut', 'tree-nut', 'sesame', 'fish'];

    /** @param  list<string>  $allergens */
    private function __construct(public string $id, public Family $family, public BigDecimal $grams, public array $allergens)
    {
    }

    /**
     * @param  string  $grams  of a US cup, of a piece where the family is counted; above 0, to 3000
     * @param  list<string>  $allergens
     *
     * @throws InvalidInput naming the field
     */
    public static function named(string $name, string $family, string $grams, array $allergens): self
    {
        $isName = preg_match('~^[\p{L}\p{M}\p{N} \'’.,&()-]+$~u', trim($name)) === 1 && preg_match('~\p{L}~u', $name) === 1;
        if (! $isName || mb_strlen(trim($name)) < 2 || mb_strlen(trim($name)) > 50) {
            throw InvalidInput::because('name', Phrase::of('refusal.food-name'));
        }
        $of = Family::tryFrom($family) ?? throw InvalidInput::because('family', Phrase::of('refusal.food-family'));
        if (preg_match('~^\d{1,4}(\.\d{1,3})?$~', $grams) !== 1 || (float) $grams <= 0 || (float) $grams > 3000) {
            throw InvalidInput::because('grams', Phrase::of('refusal.food-grams'));
        }
        if (array_diff($allergens, self::ALLERGENS) !== []) {
            throw InvalidInput::because('allergens', Phrase::of('refusal.food-allergens'));
        }

        return self::known(OwnName::id($name), $of, $grams, $allergens);
    }

    /** @param  list<string>  $allergens */
    public static function known(string $id, Family $family, string $grams, array $allergens): self
    {
        return new self($id, $family, BigDecimal::of($grams), $allergens);
    }

    /** @param  Ingredient  $like  of the same family: spread, residue and slope are taken from it */
    public function likeItsFamily(Ingredient $like): Ingredient
    {
        $isCounted = $this->family === Family::Counted;

        return new Ingredient(
            $this->id, OwnName::of($this->id), [], $this->family, $like->referenceHandling,
            $isCounted ? null : $this->grams, null, $isCounted ? $this->grams : null,
            $like->cvFill, $like->cvBatch, $like->reposeDeg, $like->residue, $this->allergens, 'none', 'own', 'high', '',
            Role::usual($this->family), null,
        );
    }
}
