<?php

declare(strict_types=1);

use App\Auth\SlowHash;
use App\Exceptions\StorageFault;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

it('lets a teacher in with the right password, under a new session id', function () {
    $section = $this->section();
    $this->get('/api/session');
    $before = session()->getId();
    $this->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'flour-and-water'])
        ->assertOk()->assertJson(['kind' => 'teacher', 'school' => 'Tarn Valley Secondary']);
    expect(session()->getId())->not->toBe($before);
    $this->assertAuthenticatedAs($section->teacher, 'teacher');
    expect(Hash::isHashed(Teacher::query()->value('password')))->toBeTrue();
});

it('turns away a wrong password, an unknown address and half a form, beside the field', function (array $given, string $field) {
    $this->section();
    $this->postJson('/api/teacher/session', $given)->assertUnprocessable()->assertJsonValidationErrors($field);
    $this->assertGuest('teacher');
})->with([
    [['email' => 'teacher1@school.example', 'password' => 'wrong'], 'password'],
    [['email' => 'nobody@school.example', 'password' => 'flour-and-water'], 'password'],
    [['email' => 'not an address', 'password' => 'x'], 'email'],
    [['password' => 'x'], 'email'],
    [['email' => ['a'], 'password' => 'x'], 'email'],
    [['email' => 'a@b.example', 'password' => str_repeat('x', 500)], 'password'],
]);

it('slows guessing down after five tries', function () {
    $this->section();
    foreach (range(1, 5) as $try) {
        $this->postJson('/api/teacher/session', ['email' => 'teacher1@school.example', 'password' => "guess $try"])->assertUnprocessable();
    }
    $this->postJson('/api/teacher/session', ['email' => 'teacher1@school.example', 'password' => 'flour-and-water'])
        ->assertTooManyRequests()->assertJsonPath('message', fn (string $said) => str_contains($said, 'Wait'));
});

it('shows a class\'s names only by its code and only while it is open to join', function () {
    $section = $this->section();
    $this->getJson('/api/join/'.strtolower($section->code))->assertOk()->assertJsonCount(4, 'students')
        ->assertJsonMissingPath('students.0.pin')->assertJsonPath('students.0.has_pin', false);
    $this->getJson('/api/join/WRONGS')->assertUnprocessable()->assertJsonValidationErrors('code');
    $section->update(['open_to_join' => false]);
    $this->getJson("/api/join/$section->code")->assertUnprocessable()->assertJsonValidationErrors('code');
});

it('keeps the PIN a student chooses the first time, hashed, and asks for it ever after', function () {
    $section = $this->section();
    $student = $section->students->first();
    $join = fn (string $pin) => $this->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin]);
    $join('2468')->assertOk()->assertJson(['kind' => 'student', 'name' => $student->name]);
    expect(Hash::check('2468', (string) $student->refresh()->pin))->toBeTrue();
    $this->asNobody();
    $join('1111')->assertUnprocessable()->assertJsonValidationErrors('pin');
    $this->assertGuest('student');
    $join('2468')->assertOk();
});

it('locks a PIN for five minutes after five wrong tries, for that student only', function () {
    $section = $this->section();
    [$one, $two] = $section->students->take(2)->all();
    Student::query()->update(['pin' => Hash::make('2468')]);
    $join = fn (Student $student, string $pin) => $this->postJson(
        '/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin],
    );
    foreach (range(1, 5) as $ignored) {
        $join($one, '0000')->assertUnprocessable();
    }
    $join($one, '2468')->assertTooManyRequests()->assertJsonValidationErrors('pin');
    $join($two, '2468')->assertOk();
    $this->travel(301)->seconds();
    $join($one, '2468')->assertOk();
});

it('refuses a PIN that is none and a student of another class', function (array $change, string $field) {
    $section = $this->section();
    $other = $this->section('Foods 2');
    $given = ['code' => $section->code, 'student_id' => $section->students->first()->id, 'pin' => '2468'];
    if ($change === ['student_id' => 'other']) {
        $change = ['student_id' => $other->students->first()->id];
    }
    $this->postJson('/api/join', $change + $given)->assertUnprocessable()->assertJsonValidationErrors($field);
    $this->assertGuest('student');
})->with([
    [['pin' => '12'], 'pin'], [['pin' => 'abcd'], 'pin'], [['pin' => ''], 'pin'], [['student_id' => 'x'], 'student_id'],
    [['student_id' => 'other'], 'student_id'], [['code' => 'NOPE'], 'code'],
]);

it('makes a tablet a station by the code on its card, however it is typed', function (string $typed) {
    $section = $this->openLab()->section;
    $station = $section->stations->first();
    $this->postJson(
        '/api/station/session',
        ['code' => sprintf($typed, $station->code, substr($station->code, 0, 4), substr($station->code, 4))],
    )
        ->assertOk()->assertJson(['kind' => 'station', 'name' => 'Hazel']);
})->with(['%s', '%2$s %3$s', '%2$s-%3$s']);

