<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Library\Mistake;
use Hovik\Core\Library\TechniquePage;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

final readonly class TechniqueFamily extends View
{
    /**
     * @param  list<string>  $foods  in the middle of a sentence, as the example
     * @param  list<TechniqueStep>  $steps
     * @param  list<MistakeRow>  $mistakes
     * @param  list<SchoolRow>  $schools
     * @param  list<string>  $care
     */
    public function __construct(
        public Family $id,
        public string $name,
        public string $because,
        public array $foods,
        public string $example,
        public ?ToolKind $tool,
        public ?string $amount,
        public ?string $target,
        public array $steps,
        public array $mistakes,
        public array $schools,
        public array $care,
    ) {
    }

    public static function of(TechniquePage $page): self
    {
        return new self(
            id: $page->family,
            name: Said::phrase(Phrase::of("family.{$page->family->value}")),
            because: Said::phrase(Phrase::of("family.{$page->family->value}.because")),
            foods: array_map(static fn (string $id): string => Said::inside(Phrase::of("ingredient.$id")), $page->foods),
            example: Said::inside(Phrase::of("ingredient.{$page->example->id}")),
            tool: $page->tool,
            amount: $page->amount === null ? null : Said::amount($page->amount),
            target: $page->target === null ? null : (string) ShownGrams::of($page->target->grams),
            steps: array_map(static fn (Step $step): TechniqueStep => TechniqueStep::of($step, $page), $page->steps),
            mistakes: $page->target === null ? [] : array_map(
                static fn (Mistake $mistake): MistakeRow => MistakeRow::of($mistake, $page->target), $page->mistakes,
            ),
            schools: array_map(SchoolRow::of(...), $page->schools),
            care: array_map(static fn (SafetyPoint $point): string => Said::phrase($point->caution()), $page->safety),
        );
    }
}
