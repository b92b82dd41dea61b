<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

/** The core as plain values in, plain values out: for the shell, for scripts, and for the conformance cases. English. */
final class Ask
{
    /** @return list<string> */
    public static function verbs(): array
    {
        return [
            'read', 'scale', 'convert', 'plan', 'judge', 'diagnose', 'simulate', 'quiz', 'schedule', 'own-standard', 'compare',
            'check-volume', 'check-scale', 'components', 'mark',
        ];
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     *
     * @throws InvalidInput naming the field
     */
    public static function answer(string $verb, array $given): array
    {
        $given = new JsonInput($given);

        return match ($verb) {
            'read' => self::read($given),
            'scale' => self::scale($given),
            'convert' => self::convert($given),
            'plan' => self::plan($given),
            'judge' => self::judge($given),
            'diagnose' => Weighings::diagnose($given),
            'simulate' => Weighings::simulate($given),
            'quiz' => Practising::quiz($given),
            'schedule' => Scheduling::schedule($given),
            'own-standard' => Standards::own($given),
            'compare' => Standards::compare($given),
            'check-volume' => Checks::volume($given),
            'check-scale' => Checks::scale($given),
            'components' => Components::of($given),
            'mark' => Marks::of($given),
            default => throw InvalidInput::because('verb', Phrase::of('refusal.one-of', ['known' => implode(', ', self::verbs())])),
        };
    }

    /** @return array<string, mixed> */
    private static function read(JsonInput $given): array
    {
        $given->standard();
        $reader = new LineReader(Pantry::reference());
        $written = array_filter(
            explode("\n", (string) preg_replace('~\R~u', "\n", $given->text('text', RecipeReader::MOST_LETTERS))),
            static fn (string $line): bool => trim($line) !== '',
        );

        return ['lines' => array_values(array_map(static fn (string $line): array => self::line($reader->read(trim($line))), $written))];
    }

    /** @return array<string, mixed> */
    private static function line(ReadLine $line): array
    {
        $amount = static fn (ReadAmount $a): array => [
            'min' => KitchenNotation::write($a->min), 'max' => $a->max === null ? null : KitchenNotation::write($a->max),
            'unit' => $a->unit?->value,
        ];

        return [
            'text' => $line->text,
            'status' => $line->status,
            'amounts' => array_map($amount, $line->amounts),
            'also' => array_map($amount, $line->also),
            'ingredient' => $line->ingredient?->id,
            'name' => $line->name,
            'before' => $line->before,
            'after' => $line->after,
            'size' => $line->size,
            'package' => $line->package === null
                    ? null
                    : ['amount' => KitchenNotation::write($line->package->min), 'unit' => $line->package->unit?->value],
            'flags' => array_map(static fn (Flag $flag): string => $flag->value, $line->flags),
            'options' => $line->options,
            'parts' => array_map(static fn (Piece $piece): array => ['part' => $piece->part->value, 'text' => $piece->text], $line->pieces),
        ];
    }

    /** @return array<string, mixed> */
    private static function scale(JsonInput $given): array
    {
        $unit = $given->unit();
        $scaled = Amount::of($given->exact('amount'), $unit)->times(
            $given->has('factor')
                ? $given->exact('factor')
                : KitchenNotation::read('1'),
        );
        $kitchen = KitchenMeasure::of($scaled, $given->standard());
        $isCounted = $unit->dimension() !== Dimension::Volume;

        return [
            'exact' => KitchenNotation::write($scaled->number),
            'unit' => $unit->value,
            'kitchen' => array_map(
                static fn (Amount $a): array => ['amount' => KitchenNotation::write($a->number), 'unit' => $a->unit->value],
                $kitchen->parts,
            ),
            'text' => $isCounted ? $scaled->text() : $kitchen->text(),
            'measurable' => $kitchen->exact,
            ...($kitchen->exact ? [] : ['nearest' => $kitchen->text(), 'error_pct' => self::tidy($kitchen->errorPct)]),
            'needs' => self::eighths($kitchen),
        ];
    }

    /** @return list<string> spoons a set may lack */
    private static function eighths(KitchenMeasure $kitchen): array
    {
        $odd = array_filter(
            $kitchen->parts,
            static fn (Amount $a): bool => $a->unit === Unit::Teaspoon && (string) $a->number->getDenominator() === '8',
        );

        return $odd === [] ? [] : ['1/8 tsp'];
    }

    /** @return array<string, mixed> */
    private static function convert(JsonInput $given): array
    {
        $standard = $given->standard();
        $amount = Amount::of($given->exact('amount'), $given->unit());
        $to = $given->unit('to');
        $factor = $given->has('factor') ? $given->exact('factor') : KitchenNotation::read('1');
        $total = $amount->times($factor);
        $pantry = Pantry::reference();
        $handling = $given->has('handling') ? Handling::named($given->text('handling')) : null;
        $from = $amount->unit->dimension();
        $answer = static fn (mixed $exact, string $shown, float $loss, ?Conversion $by): array => [
            'exact' => $exact, 'shown' => $shown, 'unit' => $to->value, 'early_rounding_loss' => self::tidy($loss),
            'working' => $by === null ? [] : array_map(self::english(...), $by->working), 'source' => $by?->source,
        ];

        if ($from === $to->dimension() && $from !== Dimension::Ambiguous) {
            $exact = $total->inBase($standard)->dividedBy($standard->size($to, 'to'))->simplified();
            $shown = $from === Dimension::Mass ? (string) ShownGrams::of($exact) : KitchenNotation::write($exact);

            return $answer($from === Dimension::Mass ? self::tidy($exact->toFloat()) : KitchenNotation::write($exact), $shown, 0.0, null);
        }
        $ingredient = $pantry->ingredient($given->text('ingredient'));
        $sticks = Conversion::sticks($total, $to, $ingredient, $standard);
        if ($sticks !== null) {
            $shown = $to === Unit::Stick
                ? KitchenNotation::write($sticks) : KitchenMeasure::of(Amount::of($sticks, $to), $standard)->text();

            return $answer($to === Unit::Stick ? self::tidy($sticks->toFloat()) : KitchenNotation::write($sticks), $shown, 0.0, null);
        }
        if ($to->dimension() === Dimension::Mass) {
            $one = Conversion::toGrams($amount, $ingredient, $standard, $pantry, $handling);
            $all = Conversion::toGrams($total, $ingredient, $standard, $pantry, $handling);
            $unitG = $standard->size($to, 'to');
            $exact = $all->exact->dividedBy($unitG);
            $loss = $exact->minus(ShownGrams::of($one->exact->dividedBy($unitG))->toBigRational()->multipliedBy($factor));

            return $answer(self::tidy($exact->toFloat()), (string) ShownGrams::of($exact), $loss->abs()->toFloat(), $all);
        }
        $grams = $from === Dimension::Mass
                ? $total->inBase($standard)
                : Conversion::toGrams($total, $ingredient, $standard, $pantry, $handling)->exact;
        $back = Conversion::fromGrams($grams, $to, $ingredient, $standard, $pantry, $handling);
        $shown = $to->isMetricVolume()
                ? (string) ShownGrams::of($back->exact)
                : KitchenMeasure::of(Amount::of($back->exact, $to), $standard)->text();

        return $answer(KitchenNotation::write($back->exact), $shown, 0.0, $back);
    }

    /** @return array<string, mixed> */
    private static function plan(JsonInput $given): array
    {
        $standard = $given->standard();
        $ingredient = Pantry::reference()->ingredient($given->text('ingredient'));
        $method = $given->has('method') ? HouseMethod::named($given->text('method')) : null;
        $plans = (new ToolPlanner(Pantry::reference()))->plan(
            Amount::of($given->exact('amount'), $given->unit()), $ingredient, Tools::drawer($given, $standard), $standard, $method,
            $given->numberOr('tolerance_pct', null) ?? ToolPlanner::USUAL_TOLERANCE_PCT,
        );

        return [
            'plans' => array_map(static fn (ToolPlan $plan): array => [
                'fills' => array_map(
                    static fn (Fill $fill): array => [
                        'tool' => $fill->tool->id, 'count' => $fill->count, 'to_mark' => $fill->toMark?->text,
                    ],
                    $plan->fills,
                ),
                'fill_count' => $plan->fillCount(),
                'exact' => $plan->exact,
                'error_pct' => self::tidy($plan->errorPct),
                'mean_g' => self::tidy($plan->meanG),
                'u_g' => self::tidy($plan->uG),
                'why' => self::english($plan->why),
                'water_to' => $plan->waterTo?->text,
            ], $plans->plans),
            // Working the scale is one step to the shell: `weigh`.
            'steps' => array_values(array_map(
                static fn (Step $step): string => $step->value,
                array_filter($plans->technique->steps, static fn (Step $step): bool => ! $step->isPartOfWeighing()),
            )),
            'advice' => array_map(static fn (Advice $advice): string => $advice->value, $plans->advice),
            'notes' => array_map(self::english(...), $plans->notes),
            'weigh_g' => self::tidy($plans->weighG),
        ];
    }

    /** @return array<string, mixed> */
    private static function judge(JsonInput $given): array
    {
        $scale = Tools::scale($given);
        $judgement = Judge::judge(
            Target::of(
                $given->number('target_g'),
                Tolerance::of($given->number('tolerance_pct'), $given->numberOr('tolerance_floor_g', 0.0) ?? 0.0),
            ),
            ScaleReading::of($given->number('weighed_g'), $scale),
            $given->numberOr('expected_g', null),
        );
        $technique = $judgement->technique;

        return [
            'verdict' => $judgement->verdict->value,
            'error_g' => self::tidy($judgement->errorG),
            'error_pct' => self::tidy($judgement->errorPct),
            'band_g' => array_map(self::tidy(...), $judgement->band()),
            'tolerance_g' => self::tidy($judgement->target->toleranceG()),
            'tolerance_from' => $judgement->target->tolerance->isDecidedByFloor($judgement->target->grams) ? 'floor' : 'percent',
            'scale_u_g' => self::tidy($judgement->uncertaintyG),
            'scale_fit' => $judgement->fitness->fit,
            'weigh_together' => $judgement->fitness->weighTogether,
            'finer_scale_first' => $judgement->fitness->needsFinerScale(),
            'technique' => $technique === null ? null : [
                'error_g' => self::tidy($technique->errorG), 'error_pct' => self::tidy($technique->errorPct),
                'verdict' => $technique->verdict->value,
            ],
            'working' => array_map(self::english(...), Explanation::of($judgement)),
        ];
    }

    public static function english(Phrase $phrase): string
    {
        return Phrasebook::in('en')->say($phrase);
    }

    /** Without the dust of binary fractions. */
    public static function tidy(float $number): float
    {
        return round($number, 9) + 0.0;
    }
}
