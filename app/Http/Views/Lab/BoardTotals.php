<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Labs\LabLog;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

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

    /**
     * For labs of which only some stations are at hand.
     *
     * @param  list<int>  $labs  ids
     * @return array{Builder, Builder} what {@see fromRows} takes the rows of
     */
    public static function queries(array $labs): array
    {
        return [
            DB::table('lab_lines')->join('weighings', 'weighings.lab_line_id', '=', 'lab_lines.id')->whereIn('lab_lines.lab_id', $labs)
                ->orderBy('attempt')->select(['lab_id', 'weighings.id', 'lab_line_id', 'station_id', 'verdict', 'corrects_id']),
            DB::table('lab_events')->whereIn('lab_id', $labs)->where('kind', EventKind::TakenBack)->select(['kind', 'detail']),
        ];
    }

    /**
     * @param  list<int>  $labs  ids
     * @param  list<stdClass>  $weighings
     * @param  list<stdClass>  $takenBack
     * @return array<int, self> by lab
     */
    public static function fromRows(array $labs, array $weighings, array $takenBack): array
    {
        $wrong = LabLog::wrong($weighings, $takenBack);
        $latest = array_fill_keys($labs, []);
        foreach ($weighings as $row) {
            if (! isset($wrong[$row->id])) {
                $latest[$row->lab_id]["$row->lab_line_id/$row->station_id"] = $row->verdict;
            }
        }

        return array_map(self::counted(...), $latest);
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

        return self::counted($latest);
    }

    /** @param  array<string, string>  $latest  verdicts */
    private static function counted(array $latest): self
    {
        $counts = array_count_values($latest);
        $count = static fn (Verdict $verdict): int => $counts[$verdict->value] ?? 0;

        return new self($count(Verdict::Level), $count(Verdict::Heaped), $count(Verdict::Shy), $count(Verdict::TooClose));
    }
}
