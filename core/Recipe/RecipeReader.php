<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;

/** Takes a pasted recipe apart: title, yield, ingredient lines with their headings, directions. */
final readonly class RecipeReader
{
    /** Lines of a recipe at most; a longer text is no recipe. */
    public const MOST_LINES = 300;

    /** Letters at most. */
    public const MOST_LETTERS = 30_000;

    /** What directions begin with, after a quotation mark or the like. */
    private const VERBS = [
        'add', 'arrange', 'bake', 'beat', 'blend', 'boil', 'bring', 'brush', 'chill', 'combine', 'cook', 'cool', 'cover', 'cream', 'cut',
        'dissolve', 'divide', 'drain', 'drizzle', 'drop', 'dust', 'fill', 'fold', 'form', 'freeze', 'fry', 'garnish', 'grease', 'heat',
        'in a', 'in the', 'in another', 'knead', 'leave', 'let', 'line', 'make', 'measure', 'meanwhile', 'melt', 'mix', 'once', 'place',
        'pour', 'preheat', 'prepare', 'press', 'put', 'remove', 'repeat', 'return', 'roll', 'rub', 'scrape', 'serve', 'set', 'shape',
        'sift', 'simmer', 'slice', 'spoon', 'spread', 'sprinkle', 'stir', 'store', 'take', 'tip', 'transfer', 'turn', 'use', 'warm',
        'wash', 'weigh', 'when', 'whip', 'whisk', 'with', 'working',
    ];

    private const INGREDIENTS = ['ingredients', 'ingredient list', 'you will need', 'you need', 'what you need'];

    private const DIRECTIONS = [
        'directions', 'method', 'instructions', 'steps', 'preparation', 'procedure', 'what to do', 'how to make it',
    ];

    /** Marks before the items of a list, its numbers among them: whole characters, never their bytes. */
    private const MARKS = '~^[\s*•·▪◦‣\-–—→➔✓✔☐]*(?:(?:step\s*)?\d{1,2}\s*[.):]\s*)?~iu';

    private string $verbs;

    private LineReader $lines;

    public function __construct(Pantry $pantry)
    {
        $this->lines = new LineReader($pantry);
        $this->verbs = '~^[^\p{L}\p{N}]*(?:'.implode('|', self::VERBS).')\b~iu';
    }

    /** @throws InvalidInput when the text is empty, too long, or no text */
    public function read(string $text): Recipe
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because('text', Phrase::of('refusal.not-text'));
        }
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw InvalidInput::because('text', Phrase::of('refusal.recipe-too-long'));
        }
        $written = array_values(
            array_filter(
                array_map(trim(...), explode("\n", (string) preg_replace('~\R~u', "\n", str_replace("\u{FEFF}", '', $text)))),
                static fn (string $line): bool => $line !== '',
            ),
        );
        if ($written === []) {
            throw InvalidInput::because('text', Phrase::of('refusal.recipe-empty'));
        }
        if (count($written) > self::MOST_LINES) {
            throw InvalidInput::because('text', Phrase::of('refusal.recipe-too-many-lines'));
        }

        return $this->sort($written);
    }

    /** @param  non-empty-list<string>  $written */
    private function sort(array $written): Recipe
    {
        $title = $makes = null;
        $lines = $directions = [];
        $place = 'start';
        foreach ($written as $i => $text) {
            $marker = self::marker($text);
            if ($marker !== null) {
                $place = $marker;

                continue;
            }
            if (preg_match('~^(?:makes|yields?|serves|servings)\b\s*:?\s*(.{1,60})$~i', $text, $m) === 1 && $makes === null) {
                $makes = rtrim($m[1], '.');

                continue;
            }
            $line = $this->lines->read($text);
            if ($i === 0 && $place === 'start' && count($written) > 1 && $line->amounts === [] && mb_strlen($text) <= 80) {
                $title = trim($text, " \t#*_:");

                continue;
            }
            if ($place === 'directions' || ($place !== 'ingredients' && $this->isDirection($text, $line))) {
                $directions[] = self::withoutNumber($text);
                $place = $place === 'directions' ? $place : 'start';
            } else {
                $lines[] = $line;
            }
        }

        return new Recipe($title, $makes, $lines, $directions);
    }

    private static function marker(string $text): ?string
    {
        $plain = mb_strtolower(trim($text, " \t#*_:.-"));

        return match (true) {
            in_array($plain, self::INGREDIENTS, true) => 'ingredients',
            in_array($plain, self::DIRECTIONS, true) => 'directions',
            default => null,
        };
    }

    /** Without a heading over it: a sentence that begins with what to do, and not with an amount. */
    private function isDirection(string $text, ReadLine $line): bool
    {
        $plain = self::withoutNumber($text);

        return $line->status !== ReadLine::HEADING
            && preg_match('~^\p{N}~u', $plain) !== 1
            && preg_match($this->verbs, $plain) === 1
            && (str_word_count($plain) >= 4 || str_ends_with($plain, '.'));
    }

    private static function withoutNumber(string $text): string
    {
        return trim((string) preg_replace(self::MARKS, '', $text));
    }
}
