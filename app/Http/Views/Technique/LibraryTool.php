<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\Practice\PracticeTool;
use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Library\KnownTool;
use Hovik\Core\Library\Utensil;
use Hovik\Core\Words\Phrase;

/** A tool to know by picture, name and use, or what helps beside the tools. */
final readonly class LibraryTool extends View
{
    /**
     * @param  list<string>  $also  other names, for who looks for it by one of them
     * @param  bool  $owned  false only of a measuring tool that the kitchen does not own
     * @param  list<PracticeTool>  $sizes  none of a utensil
     */
    public function __construct(
        public string $id,
        public string $called,
        public array $also,
        public string $use,
        public string $mind,
        public bool $owned,
        public array $sizes,
    ) {
    }

    public static function of(KnownTool $known): self
    {
        return self::said($known->kind, $known->owned, array_map(
            static fn (Tool $tool): PracticeTool => new PracticeTool($tool->kind->value, $tool->aboutMl, $tool->nominal, null),
            $known->sizes,
        ));
    }

    public static function utensil(Utensil $utensil): self
    {
        return self::said($utensil, true, []);
    }

    /** @param  list<PracticeTool>  $sizes */
    private static function said(ToolKind|Utensil $id, bool $owned, array $sizes): self
    {
        $say = static fn (string $what): string => Said::phrase(Phrase::of("library.tool.$id->value$what"));

        return new self($id->value, $say(''), explode(', ', $say('.also')), $say('.use'), $say('.mind'), $owned, $sizes);
    }
}
