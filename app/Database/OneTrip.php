<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use stdClass;

/**
 * Several queries in one trip to the database, and rows of several tables in one query: for what is asked so often that a trip each is
 * too many.
 */
final class OneTrip
{
    /** @var array<class-string<Model>, list<string>> columns of the tables of models; a process that knows newer ones starts anew */
    private static array $columns = [];

    /** @return list<list<stdClass>> rows, by query */
    public static function rows(Builder ...$queries): array
    {
        /** @var list<list<stdClass>> $rows */
        $rows = DB::connection()->selectResultSets(
            implode('; ', array_map(static fn (Builder $one): string => $one->toSql(), $queries)),
            array_merge(...array_map(static fn (Builder $one): array => $one->getBindings(), array_values($queries))),
        );

        return $rows;
    }

    /**
     * A query that joins tables, asked for all of them.
     *
     * @param  Builder  $query  `lab_lines as line`, joined with `labs as lab`; it selects nothing yet
     * @param  array<string, class-string<Model>>  $models  by those names
     */
    public static function joined(Builder $query, array $models): Builder
    {
        return $query->selectRaw(implode(', ', array_map(
            static fn (string $name, string $model): string => implode(', ', array_map(
                static fn (string $column): string => "`$name`.`$column` AS `$name.$column`", self::columns($model),
            )),
            array_keys($models), $models,
        )));
    }

    /**
     * What rows of such a query hold.
     *
     * @param  list<stdClass>  $rows
     * @param  array<string, class-string<Model>>  $models  by the same names
     * @return list<array<string, Model|null>> by those names, null for what a left join did not find
     */
    public static function models(array $rows, array $models): array
    {
        $connection = DB::connection()->getName();

        return array_map(static function (stdClass $row) use ($models, $connection): array {
            $found = [];
            foreach ($models as $name => $model) {
                $columns = [];
                foreach (self::columns($model) as $column) {
                    $columns[$column] = $row->{"$name.$column"};
                }
                $found[$name] = $columns['id'] === null ? null : (new $model)->newFromBuilder($columns, $connection);
            }

            return $found;
        }, $rows);
    }

    /**
     * @param  class-string<Model>  $model
     * @return list<string>
     */
    private static function columns(string $model): array
    {
        return self::$columns[$model] ??= Cache::store('memory')->rememberForever(
            "columns:$model", static fn (): array => Schema::getColumnListing((new $model)->getTable()),
        );
    }
}