it('knows one kind of person a browser, and forgets them on leaving', function () {
    $section = $this->openLab()->section;
    $this->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'flour-and-water'])->assertOk();
    $this->postJson('/api/station/session', ['code' => $section->stations->first()->code])->assertOk();
    $this->assertGuest('teacher');
    $this->getJson('/api/session')->assertJson(['kind' => 'station']);
    $this->deleteJson('/api/session')->assertNoContent();
    $this->getJson('/api/session')->assertJson(['kind' => 'nobody', 'name' => null]);
});

it('lets a station\'s tablet rest once its lab is closed, and go on when that one is opened again', function () {
    $lab = $this->openLab();
    $station = $lab->section->stations->first();
    $this->postJson('/api/station/session', ['code' => $station->code])->assertOk();
    $this->getJson('/api/work')->assertOk();
    $this->travel(2)->seconds();
    $lab->update(['state' => 'closed', 'closed_at' => now()]);
    $stream = "/api/sections/$lab->section_id/stations/$station->id/live";
    $this->getJson('/api/work')->assertOk()->assertJson(['rests' => true, 'lab' => null, 'lines' => [], 'set_up' => null]);
    $this->getJson($stream)->assertNoContent();
    $this->putJson('/api/events/01JDF8Z9X3M5N7P9Q1R3S5T7V9', ['kind' => 'help'])->assertUnauthorized();
    $another = $this->openLab($lab->section); // for which its card is scanned again
    $this->getJson('/api/work')->assertOk()->assertJson(['rests' => true, 'lab' => null]);
    $another->delete();
    $lab->update(['state' => 'open', 'closed_at' => null]);
    $this->getJson('/api/work')->assertOk()->assertJson(['rests' => false])->assertJsonPath('lab.id', $lab->id);
});

it('asks every change for the page\'s token', function () {
    $section = $this->section();
    $this->app['env'] = 'production'; // tests are spared the token otherwise
    $this->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'flour-and-water'])
        ->assertStatus(419)->assertJsonPath('message', Phrasebook::in('en')->say(Phrase::of('refusal.signed-out')));
    $this->assertGuest('teacher');
});

it('answers in the reader\'s language', function () {
    $this->postJson(
        '/api/teacher/session', [], ['Accept-Language' => 'es-MX,es;q=0.9'],
    )->assertJsonPath('errors.email.0', 'Completa esto.');
    $this->getJson('/api/today', ['Accept-Language' => 'es'])->assertUnauthorized()->assertJsonPath(
        'message', Phrasebook::in('es')->say(Phrase::of('refusal.signed-out')),
    );
});

it('writes numbers as the reader\'s region does, and speaks their language all the same', function (?string $asked, string $read, string $why) {
    $lab = $this->openLab();
    $headers = $asked === null ? [] : ['Accept-Language' => $asked];
    $this->asStation($lab->section->stations->first());
    $ulid = '01JDF8Z9X3M5N7P9Q1R3S5T7V9';
    $this->weigh($lab->lines->last(), ['grams' => '30'])->assertCreated();
    $said = $this->getJson("/api/weighings/$ulid", $headers)->assertOk()->json('working');
    expect(implode(' ', $said))->toContain($read)->toContain($why);
})->with([
    ['es-MX', '29.2', 'cdta'], ['es-US,es;q=0.9', '29.2', 'cdta'], ['es-ES', '29,2', 'cdta'], ['es', '29,2', 'cdta'], ['es-419', '29,2', 'cdta'],
    ['en-US', '29.2', 'tsp'], ['en-DE', '29,2', 'tsp'], ['fr-FR,es-PE;q=0.5', '29.2', 'cdta'], ['xx', '29.2', 'tsp'], ["es-MX'--", '29,2', 'cdta'],
    ['*', '29.2', 'tsp'],
]);

it('tells a station the sign that its class settled', function () {
    $section = $this->section();
    $this->openLab($section);
    $sign = fn () => $this->asNobody()->asStation($section->fresh()->stations->first())->getJson('/api/work')->assertOk()->json('decimal');
    expect($sign())->toBeNull();
    $section->update(['schools' => ['decimal-sign' => 'comma']]);
    expect($sign())->toBe('comma');
});

it('names a wrong field in the reader\'s language whatever their region', function () {
    $message = fn (string $asked) => $this->postJson('/api/teacher/session', [], ['Accept-Language' => $asked])->json('errors.email.0');
    expect($message('es-US'))->toBe($message('es'))->not->toBe($message('en-US'));
});

