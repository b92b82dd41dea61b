<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Calibration\FillTo;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\Calibration\UncertaintyTerm;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Calibration\Water;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** `check-volume` and `check-scale`. */
final class Checks
{
    /** @return array<string, mixed> */
    public static function volume(JsonInput $given): array
    {
        $nominal = $given->number('nominal_ml');
        $tool = $given->has('tool') ? ToolCatalogue::tool($given->text('tool'), MeasureStandard::UsCustomary, null, 1, 'tool') : null;
        $isRead = $tool?->kind->isMarked() === true;
        $check = VolumeCheck::of(
            $nominal, Standards::numbers($given->list('readings_g'), 'readings_g'), Water::at($given->number('water_c')),
            Tools::scale($given), $isRead ? FillTo::Line : FillTo::Rim, VolumeCheck::diameterMm($tool?->diameterMm, $nominal),
            $given->numberOr('tolerance_pct', null) ?? VolumeCheck::usualTolerancePct($nominal), (int) $given->numberOr('together', 1.0),
        );

        return [
            'volume_ml' => Ask::tidy($check->volumeMl()),
            'deviation_pct' => Ask::tidy($check->deviationPct()),
            'u_pct' => Ask::tidy($check->uncertaintyPct()),
            'verdict' => $check->verdict()->value,
            'more_to_settle' => $check->moreToSettle(),
            'budget_ml' => array_map(
                static fn (UncertaintyTerm $term): array => [
                    'from' => $term->id, 'u_ml' => Ask::tidy($term->ml), 'said' => Ask::english(Phrase::of("uncertainty.$term->id")),
                ],
                $check->budget(),
            ),
            'neglected' => Ask::english(Phrase::of('uncertainty.air')),
        ];
    }

    /** @return array<string, mixed> */
    public static function scale(JsonInput $given): array
    {
        $weights = [];
        foreach ($given->list('weights') as $i => $one) {
            if (! is_array($one)) {
                throw InvalidInput::because("weights.$i", Phrase::of('refusal.must-be-object', ['name' => "weights.$i"]));
            }
            $weight = new JsonInput($one, "weights.$i.");
            $weights[] = ['nominal_g' => $weight->number('nominal_g'), 'reading_g' => $weight->number('reading_g')];
        }
        $numbers = static fn (string $field): array => $given->has($field) ? Standards::numbers($given->list($field), $field) : [];
        $check = ScaleCheck::of($weights, $given->number('readability_g'), $numbers('repeats_g'), $numbers('corners_g'));

        return [
            'bias_g' => Ask::tidy($check->biasG),
            'span_error_pct' => Ask::tidy($check->spanPct),
            'repeatability_g' => $check->repeatabilityG === null ? null : Ask::tidy($check->repeatabilityG),
            'u_cal_g' => Ask::tidy($check->uncertaintyG()),
            'verdict' => $check->verdict()->value,
        ];
    }
}
