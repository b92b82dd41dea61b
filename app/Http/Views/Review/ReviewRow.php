<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Review\ReviewedWeighing;
use App\Words\Said;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Technique\Step;

/** One weighing, with all that is known of it. */
final readonly class ReviewRow extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  float  $tolerances  the error in tolerances, signed
     * @param  int  $nth  of this student's tries of it
     * @param  bool  $best  of those the nearest
     * @param  bool  $coached  somebody had said what to do better
     * @param  float|null  $known_g  what bag and tool are known to add, g; null where next to nothing
     * @param  string|null  $cause  what may have happened
     * @param  list<string>  $missed  steps not done
     * @param  bool  $seen  the teacher looked at the steps
     */
    public function __construct(
        public string $id,
        public int $line_id,
        public int $lab_id,
        public string $lab,
        public string $day,
        public string $food_id,
        public string $food,
        public string $family,
        public string $amount,
        public string $tool,
        public string $scale,
        public float $grams,
        public int $decimals,
        public float $target_g,
        public string $verdict,
        public float $error_g,
        public float $tolerances,
        public int $nth,
        public bool $best,
        public bool $coached,
        public ?float $known_g,
        public ?string $cause,
        public array $missed,
        public bool $seen,
        public bool $other_way,
        public bool $weighed_out,
    ) {
    }

    public static function of(ReviewedWeighing $one): self
    {
        $weighing = $one->weighing;
        $line = $one->line;
        $target = $weighing->judgement->target;

        return new self(
            id: $weighing->id,
            line_id: $weighing->lab_line_id,
            lab_id: $weighing->line->lab_id,
            lab: $weighing->line->lab->title,
            day: $weighing->line->lab->planned_for->toDateString(),
            food_id: $weighing->line->ingredient_id,
            food: Said::ingredient($weighing->line->ingredient_id),
            family: $weighing->line->family->value,
            amount: Said::measure($line->measure),
            tool: $line->way()->plan === null ? '' : Said::plan($line->way()->plan),
            scale: $weighing->scale->name,
            grams: (float) $weighing->grams,
            decimals: $weighing->decimals(),
            target_g: $target->grams,
            verdict: $weighing->verdict->value,
            error_g: (float) $weighing->error_g,
            tolerances: $weighing->judgement->inTolerances(),
            nth: $one->nth,
            best: $one->kept->is_best ?? false,
            coached: $one->isCoached(),
            known_g: $one->kept === null ? null : TermWeighing::knownG($target->grams, $one->kept->known),
            cause: $one->cause === null || $one->cause === Cause::Sound ? null : Said::phrase($one->cause->said()),
            missed: array_map(static fn (Step $step): string => Said::step(
                $step, $line->method, $weighing->line->family, isShort: true,
            )['text'], $one->missed()),
            seen: $one->seen !== [],
            other_way: $weighing->way !== null,
            weighed_out: $line->isWeighedOut(),
        );
    }
}
