<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Line\LanguagePack;

/**
 * A line while it is being read: its tokens with what each was understood to be, and what has been found so far.
 *
 * @internal to {@see LineReader}
 */
final class Reading
{
    /** @var list<ReadAmount> */
    public array $amounts = [];

    /** @var list<ReadAmount> */
    public array $also = [];

    public ?string $size = null;

    public ?ReadAmount $package = null;

    public ?Ingredient $ingredient = null;

    public ?NameMatch $match = null;

    public string $unknown = '';

    /** @var list<string> */
    public array $before = [];

    /** @var list<string> */
    public array $after = [];

    /** @var list<string> */
    public array $options = [];

    public bool $saysT = false;

    /** The name, plain, where it stands for several foods. */
    public ?string $openWord = null;

    /** What comes before the measuring is said by an adjective behind the noun alone. */
    public bool $isNear = false;

    /** Measured with a thing of no size, or of several: what is missing is no unit. */
    public ?Measure $measure = null;

    /** Where the name ends at the latest, when the amount stands at the end of the line. */
    public ?int $nameEnds = null;

    public int $behindName = 0;

    /** Where remarks go on behind an amount at the end: 'Honey: 2 tbsp, warmed'. */
    public ?int $remarksFrom = null;

    /** @var array<string, Flag> */
    private array $flags = [];

    /** The cursor: what stands before it has been read. */
    public int $at = 0;

    /** What the line heads, where it is no ingredient. */
    public ?string $heading = null;

    /** The heading is one by its words, not by its colon alone. */
    public bool $isSureHeading = false;

    /** Something to read, and nothing to measure. */
    public bool $isNote = false;

    /** Of the flour's weight, where the amount is said so. */
    public ?BigRational $percent = null;

    /** @param  list<Token>  $tokens  of the text's beginning */
    public function __construct(
        public readonly string $text, public array $tokens, public readonly LanguagePack $words, private readonly UnitWords $units,
    ) {
    }

    public function isUnit(int $at): bool
    {
        return $this->units->at($this, $at) !== null;
    }

    /** What is said at a position, in the words of the pack; a sign as itself; '' beyond the end. */
    public function word(int $at): string
    {
        $token = $this->tokens[$at] ?? null;

        return $token === null ? '' : ($token->means ?? ($token->isWord() ? $token->word : $token->text));
    }

    /** @param  list<string>  $sayings  one or more words each */
    public function saidAny(int $at, array $sayings): bool
    {
        foreach ($sayings as $saying) {
            if ($this->said($at, ...explode(' ', $saying))) {
                return true;
            }
        }

        return false;
    }

    /** 'lightly packed' stays said so: it weighs otherwise. */
    public function withAdverb(int $at, string $word): string
    {
        $adverb = $at > 0 ? $this->word($at - 1) : '';

        return in_array($word, $this->words->packed, true) && in_array($adverb, $this->words->loosely, true) ? "$adverb $word" : $word;
    }

    private function said(int $at, string ...$words): bool
    {
        foreach ($words as $word) {
            if ($this->word($at++) !== $word) {
                return false;
            }
        }

        return true;
    }

    /** Bought by the piece, the stick or the can: what is done to it is done after it was counted. */
    public function isCounted(): bool
    {
        $unit = $this->amounts[0]->unit ?? null;

        return $this->amounts !== [] && ($unit === null ? $this->measure === null
            : in_array($unit, [Unit::Piece, Unit::Dozen, Unit::Stick, Unit::Can, Unit::Packet], true));
    }

    /** A can or a packet whose size is not yet said. */
    public function isOfNoSize(): bool
    {
        return $this->package === null && ($this->amounts[0]->unit ?? null)?->dimension() === Dimension::Ambiguous;
    }

    /** An infinitive behind its noun, as in Spanish, is what will be done: 'cernir', 'crema para batir'. */
    public function isStillToDo(int $at): bool
    {
        return $this->words->isBehind && str_ends_with($this->tokens[$at]->word, 'r');
    }

    /** Words about the whole line: to taste, optional, divided, some held back. True where they stand here; they are flagged. */
    public function hears(int $at): bool
    {
        foreach ([
            [$this->words->more, Flag::HeldBack], [$this->words->toTaste, Flag::ToTaste], [$this->words->divided, Flag::Divided],
            [$this->words->optional, Flag::Optional],
        ] as [$sayings, $flag]) {
            if ($this->saidAny($at, $sayings)) {
                $this->flag($flag);
                $this->mark(Part::Note, $at, 1);

                return true;
            }
        }

        return false;
    }

    public function mark(Part $part, int $from, int $count): void
    {
        for ($i = $from; $i < $from + $count && isset($this->tokens[$i]); $i++) {
            $this->tokens[$i]->part = $part;
        }
    }

    public function flag(Flag $flag): void
    {
        $this->flags[$flag->value] = $flag;
    }

    /**
     * The stretches between commas, semicolons, brackets and 'or'.
     *
     * @return list<array{int, int}> from, and the position behind
     */
    public function segments(int $from, int $end): array
    {
        $segments = [];
        $start = $from;
        for ($i = $from; $i <= $end; $i++) {
            if ($i === $end || in_array($this->word($i), [',', ';', '(', ')', '–', '—', 'or'], true)) {
                if ($i > $start) {
                    $segments[] = [$start, $i];
                }
                $start = $i + 1;
            }
        }

        return $segments;
    }

    public function has(Flag $flag): bool
    {
        return isset($this->flags[$flag->value]);
    }

    /** @return list<Flag> */
    public function flags(): array
    {
        return array_values($this->flags);
    }

    /** A few small words are in every language: another one is taken only where it tells the food, the amount or the heading. */
    public function understandsMoreThan(self $other): bool
    {
        return $this->puzzlement() < $other->puzzlement()
            && ($this->ingredient !== null || $this->isSureHeading
                || ($this->amounts[0]->unit ?? null) !== null && ($other->amounts[0]->unit ?? null) === null
                || $this->amounts !== [] && $other->amounts === []);
    }

    /** How little of the line was understood, to tell which language it is in: 0 for all of it. */
    public function puzzlement(): int
    {
        $unread = count(array_filter($this->tokens, static fn (Token $t): bool => $t->part === Part::Unread && $t->isWord()));

        return match (true) {
            $this->heading !== null => $this->isSureHeading ? 0 : 1,
            $this->isNote => 0,
            default => 2 * $unread + ($this->ingredient === null ? 3 : 0) + ($this->has(Flag::Spelling) ? 2 : 0)
                + ($this->amounts === [] ? 1 : 0) + ($this->has(Flag::NoUnit) ? 1 : 0),
        };
    }
}
