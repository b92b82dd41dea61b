<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Section;
use App\Models\Student;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The one map of what is stored about people: export, erasing and keeping read it, docs/privacy.md is made from it, and a test fails for a
 * table that is not in it.
 */
final class PersonalData
{
    private const WITH_CLASS = 'with its class';

    private const WITH_KITCHEN = 'never: it is about the kitchen and nobody';

    /** @return array<string, StoredTable> by name */
    public static function tables(): array
    {
        static $tables = null;

        return $tables ??= array_column(
            array_map(static fn (StoredTable $one): array => [$one->name, $one], [...self::ofClasses(), ...self::ofOthers()]), 1, 0,
        );
    }

    /** Rows of a table that belong to a class. */
    public static function ofSection(StoredTable $table, Section $section): Builder
    {
        $query = DB::table($table->name);
        if ($table->name === 'sections') {
            return $query->where('id', $section->id);
        }
        if ($table->of === 'sections') {
            return $query->where((string) $table->by, $section->id);
        }

        return $query->whereIn((string) $table->by, self::ofSection(self::tables()[(string) $table->of], $section)->select('id'));
    }

    /** Rows of a table that are about a student; null where a table has none. */
    public static function ofStudent(StoredTable $table, Student $student): ?Builder
    {
        $query = DB::table($table->name);

        return match ($table->student) {
            null => null,
            'via' => $query->whereIn(
                (string) $table->by, self::ofStudent(self::tables()[(string) $table->of], $student)?->select('id') ?? [],
            ),
            default => $query->whereIn($table->student, $student->everyId()),
        };
    }

    /** @return list<StoredTable> */
    private static function ofClasses(): array
    {
        $end = self::WITH_CLASS;
        $deleted = OnErasure::Deleted;

        return [
            new StoredTable('sections', 'when it is erased by hand, or the school\'s time for it is over', 'sections', 'id', [
                'id', 'name', 'standard', 'tolerance_level', 'period', 'starts_at', 'ends_at', 'created_at',
            ]),
            new StoredTable('stations', $end, 'sections', 'section_id', ['id', 'name', 'position', 'bowl_g']),
            new StoredTable(
                'students', $end, 'sections', 'section_id',
                ['id', 'name', 'roster_number', 'station_id'], ['ways', 'language'], 'id', OnErasure::Blanked,
            ),
            new StoredTable('labs', $end, 'sections', 'section_id', ['id', 'title', 'planned_for', 'state', 'opened_at', 'closed_at']),
            new StoredTable('lab_items', $end, 'labs', 'lab_id', ['id', 'lab_id', 'position', 'ingredient_id', 'amount']),
            // Who has another food on a line, and why, is nobody's business later.
            new StoredTable('lab_swaps', $end, 'lab_items', 'lab_item_id'),
            new StoredTable('lab_lines', $end, 'labs', 'lab_id', ['id', 'lab_id', 'position', 'ingredient_id', 'target_g']),
            new StoredTable('lab_turns', $end, 'lab_lines', 'lab_line_id', [], ['lab_line_id'], 'student_id', $deleted),
            new StoredTable('weighings', $end, 'lab_lines', 'lab_line_id', [
                'id', 'lab_line_id', 'station_id', 'student_id', 'attempt', 'grams', 'verdict', 'error_g', 'error_pct', 'scale_u_g',
                'source',
                'together', 'predicted', 'left_out', 'corrects_id', 'created_at',
            ], ['way', 'ticked', 'cups'], 'student_id'),
            new StoredTable('diagnoses', $end, 'weighings', 'weighing_id', [], ['weighing_id'], 'via'),
            new StoredTable('guesses', $end, 'weighings', 'weighing_id', ['weighing_id', 'cause'], [], 'via', $deleted),
            new StoredTable(
                'lab_events', $end, 'labs', 'lab_id',
                ['id', 'lab_id', 'station_id', 'lab_line_id', 'student_id', 'kind', 'created_at'], [], 'student_id',
            ),
            new StoredTable(
                'station_checks', $end, 'labs', 'lab_id',
                ['id', 'lab_id', 'station_id', 'student_id', 'kind', 'created_at'], [], 'student_id',
            ),
            new StoredTable('experiments', $end, 'sections', 'section_id', ['id', 'title', 'ingredient_id', 'state', 'created_at']),
            new StoredTable(
                'experiment_weighings', $end, 'experiments', 'experiment_id',
                ['id', 'experiment_id', 'student_id', 'arm', 'grams', 'created_at'], [], 'student_id',
            ),
            // Made from the weighings, and gone with them.
            new StoredTable('term_weighings', $end, 'sections', 'section_id', [], ['weighing_id'], 'student_id'),
            new StoredTable('kept_terms', $end, 'sections', 'section_id'),
            new StoredTable('student_notes', $end, 'students', 'student_id', [], ['text', 'updated_at'], 'student_id', $deleted),
            new StoredTable(
                'marks', $end, 'labs', 'lab_id', ['id', 'lab_id', 'student_id', 'score', 'accepted_at'], ['told', 'sheet'], 'student_id',
                $deleted,
            ),
            new StoredTable(
                'photos', $end, 'sections', 'section_id', ['id', 'lab_line_id', 'station_id', 'student_id', 'created_at'], [], 'student_id',
                $deleted,
            ),
            // People stand in it by number.
            new StoredTable('kept_misses', $end, 'sections', 'section_id'),
            new StoredTable('bakes', $end, 'labs', 'lab_id', ['id', 'lab_id', 'station_id', 'fault', 'created_at']),
            new StoredTable(
                'practice_tasks', $end, 'sections', 'section_id',
                ['id', 'student_id', 'aims', 'due_on'], [], 'student_id', $deleted,
            ),
            new StoredTable('class_questions', $end, 'sections', 'section_id', ['id', 'skill', 'created_at']),
            new StoredTable('practice_answers', $end, 'students', 'student_id', [
                'id', 'student_id', 'turn', 'skill', 'level', 'is_right', 'created_at',
            ], [], 'student_id', $deleted),
            new StoredTable('colleagues', $end, 'sections', 'section_id', ['teacher_id', 'role']),
        ];
    }

