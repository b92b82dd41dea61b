<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Checks\ShareTools;
use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Station;
use App\Models\ToolCheck;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Lab\LabState;

/** A class's tool lab: who checks what, and how it goes. */
final readonly class ToolLabPage extends View
{
    /**
     * @param  list<ToolLabStation>  $stations
     * @param  int  $tools  to be checked
     * @param  int  $fit  of those
     * @param  int  $waiting  for the teacher's yes
     */
    public function __construct(
        public int $lab_id, public string $title, public LabState $state, public string $section, public array $stations, public int $tools,
        public int $checked, public int $fit, public int $waiting,
    ) {
    }

    public static function of(Lab $lab): self
    {
        $checks = ToolCheck::query()->with(['student', 'teacher', 'scale'])->where('lab_id', $lab->id)->get()
            ->filter(static fn (ToolCheck $one): bool => $one->state->isDone())->keyBy('name');
        $shares = $lab->shares ?? ShareTools::of($lab->section);
        $fit = $checks->filter(static fn (ToolCheck $one): bool => $one->verdict === ToolVerdict::Fit && ! $one->isUnfit());

        return new self(
            $lab->id, $lab->title, $lab->state, $lab->section->name,
            array_values($lab->section->stations->map(
                static fn (Station $one): ToolLabStation => ToolLabStation::of($one, $shares, $checks),
            )->all()),
            $shares->count(), $checks->count(), $fit->count(),
            $checks->filter(static fn (ToolCheck $one): bool => $one->state->waits())->count(),
        );
    }
}
