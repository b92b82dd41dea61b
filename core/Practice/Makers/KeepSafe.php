<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Safety\Deeds;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

/** One safety point: what to do, or which of these is not safe. */
final class KeepSafe implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $point = $setting->about instanceof SafetyPoint ? $setting->about : self::point($setting, $dice);
        $isSpotting = $dice->between(1, 2) === 1;
        $choices = $dice->shuffled($isSpotting ? self::oneUnsafe($point, $dice) : self::oneSafe($point, $dice));
        assert($choices !== []);

        return new Question(
            Skill::KeepSafe, $isSpotting
                ? Phrase::of('practice.keep-safe.spot')
                : Phrase::of("safety.$point->value.when"), new OneOf($choices), Phrase::of("safety.$point->value.why"), $choices,
            ['kind' => $isSpotting ? 'spot' : 'do'], $point,
        );
    }

    private static function point(Setting $setting, Dice $dice): SafetyPoint
    {
        $points = $setting->points();

        return $dice->pick($points === [] ? SafetyPoint::cases() : $points);
    }

    /** @return list<Choice> the right one among what people do instead */
    private static function oneSafe(SafetyPoint $point, Dice $dice): array
    {
        return [
            new Choice($right = $dice->pick(Deeds::safe($point)), Deeds::said($right)),
            ...array_map(static fn (string $deed): Choice => new Choice($deed, Deeds::said($deed), $deed), Deeds::unsafe($point)),
        ];
    }

    /** @return list<Choice> one slip among safe deeds, of this point and others */
    private static function oneUnsafe(SafetyPoint $point, Dice $dice): array
    {
        $others = array_merge(
            ...array_map(
                Deeds::safe(...),
                $dice->some(array_values(array_filter(SafetyPoint::cases(), static fn (SafetyPoint $one): bool => $one !== $point)), 2),
            ),
        );
        $safe = [...$dice->some(Deeds::safe($point), 1), ...$dice->some($others, 2)];

        return [
            new Choice($slip = $dice->pick(Deeds::unsafe($point)), Deeds::said($slip)),
            ...array_map(static fn (string $deed): Choice => new Choice($deed, Deeds::said($deed), 'is-safe'), $safe),
        ];
    }
}
