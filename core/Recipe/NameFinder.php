<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Line\LanguagePack;

/** Finds ingredients by their names and aliases: plural or singular, with or without hyphens, and a letter or two off. */
final class NameFinder
{
    /** Longest name, in words. */
    private const LONGEST = 6;

    private string $language;

    /** @var array<string, string> plain singular name => ingredient id */
    private array $names = [];

    /** @var array<int, list<string>>|null names by their number of words; for misspelt ones only */
    private ?array $byWords = null;

    /** @var array<string, list<string>> ingredient ids by a name that means several */
    private array $open = [];

    public function __construct(Pantry $pantry, ?LanguagePack $pack = null)
    {
        $pack ??= LanguagePack::english();
        $this->language = $pack->language;
        /** @var array<string, array{names: array<string, string>, open: array<string, list<string>>}> $compiled */
        $compiled = require __DIR__.'/../data/compiled/food_names.php';
        ['names' => $this->names, 'open' => $this->open] = $compiled[$this->language];
        foreach ($pantry->own() as $id) {
            $food = $pantry->ingredient($id);
            foreach ([$food->name, ...$food->aliases] as $name) {
                $this->names[implode(' ', $this->words($name))] ??= $id;
            }
        }
    }

    /**
     * The reference's names, to be compiled: taking hundreds of names apart is slow, and they change with the data only.
     *
     * @return array{names: array<string, string>, open: array<string, list<string>>} ids by plain singular name
     */
    public static function compile(LanguagePack $pack): array
    {
        $finder = (new \ReflectionClass(self::class))->newInstanceWithoutConstructor();
        $finder->language = $pack->language;
        $names = $open = $bare = [];
        $foods = FoodNames::of(Pantry::reference(), $pack->language);
        foreach ($foods->open as $word => $ids) {
            $name = implode(' ', $finder->words($word));
            $names[$name] = $ids[0];
            $open[$name] = $ids;
        }
        foreach ($foods->names as $id => $called) {
            foreach ($called as $name) {
                $words = $finder->words($name);
                $names[implode(' ', $words)] ??= $id;
                // In English a handling stands before its noun, and the noun alone is the food: 'chopped walnuts', 'walnuts'.
                $without = $pack->isBehind ? [] : array_filter(
                    $words, static fn (string $word): bool => $word === 'ground' || ! $pack->isHandling($word),
                );
                if ($without !== [] && count($without) < count($words)) {
                    $bare[implode(' ', $without)] ??= $id;
                }
            }
        }

        return ['names' => $names + $bare, 'open' => $open];
    }

    /** @return list<string> ids of the foods a name may mean; none where it means one */
    public function meanings(string $name): array
    {
        return $this->open[$name] ?? [];
    }

    /** @return list<string> plain, singular, hyphens gone */
    public function words(string $name): array
    {
        return array_values(
            array_map(
                $this->singular(...),
                array_filter(
                    array_map(static fn (Token $t): string => $t->word, Token::split($name)),
                    static fn (string $w): bool => $w !== '' && $w !== '-',
                ),
            ),
        );
    }

    public function singular(string $word): string
    {
        return match (true) {
            str_contains($word, ' ') => implode(' ', array_map($this->singular(...), explode(' ', $word))),
            $this->language === 'es' => match (true) {
                strlen($word) > 4 && str_ends_with($word, 'ces') => substr($word, 0, -3).'z',
                strlen($word) > 4 && preg_match('~[^aeiou]es$~', $word) === 1 => substr($word, 0, -2),
                strlen($word) > 3 && preg_match('~[aeiou]s$~', $word) === 1 => substr($word, 0, -1),
                default => $word,
            },
            strlen($word) > 4 && str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            preg_match('~(ss|sh|ch|x|o)es$~', $word) === 1 => substr($word, 0, -2),
            strlen($word) > 3 && str_ends_with($word, 's') && preg_match('~(ss|us|is)$~', $word) !== 1 => substr($word, 0, -1),
            default => $word,
        };
    }

