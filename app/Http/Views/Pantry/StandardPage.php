<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Http\Views\Weigh\StationScale;
use App\Models\Bag;
use App\Models\Kitchen;
use App\Models\OwnStandard;
use App\Pantry\BagsOfKitchen;
use App\Pantry\KeepStandard;
use App\Weighings\CountedWeighings;
use App\Words\Said;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Standard\OwnStandard as Found;
use Hovik\Core\Standard\Trial;
use Hovik\Core\Weighing\Verdict;

/** What a kitchen's own food weighs: its trials, what they say, and what others publish. */
final readonly class StandardPage extends View
{
    /** Weighings of labs that are offered. */
    private const MOST = 60;

    /**
     * @param  string  $tool  by id in the catalogue
     * @param  int|null  $named  a certain tool, by id
     * @param  string|null  $adopted  the day on which it was adopted; null while it is collected
     * @param  list<StandardTrial>  $trials  in the order in which they were weighed
     * @param  StandardFound|null  $found  null while there are too few
     * @param  int  $missing  trials more before there is one
     * @param  StandardFound|null  $otherwise  with the odd ones counted that are left out now, or the other way round
     * @param  list<PublishedWeight>  $published  of a US cup, lightest first
     * @param  list<HandlingChoice>  $handlings
     * @param  list<TrialTool>  $tools
     * @param  list<StationScale>  $scales
     * @param  list<PastWeighing>  $past  level weighings of labs that may be taken as trials
     * @param  int  $labs  in preparation that it would change
     */
    public function __construct(
        public string $id,
        public string $name,
        public Handling $handling,
        public string $tool,
        public ?int $named,
        public string $tool_said,
        public float $tool_ml,
        public ?int $scale_id,
        public ?BagOpen $bag,
        public ?string $bag_notice,
        public ?string $adopted,
        public ?string $by,
        public array $trials,
        public ?StandardFound $found,
        public int $missing,
        public ?StandardFound $otherwise,
        public array $published,
        public array $handlings,
        public array $tools,
        public array $scales,
        public array $past,
        public int $labs,
    ) {
    }

    public static function of(Kitchen $kitchen, string $food): self
    {
        $ingredient = KeepStandard::food($kitchen, $food);
        $collecting = KeepStandard::collecting($kitchen, $food);
        $standard = $collecting ?? KeepStandard::adopted($kitchen, $food);
        $handling = $standard->handling ?? $ingredient->referenceHandling;
        $tools = TrialTool::all($kitchen);
        $tool = $standard?->tool();
        $first = $tools[0] ?? null;
        $found = $standard?->found();
        $odd = $found?->outliers() ?? [];
        $bag = Bag::of($kitchen->bags, $food, $kitchen->school->today());

        return new self(
            id: $food,
            name: Said::ingredient($food),
            handling: $handling,
            tool: $standard->catalogue_id ?? $first->id ?? 'dry-cup-us-1',
            named: $standard === null ? $first?->named : $standard->named_tool_id,
            tool_said: $tool === null ? $first->name ?? '' : $tool->own ?? Said::phrase($tool->called()),
            tool_ml: $tool->trueMl ?? $tool->aboutMl ?? $first->ml ?? 0.0,
            scale_id: $standard?->scale_id,
            bag: $bag === null ? null : new BagOpen($bag->name, $bag->opened_on->toDateString(), $standard !== null && $standard
                ->bag_id !== $bag->id),
            bag_notice: BagsOfKitchen::notice($kitchen, $ingredient),
            adopted: $standard?->adopted_at?->toDateString(),
            by: $standard?->teacher->name,
            trials: array_map(static fn (Trial $trial, int $i): StandardTrial => new StandardTrial(
                $trial->grams, $trial->where, $trial->day, $trial->weighing, $trial->isLeftOut, in_array($i, $odd, true),
                $found?->overG($trial) ?? 0.0,
            ), $standard->trials ?? [], array_keys($standard->trials ?? [])),
            found: $found === null ? null : StandardFound::of($found, self::inUse($ingredient)),
            missing: Found::missing(count(array_filter(
                $standard->trials ?? [], static fn (Trial $one): bool => ! $one->isLeftOut,
            ))),
            otherwise: $found === null || $odd === [] ? null : self::otherwise($standard, $found, $odd, $ingredient),
            published: PublishedWeight::all($kitchen, $ingredient, $standard),
            handlings: HandlingChoice::all($ingredient, $kitchen->pantry()),
            tools: $tools,
            scales: StationScale::all($kitchen),
            past: self::past($kitchen, $food, $handling),
            labs: $kitchen->sections()->join('labs', 'labs.section_id', '=', 'sections.id')
                ->join('lab_items', 'lab_items.lab_id', '=', 'labs.id')->where('labs.state', LabState::Prepared->value)
                ->where('lab_items.ingredient_id', $food)->distinct()->count('labs.id'),
        );
    }

    private static function inUse(Ingredient $ingredient): float
    {
        return $ingredient->gramsPerUsCup?->toFloat() ?? 0.0;
    }

    /** @param  list<int>  $odd */
    private static function otherwise(OwnStandard $standard, Found $found, array $odd, Ingredient $ingredient): ?StandardFound
    {
        $isOut = array_intersect($odd, $found->leftOut) !== [];
        $other = $standard->found($isOut ? array_values(array_diff($found->leftOut, $odd)) : [...$found->leftOut, ...$odd]);

        return $other === null ? null : StandardFound::of($other, self::inUse($ingredient));
    }

    /** @return list<PastWeighing> newest first */
    private static function past(Kitchen $kitchen, string $food, Handling $handling): array
    {
        $past = [];
        foreach (CountedWeighings::of($kitchen, $food)->reverse() as $weighing) {
            $line = $weighing->measured();
            $fills = $line->fills();
            $isLevel = $weighing->verdict === Verdict::Level || $weighing->judgement->technique?->verdict === Verdict::Level;
            if ($isLevel && count($fills) === 1 && $fills[0]->toMark === null && $line->handling === $handling
                && $fills[0]->tool->kind === ToolKind::DryCup) {
                $past[] = PastWeighing::of($weighing, $fills[0]);
            }
        }

        return array_slice($past, 0, self::MOST);
    }
}
