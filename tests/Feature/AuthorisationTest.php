<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\Recipe;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/*
 * Who may do what: every route, tried as its class's teacher, an aide of that class, another teacher of its kitchen, a teacher of
 * another kitchen, a student and a station of that class, a student and a station of another class, and nobody; with a body that
 * its owner may send. A route that is not in this table fails.
 */

const WEIGHING = '01JDF8Z9X3M5N7P9Q1R3S5T7V9';
const NEW_ULID = '01JDF8Z9X3M5N7P9Q1R3S5T7W1';

/** Who: by column. A number is the answer; 'ok' any answer that is not about who asks. */
const WHO = ['owner', 'aide', 'neighbour', 'stranger', 'student', 'other student', 'station', 'other station', 'nobody'];
const TEACHERS_OWN = ['ok', 'ok', 'ok', 'ok', 401, 401, 401, 401, 401];
const RUN = ['ok', 403, 403, 403, 401, 401, 401, 401, 401];
const WATCH = ['ok', 'ok', 403, 403, 401, 401, 401, 401, 401];
const KITCHENS = ['ok', 'ok', 'ok', 403, 401, 401, 401, 401, 401];
const EVERYBODY = ['ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok'];
const INSIDE = ['ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok', 401];
const AT_WORK = [401, 401, 401, 401, 'ok', 'ok', 'ok', 'ok', 401];
const STUDENTS_OWN = [401, 401, 401, 401, 'ok', 'ok', 401, 401, 401];
const AT_THIS_STATION = [401, 401, 401, 401, 'ok', 403, 'ok', 403, 401];

beforeEach(function () {
    $this->lab = $this->openLab();
    $class = $this->lab->section;
    $this->class = $class;
    $this->asStation($class->stations->first());
    $this->weigh($this->lab->lines->first())->assertCreated();
    $this->asNobody()->asTeacher($class->teacher);
    $this->recipe = $this->postJson('/api/recipes', ['text' => "Buns\n1 cup all-purpose flour\n\nDirections\nMix it well."])->assertCreated()->json('id');
    $this->prepared = $this->lab($class);
    $this->other = $this->openLab($this->section('Foods 2'))->section;
    $this->neighbour = Teacher::factory()->for($class->kitchen)->create(['email' => 'neighbour@school.example']);
    $this->aide = Teacher::factory()->for($class->kitchen)->create(['email' => 'aide@school.example']);
    $this->postJson("/api/sections/$class->id/colleagues", ['email' => 'aide@school.example', 'role' => 'aide'])->assertNoContent();
    $this->postJson(
        "/api/sections/$class->id/tasks", ['aims' => ['read-jug'], 'student_id' => null, 'due_on' => '2099-01-01'],
    )->assertSuccessful();
});

/** @param  string  $who  one of WHO */
function becomes(Tests\SchoolTestCase $test, string $who): void
{
    $test->asNobody();
    match ($who) {
        'owner' => $test->asTeacher($test->class->teacher),
        'aide' => $test->asTeacher($test->aide),
        'neighbour' => $test->asTeacher($test->neighbour),
        'stranger' => $test->asTeacher($test->other->teacher),
        'student' => $test->asStudent($test->class->stations->first()->students->first()),
        'other student' => $test->asStudent($test->other->students->first()),
        'station' => $test->asStation($test->class->stations->first()),
        'other station' => $test->asStation($test->other->stations->first()),
        'nobody' => null,
    };
}

