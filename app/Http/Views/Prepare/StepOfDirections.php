<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\RecipeVersion;
use App\Words\Said;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Directions\DoneBy;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Safety\SafetyPoint;

/** One step of the directions: its words, who does it, what it uses, and what to mind. */
final readonly class StepOfDirections extends View
{
    /**
     * @param  list<string>  $lines  ids of the recipe's lines that it uses
     * @param  list<string>  $uses  those by name
     * @param  string|null  $note  the teacher's
     * @param  list<string>  $cautions
     */
    public function __construct(
        public string $text,
        public DoneBy $by,
        public bool $gloves,
        public ?string $note,
        public array $lines,
        public array $uses,
        public array $cautions,
    ) {
    }

    /** @return list<self> */
    public static function all(?RecipeVersion $version): array
    {
        if ($version === null || $version->directions === []) {
            return [];
        }
        $pantry = $version->recipe->kitchen->pantry();
        $reader = new LineReader($pantry);
        $names = [];
        foreach ($version->lines as $line) {
            $names[$line->id] = self::name($line, $reader);
        }

        return array_map(static fn (DirectionStep $step): self => new self(
            $step->text,
            $step->by,
            $step->gloves,
            $step->note,
            $step->lines,
            array_values(array_unique(array_map(static fn (string $id): string => $names[$id] ?? '', $step->lines))),
            array_map(static fn (SafetyPoint $point): string => Said::phrase($point->caution()), $step->safety()),
        ), $version->directions);
    }

    private static function name(RecipeLine $line, LineReader $reader): string
    {
        $id = $line->ingredient ?? $reader->read($line->text)->ingredient?->id;

        return $id === null ? $line->text : Said::ingredient($id);
    }
}
