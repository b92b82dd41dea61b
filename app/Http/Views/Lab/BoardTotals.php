<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Weighing\Verdict;

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

    /** @param  list<BoardWeighing>  $weighings  in order of attempt within a cell */
    public static function of(array $weighings): self
    {
        $latest = [];
        foreach ($weighings as $weighing) {
            $latest["$weighing->line_id/$weighing->station_id"] = $weighing->verdict;
        }
        $counts = array_count_values($latest);
        $count = static fn (Verdict $verdict): int => $counts[$verdict->value] ?? 0;

        return new self($count(Verdict::Level), $count(Verdict::Heaped), $count(Verdict::Shy), $count(Verdict::TooClose));
    }
}
