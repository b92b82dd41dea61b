<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\UnitTable;
use Hovik\Core\Words\Phrase;

/** The tools of core/data/tools.csv. A nominal text is read exactly, in the tool's own standard. */
final class ToolCatalogue
{
    /** @var array<string, array<string, string>>|null */
    private static ?array $rows = null;

    /** @var array<string, Tool> */
    private static array $made = [];

    /**
     * A measuring tool. Under `us_label_240` a US tool counts as its label.
     *
     * @param  float|null  $trueMl  from its water check
     *
     * @throws InvalidInput when there is no such tool, or it is a scale
     */
    public static function tool(
        string $id, MeasureStandard $standard, ?float $trueMl = null, int $count = 1, string $field = 'drawer',
    ): Tool {
        $row = self::row($id, $field);
        $kind = ToolKind::from($row['kind']);
        if ($kind === ToolKind::Scale) {
            throw InvalidInput::because($field, Phrase::of('refusal.is-a-scale', ['id' => $id]));
        }
        $own = self::ownStandard($row['standard'], $standard);
        $tool = self::$made[$id.' '.$own->value] ??= self::make($row, $kind, $own);

        return $trueMl === null && $count === 1 ? $tool
            : new Tool(
                $tool->id, $tool->name, $tool->kind, $tool->nominal, $tool->size, $tool->nominalMl, $tool->marks,
                $tool->diameterMm, $tool->tolerance, $trueMl, $count, $tool->system,
            );
    }

    /**
     * A tool as a kitchen owns it; null when none of them is left in use.
     *
     * @param  int  $retired  of them, kept out of every plan
     * @param  list<string>  $worn  marks that cannot be read any more, as lettered
     */
    public static function owned(
        string $id, MeasureStandard $standard, ?float $trueMl, int $count, int $retired = 0, int $inSet = 0, array $worn = [],
    ): ?Tool {
        $tool = self::tool($id, $standard);
        $left = $count - $retired;

        return $left < 1 ? null : new Tool(
            $tool->id, $tool->name, $tool->kind, $tool->nominal, $tool->size, $tool->nominalMl,
            array_values(array_filter($tool->marks, static fn (Mark $mark): bool => ! in_array($mark->text, $worn, true))),
            $tool->diameterMm, $tool->tolerance, $trueMl, $left, $tool->system, $inSet,
        );
    }

    /**
     * A scale of one of the catalogue's types.
     *
     * @param  float|null  $calibrationG  from its check; null until then
     * @param  float  $spanPct  what it shows too much, %
     *
     * @throws InvalidInput when there is no such scale
     */
    public static function scale(string $id, ?float $calibrationG = null, string $field = 'scale', float $spanPct = 0.0): Scale
    {
        $row = self::row($id, $field);
        if ($row['kind'] !== ToolKind::Scale->value) {
            throw InvalidInput::because($field, Phrase::of('refusal.no-scale', ['id' => $id]));
        }

        return new Scale(
            (float) $row['readability_g'], $calibrationG, (float) $row['capacity_g'], (float) $row['typical_tolerance_pct'] / 100, $spanPct,
        );
    }

    public static function isScale(string $id): bool
    {
        return self::row($id, 'id')['kind'] === ToolKind::Scale->value;
    }

    /** Of a tool that was stored before tools said so themselves. */
    public static function systemOf(string $id): MeasuringSystem
    {
        return MeasuringSystem::tryFrom(self::rows()[$id]['standard'] ?? '') ?? MeasuringSystem::Us;
    }

    /** @return list<Tool> all there are to buy, smallest first */
    public static function all(MeasureStandard $standard): array
    {
        $tools = [];
        foreach (self::ids() as $id) {
            if (! self::isScale($id)) {
                $tools[] = self::tool($id, $standard);
            }
        }
        usort($tools, static fn (Tool $a, Tool $b): int => $a->aboutMl <=> $b->aboutMl);

        return $tools;
    }

    /** @return list<string> ids of all tools, scales included */
    public static function ids(): array
    {
        return array_keys(self::rows());
    }

    private static function ownStandard(string $of, MeasureStandard $inForce): MeasureStandard
    {
        return match ($of) {
            'metric' => MeasureStandard::Metric250,
            'au' => MeasureStandard::Australian,
            'uk-imperial' => MeasureStandard::ImperialLegacy,
            default => $inForce === MeasureStandard::UsLabel240 ? $inForce : MeasureStandard::UsCustomary,
        };
    }

    /** @param  array<string, string>  $row */
    private static function make(array $row, ToolKind $kind, MeasureStandard $own): Tool
    {
        $marks = [];
        foreach ($row['marks'] === '' ? [] : explode('|', $row['marks']) as $text) {
            [$ml, $amount] = self::read($text, $own);
            if ($ml !== null) {
                $marks[] = new Mark($text, $ml, $amount);
            }
        }
        [$ml, $size] = self::read($row['nominal'], $own);

        return new Tool(
            id: $row['id'],
            name: $row['name'],
            kind: $kind,
            nominal: $row['nominal'],
            size: $size,
            nominalMl: $ml ?? BigRational::zero(),
            marks: $marks,
            diameterMm: $row['inner_diameter_mm_at_rim'] === '' ? null : (float) $row['inner_diameter_mm_at_rim'],
            tolerance: (float) $row['typical_tolerance_pct'] / 100,
            system: MeasuringSystem::tryFrom($row['standard']) ?? MeasuringSystem::Us,
        );
    }

    /**
     * Reads `1 1/2 cup` or `20 imp fl oz`.
     *
     * @return array{BigRational|null, Amount|null} mL (null for a mass, as on a metric butter wrapper) and the amount (null where imperial)
     */
    private static function read(string $text, MeasureStandard $own): array
    {
        if (preg_match('~^((?:\d+ )?\d+/\d+|[\d.]+) (imp )?(.+)$~', $text, $m) !== 1) {
            throw new \LogicException("tools.csv: cannot read '$text'");
        }
        $unit = UnitTable::bySymbol($m[3]) ?? throw new \LogicException("tools.csv: unknown unit in '$text'");
        $amount = Amount::of(KitchenNotation::read($m[1]), $unit);
        if ($unit->dimension() !== Dimension::Volume) {
            return [null, $amount];
        }

        return $m[2] === '' ? [$amount->inBase($own), $amount] : [$amount->inBase(MeasureStandard::ImperialLegacy), null];
    }

    /** @return array<string, string> */
    private static function row(string $id, string $field): array
    {
        return self::rows()[$id] ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such', ['id' => $id]));
    }

    /** @return array<string, array<string, string>> */
    private static function rows(): array
    {
        if (self::$rows === null) {
            /** @var list<array<string, string>> $compiled */
            $compiled = require __DIR__.'/../data/compiled/tools.php';
            self::$rows = [];
            foreach ($compiled as $row) {
                self::$rows[$row['id']] = $row;
            }
        }

        return self::$rows;
    }
}
