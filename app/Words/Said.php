<?php

declare(strict_types=1);

namespace App\Words;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

/** The core's phrases, in the language of the one who asked. */
final class Said
{
    public static function phrase(Phrase $phrase): string
    {
        $locale = app()->getLocale();

        return app(KitchenWords::class)->book($locale, $phrase)->say($phrase);
    }

    /** Where the database cannot be asked how the reader's kitchen says it. */
    public static function plainly(Phrase $phrase): string
    {
        return Phrasebook::in(app()->getLocale())->say($phrase);
    }

    /** For somebody who is not here: on paper, in a mail. */
    public static function phraseIn(string $language, Phrase $phrase): string
    {
        return app(KitchenWords::class)->book($language, $phrase)->say($phrase);
    }

    /** A name or a few words in the middle of a sentence. */
    public static function inside(Phrase $phrase): string
    {
        return self::phrase(Phrase::of('lower', ['of' => $phrase]));
    }

    public static function ingredient(string $id): string
    {
        return self::phrase(Phrase::of("ingredient.$id"));
    }

    /** `1 3/4 cups`, `1/6 cup` */
    public static function amount(Amount $amount): string
    {
        return self::phrase(Phrase::of('working.amount', ['amount' => $amount]));
    }

    /** `2 tbsp + 2 tsp` */
    public static function measure(KitchenMeasure $measure): string
    {
        return self::phrase(Phrase::of('working.amount', ['amount' => $measure]));
    }

    /** Where a weight comes from. */
    public static function source(Ingredient $food): string
    {
        // Whether books agree says nothing of what a kitchen weighed itself.
        return self::phrase(Phrase::of('working.source', [
            'source' => $food->sourced(), 'confidence' => $food->isOwn() ? 'own' : $food->confidence,
        ]));
    }

    /** `1 cup + 1/2 cup + 2 x 1 tsp`, `to the 6 fl oz line of the 1 cup jug`; why, where there is no tool to name. */
    public static function plan(ToolPlan $plan): string
    {
        return $plan->fills === [] ? self::phrase($plan->why) : implode(' + ', array_map(self::fill(...), $plan->fills));
    }

    /**
     * A step's words; the method, what the food is in a recipe, or its family may have its own.
     *
     * @return array{text: string, why: string}
     */
    public static function step(Step $step, ?HouseMethod $method, Family $family, ?Role $role = null, bool $isShort = false): array
    {
        $locale = app()->getLocale();
        $book = app(KitchenWords::class)->book($locale, Phrase::of("step.$step->value"));
        $why = $book->firstOf("step.$step->value.why.$family->value", "step.$step->value.why");
        if ($isShort) {
            return ['text' => $book->say(Phrase::of("step.$step->value.short")), 'why' => $why];
        }

        return [
            'text' => $book->firstOf(
                "step.$step->value.".($method->value ?? ''), "step.$step->value.role.".($role->value ?? ''),
                "step.$step->value.$family->value", "step.$step->value",
            ),
            'why' => $why,
        ];
    }

    /** What a tool is called by its size, its kind being seen: `½ cup`. */
    public static function size(Tool $tool): string
    {
        return self::phrase(Phrase::of('fill.tool', ['size' => $tool->size ?? $tool->nominal]));
    }

    private static function fill(Fill $fill): string
    {
        $tool = $fill->tool;
        $said = $fill->toMark === null
            ? self::size($tool)
            : self::phrase(Phrase::of("fill.mark.{$tool->kind->value}", [
                'mark' => $fill->toMark->sized(), 'size' => $tool->sized(),
            ]));

        return $fill->count === 1 ? $said : self::phrase(Phrase::of('fill.times', ['count' => $fill->count, 'size' => $said]));
    }
}
