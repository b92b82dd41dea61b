<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Models\Weighing;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Standard\Trial;

/** A level weighing of a lab that may be taken as a trial. */
final readonly class PastWeighing extends View
{
    /**
     * @param  string  $tool  that was filled, by id in the catalogue
     * @param  float  $grams  of one fill
     */
    public function __construct(
        public string $id, public string $tool, public float $grams, public string $station, public string $lab, public string $day,
    ) {
    }

    public static function of(Weighing $weighing, Fill $fill): self
    {
        return new self(
            $weighing->id, $fill->tool->id, Trial::gramsOf($weighing->judgement->reading, $fill), $weighing->station->shownName(),
            $weighing->line->lab->title, $weighing->created_at->toDateString(),
        );
    }
}
