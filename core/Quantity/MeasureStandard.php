<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Whose cup: the class's setting that gives every volume unit its size. */
enum MeasureStandard: string
{
    case UsCustomary = 'us_customary';
    case UsLabel240 = 'us_label_240';
    case Metric250 = 'metric_250';
    case Australian = 'au';
    /** Only for reading the marks of imperial jugs; no class measures by it. */
    case ImperialLegacy = 'uk_imperial_legacy';

    /** @throws InvalidInput when the id is not a standard a class can choose */
    public static function named(string $id, string $field = 'standard'): self
    {
        $standard = self::tryFrom($id);
        if ($standard === null || $standard === self::ImperialLegacy) {
            throw InvalidInput::because($field, Phrase::of('refusal.one-of', ['known' => 'us_customary, us_label_240, metric_250, au']));
        }

        return $standard;
    }

    /**
     * The size of one unit, exact: mL of a volume, g of a mass, pieces of a count. A unit that the standard leaves open keeps its US
     * size (see {@see borrows()}), so that no recipe stops being readable when a class changes its cup.
     *
     * @throws InvalidInput when nobody gives it a size: a can, a handful
     */
    public function size(Unit $unit, string $field = 'unit'): BigRational
    {
        /** @var array<string, BigRational> $sizes */
        static $sizes = [];
        $key = $this->value.' '.$unit->value;
        if (isset($sizes[$key])) {
            return $sizes[$key];
        }
        $row = UnitTable::row($unit);
        $cell = $row[$this->value];
        if ($cell === '' && $this !== self::ImperialLegacy) {
            $cell = $row[self::UsCustomary->value];
        }
        if ($cell === '') {
            $one = Phrase::of("unit.$unit->value", ['n' => '1', 'many' => 'no']);
            throw InvalidInput::because($field, Phrase::of('refusal.no-size', ['unit' => $one]));
        }

        return $sizes[$key] = BigRational::of($cell);
    }

    /** Whether this standard has no such unit of its own and takes the US one: to be said wherever it is used. */
    public function borrows(Unit $unit): bool
    {
        $row = UnitTable::row($unit);

        return $row[$this->value] === '' && $row[self::UsCustomary->value] !== '' && $unit->dimension() === Dimension::Volume;
    }

    /** The same as a float, for the statistical models; worked out once. */
    public function sizeAbout(Unit $unit): float
    {
        /** @var array<string, float> $sizes */
        static $sizes = [];

        return $sizes[$this->value.' '.$unit->value] ??= $this->size($unit)->toFloat();
    }
}
