<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\DrawnFill;
use App\Http\Views\Lab\StepToDo;
use App\Http\Views\View;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\ThenSteps;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** A line as stations work by it, without what changes while they do; no target is in here. */
final readonly class FrozenStationLine extends View
{
    /**
     * @param  string  $named  in the middle of a sentence
     * @param  string  $amount  as a cook measures it
     * @param  string|null  $weigh_out  what to weigh, where the scale measures it
     * @param  list<DrawnFill>  $fills
     * @param  list<string>  $helpers
     * @param  list<StepToDo>  $steps
     * @param  list<string>  $then  what is done once it is measured and weighed
     * @param  list<string>  $cautions
     * @param  list<int>|null  $stations  that measure it; null: all of them
     * @param  int  $cups  weighed one by one with the food in them; 0 where it is tipped into a bowl
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $named,
        public Family $family,
        public string $amount,
        public string $recipe_says,
        public ?string $weigh_out,
        public array $fills,
        public array $helpers,
        public ?string $why_tools,
        public array $steps,
        public array $then,
        public ?WatchOut $watch,
        public array $cautions,
        public int $cups,
        public ?int $pieces,
        public bool $shared,
        public bool $one_spoon,
        public ?array $stations,
    ) {
    }

    public static function of(LabLine $line): self
    {
        $frozen = $line->frozen;
        $technique = $frozen->way()->technique;
        $why = $frozen->way()->plan->why ?? $frozen->whyWeighedOut();
        $bowl = $frozen->bowl();
        $isShort = $line->lab->frozen?->rules->saysStepsShort() === true;
        $step = static function (Step $step) use ($frozen, $line, $isShort): StepToDo {
            $words = Said::step(
                $step, $frozen->method, $line->family, $frozen->food->ingredient->role, $isShort,
            );

            return new StepToDo($step, $words['text'], $words['why']);
        };

        // Food that is weighed in its cup is scraped out after the weighing.
        $isNow = static fn (Step $one): bool => $one !== Step::ScrapeOut || $frozen->cupsOnScale() === 0;

        return new self(
            id: $line->id,
            name: Said::ingredient($line->ingredient_id),
            named: Said::inside(Phrase::of("ingredient.$line->ingredient_id")),
            family: $line->family,
            amount: Said::measure($frozen->measure),
            recipe_says: Said::amount($frozen->amount),
            weigh_out: $frozen->isWeighedOut() ? Said::phrase(
                Phrase::of('weigh.out', ['grams' => ShownGrams::of($line->target()->grams)]),
            ) : null,
            fills: array_map(DrawnFill::of(...), $frozen->fills()),
            helpers: array_map(Said::phrase(...), [
                ...($bowl === null ? [] : [Phrase::of('helper.bowl', ['size' => $bowl])]),
                ...array_map(static fn (string $helper): Phrase => Phrase::of("helper.$helper"), $technique->helpers()),
            ]),
            why_tools: $why === null ? null : Said::phrase($why),
            steps: array_map($step, array_values(array_filter($technique->steps, $isNow))),
            then: [
                ...array_map(Said::phrase(...), ThenSteps::of($frozen->then)),
                ...($isNow(Step::ScrapeOut) ? [] : [Said::phrase(Phrase::of('then.scrape-out'))]),
            ],
            watch: $technique->watch === null ? null : new WatchOut(Said::phrase($technique->watch->phrase), $technique->watch->leadsTo),
            cautions: array_map(Said::phrase(...), $technique->cautions),
            cups: $frozen->cupsOnScale(),
            pieces: $frozen->pieces(),
            shared: $frozen->shared,
            one_spoon: $frozen->isOneSpoon(),
            stations: $line->stations,
        );
    }
}
