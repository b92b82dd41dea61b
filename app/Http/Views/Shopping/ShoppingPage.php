<?php

declare(strict_types=1);

namespace App\Http\Views\Shopping;

use App\Http\Views\View;
use App\Models\Lab;
use App\Shopping\WeekShopping;
use Hovik\Core\Shopping\ShoppingLine;

/** What to buy for a week's labs, in packs. */
final readonly class ShoppingPage extends View
{
    /**
     * @param  string  $from  Monday
     * @param  string  $to  Sunday
     * @param  list<ShoppingLab>  $labs
     * @param  list<ShoppingRow>  $rows
     * @param  string  $total  of the prices that are known
     * @param  int  $unpriced  foods to buy whose price nobody typed
     */
    public function __construct(
        public string $from,
        public string $to,
        public array $labs,
        public array $rows,
        public string $total,
        public int $unpriced,
    ) {
    }

    public static function of(WeekShopping $week): self
    {
        return new self(
            from: $week->from->toDateString(),
            to: $week->to->toDateString(),
            labs: array_map(
                static fn (Lab $lab): ShoppingLab => new ShoppingLab(
                    $lab->id, $lab->title, $lab->section->name, $lab->planned_for->toDateString(),
                ),
                $week->labs,
            ),
            rows: array_map(
                static fn (ShoppingLine $line): ShoppingRow => ShoppingRow::of(
                    $line, $week->packs->get($line->ingredient->id), $week->labs,
                ),
                $week->lines,
            ),
            total: (string) ShoppingLine::total($week->lines),
            unpriced: count(array_filter(
                $week->lines, static fn (ShoppingLine $line): bool => $line->cost === null && ! $line->missingG->isZero(),
            )),
        );
    }
}
