<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\Scale;
use Hovik\Core\Calibration\FillTo;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;

/** To where a tool is filled for its check. */
final readonly class FillToCheck extends View
{
    /**
     * @param  string|null  $mark  null: its rim
     * @param  int  $together  so many fills are weighed as one
     * @param  list<int>  $fit_scales  that can tell, the finest first
     */
    public function __construct(public ?string $mark, public float $ml, public FillTo $to, public int $together, public array $fit_scales)
    {
    }

    /** @param  list<Scale>  $scales */
    public static function of(Tool $tool, ?Mark $mark, array $scales): self
    {
        $fit = array_filter($scales, static fn (Scale $scale): bool => VolumeCheck::canTell($scale->toCore(), $tool, $mark));
        usort($fit, static fn (Scale $a, Scale $b): int => $a->toCore()->readabilityG <=> $b->toCore()->readabilityG);

        return new self(
            $mark?->text, $mark->about ?? $tool->aboutMl, VolumeCheck::filledTo($tool, $mark), VolumeCheck::together($tool),
            array_map(static fn (Scale $scale): int => $scale->id, $fit),
        );
    }
}
