<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Models\KeptMisses;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Section;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Components\Effect;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** Who makes the miss: bag, tool, scale, hand and chance, in grams with their doubt. */
final readonly class MissPage extends View
{
    /**
     * @param  int  $n  weighings
     * @param  int  $odd  more of them, set aside since they are far off
     * @param  string|null  $why  nothing could be found
     * @param  list<string>  $said  one sentence for each part that is surely there
     * @param  list<MissShare>  $spread  of all spread, largest first
     * @param  list<MissEffect>  $effects  surest first
     * @param  list<MissFood>  $foods  that were weighed, to be looked at alone
     * @param  list<MissLab>  $labs  that are closed, newest first
     */
    public function __construct(
        public int $section_id,
        public string $section,
        public ?int $lab_id,
        public ?string $food,
        public int $n,
        public int $odd,
        public string $found_at,
        public ?string $why,
        public array $said,
        public array $spread,
        public array $effects,
        public array $foods,
        public array $labs,
    ) {
    }

    public static function of(Section $section, KeptMisses $kept): self
    {
        $found = $kept->found;
        $names = self::names($section);
        $effect = static fn (Effect $one): MissEffect => MissEffect::of($one, strtr($one->id, $names));
        $all = [...$found->foods, ...$found->effects];
        usort($all, static fn (Effect $a, Effect $b): int => $b->sureness() <=> $a->sureness());
        $effects = array_map($effect, $all);
        $spread = array_map(
            static fn (string $of, float $pct): MissShare => new MissShare(explode('+', $of), $pct), array_keys($found->spread),
            $found->spread,
        );
        usort($spread, static fn (MissShare $a, MissShare $b): int => $b->pct <=> $a->pct);

        return new self(
            section_id: $section->id,
            section: $section->name,
            lab_id: $kept->lab_id,
            food: $kept->ingredient_id === '' ? null : $kept->ingredient_id,
            n: $found->n,
            odd: $found->odd,
            found_at: $kept->updated_at->toIso8601String(),
            why: $found->why === null ? null : Said::phrase($found->why),
            said: $found->why === null ? array_map(Said::phrase(...), $found->inWords($names)) : [],
            spread: $spread,
            effects: $effects,
            foods: self::foods($section),
            labs: array_values($section->labs()->where('opened_at', '<>', null)->where('kind', 'recipe')->get()
                ->map(static fn (Lab $lab): MissLab => new MissLab($lab->id, $lab->title, $lab->planned_for->toDateString()))->all()),
        );
    }

    /** @return array<string, string> of what stands for people, foods and tools */
    private static function names(Section $section): array
    {
        $names = [];
        foreach (Student::query()->where('section_id', $section->id)->get() as $student) {
            $names["#$student->id"] = $student->erased_at === null ? $student->name : Said::phrase(Phrase::of('student.former'));
        }
        foreach (ToolCatalogue::all(MeasureStandard::UsCustomary) as $tool) {
            $names["@$tool->id"] = Said::phrase($tool->called());
        }
        foreach (self::foods($section) as $food) {
            $names[$food->id] = $food->name;
        }

        return $names;
    }

    /** @return list<MissFood> */
    private static function foods(Section $section): array
    {
        $ids = LabLine::query()->whereIn('lab_id', $section->labs()->reorder()->select('id'))->whereNotNull('target_g')
            ->distinct()->pluck('ingredient_id')->all();
        $foods = array_map(static fn (string $id): MissFood => new MissFood($id, Said::ingredient($id)), $ids);
        usort($foods, static fn (MissFood $a, MissFood $b): int => strnatcasecmp($a->name, $b->name));

        return $foods;
    }
}
