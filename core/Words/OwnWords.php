<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

use Hovik\Core\InvalidInput;

/** What a kitchen says in words of its own, in one language. What it does not say is the application's. */
final readonly class OwnWords
{
    /** @param  array<string, string>  $texts  as typed, by phrase id */
    public function __construct(public array $texts)
    {
    }

    /**
     * Every phrase that may be corrected, as the application says it; blanks are written `{percent}`.
     *
     * @return array<string, string> by phrase id
     */
    public static function seeded(string $locale): array
    {
        // A pattern with plurals or cases in it is a small grammar, and no sentence to type over.
        return array_filter(
            Phrasebook::in($locale)->patterns(),
            static fn (string $pattern, string $id): bool => WordingKind::of($id) !== null && preg_match('/\{\w+,/', $pattern) !== 1,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * A text that may stand for a phrase: not empty, short enough, with the same blanks and no other braces.
     *
     * @throws InvalidInput
     */
    public static function checked(string $id, string $text, string $locale, string $field = 'text'): string
    {
        $seeded = self::seeded($locale)[$id] ?? throw InvalidInput::because($field, Phrase::of('refusal.not-found'));
        $longest = WordingKind::of($id)?->longest() ?? 0;
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        $blanks = self::blanks($seeded);

        $isFree = preg_match('/[{}]/', (string) preg_replace('/\{\w+\}/', '', $text)) !== 1;
        $fault = match (true) {
            $text === '' => Phrase::of('refusal.own-words-empty'),
            mb_strlen($text) > $longest => Phrase::of('refusal.own-words-long', ['most' => $longest]),
            self::blanks($text) === $blanks && $isFree => null,
            $blanks === [] => Phrase::of('refusal.own-words-braces'),
            default => Phrase::of('refusal.own-words-blanks', ['blanks' => implode(' ', $blanks)]),
        };

        return $fault === null ? $text : throw InvalidInput::because($field, $fault);
    }

    /** Empty where nothing is said otherwise; another one for other words. */
    public function mark(): string
    {
        return $this->texts === [] ? '' : hash('xxh32', serialize($this->texts));
    }

    /** @return array<string, string> ICU patterns by phrase id */
    public function patterns(): array
    {
        return array_map(static fn (string $text): string => str_replace("'", "''", $text), $this->texts);
    }

    /** @return list<string> `{percent}`, in the order of the alphabet */
    private static function blanks(string $text): array
    {
        preg_match_all('/\{\w+\}/', $text, $found);
        sort($found[0]);

        return $found[0];
    }
}
