<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Section;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\LearnedTimes;
use Hovik\Core\Period\Period;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What a class's weigh-ins tell of the time things take it: from one weigh-in of a station to its next, in one lab. */
final readonly class WeighingGaps
{
    /** The newest tell enough. */
    private const MOST = 1000;

    /**
     * @param  array<string, list<float>>  $byFamily  s, by family of the later one
     * @param  array{tools: list<float>, scale: list<float>}  $byWay  s, by how the later one was measured
     */
    private function __construct(private array $byFamily, private array $byWay)
    {
    }

    public static function of(Section $section): self
    {
        $rows = DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->join('labs', 'labs.id', '=', 'lab_lines.lab_id')
            ->where('labs.section_id', $section->id)->where('weighings.source', '<>', 'paper')
            ->orderByDesc('weighings.created_at')->limit(self::MOST)
            ->get([
                'labs.id as lab_id', 'weighings.station_id', 'lab_lines.family', 'weighings.weighed_out', 'weighings.created_at',
            ])->reverse();
        $before = $byFamily = [];
        $byWay = ['tools' => [], 'scale' => []];
        foreach ($rows as $row) {
            /** @var stdClass $row */
            $at = Carbon::parse($row->created_at, 'UTC');
            $key = "$row->lab_id $row->station_id";
            if (isset($before[$key])) {
                $gap = $before[$key]->diffInSeconds($at);
                $byFamily[$row->family][] = $gap;
                if ($row->weighed_out !== null) {
                    $byWay[$row->weighed_out ? 'scale' : 'tools'][] = $gap;
                }
            }
            $before[$key] = $at;
        }

        return new self($byFamily, $byWay);
    }

    /** @return array<string, int> s to measure, by family, where this class has shown how long it takes */
    public function measureS(): array
    {
        $seconds = [];
        foreach ($this->byFamily as $family => $gaps) {
            $seconds[$family] = LearnedTimes::measureS(Family::from($family), $gaps, Period::HANDS);
        }

        return $seconds;
    }

    /** s that a line takes with tools and then the scale; null where too few are known. */
    public function withToolsS(): ?int
    {
        return LearnedTimes::aLineS($this->byWay['tools'], Period::HANDS);
    }

    /** s that a line takes that is weighed out; null where too few are known. */
    public function weighedOutS(): ?int
    {
        return LearnedTimes::aLineS($this->byWay['scale'], Period::HANDS);
    }
}
