<?php

declare(strict_types=1);

namespace App\Http\Resources\Technique;

use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Library\Disagreement;
use Hovik\Core\Library\KnownTool;
use Hovik\Core\Library\Mistake;
use Hovik\Core\Library\TechniquePage;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Section $resource */
#[OA\Schema(schema: 'Library', required: ['families', 'tools', 'safety', 'first'], properties: [
    new OA\Property(property: 'families', type: 'array', items: new OA\Items(ref: '#/components/schemas/TechniquePage')),
    new OA\Property(property: 'tools', type: 'array', description: 'To know by picture, size and use.', items: new OA\Items(required: ['kind', 'called', 'use', 'mind', 'owned', 'sizes'], type: 'object', properties: [
        new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'called', type: 'string'), new OA\Property(property: 'use', type: 'string'), new OA\Property(property: 'mind', type: 'string', description: 'What to watch for.'),
        new OA\Property(property: 'owned', type: 'boolean', description: "False: not in the class's drawer, the usual sizes are shown."),
        new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(ref: '#/components/schemas/PracticeTool')),
    ])),
    new OA\Property(property: 'safety', type: 'array', description: 'What to take care of.', items: new OA\Items(required: ['id', 'name', 'care', 'why'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'care', type: 'string'), new OA\Property(property: 'why', type: 'string'),
    ])),
    new OA\Property(property: 'first', type: 'string', description: 'Whose rules come first.'),
])]
#[OA\Schema(schema: 'TechniquePage', required: ['id', 'name', 'because', 'foods', 'example', 'tool', 'amount', 'target', 'steps', 'mistakes', 'schools', 'care'], properties: [
    new OA\Property(property: 'id', type: 'string', example: 'fine-powder'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'because', type: 'string'),
    new OA\Property(property: 'foods', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'example', type: 'string', description: 'The food it is shown on.'),
    new OA\Property(property: 'tool', type: 'string', nullable: true, description: 'Kind; null: counted, or straight onto the scale.'),
    new OA\Property(property: 'amount', type: 'string', nullable: true, example: '1 cup'), new OA\Property(property: 'target', type: 'string', nullable: true, example: '125', description: 'g'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(required: ['id', 'text', 'why', 'care'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'why', type: 'string'), new OA\Property(property: 'care', type: 'string', nullable: true),
    ])),
    new OA\Property(property: 'mistakes', type: 'array', items: new OA\Items(required: ['cause', 'said', 'tell', 'grams', 'error', 'verdict', 'tolerances'], type: 'object', properties: [
        new OA\Property(property: 'cause', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'tell', type: 'string'),
        new OA\Property(property: 'grams', type: 'string'), new OA\Property(property: 'error', type: 'string', description: 'g, without its sign'),
        new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'), new OA\Property(property: 'tolerances', type: 'number', description: 'Signed.'),
    ])),
    new OA\Property(property: 'schools', type: 'array', description: 'Where cooks disagree.', items: new OA\Items(required: ['question', 'ours', 'others'], type: 'object', properties: [
        new OA\Property(property: 'question', type: 'string'), new OA\Property(property: 'ours', type: 'string'), new OA\Property(property: 'others', type: 'array', items: new OA\Items(type: 'string')),
    ])),
    new OA\Property(property: 'care', type: 'array', items: new OA\Items(type: 'string'), description: 'Cautions that come with the food.'),
])]
final class LibraryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $section = $this->resource;
        $pantry = $section->kitchen->pantry();
        $schools = $section->schoolsSettled();
        $pages = array_map(static fn (Family $family): TechniquePage => TechniquePage::of($family, $pantry, $schools, $section->standard, $section->tolerance_level), Family::cases());

        return [
            'families' => array_map(self::page(...), $pages),
            'tools' => array_map(self::tool(...), KnownTool::all($section->kitchen->drawer($section->standard), $section->standard)),
            'safety' => array_map(static fn (SafetyPoint $point): array => [
                'id' => $point->value, 'name' => Said::phrase($point->named()), 'care' => Said::phrase($point->caution()), 'why' => Said::phrase(Phrase::of("safety.$point->value.why")),
            ], SafetyPoint::cases()),
            'first' => Said::phrase(Phrase::of('safety.first')),
        ];
    }

    /** @return array<string, mixed> */
    private static function page(TechniquePage $page): array
    {
        return [
            'id' => $page->family->value,
            'name' => Said::phrase(Phrase::of("family.{$page->family->value}")),
            'because' => Said::phrase(Phrase::of("family.{$page->family->value}.because")),
            'foods' => array_map(Said::ingredient(...), $page->foods),
            'example' => Said::ingredient($page->example->id),
            'tool' => $page->tool?->value,
            'amount' => $page->amount === null ? null : Said::phrase(Phrase::of('working.amount', ['amount' => $page->amount])),
            'target' => $page->target === null ? null : (string) ShownGrams::of($page->target->grams),
            'steps' => array_map(static fn (Step $step): array => ['id' => $step->value] + Said::stepOf($step->value, $page->method?->value, $page->family->value) + ['care' => self::care($page->careAt($step))], $page->steps),
            'mistakes' => $page->target === null ? [] : array_map(static fn (Mistake $mistake): array => [
                'cause' => $mistake->cause->value, 'said' => Said::phrase($mistake->cause->said()), 'tell' => Said::phrase($mistake->cause->tell()),
                'grams' => (string) ShownGrams::of($mistake->grams), 'error' => (string) $mistake->shownError($page->target),
                'verdict' => $mistake->leadsTo->value, 'tolerances' => $mistake->tolerances,
            ], $page->mistakes),
            'schools' => array_map(static fn (Disagreement $one): array => [
                'question' => Said::phrase($one->question), 'ours' => Said::phrase($one->ours), 'others' => array_map(Said::phrase(...), $one->others),
            ], $page->schools),
            'care' => array_map(static fn (SafetyPoint $point): string => Said::phrase($point->caution()), $page->safety),
        ];
    }

    private static function care(?SafetyPoint $point): ?string
    {
        return $point === null ? null : Said::phrase($point->caution());
    }

    /** @return array<string, mixed> */
    private static function tool(KnownTool $known): array
    {
        return [
            'kind' => $known->kind->value, 'called' => Said::phrase($known->called()), 'use' => Said::phrase($known->use()), 'mind' => Said::phrase($known->mind()), 'owned' => $known->owned,
            'sizes' => array_map(static fn (Tool $tool): array => ['kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'nominal' => $tool->nominal], $known->sizes),
        ];
    }
}
