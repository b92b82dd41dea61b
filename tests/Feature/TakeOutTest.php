<?php

declare(strict_types=1);

use App\Exchange\Csv;
use App\Exchange\WholeClass;
use App\Marks\LabMarks;
use App\Models\Photo;
use App\Models\RecipeNote;
use App\Models\Section;
use App\Models\StepPicture;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Weighing;
use App\Photos\PictureFiles;
use App\Review\KeepTerm;
use App\School\Erasure;
use Database\Seeders\TarnValley;
use Hovik\Core\JsonInput;
use Hovik\Core\Marks\RubricTemplate;
use Hovik\Core\Words\DecimalSign;
use Illuminate\Support\Str;

/** @return list<list<string>> the rows of a CSV file, its head first */
function rowsOf(string $csv, string $between = ','): array
{
    $file = fopen('php://temp', 'r+');
    fwrite($file, substr($csv, 3));
    rewind($file);
    $rows = [];
    while (($row = fgetcsv($file, null, $between, '"', '')) !== false) {
        $rows[] = $row;
    }

    return $rows;
}

it('writes tables that spreadsheets take for what they are', function () {
    $csv = Csv::of(['Name', 'g', '=x'], [
        ['=HYPERLINK("x")', 1.5, -2.25], ['+1', 3, true], [' @a', null, 0.0], ['Ñandú "小明"; D’Arcy', 1e3, '-5'], ['-', 1.0, "\ttab"],
    ], DecimalSign::Comma);
    expect($csv)->toStartWith("\xEF\xBB\xBF");
    $rows = rowsOf($csv, ';');
    expect($rows[0])->toBe(['Name', 'g', "'=x"])->and($rows[1])->toBe(['\'=HYPERLINK("x")', '1,5', '-2,25'])
        ->and($rows[2])->toBe(['+1', '3', '1'])->and($rows[3])->toBe(["' @a", '', '0'])
        ->and($rows[4])->toBe(['Ñandú "小明"; D’Arcy', '1000', '-5'])->and($rows[5])->toBe(["'-", '1', "'\ttab"]);
    expect(Csv::of(['a'], [[1.5]]))->toBe("\xEF\xBB\xBFa\r\n1.5\r\n");
});

