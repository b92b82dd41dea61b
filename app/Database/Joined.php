<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PDO;

/** Rows of several tables in one trip to the database, for what is asked so often that a trip each is too many. */
final class Joined
{
    /**
     * The first row of a query that joins tables, each under a name of its own.
     *
     * @param  Builder  $query  `lab_lines as line`, joined with `labs as lab`; it selects nothing yet
     * @param  array<string, class-string<Model>>  $models  by those names
     * @return array<string, Model>|null  without what a left join did not find; null where there is no row
     */
    public static function first(Builder $query, array $models): ?array
    {
        $row = self::row($query->select(array_map(static fn (string $name): string => "$name.*", array_keys($models))));
        $columns = [];
        foreach ($row ?? [] as $key => $value) {
            [$name, $column] = explode('.', $key, 2);
            $columns[$name][$column] = $value;
        }
        $found = [];
        foreach ($models as $name => $model) {
            if (isset($columns[$name]['id'])) {
                $found[$name] = (new $model)->newFromBuilder($columns[$name]);
            }
        }

        return $row === null ? null : $found;
    }

    /** @return array<string, mixed>|null by `name.column` */
    private static function row(Builder $query): ?array
    {
        $named = static fn (bool $is): bool => DB::connection()->getPdo()->setAttribute(PDO::ATTR_FETCH_TABLE_NAMES, $is);
        do {
            $named(true);
            try {
                $row = $query->first();
            } finally {
                $named(false);
            }
            // A connection that was lost meanwhile, and made anew, names no tables.
        } while ($row !== null && ! str_contains((string) array_key_first((array) $row), '.'));

        return $row === null ? null : (array) $row;
    }
}
