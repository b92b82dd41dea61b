<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Storage;
use Hovik\Core\Words\Phrase;

/** A line as stations work by it, without what changes while they do. */
final readonly class FrozenStationLine extends View
{
    /**
     * @param  string  $named  in the middle of a sentence
     * @param  string  $amount  as a cook measures it
     * @param  array<int, LineWay>  $own  by station: of those that have tools of their own
     * @param  list<LineWay>  $others  other ways than the usual one
     * @param  list<string>  $cautions
     * @param  list<int>|null  $stations  that measure it; null: all of them
     * @param  int  $place  of its line in the recipe, from 1
     * @param  string  $store  what is done with it until a second period
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $named,
        public Family $family,
        public string $amount,
        public string $recipe_says,
        public LineWay $usual,
        public array $own,
        public array $others,
        public array $cautions,
        public ?int $pieces,
        public bool $shared,
        public ?array $stations,
        public int $place,
        public string $store,
    ) {
    }

    public static function of(LabLine $line): self
    {
        $frozen = $line->frozen;

        return new self(
            id: $line->id,
            name: Said::ingredient($line->ingredient_id),
            named: Said::inside(Phrase::of("ingredient.$line->ingredient_id")),
            family: $line->family,
            amount: Said::measure($frozen->measure),
            recipe_says: Said::amount($frozen->amount),
            usual: LineWay::usual($line),
            own: LineWay::own($line),
            others: LineWay::others($line),
            cautions: array_map(Said::phrase(...), $frozen->way()->technique->cautions),
            pieces: $frozen->pieces(),
            shared: $frozen->shared,
            stations: $line->stations,
            place: $frozen->place(),
            store: Said::phrase(Phrase::of('storage.'.Storage::of($frozen->food->ingredient)->value)),
        );
    }
}
