<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Words;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/**
 * A recipe line: which words say what is done before it is measured? Word order carries the method, and each language has its own:
 * `1 cup sifted flour, sifted`, `1 taza de harina tamizada, tamizada`.
 */
final class ReadWording implements Maker
{
    /** The parts of a line, as English puts them. */
    private const PARTS = ['amount', 'before', 'food', 'after'];

    public function make(Setting $setting, Dice $dice): Question
    {
        // A name with a comma has wording of its own ("walnuts, chopped").
        $food = Foods::any($setting, $dice, static fn (Ingredient $one): bool => self::done($one) !== null
            && ! str_contains($one->name, ','));
        [$befores, $afters] = self::done($food) ?? throw new \LogicException('Nothing is done to it.');
        $kind = $dice->between(1, $setting->level === 1 ? 2 : 3); // before, after, both
        $before = $kind === 2 ? null : $dice->pick($befores);
        $left = array_values(array_filter($afters, static fn (string $word): bool => $word !== $before));
        $after = $kind === 1 || $left === [] ? null : $dice->pick($left);
        $name = Foods::name($food);
        $done = static fn (string $what): Phrase => Phrase::of("done.$what", ['agrees' => $name]);
        $said = [
            'amount' => Phrase::of('practice.wording.amount', ['amount' => $dice->pick(RecipeAmounts::of($food, $setting))]),
            'before' => $before === null ? null : $done($before), 'food' => Phrase::of('practice.wording.food', ['food' => $name]),
            'after' => $after === null ? null : $done($after),
        ];
        $parts = [];
        foreach (self::PARTS as $part) {
            if ($said[$part] !== null) {
                $parts[] = ['id' => 'w'.count($parts), 'part' => $part, 'said' => $said[$part]];
            }
        }
        $ids = array_column($parts, 'id', 'part');

        return new Question(
            Skill::ReadWording, Phrase::of('practice.read-wording'),
            new Words(
                isset($ids['before']) ? [$ids['before']] : [], isset($ids['after']) ? [$ids['after']] : [], array_column($parts, 'id'),
            ),
            match (true) {
                $said['before'] !== null => Phrase::of('practice.read-wording.before', ['word' => $said['before']]),
                $said['after'] !== null => Phrase::of('practice.read-wording.after', ['word' => $said['after']]),
                default => Phrase::of('practice.read-wording.neither'),
            },
            figure: ['words' => $parts], about: $food->family,
        );
    }

    /** @return array{non-empty-list<string>, non-empty-list<string>}|null what recipes do to it, before it is measured and after */
    private static function done(Ingredient $food): ?array
    {
        return match ($food->family) {
            Family::FinePowder => [['sifted'], ['sifted']],
            Family::MoistSugar => [['packed'], ['sifted']],
            Family::SolidFat => [['melted', 'softened'], ['melted', 'softened']],
            Family::Pieces => match ($food->role) {
                Role::NutSeed => [['chopped', 'toasted'], ['chopped', 'toasted']],
                Role::Fruit => [['chopped', 'soaked'], ['chopped', 'soaked']],
                Role::Chocolate => [['chopped', 'melted'], ['chopped', 'melted']],
                default => null,
            },
            Family::ThinLiquid => $food->role === Role::Flavour ? null : [['warmed', 'chilled'], ['warmed', 'chilled']],
            default => null,
        };
    }
}
