<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Words;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** A recipe line: which words say what is done before it is measured? Word order carries the method. */
final class ReadWording implements Maker
{
    /** Food as recipes write it, and what is done to it: before measuring, or after. */
    private const FOODS = [
        ['all-purpose flour', ['sifted'], ['sifted']],
        ['cake flour', ['sifted'], ['sifted']],
        ['walnuts', ['chopped'], ['chopped', 'toasted']],
        ['light brown sugar', ['packed'], ['sifted']],
        ['butter', ['melted', 'softened'], ['melted', 'softened']],
        ['raisins', ['chopped'], ['chopped', 'soaked']],
        ['pecans', ['chopped'], ['toasted', 'chopped']],
        ['coconut', ['shredded'], ['toasted']],
    ];

    private const AMOUNTS = ['1 cup', '1/2 cup', '2 cups', '3/4 cup', '1/4 cup'];

    public function make(Setting $setting, Dice $dice): Question
    {
        [$food, $befores, $afters] = $dice->pick(self::FOODS);
        $kind = $dice->between(1, $setting->level === 1 ? 2 : 3); // before, after, both
        $before = $kind === 2 ? null : $dice->pick($befores);
        $left = array_values(array_filter($afters, static fn (string $word): bool => $word !== $before));
        $after = $kind === 1 || $left === [] ? null : $dice->pick($left);
        $amount = $dice->pick(self::AMOUNTS);
        $line = $amount.' '.($before === null ? '' : "$before ").$food.($after === null ? '' : ", $after");
        $words = explode(' ', $line);
        $right = $before === null ? [] : [count(explode(' ', $amount))];
        $tempting = $after === null ? [] : [count($words) - 1];

        return new Question(
            Skill::ReadWording, Phrase::of('practice.read-wording'), new Words($right, $tempting, count($words)),
            $before === null ? Phrase::of(
                $after === null ? 'practice.read-wording.neither' : 'practice.read-wording.after', ['word' => $after ?? ''],
            ) : Phrase::of('practice.read-wording.before', ['word' => $before]),
            figure: ['words' => $words, 'line' => $line],
        );
    }
}
