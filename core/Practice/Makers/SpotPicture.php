<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** A picture of somebody measuring, with one thing wrong in it: what? */
final class SpotPicture implements Maker
{
    /** What a picture can show, and what is drawn: the bench's own tools. */
    private const DRY = [
        ['heaped', ['levelling' => 'heaped']], ['hollow', ['levelling' => 'hollow']], ['pressed', ['settling' => 'pressed']], [
            'air-pockets', ['filling' => 'gaps'],
        ], ['lumps', ['preparation' => 'lumpy']],
    ];

    private const POURED = [
        ['eye-above', ['eye_deg' => 35]], ['eye-below', ['eye_deg' => -30]], ['in-hand', ['held' => true]],
        ['top-of-curve', ['curve' => 'top']],
    ];

    public function make(Setting $setting, Dice $dice): Question
    {
        $isPoured = $dice->between(1, 2) === 1;
        [$id, $hands] = $dice->pick($isPoured ? self::POURED : self::DRY);
        $right = Cause::from($id);
        $others = array_map(static fn (array $one): Cause => Cause::from($one[0]), $isPoured ? self::POURED : self::DRY);
        $wrong = $dice->some(array_values(array_filter($others, static fn (Cause $cause): bool => $cause !== $right)), 2);
        // One that belongs to the other kind of tool altogether.
        $wrong[] = $isPoured ? Cause::Heaped : Cause::EyeAbove;
        $choices = $dice->shuffled([
            new Choice($right->value, $right->said()),
            ...array_map(static fn (Cause $cause): Choice => new Choice($cause->value, $cause->said(), 'not-in-picture'), $wrong),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::SpotPicture, Phrase::of('practice.spot-picture'), new OneOf($choices), Phrase::of(
                'practice.spot-picture.why', ['cause' => $right->said(), 'next' => $right->next()],
            ), $choices,
            ['kind' => $isPoured ? 'liquid-measure' : 'dry-cup', 'hands' => $hands], picture: Phrase::of("picture.hands.$id"),
        );
    }
}
