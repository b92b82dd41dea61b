<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** What the teacher does before the bell, or alone: read off the lines and the directions. */
final class Preparation
{
    /**
     * @param  list<ReadLine>  $lines
     * @param  list<string>  $directions
     * @param  list<string>  $uncheckedScales  by name
     * @return list<Phrase>
     */
    public static function of(array $lines, array $directions, array $uncheckedScales): array
    {
        $text = mb_strtolower(implode("\n", $directions));
        $list = [];
        foreach ($lines as $line) {
            $name = $line->ingredient === null ? $line->name : Phrase::of("ingredient.{$line->ingredient->id}");
            if (in_array('melted', [...$line->before, ...$line->after], true) || $line->ingredient?->id === 'butter-melted') {
                $list[] = Phrase::of('prepare.melt', ['name' => $name]);
            }
            if (array_intersect(['warmed', 'scalded', 'boiled'], [...$line->before, ...$line->after]) !== []) {
                $list[] = Phrase::of('prepare.warm', ['name' => $name]);
            }
            if (array_filter($line->amounts, static fn (ReadAmount $a): bool => $a->unit === Unit::Can) !== []) {
                $list[] = Phrase::of('prepare.open-tins', ['name' => $name]);
            }
            if (
                array_intersect(['chopped', 'grated', 'sliced', 'shredded', 'diced', 'minced'], [...$line->before, ...$line->after]) !== []
            ) {
                $list[] = Phrase::of('prepare.cut', ['name' => $name]);
            }
        }
        if (preg_match('~\b(oven|bake|roast|preheat)~', $text) === 1) {
            $list[] = Phrase::of('prepare.oven');
        }
        if (preg_match('~\b(fry|deep[- ]fr|hot (oil|fat))~', $text) === 1) {
            $list[] = Phrase::of('prepare.hot-fat');
        }
        if (preg_match('~\b(boil|simmer)~', $text) === 1) {
            $list[] = Phrase::of('prepare.boiling');
        }
        if ($uncheckedScales !== []) {
            $list[] = Phrase::of('prepare.check-scales', ['names' => implode(', ', $uncheckedScales)]);
        }
        $list[] = Phrase::of('prepare.batteries');

        return $list;
    }
}
