<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Measure;
use Hovik\Core\Recipe\Token;

/** The sayings of a language by their words: from a table of kinds, words and meanings (core/data/recipe_words_es.csv). */
final class Sayings
{
    /** Kinds of saying that agree with their noun in gender and number: any ending is heard. */
    private const AGREE = ['handling', 'size', 'plain', 'fraction'];

    /** What each kind of saying is to the part readers, where its own meaning is not the word. */
    private const MEANS = [
        'fraction' => ['1/2' => 'half', '1/3' => 'third', '/3' => 'third', '1/4' => 'quarter', '/4' => 'quarter', '1/5' => 'fifth',
            '1/6' => 'sixth', '1/8' => 'eighth', '/8' => 'eighth'],
        'plus' => 'plus', 'filler' => 'of', 'plain' => 'plain', 'to-taste' => 'to-taste', 'optional' => 'optional',
        'divided' => 'divided', 'alternative' => 'or', 'approx' => ['approximate' => 'about', 'scant' => 'scant'],
        'held-back' => [
            'held-back' => 'held-back', 'no-amount' => 'remark',
        ], 'time-word' => ['before' => 'already', 'after' => 'afterwards'],
    ];

    /** @var array<string, list<Saying>> by its words */
    private array $exact = [];

    /** @var array<string, list<Saying>> by its words without their endings */
    private array $loose = [];

    /** @var array<string, true> names of foods whose words say nothing by themselves */
    private array $names = [];

    /**
     * @param  list<array{kind: string, word: string, meaning: string, notes: string}>  $rows
     * @param  array<string, string>  $more  sayings of grammar, by their words
     * @param  array<string, list<string>>  $onlyBefore  measures that are so only before certain words
     */
    public function __construct(array $rows, array $more, array $onlyBefore)
    {
        foreach ($more as $words => $means) {
            $this->add('more', $words, new Saying($means));
        }
        foreach ($rows as ['kind' => $kind, 'word' => $word, 'meaning' => $meaning]) {
            if ($kind === 'fixed-name') {
                $this->names[self::key($word)] = true;
            } elseif ($kind === 'unit') {
                $measure = match ($meaning) {
                    'ask' => Measure::open(),
                    'not-checkable' => Measure::sizeless(),
                    default => self::measure($meaning),
                };
                foreach ($onlyBefore[$word] ?? [''] as $before) {
                    $this->add($kind, $word, new Saying('measure', $measure, $before));
                }
            } elseif (in_array($kind, ['handling', 'size', 'adverb'], true)) {
                $this->add($kind, $word, new Saying($meaning === 'unsifted' ? 'plain' : $meaning));
            } elseif (isset(self::MEANS[$kind])) {
                $means = self::MEANS[$kind];
                $this->add($kind, $word, new Saying(is_array($means) ? $means[$meaning] ?? 'plain' : $means));
            }
        }
    }

    /** @param  list<string>  $words */
    public function isName(array $words): bool
    {
        return isset($this->names[implode(' ', $words)]);
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $next  the words behind them
     */
    public function of(array $words, array $next): ?Saying
    {
        $candidates = $this->exact[implode(' ', $words)] ?? $this->loose[implode(' ', array_map(self::withoutEnding(...), $words))] ?? [];
        foreach ($candidates as $saying) {
            if ($saying->before === '' || in_array($saying->before, $next, true)) {
                return $saying;
            }
        }

        return null;
    }

    private function add(string $kind, string $words, Saying $saying): void
    {
        $key = self::key($words);
        if (preg_match('~\p{L}~u', $key) !== 1) {
            return; // signs speak for themselves
        }
        $this->exact[$key][] = $saying;
        if (in_array($kind, self::AGREE, true)) {
            $this->loose[implode(' ', array_map(self::withoutEnding(...), explode(' ', $key)))][] = $saying;
        }
    }

    private static function key(string $words): string
    {
        return implode(' ', array_map(static fn (Token $t): string => $t->isWord() ? $t->word : $t->text, Token::split($words)));
    }

    private static function withoutEnding(string $word): string
    {
        if (strlen($word) < 4) {
            return $word;
        }
        $one = str_ends_with($word, 's') ? substr($word, 0, -1) : $word;

        return str_ends_with($one, 'a') ? substr($one, 0, -1).'o' : $one;
    }

    /** 'ml', or 'ml>=20': of fewer it may be a coffee spoon. */
    private static function measure(string $meaning): Measure
    {
        [$unit, $leastSure] = [...explode('>=', $meaning), '0'];

        return Measure::unit(Unit::from($unit), (int) $leastSure);
    }
}
