<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Pantry;
use WeakMap;

/** What foods are called in a language, and which words there mean several foods (core/data/ambiguous_words.csv). */
final readonly class FoodNames
{
    /** What a row says for a food that no pantry has. */
    private const NONE_OF_OURS = 'not-in-pantry';

    /**
     * @param  array<string, list<string>>  $names  by ingredient id
     * @param  array<string, list<string>>  $open  ingredient ids by word: the first is the likeliest
     */
    private function __construct(public array $names, public array $open)
    {
    }

    /** Of the same pantry the same: directions ask for every food of every step. */
    public static function of(Pantry $pantry, string $language): self
    {
        /** @var WeakMap<Pantry, array<string, self>> $made */
        static $made = new WeakMap;
        $own = $made[$pantry] ?? [];
        $names = $own[$language] ??= new self($language === 'en' ? self::english($pantry) : self::other($pantry), self::open($language));
        $made[$pantry] = $own;

        return $names;
    }

    /** @return array<string, list<string>> by ingredient id, in English and in Spanish, without doubles */
    public static function everyLanguage(Pantry $pantry): array
    {
        $english = self::english($pantry);
        $other = self::other($pantry);

        return array_map(
            static fn (string $id): array => array_values(array_unique([...$english[$id], ...$other[$id]])),
            array_combine($pantry->ids(), $pantry->ids()),
        );
    }

    /** @return array<string, list<string>> */
    private static function english(Pantry $pantry): array
    {
        $names = [];
        foreach ($pantry->ids() as $id) {
            $ingredient = $pantry->ingredient($id);
            $turned = implode(' ', array_reverse(explode(', ', self::withoutBrackets($ingredient->name))));
            $names[$id] = [$turned, ...$ingredient->aliases];
        }

        return $names;
    }

    /** @return array<string, list<string>> the catalogue of the other language, and a kitchen's own foods by the names it gave them */
    private static function other(Pantry $pantry): array
    {
        /** @var list<array{id: string, name: string, aliases: string, note: string}> $rows */
        $rows = require __DIR__.'/../data/compiled/ingredients_es.php';
        $names = [];
        foreach ($rows as $row) {
            $names[$row['id']] = [self::withoutBrackets($row['name']), ...($row['aliases'] === '' ? [] : explode('|', $row['aliases']))];
        }
        foreach ($pantry->ids() as $id) {
            $names[$id] ??= [$pantry->ingredient($id)->name, ...$pantry->ingredient($id)->aliases];
        }

        return $names;
    }

    /** @return array<string, list<string>> */
    private static function open(string $language): array
    {
        /** @var list<array{language: string, word: string, meanings: string, question: string}> $rows */
        $rows = require __DIR__.'/../data/compiled/ambiguous_words.php';
        $open = [];
        foreach ($rows as $row) {
            if ($row['language'] === $language) {
                $open[$row['word']] = array_values(array_diff(explode('|', $row['meanings']), [self::NONE_OF_OURS]));
            }
        }

        return array_filter($open);
    }

    private static function withoutBrackets(string $name): string
    {
        return trim((string) preg_replace('~ \(.*\)~', '', $name));
    }
}
