<?php

declare(strict_types=1);

use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;
use Illuminate\Support\Facades\Hash;

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
    $section = $this->section();
    $station = $section->stations->first();
    $this->postJson(
        '/api/station/session',
        ['code' => sprintf($typed, $station->code, substr($station->code, 0, 4), substr($station->code, 4))],
    )
        ->assertOk()->assertJson(['kind' => 'station', 'name' => 'Hazel']);
})->with(['%s', '%2$s %3$s', '%2$s-%3$s']);

it('knows one kind of person a browser, and forgets them on leaving', function () {
    $section = $this->section();
    $this->postJson('/api/teacher/session', ['email' => $section->teacher->email, 'password' => 'flour-and-water'])->assertOk();
    $this->postJson('/api/station/session', ['code' => $section->stations->first()->code])->assertOk();
    $this->assertGuest('teacher');
    $this->getJson('/api/session')->assertJson(['kind' => 'station']);
    $this->deleteJson('/api/session')->assertNoContent();
    $this->getJson('/api/session')->assertJson(['kind' => 'nobody', 'name' => null]);
});

it('signs a station\'s tablet out once its lab is closed', function () {
    $lab = $this->openLab();
    $station = $lab->section->stations->first();
    $this->postJson('/api/station/session', ['code' => $station->code])->assertOk();
    $this->getJson('/api/work')->assertOk();
    $this->travel(2)->seconds();
    $lab->update(['state' => 'closed', 'closed_at' => now()]);
    $this->getJson('/api/work')->assertUnauthorized();
    $this->getJson('/api/session')->assertJson(['kind' => 'nobody']);
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
