<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** A word, number or sign of a line, with the white space before it. */
final class Token
{
    public Part $part = Part::Unread;

    /** What it says, in the words the part readers know, where its own are of another language; null where they are its own. */
    public ?string $means = null;

    /** What it measures with, where its language's words say so. */
    public ?Measure $measure = null;

    private function __construct(public readonly string $space, public readonly string $text, public readonly string $word)
    {
    }

    /** @return list<self> all of the text, nothing lost; white space at the end is a token of its own */
    public static function split(string $text): array
    {
        preg_match_all(
            '~(\s*)(\d+(?:[.,]\d+)*|(?<![\pL\pN.])\.\d+|[¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]'
                .'|\p{L}[\p{L}\p{M}]*(?:[\'’]\p{L}+)*\.?|[^\s]|$)~u', $text, $found,
            PREG_SET_ORDER,
        );
        $tokens = [];
        foreach ($found as [, $space, $sign]) {
            if ($space !== '' || $sign !== '') {
                $tokens[] = new self($space, $sign, self::plain($sign));
            }
        }

        return $tokens;
    }

    /**
     * Neighbours that say one thing together: 'cucharada sopera'.
     *
     * @param  non-empty-list<self>  $tokens
     */
    public static function joined(array $tokens): self
    {
        $text = $word = '';
        foreach ($tokens as $i => $token) {
            $text .= ($i === 0 ? '' : $token->space).$token->text;
            $word .= ($i === 0 || $token->word === '' ? '' : ' ').$token->word;
        }

        return new self($tokens[0]->space, $text, $word);
    }

    public function isNumber(): bool
    {
        return preg_match('~^\.?\d~', $this->text) === 1;
    }

    public function isWord(): bool
    {
        return preg_match('~^\p{L}~u', $this->text) === 1;
    }

    /** Lower case, without accents, apostrophes and the dot of an abbreviation. */
    public static function plain(string $word): string
    {
        $plain = mb_strtolower($word);
        if (preg_match('~[^\x00-\x7F]~', $plain) === 1) {
            $apart = \Normalizer::normalize($plain, \Normalizer::FORM_D);
            $plain = is_string($apart) ? (string) preg_replace('~\p{M}~u', '', $apart) : $plain;
        }

        return str_replace(["'", '’', '.'], '', $plain);
    }
}
