<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PDO;
use stdClass;

/** Rows of several tables in one trip to the database, for what is asked so often that a trip each is too many. */
final class Joined
{
    /**
     * The first row of a query that joins tables, each under a name of its own.
     *
     * @param  Builder  $query  `lab_lines as line`, joined with `labs as lab`; it selects nothing yet
     * @param  array<string, class-string<Model>>  $models  by those names
     * @return array<string, Model|null>|null  by the same names, null for what a left join did not find; null where there is no row
     */
    public static function first(Builder $query, array $models): ?array
    {
        return self::all($query->limit(1), $models)[0] ?? null;
    }

    /**
     * @param  array<string, class-string<Model>>  $models
     * @return list<array<string, Model|null>> a row each
     */
    public static function all(Builder $query, array $models): array
    {
        $query->select(array_map(static fn (string $name): string => "$name.*", array_keys($models)));

        return array_map(static function (array $row) use ($models): array {
            $columns = [];
            foreach ($row as $key => $value) {
                [$name, $column] = explode('.', $key, 2);
                $columns[$name][$column] = $value;
            }
            $found = [];
            foreach ($models as $name => $model) {
                $found[$name] = isset($columns[$name]['id'])
                    ? (new $model)->newFromBuilder($columns[$name], DB::connection()->getName()) : null;
            }

            return $found;
        }, self::rows($query));
    }

    /** @return list<array<string, mixed>> by `name.column` */
    private static function rows(Builder $query): array
    {
        $named = static fn (bool $is): bool => DB::connection()->getPdo()->setAttribute(PDO::ATTR_FETCH_TABLE_NAMES, $is);
        do {
            $named(true);
            try {
                $rows = $query->get()->map(static fn (stdClass $row): array => (array) $row)->all();
            } finally {
                $named(false);
            }
            // A connection that was lost meanwhile, and made anew, names no tables.
        } while ($rows !== [] && ! str_contains((string) array_key_first($rows[0]), '.'));

        return array_values($rows);
    }
}
