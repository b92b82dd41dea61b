<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\RecipeVersion;
use JsonException;

/** schema.org Recipe as JSON-LD, in and out. */
final class RecipeJsonLd
{
    /** @return array<string, mixed> */
    public static function write(RecipeVersion $version): array
    {
        return array_filter([
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $version->recipe->title,
            'recipeYield' => $version->makes,
            'recipeIngredient' => array_column($version->lines, 'text'),
            'recipeInstructions' => array_map(
                static fn (string $step): array => ['@type' => 'HowToStep', 'text' => $step], $version->steps(),
            ),
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    public static function looksLikeIt(string $text): bool
    {
        return preg_match('~^\s*(?:<script[^>]*>\s*)?[\[{]~i', $text) === 1 && str_contains($text, '"');
    }

    /** The recipe that a page holds for machines, as text; null when it holds none with ingredients. */
    public static function inPage(string $html): ?string
    {
        preg_match_all('~<script[^>]*application/ld\+json[^>]*>(.*?)</script\s*>~is', $html, $scripts);
        foreach ($scripts[1] as $script) {
            $text = self::asText($script);
            if ($text !== null && preg_match('~^Ingredients\n\S~m', $text) === 1) {
                return $text;
            }
        }

        return null;
    }

    /** The recipe in it as text, as somebody would have pasted it; null when there is none. */
    public static function asText(string $text): ?string
    {
        $json = (string) preg_replace('~^\s*<script[^>]*>|</script>\s*$~i', '', $text);
        try {
            $recipe = self::find(json_decode($json, true, 24, JSON_THROW_ON_ERROR));
        } catch (JsonException) {
            return null;
        }
        if ($recipe === null) {
            return null;
        }
        $yield = $recipe['recipeYield'] ?? null;
        $yield = self::plain(is_array($yield) ? end($yield) : $yield);
        $ingredients = self::filled(array_map(self::plain(...), (array) ($recipe['recipeIngredient'] ?? $recipe['ingredients'] ?? [])));
        $title = self::plain($recipe['name'] ?? '');

        return implode(
            "\n",
            [
                $title === '' ? '-' : $title, ...($yield === '' ? [] : ["Makes $yield"]), '', 'Ingredients', ...$ingredients, '',
                'Directions', ...self::steps($recipe['recipeInstructions'] ?? []),
            ],
        );
    }

    /** @return array<array-key, mixed>|null the first Recipe anywhere inside */
    private static function find(mixed $node): ?array
    {
        if (! is_array($node)) {
            return null;
        }
        if (in_array('Recipe', (array) ($node['@type'] ?? []), true)) {
            return $node;
        }
        foreach ($node as $child) {
            $found = self::find($child);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<string> of text, of a list of texts, of HowToSteps and of sections of them */
    private static function steps(mixed $instructions): array
    {
        if (is_string($instructions)) {
            return self::filled(
                array_map(self::plain(...), explode("\n", (string) preg_replace('~<br\s*/?>|</p>|</li>|\R~i', "\n", $instructions))),
            );
        }
        if (! is_array($instructions)) {
            return [];
        }
        if (isset($instructions['text']) || isset($instructions['itemListElement'])) {
            return isset($instructions['itemListElement'])
                    ? self::steps($instructions['itemListElement'])
                    : self::steps($instructions['text']);
        }

        return array_merge([], ...array_map(self::steps(...), array_values($instructions)));
    }

    /**
     * @param  array<array-key, string>  $texts
     * @return list<string>
     */
    private static function filled(array $texts): array
    {
        return array_values(array_filter($texts, static fn (string $text): bool => $text !== ''));
    }

    private static function plain(mixed $value): string
    {
        return is_scalar($value)
                ? trim(
                    (string) preg_replace('~\s+~u', ' ', html_entity_decode(strip_tags((string) $value), ENT_QUOTES | ENT_HTML5, 'UTF-8')),
                )
                : '';
    }
}
