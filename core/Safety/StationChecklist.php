<?php

declare(strict_types=1);

namespace Hovik\Core\Safety;

use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\EditedList;
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
     * @param  EditedList  $edited  by the class's teacher
     * @return list<string>
     */
    public function items(array $allergens, EditedList $edited = new EditedList): array
    {
        $usual = $this->usual($allergens);

        return [
            ...array_values(array_filter($usual, static fn (string $item): bool => ! $edited->hasOut($item))),
            ...array_keys($edited->ownByKey()),
        ];
    }

    /**
     * @param  list<string>  $allergens
     * @return list<string>
     */
    public function usual(array $allergens): array
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
    public function require(array $ticked, array $allergens, EditedList $edited = new EditedList): void
    {
        $items = $this->items($allergens, $edited);
        if (array_diff($ticked, $items) !== []) {
            throw InvalidInput::because('ticked', Phrase::of('refusal.not-on-list'));
        }
        if (array_diff($items, $ticked) !== []) {
            throw InvalidInput::because('ticked', Phrase::of('refusal.not-all-ticked'));
        }
    }
}
