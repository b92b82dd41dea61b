<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/**
 * Says the core's phrases in a language. Patterns are ICU messages, in en.php, es.php and their .foods.php, .causes.php,
 * .practice.php, .refusals.php, .review.php, .safety.php, .school.php, .standards.php and .technique.php beside this file.
 */
final class Phrasebook
{
    /** @var array<string, self> by locale */
    private static array $open = [];

    /** One file after the other: a sentence is looked for in the first ones first, and a file nobody asks is not read. */
    private const PARTS = ['', '.foods', '.causes', '.practice', '.refusals', '.review', '.safety', '.school', '.standards', '.technique'];

    /** What is said another way where the sign is a point, though the language's usual one is a comma; in the same file. */
    private const WITH_POINT = '.with-point';

    /** @var array<string, array<string, string>> patterns by phrase id, by file: of those that were read */
    private static array $read = [];

    /** @var array<string, string> of sentences that were respelt */
    private array $british = [];

    /** @param  array<string, string>  $own  a kitchen's own patterns, by phrase id */
    private function __construct(
        private readonly string $locale, private readonly DecimalSign $decimal, private readonly bool $isBritish,
        private readonly array $own = [],
    ) {
    }

    /** The same book with a kitchen's own words in it. */
    public function with(OwnWords $own): self
    {
        $known = array_filter($own->patterns(), $this->has(...), ARRAY_FILTER_USE_KEY);

        return $known === [] ? $this : new self($this->locale, $this->decimal, $this->isBritish, $known);
    }

    /**
     * English where there is no such language.
     *
     * @param  string  $locale  with its region, where numbers are written by it: `es`, `es_MX`; `en_GB`, or a variant `_BRITISH`, for
     *     {@see BritishEnglish}
     */
    public static function in(string $locale): self
    {
        return self::$open[$locale] ??= new self(
            $language = self::language($locale), DecimalSign::of($locale),
            $language === 'en' && preg_match('/^en_GB\b|_BRITISH$/', $locale) === 1,
        );
    }

    /** @return array<string, string> all that it can say, by phrase id */
    public function patterns(): array
    {
        $ids = array_merge(...array_map(fn (string $part): array => array_keys(self::part($this->locale.$part)), self::PARTS));

        return array_combine($ids, array_map(fn (string $id): string => $this->pattern($id) ?? '', $ids));
    }

    private function pattern(string $id): ?string
    {
        if (isset($this->own[$id])) {
            return $this->own[$id];
        }
        foreach (self::PARTS as $part) {
            $patterns = self::part($this->locale.$part);
            if (isset($patterns[$id])) {
                $said = $this->decimal === DecimalSign::Point ? $patterns[$id.self::WITH_POINT] ?? $patterns[$id] : $patterns[$id];

                return $this->isBritish ? $this->british[$id] ??= BritishEnglish::of($said) : $said;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private static function part(string $file): array
    {
        if (! isset(self::$read[$file])) {
            /** @var array<string, string> $patterns */
            $patterns = require __DIR__."/$file.php";
            self::$read[$file] = $patterns;
        }

        return self::$read[$file];
    }

    /** @return 'en'|'es' */
    public static function language(string $locale): string
    {
        return str_starts_with($locale, 'es') ? 'es' : 'en';
    }

    public function has(string $id): bool
    {
        return $this->pattern($id) !== null;
    }

    /** The first of these ids that the book has, for a general phrase with special cases. */
    public function firstOf(string ...$ids): string
    {
        foreach ($ids as $id) {
            if ($this->has($id)) {
                return $this->say(Phrase::of($id));
            }
        }

        throw new \LogicException('No phrase for '.implode(', ', $ids));
    }

    public function say(Phrase $phrase): string
    {
        if ($phrase->id === 'number') {
            return $this->number(self::text($phrase->with['value'] ?? ''));
        }
        if ($phrase->id === 'lower') { // a name in the middle of a sentence
            $inner = $phrase->with['of'] ?? '';
            $said = $inner instanceof Phrase ? $this->say($inner) : self::text($inner);

            return mb_strtolower(mb_substr($said, 0, 1)).mb_substr($said, 1);
        }
        if ($phrase->id === 'list.plus' || $phrase->id === 'list.and') {
            $parts = $phrase->with['parts'] ?? [];

            return $this->listed(is_array($parts) ? $parts : [], $phrase->id === 'list.plus');
        }
        if (str_starts_with($phrase->id, 'ingredient.'.OwnName::PREFIX)) {
            return OwnName::of(substr($phrase->id, strlen('ingredient.')));
        }
        $pattern = $this->pattern($phrase->id) ?? throw new \LogicException("No phrase '{$phrase->id}' in {$this->locale}");
        $values = array_map(fn (mixed $value): mixed => match (true) {
            $value instanceof Phrase => $this->say($value),
            is_array($value) => $this->listed($value, false),
            is_float($value) => $this->number(rtrim(rtrim(sprintf('%.3F', $value), '0'), '.')),
            default => $value,
        }, $phrase->with);
        if (isset($values['agrees']) && is_string($values['agrees'])) { // with the food's name, where the language asks for it
            $values['agrees'] = $this->locale === 'es' ? SpanishNoun::agreement($values['agrees']) : '';
        }
        $said = \MessageFormatter::formatMessage($this->locale, $pattern, $values);

        return $said === false ? throw new \LogicException("Cannot say '{$phrase->id}': $pattern") : $said;
    }

    /** @param  array<array-key, mixed>  $parts */
    private function listed(array $parts, bool $plus): string
    {
        $said = array_values(
            array_map(fn (mixed $part): string => $part instanceof Phrase ? $this->say($part) : self::text($part), $parts),
        );
        if ($plus || count($said) < 2) {
            return implode(' + ', $said);
        }
        $last = array_pop($said);

        return implode(', ', $said).($this->locale === 'es' ? (preg_match('/^h?i/i', $last) === 1 ? ' e ' : ' y ') : ' and ').$last;
    }

    private function number(string $plain): string
    {
        $sign = str_starts_with($plain, '-') ? "\u{2212}" : '';

        return $sign.strtr(ltrim($plain, '-'), '.', $this->decimal->sign());
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
