<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Page\Clutter;
use Hovik\Core\Recipe\Page\PageWords;
use Hovik\Core\Recipe\Page\PlainText;
use Hovik\Core\Words\Phrase;

/** Takes a pasted recipe apart: title, yield, ingredient lines with their headings, directions. */
final readonly class RecipeReader
{
    /** Lines of a recipe at most; a longer text is no recipe. */
    public const MOST_LINES = 300;

    /** Letters at most, with the tags of its page. */
    public const LONGEST_PAGE = 600_000;

    /** Letters at most. */
    public const MOST_LETTERS = 30_000;

    private string $verbs;

    private LineReader $lines;

    public function __construct(Pantry $pantry)
    {
        $this->lines = new LineReader($pantry);
        $this->verbs = '~^[^\p{L}\p{N}]*(?:'.implode('|', [...PageWords::VERBS, ...PageWords::SPANISH_VERBS]).')\b~iu';
    }

    /** @throws InvalidInput when the text is empty, too long, or no text */
    public function read(string $text): Recipe
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because('text', Phrase::of('refusal.not-text'));
        }
        $written = PlainText::lines(mb_strlen($text) > self::LONGEST_PAGE ? '' : $text);
        if (mb_strlen($text) > self::LONGEST_PAGE || mb_strlen(implode("\n", $written)) > self::MOST_LETTERS) {
            throw InvalidInput::because('text', Phrase::of('refusal.recipe-too-long'));
        }
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
        $lines = $directions = $leftOut = [];
        $place = 'start';
        $hasList = array_filter($written, static fn (string $text): bool => self::marker($text) === 'ingredients') !== [];
        foreach ($written as $i => $text) {
            $marker = self::marker($text);
            if ($marker !== null) {
                $place = $marker;

                continue;
            }
            if (preg_match(PageWords::MAKES, $text, $m) === 1) {
                $makes ??= rtrim($m[2] ?? $m[1], '.');

                continue;
            }
            $line = $this->lines->read($text);
            $isFood = $line->ingredient !== null && $line->amounts !== [];
            $isClutter = ! ($isFood && $place !== 'directions') && Clutter::is($text, $place === 'directions');
            if ($place === 'end' || $isClutter || $place === 'notes' && $directions !== []) {
                $leftOut[] = $text;

                continue;
            }
            $isFirst = $title === null && $lines === [] && $place === 'start' && count($written) > 1;
            if ($isFirst && mb_strlen($text) <= 80 && self::mayBeTitle($line)) {
                $title = trim($text, " \t#*_:");

                continue;
            }
            // Where a page says where its list begins, what stands before it is about the recipe.
            if ($place === 'start' && $hasList && ! $isFood) {
                $leftOut[] = $text;

                continue;
            }
            $lines = $this->put($text, $line, $place, $lines, $directions);
        }

        return new Recipe($title, $makes, $lines, $directions, $leftOut);
    }

    /**
     * @param  list<ReadLine>  $lines
     * @param  list<string>  $directions
     * @return list<ReadLine>
     */
    private function put(string $text, ReadLine $line, string &$place, array $lines, array &$directions): array
    {
        if ($place === 'directions' || ($place !== 'ingredients' && $this->isDirection($text, $line))) {
            $step = self::withoutNumber($text);
            if ($step !== '' && preg_match('~^(?:step|paso)\s*\d{1,2}$~iu', $step) !== 1) {
                $directions[] = $step;
            }
            $place = $place === 'directions' ? $place : 'start';

            return $lines;
        }
        $last = $lines === [] ? null : $lines[count($lines) - 1];
        // A page's table breaks a line behind its amount: '2 cups', then 'flour'.
        if ($last !== null && self::isAmountAlone($last) && $line->amounts === [] && $line->status !== ReadLine::HEADING) {
            array_pop($lines);
            $line = $this->lines->read("$last->text $text");
        }

        return [...$lines, $line];
    }

    private static function isAmountAlone(ReadLine $line): bool
    {
        return $line->amounts !== [] && $line->ingredient === null && $line->name === '';
    }

    /** No amount of a food: 'One Bowl Brownies' begins with a number and is a title. */
    private static function mayBeTitle(ReadLine $line): bool
    {
        return $line->amounts === [] || $line->amounts[0]->unit === null
            || $line->ingredient === null && $line->options === [];
    }

    private static function marker(string $text): ?string
    {
        $plain = mb_strtolower(trim($text, " \t#*_:.-"));

        return match (true) {
            in_array($plain, PageWords::INGREDIENTS, true) => 'ingredients',
            in_array($plain, PageWords::DIRECTIONS, true) => 'directions',
            in_array($plain, PageWords::NOTES, true) => 'notes',
            Clutter::ends($text) => 'end',
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
        return trim((string) preg_replace(PageWords::MARKS, '', $text));
    }
}
