<?php

declare(strict_types=1);

/**
 * What the core answers to a wide spread of questions, worked out now: by subject, label => answer. AnswersKeptTest holds it against
 * what is kept in SUBJECT.json beside this. Who changes a rule or an estimate on purpose writes them anew, with
 * `php tests/Core/kept/write.php`, and reads the difference before committing it.
 */

use Brick\Math\RoundingMode;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Diagnosis\Priors;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\LineWarnings;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Batch;
use Hovik\Core\Recipe\Choice;
use Hovik\Core\Recipe\Choices;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\DirectionsCheck;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\Preparation;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

return new class
{
    private const DRAWERS = [
        'us' => [
            'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-4-tsp', 'spoon-us-1-2-tsp',
            'spoon-us-1-tsp', 'spoon-us-1-tbsp', 'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup', 'butter-wrapper-us-stick',
        ],
        'poor' => ['dry-cup-us-1-3', 'spoon-us-1-tbsp', 'liquid-measure-us-1-cup'],
        'metric' => [
            'dry-cup-metric-60-ml', 'dry-cup-metric-80-ml', 'dry-cup-metric-125-ml', 'dry-cup-metric-250-ml', 'spoon-metric-1-25-ml',
            'spoon-metric-2-5-ml', 'spoon-metric-5-ml', 'spoon-metric-15-ml', 'liquid-measure-metric-500-ml',
        ],
    ];

    /** One of each family, and of each kind that a rule knows. */
    private const FOODS = [
        'bread-flour', 'cake-flour', 'confectioners-sugar', 'granulated-sugar', 'light-brown-sugar', 'table-salt',
        'coarse-salt-light-flakes', 'baking-powder', 'cinnamon', 'rolled-oats', 'chocolate-chips', 'soft-cheese-shredded', 'butter',
        'peanut-butter', 'whole-milk', 'vegetable-oil', 'yogurt-plain', 'honey', 'egg-large', 'blueberries-fresh',
    ];

    /** @return list<string> */
    public function subjects(): array
    {
        return ['plans', 'priors', 'predictions', 'diagnoses', 'lines', 'recipes'];
    }

    /** @return array<string, mixed> label => answer */
    public function of(string $subject): array
    {
        $answers = match ($subject) {
            'plans' => $this->plans(),
            'priors' => $this->situated(static function (Situation $at): array {
                $possible = array_filter(Cause::cases(), static fn (Cause $cause): bool => Diagnostician::predict($cause, $at) !== null);

                return Priors::of($at, array_column($possible, 'value'));
            }),
            'predictions' => $this->situated($this->predicted(...)),
            'diagnoses' => $this->situated($this->diagnosed(...)),
            'lines' => $this->lines(),
            'recipes' => $this->recipes(),
        };

        return json_decode((string) json_encode($this->tidy($answers), JSON_THROW_ON_ERROR), true);
    }

    /** Numbers to six digits: another machine's last bit is no change. */
    private function tidy(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map($this->tidy(...), $value),
            is_float($value) => (float) sprintf('%.6g', $value),
            $value instanceof Phrase => Phrasebook::in('en')->say($value),
            default => $value,
        };
    }

    /** @return list<Tool> */
    private function drawer(string $name, MeasureStandard $standard): array
    {
        return array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $standard, count: 4), self::DRAWERS[$name]);
    }

    /** @return array<string, mixed> */
    private function plans(): array
    {
        $answers = [];
        $amounts = [['1 3/4', Unit::Cup], ['5/8', Unit::Cup], ['2', Unit::Tablespoon], ['3/4', Unit::Teaspoon], ['4', Unit::Ounce]];
        foreach ([['us', MeasureStandard::UsCustomary], ['poor', MeasureStandard::UsLabel240], ['metric', MeasureStandard::Metric250]] as [$name, $standard]) {
            $drawer = $this->drawer($name, $standard);
            $planner = new ToolPlanner(Pantry::reference());
            $lines = new LinePlanner(Pantry::reference(), $drawer, $standard, ToleranceLevel::Practised);
            foreach (self::FOODS as $food) {
                foreach ($food === 'egg-large' ? [['2', Unit::Piece], ['1 1/2', Unit::Piece]] : $amounts as [$number, $unit]) {
                    $amount = Amount::of($number, $unit);
                    $answers["$number $unit->value $food, $name"] = $this->orRefusal(function () use ($planner, $lines, $drawer, $standard, $food, $amount): array {
                        $ingredient = Pantry::reference()->ingredient($food);
                        $plans = $planner->plan($amount, $ingredient, $drawer, $standard);
                        $line = $lines->plan($ingredient, $amount, Strictness::usual($ingredient));

                        return [
                            'plans' => array_map($this->planned(...), $plans->plans),
                            'advice' => array_map(static fn (Advice $one): string => $one->value, $plans->advice),
                            'weigh' => $plans->weighG,
                            'steps' => implode(' ', array_map(static fn (Step $step): string => $step->value, $plans->technique->steps)),
                            'target' => [(string) $line->targetG, $line->tolerance->percent, $line->tolerance->floorG],
                            'measure' => $line->measure->text(),
                            'working' => $line->working,
                            'warnings' => LineWarnings::of($line, ['Fine' => new Scale(0.1, 0.05), 'Old' => new Scale(1.0)], 6),
                        ];
                    });
                }
            }
        }

        return $answers;
    }

    private function planned(ToolPlan $plan): string
    {
        $fills = [];
        foreach ($plan->fills as $fill) {
            $fills[] = "$fill->count {$fill->tool->id}".($fill->toMark === null ? '' : " to {$fill->toMark->text}");
        }

        return implode(' + ', $fills).($plan->waterTo === null ? '' : ", water to {$plan->waterTo->text}")
            .sprintf('; %.5g%% %.6g g, u %.5g; ', $plan->errorPct, $plan->meanG, $plan->uG).Phrasebook::in('en')->say($plan->why);
    }

    /**
     * Weighings of all sorts: by food, tools, method, scale, steps, past.
     *
     * @param  Closure(Situation): mixed  $answer
     * @return array<string, mixed>
     */
    private function situated(Closure $answer): array
    {
        $answers = [];
        foreach ($this->situations() as $label => $at) {
            $answers[$label] = $answer($at);
        }

        return $answers;
    }

    /** @return iterable<string, Situation> */
    private function situations(): iterable
    {
        $amounts = [
            'table-salt' => ['1', Unit::Teaspoon], 'coarse-salt-light-flakes' => ['2', Unit::Teaspoon],
            'baking-powder' => ['2', Unit::Teaspoon],
            'cinnamon' => ['1', Unit::Tablespoon], 'egg-large' => ['3', Unit::Piece], 'whole-milk' => ['12', Unit::FluidOunce],
            'vegetable-oil' => ['3/4', Unit::Cup], 'butter' => ['6', Unit::Tablespoon], 'honey' => ['1/3', Unit::Cup],
            'blueberries-fresh' => ['8', Unit::Ounce],
        ];
        $flour = ['bread-flour', '1 3/4', Unit::Cup];
        foreach (self::FOODS as $food) {
            [$number, $unit] = $amounts[$food] ?? ['1 3/4', Unit::Cup];
            foreach ([1.0, 0.8, 1.24] as $times) {
                yield "$food times $times" => $this->situation($food, $number, $unit, $times);
            }
        }
        yield 'sifted flour' => $this->situation('cake-flour', '1', Unit::Cup, 1.1, method: HouseMethod::SiftSpoonLevel);
        yield 'dipped flour' => $this->situation('bread-flour', '1', Unit::Cup, 0.88, method: HouseMethod::DipSweep);
        yield 'a step left out' => $this->situation(...$flour, times: 1.12, more: ['skipped' => [Step::SpoonHeaped]]);
        yield 'all steps ticked' => $this->situation(
            ...$flour, times: 1.12, more: ['ticked' => [Step::SpoonHeaped, Step::Loosen, Step::SweepLevel]],
        );
        yield 'one ticked, one left out' => $this->situation(
            ...$flour, times: 1.12, more: ['ticked' => [Step::Loosen], 'skipped' => [Step::SweepLevel]],
        );
        yield 'somebody who heaps' => $this->situation(...$flour, times: 1.12, more: ['history' => ['heaped' => 5, 'sound' => 3]]);
        yield 'a bowl not tared' => $this->situation(...$flour, times: 1.97, more: ['containerG' => 212.0]);
        yield 'some vessel not tared' => $this->situation(...$flour, times: 1.97);
        yield 'read in ounces' => $this->situation(...$flour, times: 0.0353);
        yield 'a point too far' => $this->situation(...$flour, times: 10.0);
        yield 'digits swapped' => $this->situation(...$flour, times: 291 / 218.75, step: 1.0);
        yield 'not scaled' => $this->situation(...$flour, times: 2.0, more: ['factor' => 0.5]);
        yield 'scaled twice' => $this->situation(...$flour, times: 0.5, more: ['factor' => 0.5]);
        yield 'the line beside it' => $this->situation('granulated-sugar', '1/2', Unit::Cup, 1.5, ['others' => [150.0, 25.0]]);
        yield 'two slips' => $this->situation('light-brown-sugar', '3/4', Unit::Cup, 0.66 + 340 / 165, ['containerG' => 340.0]);
        yield 'nonsense' => $this->situation(...$flour, times: 300.0);
        yield 'ounces for ounces' => $this->situation('honey', '8', Unit::FluidOunce, 0.68);
        yield 'a checked cup' => $this->situation(...$flour, times: 1.1, more: ['true' => 1.02]);
        yield 'nobody knows the drawer' => $this->situation(...$flour, times: 1.1, more: ['drawer' => []]);
        yield 'a metric class' => $this->situation('bread-flour', '1 1/2', Unit::Cup, 1.15, standard: MeasureStandard::Metric250);
        yield 'an Australian spoon' => $this->situation('honey', '1', Unit::Tablespoon, 0.26, standard: MeasureStandard::Australian);
        yield 'a coarse scale' => $this->situation('cinnamon', '1', Unit::Teaspoon, 1.4, step: 1.0);
        yield 'a jug from far above' => $this->situation('whole-milk', '1', Unit::Cup, 0.86);
        yield 'a jug by the wrong column' => $this->situation('whole-milk', '8', Unit::FluidOunce, 0.845);
    }

    /** @param  array<string, mixed>  $more  of the situation */
    private function situation(
        string $food, string $number, Unit $unit, float $times, array $more = [], float $step = 0.1, ?HouseMethod $method = null,
        MeasureStandard $standard = MeasureStandard::UsCustomary,
    ): Situation {
        $pantry = Pantry::reference();
        $drawer = $this->drawer($standard === MeasureStandard::UsCustomary ? 'us' : 'metric', $standard);
        if (isset($more['true'])) {
            $drawer = array_map(
                static fn (Tool $tool): Tool => ToolCatalogue::tool($tool->id, $standard, $more['true'] * $tool->aboutMl, 4), $drawer,
            );
            unset($more['true']);
        }
        $plans = (new ToolPlanner($pantry))->plan(Amount::of($number, $unit), $pantry->ingredient($food), $drawer, $standard, $method);
        $shown = max($step, round($times * $plans->weighG / $step) * $step);

        return new Situation(
            $pantry, $pantry->ingredient($food), Amount::of($number, $unit), $standard, $plans->best()->fills ?? [], $method,
            $plans->weighG,
            ScaleReading::of($shown, new Scale($step, 0.0)), ...($more + ['drawer' => $drawer]),
        );
    }

    /** @return array<string, list<string>> by cause: how often, mean, spread and way of each part */
    private function predicted(Situation $at): array
    {
        $all = [];
        foreach (Cause::cases() as $cause) {
            $prediction = Diagnostician::predict($cause, $at);
            if ($prediction !== null) {
                $all[$cause->value] = array_map(static fn (array $part): string => sprintf('%.5g x %.6g ± %.5g', $part[0], $part[1], $part[2])
                    .(isset($part[3]) ? ' '.Phrasebook::in('en')->say($part[3]) : ''), $prediction->parts);
            }
        }

        return $all;
    }

    /** @return array<string, mixed> */
    private function diagnosed(Situation $at): array
    {
        $diagnosis = Diagnostician::diagnose($at);
        $said = static function (LikelyCause $one): string {
            [$low, $high] = $one->range();

            return sprintf('%.5g %s: %s, %s, %.5g to %.5g g', $one->p, $one->cause->value, Phrasebook::in('en')->say($one->said()),
                Phrasebook::in('en')->say($one->word()), $low, $high);
        };

        return [
            'causes' => array_map($said, array_slice($diagnosis->causes, 0, 8)), 'named' => count($diagnosis->causes),
            'unexplained' => $diagnosis->unexplained, 'explained' => $diagnosis->isExplained(),
        ];
    }

    /** @return array<string, mixed> */
    private function lines(): array
    {
        $answers = [];
        $reader = new LineReader(Pantry::reference());
        foreach (file(__DIR__.'/lines.txt', FILE_IGNORE_NEW_LINES) ?: [] as $text) {
            $line = $reader->read($text);
            $amount = static fn (ReadAmount $one): string => KitchenNotation::write($one->min)
                .($one->max === null ? '' : ' to '.KitchenNotation::write($one->max)).' '.($one->unit->value ?? '-');
            $answers[$text] = array_filter([
                'status' => $line->status, 'amounts' => array_map($amount, $line->amounts), 'also' => array_map($amount, $line->also),
                'food' => $line->ingredient?->id, 'name' => $line->name, 'before' => $line->before, 'after' => $line->after,
                'size' => $line->size, 'package' => $line->package === null ? null : $amount($line->package),
                'flags' => array_map(static fn (Flag $flag): string => $flag->value, $line->flags), 'options' => $line->options,
                'parts' => implode(
                    ' | ', array_map(static fn (Piece $piece): string => "{$piece->part->value}: $piece->text", $line->pieces),
                ),
                'choices' => array_map(
                    static fn (Choice $choice): string => Phrasebook::in('en')->say($choice->says).sprintf(
                        ', %.6g g', $choice->grams ?? 0.0,
                    ),
                    Choices::of($line, MeasureStandard::UsCustomary, Pantry::reference()),
                ),
            ], static fn (mixed $part): bool => $part !== null && $part !== [] && $part !== '');
        }

        return $answers;
    }

    /** @return array<string, mixed> as read; what it means, at several sizes; what it says about itself and asks before the bell */
    private function recipes(): array
    {
        $answers = [];
        $pantry = Pantry::reference();
        foreach (glob(__DIR__.'/recipes/*.txt') ?: [] as $file) {
            $recipe = (new RecipeReader($pantry))->read((string) file_get_contents($file));
            $listed = $recipe->ingredients();
            $answers[basename($file, '.txt')] = [
                'title' => $recipe->title, 'makes' => $recipe->makes,
                'lines' => array_map(static fn (ReadLine $line): string => "$line->status: $line->text", $recipe->lines),
                'directions' => $recipe->directions,
                'findings' => array_map(
                    static fn (Finding $one): array => [$one->kind, $one->ingredient, $one->lines],
                    (new DirectionsCheck($pantry))->check(
                        array_map(static fn (ReadLine $line) => $line->ingredient, $listed), $recipe->directions,
                    ),
                ),
                'preparation' => Preparation::of(
                    $listed, array_map(static fn (string $step) => new DirectionStep($step), $recipe->directions), ['Table left'],
                ),
                ...$this->sizes($listed),
            ];
        }

        return $answers;
    }

    /**
     * @param  list<ReadLine>  $listed
     * @return array<string, mixed>
     */
    private function sizes(array $listed): array
    {
        $sizes = [];
        foreach ([['1', MeasureStandard::UsCustomary], ['1/2', MeasureStandard::UsLabel240], ['5/3', MeasureStandard::Australian], ['2', MeasureStandard::Metric250]] as [$times, $standard]) {
            $sizes["times $times, $standard->value"] = $this->orRefusal(function () use ($listed, $times, $standard): array {
                $settled = array_map(static fn (ReadLine $line): ?SettledLine => SettledLine::from($line, $standard), $listed);
                $batch = Batch::of($settled, Factor::of($times), $standard, Pantry::reference());

                return [
                    'lines' => array_map(static fn (?ScaledLine $line): ?array => $line === null ? null : [
                        $line->amount->text(), $line->measure->text(), (string) $line->grams->toScale(4, RoundingMode::HALF_UP),
                        (string) $line->roundingLoss, $line->bakersPercent, $line->beatenG === null ? null : (string) $line->beatenG,
                        $line->handling->value, $line->source, array_map(Phrasebook::in('en')->say(...), $line->working),
                    ], $batch->lines),
                    'cautions' => $batch->cautions,
                    'used up' => array_map(
                        static fn (?SettledLine $line): ?string => $line === null
                            ? null : Factor::toUseUp($line, 500.0, $standard, Pantry::reference())->text(), $settled,
                    ),
                ];
            });
        }

        return $sizes;
    }

    private function orRefusal(Closure $answer): mixed
    {
        try {
            return $answer();
        } catch (InvalidInput $refusal) {
            return "$refusal->field: {$refusal->getMessage()}";
        }
    }
};