/** A route with this school's ids in it. */
function urlOf(Tests\SchoolTestCase $test, string $uri): string
{
    $class = $test->class;

    return '/'.strtr($uri, [
        '{prepared}' => (string) $test->prepared->id, '{lab}' => (string) $test->lab->id,
        '{item}' => (string) $test->prepared->items->first()->id, '{section}' => (string) $class->id,
        '{station}' => (string) $class->stations->first()->id, '{spare}' => (string) $class->stations->last()->id,
        '{student}' => (string) $class->stations->last()->students->last()->id, '{colleague}' => (string) $class->colleagues()->sole()->id,
        '{task}' => (string) $class->practiceTasks()->sole()->id, '{recipe}' => (string) $test->recipe,
        '{scale}' => (string) $class->kitchen->scales->last()->id, '{asked}' => '1', '{weighing}' => WEIGHING, '{event}' => NEW_ULID,
        '{new}' => NEW_ULID, '{line}' => '1.1', '{step}' => '1', '{ingredient}' => 'bread-flour', '{phrase}' => 'step.loosen',
        '{id}' => 'dry-cup-us-1', '{fault}' => 'dry',
        '{turn}' => '0', '{kind}' => 'set-up', '{code}' => $class->code,
    ]);
}

/** @return array<string, array{string, string, list<int|string>, array<array-key, mixed>}> the body, or how it is made */
$routes = function (): array {
    $settings = [
        'name' => 'Foods 1', 'starts_at' => '10:05', 'ends_at' => '10:52', 'standard' => 'us_customary', 'tolerance_level' => 'practised',
        'methods' => [], 'schools' => [], 'shows_target' => false, 'asks_guess' => false, 'asks_prediction' => false,
        'open_to_join' => true,
    ];
    $entry = fn (Tests\SchoolTestCase $test): array => [
        'line_id' => $test->lab->lines->first()->id, 'station_id' => $test->class->stations->first()->id,
        'student_id' => $test->class->stations->first()->students->first()->id, 'scale_id' => $test->class->kitchen->scales->first()->id,
    ];
    $try = ['ingredient' => 'bread-flour', 'amount' => '1', 'unit' => 'cup'];
    $rows = [
        // Doors
        ['GET', 'api/session', EVERYBODY, []], ['DELETE', 'api/session', EVERYBODY, []],
        ['GET', 'api/join/{code}', EVERYBODY, []], ['POST', 'api/join', EVERYBODY, []],
        ['POST', 'api/station/session', EVERYBODY, []], ['POST', 'api/teacher/session', EVERYBODY, []],

        // A lab
        ['GET', 'api/labs/{lab}/board', WATCH, []], ['GET', 'api/labs/{lab}/live', WATCH, []], ['GET', 'api/labs/{lab}/period', WATCH, []],
        ['GET', 'api/labs/{lab}/weighings/{weighing}/causes', WATCH, []],
        ['POST', 'api/labs/{prepared}/open', RUN, []], ['POST', 'api/labs/{lab}/close', RUN, []], ['POST', 'api/labs/{lab}/pause', RUN, []],
        ['POST', 'api/labs/{lab}/resume', RUN, []], ['POST', 'api/labs/{lab}/reopen', RUN, []], ['POST', 'api/labs/{lab}/copy', RUN, []],
        ['POST', 'api/labs/{prepared}/second-period', RUN, []], ['PUT', 'api/labs/{prepared}/second-period', RUN, ['later' => []]],
        ['DELETE', 'api/labs/{prepared}/second-period', RUN, []], [
            'POST', 'api/labs/{lab}/second', RUN,
            [fn (Tests\SchoolTestCase $test): array => $test->lab->update(['later' => []]) ? [] : []],
        ],
        ['POST', 'api/labs/{prepared}/archive', RUN, []], ['GET', 'api/labs/{lab}/bundle', RUN, []],
        ['GET', 'api/labs/{lab}/calendar.ics', RUN, []], ['GET', 'api/labs/{lab}/sheet', RUN, []], ['GET', 'api/labs/{lab}/paper', RUN, []],
        ['PUT', 'api/labs/{lab}/preparation', RUN, ['own' => [], 'without' => []]],
        ['PUT', 'api/labs/{prepared}', RUN, ['title' => 'Rolls', 'planned_for' => '2026-12-01', 'retry_pct' => 10]],
        ['PUT', 'api/labs/{prepared}/items/{item}', RUN, ['strictness' => 'free', 'tolerance_pct' => null]],
        ['PUT', 'api/labs/{lab}/turns', WATCH, [fn (Tests\SchoolTestCase $test): array => $entry($test)]],
        ['PUT', 'api/sections/{section}/students/{student}/ways', RUN, ['ways' => ['partner']]],
        ['PUT', 'api/sections/{section}/students/{student}/away', WATCH, ['away' => true]],
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
            'POST', 'api/labs/{lab}/scale-checks', WATCH,
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
            'POST', 'api/labs', ['ok', 'ok', 'ok', 'ok', 401, 401, 401, 401, 401],
            [fn (Tests\SchoolTestCase $test): array => ['section' => $test->class->id, 'text' => '{}']],
        ],

        // A class
        ['POST', 'api/sections', TEACHERS_OWN, ['name' => 'Foods 9', 'starts_at' => '08:00', 'ends_at' => '08:47']],
        ['POST', 'api/sections/import', TEACHERS_OWN, ['text' => "title\nFoods 9"]],
        ['GET', 'api/sections/{section}', RUN, []], ['PUT', 'api/sections/{section}', RUN, $settings],
        ['POST', 'api/sections/{section}/code', RUN, []],
        ['PUT', 'api/sections/{section}/set-up', RUN, ['own' => [], 'without' => []]],
        ['POST', 'api/sections/{section}/roster', RUN, ['text' => 'Quill', 'look' => false]],
        ['POST', 'api/sections/{section}/stations', RUN, ['name' => 'Aspen']],
        ['PUT', 'api/sections/{section}/stations/{spare}', RUN, ['name' => 'Aspen']],
        ['DELETE', 'api/sections/{section}/stations/{spare}', RUN, []],
        ['PUT', 'api/sections/{section}/students/{student}', RUN, ['name' => 'Quill', 'station_id' => null]],
        ['DELETE', 'api/sections/{section}/students/{student}', RUN, []],
        ['POST', 'api/sections/{section}/colleagues', RUN, ['email' => 'neighbour@school.example', 'role' => 'co-teacher']],
        ['DELETE', 'api/sections/{section}/colleagues/{colleague}', RUN, []],
        ['GET', 'api/sections/{section}/practice', RUN, []],
        ['POST', 'api/sections/{section}/tasks', RUN, ['aims' => ['read-jug'], 'student_id' => null, 'due_on' => '2099-01-01']],
        ['DELETE', 'api/sections/{section}/tasks/{task}', RUN, []],
        ['GET', 'api/sections/{section}/question?skill=read-jug&seed=1&level=1', RUN, []],
        ['GET', 'api/sections/{section}/class-question', RUN, []], ['DELETE', 'api/sections/{section}/class-question', RUN, []],
        ['POST', 'api/sections/{section}/class-question', RUN, ['skill' => 'read-jug', 'seed' => 1, 'level' => 1]],
        ['PUT', 'api/sections/{section}/class-question', ['ok', 403, 403, 403, 401, 401, 401, 401, 401], []],
        ['GET', 'api/sections/{section}/live', ['ok', 403, 403, 403, 'ok', 403, 401, 401, 401], []],

        // A kitchen: its teachers share it
        ['GET', 'api/today', TEACHERS_OWN, []], ['GET', 'api/chart', TEACHERS_OWN, []], ['GET', 'api/drawer', TEACHERS_OWN, []],
        ['PUT', 'api/drawer/tools/{id}', TEACHERS_OWN, ['count' => 3, 'place' => null]],
        ['POST', 'api/drawer/scales', TEACHERS_OWN, ['name' => 'Spare', 'catalogue_id' => 'scale-1g-5kg']],
        ['PUT', 'api/drawer/scales/{scale}', ['ok', 'ok', 'ok', 404, 401, 401, 401, 401, 401], ['out_of_order' => true]],
        ['DELETE', 'api/drawer/scales/{scale}', ['ok', 'ok', 'ok', 404, 401, 401, 401, 401, 401], []],
        ['GET', 'api/wordings', TEACHERS_OWN, []], ['PUT', 'api/wordings/{phrase}', TEACHERS_OWN, ['text' => 'Stir it']],
        ['DELETE', 'api/wordings/{phrase}', TEACHERS_OWN, []],
        ['GET', 'api/pantry', TEACHERS_OWN, []], ['GET', 'api/pantry/names', TEACHERS_OWN, []],
        [
            'POST', 'api/pantry', TEACHERS_OWN,
            ['name' => 'Teff flour', 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'Weighed.'],
        ],
        ['GET', 'api/pantry/{ingredient}/measure?grams=100', TEACHERS_OWN, []],
        ['PUT', 'api/pantry/{ingredient}', TEACHERS_OWN, ['grams' => '130', 'reason' => 'Ours.']],
        ['DELETE', 'api/pantry/{ingredient}', TEACHERS_OWN, []],
        ['GET', 'api/shopping', TEACHERS_OWN, []],
        ['PUT', 'api/pantry/{ingredient}/pack', TEACHERS_OWN, ['size' => '2', 'unit' => 'kg', 'stock' => '0', 'price' => null]],
        ['DELETE', 'api/pantry/{ingredient}/pack', TEACHERS_OWN, []],
        ['GET', 'api/portions?batch=10+cups&each=1/3+cup', TEACHERS_OWN, []],
        ['GET', 'api/recipes', TEACHERS_OWN, []], ['POST', 'api/recipes', TEACHERS_OWN, ['text' => "Sweet\n1 cup sugar"]],
        ['GET', 'api/recipes/{recipe}', KITCHENS, []], ['GET', 'api/recipes/{recipe}/json-ld', KITCHENS, []],
        ['POST', 'api/recipes/{recipe}/versions', KITCHENS, ['text' => "Sweet\n2 cups sugar", 'note' => 'More.']],
        ['POST', 'api/recipes/{recipe}/archive', KITCHENS, []],
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
        ['GET', 'api/work', AT_WORK, []], ['GET', 'api/bake', AT_WORK, []], ['PUT', 'api/bake/{fault}', AT_WORK, []],
        ['DELETE', 'api/bake/{fault}', AT_WORK, []], ['GET', 'api/weighings/{weighing}', AT_THIS_STATION, []],
        ['GET', 'api/weighings/{weighing}/causes', AT_THIS_STATION, []],
        ['PUT', 'api/weighings/{weighing}/guess', AT_THIS_STATION, ['cause' => 'heaped']],
        [
            'PUT', 'api/weighings/{new}', AT_THIS_STATION,
            [fn (Tests\SchoolTestCase $test): array => ['grams' => '219', 'ticked' => []] + $entry($test)],
        ],
        ['GET', 'api/labs/{lab}/stations/{station}/live', AT_THIS_STATION, []],
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
        ['GET', 'api/techniques?section={section}', ['ok', 'ok', 403, 403, 'ok', 'ok', 'ok', 'ok', 401], []],
        ['GET', 'api/simulator?'.http_build_query($try), INSIDE, []],
        ['POST', 'api/simulator/weighings', INSIDE, $try], ['POST', 'api/simulator/comparisons', INSIDE, $try],
    ];

    return array_combine(array_map(static fn (array $row): string => "$row[0] $row[1]", $rows), $rows);
};

