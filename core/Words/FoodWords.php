<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** What foods are called in a sentence, to be compiled by ops/compile-reference.php: by phrase id, out of the catalogue's rows. */
final class FoodWords
{
    /** By the whole name that nobody says. */
    private const SAID = [
        'ingredient.coarse-salt-light-flakes' => 'Light-flaked coarse salt',
        'ingredient.coarse-salt-dense-flakes' => 'Dense-flaked coarse salt',
    ];

    /**
     * The catalogue sorts by the noun, 'Butter, melted'; a cook says 'Melted butter'.
     *
     * @param  list<array<string, string>>  $rows  id, name
     * @return array<string, string>
     */
    public static function english(array $rows): array
    {
        $words = self::SAID;
        foreach ($rows as $row) {
            $words["ingredient.{$row['id']}"] ??= ucfirst(
                implode(' ', array_map(lcfirst(...), array_reverse(explode(', ', $row['name'])))),
            );
        }

        return $words;
    }

    /**
     * @param  list<array<string, string>>  $rows  id, name
     * @return array<string, string>
     */
    public static function spanish(array $rows): array
    {
        $words = [];
        foreach ($rows as $row) {
            $words["ingredient.{$row['id']}"] = $row['name'];
        }

        return $words;
    }
}
