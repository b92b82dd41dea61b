<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** Reads tools, fills and scales out of what was given. */
final class Tools
{
    /** More fills of one tool than this nobody counts. */
    private const MOST_FILLS = 200;

    /** @return list<Tool> */
    public static function drawer(JsonInput $given, MeasureStandard $standard): array
    {
        $tools = [];
        foreach ($given->list('drawer') as $i => $item) {
            if (is_string($item)) {
                $item = ['id' => $item];
            }
            if (! is_array($item)) {
                throw InvalidInput::because("drawer.$i", Phrase::of('refusal.tool-or-id'));
            }
            $one = new JsonInput($item, "drawer.$i.");
            $trueMl = $one->numberOr('true_ml', null);
            if ($trueMl !== null && ! ($trueMl > 0 && $trueMl <= 10_000)) {
                throw InvalidInput::because("drawer.$i.true_ml", Phrase::of('refusal.above-to', ['least' => 0, 'most' => 10_000]));
            }
            $count = $one->numberOr('count', 1.0);
            if ($count >= 1) {
                $tools[] = ToolCatalogue::tool($one->text('id'), $standard, $trueMl, (int) $count, "drawer.$i.id");
            }
        }

        return $tools;
    }

    /**
     * `[{tool, count, to_mark}]`, as `plan` answers them.
     *
     * @param  list<Tool>  $drawer  whose calibrations count here too
     * @return list<Fill>
     *
     * @throws InvalidInput naming the field
     */
    public static function fills(JsonInput $given, MeasureStandard $standard, array $drawer = []): array
    {
        $fills = [];
        foreach ($given->list('fills') as $i => $item) {
            if (! is_array($item)) {
                throw InvalidInput::because("fills.$i", Phrase::of('refusal.fill'));
            }
            $one = new JsonInput($item, "fills.$i.");
            $id = $one->text('tool');
            $owned = array_values(array_filter($drawer, static fn (Tool $tool): bool => $tool->id === $id));
            $tool = $owned[0] ?? ToolCatalogue::tool($id, $standard, null, 1, "fills.$i.tool");
            $count = $one->numberOr('count', 1.0) ?? 1.0;
            if ($count < 1 || $count > self::MOST_FILLS || floor($count) !== $count) {
                throw InvalidInput::because("fills.$i.count", Phrase::of('refusal.range', ['least' => 1, 'most' => self::MOST_FILLS]));
            }
            $fills[] = new Fill(
                $tool, (int) $count, $one->has('to_mark') ? self::mark($tool, $one->text('to_mark'), "fills.$i.to_mark") : null,
            );
        }

        return $fills;
    }

    /** @throws InvalidInput */
    public static function scale(JsonInput $given): Scale
    {
        $scale = $given->object('scale');

        return new Scale($scale->number('readability_g'), $scale->numberOr('u_cal_g', 0.0));
    }

    private static function mark(Tool $tool, string $text, string $field): Mark
    {
        foreach ($tool->marks as $mark) {
            if ($mark->text === $text) {
                return $mark;
            }
        }

        throw InvalidInput::because($field, Phrase::of('refusal.no-mark', ['tool' => $tool->called(), 'mark' => $text]));
    }
}
