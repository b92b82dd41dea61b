<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Pantry\Family;

/** A class over a term: each student by family of foods, what all come to, and what to teach again first. */
final readonly class ClassTerm
{
    /**
     * @param  list<Family>  $families  that were measured
     * @param  array<int, array<string, Cell>>  $cells  by student and family
     * @param  array<string, array{lines: int, first: int, best: int}>  $level  by family: measured, Level at first, at best
     * @param  list<Reteach>  $reteach  what brings most first
     */
    private function __construct(public array $families, public array $cells, public array $level, public array $reteach)
    {
    }

    /** @param  list<TermRow>  $rows  oldest first */
    public static function of(array $rows): self
    {
        $groups = $level = [];
        foreach ($rows as $row) {
            $groups[$row->student][$row->family->value][] = $row;
        }
        $cells = array_map(static fn (array $byFamily): array => array_map(Cell::of(...), $byFamily), $groups);
        foreach ($cells as $byFamily) {
            foreach ($byFamily as $family => $cell) {
                $level[$family] = [
                    'lines' => ($level[$family]['lines'] ?? 0) + $cell->lines,
                    'first' => ($level[$family]['first'] ?? 0) + $cell->levelFirst,
                    'best' => ($level[$family]['best'] ?? 0) + $cell->levelBest,
                ];
            }
        }

        return new self(
            array_values(array_filter(Family::cases(), static fn (Family $family): bool => isset($level[$family->value]))),
            $cells, $level, Reteach::most($cells, $rows),
        );
    }

    /** Level of a hundred; null of nothing. */
    public static function ofHundred(int $level, int $lines): ?int
    {
        return $lines === 0 ? null : (int) round(100 * $level / $lines);
    }
}
