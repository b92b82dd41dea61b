<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use App\Http\Views\Weigh\LikelyCauseRow;
use App\Http\Views\Weigh\NoCause;
use App\Words\Said;
use Hovik\Core\Bake\Consequence;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\KeptCause;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\InvalidInput;
use Hovik\Core\Simulator\DrawnScale;
use Hovik\Core\Simulator\SimulatedTry;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

final readonly class SimulatedResult extends View
{
    /**
     * @param  list<LikelyCauseRow>  $causes
     * @param  list<string>  $working
     */
    public function __construct(
        public Verdict $verdict,
        public float $grams,
        public int $decimals,
        public float $error_g,
        public float $tolerances,
        public float $target_g,
        public int $target_decimals,
        public float $low_g,
        public float $high_g,
        public float $scale_u_g,
        public ?Verdict $predicted,
        public ?bool $predicted_right,
        public array $causes,
        public ?NoCause $none,
        public ?string $consequence,
        public array $working,
    ) {
    }

    private const SHOWN = 3;

    /** The number on the display, taken for grams as somebody would who writes it down. */
    public static function of(SimulatedTry $try, DrawnScale $shown): self
    {
        $number = $shown->number();
        if ($number === null || $number <= 0) {
            throw InvalidInput::because('actions', Phrase::of('refusal.no-weight-shown'));
        }
        $simulator = $try->simulator;
        $judged = Judge::judge($simulator->target, ScaleReading::of($number, $try->scale), $simulator->plan->meanG);
        $diagnosis = Diagnostician::diagnose(new Situation(
            $simulator->pantry, $simulator->ingredient, $simulator->amount, $simulator->standard, $simulator->plan->fills, null,
            $simulator->target->grams, $judged->reading, containerG: $try->bowlG > 0 ? $try->bowlG : null,
        ));
        [$low, $high] = $judged->band();
        $consequence = Consequence::of($simulator->ingredient->role, $judged->verdict);
        $places = Explanation::targetDecimals($judged);
        $isExplained = $diagnosis->isExplained();
        $row = static fn (LikelyCause $likely): LikelyCauseRow => LikelyCauseRow::of(KeptCause::of($likely), $places);

        return new self(
            verdict: $judged->verdict,
            grams: $number,
            decimals: max(Explanation::scaleDecimals($judged), $shown->decimals()),
            error_g: $judged->errorG,
            tolerances: $judged->inTolerances(),
            target_g: $judged->target->grams,
            target_decimals: $places,
            low_g: $low,
            high_g: $high,
            scale_u_g: $judged->uncertaintyG,
            predicted: $try->predicted,
            predicted_right: $try->predicted === null ? null : $try->predicted === $judged->verdict,
            causes: $isExplained ? array_map($row, $diagnosis->best(self::SHOWN)) : [],
            none: $isExplained ? null : NoCause::said(),
            consequence: $consequence === null ? null : Said::phrase($consequence),
            working: array_map(Said::phrase(...), Explanation::of($judged)),
        );
    }
}
