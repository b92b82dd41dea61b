<?php

declare(strict_types=1);

namespace Hovik\Core\Safety;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Words\Phrase;

/** A station's two checks: set up before anything is measured, cleaned up at the end. Words: `check.ID`, `check.ID.how`. */
enum StationChecklist: string
{
    case SetUp = 'set-up';
    case CleanUp = 'clean-up';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'check'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such-check'));
    }

    /**
     * What is ticked, in order.
     *
     * @param  list<string>  $allergens  of the lab's foods, ids
     * @return list<string>
     */
    public function items(array $allergens): array
    {
        return match ($this) {
            self::SetUp => ['hair', 'apron', 'hands', 'bench', ...($allergens === [] ? [] : ['allergens'])],
            self::CleanUp => ['tools-back', 'scale-wiped', 'shared-back', 'waste', 'bench-wiped'],
        };
    }

    /**
     * @param  list<Ingredient>  $foods
     * @return list<string> ids of what they may do harm with, each once
     */
    public static function allergens(array $foods): array
    {
        return array_values(array_unique(array_merge([], ...array_map(static fn (Ingredient $food): array => $food->allergens, $foods))));
    }

    /** @param  list<string>  $allergens */
    public static function said(string $item, array $allergens): Phrase
    {
        return Phrase::of(
            "check.$item",
            $item === 'allergens' ? [
                'allergens' => array_map(static fn (string $one): Phrase => Phrase::of("allergen.$one"), $allergens),
            ] : [],
        );
    }

    public static function how(string $item): Phrase
    {
        return Phrase::of("check.$item.how");
    }

    /**
     * Whether a list of ticks is the whole check: half a check is none.
     *
     * @param  list<string>  $ticked
     * @param  list<string>  $allergens
     *
     * @throws InvalidInput naming `ticked`
     */
    public function require(array $ticked, array $allergens): void
    {
        if (array_diff($ticked, $this->items($allergens)) !== []) {
            throw InvalidInput::because('ticked', Phrase::of('refusal.not-on-list'));
        }
        if (array_diff($this->items($allergens), $ticked) !== []) {
            throw InvalidInput::because('ticked', Phrase::of('refusal.not-all-ticked'));
        }
    }
}
