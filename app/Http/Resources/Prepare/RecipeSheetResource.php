<?php

declare(strict_types=1);

namespace App\Http\Resources\Prepare;

use App\Models\RecipeVersion;
use App\Models\Section;
use App\Recipes\RecipeSheet;
use App\Recipes\SheetLine;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\Choice;
use Hovik\Core\Recipe\Choices;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Recipe\Sharing;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property RecipeSheet $resource */
#[OA\Schema(schema: 'RecipeSheet', required: ['id', 'title', 'makes', 'version', 'versions', 'section', 'standard', 'factor', 'text', 'lines', 'directions', 'findings', 'cautions', 'open', 'labs', 'retry_pct'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'makes', type: 'string', nullable: true), new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'versions', type: 'array', items: new OA\Items(required: ['number', 'note', 'by', 'at'], type: 'object', properties: [
        new OA\Property(property: 'number', type: 'integer'), new OA\Property(property: 'note', type: 'string', nullable: true),
        new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
    ])),
    new OA\Property(property: 'section', required: ['id', 'name', 'stations'], type: 'object', properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'stations', type: 'integer')]),
    new OA\Property(property: 'standard', type: 'string'), new OA\Property(property: 'factor', type: 'string', example: '1/2'),
    new OA\Property(property: 'text', type: 'string', description: 'The newest version as text, to be changed.'),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/SheetLine')),
    new OA\Property(property: 'directions', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'findings', type: 'array', items: new OA\Items(type: 'string'), description: 'Where list and directions do not agree.'),
    new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string'), description: 'What does not simply multiply.'),
    new OA\Property(property: 'open', type: 'integer', description: 'Lines with a question that must be settled.'),
    new OA\Property(property: 'labs', type: 'array', items: new OA\Items(ref: '#/components/schemas/RecipeLabOption'), description: 'What a lab of this size would take.'),
    new OA\Property(property: 'retry_pct', type: 'integer', description: 'Allowance for measuring again in those.'),
])]
#[OA\Schema(schema: 'RecipeLabOption', required: ['for', 'each', 'all', 'supplies'], properties: [
    new OA\Property(property: 'for', type: 'string', enum: ['class', 'station']), new OA\Property(property: 'each', type: 'string', description: 'Factor at one station.'), new OA\Property(property: 'all', type: 'string', description: 'Factor of the whole class.'),
    new OA\Property(property: 'supplies', type: 'array', items: new OA\Items(required: ['name', 'measure', 'grams', 'decimals'], type: 'object', properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'measure', type: 'string', nullable: true), new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    ])),
])]
#[OA\Schema(schema: 'SheetLine', required: ['index', 'text', 'status', 'parts', 'mended', 'skip', 'open', 'reads_as', 'family', 'questions', 'choices', 'settled', 'scaled', 'methods'], properties: [
    new OA\Property(property: 'index', type: 'integer'), new OA\Property(property: 'text', type: 'string'),
    new OA\Property(property: 'status', type: 'string', enum: ['read', 'partly', 'unread', 'heading']),
    new OA\Property(property: 'parts', type: 'array', description: 'Put together, the line as written.', items: new OA\Items(required: ['part', 'text'], type: 'object', properties: [
        new OA\Property(property: 'part', type: 'string', enum: ['filler', 'amount', 'size', 'package', 'ingredient', 'handling', 'note', 'unread']), new OA\Property(property: 'text', type: 'string'),
    ])),
    new OA\Property(property: 'mended', type: 'boolean', description: 'Settled by a teacher.'), new OA\Property(property: 'skip', type: 'boolean', description: 'Left out: not measured.'),
    new OA\Property(property: 'open', type: 'boolean', description: 'A question must be settled before it can be measured.'),
    new OA\Property(property: 'reads_as', type: 'string', nullable: true, description: 'The ingredient and what is done to it.'),
    new OA\Property(property: 'family', type: 'string', nullable: true, description: 'Whose technique measures it.'),
    new OA\Property(property: 'questions', type: 'array', items: new OA\Items(required: ['id', 'text', 'must'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'must', type: 'boolean'),
    ])),
    new OA\Property(property: 'choices', type: 'array', items: new OA\Items(required: ['label', 'grams', 'decimals', 'settled'], type: 'object', properties: [
        new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'grams', type: 'number', nullable: true), new OA\Property(property: 'decimals', type: 'integer'),
        new OA\Property(property: 'settled', ref: '#/components/schemas/Settled'),
    ])),
    new OA\Property(property: 'settled', ref: '#/components/schemas/Settled', nullable: true),
    new OA\Property(property: 'methods', type: 'array', items: new OA\Items(required: ['id', 'name'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')])),
    new OA\Property(property: 'scaled', ref: '#/components/schemas/ScaledLine', nullable: true),
])]
#[OA\Schema(schema: 'Named', required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')])]
#[OA\Schema(schema: 'Settled', required: ['ingredient', 'amount', 'unit', 'method'], properties: [
    new OA\Property(property: 'ingredient', type: 'string'), new OA\Property(property: 'amount', type: 'string'),
    new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'method', type: 'string', nullable: true),
])]
#[OA\Schema(schema: 'ScaledLine', required: ['amount', 'measure', 'measurable', 'grams', 'decimals', 'rounding_loss_g', 'bakers_pct', 'beaten_g', 'handling', 'working', 'source'], properties: [
    new OA\Property(property: 'amount', type: 'string', description: 'Exact, in the unit of the line.'), new OA\Property(property: 'measure', type: 'string', description: 'As a cook measures it.'),
    new OA\Property(property: 'measurable', type: 'boolean', description: 'False: the measure is the nearest there is.'),
    new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'rounding_loss_g', type: 'number', description: 'What rounding one batch first would have lost.'),
    new OA\Property(property: 'bakers_pct', type: 'number', nullable: true), new OA\Property(property: 'beaten_g', type: 'number', nullable: true, description: 'Of a part of an egg.'),
    new OA\Property(property: 'handling', type: 'string'), new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'source', type: 'string', nullable: true),
])]
final class RecipeSheetResource extends JsonResource
{
    public function __construct(RecipeSheet $sheet, private readonly Section $section)
    {
        parent::__construct($sheet);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $sheet = $this->resource;
        $version = $sheet->version;
        $recipe = $version->recipe;

        return [
            'id' => $recipe->id,
            'title' => $recipe->title,
            'makes' => $version->makes,
            'version' => $version->number,
            'versions' => $recipe->versions->map(fn (RecipeVersion $one): array => ['number' => $one->number, 'note' => $one->note, 'by' => $one->teacher->name, 'at' => $one->created_at->toJSON()])->all(),
            'section' => ['id' => $this->section->id, 'name' => $this->section->name, 'stations' => $this->section->stations->count()],
            'standard' => $sheet->standard->value,
            'factor' => $sheet->factor->text(),
            'text' => self::text($sheet),
            'lines' => array_map($this->line(...), $sheet->lines),
            'directions' => $version->directions,
            'findings' => array_map(static fn (Finding $finding): string => Said::phrase(Phrase::of("finding.$finding->kind", ['name' => Phrase::of("ingredient.$finding->ingredient")])), $sheet->findings),
            'cautions' => array_map(Said::phrase(...), $sheet->cautions),
            'labs' => $this->labs(),
            'retry_pct' => Supplies::USUAL_RETRY_PCT,
            'open' => count(array_filter($sheet->lines, static fn (SheetLine $line): bool => $line->isOpen())),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function labs(): array
    {
        $sheet = $this->resource;
        $stations = max(1, $this->section->stations->count());
        $options = [];
        foreach (Sharing::cases() as $sharing) {
            try {
                $each = $sharing->each($sheet->factor, $stations);
                $supplies = $sheet->supplies($each, $stations);
                $options[] = ['for' => $sharing->value, 'each' => $each->text(), 'all' => $sharing->all($sheet->factor, $stations)->text(), 'supplies' => array_map(self::supply(...), $supplies)];
            } catch (InvalidInput) {
                continue; // beyond any kitchen
            }
        }

        return $options;
    }

    /** @return array<string, mixed> */
    private static function supply(Supplies $supply): array
    {
        return [
            'name' => Said::ingredient($supply->ingredient->id),
            'measure' => $supply->classMeasure === null ? null : Said::phrase(Phrase::of('working.amount', ['amount' => $supply->classMeasure])),
            'grams' => $supply->classG->toFloat(),
            'decimals' => ShownGrams::of($supply->classG)->getScale(),
        ];
    }

    private static function text(RecipeSheet $sheet): string
    {
        $version = $sheet->version;

        return implode("\n", [
            $version->recipe->title,
            ...($version->makes === null ? [] : ["Makes $version->makes"]),
            '', 'Ingredients',
            ...array_map(static fn (array $line): string => $line['text'], $version->lines),
            ...($version->directions === [] ? [] : ['', 'Directions', ...$version->directions]),
        ]);
    }

    /** @return array<string, mixed> */
    private function line(SheetLine $line): array
    {
        $read = $line->read;
        $ingredient = $line->line->ingredient ?? $read->ingredient;
        $methods = $ingredient === null ? [] : HouseMethod::forFamily($ingredient->family);

        return [
            'index' => $line->index,
            'text' => $read->text,
            'status' => $read->status,
            'parts' => array_map(static fn (Piece $piece): array => ['part' => $piece->part->value, 'text' => $piece->text], $read->pieces),
            'mended' => $line->mended,
            'skip' => $line->skip,
            'open' => $line->isOpen(),
            'reads_as' => $ingredient === null ? null : Said::ingredient($ingredient->id),
            'family' => $ingredient?->family->value,
            'questions' => $line->mended || $line->skip ? [] : array_map(fn (Flag $flag): array => $this->question($flag, $line), $read->flags),
            'choices' => $line->isHeading() ? [] : array_map(self::choice(...), Choices::of($read, $this->resource->standard, $this->resource->pantry)),
            'settled' => $line->line === null ? null : self::settled($line->line),
            'methods' => array_map(static fn (HouseMethod $method): array => ['id' => $method->value, 'name' => Said::phrase(Phrase::of("method.$method->value"))], $methods),
            'scaled' => $this->scaled($line),
        ];
    }

    /** @return array<string, mixed> */
    private function question(Flag $flag, SheetLine $line): array
    {
        $amount = SettledLine::amount($line->read, $this->resource->standard);
        $name = $line->read->ingredient === null ? $line->read->name : Phrase::of("ingredient.{$line->read->ingredient->id}");

        return ['id' => $flag->value, 'text' => Said::phrase(Phrase::of("flag.$flag->value", ['amount' => $amount ?? '', 'name' => $name])), 'must' => $flag->mustBeSettled()];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        return [
            'label' => Said::phrase($choice->says),
            'grams' => $choice->grams,
            'decimals' => $choice->grams === null ? 0 : ShownGrams::of($choice->grams)->getScale(),
            'settled' => self::settled($choice->line),
        ];
    }

    /** @return array<string, string|null> */
    private static function settled(SettledLine $line): array
    {
        return ['ingredient' => $line->ingredient->id, 'amount' => KitchenNotation::write($line->amount->number), 'unit' => $line->amount->unit->value, 'method' => $line->method?->value];
    }

    /** @return array<string, mixed>|null */
    private function scaled(SheetLine $line): ?array
    {
        $scaled = $line->scaled;
        if ($scaled === null) {
            return null;
        }

        return [
            'amount' => Said::phrase(Phrase::of('working.amount', ['amount' => $scaled->amount])),
            'measure' => Said::phrase(Phrase::of('working.amount', ['amount' => $scaled->measure])),
            'measurable' => $scaled->measure->exact,
            'grams' => $scaled->grams->toFloat(),
            'decimals' => ShownGrams::of($scaled->grams)->getScale(),
            'rounding_loss_g' => $scaled->roundingLoss->toFloat(),
            'bakers_pct' => $scaled->bakersPercent,
            'beaten_g' => $scaled->beatenG?->toFloat(),
            'handling' => Said::phrase(Phrase::of("handling.{$scaled->handling->value}")),
            'working' => array_map(Said::phrase(...), $scaled->working),
            'source' => $scaled->source === null ? null : Said::phrase(Phrase::of("source.$scaled->source")),
        ];
    }
}
