<?php

declare(strict_types=1);

use App\Models\Colleague;
use App\Models\Slip;
use App\Models\Student;
use App\Models\Teacher;
use App\School\AdultRole;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\SchoolTestCase;

/*
 * Who may do what: every route, tried by everybody there is, with a body that its owner may send. What is refused changes no table, by its
 * checksum; what is answered has the contract's shape. A route that is not in this table fails.
 */

const WEIGHING = '01JDF8Z9X3M5N7P9Q1R3S5T7V9';
const NEW_ULID = '01JDF8Z9X3M5N7P9Q1R3S5T7W1';
/** One dot. */
const PICTURE = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAIAAACQd1PeAAAADElEQVR4nGP43+ECAARVAcz19wCpAAAAAElFTkSuQmCC';
const PHOTO_ULID = '01JDF8Z9X3M5N7P9Q1R3S5T7P1';
const CHECK_ULID = '01JDF8Z9X3M5N7P9Q1R3S5T7C1';

/** `helper` teaches, and is an aide in this class; `aide` is one in the whole school; `stranger` keeps another school. */
const ADULT = ['keeper', 'owner', 'co-teacher', 'neighbour', 'stranger', 'helper', 'aide', 'aide elsewhere'];
const STUDENT = ['student', 'classmate', 'other student'];
const STATION = ['station', 'other station'];
const WHO = [...ADULT, 'deactivated', ...STUDENT, ...STATION, 'station after its lab', 'nobody'];

/** Rights: whom a route answers; all others are refused with 401, or with the number beside them. */
const EVERYBODY = ['ok' => WHO];
const ADULTS = ['ok' => ADULT];
const TEACHES = ['ok' => ['keeper', 'owner', 'co-teacher', 'neighbour', 'stranger', 'helper'], 403 => ADULT];
const KITCHENS = ['ok' => ['keeper', 'owner', 'co-teacher', 'neighbour', 'helper'], 403 => ADULT];
const WATCH = ['ok' => ['owner', 'co-teacher', 'helper', 'aide'], 403 => ADULT];
const RUN = ['ok' => ['owner', 'co-teacher'], 403 => ADULT];
const OWN = ['ok' => ['owner', 'keeper'], 403 => ADULT];
const KEEPS = ['ok' => ['keeper', 'stranger'], 403 => ADULT];
const KEEPS_THIS = ['ok' => ['keeper'], 403 => ADULT];
const READS = ['ok' => ['owner', 'co-teacher', 'helper', 'aide', ...STUDENT, ...STATION], 403 => ADULT];
const ATTEND = ['ok' => ['owner', 'co-teacher', 'student', 'classmate'], 403 => [...ADULT, 'other student']];
const INSIDE = ['ok' => [...ADULT, ...STUDENT, ...STATION]];
const AT_WORK = ['ok' => [...STUDENT, ...STATION]];
const AT_WORK_OR_RESTING = ['ok' => [...STUDENT, ...STATION, 'station after its lab']];
const AT_ITS_STREAM = ['ok' => ['student', 'station'], 403 => [...STUDENT, ...STATION, 'station after its lab']];
const AT_THIS_STATION = ['ok' => ['student', 'station'], 403 => [...STUDENT, ...STATION]];
const WEIGHS = ['ok' => ['student', 'classmate', 'station'], 403 => [...STUDENT, ...STATION]];
const STUDENTS_OWN = ['ok' => STUDENT];

/** @param  array<int|string, list<string>>  $rights */
function expectedOf(array $rights, string $who): int|string
{
    foreach ($rights as $answer => $whom) {
        if (in_array($who, $whom, true)) {
            return $answer;
        }
    }

    return 401;
}

function aSchool(SchoolTestCase $test): void
{
    $test->lab = $test->openLab();
    $class = $test->class = $test->lab->section;
    $test->asStation($class->stations->first());
    $test->weigh($test->lab->lines->first())->assertCreated();
    $test->asNobody()->asTeacher($class->teacher);
    $test->recipe = $test->postJson('/api/recipes', ['text' => "Buns\n1 cup all-purpose flour\n\nDirections\nMix it well."])
        ->assertCreated()->json('id');
    $test->prepared = $test->lab($class);
    $other = $test->openLab($test->section('Foods 2'))->section;
    $adult = fn (string $name, array $more = []): Teacher => Teacher::factory()->for($class->kitchen)
        ->create($more + ['name' => $name, 'email' => "$name@school.example"]);
    $test->neighbour = $adult('neighbour');
    $other->teacher->update(['role' => AdultRole::Keeper]);
    $after = $test->openLab($test->section('Foods 3'));
    $test->people = [
        'keeper' => $adult('keeper', ['role' => AdultRole::Keeper]), 'owner' => $class->teacher, 'co-teacher' => $adult('co-teacher'),
        'neighbour' => $test->neighbour, 'stranger' => $other->teacher, 'helper' => $adult('helper'),
        'aide' => $adult('aide', ['role' => AdultRole::Aide]), 'aide elsewhere' => $adult('elsewhere', ['role' => AdultRole::Aide]),
        'deactivated' => $adult('gone', ['deactivated_at' => now()]),
        'student' => $class->stations->first()->students->first(), 'classmate' => $class->stations->last()->students->first(),
        'other student' => $other->students->first(), 'station' => $class->stations->first(), 'other station' => $other->stations->first(),
        'station after its lab' => $after->section->stations->first(),
    ];
    foreach (['co-teacher' => 'co-teacher', 'helper' => 'aide', 'aide' => 'aide'] as $who => $role) {
        Colleague::query()->create(['section_id' => $class->id, 'teacher_id' => $test->people[$who]->id, 'role' => $role]);
    }
    Colleague::query()->create(['section_id' => $other->id, 'teacher_id' => $test->people['aide elsewhere']->id, 'role' => 'aide']);
    $after->update(['state' => 'closed', 'closed_at' => now()->addHour()]);
    $test->postJson("/api/sections/$class->id/tasks", ['aims' => ['read-jug'], 'student_id' => null, 'due_on' => '2099-01-01'])->assertSuccessful();
    $class->kitchen->tools()->create(['catalogue_id' => 'spoon-us-1-tbsp', 'count' => 6]);
    $test->check = checkedTool($class, CHECK_ULID, 'Cup one');
    (new App\Checks\KeepToolCheck)->accept(checkedTool($class, '01JDF8Z9X3M5N7P9Q1R3S5T7C2', 'Cup two'));
    $test->named = $class->kitchen->namedTools()->sole();
    $test->experiment = $class->experiments()->create([
        'title' => 'Two ways', 'ingredient_id' => 'bread-flour', 'catalogue_id' => 'dry-cup-us-1', 'by_all' => true, 'state' => 'prepared',
        'arms' => [new Hovik\Core\Standard\Arm('a', 'Spooned', null, null, null), new Hovik\Core\Standard\Arm('b', 'Dipped', null, null, null)],
    ]);
    (new App\Review\RunExperiment)->open($test->experiment, 7);
    $test->toolLab = (new App\Checks\ShareTools)->among($class);
    App\Models\School::query()->update(['photos' => true]);
    $test->rubric = $class->kitchen->rubrics()->create([
        'name' => 'Ours', 'rubric' => Hovik\Core\Marks\RubricTemplate::Quick->rubric('Ours'),
    ]);
    $test->lab->update(['rubric' => $test->rubric->rubric]);
    (new App\Marks\LabMarks($test->lab->refresh(), new App\Review\KeepTerm))->accept($class->stations->first()->students->first(), $class->teacher);
    App\Models\Photo::query()->create([
        'id' => PHOTO_ULID, 'section_id' => $class->id, 'lab_line_id' => $test->lab->lines->first()->id,
        'station_id' => $class->stations->first()->id, 'student_id' => $class->stations->first()->students->first()->id,
    ]);
    App\Photos\PictureFiles::disk()->put(App\Photos\PictureFiles::ofPhoto($class->id, PHOTO_ULID), 'x');
    foreach ([$class, $other] as $one) {
        App\Models\StepPicture::query()->create(['kitchen_id' => $one->kitchen_id, 'step' => 'loosen']);
        App\Photos\PictureFiles::disk()->put(App\Photos\PictureFiles::ofStep($one->kitchen_id, 'loosen'), 'x');
    }
    $test->slip = Slip::query()->create([
        'kitchen_id' => $class->kitchen_id, 'name' => 'Somebody', 'email' => 'somebody@school.example', 'role' => AdultRole::Teacher,
        'code_hash' => Slip::hash('BCDF-GHJK-MNPQ'), 'ends_at' => now()->addDay(),
    ]);
}

