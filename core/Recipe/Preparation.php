<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Directions\DoneBy;
use Hovik\Core\Words\Phrase;

/** What the teacher does before the bell, or alone: read off the lines and the directions. */
final class Preparation
{
    /** What must have happened to a food before it is measured or used, by the words of its line. */
    private const AHEAD = [
        'melt' => ['melted'],
        'soften' => ['softened'],
        'warm' => ['warmed', 'scalded', 'boiled'],
        'toast' => ['toasted', 'roasted', 'browned'],
        'cut' => ['chopped', 'grated', 'sliced', 'shredded', 'diced', 'minced'],
    ];

    /** Words of a food's own name that ask for work: the fridge keeps none melted or soft, a shop sells it chopped. */
    private const AS_KEPT = ['melted', 'softened'];

    /**
     * @param  list<ReadLine>  $lines
     * @param  list<DirectionStep>  $directions
     * @param  list<string>  $uncheckedScales  by name
     * @return list<Phrase>
     */
    public static function of(array $lines, array $directions, array $uncheckedScales): array
    {
        // What a step of the teacher's own says already is not said again.
        $others = array_filter($directions, static fn (DirectionStep $step): bool => $step->by !== DoneBy::Teacher);
        $text = mb_strtolower(implode("\n", array_column($others, 'text')));
        $list = [];
        foreach ($lines as $line) {
            $name = $line->ingredient === null ? $line->name : Phrase::of("ingredient.{$line->ingredient->id}");
            $done = [...$line->before, ...$line->after];
            // 'Butter, melted', 'Cream cheese, softened': foods that are measured so.
            $form = explode(' ', mb_strtolower($line->ingredient->name ?? ''));
            foreach (self::AHEAD as $what => $words) {
                if (array_intersect($words, $done) !== [] || array_intersect(self::AS_KEPT, $words, $form) !== []) {
                    $list[] = Phrase::of("prepare.$what", ['name' => $name]);
                }
            }
            if (array_filter($line->amounts, static fn (ReadAmount $a): bool => $a->unit === Unit::Can) !== []) {
                $list[] = Phrase::of('prepare.open-tins', ['name' => $name]);
            }
        }
        foreach ($directions as $step) {
            if ($step->by === DoneBy::Teacher) {
                $list[] = Phrase::of('prepare.step', ['text' => $step->text]);
            }
        }
        if (preg_match('~\b(oven|bake|roast|preheat|horno|hornea|precalienta)~u', $text) === 1) {
            $list[] = Phrase::of('prepare.oven');
        }
        if (preg_match('~\b(fry|deep[- ]fr|hot (oil|fat)|fríe|freír|aceite caliente)~u', $text) === 1) {
            $list[] = Phrase::of('prepare.hot-fat');
        }
        if (preg_match('~\b(boil|simmer|hierve|hervir)~u', $text) === 1) {
            $list[] = Phrase::of('prepare.boiling');
        }
        if ($uncheckedScales !== []) {
            $list[] = Phrase::of('prepare.check-scales', ['names' => implode(', ', $uncheckedScales)]);
        }
        $list[] = Phrase::of('prepare.batteries');

        return $list;
    }
}
