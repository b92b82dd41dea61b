<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\DrawnFill;
use App\Http\Views\Lab\StepToDo;
use App\Http\Views\View;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Plan\StationWays;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\ThenSteps;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** One way to measure a line at a station: with what, and how. No target is in it unless it is weighed out. */
final readonly class LineWay extends View
{
    /**
     * @param  OtherWay|null  $way  null: the usual one
     * @param  string|null  $weigh_out  what to weigh, where the scale measures it
     * @param  list<DrawnFill>  $fills
     * @param  list<string>  $fetch  tools and helpers by name
     * @param  list<StepToDo>  $steps
     * @param  list<string>  $then  what is done once it is measured and weighed
     * @param  int  $cups  weighed one by one with the food in them; 0 where it is tipped into a bowl
     * @param  bool  $one_spoon  several may be weighed as one
     * @param  list<string>  $sizes  what its checked tools hold more or less than is printed on them, where it matters
     */
    public function __construct(
        public ?OtherWay $way,
        public ?string $weigh_out,
        public array $fills,
        public array $fetch,
        public ?string $why_tools,
        public array $steps,
        public array $then,
        public ?WatchOut $watch,
        public int $cups,
        public bool $one_spoon,
        public array $sizes,
    ) {
    }

    public static function usual(LabLine $line): self
    {
        return self::of($line, $line->frozen, null);
    }

    /** @return array<int, self> by station: of those that have tools of their own */
    public static function own(LabLine $line): array
    {
        $own = [];
        foreach (array_slice($line->frozen->ways, 1) as $way) {
            $said = self::of($line, $line->frozen->measuredBy($way), null);
            $own = array_replace($own, array_fill_keys($way->stations ?? [], $said));
        }

        return $own;
    }

    /** @return list<self> the other ways that lead there */
    public static function others(LabLine $line): array
    {
        $ways = [];
        foreach (OtherWay::cases() as $way) {
            $by = $line->lab->frozen?->by($line->frozen, $way);
            if ($by !== null) {
                $ways[] = self::of($line, $by, $way);
            }
        }

        return $ways;
    }

    private static function of(LabLine $line, FrozenLine $by, ?OtherWay $way): self
    {
        $technique = $by->way()->technique;
        $why = $by->way()->plan->why ?? $by->whyWeighedOut();
        $bowl = $by->bowl();
        $isShort = $line->lab->frozen?->rules->saysStepsShort() === true;
        $step = static function (Step $step) use ($by, $line, $isShort): StepToDo {
            $words = Said::step($step, $by->method, $line->family, $by->food->ingredient->role, $isShort);

            return new StepToDo($step, $words['text'], $words['why']);
        };
        // Food that is weighed in its cup is scraped out after the weighing.
        $isNow = static fn (Step $one): bool => $one !== Step::ScrapeOut || $by->cupsOnScale() === 0;
        $fills = array_map(DrawnFill::of(...), $by->fills());

        return new self(
            way: $way,
            weigh_out: $by->isWeighedOut()
                ? Said::phrase(Phrase::of('weigh.out', ['grams' => ShownGrams::of($by->judgedBy()->grams)])) : null,
            fills: $fills,
            fetch: [...self::named($fills, self::hasSets($line)), ...array_map(Said::phrase(...), [
                ...($bowl === null ? [] : [Phrase::of('helper.bowl', ['size' => $bowl])]),
                ...array_map(static fn (string $helper): Phrase => Phrase::of("helper.$helper"), $technique->helpers()),
            ])],
            why_tools: $why === null ? null : Said::phrase($why),
            steps: array_map($step, array_values(array_filter($technique->steps, $isNow))),
            then: [
                ...array_map(Said::phrase(...), ThenSteps::of($by->then)),
                ...($isNow(Step::ScrapeOut) ? [] : [Said::phrase(Phrase::of('then.scrape-out'))]),
            ],
            watch: $technique->watch === null ? null : new WatchOut(Said::phrase($technique->watch->phrase), $technique->watch->leadsTo),
            cups: $by->cupsOnScale(),
            one_spoon: $by->isOneSpoon(),
            sizes: array_map(Said::phrase(...), StationWays::trueSizes($by->way()->plan, $by->tolerance->percent)),
        );
    }

    /**
     * The same with other tools for some that are not to be had.
     *
     * @param  list<DrawnFill>  $fills
     */
    public function with(array $fills, string $why, bool $hasSets): self
    {
        $helpers = array_slice($this->fetch, count($this->fills));

        return new self(...[
            'fills' => $fills, 'fetch' => [...self::named($fills, $hasSets), ...$helpers], 'why_tools' => $why,
            'cups' => $this->cups === 0 ? 0 : array_sum(array_column($fills, 'count')),
        ] + get_object_vars($this));
    }

    /** Whether stations have tools of their own. */
    public static function hasSets(LabLine $line): bool
    {
        return array_filter($line->lab->frozen->drawer ?? [], static fn (Tool $tool): bool => $tool->inSet > 0) !== [];
    }

    /**
     * By name; where stations have sets of their own, what stands on the shelf says so.
     *
     * @param  list<DrawnFill>  $fills
     * @return list<string>
     */
    private static function named(array $fills, bool $hasSets): array
    {
        return array_map(static fn (DrawnFill $fill): string => $hasSets && ! $fill->in_set
            ? Said::phrase(Phrase::of('fetch.from-shelf', ['tool' => $fill->called])) : $fill->called, $fills);
    }
}
