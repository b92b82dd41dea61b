<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\Lab\Owes;
use App\Http\Views\View;
use App\Models\Bake;
use App\Models\Lab;
use App\Models\Section;
use Hovik\Core\Lab\LabState;
use Illuminate\Support\Facades\DB;

/** A lab that was held, and that its teacher has not looked back on yet. */
final readonly class UnreadLab extends View
{
    /** Older ones are history. */
    private const DAYS = 14;

    private const MOST = 5;

    /**
     * @param  int  $misses  first weighings that were Heaped or Shy
     * @param  int  $bakes  ways in which a bake came out wrong
     * @param  int  $owes  students who have something to make up
     */
    public function __construct(
        public int $lab_id,
        public string $lab,
        public string $section,
        public string $day,
        public int $misses,
        public int $bakes,
        public int $owes,
    ) {
    }

    /**
     * @param  \Illuminate\Database\Eloquent\Collection<int, Section>  $sections
     * @return list<self>
     */
    public static function all(\Illuminate\Database\Eloquent\Collection $sections): array
    {
        $labs = Lab::query()->where('state', LabState::Closed)->where('read_at', null)->where('kind', 'recipe')
            ->where('closed_at', '>=', now()->subDays(self::DAYS))->get()->whereIn('section_id', $sections->modelKeys())
            ->sortByDesc('closed_at')->take(self::MOST);

        return array_values($labs->map(static fn (Lab $lab): self => new self(
            $lab->id, $lab->title, $lab->section->name, $lab->planned_for->toDateString(),
            DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')->where('lab_id', $lab->id)
                ->where('attempt', 1)->whereIn('verdict', ['heaped', 'shy'])->count(),
            Bake::query()->where('lab_id', $lab->id)->count(), count(Owes::all($lab)),
        ))->all());
    }
}
