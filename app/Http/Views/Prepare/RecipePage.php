<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Section;
use App\Recipes\ScaledRecipe;
use App\Recipes\ScaledRecipeLine;
use App\Words\Said;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Words\Phrase;

/** A recipe as a class reads it, at a factor. */
final readonly class RecipePage extends View
{
    /**
     * @param  list<RecipeVersionRow>  $versions
     * @param  MeasureStandard|null  $recipe_standard  whose cups it is written in; null for the class's own
     * @param  string|null  $less  the next smaller size
     * @param  string|null  $more  the next larger size
     * @param  string  $text  the newest version as text, to be changed
     * @param  list<RecipePageLine>  $lines
     * @param  list<StepOfDirections>  $directions
     * @param  list<string>  $findings  where list and directions do not agree
     * @param  list<string>  $cautions  what does not simply multiply
     * @param  int  $open  lines with a question that must be settled
     * @param  list<RecipeLabOption>  $labs  what a lab of this size would take
     * @param  int  $retry_pct  allowance for measuring again in those
     * @param  list<NoteForNextTime>  $notes  newest first
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $makes,
        public int $version,
        public array $versions,
        public RecipeSection $section,
        public MeasureStandard $standard,
        public ?MeasureStandard $recipe_standard,
        public string $factor,
        public ?string $less,
        public ?string $more,
        public string $text,
        public array $lines,
        public array $directions,
        public array $findings,
        public array $cautions,
        public int $open,
        public array $labs,
        public int $retry_pct,
        public array $notes,
    ) {
    }

    public static function of(ScaledRecipe $sheet, Section $section): self
    {
        $version = $sheet->version;
        $recipe = $version->recipe;
        $finding = static fn (Finding $one): string => Said::phrase(
            Phrase::of("finding.$one->kind", ['name' => Phrase::of("ingredient.$one->ingredient")]),
        );

        return new self(
            id: $recipe->id,
            title: $recipe->title,
            makes: $version->makes,
            version: $version->number,
            versions: array_values($recipe->versions->map(RecipeVersionRow::of(...))->all()),
            section: new RecipeSection($section->id, $section->name, $section->stations->count()),
            standard: $sheet->standard,
            recipe_standard: $recipe->standard,
            factor: $sheet->factor->text(),
            less: $sheet->factor->less()?->text(),
            more: $sheet->factor->more()?->text(),
            text: self::text($sheet),
            lines: array_map(static fn (ScaledRecipeLine $line): RecipePageLine => RecipePageLine::of($line, $sheet), $sheet->lines),
            directions: StepOfDirections::all($version),
            findings: array_map($finding, $sheet->findings),
            cautions: array_map(Said::phrase(...), $sheet->cautions),
            open: count(array_filter($sheet->lines, static fn (ScaledRecipeLine $line): bool => $line->isOpen())),
            labs: RecipeLabOption::all($sheet, max(1, $section->stations->count())),
            retry_pct: Supplies::USUAL_RETRY_PCT,
            notes: NoteForNextTime::all($recipe->id),
        );
    }

    private static function text(ScaledRecipe $sheet): string
    {
        $version = $sheet->version;

        return implode("\n", [
            $version->recipe->title,
            ...($version->makes === null ? [] : [Said::phrase(Phrase::of('recipe.makes', ['makes' => $version->makes]))]),
            '', Said::phrase(Phrase::of('recipe.ingredients')),
            ...array_column($version->lines, 'text'),
            ...($version->directions === [] ? [] : ['', Said::phrase(Phrase::of('recipe.directions')), ...$version->steps()]),
        ]);
    }
}
