<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Gain;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** A verdict with the figures stored with it. */
final readonly class WeighingResult extends View
{
    /**
     * @param  string  $named  in the middle of a sentence
     * @param  float  $tolerances  the error in tolerances, signed; for drawing
     * @param  string|null  $advice  about a scale too coarse for this
     * @param  TechniqueResult|null  $technique  against what good technique gives with this very tool
     * @param  list<Step>  $ticked
     * @param  list<EarlierWeighing>  $earlier  this station's earlier weighings of the line
     * @param  list<string>  $working
     * @param  list<WeighedCup>  $cups  weighed with the food in them
     * @param  bool  $exam  one try, and no causes
     * @param  bool  $weighed_out  on the scale instead of measured
     */
    public function __construct(
        public string $id,
        public int $line_id,
        public string $name,
        public string $named,
        public Family $family,
        public string $amount,
        public string $student,
        public int $attempt,
        public Verdict $verdict,
        public float $grams,
        public int $decimals,
        public float $error_g,
        public float $error_pct,
        public float $tolerances,
        public float $target_g,
        public int $target_decimals,
        public float $tolerance_g,
        public float $low_g,
        public float $high_g,
        public float $scale_u_g,
        public string $scale,
        public float $step_g,
        public ?string $advice,
        public ?TechniqueResult $technique,
        public array $ticked,
        public ?string $gain,
        public ?Verdict $predicted,
        public array $earlier,
        public array $working,
        public array $cups,
        public bool $weighed_out,
        public ReadingSource $source,
        public bool $exam,
    ) {
    }

    public static function of(Weighing $weighing): self
    {
        $line = $weighing->line;
        $judged = $weighing->judgement;
        [$low, $high] = $judged->band();
        $advice = Explanation::advice($judged->fitness);
        $before = $weighing->earlier()->last();
        $gain = $before === null
                || $weighing->corrects_id !== null ? null : Gain::of($judged->target, (float) $before->grams, $judged->reading->grams);
        $working = LabWords::working($line);

        return new self(
            id: $weighing->id,
            line_id: $line->id,
            name: Said::ingredient($line->ingredient_id),
            named: Said::inside(Phrase::of("ingredient.$line->ingredient_id")),
            family: $line->family,
            amount: Said::measure($line->frozen->measure),
            student: $weighing->student->name,
            attempt: $weighing->attempt,
            verdict: $judged->verdict,
            grams: $judged->reading->grams,
            decimals: Explanation::scaleDecimals($judged),
            error_g: $judged->errorG,
            error_pct: $judged->errorPct,
            tolerances: $judged->inTolerances(),
            target_g: $judged->target->grams,
            target_decimals: Explanation::targetDecimals($judged),
            tolerance_g: $judged->target->toleranceG(),
            low_g: $low,
            high_g: $high,
            scale_u_g: $judged->uncertaintyG,
            scale: $weighing->scale->name,
            step_g: $judged->reading->scale->readabilityG,
            advice: $advice === null ? null : Said::phrase($advice),
            technique: TechniqueResult::of($judged),
            ticked: array_values($weighing->ticked->all()),
            gain: $gain === null ? null : Said::phrase($gain),
            predicted: $weighing->predicted,
            earlier: array_values($weighing->earlier()->map(EarlierWeighing::of(...))->all()),
            working: [
                ...$working['how'], ...array_map(Said::phrase(...), Explanation::of($judged, $weighing->together)), ...$working['source'],
            ],
            cups: WeighedCup::all($weighing),
            weighed_out: $weighing->measured()->isWeighedOut(),
            source: $weighing->source,
            exam: $line->lab->is_exam,
        );
    }
}