it('counts wrong PINs for a name over all devices, with pauses that grow, and a right one forgets them', function () {
    $section = $this->section();
    [$one, $two] = $section->students->take(2)->all();
    Student::query()->update(['pin' => Hash::make('2468')]);
    $join = fn (Student $student, string $pin) => $this->asNobody()->withServerVariables(['REMOTE_ADDR' => '10.0.0.'.random_int(1, 250)])
        ->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin]);
    foreach ([1, 5, 15, 15] as $minutes) {
        foreach (range(1, $minutes === 1 ? 5 : 1) as $ignored) {
            $join($one, '1357')->assertUnprocessable();
        }
        $join($one, '2468')->assertTooManyRequests()->assertJsonPath('errors.pin.0', fn (string $said): bool => str_contains($said, "Wait $minutes min"));
        $this->travel(60 * $minutes + 1)->seconds();
    }
    $join($two, '2468')->assertOk();
    $join($one, '2468')->assertOk();
    $join($one, '1357')->assertUnprocessable();
    $join($one, '2468')->assertOk();
});

it('lets a device that a student came in with before go on, whatever others try', function () {
    $section = $this->section();
    $student = $section->students->first();
    $student->update(['pin' => Hash::make('2468')]);
    $join = fn (string $pin) => $this->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin]);
    $device = $join('2468')->assertOk()->getCookie('hovik_device')->getValue();
    $this->asNobody();
    foreach (range(1, 5) as $ignored) {
        $join('1357')->assertUnprocessable();
    }
    $join('2468')->assertTooManyRequests();
    $known = fn (string $pin) => $this->asNobody()->withCredentials()->withCookie('hovik_device', $device)->postJson(
        '/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin],
    );
    $known('2468')->assertOk();
    foreach (range(1, 5) as $ignored) {
        $known('1357')->assertUnprocessable();
    }
    $known('2468')->assertTooManyRequests();
});

it('is not fooled by trying many names: devices nobody came in with share their tries', function () {
    $section = $this->section();
    $students = Student::factory()->count(20)->for($section)->sequence(fn ($one) => ['name' => "S$one->index", 'roster_number' => 100 + $one->index])
        ->create(['pin' => Hash::make('2468')]);
    $through = 0;
    foreach ($students as $student) {
        foreach (range(1, 5) as $ignored) {
            $through += $this->asNobody()->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => '1357'])->status() === 422;
        }
    }
    expect($through)->toBeLessThan(30);
    $this->asNobody()->asTeacher($section->teacher)->getJson('/api/today')->assertJsonPath('sections.0.at_the_door.0.name', 'S0');
    $this->postJson("/api/sections/{$section->id}/students/{$students[19]->id}/let-in")->assertNoContent();
    $this->asNobody()->postJson('/api/join', ['code' => $section->code, 'student_id' => $students[19]->id, 'pin' => '2468'])->assertOk();
});

it('refuses a PIN that is tried first', function (string $pin, bool $isTaken) {
    $section = $this->section();
    $answer = $this->postJson('/api/join', ['code' => $section->code, 'student_id' => $section->students->first()->id, 'pin' => $pin]);
    $isTaken ? $answer->assertOk() : $answer->assertUnprocessable()->assertJsonValidationErrors('pin');
})->with([
    ['0000', false], ['1111', false], ['1234', false], ['4321', false], ['0987', false], ['7890', false], ['1212', false], ['2014', false],
    ['1999', false], ['2468', true], ['1357', true], ['8520', true], ['2113', true],
]);

it('gives a new PIN to hand out: the old one, whoever is in by it, and the pause are over', function () {
    $section = $this->section();
    $student = $section->students->first();
    $student->update(['pin' => Hash::make('2468')]);
    $join = fn (string $pin) => $this->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin]);
    foreach (range(1, 5) as $ignored) {
        $this->asNobody();
        $join('1357')->assertUnprocessable();
    }
    $was = $student->refresh()->session_version;
    $pin = $this->asNobody()->asTeacher($section->teacher)->postJson("/api/sections/{$section->id}/students/{$student->id}/pin")
        ->assertOk()->json('pin');
    $this->asNobody()->actingAs($student->fresh(), 'student')->withSession(['door.student.since' => time(), 'door.student.version' => $was])
        ->getJson('/api/practice')->assertUnauthorized();
    $this->asNobody();
    $join('2468')->assertUnprocessable();
    $join($pin)->assertOk();
    // On the very device that was in its pause, too.
    $device = $this->asNobody()->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => '1357'])
        ->getCookie('hovik_device')->getValue();
    $there = fn (string $pin) => $this->asNobody()->withCredentials()->withCookie('hovik_device', $device)
        ->postJson('/api/join', ['code' => $section->code, 'student_id' => $student->id, 'pin' => $pin]);
    foreach (range(1, 4) as $ignored) {
        $there('1357')->assertUnprocessable();
    }
    $there($pin)->assertTooManyRequests();
    $pin = $this->asNobody()->asTeacher($section->teacher)->postJson("/api/sections/{$section->id}/students/{$student->id}/pin")->json('pin');
    $there($pin)->assertOk();
});

