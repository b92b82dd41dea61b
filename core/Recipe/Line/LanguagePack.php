<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

/** The words that recipes of a language use around amounts and names: data, one file a language in core/data/recipe-words. */
final class LanguagePack
{
    private static ?self $english = null;

    private static ?self $spanish = null;

    /** @var array<string, true> */
    private readonly array $isHandling;

    /** @var array<string, true> */
    private readonly array $isPlain;

    /** @var array<string, true> */
    private readonly array $isRemark;

    /**
     * @param  array<string, string>  $numbers  words for whole numbers
     * @param  array<string, int>  $parts  words for parts of one: what one is divided by
     * @param  array<string, string>  $sizes  how full a measure is
     * @param  list<string>  $containers  containers with no unit of their own; they count as packets
     * @param  list<string>  $handlings  what is done to an ingredient: before its name it comes before the measuring, behind it after
     * @param  list<string>  $forms  handlings that change what a cup of it weighs, and that the pantry's rows are about
     * @param  list<string>  $how  adverbs of a handling that say nothing about the weight; 'lightly' and 'loosely' packed do
     * @param  list<string>  $plain  adjectives that change no weight we can tell
     * @param  list<string>  $remarks  words of the remarks that follow a name
     * @param  list<string>  $approximately  an amount that is not meant exactly
     * @param  list<string>  $to  between the two ends of a range
     * @param  list<string>  $plus  between two amounts of one food
     * @param  list<string>  $times  between a count and a size
     * @param  list<string>  $of  between a unit and its food
     * @param  list<string>  $each  of every one
     * @param  list<string>  $or  between a food and another in its place
     * @param  list<string>  $a  one, before a thing
     * @param  list<string>  $more  some is kept back
     * @param  list<string>  $toTaste  no amount
     * @param  list<string>  $divided  used at several places
     * @param  list<string>  $optional  may be left out
     * @param  list<string>  $lengths  what numbers in remarks count
     * @param  list<string>  $loosely  before 'packed' they weigh otherwise
     * @param  list<string>  $packed  pressed into the measure
     * @param  list<string>  $nameJoins  may stand before a name and change nothing
     * @param  list<string>  $nameStops  end a name
     * @param  list<string>  $unknownStops  end a name that no pantry knows
     * @param  array<string, string>  $kinds  names that say only what kind of food it is: they ask which
     * @param  list<string>  $sizeless  things measured with that have no size: 'a glass of milk'
     * @param  list<string>  $between  before the two ends of a range: 'between 2 and 3'
     * @param  list<string>  $atLeast  before a lower or an upper end
     * @param  list<string>  $minus  between an amount and what is taken off it
     * @param  list<string>  $already  done before the measuring, wherever it is said
     * @param  list<string>  $headings  what headings begin with, beside a colon at the end: regular expressions
     * @param  list<string>  $headingWords  what is a heading by itself
     * @param  list<string>  $not  before what it is not
     * @param  bool  $isBehind  adjectives stand behind their noun: without a comma they say what is measured
     * @param  Sayings|null  $sayings  how it says what the other lists hold in English
     */
    public function __construct(
        public readonly array $numbers,
        public readonly array $parts,
        public readonly array $sizes,
        public readonly array $containers,
        public readonly array $handlings,
        public readonly array $forms,
        public readonly array $how,
        public readonly array $plain,
        public readonly array $remarks,
        public readonly array $approximately,
        public readonly array $to,
        public readonly array $plus,
        public readonly array $times,
        public readonly array $of,
        public readonly array $each,
        public readonly array $or,
        public readonly array $a,
        public readonly array $more,
        public readonly array $toTaste,
        public readonly array $divided,
        public readonly array $optional,
        public readonly array $lengths,
        public readonly array $loosely,
        public readonly array $packed,
        public readonly array $nameJoins,
        public readonly array $nameStops,
        public readonly array $unknownStops,
        public readonly array $kinds,
        public readonly string $language = 'en',
        public readonly array $sizeless = [],
        public readonly array $between = [],
        public readonly array $atLeast = [],
        public readonly array $minus = [],
        public readonly array $already = [],
        public readonly array $headings = [],
        public readonly array $headingWords = [],
        public readonly array $not = [],
        public readonly bool $isBehind = false,
        public readonly ?Sayings $sayings = null,
    ) {
        $this->isHandling = array_fill_keys($handlings, true);
        $this->isPlain = array_fill_keys([...$plain, ...$how], true);
        $this->isRemark = array_fill_keys([...$remarks, ...$how], true);
    }

    /** @return list<self> every language that recipes are read in */
    public static function all(): array
    {
        return [self::english(), ...self::others()];
    }

    /** @return list<self> the languages beside English */
    public static function others(): array
    {
        return [self::spanish()];
    }

    public static function spanish(): self
    {
        if (self::$spanish === null) {
            /** @var self $words */
            $words = require __DIR__.'/../../data/recipe-words/es.php';
            self::$spanish = $words;
        }

        return self::$spanish;
    }

    public static function english(): self
    {
        if (self::$english === null) {
            /** @var self $words */
            $words = require __DIR__.'/../../data/recipe-words/en.php';
            self::$english = $words;
        }

        return self::$english;
    }

    public function isHandling(string $word): bool
    {
        return isset($this->isHandling[$word]);
    }

    /** An adjective that changes no weight we can tell. */
    public function isPlain(string $word): bool
    {
        return isset($this->isPlain[$word]);
    }

    public function isRemark(string $word): bool
    {
        return isset($this->isRemark[$word]);
    }
}
