<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Bag;
use App\Models\KeptMisses;
use App\Models\KeptTerm;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use App\Weighings\CountedWeighings;
use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Review\KnownEffects;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Review\Tries;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Keeps what each weighing of a term says of the hand that measured it, so that a page over thirty labs reads one table. Only labs in which
 * something has happened since are looked at anew; what bags and tools add is found from all of them.
 */
final class KeepTerm
{
    private const AT_ONCE = 500;

    /**
     * Of a class, up to this moment.
     *
     * @return string what it stands for: another whenever something that counts has happened, or was found
     */
    public function of(Section $section): string
    {
        $heard = $this->heard($section);
        $kept = KeptTerm::query()->find($section->id);
        $before = $kept->heard ?? [];
        $changed = array_keys(array_diff_assoc($heard, $before));
        $state = static fn (): string => hash('xxh128', json_encode($heard, JSON_THROW_ON_ERROR)
            .KeptTerm::query()->find($section->id)?->updated_at?->format('U.u'));
        if ($changed === [] && $kept !== null) {
            return $state();
        }
        DB::transaction(function () use ($section, $heard, $changed): void {
            // One at a time: two who look at once would both make the same rows.
            KeptTerm::query()->insertOrIgnore(['section_id' => $section->id, 'heard' => '{}', 'created_at' => now()]);
            KeptTerm::query()->whereKey($section->id)->lockForUpdate()->first();
            foreach ($section->labs()->whereKey($changed)->get() as $lab) {
                DB::table('term_weighings')->where('lab_id', $lab->id)->delete();
                foreach (array_chunk($this->rows($lab), self::AT_ONCE) as $rows) {
                    DB::table('term_weighings')->insert($rows);
                }
            }
            $this->takeOff($section);
            KeptTerm::query()->whereKey($section->id)->update(['heard' => json_encode($heard, JSON_THROW_ON_ERROR)]);
        });

        return $state();
    }

    /** When a lab has closed, and who makes the miss was found anew. */
    public function afterLab(Section $section): void
    {
        $this->of($section);
        $this->takeOff($section);
        KeptTerm::query()->find($section->id)?->touch();
    }

    /** @return array<int, string> by lab: how much has happened that could change what counts */
    private function heard(Section $section): array
    {
        $merged = Student::query()->where('section_id', $section->id)->whereNotNull('merged_into_id')->count();
        $labs = $section->labs()->reorder()->select('id');
        $weighed = DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->whereIn('lab_lines.lab_id', $labs)->groupBy('lab_lines.lab_id')->pluck(DB::raw('COUNT(*)'), 'lab_lines.lab_id');
        $told = DB::table('lab_events')->whereIn('lab_id', clone $labs)->where('kind', 'taken-back')->groupBy('lab_id')
            ->pluck(DB::raw('COUNT(*)'), 'lab_id');

        return $weighed->map(static fn (mixed $count, int|string $lab): string => "$count ".($told[$lab] ?? 0)." $merged")->all();
    }

    /** @return list<array<string, mixed>> of a lab's weighings that count */
    private function rows(Lab $lab): array
    {
        $weighings = CountedWeighings::of($lab);
        $bags = $lab->section->kitchen->bags;
        $merged = DB::table('students')->where('section_id', $lab->section_id)->whereNotNull('merged_into_id')
            ->pluck('merged_into_id', 'id');
        $rows = [];
        foreach ($weighings->groupBy(static fn (Weighing $one): string => "$one->lab_line_id $one->station_id "
            .($merged[$one->student_id] ?? $one->student_id)) as $tries) {
            /** @var Collection<int, Weighing> $tries */
            $said = array_values($tries->map(static fn (Weighing $one): TermWeighing => TermWeighing::of(
                $one->judgement, $one->measured(), 1.0,
            ))->all());
            $best = $said === [] ? 0 : Tries::best($said);
            foreach ($tries->values() as $i => $one) {
                $food = $one->line->ingredient_id;
                $rows[] = [
                    'weighing_id' => $one->id, 'section_id' => $lab->section_id, 'lab_id' => $lab->id, 'lab_line_id' => $one->lab_line_id,
                    'student_id' => $merged[$one->student_id] ?? $one->student_id, 'family' => $one->line->family->value,
                    'ingredient_id' => $food, 'nth' => $i + 1, 'is_best' => $i === $best, 'verdict' => $one->verdict->value,
                    'bag' => $this->bag($food, Bag::of($bags, $food, $one->created_at->toDateString())),
                    'tool' => $this->tool($one), 'share' => $said[$i]->share, 'careful' => $said[$i]->careful,
                    'tolerance' => $said[$i]->tolerance, 'weighed_at' => $one->created_at->format('Y-m-d H:i:s.v'),
                ];
            }
        }

        return $rows;
    }

    /** Names of bags are for people: two foods may have one of the same name. */
    private function bag(string $food, ?Bag $bag): string
    {
        return $bag === null ? $food : "#$bag->id";
    }

    /** What it was measured with, as far as its size is not known yet; null where it is, or several made it. */
    private function tool(Weighing $one): ?string
    {
        $fills = $one->measured()->fills();
        $isChecked = array_filter($fills, static fn (Fill $fill): bool => ! $fill->isChecked()) === [];

        return $isChecked || count($fills) !== 1 ? null : FindMisses::tool($one);
    }

    /** What bags and tools add, found from the whole term, and kept beside each weighing. */
    private function takeOff(Section $section): void
    {
        $found = KeptMisses::query()->where('section_id', $section->id)->where('lab_id', null)->where('ingredient_id', '')
            ->first()->found ?? FoundMisses::of([]);
        $pantry = $section->kitchen->pantry();
        $rows = DB::table('term_weighings')->where('section_id', $section->id)
            ->get(['ingredient_id', 'bag', 'tool', 'student_id', 'share', 'careful', 'tolerance']);
        $spreads = $rows->pluck('ingredient_id', 'ingredient_id')->map(
            static fn (string $food): float => self::spread($pantry, $food),
        );
        $known = KnownEffects::of($found, array_values($rows->map(static fn (stdClass $row): array => [
            'bag' => $row->bag, 'tool' => $row->tool, 'student' => $row->student_id,
            'weighing' => new TermWeighing($row->share, $row->careful, $row->tolerance), 'spread' => $spreads[$row->ingredient_id],
        ])->all()));
        foreach ($rows->unique(static fn (stdClass $row): string => "$row->bag|$row->tool") as $row) {
            DB::table('term_weighings')->where('section_id', $section->id)->where('bag', $row->bag)->where('tool', $row->tool)
                ->update(['known' => $known->factor($row->bag, $row->tool)]);
        }
    }

    private static function spread(Pantry $pantry, string $food): float
    {
        return in_array($food, $pantry->ids(), true) ? $pantry->ingredient($food)->cvBatch : 0.0;
    }
}