it('lets each do what is theirs, and nothing else', function (string $method, string $uri, array $answers, array $body) {
    $url = urlOf($this, $uri);
    $body = ($body[0] ?? null) instanceof Closure ? $body[0]($this) : $body;
    foreach (array_combine(WHO, $answers) as $who => $answer) {
        DB::beginTransaction();
        becomes($this, $who);
        $before = [
            Lab::query()->max('updated_at'), Recipe::query()->count(), Station::query()->count(), Student::query()->count(),
            $this->stored(),
        ];
        $response = $this->json($method, $url, $body);
        if ($answer === 'ok') {
            expect($response->status())->not->toBeIn(
                [401, 403, 405, 419, 500], "$uri, $who: ".mb_substr((string) $response->getContent(), 0, 200),
            );
            if ($who === 'owner' && ! in_array($uri, ['api/join', 'api/station/session', 'api/teacher/session', 'api/labs'], true)) {
                expect("{$response->status()} ".$response->getContent())->not->toStartWith('422', $uri);
            }
        } else {
            expect($response->status())->toBe($answer, "$uri, $who: ".mb_substr((string) $response->getContent(), 0, 200));
            $after = [
                Lab::query()->max('updated_at'), Recipe::query()->count(), Station::query()->count(), Student::query()->count(),
                $this->stored(),
            ];
            expect($after)->toBe($before, "$who changed something");
        }
        DB::rollBack();
    }
})->with($routes());