it('puts a tablet out when its station\'s card is made anew', function () {
    $lab = $this->openLab();
    $station = $lab->section->stations->first();
    $this->postJson('/api/station/session', ['code' => $station->code])->assertOk();
    $was = $station->refresh()->session_version;
    $this->asNobody()->asTeacher($lab->section->teacher)
        ->putJson("/api/sections/{$lab->section_id}/stations/$station->id", ['name' => $station->name, 'renew' => true])->assertNoContent();
    $this->asNobody()->actingAs($station->fresh(), 'station')->withSession([
        'door.station.since' => time(), 'door.station.version' => $was, 'station.signed_in_at' => now()->toDateTimeString(),
    ])->getJson('/api/work')->assertUnauthorized();
    $this->asNobody()->postJson('/api/station/session', ['code' => $station->code])->assertUnprocessable();
});

it('takes a card only while a lab of its class is open', function () {
    $lab = $this->openLab();
    $code = $lab->section->stations->first()->code;
    $this->postJson('/api/station/session', ['code' => $code])->assertOk();
    $lab->update(['state' => 'closed', 'closed_at' => now()]);
    $this->asNobody()->postJson('/api/station/session', ['code' => $code])->assertUnprocessable()->assertJsonValidationErrors('code');
});

it('takes a mail as it is: large letters are small ones, an accent is another mail', function () {
    $section = $this->section();
    $in = fn (string $mail) => $this->asNobody()->postJson('/api/teacher/session', ['email' => $mail, 'password' => 'flour-and-water']);
    $in(' TEACHER1@School.Example ')->assertOk();
    $in('teachér1@school.example')->assertUnprocessable();
});

it('answers who is unknown like who is known', function () {
    $section = $this->section();
    $known = $this->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'wrong-and-wrong']);
    $unknown = $this->postJson('/api/teacher/session', ['email' => 'nobody@school.example', 'password' => 'wrong-and-wrong']);
    expect($unknown->getContent())->toBe($known->getContent())->and($unknown->status())->toBe($known->status());
    $took = static function (?string $hash): float {
        $start = hrtime(true);
        SlowHash::holds('wrong-and-wrong', $hash);

        return (hrtime(true) - $start) / 1e6;
    };
    config(['hashing.bcrypt.rounds' => 9]);
    $hash = Hash::make('flour-and-water', ['rounds' => 9]);
    $took(null);
    expect(min($took(null), $took(null)) / min($took($hash), $took($hash)))->toBeGreaterThan(0.6)->toBeLessThan(1.6);
});

it('says on every answer which front end belongs to it', function () {
    $this->getJson('/api/session')->assertHeader('X-Hovik-Build', config('hovik.build'));
    $this->getJson('/api/today')->assertUnauthorized()->assertHeader('X-Hovik-Build');
    $this->get('/join')->assertHeader('X-Hovik-Build');
});

it('stores nothing on a disk that is all but full, says so, and goes on when there is room', function () {
    $section = $this->section();
    $sign = fn () => $this->asNobody()->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'flour-and-water']);
    config(['hovik.least_free_bytes' => PHP_INT_MAX]);
    $sign()->assertStatus(507)->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'disk'));
    $this->getJson('/api/session')->assertOk();
    config(['hovik.least_free_bytes' => 64 << 20]);
    $sign()->assertOk();
});

it('writes no value of a query to the log, and tells a full table as a full disk', function () {
    $fault = fn (int $code): StorageFault => StorageFault::of(new QueryException('mariadb', 'insert into students (name) values (?)', ['Oona Secret'], tap(
        new PDOException("Duplicate entry 'Oona Secret'"), fn (PDOException $one) => $one->errorInfo = ['HY000', $code, 'Oona Secret'],
    )));
    expect((string) $fault(1062))->not->toContain('Secret')->and($fault(1062)->render(request()))->toBeNull()
        ->and($fault(1114)->render(request())?->getStatusCode())->toBe(507);
    Route::post('api/breaks', fn () => DB::table('students')->insert(['nope' => 'Oona Secret']));
    $logged = '';
    Log::listen(function ($message) use (&$logged) {
        $logged .= $message->message.json_encode(array_map(fn ($one) => (string) ($one instanceof Throwable ? $one : ''), $message->context));
    });
    app(Illuminate\Contracts\Debug\ExceptionHandler::class)->report(StorageFault::of(new QueryException('mariadb', 'select ?', ['Oona Secret'], new PDOException('x'))));
    expect($logged)->toContain('select ?')->not->toContain('Secret');
});
