<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Words\Phrase;

/**
 * A scale against known weights: what it shows too much from empty to full, how well it repeats, and whether it minds where the weight
 * stands (the craft's page, section 10).
 */
final readonly class ScaleCheck
{
    /** What is over, after the correction, and how far two readings of one weight may lie apart, in steps of the display. */
    private const MOST_STEPS = 1.5;

    /**
     * @param  list<array{nominal_g: float, reading_g: float}>  $weights  0 g for the empty plate
     * @param  list<float>  $repeats  of one weight
     * @param  list<float>  $corners  of one weight
     * @param  float  $worstG  the largest error as it stands
     * @param  float  $biasG  what it shows too much when empty
     * @param  float  $spanPct  and how much more for what lies on it, %
     * @param  float  $restG  the largest error that is left when both are taken off
     * @param  float|null  $repeatabilityG  standard deviation of one weight, put on again and again; null: not tried
     * @param  float|null  $cornersG  half the difference among the places of the plate; null: not tried
     */
    private function __construct(
        public array $weights, public array $repeats, public array $corners, private float $worstG, public float $readabilityG,
        public float $biasG, public float $spanPct, public float $restG,
        public ?float $repeatabilityG, public ?float $cornersG,
    ) {
    }

    /**
     * @param  list<array{nominal_g: float, reading_g: float}>  $weights  0 g for the empty plate
     * @param  float  $readabilityG  the step of its last digit
     * @param  list<float>  $repeatsG  the same weight each time
     * @param  list<float>  $cornersG  the same weight in the middle and at the corners
     *
     * @throws InvalidInput naming the field
     */
    public static function of(array $weights, float $readabilityG, array $repeatsG = [], array $cornersG = []): self
    {
        if ($weights === []) {
            throw InvalidInput::because('weights', Phrase::of('refusal.give', ['name' => 'weights']));
        }
        if (! is_finite($readabilityG) || $readabilityG <= 0) {
            throw InvalidInput::because('readability_g', Phrase::of('refusal.above-zero'));
        }
        $nominal = Sample::of(array_column($weights, 'nominal_g'), 'weights');
        $errors = array_map(static fn (array $one): float => $one['reading_g'] - $one['nominal_g'], $weights);
        $mean = Sample::of($errors, 'weights')->mean();
        // A line by least squares; with one weight alone it is taken for the same everywhere.
        $slope = $nominal->squares() === 0.0 ? 0.0 : array_sum(array_map(
            static fn (array $one, float $error): float => ($one['nominal_g'] - $nominal->mean()) * ($error - $mean), $weights, $errors,
        )) / $nominal->squares();
        $bias = $mean - $slope * $nominal->mean();
        $rest = array_map(
            static fn (array $one, float $error): float => abs($error - $bias - $slope * $one['nominal_g']), $weights, $errors,
        );

        return new self(
            $weights, $repeatsG, $cornersG, max(array_map(abs(...), $errors)), $readabilityG, $bias, 100 * $slope, max($rest),
            count($repeatsG) < 2 ? null : Sample::of($repeatsG, 'repeats_g')->sd(),
            count($cornersG) < 2 ? null : (max($cornersG) - min($cornersG)) / 2,
        );
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'weights' => $this->weights, 'repeats_g' => $this->repeats, 'corners_g' => $this->corners,
            'readability_g' => $this->readabilityG,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of(
            array_map(static fn (JsonInput $one): array => [
                'nominal_g' => $one->number('nominal_g'), 'reading_g' => $one->number('reading_g'),
            ], $stored->objects('weights')),
            $stored->number('readability_g'), $stored->numbers('repeats_g'), $stored->numbers('corners_g'),
        );
    }

    /** What it shows too much of a known weight by the line through all of them, g. */
    public function lineAt(float $nominalG): float
    {
        return $this->biasG + $this->spanPct / 100 * $nominalG;
    }

    /**
     * What it showed too much of each known weight, g.
     *
     * @return list<array{nominal_g: float, error_g: float, fitted_g: float}>
     */
    public function errors(): array
    {
        return array_map(fn (array $one): array => [
            'nominal_g' => $one['nominal_g'], 'error_g' => $one['reading_g'] - $one['nominal_g'],
            'fitted_g' => $this->lineAt($one['nominal_g']),
        ], $this->weights);
    }

    /** What it shows too much at its heaviest weight, in a thousand of it. */
    public function perMille(): float
    {
        $heaviest = max([0.0, ...array_column($this->weights, 'nominal_g')]);

        return $heaviest > 0 ? 1000 * $this->lineAt($heaviest) / $heaviest : 0.0;
    }

    /** How far a reading may be off and still be called right, g. */
    public function allowedG(): float
    {
        return self::MOST_STEPS * $this->readabilityG;
    }

    /** What is taken off every tared reading from now on, %: nothing of a scale that is right as it is. */
    public function appliedSpanPct(): float
    {
        return $this->verdict() === ScaleVerdict::LevelWithCorrection ? $this->spanPct : 0.0;
    }

    /** U (k = 2) of a tared weighing of so much from now on, g. */
    public function doubtAt(float $grams, Scale $type): float
    {
        return ScaleReading::of($grams, new Scale($type->readabilityG, $this->uncertaintyG(), $type->capacityG))->uncertainty();
    }

    /** g to be taken off what it shows. */
    public function correctionG(float $readingG): float
    {
        return ($this->biasG + $this->spanPct / 100 * $readingG) / (1 + $this->spanPct / 100);
    }

    /** Standard uncertainty of a corrected reading, g, beside the step of its display: repeats, places, and what the line leaves over. */
    public function uncertaintyG(): float
    {
        return sqrt(($this->repeatabilityG ?? 0.0) ** 2 + ($this->cornersG ?? 0.0) ** 2 / 3 + $this->restG ** 2 / 3);
    }

    /**
     * What is known and what is to be done, a sentence each.
     *
     * @return list<Phrase>
     */
    public function inWords(): array
    {
        $last = max([0.0, ...array_column($this->weights, 'nominal_g')]);
        $off = $this->lineAt($last);
        $said = [];
        if ($this->verdict() === ScaleVerdict::NotLevel) {
            $said[] = Phrase::of('scale-check.out');
        } elseif ($this->verdict() === ScaleVerdict::LevelWithCorrection) {
            $said[] = Phrase::of($off > 0 ? 'scale-check.high' : 'scale-check.low', [
                'grams' => round(abs($off), 2), 'at' => $last,
            ]);
        } else {
            $said[] = Phrase::of('scale-check.level');
        }
        if ($this->cornersG !== null && $this->cornersG > $this->readabilityG) {
            $said[] = Phrase::of('scale-check.corners', ['grams' => round(2 * $this->cornersG, 2)]);
        }
        if ($this->repeatabilityG !== null) {
            $said[] = Phrase::of('scale-check.repeats', ['grams' => round($this->repeatabilityG, 2)]);
        }

        return $said;
    }

    public function verdict(): ScaleVerdict
    {
        $most = $this->allowedG();

        return match (true) {
            max($this->restG, 2 * ($this->repeatabilityG ?? 0.0), $this->cornersG ?? 0.0) > $most => ScaleVerdict::NotLevel,
            $this->worstG > $this->readabilityG => ScaleVerdict::LevelWithCorrection,
            default => ScaleVerdict::Level,
        };
    }
}
