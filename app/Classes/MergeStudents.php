<?php

declare(strict_types=1);

namespace App\Classes;

use App\Models\Student;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * One person who stands in a class twice, once: all that is stored of the one goes to the other. Where both have the same thing that there
 * is once (an answer to one question of the class), the one who stays keeps theirs. Weigh-ins and events are only ever added: they stay
 * with the row they came from, which is in no list any more, has the other's name, and says whose it is.
 */
final class MergeStudents
{
    /** Tables whose rows may change. */
    private const MOVED = ['practice_answers', 'practice_tasks', 'lab_turns', 'station_checks'];

    public function into(Student $gone, Student $stays): void
    {
        DB::transaction(static function () use ($gone, $stays): void {
            // Practice goes on from turn to turn: theirs come after.
            $last = (int) DB::table('practice_answers')->where('student_id', $stays->id)->max('turn');
            DB::table('practice_answers')->where('student_id', $gone->id)->orderByDesc('turn')
                ->update(['turn' => DB::raw("turn + $last + 1")]);
            foreach (self::MOVED as $table) {
                foreach (DB::table($table)->where('student_id', $gone->id)->pluck('id') as $row) {
                    try {
                        DB::transaction(static fn () => DB::table($table)->where('id', $row)->update(['student_id' => $stays->id]));
                    } catch (UniqueConstraintViolationException) {
                        DB::table($table)->where('id', $row)->delete();
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