describe('a class with a term behind it', function () {
    beforeEach(function () {
        $this->class = (new TarnValley)->make();
        $lab = $this->class->labs()->where('title', 'Muffins')->firstOrFail();
        $lab->update(['rubric' => RubricTemplate::FourParts->rubric('Ours')]);
        $marks = new LabMarks($lab, new KeepTerm);
        foreach ($this->class->students->take(3) as $student) {
            $marks->accept($student, $this->class->teacher);
        }
        $this->muffins = $lab;
        $this->asTeacher($this->class->teacher);
    });

    it('goes out as tables, as OneRoster 1.2, and on sheets, in each reader\'s language', function () {
        $of = fn (string $kind, string $query = ''): string => (string) $this->get("/api/sections/{$this->class->id}/files/$kind.csv$query")
            ->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        $weighings = rowsOf($of('weighings'));
        expect($weighings[0][0])->toBe('Day')->and(count($weighings))->toBe(1 + Weighing::query()->count())
            ->and($weighings[1][11])->toMatch('/^\d+(\.\d+)?$/');
        $spanish = rowsOf($of('weighings', '?language=es-ES'), ';');
        expect($spanish[0][0])->toBe('Día')->and(implode(' ', array_column($spanish, 12)))->toMatch('/-?\d+,\d+/');
        expect(rowsOf($of('results'))[1])->toHaveCount(10)->and(count(rowsOf($of('marks'))))->toBe(1 + 3 * 4)
            ->and(count(rowsOf($of('checks'))))->toBeGreaterThan(20)->and(count(rowsOf($of('practice'))))->toBeGreaterThan(100);
        $this->get("/api/sections/{$this->class->id}/files/nonsense.csv")->assertNotFound();
        // OneRoster 1.2: line items and results.
        $zip = (string) $this->get("/api/sections/{$this->class->id}/files/oneroster.zip")->assertOk()->getContent();
        $files = unzipped($zip);
        $items = array_map(str_getcsv(...), explode("\r\n", trim($files['lineItems.csv'])));
        $results = array_map(str_getcsv(...), explode("\r\n", trim($files['results.csv'])));
        expect(array_keys($files))->toEqualCanonicalizing(['manifest.csv', 'categories.csv', 'lineItems.csv', 'results.csv'])
            ->and($files['manifest.csv'])->toContain('oneroster.version,1.2')->toContain('file.results,bulk')->toContain('file.users,absent')
            ->and($items[0][0])->toBe('sourcedId')->and($items)->toHaveCount(2)->and($items[1][3])->toBe('Muffins')
            ->and($results)->toHaveCount(4)->and($results[1][3])->toBe($items[1][0])->and($results[1][5])->toBe('fully graded');
        foreach ([...$items, ...$results] as $row) {
            expect(count($row))->toBeIn([count($items[0]), count($results[0])]);
        }
        // Sheets to take home.
        $student = $this->class->students->firstOrFail();
        $student->update(['language' => 'es']);
        $sheets = $this->getJson("/api/labs/{$this->muffins->id}/sheets")->assertOk()->json();
        expect($sheets)->toHaveCount(22)->and($sheets[0]['language'])->toBe('es')->and($sheets[0]['words']['practise'])->toBe('Para practicar en casa')
            ->and($sheets[1]['language'])->toBe('en')->and($sheets[0]['rows'])->toHaveCount(5)->and($sheets[0]['mark']['score'])->toBeInt()
            ->and($sheets[5]['mark'])->toBeNull();
        expect($this->getJson("/api/sections/{$this->class->id}/sheets?student=$student->id")->json())->toHaveCount(1);
    });

    it('goes out whole and comes in again with nothing lost', function () {
        $file = (string) $this->get("/api/sections/{$this->class->id}/files/class.json")->assertOk()->getContent();
        expect($file)->not->toContain(TarnValley::CLASS_CODE)->not->toContain('HAZEL234')->not->toContain('$2y$');
        $id = $this->postJson('/api/sections/taken-in', ['bundle' => $file])->assertCreated()->json('id');
        $again = Section::query()->findOrFail($id);
        expect($again->archived_at)->not->toBeNull()->and($again->id)->not->toBe($this->class->id);
        // The same, column by column, but for ids.
        $plain = static function (Section $section): array {
            $tables = json_decode((string) json_encode(WholeClass::of($section)), true)['tables'];
            $strip = static fn (array $row): array => array_filter($row, static fn (mixed $value, string $column): bool => $column !== 'id'
                && ! str_ends_with($column, '_id') && ! in_array($column, ['archived_at', 'open_to_join', 'updated_at', 'orders', 'dealt'], true),
                ARRAY_FILTER_USE_BOTH);
            // Ids within JSON, too; and JSON is the same however its slashes are written.
            $unnumbered = static fn (array $row): array => array_map(static fn (mixed $value): mixed => is_string($value)
                ? preg_replace(
                    ['~01[0-9A-HJKMNP-TV-Z]{24}~', '~("stations":\s*)\[[\d,\s]*\]~', '~("id":\s*")\d+"~', '~\\\\/~'], ['ULID', '$1[]', '$1#"', '/'], $value,
                ) : $value, $row);

            return array_map(static function (array $rows) use ($strip, $unnumbered): array {
                $all = array_map(static fn (array $row): string => (string) json_encode($unnumbered($strip($row))), $rows);
                sort($all);

                return $all;
            }, $tables);
        };
        [$before, $after] = [$plain($this->class->refresh()), $plain($again)];
        foreach ($before as $table => $rows) {
            // One at a time: two whole tables say too much where they differ.
            foreach ($rows as $i => $row) {
                expect($after[$table][$i] ?? null)->toBe($row, $table);
            }
            expect(count($after[$table]))->toBe(count($rows), $table);
        }
        // And it reads the same.
        $rows = fn (int $section): array => array_map(static fn (array $row): array => [$row['name'], array_map(
            static fn (array $cell): array => [$cell['family'], $cell['habit'], $cell['n'], $cell['lines'], $cell['level_best']], $row['cells'],
        )], $this->getJson("/api/sections/$section/review")->assertOk()->json('rows'));
        expect($rows($again->id))->toBe($rows($this->class->id));
        $lab = $again->labs()->where('title', 'Muffins')->firstOrFail();
        expect($this->getJson("/api/labs/$lab->id/marks")->json('students.0.parts.1.lines.0.food'))->toBe('All-purpose flour')
            ->and($this->getJson("/api/labs/$lab->id/board")->assertOk()->json('lines'))->toHaveCount(5);
        $this->postJson('/api/sections/taken-in', ['bundle' => '{"kind": "x"}'])->assertJsonValidationErrors('bundle');
        $this->postJson('/api/sections/taken-in', ['bundle' => 'no json'])->assertJsonValidationErrors('bundle');
        $newer = str_replace('"version":1,', '"version":2,', $file);
        $count = Section::query()->count();
        $this->postJson('/api/sections/taken-in', ['bundle' => $newer])->assertUnprocessable();
        // Half a class is none.
        $broken = str_replace('"verdict":"level"', '"verdict":null', $file);
        try {
            (new WholeClass)->takeIn(new JsonInput(json_decode($broken, true)), $this->class->teacher);
        } catch (Throwable) {
        }
        expect(Section::query()->count())->toBe($count);
    });

    it('is listed until somebody looked back, keeps a list of skills, and leaves all but the children to the next year', function () {
        $lab = $this->class->labs()->where('title', 'Seeded crackers')->firstOrFail();
        $unread = $this->getJson('/api/today')->assertOk()->json('unread');
        expect(array_column($unread, 'lab'))->toContain('Seeded crackers')->and(array_column($unread, 'lab'))->not->toContain('Scones'); // weeks ago
        $this->putJson("/api/labs/$lab->id/review/read")->assertNoContent();
        expect(array_column($this->getJson('/api/today')->json('unread'), 'lab'))->not->toContain('Seeded crackers');
        // The school's own list of skills, and by which evidence.
        $url = "/api/sections/{$this->class->id}/skills";
        $this->getJson($url)->assertOk()->assertJsonPath('list', []);
        $one = ['code' => 'F 1.1', 'text' => 'Measures flour', 'families' => ['fine-powder'], 'skills' => []];
        $this->putJson($url, ['list' => [$one, ['code' => 'F 1.1'] + $one]])->assertJsonValidationErrors('list.0.code');
        $this->putJson($url, ['list' => [['families' => []] + $one]])->assertJsonValidationErrors('list.0.families');
        $page = $this->putJson($url, ['list' => [$one, ['code' => 'F 2', 'text' => 'Reads a jug', 'families' => ['thin-liquid'], 'skills' => ['read-jug']]]])
            ->assertOk()->json();
        $of = static fn (string $name): int => array_search($name, array_column($page['students'], 'name'), true);
        expect($page['list'][0]['students'][$of('Ilka')]['state'])->toBe('shown')
            ->and($page['list'][0]['students'][$of('Lumi')]['state'])->toBe('on-the-way')
            ->and($page['list'][0]['students'][$of('Lumi')]['because'][0])->toStartWith('Fine powders: ')
            ->and($page['list'][1]['students'][$of('Tavi')]['state'])->not->toBe('shown');
        // Recipes, notes, own weights and checked tools stay.
        $this->putJson("/api/labs/{$this->muffins->id}/review/note", ['text' => 'Two bowls each'])->assertNoContent();
        $next = $this->postJson("/api/sections/{$this->class->id}/next-year", ['name' => 'Foods 1, next'])->assertCreated()->json('id');
        Erasure::section($this->class->fresh());
        $kitchen = $this->class->kitchen->fresh();
        expect(Section::query()->findOrFail($next)->students()->count())->toBe(0)->and(RecipeNote::query()->sole()->text)->toBe('Two bowls each')
            ->and($kitchen->recipes()->where('title', 'Muffins')->exists())->toBeTrue()->and($kitchen->namedTools()->count())->toBeGreaterThan(10)
            ->and(Student::query()->where('name', 'Mateus')->exists())->toBeFalse();
    });
});

