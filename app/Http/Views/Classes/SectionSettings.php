<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\JsonMap;
use App\Http\Views\View;
use App\Models\Section;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\ToleranceLevel;

final readonly class SectionSettings extends View
{
    /**
     * @param  string|null  $period  of the school's bells; null: its own hours every day
     * @param  string  $starts_at  its own
     * @param  list<HouseMethod>  $methods
     * @param  JsonMap<string>  $schools  answers by question
     */
    public function __construct(
        public string $name,
        public ?string $period,
        public string $starts_at,
        public string $ends_at,
        public MeasureStandard $standard,
        public ToleranceLevel $tolerance_level,
        public array $methods,
        public JsonMap $schools,
        public Tolerances $tolerances,
        public bool $shows_target,
        public bool $asks_guess,
        public bool $asks_prediction,
        public bool $open_to_join,
    ) {
    }

    public static function of(Section $section): self
    {
        $policy = $section->tolerancePolicy();

        return new self(
            name: $section->name,
            period: $section->period,
            starts_at: $section->ownHours()->from,
            ends_at: $section->ownHours()->to,
            standard: $section->standard,
            tolerance_level: $section->tolerance_level,
            methods: array_values($section->methods->all()),
            schools: new JsonMap($section->schools ?? []),
            tolerances: new Tolerances(new JsonMap($policy->percents), $policy->smallFloorG, $policy->floorG),
            shows_target: $section->shows_target,
            asks_guess: $section->asks_guess,
            asks_prediction: $section->asks_prediction,
            open_to_join: $section->open_to_join,
        );
    }
}
