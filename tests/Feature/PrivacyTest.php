<?php

declare(strict_types=1);

use App\Exchange\ClassRecord;
use App\Exchange\Csv;
use App\Exchange\StudentRecord;
use App\Models\Lab;
use App\Models\LabTurn;
use App\Models\LogEntry;
use App\Models\PracticeAnswer;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use App\School\Erasure;
use App\School\OnErasure;
use App\School\PersonalData;
use App\School\Retention;
use App\School\StoredTable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    @unlink(storage_path('erased'));
    $this->lab = $this->openLab();
    $this->class = $this->lab->section;
    $this->station = $this->class->stations->first();
    $this->oona = $this->station->students->first();
    $this->oona->update(['name' => 'Oona "=1+1" Ñ', 'ways' => ['partner'], 'away_on' => now()]);
    $this->asStation($this->station);
    $this->weigh($this->lab->lines->first())->assertCreated();
    $this->putJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V9/guess', ['cause' => 'heaped']);
    DB::table('guesses')->insertOrIgnore(['weighing_id' => '01JDF8Z9X3M5N7P9Q1R3S5T7V9', 'cause' => 'heaped', 'created_at' => now()]);
    LabTurn::query()->create(['lab_line_id' => $this->lab->lines->last()->id, 'station_id' => $this->station->id, 'student_id' => $this->oona->id]);
    $this->asNobody()->asStudent($this->oona);
    PracticeAnswer::query()->create([
        'student_id' => $this->oona->id, 'turn' => 0, 'skill' => 'convert', 'level' => 1, 'seed' => 1, 'answer' => 'x', 'is_right' => true, 'day' => now(),
    ]);
    $this->asNobody()->asTeacher($this->class->teacher);
});
afterEach(fn () => @unlink(storage_path('erased')));

it('has every table of the database in the map, with columns that are there', function () {
    $tables = array_column(DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()'), 'name');
    $mapped = array_keys(PersonalData::tables());
    expect(array_values(array_diff($tables, $mapped, ['bench_bare'])))->toBe([])->and(array_values(array_diff($mapped, $tables)))->toBe([]);
    foreach (PersonalData::tables() as $table) {
        $columns = DB::getSchemaBuilder()->getColumnListing($table->name);
        $named = [...$table->exported, ...$table->own, ...array_filter([$table->by, $table->student === 'via' ? null : $table->student])];
        expect(array_values(array_diff($named, $columns)))->toBe([], $table->name);
        // A table with a student in it says what becomes of that.
        expect(! in_array('student_id', $columns, true) || $table->student !== null)->toBeTrue($table->name)
            ->and(array_intersect($table->exported, ['pin', 'code', 'ways', 'password', 'session_version']))->toBe([]);
    }
});

it('documents the map as it is', function () {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/docs/privacy.md'))->toContain(implode("\n", array_map(
        static fn (StoredTable $one): string => sprintf(
            '| `%s` | %s | %s | %s |', $one->name, $one->exported === [] ? '-' : implode(', ', $one->exported),
            $one->student === null ? '-' : $one->onErasure->value, $one->end,
        ), array_values(PersonalData::tables()),
    )));
});

it('takes a class out as files, with what each is, and nothing of it is a formula', function () {
    $this->oona->update(['name' => '=1+1']);
    $files = unzipped((string) $this->get("/api/sections/{$this->class->id}/export.zip")->assertOk()->getContent());
    expect(array_keys($files))->toContain('README.txt', 'class.json', 'weighings.csv', 'students.csv')
        ->and($files['students.csv'])->toContain("'=1+1")->not->toContain('partner')
        ->and($files['weighings.csv'])->toContain('219.000')
        ->and($files['README.txt'])->toContain('weighings.csv: every weight')
        ->and(json_decode($files['class.json'], true)['students'])->toHaveCount(4);
    $other = $this->openLab($this->section('Foods 2'))->section;
    expect(unzipped(ClassRecord::zip($other))['class.json'])->not->toContain('=1+1');
});

it('writes cells that no spreadsheet runs, and numbers that stay numbers', function (mixed $value, string $cell) {
    expect(explode("\r\n", substr(Csv::of(['x'], [[$value]]), 3))[1])->toBe($cell);
})->with([
    ['=1+1', "'=1+1"], ['+49', '+49'], ['-3.2', '-3.2'], ['-3.2x', "'-3.2x"], ['@x', "'@x"], ["\tx", "\"'\tx\""], ['a,b', '"a,b"'], [null, ''],
    [true, '1'], ['say "x"', '"say ""x"""'], [['a' => 1], '"{""a"":1}"'],
]);

