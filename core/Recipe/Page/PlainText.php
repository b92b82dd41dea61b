<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Page;

/** The lines of a text, whatever it was copied as: HTML loses its tags, a table its cells, two columns come one after the other. */
final class PlainText
{
    /** Elements of a page that are never part of a recipe. */
    private const NEVER = 'script|style|noscript|nav|svg|button|select|iframe|template|form|aside|footer';

    /** Elements that stand in a line of their own. */
    private const BLOCKS = 'address|article|blockquote|dd|div|dl|dt|figcaption|figure|h[1-6]|header|hr|li|main|ol|p|pre'
        .'|section|table|tr|ul|body|title';

    /** @return list<string> not empty, trimmed */
    public static function lines(string $text): array
    {
        $plain = self::isHtml($text) ? self::withoutTags($text) : $text;
        $plain = str_replace(
            ["\u{FEFF}", "\u{200B}", "\u{00AD}"], '', strtr($plain, ["\u{00A0}" => ' ', "\u{202F}" => ' ', "\u{2009}" => ' ']),
        );
        $lines = [];
        foreach (explode("\n", (string) preg_replace('~\R~u', "\n", $plain)) as $line) {
            array_push($lines, ...self::columns($line));
        }

        return array_values(array_filter(array_map(trim(...), $lines), static fn (string $line): bool => $line !== ''));
    }

    private static function isHtml(string $text): bool
    {
        return preg_match('~<(?:!doctype|html|body|div|p|ul|ol|li|h[1-6]|span|table|br)\b[^>]*>~i', $text) === 1;
    }

    private static function withoutTags(string $html): string
    {
        $plain = (string) preg_replace('~<!--.*?-->|<![^>]*>|<head\b.*?</head\s*>|<('.self::NEVER.')\b[^>]*>.*?</\1\s*>~is', ' ', $html);
        $plain = (string) preg_replace('~\s+~u', ' ', $plain);
        $plain = (string) preg_replace('~</?(?:'.self::BLOCKS.')\b[^>]*>|<br\s*/?>~i', "\n", $plain);
        $plain = (string) preg_replace('~<input\b[^>]*>|</?(?:td|th)\b[^>]*>~i', ' ', $plain);

        return html_entity_decode((string) preg_replace('~</?[a-z][^>]*>~i', '', $plain), ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }

    /** @return list<string> of two ingredients side by side each its own; 'Flour    2 cups' stays one line */
    private static function columns(string $line): array
    {
        $cells = explode("\t", (string) preg_replace('~\t+| {3,}~', "\t", trim($line)));
        $begins = array_filter($cells, static fn (string $cell): bool => preg_match('~^[\W_]*[\d¼-¾⅐-⅞].*\pL~u', $cell) === 1);

        return count($cells) > 1 && count($begins) === count($cells) ? $cells : [(string) preg_replace('~\s{2,}~u', ' ', $line)];
    }
}
