<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

/**
 * The compiled rows of core/data/units.csv, by unit id.
 *
 * @internal ask {@see Unit} and {@see MeasureStandard} instead
 */
final class UnitTable
{
    /** @var array<string, array<string, string>>|null */
    private static ?array $rows = null;

    /** @return array<string, string> column => cell */
    public static function row(Unit $unit): array
    {
        return self::rows()[$unit->value];
    }

    /** The unit a cook's symbol stands for, case first (T and t differ), or null. */
    public static function bySymbol(string $symbol): ?Unit
    {
        foreach (self::rows() as $id => $row) {
            if (in_array($symbol, explode('|', $row['symbols']), true)) {
                return Unit::from($id);
            }
        }

        return null;
    }

    /** @return array<string, array<string, string>> */
    public static function rows(): array
    {
        if (self::$rows === null) {
            /** @var list<array<string, string>> $compiled */
            $compiled = require __DIR__.'/../data/compiled/units.php';
            self::$rows = [];
            foreach ($compiled as $row) {
                self::$rows[$row['unit_id']] = $row;
            }
        }

        return self::$rows;
    }
}
