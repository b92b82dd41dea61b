<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Classes\Code;
use App\Models\Recipe;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Teacher;
use App\Photos\PictureFiles;
use App\School\PersonalData;
use App\School\StoredTable;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use stdClass;

/**
 * A whole class as one JSON file that Hovik takes in again: every table of it, every column. Not what proves who somebody is (codes and
 * PINs), and not what is made anew from the rest. Taken in it is another class with new ids, archived, with the same in it.
 */
final class WholeClass
{
    private const KIND = 'hovik-class';

    private const VERSION = 1;

    /** Made anew from the rest; and who else teaches it, which is the school's to say. */
    private const LEFT_OUT = ['kept_misses', 'term_weighings', 'kept_terms', 'colleagues'];

    private const SECRET = ['pin', 'code', 'session_version', 'kitchen_id'];

    /** A photo's own picture, as base64 beside its row. */
    private const PICTURE = 'jpeg';

    /** They point to rows of their own table, or of one that comes later: set once all rows are there. */
    private const LATER = ['stations' => ['makes_up_lab_id', 'home_id'], 'students' => ['merged_into_id']];

    /** @var array<string, array<int|string, int|string>> new id by old one, by table */
    private array $ids = [];

    /** @return array<string, mixed> */
    public static function of(Section $section): array
    {
        $tables = [];
        foreach (self::tables() as $table) {
            $columns = array_values(array_diff(Schema::getColumnListing($table->name), self::SECRET));
            $query = PersonalData::ofSection($table, $section);
            $tables[$table->name] = $query->orderBy(in_array('received_at', $columns, true) ? 'received_at' : self::key($table->name))
                ->get($columns)->map(static fn (stdClass $row): array => (array) $row)->all();
        }
        foreach ($tables['photos'] as $i => $photo) {
            $file = PictureFiles::get(PictureFiles::ofPhoto($section->id, (string) $photo['id']));
            $tables['photos'][$i][self::PICTURE] = base64_encode((string) $file);
        }
        $scales = Scale::query()->get(['id', 'name', 'catalogue_id'])->whereIn('id', array_unique(array_filter([
            ...array_column($tables['weighings'], 'scale_id'), ...array_column($tables['experiment_weighings'], 'scale_id'),
        ], is_int(...))));
        $versions = DB::table('recipe_versions')
            ->whereIn('id', array_filter(array_column($tables['labs'], 'recipe_version_id'), is_int(...)))->get();

        return [
            'kind' => self::KIND, 'version' => self::VERSION, 'scales' => array_values($scales->toArray()),
            'recipes' => DB::table('recipes')->whereIn('id', $versions->pluck('recipe_id'))->get(['id', 'title'])
                ->map(static fn (stdClass $row): array => (array) $row)->all(),
            'recipe_versions' => $versions->map(static fn (stdClass $row): array => (array) $row)->all(), 'tables' => $tables,
        ];
    }

    /** @throws InvalidInput when it is no class, or one that a newer Hovik wrote; then nothing is stored */
    public function takeIn(JsonInput $bundle, Teacher $teacher): Section
    {
        if (! $bundle->has('kind') || $bundle->text('kind') !== self::KIND) {
            throw InvalidInput::because('bundle', Phrase::of('refusal.no-class-file'));
        }
        $bundle->atMost('version', self::VERSION);
        $rows = $bundle->listOrMap('tables');

        return DB::transaction(function () use ($bundle, $rows, $teacher): Section {
            $this->ids['scales'] = $this->scales($bundle, $teacher);
            $this->ids['recipe_versions'] = $this->versions($bundle, $teacher);
            $later = [];
            foreach (self::tables() as $table) {
                $known = array_flip(Schema::getColumnListing($table->name));
                foreach (is_array($rows[$table->name] ?? null) ? $rows[$table->name] : [] as $row) {
                    $picture = is_array($row) ? $row[self::PICTURE] ?? null : null;
                    $row = is_array($row) ? array_diff_key(array_intersect_key($row, $known), array_flip(self::SECRET)) : [];
                    [$row, $after] = $this->moved($table->name, $row);
                    $old = $row[self::key($table->name)] ?? null;
                    $new = $this->insert($table->name, $row, $teacher);
                    $file = base64_decode($table->name === 'photos' && is_string($picture) ? $picture : '', true);
                    if (is_string($file) && $file !== '') {
                        PictureFiles::disk()->put(PictureFiles::ofPhoto($this->section(), "$new"), $file);
                    }
                    if (is_int($old) || is_string($old)) {
                        $this->ids[$table->name][$old] = $new;
                    }
                    $later = [...$later, ...array_map(static fn (string $column, mixed $to): array => [
                        $table->name, $new, $column, $to,
                    ], array_keys($after), $after)];
                }
            }
            foreach ($later as [$table, $id, $column, $to]) {
                $of = $column === 'makes_up_lab_id' ? 'labs' : $table;
                DB::table($table)->where('id', $id)->update([$column => $this->ids[$of][$to] ?? null]);
            }
            $this->insideJson();
            $section = Section::query()->findOrFail($this->section());
            $section->putAway();

            return $section;
        });
    }

