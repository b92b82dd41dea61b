<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Components\Effect;
use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\MissComponents;
use Hovik\Core\Components\Source;
use Hovik\Core\Components\Weighed;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

/** `components` */
final class Components
{
    /** More than a class weighs in a term. */
    private const MOST = 5000;

    /** @return array<string, mixed> */
    public static function of(JsonInput $given): array
    {
        $weighings = [];
        foreach ($given->list('weighings', self::MOST) as $i => $one) {
            if (! is_array($one)) {
                throw InvalidInput::because("weighings.$i", Phrase::of('refusal.must-be-object', ['name' => "weighings.$i"]));
            }
            $row = new JsonInput($one, "weighings.$i.");
            $food = $row->text('food');
            $weighings[] = new Weighed(
                $food, $row->has('family') ? $row->text('family') : Pantry::reference()->ingredient($food)->family->value,
                $row->text('bag'), $row->text('tool'), $row->text('scale'), $row->text('student'), $row->number('grams'),
                $row->number('target_g'),
            );
        }
        $components = MissComponents::of($weighings);
        $found = FoundMisses::of($weighings);
        $effects = [];
        foreach (Source::cases() as $source) {
            $effects[$source->value] = array_map(static fn (Effect $one): array => [
                'id' => $one->id, 'effect_pct' => Ask::tidy($one->percent()), 'se_pct' => Ask::tidy(100 * $one->error), 'n' => $one->n,
                'effect_g' => Ask::tidy($one->grams()),
                ...($source === Source::Student ? ['family' => $one->family] : []),
                ...(count($one->sources) > 1 ? ['together' => array_column($one->sources, 'value')] : []),
            ], $components->from($source));
        }

        return $effects + [
            'foods' => array_map(static fn (float $mean): float => Ask::tidy(100 * (exp($mean) - 1)), $components->means),
            'variances' => array_map(Ask::tidy(...), $components->spread()),
            'in_words' => implode(' ', array_map(Ask::english(...), $found->inWords())),
        ];
    }
}