/** A water check by a student of the class's first station, not handed in. */
function checkedTool(App\Models\Section $class, string $id, string $name): App\Models\ToolCheck
{
    $tool = Hovik\Core\Drawer\ToolCatalogue::tool('dry-cup-us-1', Hovik\Core\Quantity\MeasureStandard::UsCustomary);
    $scale = $class->kitchen->scales->first();

    return (new App\Checks\KeepToolCheck)->keep(new App\Checks\CheckedTool(
        $id, 'dry-cup-us-1', $name, null, '',
        Hovik\Core\Calibration\VolumeCheck::ofTool($tool, null, [236.0, 237.0, 236.0], Hovik\Core\Calibration\Water::at(21.0), $scale->toCore()),
        [], $scale, $class->stations->first()->students->first(), null,
    ), $class->kitchen);
}

/** @param  string  $who  one of WHO */
function becomes(SchoolTestCase $test, string $who): void
{
    $test->asNobody();
    app()->forgetScopedInstances();
    $person = ($test->people[$who] ?? null)?->fresh();
    match (true) {
        $person === null => null,
        $person instanceof Teacher => $test->asTeacher($person),
        $person instanceof Student => $test->asStudent($person),
        default => $test->asStation($person),
    };
}

/** A route with this school's ids in it. */
function urlOf(SchoolTestCase $test, string $uri): string
{
    $class = $test->class;

    return '/'.strtr($uri, [
        '{prepared}' => (string) $test->prepared->id, '{lab}' => (string) $test->lab->id,
        '{item}' => (string) $test->prepared->items->first()->id, '{section}' => (string) $class->id,
        '{station}' => (string) $class->stations->first()->id, '{spare}' => (string) $class->stations->last()->id,
        '{student}' => (string) $class->stations->last()->students->last()->id,
        '{colleague}' => (string) $class->colleagues()->first()->id, '{task}' => (string) $class->practiceTasks()->sole()->id,
        '{recipe}' => (string) $test->recipe, '{scale}' => (string) $class->kitchen->scales->last()->id, '{asked}' => '1',
        '{weighing}' => WEIGHING, '{event}' => NEW_ULID, '{new}' => NEW_ULID, '{line}' => '1.1', '{step}' => '1',
        '{ingredient}' => 'bread-flour', '{phrase}' => 'step.loosen', '{id}' => 'dry-cup-us-1', '{fault}' => 'dry', '{turn}' => '0',
        '{kind}' => 'set-up', 'slips/{code}' => 'slips/BCDF-GHJK-MNPQ', '{code}' => $class->code,
        '{check}' => CHECK_ULID, '{tool}' => (string) $test->named->id, '{experiment}' => (string) $test->experiment->id,
        '{toollab}' => (string) $test->toolLab->id, '{rubric}' => (string) $test->rubric->id, '{photo}' => PHOTO_ULID, '{of}' => 'loosen',
        '{file}' => 'weighings',
        '{person}' => (string) $test->neighbour->id, '{slip}' => (string) $test->slip->id, '{kitchen}' => (string) $class->kitchen_id,
    ]);
}

