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
use Hovik\Core\Words\Phrase;

/**
 * Two questions decide any food: does it level itself, can it be swept? Asked of one food; of two or three that look alike and are
 * measured differently (yogurt beside milk); and of a vessel filled to its brim.
 */
final class LevelsItself implements Maker
{
    private const JUG = 'jug';

    private const CUP = 'cup';

    private const SCALE = 'scale';

    private const COUNT = 'count';

    /** What is wrong with taking one for a food that wants another, by what it wants and what was taken. */
    private const SLIPS = [
        'jug' => ['cup' => 'cup-for-liquid', 'scale' => 'finds-its-level', 'count' => 'cannot-be-counted'],
        'cup' => ['jug' => 'jug-for-dry', 'scale' => 'can-be-swept', 'count' => 'cannot-be-counted'],
        'scale' => ['jug' => 'leaves-gaps', 'cup' => 'leaves-gaps', 'count' => 'sizes-differ'],
        'count' => ['jug' => 'is-counted', 'cup' => 'is-counted', 'scale' => 'is-counted'],
    ];

    public function make(Setting $setting, Dice $dice): Question
    {
        $form = $dice->between(1, 4);

        return match (true) {
            $setting->about !== null || $form <= 2 => self::oneFood($setting, $dice), // the others are of several families, or of none
            $form === 3 => self::contrast($setting, $dice),
            default => self::brim($setting, $dice),
        };
    }

    private static function oneFood(Setting $setting, Dice $dice): Question
    {
        $isPoured = Foods::isAboutPoured($setting, $dice);
        $food = Foods::any($setting, $dice, static fn (Ingredient $food): bool => Foods::findsItsLevel($food) === $isPoured
            && ! RecipeAmounts::isDropped($food) && ! Foods::isSpooned($food));
        $right = self::waysOf($food, $setting);
        $choices = $dice->shuffled(array_map(
            static fn (string $way): Choice => new Choice(
                $way, Phrase::of("practice.levels.$way"),
                in_array($way, $right, true) ? null : self::SLIPS[$right[0]][$way] ?? 'other-kind',
            ),
            [self::JUG, self::CUP, self::SCALE, self::COUNT],
        ));
        assert($choices !== []);

        return new Question(
            Skill::LevelsItself, Phrase::of('practice.levels', ['food' => Phrase::of("ingredient.$food->id")]), new OneOf($choices),
            Phrase::of("practice.levels.$right[0].why"), $choices, about: $food->family,
            condition: count($right) > 1 ? Phrase::of('practice.levels.both') : null,
        );
    }

    /** Which of these goes into a jug; or: which of these wet ones goes into a dry cup; or: which is weighed. */
    private static function contrast(Setting $setting, Dice $dice): Question
    {
        $of = static fn (Family ...$families): callable => static fn (Ingredient $food): bool => in_array($food->family, $families, true)
            && ! RecipeAmounts::isDropped($food);
        $poured = $of(Family::ThinLiquid, Family::Oil);
        [$way, $wanted, $others] = $dice->pick([
            [self::JUG, $poured, $of(Family::ThickDairyPuree, Family::SolidFat, Family::NutButter)],
            [self::JUG, $poured, $of(Family::FinePowder, Family::GranularSugar, Family::ThickDairyPuree)],
            [self::CUP, $of(Family::ThickDairyPuree, Family::NutButter), $poured],
            [self::CUP, $of(Family::Pieces, Family::ThickDairyPuree), $poured],
            [self::SCALE, $of(Family::WholeIrregular), $of(Family::Pieces, Family::CoarseGrain, Family::Shredded)],
        ]);
        $right = Foods::any($setting, $dice, $wanted);
        $wrong = $dice->some(array_values(array_filter(
            $setting->foods(static fn (Ingredient $food): bool => $others($food)),
            static fn (Ingredient $food): bool => ! in_array($way, self::waysOf($food, $setting), true),
        )), 2);
        if ($wrong === [] || ! in_array($way, self::waysOf($right, $setting), true)) {
            return self::oneFood($setting, $dice); // the class's own rules leave nothing to tell apart
        }
        $choices = $dice->shuffled([
            new Choice($right->id, Foods::name($right)),
            ...array_map(static fn (Ingredient $food): Choice => new Choice(
                $food->id, Foods::name($food), self::SLIPS[self::waysOf($food, $setting)[0]][$way] ?? 'other-kind',
            ), $wrong),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::LevelsItself, Phrase::of("practice.levels.which-$way"), new OneOf($choices),
            Phrase::of("practice.levels.$way.why"), $choices, ['way' => $way], $right->family,
        );
    }

    /** A jug full to its brim is more than its lines say, and cannot be swept; a cup full to its rim is just full. */
    private static function brim(Setting $setting, Dice $dice): Question
    {
        $isJug = $dice->between(1, 2) === 1;
        $food = Foods::any($setting, $dice, static fn (Ingredient $one): bool => Foods::isSwept($one) && Foods::isCupped($one)
            && ! $one->family->isPoured());
        $choices = $dice->shuffled([
            new Choice('level', Phrase::of('practice.brim.level'), $isJug ? 'brim-of-jug' : null),
            new Choice('more', Phrase::of('practice.brim.more'), $isJug ? null : 'rim-of-cup'),
            new Choice('less', Phrase::of('practice.brim.less'), $isJug ? 'brim-of-jug' : 'rim-of-cup'),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::LevelsItself, Phrase::of($isJug ? 'practice.brim.jug' : 'practice.brim.cup', ['food' => Foods::name($food)]),
            new OneOf($choices), Phrase::of($isJug ? 'practice.brim.jug.why' : 'practice.brim.cup.why'), $choices,
            ['brim' => $isJug ? 'jug' : 'cup'], $food->family,
        );
    }

    /** @return non-empty-list<string> the usual one first */
    private static function waysOf(Ingredient $food, Setting $setting): array
    {
        return match (true) {
            $food->family === Family::Counted => [self::COUNT],
            $food->family === Family::WholeIrregular => [self::SCALE],
            Foods::findsItsLevel($food) => $setting->schools->poursIntoDryCups() ? [self::JUG, self::CUP] : [self::JUG],
            $food->family === Family::ViscousLiquid => [self::CUP, self::JUG],
            $food->family === Family::ThickDairyPuree && $setting->schools->poursThick() => [self::CUP, self::JUG],
            default => [self::CUP],
        };
    }
}