    /** The class that has been made. */
    private function section(): int
    {
        return (int) (array_values($this->ids['sections'] ?? [])[0] ?? 0);
    }

    /** @return list<StoredTable> in the order in which they can be stored */
    private static function tables(): array
    {
        return array_values(array_filter(
            PersonalData::tables(),
            static fn (StoredTable $one): bool => $one->of !== null && ! in_array($one->name, self::LEFT_OUT, true),
        ));
    }

    private static function key(string $table): string
    {
        return match ($table) {
            'diagnoses', 'guesses' => 'weighing_id',
            default => 'id',
        };
    }

    /**
     * A row with new ids wherever it points to another.
     *
     * @param  array<array-key, mixed>  $row
     * @return array{array<array-key, mixed>, array<string, mixed>} and what can be set only later
     */
    private function moved(string $table, array $row): array
    {
        $after = [];
        foreach ($row as $column => $value) {
            $column = (string) $column;
            if ($value !== null && in_array($column, self::LATER[$table] ?? [], true)) {
                $after[$column] = $value;
                $row[$column] = null;
            } elseif ($table === 'lab_events' && $column === 'detail' && is_string($value)) {
                // Which weighing or event it is about stands in it by its id.
                $row[$column] = strtr($value, array_map(strval(...), ($this->ids['weighings'] ?? []) + ($this->ids['lab_events'] ?? [])));
            } elseif ((is_int($value) || is_string($value)) && str_ends_with($column, '_id') && $column !== 'teacher_id') {
                $row[$column] = $this->ids[self::pointsTo($column)][$value] ?? ($this->isKnown($column) ? null : $value);
            }
        }

        return [$row, $after];
    }

    private static function pointsTo(string $column): string
    {
        return match ($column) {
            'lab_line_id' => 'lab_lines', 'lab_item_id' => 'lab_items', 'weighing_id', 'corrects_id' => 'weighings',
            'class_question_id' => 'class_questions', 'experiment_id' => 'experiments', 'recipe_version_id' => 'recipe_versions',
            default => Str::plural(substr($column, 0, -strlen('_id'))),
        };
    }

    /** Whether it points to a row at all: `ingredient_id` is a word. */
    private function isKnown(string $column): bool
    {
        return ! in_array($column, ['ingredient_id', 'catalogue_id'], true);
    }

    /** @param  array<array-key, mixed>  $row */
    private function insert(string $table, array $row, Teacher $teacher): int|string
    {
        $key = self::key($table);
        if (isset($row['teacher_id'])) {
            $row['teacher_id'] = $teacher->id; // whoever it was is none of this school
        }
        if ($table === 'sections') {
            $row = ['kitchen_id' => $teacher->kitchen_id, 'code' => Code::ofClass(), 'open_to_join' => false] + $row;
        } elseif ($table === 'stations') {
            $row['code'] = Code::ofStation();
        }
        if ($key !== 'id') {
            DB::table($table)->insert($row);
            $id = $row[$key] ?? 0;

            return is_int($id) || is_string($id) ? $id : 0;
        }
        if (is_string($row['id'] ?? null)) {
            $row['id'] = (string) Str::ulid();
            DB::table($table)->insert($row);

            return $row['id'];
        }
        unset($row['id']);

        return DB::table($table)->insertGetId($row);
    }

