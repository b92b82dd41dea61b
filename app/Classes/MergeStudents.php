<?php

declare(strict_types=1);

namespace App\Classes;

use App\Models\Student;
use App\School\PersonalData;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * One person who stands in a class twice, once: all that is stored of the one goes to the other. Where both have the same thing that there
 * is once (an answer to one question of the class), the one who stays keeps theirs. Weigh-ins and events are only ever added: they stay
 * with the row they came from, which is in no list any more, has the other's name, and says whose it is.
 */
final class MergeStudents
{
    /** Tables whose rows never change. */
    private const ONLY_ADDED_TO = ['weighings', 'lab_events'];

    public function into(Student $gone, Student $stays): void
    {
        DB::transaction(static function () use ($gone, $stays): void {
            // Practice goes on from turn to turn: theirs come after.
            $last = (int) DB::table('practice_answers')->where('student_id', $stays->id)->max('turn');
            DB::table('practice_answers')->where('student_id', $gone->id)->orderByDesc('turn')
                ->update(['turn' => DB::raw("turn + $last + 1")]);
            foreach (PersonalData::tables() as $table) {
                $isTheirs = $table->student !== null && ! in_array($table->student, ['via', 'id'], true);
                $rows = ! $isTheirs || in_array($table->name, self::ONLY_ADDED_TO, true)
                    ? [] : DB::table($table->name)->where('student_id', $gone->id)->pluck('id');
                foreach ($rows as $row) {
                    try {
                        DB::transaction(static fn () => DB::table($table->name)->where('id', $row)->update(['student_id' => $stays->id]));
                    } catch (UniqueConstraintViolationException) {
                        DB::table($table->name)->where('id', $row)->delete();
                    }
                }
            }
            $stays->update([
                'ways' => collect([...$stays->otherWays(), ...$gone->otherWays()])->unique()->values(),
                'pin' => $stays->pin ?? $gone->pin, 'station_id' => $stays->station_id ?? $gone->station_id,
            ]);
            $gone->merged()->update(['merged_into_id' => $stays->id, 'name' => $stays->name]);
            $gone->update([
                'name' => $stays->name, 'roster_number' => null, 'pin' => null, 'ways' => [], 'away_on' => null, 'station_id' => null,
                'erased_at' => now(), 'merged_into_id' => $stays->id, 'session_version' => $gone->session_version + 1,
            ]);
        });
    }
}
