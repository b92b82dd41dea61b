<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** What a lab works with, as it was when the lab opened: drawer, scales, house rules, stations, usual times, and what is done before. */
final readonly class FrozenKitchen
{
    public const VERSION = 1;

    /**
     * @param  list<Tool>  $drawer
     * @param  array<string, Scale>  $scales  by name
     * @param  list<string>  $stations  names, in order
     * @param  array<string, int>  $measureS  s to measure, by family, where the class has shown how long it takes
     * @param  list<Phrase>  $preparation
     */
    public function __construct(
        public array $drawer,
        public array $scales,
        public HouseRules $rules,
        public array $stations,
        public array $measureS,
        public array $preparation,
    ) {
    }

    /** s to measure a food of this family. */
    public function measureS(Family $family): int
    {
        return $this->measureS[$family->value] ?? PeriodLine::usualMeasureS($family);
    }

    /** How many of a tool there are. */
    public function countOf(Tool $tool): int
    {
        foreach ($this->drawer as $one) {
            if ($one->id === $tool->id) {
                return $one->count;
            }
        }

        return 0;
    }

    /**
     * Other tools for a line while some of its own are not to be had, for the steps that were learned; null where only the nearest amount,
     * or other steps, would do.
     *
     * @param  list<string>  $out  tools by id
     */
    public function instead(FrozenLine $line, array $out): ?ToolPlan
    {
        $left = array_values(array_filter($this->drawer, static fn (Tool $tool): bool => ! in_array($tool->id, $out, true)));
        $planner = new ToolPlanner(Pantry::reference()->holding($line->food), $this->rules);
        $plans = $planner->plan($line->amount, $line->food->ingredient, $left, $line->standard, $line->method);
        $best = $plans->best();

        return $best !== null && $best->exact && $plans->technique->steps === $line->steps() ? $best : null;
    }

    /**
     * The line as somebody measures it who goes another way; null where that way does not lead there, or is how it is measured anyway.
     */
    public function by(FrozenLine $line, OtherWay $way): ?FrozenLine
    {
        $plan = $line->way()->plan;
        if ($plan === null || $plan->fills === [] || $line->target === null) {
            return null; // counted, or weighed out by everybody
        }
        $other = match ($way) {
            OtherWay::WeighOut => new FrozenWay(null, [], TechniqueCatalogue::for(
                $line->food->ingredient, $line->method, null, Pantry::reference()->holding($line->food),
            )),
            OtherWay::TopRead => $this->readFromAbove($line),
            OtherWay::Partner => $line->way(),
            OtherWay::LargePrint => null,
        };

        return $other === null ? null : $line->measuredBy($other);
    }

    /** With a jug that is read from above in the place of one at whose mark somebody has to bend. */
    private function readFromAbove(FrozenLine $line): ?FrozenWay
    {
        $isBent = static fn (Tool $tool): bool => $tool->kind->isMarked() && $tool->kind !== ToolKind::TopReadLiquidMeasure;
        if (array_filter($line->fills(), static fn (Fill $fill): bool => $isBent($fill->tool)) === []) {
            return null;
        }
        $drawer = array_values(array_filter($this->drawer, static fn (Tool $tool): bool => ! $isBent($tool)));
        $planner = new ToolPlanner(Pantry::reference()->holding($line->food), $this->rules->with('top-read', 'trusted'));
        $plans = $planner->plan($line->amount, $line->food->ingredient, $drawer, $line->standard, $line->method);
        $best = $plans->best();
        $isRead = $best !== null && $best->exact && array_filter(
            $best->fills, static fn (Fill $fill): bool => $fill->tool->kind === ToolKind::TopReadLiquidMeasure,
        ) !== [];

        return $isRead ? FrozenWay::of($plans) : null;
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'version' => self::VERSION,
            'drawer' => array_map(static fn (Tool $tool): array => $tool->toArray(), $this->drawer),
            'scales' => array_map(
                static fn (string $name, Scale $scale): array => ['name' => $name] + $scale->toArray(),
                array_keys($this->scales),
                $this->scales,
            ),
            'rules' => $this->rules->toArray(),
            'stations' => $this->stations,
            'measure_s' => $this->measureS,
            'preparation' => array_map(static fn (Phrase $phrase): array => $phrase->toArray(), $this->preparation),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $kitchen): self
    {
        $kitchen->atMost('version', self::VERSION);
        $scales = $measureS = [];
        foreach ($kitchen->objects('scales') as $scale) {
            $scales[$scale->text('name')] = Scale::fromArray($scale);
        }
        $seconds = new JsonInput($kitchen->listOrMap('measure_s'));
        foreach (Family::cases() as $family) {
            if ($seconds->has($family->value)) {
                $measureS[$family->value] = $seconds->whole($family->value);
            }
        }

        return new self(
            array_map(Tool::fromArray(...), $kitchen->objects('drawer')),
            $scales,
            HouseRules::fromArray($kitchen->object('rules')),
            $kitchen->texts('stations'),
            $measureS,
            $kitchen->phrases('preparation'),
        );
    }
}
