<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\MethodEffect;
use Hovik\Core\Words\Phrase;

final readonly class MethodChoice extends View
{
    /**
     * @param  list<MethodOption>  $methods
     */
    public function __construct(
        public Family $family,
        public array $methods,
    ) {
    }

    public static function of(Family $family, Section $section): self
    {
        $methods = HouseMethod::forFamily($family);
        $settled = array_values(array_filter($methods, static fn (HouseMethod $method): bool => $section->methods->contains($method)));
        $chosen = $settled[0] ?? $methods[0];
        $pantry = $section->kitchen->pantry();

        return new self($family, array_map(static fn (HouseMethod $method): MethodOption => new MethodOption(
            id: $method,
            name: Said::phrase(Phrase::of("method.$method->value")),
            effect: Said::phrase(MethodEffect::of($method, $chosen, $section->standard, $pantry)),
            chosen: $method === $chosen,
        ), $methods));
    }
}
