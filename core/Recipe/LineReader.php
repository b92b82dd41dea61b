<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Line\AmountAtEnd;
use Hovik\Core\Recipe\Line\AmountPhrase;
use Hovik\Core\Recipe\Line\Amounts;
use Hovik\Core\Recipe\Line\Heading;
use Hovik\Core\Recipe\Line\LanguagePack;
use Hovik\Core\Recipe\Line\ListMark;
use Hovik\Core\Recipe\Line\Name;
use Hovik\Core\Recipe\Line\Numbers;
use Hovik\Core\Recipe\Line\OpenQuestions;
use Hovik\Core\Recipe\Line\Packages;
use Hovik\Core\Recipe\Line\PartReader;
use Hovik\Core\Recipe\Line\Remarks;

/**
 * Reads one line of a recipe, part by part. Word order carries the method: what is done to an ingredient before its name comes before
 * the measuring, what stands behind it comes after. Nothing is dropped and nothing guessed in silence: what is not understood stays in
 * the line as unread, and what is open becomes a flag.
 */
final readonly class LineReader
{
    /** Longest line read; the rest is unread. */
    private const LONGEST = 300;

    /** @var list<PartReader> in the order in which a line is read */
    private array $parts;

    private LanguagePack $words;

    public function __construct(Pantry $pantry, ?LanguagePack $words = null)
    {
        $this->words = $words ?? LanguagePack::english();
        $names = new NameFinder($pantry);
        $units = new UnitWords;
        $numbers = new Numbers($units, $names, $pantry);
        $packages = new Packages($units, $numbers);
        $amount = new AmountPhrase($units, $numbers, $packages);
        $this->parts = [
            new ListMark,
            new Heading($numbers),
            new Amounts($amount, $numbers, $packages, $units),
            new AmountAtEnd($amount, $numbers),
            new Name($names, $pantry),
            new Remarks($names),
            new OpenQuestions($pantry),
        ];
    }

    public function read(string $text): ReadLine
    {
        $tokens = Token::split(mb_substr($text, 0, self::LONGEST));
        if (! mb_check_encoding($text, 'UTF-8') || $tokens === []) {
            return new ReadLine($text, ReadLine::UNREAD, [new Piece(Part::Unread, $text)]);
        }
        $reading = new Reading($text, $tokens, $this->words);
        foreach ($this->parts as $part) {
            $part->read($reading);
            if ($reading->heading !== null) {
                return new ReadLine($text, ReadLine::HEADING, [new Piece(Part::Note, $text)], name: $reading->heading);
            }
        }

        return $reading->line(mb_substr($text, self::LONGEST));
    }
}
