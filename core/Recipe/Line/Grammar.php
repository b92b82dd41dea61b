<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\Token;
use Hovik\Core\Recipe\UnitWords;

/** How a line of one language is read, part by part. */
final readonly class Grammar
{
    /** @var list<PartReader> in the order in which a line is read */
    private array $parts;

    private UnitWords $units;

    public function __construct(Pantry $pantry, private LanguagePack $words)
    {
        $names = new NameFinder($pantry, $words);
        $this->units = $units = new UnitWords;
        $numbers = new Numbers($units, $names, $pantry);
        $packages = new Packages($units, $numbers);
        $amount = new AmountPhrase($units, $numbers, $packages);
        $this->parts = [
            ...($words->sayings === null ? [] : [new Translation($words->sayings)]),
            new ListMark,
            new Heading($numbers),
            new Note,
            new PartOfFruit($numbers),
            new Amounts($amount, $numbers, $packages, $units),
            new AmountAtEnd($amount, $numbers),
            new BakersPercent,
            new Name($names, $pantry),
            new Remarks($names, $packages, $amount),
            new BakersPercent,
            new OpenQuestions($pantry, $names),
        ];
    }

    /** @param  list<Token>  $tokens */
    public function read(string $text, array $tokens): Reading
    {
        $reading = new Reading($text, $tokens, $this->words, $this->units);
        foreach ($this->parts as $part) {
            $part->read($reading);
            if ($reading->heading !== null || $reading->isNote) {
                break;
            }
        }

        return $reading;
    }
}
