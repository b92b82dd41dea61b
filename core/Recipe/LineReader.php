<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Line\Grammar;
use Hovik\Core\Recipe\Line\LanguagePack;

/**
 * Reads one line of a recipe, in the language in which most of it is understood: a recipe may hold several. Word order carries the method:
 * what is done to an ingredient before it is measured, and what after. Nothing is dropped and nothing guessed in silence: what is not
 * understood stays in the line as unread, and what is open becomes a flag.
 */
final class LineReader
{
    /** Longest line read; the rest is unread. */
    private const LONGEST = 300;

    /** @var array<string, Grammar> by language, made when a line first needs it */
    private array $grammars = [];

    public function __construct(private readonly Pantry $pantry)
    {
    }

    public function read(string $text): ReadLine
    {
        $beginning = mb_substr($text, 0, self::LONGEST);
        if (! mb_check_encoding($text, 'UTF-8') || $beginning === '') {
            return new ReadLine($text, ReadLine::UNREAD, [new Piece(Part::Unread, $text)]);
        }
        $best = $this->in(LanguagePack::english(), $text, $beginning);
        foreach (LanguagePack::others() as $words) {
            if ($best->puzzlement() > 0) {
                $reading = $this->in($words, $text, $beginning);
                $best = $reading->understandsMoreThan($best) ? $reading : $best;
            }
        }

        return WrittenOut::line($best, mb_substr($text, self::LONGEST));
    }

    private function in(LanguagePack $words, string $text, string $beginning): Reading
    {
        $this->grammars[$words->language] ??= new Grammar($this->pantry, $words);
        $tokens = Token::split($beginning);

        return $this->grammars[$words->language]->read($text, $tokens);
    }
}
