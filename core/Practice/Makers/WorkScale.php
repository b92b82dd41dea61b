<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Keys;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** The drawn scale, with something done already that may be wrong: bring it to show the food alone, in grams. */
final class WorkScale implements Maker
{
    /** What was done before, by level, and what puts it right. */
    private const STARTS = [
        [[[], ['power', 'bowl', 'tare', 'pour']], [['power'], ['bowl', 'tare', 'pour']], [['power', 'bowl'], ['tare', 'pour']]],
        [
            [['power', 'tare', 'bowl'], ['tare', 'pour']], [['power', 'unit', 'bowl'], ['unit', 'unit', 'unit', 'tare', 'pour']],
            [['bowl'], ['power', 'pour']],
        ],
        [
            [['power', 'bowl', 'tare', 'wait'], ['power', 'pour']],
            [['power', 'unit', 'unit', 'bowl', 'tare'], ['unit', 'unit', 'pour']],
            [['power', 'bowl', 'tare', 'bowl'], ['bowl', 'pour']],
        ],
    ];

    public function make(Setting $setting, Dice $dice): Question
    {
        [$before, $best] = $dice->pick(self::STARTS[$dice->between(1, $setting->level) - 1]);
        $bowl = 5.0 * $dice->between(20, 70);
        $food = (float) $dice->between(30, 400);
        $ingredient = Foods::any($setting, $dice, Foods::isCupped(...));

        return new Question(
            Skill::WorkScale, Phrase::of(
                'practice.work-scale', ['food' => Foods::name($ingredient)],
            ), new Keys($before, new Scale(1.0, 0.0, 5000.0), $bowl, $food, $best),
            Phrase::of(
                'practice.work-scale.why',
                [
                    'keys' => Phrase::of(
                        'list.and', ['parts' => array_map(static fn (string $key): Phrase => Phrase::of("key.$key"), $best)],
                    ),
                ],
            ),
            figure: ['before' => $before, 'bowl_g' => $bowl, 'food_g' => $food], about: $ingredient->family,
            picture: $before === [] ? Phrase::of('picture.scale.off') : Phrase::of('picture.scale', ['keys' => Phrase::of(
                'list.and', ['parts' => array_map(static fn (string $key): Phrase => Phrase::of("key.$key"), $before)],
            )]),
        );
    }
}
