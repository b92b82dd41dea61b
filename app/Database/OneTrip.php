<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use LogicException;
use stdClass;

/**
 * Several queries in one trip to the database, and rows of several tables in one query: for what is asked so often that a trip each is
 * too many.
 */
final class OneTrip
{
    /**
     * By the joined models: what is selected, and the columns of each. A process that knows newer tables starts anew.
     *
     * @var array<string, array{string, array<string, list<string>>}>
     */
    private static array $known = [];

    /** @return list<list<stdClass>> rows, by query */
    public static function rows(Builder ...$queries): array
    {
        return self::sent(self::text($queries), self::values($queries));
    }

    /**
     * The same queries again and again, only for other values: they are put into words once.
     *
     * @param  list<int|string>  $values  in the order in which the queries take them
     * @param  callable(): list<Builder>  $queries  with these values
     * @return list<list<stdClass>> rows, by query
     */
    public static function again(string $name, array $values, callable $queries): array
    {
        $text = Cache::store('memory')->rememberForever("trip:$name", static function () use ($queries, $values): string {
            $first = $queries();

            return self::values($first) === $values ? self::text($first) : throw new LogicException('Other values than the queries take.');
        });

        return self::sent($text, $values);
    }

    /** @param  array<array-key, Builder>  $queries */
    private static function text(array $queries): string
    {
        return implode('; ', array_map(static fn (Builder $one): string => $one->toSql(), $queries));
    }

    /**
     * @param  array<array-key, Builder>  $queries
     * @return list<mixed>
     */
    private static function values(array $queries): array
    {
        return array_merge(...array_map(static fn (Builder $one): array => $one->getBindings(), array_values($queries)));
    }

    /**
     * @param  list<mixed>  $values
     * @return list<list<stdClass>>
     */
    private static function sent(string $text, array $values): array
    {
        /** @var list<list<stdClass>> $rows */
        $rows = DB::connection()->selectResultSets($text, $values);

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
        return $query->selectRaw(self::known($models)[0]);
    }

    /**
     * What rows of such a query hold.
     *
     * @param  list<stdClass>  $rows
     * @param  array<string, class-string<Model>>  $models  by the same names
     * @return list<array<string, Model|null>> by those names, null for what a left join did not find; one model for one row of a table
     */
    public static function models(array $rows, array $models): array
    {
        $connection = DB::connection()->getName();
        $columns = self::known($models)[1];
        $blank = array_map(static fn (string $model): Model => new $model, $models);
        $made = [];

        return array_map(static function (stdClass $row) use ($columns, $blank, $connection, &$made): array {
            $values = array_values((array) $row);
            $found = [];
            foreach ($columns as $name => $of) {
                $one = array_combine($of, array_splice($values, 0, count($of)));
                $found[$name] = $one['id'] === null ? null
                    : $made[$name][$one['id']] ??= $blank[$name]->newFromBuilder($one, $connection);
            }

            return $values === [] ? $found : throw new LogicException('Other columns than were asked for.');
        }, $rows);
    }

    /**
     * @param  array<string, class-string<Model>>  $models
     * @return array{string, array<string, list<string>>}
     */
    private static function known(array $models): array
    {
        $key = 'joined:'.implode(' ', array_keys($models)).':'.implode(' ', $models);

        return self::$known[$key] ??= Cache::store('memory')->rememberForever($key, static function () use ($models): array {
            $columns = array_map(static fn (string $model): array => Schema::getColumnListing((new $model)->getTable()), $models);
            $all = [];
            foreach ($columns as $name => $of) {
                foreach ($of as $column) {
                    $all[] = "`$name`.`$column` AS c".count($all); // of the same name in several tables
                }
            }

            return [implode(', ', $all), $columns];
        });
    }
}
