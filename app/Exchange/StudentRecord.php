<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Student;
use App\Models\Weighing;
use App\School\PersonalData;
use App\Words\Said;
use Hovik\Core\Words\Phrase;
use stdClass;

/** All that is stored of one student, as a zip: a page to read, and JSON. */
final class StudentRecord
{
    public static function zip(Student $student): string
    {
        $all = [];
        foreach (PersonalData::tables() as $table) {
            $columns = [...$table->exported, ...$table->own];
            $rows = $columns === [] ? null : PersonalData::ofStudent($table, $student);
            if ($rows !== null) {
                $all[$table->name] = $rows->get($columns)->map(static fn (stdClass $row): array => (array) $row)->all();
            }
        }
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
        $weighings = Weighing::query()->where('student_id', $student->id)->with('line.lab')->oldest('created_at')->get();

        return ZipFile::of([
            'record.html' => view('record', [
                'student' => $student,
                'weighings' => $weighings->map(static fn (Weighing $one): array => [
                    'day' => $one->created_at->toDateString(),
                    'lab' => $one->line->lab->title,
                    'food' => Said::ingredient($one->line->ingredient_id),
                    'grams' => Said::phrase(Phrase::of('export.grams', ['grams' => (float) $one->grams])),
                    'verdict' => Said::phrase(Phrase::of("verdict.{$one->verdict->value}")),
                ])->all(),
                'answers' => count($all['practice_answers'] ?? []),
                'said' => static fn (string $id): string => Said::phrase(Phrase::of("record.$id")),
            ])->render(),
            'record.json' => json_encode($all, $flags),
        ]);
    }
}
