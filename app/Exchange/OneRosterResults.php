<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Lab;
use App\Models\Mark;
use App\Models\Section;
use Illuminate\Support\Collection;

/**
 * A class's marks as OneRoster 1.2 CSV: line items and results, with the category and the manifest that they need. Bulk: status and date
 * stay empty. Only what was accepted goes out. Ids are Hovik's own: who takes it in maps them by name.
 */
final class OneRosterResults
{
    public static function zip(Section $section): string
    {
        $marks = Mark::query()->with(['lab', 'student'])->get()->whereIn('lab_id', $section->labs()->pluck('id'))
            ->filter(static fn (Mark $mark): bool => $mark->accepted_at !== null);

        return ZipFile::of([
            'manifest.csv' => self::manifest(), 'categories.csv' => self::categories(), 'lineItems.csv' => self::items($section, $marks),
            'results.csv' => self::results($section, $marks),
        ]);
    }

    private static function manifest(): string
    {
        $files = [
            'academicSessions', 'categories', 'classes', 'classResources', 'courses', 'courseResources', 'demographics', 'enrollments',
            'lineItemLearningObjectiveIds', 'lineItems', 'lineItemScoreScales', 'orgs', 'resources', 'resultLearningObjectiveIds',
            'results',
            'resultScoreScales', 'roles', 'scoreScales', 'userProfiles', 'userResources', 'users',
        ];

        return self::csv(['propertyName', 'value'], [
            ['manifest.version', '1.0'], ['oneroster.version', '1.2'],
            ...array_map(static fn (string $file): array => [
                "file.$file", in_array($file, ['categories', 'lineItems', 'results'], true) ? 'bulk' : 'absent',
            ], $files),
            ['source.systemName', 'Hovik'], ['source.systemCode', 'hovik'],
        ]);
    }

    private static function categories(): string
    {
        return self::csv(['sourcedId', 'status', 'dateLastModified', 'title', 'weight'], [['category-labs', '', '', 'Labs', '']]);
    }

    /** @param  Collection<int, Mark>  $marks */
    private static function items(Section $section, Collection $marks): string
    {
        return self::csv([
            'sourcedId', 'status', 'dateLastModified', 'title', 'description', 'assignDate', 'dueDate', 'classSourcedId',
            'categorySourcedId', 'gradingPeriodSourcedId', 'resultValueMin', 'resultValueMax', 'schoolSourcedId',
        ], $marks->unique('lab_id')->map(static fn (Mark $mark): array => [
            "lab-$mark->lab_id", '', '', $mark->lab->title, '', self::day($mark->lab), self::day($mark->lab), "class-$section->id",
            'category-labs', '', '0', '100', 'school-'.$section->kitchen->school_id,
        ])->values()->all());
    }

    /** @param  Collection<int, Mark>  $marks */
    private static function results(Section $section, Collection $marks): string
    {
        return self::csv([
            'sourcedId', 'status', 'dateLastModified', 'lineItemSourcedId', 'studentSourcedId', 'scoreStatus', 'score', 'scoreDate',
            'comment', 'textScore', 'classSourcedId', 'inProgress', 'incomplete', 'late', 'missing',
        ], $marks->map(static fn (Mark $mark): array => [
            "mark-$mark->id", '', '', "lab-$mark->lab_id", "student-$mark->student_id", $mark->score === null ? 'exempt' : 'fully graded',
            $mark->score, $mark->accepted_at?->toDateString(), self::reasons($mark), '', "class-$section->id", 'false', 'false',
            ($mark->told->daysLate ?? 0) > 0 ? 'true' : 'false', $mark->score === null ? 'true' : 'false',
        ])->values()->all());
    }

    private static function day(Lab $lab): string
    {
        return $lab->planned_for->toDateString();
    }

    private static function reasons(Mark $mark): string
    {
        $reasons = [];
        foreach ($mark->sheet->criteria ?? [] as $one) {
            if ($one->override !== null) {
                $reasons[] = $one->override->reason;
            }
        }

        return implode('; ', $reasons);
    }

    /**
     * As the standard writes it: commas, and no mark at the start of the file.
     *
     * @param  list<string>  $head
     * @param  list<list<mixed>>  $rows
     */
    private static function csv(array $head, array $rows): string
    {
        return substr(Csv::of($head, $rows), strlen("\xEF\xBB\xBF"));
    }
}