describe('pictures', function () {
    beforeEach(function () {
        $this->lab = $this->openLab();
        $this->station = $this->lab->section->stations->first();
        $this->student = $this->station->students->first();
        $image = imagecreatetruecolor(2000, 1500);
        imagefilledrectangle($image, 100, 100, 900, 900, 0xCC8844);
        ob_start();
        imagejpeg($image);
        // With a note of where it was taken, as a camera leaves it.
        $jpeg = (string) ob_get_clean();
        $this->picture = substr($jpeg, 0, 2)."\xFF\xE1\x00\x16Exif\x00\x00GPS 45.5N 9.2E".substr($jpeg, 2);
        $this->send = fn (string $picture, ?string $id = null) => $this->putJson('/api/photos/'.($id ?? Str::ulid()), [
            'picture' => base64_encode($picture), 'line_id' => $this->lab->lines->first()->id, 'student_id' => $this->student->id,
        ]);
        $this->asStation($this->station);
    });

    it('are off until the school turns them on', function () {
        ($this->send)($this->picture)->assertConflict();
        expect(Photo::query()->count())->toBe(0);
    });

    it('are made small, lose where they were taken, and are seen by station and teacher alone', function () {
        $this->lab->section->kitchen->school->update(['photos' => true]);
        $id = (string) Str::ulid();
        ($this->send)($this->picture, $id)->assertNoContent();
        ($this->send)($this->picture, $id)->assertNoContent(); // sent twice
        $photo = Photo::query()->sole();
        $jpeg = PictureFiles::disk()->get($photo->path());
        $size = getimagesizefromstring($jpeg);
        expect($size[0])->toBe(1280)->and($size[1])->toBe(960)->and($size['mime'])->toBe('image/jpeg')
            ->and($jpeg)->not->toContain('GPS')->not->toContain('Exif');
        $this->get("/api/photos/$id/jpeg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->asNobody()->asStation($this->lab->section->stations->last())->get("/api/photos/$id/jpeg")->assertForbidden();
        $this->asNobody()->asStudent($this->lab->section->stations->last()->students->first())->get("/api/photos/$id/jpeg")->assertForbidden();
        $this->asNobody()->asTeacher($this->lab->section->teacher)->get("/api/photos/$id/jpeg")->assertOk();
        $neighbour = Teacher::factory()->for($this->lab->section->kitchen)->create(['email' => 'neighbour@school.example']);
        $this->asNobody()->asTeacher($neighbour)->get("/api/photos/$id/jpeg")->assertForbidden();
        $this->asNobody()->get("/api/photos/$id/jpeg")->assertUnauthorized();
        // Erased with the student.
        Erasure::student($this->student->fresh());
        expect(Photo::query()->count())->toBe(0)->and(PictureFiles::disk()->allFiles())->toBe([]);
    });

    it('that are none, or too large, are refused in words', function (Closure $make, string $says) {
        $this->lab->section->kitchen->school->update(['photos' => true]);
        ($this->send)($make($this->picture))->assertJsonValidationErrors(['picture' => $says]);
        expect(Photo::query()->count())->toBe(0);
    })->with([
        'a page' => [fn () => '<svg xmlns="http://www.w3.org/2000/svg"/>', 'no picture'],
        'a program in a picture' => [fn (string $jpeg) => substr($jpeg, 0, 40).'<?php echo 1;', 'no picture'],
        'nothing' => [fn () => "\0", 'no picture'],
        '12 MB and more' => [fn (string $jpeg) => $jpeg.str_repeat("\0", 12_000_000), 'too large'],
        'a bomb of dots' => [fn (string $jpeg) => preg_replace('~(\xFF\xC0\x00\x11\x08)....~s', "\$1\xFF\xFF\xFF\xFF", $jpeg), 'too large'],
    ]);

    it('of a step are the teacher\'s own, and everybody of the kitchen sees them', function () {
        $this->asNobody()->asTeacher($this->lab->section->teacher);
        $this->putJson('/api/step-pictures/loosen', ['picture' => base64_encode($this->picture)])->assertNoContent();
        $this->getJson("/api/techniques?section={$this->lab->section_id}")->assertOk()->assertJsonPath('pictures', ['loosen']);
        $this->asNobody()->asStation($this->station->fresh())->get('/api/step-pictures/loosen/jpeg')->assertOk();
        $this->putJson('/api/step-pictures/loosen', ['picture' => base64_encode($this->picture)])->assertUnauthorized();
        $this->asNobody()->asTeacher($this->lab->section->teacher->fresh());
        $this->deleteJson('/api/step-pictures/loosen')->assertNoContent();
        expect(StepPicture::query()->count())->toBe(0)->and(PictureFiles::disk()->allFiles())->toBe([]);
        $this->putJson('/api/step-pictures/nonsense', ['picture' => base64_encode($this->picture)])->assertNotFound();
    });
});

describe('a lab exam', function () {
    it('has one try, no causes, and results only with the mark', function () {
        $lab = $this->lab($this->section());
        $this->asTeacher($lab->section->teacher);
        $this->putJson("/api/labs/$lab->id/rubric", ['rubric_id' => null, 'template' => 'exam', 'exam' => true])->assertNoContent();
        (new App\Labs\OpenLab)->open($lab->refresh());
        $lab->refresh();
        $station = $lab->section->stations->first();
        $this->asNobody()->asStation($station);
        $line = $lab->lines->first();
        $first = $this->weigh($line, ['grams' => '300'])->assertCreated()->assertJsonPath('exam', true);
        $this->getJson('/api/weighings/'.$first->json('id').'/causes')->assertConflict();
        $this->weigh($line, ['id' => (string) Str::ulid(), 'grams' => '219'])->assertConflict();
        expect(Weighing::query()->count())->toBe(1);
        $student = Weighing::query()->sole()->student;
        $this->asNobody()->asStudent($student)->getJson('/api/results')->assertJsonPath('weighings', []);
        $lab->update(['given_back_at' => now()]);
        $this->asNobody()->asStudent($student->fresh());
        expect($this->getJson('/api/results')->json('weighings'))->toHaveCount(1);
    });
});
