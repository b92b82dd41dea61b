<?php

declare(strict_types=1);

namespace App\School;

use App\Models\LogEntry;
use App\Models\School;
use App\Models\Teacher;

/** Writes down what adults do. Names of students are not in it: a class and a number are enough to find out whom it was about. */
final class AdultLog
{
    /** @param  array<string, string>  $about  blanks of the act's sentence */
    public static function tell(Teacher $who, Act $act, array $about = []): void
    {
        self::add($who->kitchen->school_id, $who, $act, $about);
    }

    /**
     * By the shell, or by time.
     *
     * @param  array<string, string>  $about
     */
    public static function tellOf(School $school, Act $act, array $about = []): void
    {
        self::add($school->id, null, $act, $about);
    }

    /** @param  array<string, string>  $about */
    private static function add(int $school, ?Teacher $who, Act $act, array $about): void
    {
        LogEntry::query()->create([
            'school_id' => $school, 'teacher_id' => $who?->id, 'who' => $who->name ?? '', 'act' => $act, 'about' => $about, 'at' => now(),
        ]);
    }
}
