<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Photo;
use App\Models\Section;
use App\Models\Student;
use App\Photos\PictureFiles;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Erases a student or a class. What was erased is noted outside the database, so that a restore does not bring it back. */
final class Erasure
{
    /** Nights of seven days and weeks of four: then no nightly backup has it any more. */
    private const BACKUP_DAYS = 35;

    public static function student(Student $student): void
    {
        $photos = array_map(static fn (Photo $photo): string => $photo->path(), Photo::query()->where(
            static fn (Builder $theirs) => $theirs->whereIn('student_id', $student->everyId()),
        )->get()->all());
        DB::transaction(static function () use ($student): void {
            foreach (PersonalData::tables() as $table) {
                if ($table->onErasure === OnErasure::Deleted) {
                    PersonalData::ofStudent($table, $student)?->delete();
                }
            }
            // What somebody wrote about them or was told by them.
            DB::table('lab_events')->whereIn('student_id', $student->everyId())->where('kind', 'note')->delete();
            $student->merged()->update(['name' => '']);
            $student->update([
                'name' => '', 'roster_number' => null, 'pin' => null, 'ways' => [], 'away_on' => null, 'station_id' => null,
                'language' => null, 'erased_at' => now(), 'session_version' => $student->session_version + 1,
            ]);
        });
        PictureFiles::disk()->delete($photos);
        self::note('students', $student->id, $student->created_at);
    }

    public static function section(Section $section): void
    {
        // All that belongs to it goes with it, by the database's own keys.
        $section->delete();
        PictureFiles::forgetSection($section->id);
        self::note('sections', $section->id, $section->created_at);
    }

    /** After a restore: who was erased since the backup is erased again. */
    public static function again(): int
    {
        $again = 0;
        foreach (is_file(self::file()) ? (array) file(self::file(), FILE_IGNORE_NEW_LINES) : [] as $line) {
            [$table, $id, $made] = [...explode(' ', (string) $line), '', ''];
            // A number may have been given to somebody else since: when it was made tells them apart.
            $student = $table === 'students' ? Student::query()->where('erased_at', null)->find((int) $id) : null;
            $section = $table === 'sections' ? Section::query()->find((int) $id) : null;
            if ($student !== null && self::made($student->created_at) === $made) {
                self::student($student);
                $again++;
            } elseif ($section !== null && self::made($section->created_at) === $made) {
                self::section($section);
                $again++;
            }
        }

        return $again;
    }

    /** From which day on no nightly backup has what is erased today. */
    public static function goneFromBackups(): string
    {
        return now()->addDays(self::BACKUP_DAYS)->toDateString();
    }

    private static function note(string $table, int $id, ?Carbon $made): void
    {
        $line = "$table $id ".self::made($made);
        if (is_file(self::file()) && in_array($line, (array) file(self::file(), FILE_IGNORE_NEW_LINES), true)) {
            return;
        }
        file_put_contents(self::file(), "$line\n", FILE_APPEND | LOCK_EX);
    }

    private static function made(?Carbon $at): string
    {
        return $at?->format('Y-m-d\TH:i:s') ?? '-';
    }

    private static function file(): string
    {
        return (string) config('hovik.erased');
    }
}
