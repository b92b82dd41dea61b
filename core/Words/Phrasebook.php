<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/**
 * Says the core's phrases in a language. Patterns are ICU messages, in en.php, es.php and their .causes.php, .practice.php,
 * .refusals.php, .review.php, .safety.php, .school.php, .standards.php and .technique.php beside this file.
 */
final class Phrasebook
{
    /** @var array<string, self> */
    private static array $open = [];

    private const PARTS = ['causes', 'practice', 'refusals', 'review', 'safety', 'school', 'standards', 'technique'];

    /** What is said another way where the sign is a point, though the language's usual one is a comma. */
    private const WITH_POINT = '.with-point';

    /** @param  array<string, string>  $patterns  by phrase id */
    private function __construct(
        private readonly string $locale, private readonly DecimalSign $decimal, public readonly array $patterns,
    ) {
    }

    /** The same book with a kitchen's own words in it. */
    public function with(OwnWords $own): self
    {
        $known = array_intersect_key($own->patterns(), $this->patterns);

        return $known === [] ? $this : new self($this->locale, $this->decimal, $known + $this->patterns);
    }

    /**
     * English where there is no such language.
     *
     * @param  string  $locale  with its region, where numbers are written by it: `es`, `es_MX`; `en_GB`, or a variant `_BRITISH`, for
     *     {@see BritishEnglish}
     */
    public static function in(string $locale): self
    {
        $language = self::language($locale);
        $decimal = DecimalSign::of($locale);

        $isBritish = $language === 'en' && preg_match('/^en_GB\b|_BRITISH$/', $locale) === 1;

        return self::$open["$language $decimal->value".($isBritish ? ' British' : '')] ??= new self(
            $language, $decimal, array_map($isBritish ? BritishEnglish::of(...) : strval(...), self::read($language, $decimal)),
        );
    }

    /** @return array<string, string> */
    private static function read(string $language, DecimalSign $decimal): array
    {
        /** @var array<string, string> $patterns */
        $patterns = require __DIR__."/$language.php";
        foreach (self::PARTS as $part) {
            /** @var array<string, string> $more */
            $more = require __DIR__."/$language.$part.php";
            $patterns += $more;
        }
        foreach ($decimal === DecimalSign::Point ? array_keys($patterns) : [] as $id) {
            if (isset($patterns[$id.self::WITH_POINT])) {
                $patterns[$id] = $patterns[$id.self::WITH_POINT];
            }
        }

        return $patterns;
    }

    /** @return 'en'|'es' */
    public static function language(string $locale): string
    {
        return str_starts_with($locale, 'es') ? 'es' : 'en';
    }

    public function has(string $id): bool
    {
        return isset($this->patterns[$id]);
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
        $pattern = $this->patterns[$phrase->id] ?? throw new \LogicException("No phrase '{$phrase->id}' in {$this->locale}");
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
