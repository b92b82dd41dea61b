<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\LabEvent;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Cells by their latest verdict. */
final readonly class BoardTotals extends View
{
    public function __construct(
        public int $level,
        public int $heaped,
        public int $shy,
        public int $too_close,
    ) {
    }

    /** The same, counted by the database. */
    public static function stored(Lab $lab): self
    {
        $counts = DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->where('lab_lines.lab_id', $lab->id)->whereRaw('NOT '.LabEvent::TAKEN_BACK)
            ->whereNotExists(fn (Builder $later) => $later->select(DB::raw(1))->from('weighings as later')
                ->whereColumn('later.lab_line_id', 'weighings.lab_line_id')->whereColumn('later.station_id', 'weighings.station_id')
                ->whereColumn('later.attempt', '>', 'weighings.attempt')
                ->whereRaw('NOT '.str_replace('weighings.', 'later.', LabEvent::TAKEN_BACK)))
            ->groupBy('weighings.verdict')->pluck(DB::raw('COUNT(*)'), 'weighings.verdict');
        $count = static fn (Verdict $verdict): int => (int) ($counts[$verdict->value] ?? 0);

        return new self($count(Verdict::Level), $count(Verdict::Heaped), $count(Verdict::Shy), $count(Verdict::TooClose));
    }

    /** @param  list<BoardWeighing>  $weighings  in order of attempt within a cell */
    public static function of(array $weighings): self
    {
        $latest = [];
        foreach ($weighings as $weighing) {
            if (! $weighing->corrected) {
                $latest["$weighing->line_id/$weighing->station_id"] = $weighing->verdict;
            }
        }
        $counts = array_count_values($latest);
        $count = static fn (Verdict $verdict): int => $counts[$verdict->value] ?? 0;

        return new self($count(Verdict::Level), $count(Verdict::Heaped), $count(Verdict::Shy), $count(Verdict::TooClose));
    }
}