    /** Ids that stand within JSON: who does what, in which order, and which weighing an event is about. */
    private function insideJson(): void
    {
        $stations = $this->ids['stations'] ?? [];
        $lines = $this->ids['lab_lines'] ?? [];
        $students = $this->ids['students'] ?? [];
        $many = static fn (array $of, array $by): array => array_values(array_map(static fn (mixed $one): mixed => $by[$one] ?? $one, $of));
        $change = static function (string $table, array $ids, string $column, callable $to): void {
            foreach (DB::table($table)->whereIn('id', array_values($ids))->whereNotNull($column)->get(['id', $column]) as $row) {
                /** @var stdClass $row */
                $before = json_decode((string) $row->{$column}, true, 512, JSON_THROW_ON_ERROR);
                DB::table($table)->where('id', $row->id)->update([$column => json_encode(
                    $to($before), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                )]);
            }
        };
        $change('labs', $this->ids['labs'] ?? [], 'orders', static fn (array $orders): array => array_combine(
            array_map(static fn (int|string $station): int|string => $stations[$station] ?? $station, array_keys($orders)),
            array_map(static fn (array $one): array => $many($one, $lines), $orders),
        ));
        $change('lab_lines', $lines, 'stations', static fn (array $of): array => $many($of, $stations));
        $change('lab_lines', $lines, 'frozen', static function (array $frozen) use ($many, $stations): array {
            $frozen['stations'] = is_array($frozen['stations'] ?? null) ? $many($frozen['stations'], $stations) : null;
            foreach ($frozen['ways'] ?? [] as $i => $way) {
                $frozen['ways'][$i]['stations'] = is_array($way['stations'] ?? null) ? $many($way['stations'], $stations) : null;
            }

            return $frozen;
        });
        $change('experiments', $this->ids['experiments'] ?? [], 'dealt', static fn (array $dealt): array => array_combine(
            array_map(static fn (int|string $one): int|string => $students[$one] ?? $one, array_keys($dealt)), $dealt,
        ));
        $change('marks', $this->ids['marks'] ?? [], 'sheet', static function (array $sheet) use ($lines): array {
            foreach ($sheet['criteria'] ?? [] as $i => $part) {
                foreach ($part['lines'] ?? [] as $j => $line) {
                    $sheet['criteria'][$i]['lines'][$j]['line']['id'] = (string) ($lines[$line['line']['id']] ?? $line['line']['id']);
                }
            }

            return $sheet;
        });
    }

    /** @return array<int|string, int> of this kitchen, by name; one that it has not is added, retired */
    private function scales(JsonInput $bundle, Teacher $teacher): array
    {
        $ids = [];
        foreach ($bundle->has('scales') ? $bundle->objects('scales') : [] as $one) {
            $scale = $teacher->kitchen->scales()->where('name', $one->text('name'))->first()
                ?? $teacher->kitchen->scales()->create(['name' => $one->text('name'), 'catalogue_id' => $one->text('catalogue_id')]);
            $ids[$one->whole('id')] = $scale->id;
        }

        return $ids;
    }

    /** @return array<int|string, int> new id by old one */
    private function versions(JsonInput $bundle, Teacher $teacher): array
    {
        $ids = $recipes = [];
        foreach ($bundle->has('recipes') ? $bundle->objects('recipes') : [] as $one) {
            $recipes[$one->whole('id')] = Recipe::query()->create([
                'kitchen_id' => $teacher->kitchen_id, 'title' => $one->text('title'),
            ])->id;
        }
        $columns = array_flip(Schema::getColumnListing('recipe_versions'));
        foreach ($bundle->listOr('recipe_versions') as $row) {
            if (is_array($row) && is_int($row['id'] ?? null) && isset($recipes[$row['recipe_id'] ?? 0])) {
                $kept = array_intersect_key($row, $columns);
                unset($kept['id']);
                $ids[$row['id']] = DB::table('recipe_versions')->insertGetId(
                    ['recipe_id' => $recipes[$row['recipe_id']], 'teacher_id' => $teacher->id] + $kept,
                );
            }
        }

        return $ids;
    }
}
