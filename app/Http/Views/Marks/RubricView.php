<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use Hovik\Core\Marks\Criterion;
use Hovik\Core\Marks\Rubric as CoreRubric;

/** A rubric. */
final readonly class RubricView extends View
{
    /**
     * @param  int|null  $id  null: of the ready ones
     * @param  string|null  $template  null: of the kitchen's own
     * @param  list<RubricPart>  $parts
     */
    public function __construct(
        public ?int $id,
        public ?string $template,
        public string $name,
        public array $parts,
    ) {
    }

    public static function of(CoreRubric $rubric, ?int $id = null, ?string $template = null): self
    {
        $unusual = $rubric->unusual();

        return new self($id, $template, $rubric->name, array_map(
            static fn (Criterion $one): RubricPart => RubricPart::of($one, in_array($one, $unusual, true)), $rubric->criteria,
        ));
    }
}