it('answers its owner in the shape that the contract names', function (string $method, string $uri, array $answers, array $body) {
    $who = WHO[(int) array_search('ok', $answers, true)];
    $url = urlOf($this, $uri);
    $body = ($body[0] ?? null) instanceof Closure ? $body[0]($this) : $body;
    becomes($this, $who);
    $response = $this->json($method, $url, $body);
    $path = strtr((string) preg_replace('~\?.*~', '', $uri), ['{prepared}' => '{lab}', '{spare}' => '{station}', '{new}' => '{weighing}']);
    $named = openapi()['paths']["/$path"][strtolower($method)]['responses'] ?? null;
    if ($named === null) {
        expect($path)->toEndWith('/live'); // nginx asks those, nobody else

        return;
    }
    expect(isset($named[$response->status()]))->toBeTrue("$method $path: {$response->status()} is not named");
    $said = $named[$response->status()];
    $place = isset($said['$ref'])
        ? array_slice(explode('/', $said['$ref']), 1) : ['paths', "/$path", strtolower($method), 'responses', (string) $response->status()];
    $content = (isset($said['$ref']) ? openapi()['components']['responses'][basename($said['$ref'])] : $said)['content']['application/json']
            ?? null;
    if ($content === null) {
        // A file to keep has a form of its own.
        expect(
            $response->headers->has('Content-Disposition')
                ? ''
                : "$method $path: ".$response->headers->get('Content-Type'),
        )->not->toEndWith('application/json');

        return;
    }
    $document = json_decode(
        str_replace('"#/components', '"https://hovik.example/openapi.json#/components', (string) json_encode(openapi())),
    );
    $document->{'$id'} = 'https://hovik.example/openapi.json';
    $validator = new Opis\JsonSchema\Validator;
    $validator->resolver()->registerRaw($document);
    $at = implode('/', array_map(
        static fn (string $part): string => rawurlencode(strtr($part, ['~' => '~0', '/' => '~1'])),
        [...$place, 'content', 'application/json', 'schema'],
    ));
    $result = $validator->validate(json_decode((string) $response->getContent()), "https://hovik.example/openapi.json#/$at");
    $fault = $result->error();
    expect(
        $fault === null
            ? ''
            : "$method $path: {$fault->keyword()} at /".implode('/', $fault->data()->fullPath()).' '.json_encode($fault->args()),
    )->toBe('');
})->with($routes());

it('has a row for every route', function () use ($routes) {
    $plain = static fn (string $uri): string => strtr(
        (string) preg_replace('~\?.*~', '', $uri), ['{prepared}' => '{lab}', '{spare}' => '{station}', '{new}' => '{weighing}'],
    );
    $rows = array_map(static fn (array $row): string => "$row[0] ".$plain($row[1]), array_values($routes()));
    $all = [];
    foreach (Route::getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{unknown}') {
            $all[] = $route->methods()[0].' '.$route->uri();
        }
    }
    expect(array_values(array_diff($all, $rows)))->toBe([])->and(array_values(array_diff($rows, $all)))->toBe([]);
});
