<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigRational;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Sayable;

/**
 * An amount re-expressed in what hangs in a kitchen: cups from 1/4 up, whole tablespoons, teaspoons in eighths, largest
 * first. `1 3/4 tsp` doubled is `1 tbsp + 1/2 tsp`. What cannot be expressed exactly is given as the nearest, with its error.
 */
final readonly class KitchenMeasure implements Sayable
{
    private const CUP_FRACTIONS = ['3/4', '2/3', '1/2', '1/3', '1/4', '0'];

    /**
     * @param  list<Amount>  $parts  largest first; of the nearest measure when not exact
     * @param  float  $errorPct  of the nearest measure against the amount asked for; 0 when exact
     */
    private function __construct(public array $parts, public bool $exact, public float $errorPct)
    {
    }

    /** @return array{parts: list<array{number: string, unit: string}>, exact: bool, error_pct: float} to be stored */
    public function toArray(): array
    {
        return [
            'parts' => array_map(static fn (Amount $part): array => $part->toArray(), $this->parts),
            'exact' => $this->exact,
            'error_pct' => $this->errorPct,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            array_map(Amount::fromArray(...), $stored->objects('parts')), $stored->flag('exact', true),
            $stored->number('error_pct'),
        );
    }

    public static function of(Amount $amount, MeasureStandard $standard): self
    {
        $unit = $amount->unit;

        return match (true) {
            $unit->dimension() === Dimension::Mass || $unit->isMetricVolume() => new self([$amount], true, 0.0),
            $unit->dimension() === Dimension::Volume => self::volume($amount, $standard),
            $unit === Unit::Dozen => self::wholeOrNearest($amount, 12), // half a dozen is six
            default => self::wholeOrNearest($amount, 1),
        };
    }

    /**
     * As a cook would say a volume: the fewest measures that come near enough, else the nearest there is.
     *
     * @param  float  $within  share that it may be off, 0.005 for half a per cent
     */
    public static function asACook(BigRational $ml, MeasureStandard $standard, float $within): self
    {
        $parts = CookMeasure::of($ml, $standard, $within);
        if ($parts === null) {
            return self::of(Amount::of($ml->dividedBy($standard->size(Unit::Cup)), Unit::Cup), $standard);
        }
        $sum = array_reduce(
            $parts, static fn (BigRational $sum, Amount $one): BigRational => $sum->plus($one->inBase($standard)), BigRational::zero(),
        );

        return new self($parts, $sum->isEqualTo($ml), 100 * ($sum->toFloat() / $ml->toFloat() - 1));
    }

    /** As a cook measures what was said: `1/6 cup` is `2 tbsp + 2 tsp`; what is measurable as said stays as said. */
    public static function asMeasured(Amount $said, MeasureStandard $standard): self
    {
        $kitchen = self::of($said, $standard);

        $denominator = (string) $said->number->getDenominator();
        $isMeasure = match ($said->unit) {
            Unit::Cup => $said->number->isGreaterThanOrEqualTo('1/4') && in_array($denominator, ['1', '2', '3', '4'], true),
            Unit::Tablespoon => $denominator === '1',
            default => KitchenNotation::isKitchenFraction($said->number),
        };

        return $isMeasure || ! $kitchen->exact ? new self([$said], true, 0.0) : $kitchen;
    }

    /** A volume by spoons alone; null where they cannot say it exactly. */
    public static function inSpoons(BigRational $ml, MeasureStandard $standard): ?self
    {
        $parts = self::withSpoons(BigRational::zero(), $ml, $standard);

        return $parts === null ? null : new self($parts, true, 0.0);
    }

    /** `3/4 cup + 1 tbsp` */
    public function text(): string
    {
        return implode(' + ', array_map(static fn (Amount $part): string => $part->text(), $this->parts));
    }

    private static function volume(Amount $amount, MeasureStandard $standard): self
    {
        $ml = $amount->inBase($standard);
        $best = null;
        foreach (self::cupsDownFrom($ml->dividedBy($standard->size(Unit::Cup))) as $cups) {
            $parts = self::withSpoons($cups, $ml, $standard);
            if ($parts !== null) {
                return new self(self::twoCups($parts, $ml, $standard) ?? $parts, true, 0.0);
            }
            $best ??= $cups;
        }
        // A US fluid ounce stays one in a class that has none of its own; a pinch stays a pinch where spoons are too coarse for it.
        if ($standard->borrows($amount->unit) && KitchenNotation::isKitchenFraction($amount->number)) {
            return new self([$amount], true, 0.0);
        }
        if (
            in_array($amount->unit, [Unit::Pinch, Unit::Dash, Unit::Smidgen, Unit::Drop], true)
                && KitchenNotation::isKitchenFraction($amount->number)
        ) {
            return self::wholeOrNearest($amount, 1);
        }

        return self::nearestVolume($ml, $best ?? BigRational::zero(), $standard);
    }

    /**
     * Two cup fractions before a row of spoons: 2/3 + 3/4 cup, where they say it exactly.
     *
     * @param  non-empty-list<Amount>  $parts
     * @return list<Amount>|null
     */
    private static function twoCups(array $parts, BigRational $ml, MeasureStandard $standard): ?array
    {
        $two = count($parts) > 2 ? CookMeasure::of($ml, $standard, 0.0) : null;

        return $two !== null && array_filter($two, static fn (Amount $one): bool => $one->unit !== Unit::Cup) === [] ? $two : null;
    }

    /** @return list<BigRational> the cup amounts kitchens measure that fit, largest first, ending with none */
    private static function cupsDownFrom(BigRational $cups): array
    {
        $whole = BigRational::of($cups->getNumerator()->quotient($cups->getDenominator()));
        $fits = [];
        foreach ([$whole, $whole->minus(1)] as $base) {
            foreach (self::CUP_FRACTIONS as $fraction) {
                $candidate = $base->plus($fraction);
                if (! $candidate->isNegative() && $candidate->isLessThanOrEqualTo($cups)) {
                    $fits[] = $candidate;
                }
            }
        }
        $fits[] = BigRational::zero();

        return $fits;
    }

    /** @return non-empty-list<Amount>|null null when the rest is not whole eighths of a teaspoon */
    private static function withSpoons(BigRational $cups, BigRational $ml, MeasureStandard $standard): ?array
    {
        $rest = $ml->minus($cups->multipliedBy($standard->size(Unit::Cup)));
        $tbspMl = $standard->size(Unit::Tablespoon);
        $inTbsp = $rest->dividedBy($tbspMl);
        $tbsp = $inTbsp->getNumerator()->quotient($inTbsp->getDenominator());
        $tsp = $rest->minus($tbspMl->multipliedBy($tbsp))->dividedBy($standard->size(Unit::Teaspoon))->simplified();
        if (! $tsp->multipliedBy(8)->simplified()->getDenominator()->isEqualTo(1)) {
            return null;
        }
        $parts = [];
        foreach ([[$cups, Unit::Cup], [BigRational::of($tbsp), Unit::Tablespoon], [$tsp, Unit::Teaspoon]] as [$number, $unit]) {
            if ($number->isPositive()) {
                $parts[] = Amount::of($number, $unit);
            }
        }

        return $parts === [] ? null : $parts;
    }

    private static function nearestVolume(BigRational $ml, BigRational $cups, MeasureStandard $standard): self
    {
        $tspMl = $standard->size(Unit::Teaspoon);
        $cupMl = $cups->multipliedBy($standard->size(Unit::Cup));
        $eighths = KitchenNotation::nearest($ml->minus($cupMl)->dividedBy($tspMl), 8);
        if ($cups->isZero() && $eighths->isZero()) {
            $eighths = BigRational::of('1/8'); // never nothing at all
        }
        $nearest = $cupMl->plus($eighths->multipliedBy($tspMl));
        $parts = self::withSpoons($cups, $nearest, $standard) ?? [Amount::of($eighths, Unit::Teaspoon)];

        return new self($parts, false, $nearest->minus($ml)->dividedBy($ml)->multipliedBy(100)->toFloat());
    }

    /** Counted things and pinches: whole, or the nearest whole (never none). */
    private static function wholeOrNearest(Amount $amount, int $parts): self
    {
        $nearest = KitchenNotation::nearest($amount->number, $parts);
        if ($nearest->isZero()) {
            $nearest = BigRational::of(1)->dividedBy($parts);
        }
        $error = $nearest->minus($amount->number)->dividedBy($amount->number)->multipliedBy(100)->toFloat();

        return new self([Amount::of($nearest, $amount->unit)], $nearest->isEqualTo($amount->number), $error);
    }

    public function phrase(): Phrase
    {
        return Phrase::of('list.plus', ['parts' => array_map(static fn (Amount $part): Phrase => $part->phrase(), $this->parts)]);
    }
}