it('takes out all of one student, to read and for programs', function () {
    $files = unzipped((string) $this->get("/api/sections/{$this->class->id}/students/{$this->oona->id}/record.zip")->assertOk()->getContent());
    $all = json_decode($files['record.json'], true);
    expect($files['record.html'])->toContain('Oona &quot;=1+1&quot; Ñ')->toContain('Bread flour')->toContain('219 g')
        ->and($all['weighings'])->toHaveCount(1)->and($all['practice_answers'])->toHaveCount(1)->and($all['students'][0]['ways'])->toContain('partner')
        ->and(unzipped(StudentRecord::zip($this->station->students->last()))['record.json'])->not->toMatch('/219(\.| g)/');
});

it('erases a student: the row blank, answers and guesses gone, weighings kept for a former student', function () {
    $this->postJson("/api/sections/{$this->class->id}/students/{$this->oona->id}/erasure", ['name' => $this->oona->name])->assertNoContent();
    $row = Student::query()->findOrFail($this->oona->id);
    expect($row->only(['name', 'roster_number', 'pin', 'station_id', 'away_on']))->toBe(
        ['name' => '', 'roster_number' => null, 'pin' => null, 'station_id' => null, 'away_on' => null],
    )->and($row->otherWays())->toBe([])->and(Weighing::query()->where('student_id', $row->id)->count())->toBe(1);
    foreach (PersonalData::tables() as $table) {
        if ($table->onErasure === OnErasure::Deleted) {
            expect(PersonalData::ofStudent($table, $row)?->count())->toBe(0, $table->name);
        }
    }
    $this->getJson("/api/labs/{$this->lab->id}/board")->assertJsonPath('weighings.0.student', 'a former student');
    $this->getJson("/api/sections/{$this->class->id}")->assertJsonCount(3, 'students');
    $this->getJson("/api/sections/{$this->class->id}/students/{$row->id}/record.zip")->assertNotFound();
    $this->asNobody()->actingAs($row, 'student')->getJson('/api/practice')->assertUnauthorized();
    expect(json_encode(LogEntry::query()->get()))->not->toContain('Oona');
});

it('erases again after a restore who was erased since, and nobody else', function () {
    $before = $this->oona->only(['name', 'roster_number', 'pin', 'station_id']);
    Erasure::student($this->oona);
    // As a backup of before has them.
    DB::table('students')->where('id', $this->oona->id)->update($before + ['erased_at' => null]);
    expect(Artisan::call('school:erase-again'))->toBe(0)->and(Student::query()->findOrFail($this->oona->id)->name)->toBe('');
    // A number that was given to somebody else since.
    DB::table('students')->where('id', $this->oona->id)->update($before + ['erased_at' => null, 'created_at' => now()->addDays(40)]);
    expect(Erasure::again())->toBe(0)->and(Student::query()->findOrFail($this->oona->id)->name)->not->toBe('');
});

it('erases a class by its name, tells first what goes and when the backups are rid of it', function () {
    $url = "/api/sections/{$this->class->id}";
    $this->getJson("$url/end")->assertOk()->assertJson([
        'students' => 4, 'labs' => 1, 'weighings' => 1, 'gone_from_backups' => now()->addDays(35)->toDateString(),
    ]);
    $this->postJson("$url/erasure", ['name' => 'Foods'])->assertUnprocessable()->assertJsonValidationErrors('name');
    $id = $this->class->id;
    $this->postJson("$url/erasure", ['name' => 'Foods 1'])->assertNoContent();
    expect(Section::query()->find($id))->toBeNull()->and(Student::query()->where('section_id', $id)->count())->toBe(0)
        ->and(Weighing::query()->count())->toBe(0)->and(Lab::query()->where('section_id', $id)->count())->toBe(0);
});

