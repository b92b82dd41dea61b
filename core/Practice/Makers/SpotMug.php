<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** Among real measures one thing that is none. */
final class SpotMug implements Maker
{
    private const ODD = ['coffee-mug', 'novelty-cup-1-2', 'novelty-cup-1-4', 'table-teaspoon', 'table-tablespoon', 'coffee-scoop'];

    public function make(Setting $setting, Dice $dice): Question
    {
        $odd = $dice->pick(self::ODD);
        $isSpoon = str_starts_with($odd, 'table-');
        $real = $setting->tools(
            static fn (Tool $tool): bool => $tool->size !== null && $tool->kind === ($isSpoon ? ToolKind::Spoon : ToolKind::DryCup),
            3,
        );
        $choices = $dice->shuffled([
            new Choice($odd, Phrase::of("odd.$odd"), null, ['kind' => $odd]),
            ...array_map(
                static fn (Tool $tool): Choice => new Choice(
                    $tool->id, $tool->called(), 'real-measure',
                    ['kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'nominal' => $tool->nominal],
                ),
                $dice->some($real, 3),
            ),
        ]);
        assert($choices !== []);

        return new Question(Skill::SpotMug, Phrase::of('practice.spot-mug'), new OneOf($choices), Phrase::of("odd.$odd.why"), $choices);
    }
}
