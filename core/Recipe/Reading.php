<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Ingredient;
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

    /** Where the name ends at the latest, when the amount stands at the end of the line. */
    public ?int $nameEnds = null;

    public int $behindName = 0;

    /** @var array<string, Flag> */
    private array $flags = [];

    /** The cursor: what stands before it has been read. */
    public int $at = 0;

    /** What the line heads, where it is no ingredient. */
    public ?string $heading = null;

    /** @param  non-empty-list<Token>  $tokens  of the text's beginning */
    public function __construct(public readonly string $text, public array $tokens, public readonly LanguagePack $words)
    {
    }

    /** The plain word at a position; a sign as itself; '' beyond the end. */
    public function word(int $at): string
    {
        $token = $this->tokens[$at] ?? null;

        return $token === null ? '' : ($token->isWord() ? $token->word : $token->text);
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

    public function line(string $beyond): ReadLine
    {
        foreach ($this->tokens as $token) {
            if ($token->text === '' || in_array($token->text, [',', ';', ':', '.', '(', ')'], true) && $token->part === Part::Unread) {
                $token->part = Part::Filler;
            }
        }
        $unread = array_filter($this->tokens, static fn (Token $t): bool => $t->part === Part::Unread) !== [] || $beyond !== '';
        $isKnown = $this->ingredient !== null;
        if ($unread && ($isKnown || $this->amounts !== [])) {
            $onlyTheName = ! $isKnown && $this->unknown !== '';
            if (! $onlyTheName) {
                $this->flag(Flag::Unread);
            }
        }
        $free = isset($this->flags[Flag::ToTaste->value]);
        $status = match (true) {
            ! $isKnown && $this->amounts === [] => ReadLine::UNREAD,
            ! $isKnown, $unread, $this->amounts === [] && ! $free, isset($this->flags[Flag::NoUnit->value]) => ReadLine::PARTLY,
            default => ReadLine::READ,
        };

        return new ReadLine(
            text: $this->text,
            status: $status,
            pieces: $this->pieces($beyond),
            amounts: $this->amounts,
            also: $this->also,
            ingredient: $this->ingredient,
            name: $this->ingredient === null ? $this->unknown : $this->nameAsWritten(),
            before: array_values(array_unique($this->before)),
            after: array_values(array_unique($this->after)),
            size: $this->size,
            package: $this->package,
            flags: array_values($this->flags),
            options: array_values(array_unique($this->options)),
        );
    }

    private function nameAsWritten(): string
    {
        $name = '';
        foreach ($this->tokens as $token) {
            if ($token->part === Part::Ingredient) {
                $name .= $token->space.$token->text;
            }
        }

        return trim($name);
    }

    /** @return list<Piece> neighbours of one kind joined; white space between two kinds is filler */
    private function pieces(string $beyond): array
    {
        /** @var list<array{Part, string}> $runs */
        $runs = [];
        foreach ($this->tokens as $token) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $token->part) {
                $runs[$last][1] .= $token->space.$token->text;

                continue;
            }
            if ($token->space !== '') {
                $runs[] = [Part::Filler, $token->space];
            }
            if ($token->text !== '') {
                $runs[] = [$token->part, $token->text];
            }
        }
        if ($beyond !== '') {
            $runs[] = [Part::Unread, $beyond];
        }

        return array_map(static fn (array $run): Piece => new Piece(...$run), $runs);
    }
}
