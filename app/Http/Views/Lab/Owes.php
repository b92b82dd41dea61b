<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Lab\LabState;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** A student who owes something of a lab that is over: all of it, or ingredients that were given to them; or who makes it up now. */
final readonly class Owes extends View
{
    /** @param  list<string>  $lines  ingredients they owe; none: all that their station measures */
    public function __construct(
        public int $id,
        public string $name,
        public bool $makes_up,
        public array $lines,
    ) {
    }

    /** @return list<self> none while the lab is not over */
    public static function all(Lab $lab): array
    {
        if ($lab->state !== LabState::Closed) {
            return [];
        }
        $lines = $lab->weighedLines()->keyBy('id');
        $weighed = Weighing::query()->whereIn('lab_line_id', $lines->keys())->get(['student_id', 'lab_line_id'])
            ->groupBy('student_id')->map(static fn (Collection $of): array => $of->pluck('lab_line_id')->all());
        $given = DB::table('lab_turns')->whereIn('lab_line_id', $lines->keys())->get(['student_id', 'lab_line_id'])->groupBy('student_id');
        $all = [];
        foreach ($lab->section->students()->with('station')->get() as $one) {
            $isMaking = $one->station?->makes_up_lab_id === $lab->id;
            $did = $weighed[$one->id] ?? [];
            $open = $lines->whereIn('id', isset($given[$one->id]) ? $given[$one->id]->pluck('lab_line_id') : [])->whereNotIn('id', $did);
            if ($isMaking || $did === [] || $open->isNotEmpty()) {
                $all[] = new self($one->id, $one->name, $isMaking, array_values($open->map(
                    static fn (LabLine $line): string => Said::ingredient($line->ingredient_id),
                )->all()));
            }
        }

        return $all;
    }
}
