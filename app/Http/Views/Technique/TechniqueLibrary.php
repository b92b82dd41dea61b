<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Models\Section;
use App\Models\StepPicture;
use App\Words\Said;
use Hovik\Core\Library\KnownTool;
use Hovik\Core\Library\TechniquePage;
use Hovik\Core\Library\Utensil;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

/** How each family is measured, the class's way. */
final readonly class TechniqueLibrary extends View
{
    /**
     * @param  list<TechniqueFamily>  $families
     * @param  list<LibraryTool>  $tools
     * @param  list<SafetyRow>  $safety
     * @param  list<string>  $pictures  steps of which the kitchen has its own picture
     */
    public function __construct(
        public array $families,
        public array $tools,
        public array $safety,
        public string $first,
        public array $pictures,
    ) {
    }

    public static function of(Section $section): self
    {
        $pantry = $section->kitchen->pantry();
        $rules = $section->houseRules();
        $page = static fn (Family $family): TechniqueFamily => TechniqueFamily::of(
            TechniquePage::of($family, $pantry, $rules, $section->standard, $section->tolerance_level),
        );

        return new self(
            families: array_map($page, Family::cases()),
            tools: [
                ...array_map(LibraryTool::of(...), KnownTool::all($section->kitchen->drawer($section->standard), $section->standard)),
                ...array_map(LibraryTool::utensil(...), Utensil::cases()),
            ],
            safety: array_map(SafetyRow::of(...), SafetyPoint::cases()),
            first: Said::phrase(Phrase::of('safety.first')),
            pictures: StepPicture::query()->where('kitchen_id', $section->kitchen_id)->pluck('step')->all(),
        );
    }
}