    /** @return list<StoredTable> */
    private static function ofOthers(): array
    {
        $kitchens = [
            'kitchens', 'tools', 'scales', 'own_ingredients', 'own_weights', 'own_wordings', 'recipes', 'recipe_versions', 'food_packs',
            'named_tools', 'rubrics', 'competencies', 'recipe_notes', 'step_pictures',
        ];

        return [
            new StoredTable('schools', 'never: it is whose all the rest is'),
            ...array_map(static fn (string $name): StoredTable => new StoredTable($name, self::WITH_KITCHEN), $kitchens),
            new StoredTable('teachers', 'a keeper takes their access; the name stays beside what they made'),
            new StoredTable('scale_checks', 'with its scale; who checked stays beside it'),
            new StoredTable('scale_calibrations', 'with its scale; who checked stays beside it'),
            new StoredTable(
                'tool_checks', 'with its tool; which student made it, with their class', null, null, [],
                ['id', 'name', 'true_ml', 'verdict', 'day'], 'student_id',
            ),
            new StoredTable('bags', 'never: it is about the kitchen; who opened it stays beside it'),
            new StoredTable('own_standards', 'never: it is about the kitchen; who weighed it stays beside it'),
            new StoredTable('slips', 'after seven days, or once used'),
            new StoredTable('log_entries', 'after three years'),
            new StoredTable('sessions', 'after four idle hours'),
            new StoredTable('cache', 'after half a day; names in it are hashed'),
            new StoredTable('cache_locks', 'after seconds'),
            new StoredTable('migrations', 'never: which tables there are'),
        ];
    }
}