    /**
     * The longest name among these tokens; of equals the last, since the noun comes last.
     *
     * @param  array<int, Token>  $tokens  by position
     */
    public function find(array $tokens): ?NameMatch
    {
        [$words, $at] = $this->flat($tokens);
        for ($length = min(self::LONGEST, count($words)); $length > 0; $length--) {
            for ($from = count($words) - $length; $from >= 0; $from--) {
                $name = implode(' ', array_slice($words, $from, $length));
                if (isset($this->names[$name])) {
                    return $this->matched($name, $at, $from, $length, true);
                }
            }
        }

        return null;
    }

    /**
     * Every name in a text, from left to right, the longest at each place.
     *
     * @return list<NameMatch>
     */
    public function findAll(string $text): array
    {
        [$words, $at] = $this->flat(Token::split($text));
        $found = [];
        for ($from = 0, $count = count($words); $from < $count; $from++) {
            for ($length = min(self::LONGEST, $count - $from); $length > 0; $length--) {
                if (isset($this->names[implode(' ', array_slice($words, $from, $length))])) {
                    $found[] = $this->matched(implode(' ', array_slice($words, $from, $length)), $at, $from, $length, true);
                    $from += $length - 1;
                    break;
                }
            }
        }

        return $found;
    }

    /**
     * The name of the pantry most like these tokens, a letter or two off.
     *
     * @param  array<int, Token>  $tokens
     */
    public function findAlike(array $tokens): ?NameMatch
    {
        [$words, $at] = $this->flat($tokens);
        $best = null;
        $least = 3;
        for ($length = min(self::LONGEST, count($words)); $length > 0; $length--) {
            for ($from = count($words) - $length; $from >= 0; $from--) {
                $name = implode(' ', array_slice($words, $from, $length));
                $letters = strlen($name);
                $allowed = min($least - 1, self::forgiven($letters));
                if ($allowed < 1) {
                    continue;
                }
                foreach ($this->byWords()[$length] ?? [] as $known) {
                    $isNear = abs(strlen($known) - $letters) <= $allowed && $known[0] === $name[0]
                        && levenshtein($known, $name) <= $allowed;
                    if ($isNear && self::isWordByWord($known, $name)) {
                        $least = levenshtein($known, $name);
                        $allowed = $least - 1;
                        $best = $this->matched($known, $at, $from, $length, false);
                        if ($allowed < 1) {
                            break;
                        }
                    }
                }
            }
        }

        return $best;
    }

    /** @return array<int, list<string>> */
    private function byWords(): array
    {
        if ($this->byWords === null) {
            $this->byWords = [];
            foreach (array_keys($this->names) as $name) {
                $this->byWords[substr_count($name, ' ') + 1][] = $name;
            }
        }

        return $this->byWords;
    }

    /** How many letters may be off in so many: a short word that is one off is another word. */
    private static function forgiven(int $letters): int
    {
        return $letters >= 9 ? 2 : ($letters >= 5 ? 1 : 0);
    }

    /** A long name forgives no more in each of its words than the word itself: 'ripe pear' is no 'ripe peach'. */
    private static function isWordByWord(string $known, string $name): bool
    {
        foreach (array_map(null, explode(' ', $known), explode(' ', $name)) as [$one, $other]) {
            $letters = min(strlen((string) $one), strlen((string) $other));
            if (levenshtein((string) $one, (string) $other) > self::forgiven($letters)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, Token>  $tokens
     * @return array{list<string>, list<int>} singular words, and the position of each
     */
    private function flat(array $tokens): array
    {
        $words = $at = [];
        foreach ($tokens as $position => $token) {
            if ($token->word !== '' && $token->word !== '-') {
                $words[] = $this->singular($token->word);
                $at[] = $position;
            }
        }

        return [$words, $at];
    }

    /** @param  list<int>  $at */
    private function matched(string $name, array $at, int $from, int $length, bool $spelled): NameMatch
    {
        return new NameMatch($this->names[$name], $at[$from], $at[$from + $length - 1] - $at[$from] + 1, $name, $spelled);
    }
}
