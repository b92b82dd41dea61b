<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/**
 * Which line of a changed recipe is which line of the one before. What says the same stays itself, in order, by the longest common
 * subsequence, so that two equal lines never swap; a single changed line between two that stayed is that line, changed.
 */
final class LineMatching
{
    /**
     * @param  list<RecipeLine>  $before
     * @param  list<ReadLine>  $after
     * @param  int  $version  number of the new version; a new line's id begins with it
     * @return list<RecipeLine> one for each line after
     */
    public static function carryOver(array $before, array $after, int $version, LineReader $reader): array
    {
        $kept = self::longestCommon(
            array_map(static fn (RecipeLine $line): string => $line->text, $before),
            array_map(static fn (ReadLine $line): string => $line->text, $after),
        );
        $lines = [];
        $from = 0; // in the lines before: what follows the last that stayed
        $changed = [];
        foreach ($after as $i => $read) {
            if (! isset($kept[$i])) {
                $changed[] = $i;

                continue;
            }
            self::changed($lines, $changed, array_slice($before, $from, $kept[$i] - $from), $after, $version, $reader);
            $lines[$i] = $before[$kept[$i]];
            $from = $kept[$i] + 1;
            $changed = [];
        }
        self::changed($lines, $changed, array_slice($before, $from), $after, $version, $reader);
        ksort($lines);

        return array_values($lines);
    }

    /**
     * @param  array<int, RecipeLine>  $lines  added to
     * @param  list<int>  $changed  places, after, between two lines that stayed
     * @param  list<RecipeLine>  $gone  between the same two, before
     * @param  list<ReadLine>  $after
     */
    private static function changed(array &$lines, array $changed, array $gone, array $after, int $version, LineReader $reader): void
    {
        if (count($changed) === 1 && count($gone) === 1) {
            $lines[$changed[0]] = self::reworded($gone[0], $after[$changed[0]], $reader);

            return;
        }
        foreach ($changed as $i) {
            $lines[$i] = RecipeLine::read("$version.".($i + 1), $after[$i]);
        }
    }

    /** The same food keeps what was settled about it, and its amount is read anew; another food asks anew. */
    private static function reworded(RecipeLine $line, ReadLine $now, LineReader $reader): RecipeLine
    {
        $plain = RecipeLine::read($line->id, $now);
        $was = $reader->read($line->text);
        $isSameFood = $was->ingredient?->id === $now->ingredient?->id && mb_strtolower($was->name) === mb_strtolower($now->name);
        if (! $isSameFood || $plain->heading) {
            return $plain;
        }

        return new RecipeLine($line->id, $now->text, false, $line->skip, $line->ingredient, null, $line->method);
    }

    /**
     * @param  list<string>  $before
     * @param  list<string>  $after
     * @return array<int, int> place before, by place after
     */
    private static function longestCommon(array $before, array $after): array
    {
        $rows = count($before);
        $columns = count($after);
        $length = array_fill(0, $rows + 1, array_fill(0, $columns + 1, 0));
        for ($i = $rows - 1; $i >= 0; $i--) {
            for ($j = $columns - 1; $j >= 0; $j--) {
                $length[$i][$j] = $before[$i] === $after[$j] ? $length[$i + 1][$j + 1] + 1 : max($length[$i + 1][$j], $length[$i][$j + 1]);
            }
        }
        $pairs = [];
        for ($i = $j = 0; $i < $rows && $j < $columns;) {
            if ($before[$i] === $after[$j]) {
                $pairs[$j++] = $i++;
            } elseif ($length[$i + 1][$j] >= $length[$i][$j + 1]) {
                $i++;
            } else {
                $j++;
            }
        }

        return $pairs;
    }
}
