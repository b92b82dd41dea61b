<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\LabItem;
use App\Words\Said;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Plan\Remedy;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Collection;

/** Lines on which careful work would be Level too seldom, and the one thing that helps all of them. */
final readonly class CarefulGroup extends View
{
    /**
     * @param  list<string>  $names
     * @param  list<CarefulItem>  $items
     */
    public function __construct(public Remedy $remedy, public string $says, public array $names, public array $items)
    {
    }

    /**
     * @param  list<FrozenLine>  $lines
     * @param  Collection<int, LabItem>  $items  by position
     * @return list<self>
     */
    public static function all(array $lines, Collection $items): array
    {
        $groups = [];
        foreach ($lines as $line) {
            if ($line->careful?->remedy !== null) {
                $groups[$line->careful->remedy->value][] = $line;
            }
        }

        return array_map(static fn (string $remedy, array $of): self => new self(
            Remedy::from($remedy),
            Said::phrase(Phrase::of("remedy.$remedy", ['count' => $of[0]->careful->count ?? 0])),
            array_map(
                static fn (FrozenLine $line): string => Said::ingredient($line->food->ingredient->id)." ({$line->careful?->times})", $of,
            ),
            array_map(static fn (FrozenLine $line): CarefulItem => new CarefulItem(
                $items->get($line->place())->id ?? 0, $line->strictness, $line->careful?->percent,
            ), $of),
        ), array_keys($groups), $groups);
    }
}
