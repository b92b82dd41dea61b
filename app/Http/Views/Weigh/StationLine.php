<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\JsonMap;
use App\Http\Views\Lab\DrawnFill;
use App\Http\Views\Lab\StepToDo;
use App\Http\Views\View;
use App\Labs\LabLog;
use App\Labs\ScalesFit;
use App\Models\Lab;
use App\Models\Station;
use App\Words\Said;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Words\Phrase;

final readonly class StationLine extends View
{
    /**
     * @param  string  $named  in the middle of a sentence
     * @param  string  $amount  as a cook measures it
     * @param  string|null  $weigh_out  what to weigh, where the scale measures it
     * @param  string|null  $aim  its target, only where the class shows it before weighing
     * @param  list<DrawnFill>  $fills
     * @param  list<DrawnFill>  $fallen  that lie on the floor
     * @param  list<string>  $fetch  tools and helpers by name
     * @param  list<string>  $sizes  what its checked tools hold more or less than is printed on them, where it matters
     * @param  list<StepToDo>  $steps
     * @param  list<string>  $then  what is done once it is measured and weighed
     * @param  list<string>  $cautions
     * @param  list<int>  $fit_scales  fine enough for it
     * @param  int|null  $best_scale  the one that judges it first
     * @param  JsonMap<int>  $together  by scale that is too coarse for one: how many level measures to weigh as one
     * @param  int  $cups  weighed one by one with the food in them; 0 where it is tipped into a bowl
     * @param  list<LineWay>  $others  ways that may be gone instead, here
     * @param  string|null  $given  whose turn it is, where the class goes by name
     * @param  'there'|'ours'|'out'|null  $shelf  where its shared supply is
     * @param  bool  $foreign  something fell into it; the teacher has not looked yet
     * @param  string|null  $sent_back  why
     * @param  bool  $later  measured in the second period, which has not begun
     * @param  string|null  $store  what is done with it until then
     * @param  list<Attempt>  $attempts  this station's, first to last
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $named,
        public Family $family,
        public string $amount,
        public string $recipe_says,
        public ?string $weigh_out,
        public ?string $aim,
        public array $fills,
        public array $fallen,
        public array $fetch,
        public ?string $why_tools,
        public array $sizes,
        public array $steps,
        public array $then,
        public ?WatchOut $watch,
        public array $cautions,
        public array $fit_scales,
        public ?int $best_scale,
        public JsonMap $together,
        public int $cups,
        public array $others,
        public ?int $pieces,
        public ?string $shelf,
        public bool $foreign,
        public ?string $sent_back,
        public bool $checked,
        public ?string $given,
        public bool $later,
        public ?string $store,
        public array $attempts,
    ) {
    }

    /**
     * @param  list<FrozenStationLine>  $frozen
     * @param  array<int, StationState>  $states  by station, after the log
     * @param  array<int, int>  $turns  student by line
     * @param  list<OtherWay>  $allowed  other ways, here
     * @param  list<int>  $now  ids of those that are measured in the period that is going on
     * @return list<self>
     */
    public static function all(
        Lab $lab, Station $station, array $frozen, LabLog $log, array $states, array $turns, array $allowed, array $now,
    ): array {
        $names = $station->students->pluck('name', 'id');
        $fits = ScalesFit::of($lab);
        $own = $states[$station->id] ?? StationState::after([]);
        $attempts = Attempt::byLine($lab, $log->at($station->id));
        $dropped = array_keys($own->dropped);
        $shows = $lab->section->shows_target;
        $isDropped = static fn (DrawnFill $fill): bool => in_array($fill->tool, $dropped, true);

        return array_map(static function (FrozenStationLine $line) use (
            $lab, $station, $states, $own, $fits, $attempts, $dropped, $shows, $turns, $names, $allowed, $isDropped, $now,
        ): self {
            $way = $line->own[$station->placeId()] ?? $line->usual;
            $fallen = array_values(array_filter($way->fills, $isDropped));
            $stored = $fallen === [] ? null : $lab->lines->findOrFail($line->id);
            $other = $stored === null ? null : $lab->frozen?->instead($stored->frozen, $dropped);
            if ($stored !== null && $other !== null) {
                $way = $way->with(array_map(DrawnFill::of(...), $other->fills), Said::phrase($other->why), LineWay::hasSets($stored));
            }

            return new self(
                id: $line->id,
                name: $line->name,
                named: $line->named,
                family: $line->family,
                amount: $line->amount,
                recipe_says: $line->recipe_says,
                weigh_out: $way->weigh_out,
                aim: $shows && $way->weigh_out === null ? Said::phrase(Phrase::of('weigh.target', [
                    'grams' => ShownGrams::of($lab->lines->findOrFail($line->id)->target()->grams),
                ])) : null,
                fills: $way->fills,
                fallen: $fallen,
                fetch: $way->fetch,
                why_tools: $way->why_tools,
                sizes: $way->sizes,
                steps: $way->steps,
                then: $way->then,
                watch: $way->watch,
                cautions: $line->cautions,
                fit_scales: ScalesFit::fit($fits[$line->id]),
                best_scale: ScalesFit::best($fits[$line->id]),
                together: new JsonMap($way->one_spoon ? ScalesFit::together($fits[$line->id]) : []),
                cups: $way->cups,
                others: array_values(array_filter(
                    $line->others, static fn (LineWay $one): bool => in_array($one->way, $allowed, true)
                        && array_filter($one->fills, $isDropped) === [],
                )),
                pieces: $line->pieces,
                shelf: $line->shared ? self::shelf($line->id, $station, $states) : null,
                foreign: isset($own->foreign[$line->id]),
                sent_back: $own->sentBack[$line->id] ?? null,
                checked: isset($own->checked[$line->id]),
                given: isset($turns[$line->id]) ? $names[$turns[$line->id]] ?? null : null,
                later: ! in_array($line->id, $now, true),
                store: $lab->isInFirstOfTwo() ? $line->store : null,
                attempts: $attempts[$line->id] ?? [],
            );
        }, $frozen);
    }

    /** @param  array<int, StationState>  $states */
    private static function shelf(int $line, Station $station, array $states): string
    {
        $holders = array_keys(array_filter($states, static fn (StationState $state): bool => isset($state->out[$line])));

        return $holders === [] ? 'there' : (in_array($station->id, $holders, true) ? 'ours' : 'out');
    }
}