/** Each table's checksum; sessions and what is remembered for a while are written by whoever asks. */
function checksums(): string
{
    static $tables = null;
    $tables ??= array_diff(
        array_column(DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()'), 'name'),
        ['sessions', 'cache', 'cache_locks', 'migrations'],
    );

    return json_encode(DB::select('CHECKSUM TABLE '.implode(', ', $tables)), JSON_THROW_ON_ERROR);
}

/** What is wrong with an answer's shape against the contract; empty: nothing. */
function faultOfShape(TestResponse $response, string $method, string $uri): string
{
    $path = strtr((string) preg_replace('~\?.*~', '', $uri), ['{prepared}' => '{lab}', '{spare}' => '{station}', '{new}' => '{weighing}', '{toollab}' => '{lab}']);
    $named = contract()['paths']["/$path"][strtolower($method)]['responses'] ?? null;
    if ($named === null) {
        return str_ends_with($path, '/live') ? '' : "$method $path is not named"; // nginx asks those, nobody else
    }
    if (! isset($named[$response->status()])) {
        return "$method $path: {$response->status()} is not named";
    }
    $said = $named[$response->status()];
    $place = isset($said['$ref'])
        ? array_slice(explode('/', $said['$ref']), 1) : ['paths', "/$path", strtolower($method), 'responses', (string) $response->status()];
    $content = (isset($said['$ref']) ? contract()['components']['responses'][basename($said['$ref'])] : $said)['content']['application/json']
            ?? null;
    if ($content === null) {
        // A file to keep has a form of its own.
        $type = (string) $response->headers->get('Content-Type');

        return $response->headers->has('Content-Disposition') || ! str_ends_with($type, 'application/json') ? '' : "$method $path: $type";
    }
    $validator = shapes();
    $at = implode('/', array_map(
        static fn (string $part): string => rawurlencode(strtr($part, ['~' => '~0', '/' => '~1'])),
        [...$place, 'content', 'application/json', 'schema'],
    ));
    $result = $validator->validate(json_decode((string) $response->getContent()), "https://hovik.example/openapi.json#/$at");
    $fault = $result->error();

    return $fault === null ? '' : "$method $path: {$fault->keyword()} at /".implode('/', $fault->data()->fullPath()).' '.json_encode($fault->args());
}

/** @return array<string, mixed> read once */
function contract(): array
{
    static $read = null;

    return $read ??= openapi();
}

function shapes(): Opis\JsonSchema\Validator
{
    static $validator = null;
    if ($validator === null) {
        $document = json_decode(str_replace('"#/components', '"https://hovik.example/openapi.json#/components', (string) json_encode(contract())));
        $document->{'$id'} = 'https://hovik.example/openapi.json';
        $validator = new Opis\JsonSchema\Validator;
        $validator->resolver()->registerRaw($document);
    }

    return $validator;
}

/** @return list<array{string, string, array<int|string, list<string>>, array<array-key, mixed>}> the body, or how it is made */
$routes = static function (): array {
    $settings = [
        'name' => 'Foods 1', 'starts_at' => '10:05', 'ends_at' => '10:52', 'standard' => 'us_customary', 'tolerance_level' => 'practised',
        'methods' => [], 'schools' => [], 'shows_target' => false, 'asks_guess' => false, 'asks_prediction' => false,
        'open_to_join' => true,
    ];
    $entry = fn (Tests\SchoolTestCase $test): array => [
        'line_id' => $test->lab->lines->first()->id, 'station_id' => $test->class->stations->first()->id,
        'student_id' => $test->class->stations->first()->students->first()->id, 'scale_id' => $test->class->kitchen->scales->first()->id,
    ];
    $water = static fn (Tests\SchoolTestCase $test): array => [
        'kind' => 'dry-cup-us-1', 'name' => 'Cup one', 'place' => null, 'mark' => null, 'readings' => ['236', '237', '236', '236'],
        'water' => '21', 'degrees' => 'C', 'scale_id' => $test->class->kitchen->scales->first()->id, 'faults' => [],
    ];
    $rubric = static fn (string $name): array => ['name' => $name, 'criteria' => [[
        'kind' => 'accuracy', 'name' => null, 'weight' => 100, 'families' => [], 'first_share' => 50,
        'bands' => [['from' => 0, 'to' => 100, 'score' => 100], ['from' => 101, 'to' => null, 'score' => 0]],
    ]]];
    $sees = ['ok' => ['owner', 'co-teacher', 'student', 'station'], 403 => [...ADULT, ...STUDENT, ...STATION]];
    $tried = static fn (Tests\SchoolTestCase $test): array => [
        'student_id' => $test->class->stations->first()->students->first()->id, 'arm' => 'a', 'grams' => '131', 'scale_id' => null,
    ];
    $try = ['ingredient' => 'bread-flour', 'amount' => '1', 'unit' => 'cup'];
    $rows = [
        // Doors
        ['GET', 'api/session', EVERYBODY, []], ['DELETE', 'api/session', EVERYBODY, []],
        ['GET', 'api/join/{code}', EVERYBODY, []], ['POST', 'api/join', EVERYBODY, []],
        ['POST', 'api/station/session', EVERYBODY, []], ['POST', 'api/set-up', EVERYBODY, []],
        ['GET', 'api/slips/{code}', EVERYBODY, []], ['POST', 'api/slips/{code}', EVERYBODY, ['password' => 'x']], ['POST', 'api/teacher/session', EVERYBODY, []],

        // A lab
        ['GET', 'api/labs/{lab}/board', WATCH, []], ['GET', 'api/labs/{lab}/live', WATCH, []],
        ['GET', 'api/labs/{lab}/stations/{station}/gate', WATCH, []], ['GET', 'api/labs/{lab}/period', WATCH, []],
        ['GET', 'api/labs/{lab}/weighings/{weighing}/causes', WATCH, []],
        ['POST', 'api/labs/{prepared}/open', RUN, []], ['POST', 'api/labs/{lab}/close', RUN, []], ['POST', 'api/labs/{lab}/pause', RUN, []],
        ['POST', 'api/labs/{lab}/resume', RUN, []], ['POST', 'api/labs/{lab}/reopen', RUN, []], [
            'POST', 'api/labs/{lab}/copy', RUN,
            [fn (Tests\SchoolTestCase $test): array => ['copies' => [['section' => $test->class->id, 'planned_for' => '2026-12-01']]]],
        ],
        ['PUT', 'api/labs/{lab}/hours', RUN, ['starts_at' => '10:05', 'ends_at' => '10:40']], ['DELETE', 'api/labs/{lab}/hours', RUN, []],
        ['POST', 'api/labs/{prepared}/second-period', RUN, []], ['PUT', 'api/labs/{prepared}/second-period', RUN, ['later' => []]],
        ['DELETE', 'api/labs/{prepared}/second-period', RUN, []], [
            'POST', 'api/labs/{lab}/second', RUN,
            [fn (Tests\SchoolTestCase $test): array => $test->lab->update(['later' => []]) ? [] : []],
        ],
        ['POST', 'api/labs/{prepared}/archive', RUN, []], ['DELETE', 'api/labs/{prepared}/archive', RUN, []], ['GET', 'api/labs/{lab}/bundle', RUN, []],
        ['GET', 'api/labs/{lab}/calendar.ics', RUN, []], ['GET', 'api/labs/{lab}/sheet', RUN, []], ['GET', 'api/labs/{lab}/paper', RUN, []],
        ['PUT', 'api/labs/{lab}/preparation', RUN, ['own' => [], 'without' => []]],
        ['PUT', 'api/labs/{prepared}', RUN, [fn (Tests\SchoolTestCase $test): array => [
            'title' => 'Rolls', 'section' => $test->class->id, 'planned_for' => '2026-12-01', 'retry_pct' => 10,
        ]]],
        ['PUT', 'api/labs/{prepared}/items/{item}', RUN, ['strictness' => 'free', 'tolerance_pct' => null]],
        ['POST', 'api/labs/{lab}/readings', WATCH, [fn (SchoolTestCase $test): array => [
            'station_id' => $test->class->stations->first()->id, 'report' => '040200ef00',
        ]]],
        ['PUT', 'api/labs/{lab}/make-up/{student}', RUN, [fn (Tests\SchoolTestCase $test): array => $test->lab->update([
            'state' => 'closed', 'closed_at' => now(),
        ]) ? [] : []]],
        ['DELETE', 'api/labs/{lab}/make-up/{student}', RUN, []],
        ['PUT', 'api/labs/{lab}/turns', RUN, [fn (Tests\SchoolTestCase $test): array => $entry($test)]],
        ['PUT', 'api/sections/{section}/students/{student}/ways', RUN, ['ways' => ['partner']]],
        ['PUT', 'api/sections/{section}/students/{student}/away', RUN, ['away' => true]],
        ['PUT', 'api/labs/{prepared}/items/{item}/swaps/{station}', RUN, ['text' => null]],
        ['DELETE', 'api/labs/{prepared}/items/{item}/swaps/{station}', RUN, []],
        ['DELETE', 'api/labs/{prepared}/items/{item}', RUN, []],
        ['PUT', 'api/labs/{lab}/period', RUN, ['minutes' => ['demonstration' => 7]]],
        ['PUT', 'api/labs/{lab}/weighings/{weighing}/correction', RUN, ['id' => NEW_ULID, 'grams' => '220']],
        [
            'POST', 'api/labs/{lab}/paper', RUN,
            [
                fn (Tests\SchoolTestCase $test): array => [
                    'store' => true, 'entries' => [['id' => NEW_ULID, 'grams' => '219'] + $entry($test)],
                ],
            ],
        ],
        [
            'POST', 'api/labs/{lab}/scale-checks', RUN,
            [fn (Tests\SchoolTestCase $test): array => [
                'scale_id' => $test->class->kitchen->scales->first()->id, 'nominal_g' => 200, 'reading_g' => 200,
            ]],
        ],
        [
            'PUT', 'api/labs/{lab}/events/{event}', WATCH,
            [fn (Tests\SchoolTestCase $test): array => [
                'id' => NEW_ULID, 'kind' => 'note', 'station_id' => $test->class->stations->first()->id, 'detail' => ['text' => 'Calm.'],
            ]],
        ],
        [
            'POST', 'api/labs', TEACHES,
            [fn (Tests\SchoolTestCase $test): array => ['section' => $test->class->id, 'planned_for' => '2026-12-02', 'text' => '{}']],
        ],

        // Tools, scales, own weights, experiments
        ['GET', 'api/drawer/checking', TEACHES, []],
        ['PUT', 'api/drawer/checks/{check}', KITCHENS, [fn (Tests\SchoolTestCase $test): array => $water($test)]],
        ['POST', 'api/drawer/checks/{check}/accept', KITCHENS, []], ['DELETE', 'api/drawer/checks/{check}/accept', KITCHENS, []],
        ['DELETE', 'api/drawer/checks/{check}', KITCHENS, []],
        ['PUT', 'api/drawer/named/{tool}', KITCHENS, ['name' => 'Red cup', 'place' => null, 'is_retired' => false]],
        ['DELETE', 'api/drawer/named/{tool}', KITCHENS, []],
        ['POST', 'api/drawer/scales/{scale}/checks', KITCHENS, [
            'weights' => [['nominal' => '0', 'reading' => '0'], ['nominal' => '100', 'reading' => '100']], 'repeats' => [], 'corners' => [],
            'every' => 'term', 'accept' => true,
        ]],
        ['GET', 'api/checking', AT_WORK, []],
        ['PUT', 'api/checks/{check}', AT_THIS_STATION, [
            fn (Tests\SchoolTestCase $test): array => $water($test) + ['student_id' => $test->class->stations->first()->students->first()->id],
        ]],
        ['POST', 'api/checks/{check}/hand-in', AT_THIS_STATION, []],
        ['POST', 'api/sections/{section}/tool-lab', RUN, []], ['GET', 'api/labs/{toollab}/tools', RUN, []],
        ['POST', 'api/labs/{toollab}/tools/accept', RUN, []],
        ['GET', 'api/pantry/{ingredient}/standard', TEACHES, []],
        ['PUT', 'api/pantry/{ingredient}/standard', TEACHES, [
            'handling' => 'stirred-spooned', 'tool' => 'dry-cup-us-1', 'named' => null, 'scale_id' => null,
            'trials' => [['grams' => '130', 'weighing' => null, 'where' => null, 'left_out' => false]],
        ]],
        ['POST', 'api/pantry/{ingredient}/standard/adoption', TEACHES, []], ['DELETE', 'api/pantry/{ingredient}/standard', TEACHES, []],
        ['POST', 'api/pantry/{ingredient}/bags', TEACHES, ['name' => 'Miller, May', 'opened_on' => '2026-11-28']],
        // Looking back: the term, students, labs, marks, files, pictures
        ['GET', 'api/sections/{section}/review', RUN, []], ['GET', 'api/sections/{section}/students/{student}/review', RUN, []],
        ['POST', 'api/sections/{section}/review/practice', RUN, [
            fn (Tests\SchoolTestCase $test): array => ['aims' => ['read-jug'], 'students' => [$test->class->stations->first()->students->first()->id]],
        ]],
        ['POST', 'api/sections/{section}/review/labs', ['ok' => ['owner', 'co-teacher'], 403 => ADULT], ['food' => 'bread-flour']],
        ['PUT', 'api/sections/{section}/students/{student}/note', RUN, ['text' => 'Calm']],
        ['PUT', 'api/sections/{section}/students/{student}/language', RUN, ['language' => 'es']],
        ['GET', 'api/labs/{lab}/review', RUN, []], ['PUT', 'api/labs/{lab}/review/read', RUN, []],
        ['PUT', 'api/labs/{lab}/review/note', RUN, ['text' => '']],
        ['GET', 'api/labs/{lab}/sheets', RUN, []], ['GET', 'api/sections/{section}/sheets', RUN, []],
        ['GET', 'api/sections/{section}/skills', RUN, []],
        ['PUT', 'api/sections/{section}/skills', RUN, ['list' => [['code' => 'F 1', 'text' => 'Flour', 'families' => ['fine-powder'], 'skills' => []]]]],
        ['GET', 'api/sections/{section}/files/{file}.csv', RUN, []], ['GET', 'api/sections/{section}/files/oneroster.zip', RUN, []],
        ['GET', 'api/sections/{section}/files/class.json', RUN, []],
        ['POST', 'api/sections/taken-in', TEACHES, [
            fn (Tests\SchoolTestCase $test): array => ['bundle' => (string) json_encode(App\Exchange\WholeClass::of($test->class))],
        ]],
        ['GET', 'api/rubrics', TEACHES, []], ['POST', 'api/rubrics', TEACHES, $rubric('New one')],
        ['PUT', 'api/rubrics/{rubric}', KITCHENS, $rubric('Ours')], ['DELETE', 'api/rubrics/{rubric}', KITCHENS, []],
        ['PUT', 'api/labs/{prepared}/rubric', RUN, ['rubric_id' => null, 'template' => 'quick', 'exam' => false]],
        ['GET', 'api/labs/{lab}/marks', RUN, []], ['POST', 'api/labs/{lab}/marks/on-time', RUN, []],
        ['PUT', 'api/labs/{lab}/marks/{student}', RUN, ['attendance' => 'excused', 'days_late' => null, 'levels' => [], 'overrides' => []]],
        ['POST', 'api/labs/{lab}/marks/{student}/accept', RUN, []], ['DELETE', 'api/labs/{lab}/marks/{student}/accept', RUN, []],
        ['POST', 'api/labs/{lab}/marks/given-back', RUN, []], ['DELETE', 'api/labs/{lab}/marks/given-back', RUN, []],
        ['GET', 'api/results', STUDENTS_OWN, []], ['GET', 'api/photos', AT_WORK, []],
        ['PUT', 'api/photos/{photo}', AT_THIS_STATION, [
            fn (Tests\SchoolTestCase $test): array => ['picture' => 'eA==', 'line_id' => $test->lab->lines->first()->id, 'student_id' => null],
        ]],
        ['GET', 'api/photos/{photo}/jpeg', $sees, []], ['DELETE', 'api/photos/{photo}', $sees, []],
        ['GET', 'api/step-pictures/{of}/jpeg', INSIDE, []], ['PUT', 'api/step-pictures/{of}', TEACHES, ['picture' => PICTURE]],
        ['DELETE', 'api/step-pictures/{of}', TEACHES, []],
        ['GET', 'api/sections/{section}/misses', RUN, []], ['GET', 'api/sections/{section}/experiments', RUN, []],
        ['POST', 'api/sections/{section}/experiments', RUN, [
            'title' => 'Two ways', 'ingredient' => 'bread-flour', 'tool' => 'dry-cup-us-1', 'by_all' => true, 'arms' => [
                ['name' => 'Spooned', 'handling' => 'stirred-spooned', 'tool' => null, 'food' => null],
                ['name' => 'Dipped', 'handling' => 'dipped', 'tool' => null, 'food' => null],
            ],
        ]],
        ['GET', 'api/experiments/{experiment}', RUN, []], ['POST', 'api/experiments/{experiment}/open', RUN, []],
        ['POST', 'api/experiments/{experiment}/result', RUN, []], ['DELETE', 'api/experiments/{experiment}', RUN, []],
        ['PUT', 'api/experiments/{experiment}/weighings/{new}', RUN, [$tried]], ['GET', 'api/experiment', AT_WORK, []],
        ['PUT', 'api/experiment/weighings/{new}', AT_WORK, [$tried]],
        ['POST', 'api/experiment/difference', AT_WORK, [
            fn (Tests\SchoolTestCase $test): array => ['student_id' => $test->class->stations->first()->students->first()->id, 'grams' => '4'],
        ]],

        // One's own sign-in
        ['GET', 'api/account', ADULTS, []], ['PUT', 'api/account', ADULTS, ['name' => 'R. Tamm']],
        ['PUT', 'api/account/password', ADULTS, ['current' => 'flour-and-water', 'password' => 'seven green teapots']],
        ['DELETE', 'api/account/sessions', ADULTS, []],

        // The school
        ['GET', 'api/school/calendar', KEEPS, []], ['PUT', 'api/school/calendar', KEEPS, [
            'schedules' => [['name' => 'A', 'text' => '4 10:05-10:52']], 'week' => [], 'turns' => [], 'turns_from' => null, 'days' => [],
        ]],
        ['GET', 'api/school', KEEPS, []], ['GET', 'api/school/people', KEEPS, []], ['GET', 'api/school/log', KEEPS, []],
        ['GET', 'api/school/ends', KEEPS, []],
        ['PUT', 'api/school', KEEPS, [
            'name' => 'Tarn Valley', 'time_zone' => 'UTC', 'language' => 'en', 'spelling' => 'us', 'decimal_sign' => 'device',
            'standard' => 'au', 'year_ends' => '06-30', 'kept_years' => 2,
        ]],
        ['POST', 'api/school/kitchens', KEEPS, ['name' => 'Kitchen 9']], ['PUT', 'api/school/kitchens/{kitchen}', KEEPS_THIS, ['name' => 'North']],
        ['PUT', 'api/school/people/{person}', KEEPS_THIS, [fn (Tests\SchoolTestCase $test): array => [
            'role' => 'aide', 'kitchen_id' => $test->class->kitchen_id, 'active' => false,
        ]]],
        ['DELETE', 'api/school/people/{person}/sessions', KEEPS_THIS, []],
        ['POST', 'api/school/people/{person}/slip', KEEPS_THIS, ['mail' => false]],
        ['POST', 'api/school/slips', KEEPS, [fn (Tests\SchoolTestCase $test): array => [
            'name' => 'New', 'email' => 'new@school.example', 'role' => 'teacher', 'kitchen_id' => $test->class->kitchen_id, 'mail' => false,
        ]]],
        ['DELETE', 'api/school/slips/{slip}', KEEPS_THIS, []],

        // A class
        ['GET', 'api/sections/archived', TEACHES, []],
        ['GET', 'api/sections/{section}/end', OWN, []], ['PUT', 'api/sections/{section}/end', OWN, ['kept' => true]],
        ['POST', 'api/sections/{section}/archive', OWN, []], ['DELETE', 'api/sections/{section}/archive', OWN, []],
        ['POST', 'api/sections/{section}/next-year', OWN, ['name' => 'Foods 1, next year']],
        ['POST', 'api/sections/{section}/erasure', OWN, ['name' => 'Foods 1']], ['GET', 'api/sections/{section}/export.zip', RUN, []],
        ['GET', 'api/sections/{section}/students/{student}/record.zip', RUN, []],
        ['GET', 'api/sections/{section}/owner', OWN, []],
        ['PUT', 'api/sections/{section}/owner', OWN, [fn (Tests\SchoolTestCase $test): array => ['teacher_id' => $test->neighbour->id]]],
        ['POST', 'api/sections/{section}/students/{student}/pin', RUN, []],
        ['POST', 'api/sections/{section}/students/{student}/let-in', RUN, []],
        ['POST', 'api/sections', TEACHES, ['name' => 'Foods 9', 'starts_at' => '08:00', 'ends_at' => '08:47']],
        ['POST', 'api/sections/import', TEACHES, ['text' => "title\nFoods 9"]],
        ['GET', 'api/sections/{section}', RUN, []], ['PUT', 'api/sections/{section}', RUN, $settings],
        ['POST', 'api/sections/{section}/code', RUN, []],
        ['PUT', 'api/sections/{section}/set-up', RUN, ['own' => [], 'without' => []]],
        ['POST', 'api/sections/{section}/seats', RUN, ['seed' => 7]],
        ['PUT', 'api/sections/{section}/seats', RUN, [fn (SchoolTestCase $test): array => [
            'seats' => [['student_id' => $test->class->students->first()->id, 'station_id' => null]],
        ]]],
        ['POST', 'api/sections/{section}/roster', RUN, ['text' => 'Quill', 'look' => false]],
        ['POST', 'api/sections/{section}/stations', RUN, ['name' => 'Aspen']],
        ['PUT', 'api/sections/{section}/stations/{spare}', RUN, ['name' => 'Aspen']],
        ['DELETE', 'api/sections/{section}/stations/{spare}', RUN, []],
        ['PUT', 'api/sections/{section}/students/{student}', RUN, ['name' => 'Quill', 'station_id' => null]],
        ['POST', 'api/sections/{section}/students/{student}/erasure', RUN, [fn (Tests\SchoolTestCase $test): array => [
            'name' => $test->class->stations->last()->students->last()->name,
        ]]],
        ['POST', 'api/sections/{section}/students/{student}/merge', RUN, [fn (Tests\SchoolTestCase $test): array => [
            'into' => $test->class->students->first()->id,
        ]]],
        ['POST', 'api/sections/{section}/pins', RUN, []],
        ['POST', 'api/sections/{section}/colleagues', RUN, ['email' => 'neighbour@school.example', 'role' => 'co-teacher']],
        ['DELETE', 'api/sections/{section}/colleagues/{colleague}', RUN, []],
        ['GET', 'api/sections/{section}/practice', RUN, []],
        ['POST', 'api/sections/{section}/tasks', RUN, ['aims' => ['read-jug'], 'student_id' => null, 'due_on' => '2099-01-01']],
        ['DELETE', 'api/sections/{section}/tasks/{task}', RUN, []],
        ['GET', 'api/sections/{section}/question?skill=read-jug&seed=1&level=1', RUN, []],
        ['GET', 'api/sections/{section}/class-question', RUN, []], ['DELETE', 'api/sections/{section}/class-question', RUN, []],
        ['POST', 'api/sections/{section}/class-question', RUN, ['skill' => 'read-jug', 'seed' => 1, 'level' => 1]],
        ['PUT', 'api/sections/{section}/class-question', RUN, []],
        ['GET', 'api/sections/{section}/live', ATTEND, []],

        // A kitchen: its teachers share it
        ['GET', 'api/today', ADULTS, []], ['GET', 'api/chart', TEACHES, []],
        ['GET', 'api/put-away', TEACHES, []], ['GET', 'api/term', TEACHES, []], ['GET', 'api/search', TEACHES, []], ['GET', 'api/drawer', TEACHES, []],
        ['PUT', 'api/drawer/tools/{id}', TEACHES, ['count' => 3, 'place' => null]],
        ['POST', 'api/drawer/scales', TEACHES, ['name' => 'Spare', 'catalogue_id' => 'scale-1g-5kg']],
        ['PUT', 'api/drawer/scales/{scale}', KITCHENS, ['out_of_order' => true]],
        ['DELETE', 'api/drawer/scales/{scale}', KITCHENS, []],
        ['GET', 'api/wordings', TEACHES, []], ['PUT', 'api/wordings/{phrase}', TEACHES, ['text' => 'Stir it']],
        ['DELETE', 'api/wordings/{phrase}', TEACHES, []],
        ['GET', 'api/pantry', TEACHES, []], ['GET', 'api/pantry/names', TEACHES, []],
        [
            'POST', 'api/pantry', TEACHES,
            ['name' => 'Teff flour', 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'Weighed.'],
        ],
        ['GET', 'api/pantry/{ingredient}/measure?grams=100', TEACHES, []],
        ['PUT', 'api/pantry/{ingredient}', TEACHES, ['grams' => '130', 'reason' => 'Ours.']],
        ['DELETE', 'api/pantry/{ingredient}', TEACHES, []],
        ['GET', 'api/shopping', TEACHES, []],
        ['PUT', 'api/pantry/{ingredient}/pack', TEACHES, ['size' => '2', 'unit' => 'kg', 'stock' => '0', 'price' => null]],
        ['DELETE', 'api/pantry/{ingredient}/pack', TEACHES, []],
        ['GET', 'api/portions?batch=10+cups&each=1/3+cup', TEACHES, []],
        ['GET', 'api/recipes', TEACHES, []], ['POST', 'api/recipes', TEACHES, ['text' => "Sweet\n1 cup sugar"]],
        ['GET', 'api/recipes/{recipe}', KITCHENS, []], ['GET', 'api/recipes/{recipe}/json-ld', KITCHENS, []],
        ['POST', 'api/recipes/{recipe}/versions', KITCHENS, ['text' => "Sweet\n2 cups sugar", 'note' => 'More.']],
        ['POST', 'api/recipes/{recipe}/archive', KITCHENS, []], ['DELETE', 'api/recipes/{recipe}/archive', KITCHENS, []],
        ['PUT', 'api/recipes/{recipe}/standard', KITCHENS, ['standard' => 'metric_250']],
        ['PUT', 'api/recipes/{recipe}/lines/{line}', KITCHENS, ['as' => 'left-out']],
        [
            'PUT', 'api/recipes/{recipe}/directions/{step}', KITCHENS, ['by' => 'student', 'gloves' => false, 'note' => null, 'lines' => []],
        ],
        ['POST', 'api/recipes/{recipe}/lines', KITCHENS, ['as' => 'left-out', 'lines' => ['1.1']]],
        [
            'POST', 'api/recipes/{recipe}/labs', KITCHENS,
            [fn (Tests\SchoolTestCase $test): array => ['section' => $test->class->id, 'planned_for' => '2026-12-01', 'for' => 'station']],
        ],

        // A station at work
        ['POST', 'api/work/portions', AT_WORK, [fn (Tests\SchoolTestCase $test): array => [
            'total_g' => '600', 'count' => 12, 'pieces' => [], 'scale_id' => $test->class->kitchen->scales->first()->id,
        ]]],
        ['GET', 'api/work', AT_WORK_OR_RESTING, []], ['GET', 'api/bake', AT_WORK, []], ['PUT', 'api/bake/{fault}', AT_WORK, []],
        ['DELETE', 'api/bake/{fault}', AT_WORK, []], ['GET', 'api/weighings/{weighing}', AT_THIS_STATION, []],
        ['GET', 'api/weighings/{weighing}/causes', AT_THIS_STATION, []],
        ['PUT', 'api/weighings/{weighing}/guess', AT_THIS_STATION, ['cause' => 'heaped']],
        [
            'PUT', 'api/weighings/{new}', WEIGHS,
            [fn (Tests\SchoolTestCase $test): array => ['grams' => '219', 'ticked' => []] + $entry($test)],
        ],
        ['GET', 'api/sections/{section}/stations/{station}/live', AT_ITS_STREAM, []],
        ['PUT', 'api/events/{event}', AT_WORK, ['id' => NEW_ULID, 'kind' => 'help']],
        [
            'PUT', 'api/work/checks/{kind}', AT_WORK,
            [fn (Tests\SchoolTestCase $test): array => ['id' => NEW_ULID, 'lab_id' => $test->lab->id, 'ticked' => []]],
        ],

        // Practice
        ['GET', 'api/practice', STUDENTS_OWN, []], ['GET', 'api/practice/tasks', STUDENTS_OWN, []],
        ['POST', 'api/practice/{turn}', STUDENTS_OWN, ['id' => 'x', 'answer' => 'y']],
        ['POST', 'api/practice/scale', STUDENTS_OWN, ['id' => 'x', 'keys' => []]],
        ['GET', 'api/class-question', STUDENTS_OWN, []], ['POST', 'api/class-question/{asked}', STUDENTS_OWN, ['answer' => 'x']],
        ['GET', 'api/techniques?section={section}', READS, []],
        ['GET', 'api/simulator?'.http_build_query($try), INSIDE, []],
        ['POST', 'api/simulator/weighings', INSIDE, $try], ['POST', 'api/simulator/comparisons', INSIDE, $try],
    ];

    return $rows;
};

it('lets each do what is theirs, and nothing else', function () use ($routes) {
    aSchool($this);
    $wrong = [];
    foreach ($routes() as [$method, $uri, $rights, $body]) {
        $url = urlOf($this, $uri);
        $refused = array_filter(WHO, static fn (string $who): bool => expectedOf($rights, $who) !== 'ok');
        $sent = ($body[0] ?? null) instanceof Closure ? $body[0]($this) : $body;
        DB::beginTransaction();
        $before = $refused === [] ? '' : checksums();
        $told = [];
        foreach ($refused as $who) {
            becomes($this, $who);
            $expected = expectedOf($rights, $who);
            // With a body that is none, too, once for each way to be refused: who is refused learns nothing from what is checked.
            $none = ['line_id' => $sent['line_id'] ?? null, 'x' => []];
            foreach ($sent === [] || in_array($expected, $told, true) ? [$sent] : [$sent, $none] as $one) {
                $status = $this->json($method, $url, $one)->status();
                if ($status !== $expected) {
                    $wrong[] = "$method $uri, $who: $status, not $expected";
                }
            }
            $told[] = $expected;
        }
        if ($refused !== [] && checksums() !== $before) {
            $wrong[] = "$method $uri: a table was written by somebody who is refused";
        }
        DB::rollBack();
        $isFirst = true;
        foreach (array_diff(WHO, $refused) as $who) {
            DB::beginTransaction();
            becomes($this, $who);
            $response = $this->json($method, $url, ($body[0] ?? null) instanceof Closure ? $body[0]($this) : $body);
            $says = "$method $uri, $who: {$response->status()} ".mb_substr((string) $response->getContent(), 0, 200);
            $isDoor = $rights === EVERYBODY;
            if (in_array($response->status(), [401, 403, 405, 419, 500], true) || $who === 'owner' && ! $isDoor && $response->status() === 422 && $uri !== 'api/labs') {
                $wrong[] = $says;
            }
            if ($isFirst && ! $isDoor) {
                $wrong[] = faultOfShape($response, $method, $uri);
            }
            $isFirst = false;
            DB::rollBack();
        }
    }
    expect(array_values(array_filter($wrong)))->toBe([]);
});

it('keeps what is one school\'s from the people of another', function () use ($routes) {
    aSchool($this);
    $other = $this->people['stranger']->sections->sole();
    $other->colleagues()->delete(); // one of the first school's, who helps there in the rows above
    // Whatever the first school calls something, it calls it by a word that nobody else uses.
    $named = [
        'schools' => 'name', 'kitchens' => 'name', 'teachers' => 'name', 'sections' => 'name', 'stations' => 'name', 'students' => 'name',
        'recipes' => 'title', 'labs' => 'title', 'scales' => 'name', 'named_tools' => 'name', 'rubrics' => 'name', 'slips' => 'name',
        'experiments' => 'title',
    ];
    $kitchens = App\Models\Kitchen::query()->where('school_id', '!=', $other->kitchen->school_id)->pluck('id');
    $sections = App\Models\Section::query()->whereIn('kitchen_id', $kitchens)->pluck('id');
    foreach ($named as $table => $column) {
        $of = match (true) {
            $table === 'schools' => DB::table($table)->where('id', '!=', $other->kitchen->school_id),
            $table === 'kitchens' => DB::table($table)->whereIn('id', $kitchens),
            in_array($table, ['stations', 'students', 'labs', 'experiments'], true) => DB::table($table)->whereIn('section_id', $sections),
            default => DB::table($table)->whereIn('kitchen_id', $kitchens),
        };
        expect($of->update([$column => DB::raw("CONCAT('Quokka', id)")]))->toBeGreaterThan(0, $table);
    }
    $second = static fn (AdultRole $role): Teacher => Teacher::factory()->for($other->kitchen)
        ->create(['role' => $role, 'email' => "$role->value@second.example", 'name' => 'Second']);
    $this->people += ['its aide' => $second(AdultRole::Aide), 'its teacher' => $second(AdultRole::Teacher)];
    $theirs = ['{section}' => $other->id, '{lab}' => $other->labs()->sole()->id, '{station}' => $other->stations->first()->id,
        '{student}' => $other->students->first()->id, '{code}' => $other->code, '{kitchen}' => $other->kitchen_id];
    $told = [];
    $asked = 0;
    foreach ($routes() as [$method, $uri]) {
        if ($method !== 'GET') {
            continue;
        }
        foreach ([strtr($uri, array_map(strval(...), $theirs)), $uri] as $one) {
            foreach (['stranger', 'its aide', 'its teacher', 'other student', 'other station'] as $who) {
                becomes($this, $who);
                $answer = $this->json('GET', urlOf($this, $one).(str_contains($one, 'search') ? '?q=quokka' : ''));
                $asked += $answer->isOk() ? 1 : 0;
                $says = $answer->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse ? $answer->streamedContent() : (string) $answer->getContent();
                // Who has a class's code may come in to it: its door says whose it is.
                if (str_contains($says, 'Quokka') && ! str_contains($uri, '{code}')) {
                    $told[] = "$who: $one: ".mb_substr($says, 0, 160);
                }
            }
        }
    }
    expect($told)->toBe([])->and($asked)->toBeGreaterThan(100);
});

it('has a row for every route', function () use ($routes) {
    $plain = static fn (string $uri): string => strtr(
        (string) preg_replace('~\?.*~', '', $uri), ['{prepared}' => '{lab}', '{spare}' => '{station}', '{new}' => '{weighing}', '{toollab}' => '{lab}'],
    );
    $rows = array_map(static fn (array $row): string => "$row[0] ".$plain($row[1]), $routes());
    $all = [];
    foreach (Route::getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{unknown}') {
            $all[] = $route->methods()[0].' '.$route->uri();
        }
    }
    expect(array_values(array_diff($all, $rows)))->toBe([])->and(array_values(array_diff($rows, $all)))->toBe([]);
});

