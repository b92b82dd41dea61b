<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\JsonInput;

/**
 * A drawer shared out among stations, so that all of it is checked in one lesson: each its own set, and as much of the rest as every
 * other.
 */
final readonly class SharedTools
{
    /** @param  array<int, list<ToCheck>>  $byStation */
    private function __construct(public array $byStation)
    {
    }

    /**
     * @param  list<Tool>  $counted  what is owned and in use
     * @param  list<OwnTool>  $own  certain ones
     * @param  array<int, string>  $stations  names by id
     * @param  callable(Tool): string  $said  its size, as it is called
     */
    public static function among(array $counted, array $own, array $stations, callable $said, string $shelf): self
    {
        $shares = array_map(static fn (): array => [], $stations);
        foreach ($counted as $tool) {
            if ($tool->kind === ToolKind::ButterWrapper || $tool->kind === ToolKind::NoveltyScoop) {
                continue; // neither is a measure that water could judge
            }
            $mark = self::mark($tool);
            $known = array_values(array_filter($own, static fn (OwnTool $one): bool => $one->kind === $tool->id && ! $one->isOut));
            foreach ($known as $one) {
                $shares[self::whose($one->set, $stations, $shares)][] = new ToCheck($tool->id, $one->name, $one->set, $mark);
            }
            $left = max(0, $tool->count - count($known));
            // Each station that has none of its own yet names one; what is more stands on the shelf.
            foreach ($stations as $id => $name) {
                $has = array_filter($known, static fn (OwnTool $one): bool => $one->set === $name) !== [];
                if ($left > 0 && ! $has && ($tool->inSet > 0 || $tool->count >= count($stations))) {
                    $shares[$id][] = new ToCheck($tool->id, "$name: {$said($tool)}", $name, $mark);
                    $left--;
                }
            }
            for ($nth = 1; $nth <= $left && $stations !== []; $nth++) {
                $name = "$shelf: {$said($tool)}".($nth > 1 ? " $nth" : '');
                $shares[self::whose(null, $stations, $shares)][] = new ToCheck($tool->id, $name, null, $mark);
            }
        }

        return new self(array_map(array_values(...), $shares));
    }

    /** @return list<ToCheck> */
    public function at(int $station): array
    {
        return $this->byStation[$station] ?? [];
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->byStation));
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        $shares = [];
        foreach ($this->byStation as $station => $tools) {
            $shares[] = ['station' => $station, 'tools' => array_map(static fn (ToCheck $one): array => [
                'kind' => $one->kind, 'name' => $one->name, 'place' => $one->place, 'mark' => $one->mark,
            ], $tools)];
        }

        return ['shares' => $shares];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $text = static fn (JsonInput $one, string $field): ?string => $one->has($field) ? $one->text($field) : null;
        $byStation = [];
        foreach ($stored->objects('shares') as $share) {
            $byStation[$share->whole('station')] = array_map(static fn (JsonInput $one): ToCheck => new ToCheck(
                $one->text('kind'), $one->text('name'), $text($one, 'place'), $text($one, 'mark'),
            ), $share->objects('tools'));
        }

        return new self($byStation);
    }

    /** A jug is filled to the line that its name says, else to its topmost. */
    private static function mark(Tool $tool): ?string
    {
        if (! $tool->kind->isMarked()) {
            return null;
        }
        $marks = array_map(static fn (Mark $mark): string => $mark->text, $tool->marks);

        return in_array($tool->nominal, $marks, true) ? $tool->nominal : ($marks[count($marks) - 1] ?? null);
    }

    /**
     * The station in whose set it lies; else the one that has the least to do.
     *
     * @param  array<int, string>  $stations
     * @param  array<int, array<int, ToCheck>>  $shares
     */
    private static function whose(?string $set, array $stations, array $shares): int
    {
        $own = $set === null ? false : array_search($set, $stations, true);
        if ($own !== false) {
            return $own;
        }
        $least = (int) array_key_first($shares);
        foreach ($shares as $id => $tools) {
            $least = count($tools) < count($shares[$least]) ? $id : $least;
        }

        return $least;
    }
}
