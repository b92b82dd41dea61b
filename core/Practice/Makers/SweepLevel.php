<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** The tool is full: how is it made level? An edge held upright; never a flat blade, a curved edge, a finger or a shake. */
final class SweepLevel implements Maker
{
    private const WAYS = ['edge', 'by-hand', 'eye'];

    /** What people do instead; each packs, digs or leaves a mound. */
    private const SLIPS = ['flat-blade', 'curved-edge', 'finger', 'shake'];

    public function make(Setting $setting, Dice $dice): Question
    {
        $food = Foods::any($setting, $dice, static fn (Ingredient $one): bool => (Foods::isSwept($one) || Foods::findsItsLevel($one))
            && $one->family !== Family::Shredded && ! RecipeAmounts::isDropped($one));
        $right = match (true) {
            Foods::findsItsLevel($food) => 'eye',
            $food->family === Family::Pieces => 'by-hand',
            default => 'edge',
        };
        $mayFinger = $food->family === Family::MoistSugar && $setting->schools->levels(isPacked: true) === Step::SmoothFingertip;
        $slips = array_values(array_filter(self::SLIPS, static fn (string $slip): bool => ! ($mayFinger && $slip === 'finger')));
        $others = array_values(array_filter(self::WAYS, static fn (string $way): bool => $way !== $right));
        $choice = static fn (string $way, ?string $miss = null): Choice => new Choice($way, Phrase::of("practice.sweep.$way"), $miss);
        $choices = $dice->shuffled([
            $choice($right),
            ...array_map(static fn (string $slip): Choice => $choice($slip, $slip), $dice->some($slips, 2)),
            ...array_map(static fn (string $way): Choice => $choice($way, "not-$way"), $dice->some($others, 1)),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::SweepLevel, Phrase::of($right === 'eye' ? 'practice.sweep.poured' : 'practice.sweep', ['food' => Foods::name($food)]),
            new OneOf($choices), Phrase::of("practice.sweep.$right.why"), $choices, about: $food->family,
        );
    }
}