it('has an answer, and never a fault, for what nobody would send', function () use ($routes) {
    aSchool($this);
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(20261128));
    $odd = [
        null, '', ' ', '0', 0, -1, 1e308, '1e999', 'NaN', true, [], [[]], ['a' => ['b' => ['c' => 1]]], str_repeat('9', 400), str_repeat('é', 3000),
        "a\0b", "\u{202E}evil", '=HYPERLINK("x")', "' OR 1=1 --", '<script>alert(1)</script>', '2026-13-45', '25:99', '../../etc/passwd', "\xC3\x28",
        PHP_INT_MAX, '18446744073709551616', ['0' => null, 'x' => []], '{"a":', 'ñ', '١٢٣', '1/0', '١/٢ cup', "1\n2", 12.5,
    ];
    $pick = static fn (array $from): mixed => $from[$chance->getInt(0, count($from) - 1)];
    $rows = $routes();
    $faults = [];
    $until = microtime(true) + 8;
    for ($sent = 0; microtime(true) < $until; $sent++) {
        [$method, $uri, $rights, $body] = $pick($rows);
        $body = ($body[0] ?? null) instanceof Closure ? $body[0]($this) : $body;
        foreach (array_keys($body) as $field) {
            if ($chance->getInt(0, 2) === 0) {
                $body[$field] = $pick($odd);
            }
        }
        if ($chance->getInt(0, 5) === 0) {
            $body[(string) $pick(['x', 'id', 'text', 'name', ''])] = $pick($odd);
        }
        $url = $chance->getInt(0, 6) === 0 ? '/'.preg_replace_callback('~\{\w+\}~', static fn (): string => rawurlencode((string) json_encode(
            $pick([0, -1, 999999999999999999, 'x', '..', '%00', "\u{202E}", '1 OR 1']),
        )), $uri) : urlOf($this, $uri);
        DB::beginTransaction();
        becomes($this, $pick($rights['ok']));
        $status = $this->json($method, $url, $body)->status();
        DB::rollBack();
        if ($status >= 500) {
            $faults[] = "$method $url $status ".mb_substr((string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 300);
        }
    }
    expect($faults)->toBe([])->and($sent)->toBeGreaterThan(200);
});