it('puts a class away and goes on with it in a new year, without anybody in it', function () {
    $url = "/api/sections/{$this->class->id}";
    $next = $this->postJson("$url/next-year", ['name' => 'Foods 1, 2027'])->assertCreated()->json('id');
    $this->getJson("/api/sections/$next")->assertOk()->assertJsonCount(0, 'students')->assertJsonCount(2, 'stations')
        ->assertJsonPath('settings.name', 'Foods 1, 2027');
    expect($this->getJson('/api/today')->json('sections.*.name'))->toBe(['Foods 1, 2027'])
        ->and($this->getJson('/api/sections/archived')->json('classes.*.name'))->toBe(['Foods 1']);
    $this->asNobody()->getJson("/api/join/{$this->class->code}")->assertUnprocessable();
    $this->asTeacher($this->class->teacher)->deleteJson("$url/archive")->assertNoContent();
    expect($this->getJson('/api/today')->json('sections'))->toHaveCount(2);
});

it('ends a class by the school\'s time for it, unless it is kept', function (string $lab, string $yearEnds, ?int $years, ?string $end) {
    $this->class->labs()->update(['planned_for' => $lab]);
    DB::table('sections')->update(['created_at' => '2025-09-01']);
    $this->class->kitchen->school->update(['year_ends' => $yearEnds, 'kept_years' => $years]);
    $section = $this->class->fresh();
    expect(Retention::endOf($section, $section->kitchen->school->fresh())?->toDateString())->toBe($end);
    $section->update(['kept' => true]);
    expect(Retention::endOf($section, $section->kitchen->school))->toBeNull();
})->with([
    ['2026-05-20', '06-30', 1, '2027-06-30'], ['2026-09-10', '06-30', 1, '2028-06-30'], ['2026-06-30', '06-30', 0, '2026-06-30'],
    ['2026-05-20', '12-15', 2, '2028-12-15'], ['2026-05-20', '06-30', null, null], ['2025-03-01', '06-30', 1, '2027-06-30'],
]);

it('erases by night what has reached its end, and writes it down', function () {
    $school = $this->class->kitchen->school;
    $this->class->labs()->update(['planned_for' => '2026-05-20']);
    DB::table('sections')->update(['created_at' => '2025-09-01']);
    $this->class->teacher->update(['role' => 'keeper']);
    $this->asNobody()->asTeacher($this->class->teacher->fresh())->getJson('/api/school/ends')
        ->assertOk()->assertJson(['classes' => [['name' => 'Foods 1', 'students' => 4, 'ends_on' => '2027-06-30', 'kept' => false]]]);
    $this->travelTo('2027-06-29 12:00:00');
    Artisan::call('school:keep');
    expect(Section::query()->count())->toBe(1);
    $this->travelTo('2027-07-01 12:00:00');
    Artisan::call('school:keep');
    expect(Section::query()->count())->toBe(0)->and(LogEntry::query()->where('act', 'erased-by-time')->sole()->school_id)->toBe($school->id);
});

it('says who corrected a weight', function () {
    $first = Weighing::query()->sole();
    $this->putJson("/api/labs/{$this->lab->id}/weighings/$first->id/correction", ['id' => '01JDF8Z9X3M5N7P9Q1R3S5T7W1', 'grams' => '200'])->assertNoContent();
    expect(Weighing::query()->where('corrects_id', $first->id)->sole()->teacher_id)->toBe($this->class->teacher_id)
        ->and(LogEntry::query()->where('act', 'corrected')->count())->toBe(1);
});

it('takes no name with signs that turn a line around or run, by any way in', function (string $name) {
    $url = "/api/sections/{$this->class->id}";
    $this->putJson("$url/students/{$this->oona->id}", ['name' => $name, 'station_id' => null])->assertUnprocessable()->assertJsonValidationErrors('name');
    $this->postJson("$url/roster", ['text' => $name, 'look' => false])->assertUnprocessable();
    $this->putJson("$url/stations/{$this->station->id}", ['name' => $name])->assertUnprocessable();
    $this->postJson('/api/sections', ['name' => $name, 'starts_at' => '08:00', 'ends_at' => '08:47'])->assertUnprocessable();
    $this->putJson('/api/account', ['name' => $name])->assertUnprocessable();
})->with(["Oo\u{202E}na", "Oo\u{200B}na", "Oo\u{7}na", '=1+1', '@x', '<b>x</b>', "Oo\u{2066}na"]);

it('takes names of any script', function (string $name) {
    $this->putJson("/api/sections/{$this->class->id}/students/{$this->oona->id}", ['name' => $name, 'station_id' => null])->assertNoContent();
    expect($this->oona->refresh()->name)->toBe($name);
})->with(['Ñandú Öström', "D'Arcy O’Neil", '小明', 'محمد', "می\u{200C}خواهم", 'Anaïs-Zoë', 'Ꮳꮃꭹ']);
