<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\School;
use App\Models\Teacher;
use App\School\AdultRole;
use App\School\SetUpCode;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;

beforeEach(function () {
    Cache::flush();
    $this->answers = fn (array $change = []): array => $change + [
        'code' => SetUpCode::make(), 'name' => 'Escuela «Río Ñandú»', 'time_zone' => 'America/Bogota', 'language' => 'es', 'spelling' => 'us',
        'decimal_sign' => 'comma', 'standard' => 'metric_250', 'teacher' => 'Zoë Ørsted-Nakamura', 'email' => 'Zoe@Escuela.example',
        'password' => 'tres tazas de lluvia',
    ];
});

it('is empty at first, and says so to whoever comes', function () {
    $this->getJson('/api/session')->assertOk()->assertJson(['kind' => 'nobody', 'to_set_up' => true, 'demo' => false]);
    $this->section();
    $this->getJson('/api/session')->assertJson(['to_set_up' => false]);
});

it('is set up once, by whoever has the code of the terminal', function () {
    $code = SetUpCode::make();
    $this->postJson('/api/set-up', ($this->answers)(['code' => $code]))->assertOk()->assertJson(['kind' => 'teacher', 'role' => 'keeper', 'to_set_up' => false]);
    $keeper = Teacher::query()->sole();
    expect($keeper->email)->toBe('zoe@escuela.example')->and($keeper->role)->toBe(AdultRole::Keeper)
        ->and($keeper->kitchen->name)->toBe('Cocina 1')->and(School::query()->sole()->time_zone)->toBe('America/Bogota')
        ->and(LogEntry::query()->sole()->act->value)->toBe('set-up');
    $made = $this->postJson('/api/sections', ['name' => 'Cocina 1', 'starts_at' => '08:00', 'ends_at' => '08:47'])->assertCreated()->json('id');
    $this->getJson("/api/sections/$made")->assertJsonPath('settings.standard', 'metric_250');
    // Its code is worth nothing any more; another one makes another school.
    $this->asNobody()->postJson('/api/set-up', ($this->answers)(['code' => $code, 'email' => 'b@escuela.example']))
        ->assertUnprocessable()->assertJsonValidationErrors('code');
    $this->postJson('/api/teacher/session', ['email' => 'ZOE@escuela.example', 'password' => 'tres tazas de lluvia'])->assertOk();
});

it('takes one more school, with a code for it, beside the first', function () {
    $first = $this->section()->kitchen->school;
    Artisan::call('school:add');
    preg_match('~[A-Z0-9]{4}(-[A-Z0-9]{4}){2}~', Artisan::output(), $told);
    $taken = $first->adults->first()->email;
    $this->postJson('/api/set-up', ($this->answers)(['code' => $told[0], 'email' => $taken]))->assertJsonValidationErrors('email');
    $this->postJson('/api/set-up', ($this->answers)(['code' => $told[0]]))->assertOk()->assertJson(['school' => 'Escuela «Río Ñandú»']);
    expect(School::query()->count())->toBe(2)->and($first->adults()->count())->toBe(1);
    $this->getJson('/api/school/people')->assertOk()->assertDontSee($first->adults->first()->name);
    $this->asNobody()->getJson('/api/session')->assertJson(['to_set_up' => false]);
    // Both invite the same person: neither takes the other's slip away, and whoever is first has them.
    $slips = app(App\School\SlipBox::class);
    $second = School::query()->latest('id')->first();
    [$one] = $slips->invite($first->kitchens->first(), 'Mae', 'mae@both.example', AdultRole::Teacher);
    [$two] = $slips->invite($second->kitchens->first(), 'Mae', 'mae@both.example', AdultRole::Teacher);
    expect($slips->use($one->fresh(), 'tres tazas de lluvia', null)->kitchen->school_id)->toBe($first->id);
    expect(refused(fn () => $slips->use($two->fresh(), 'tres tazas de lluvia', null)))->toBe(['code', 'Somebody here has that e-mail already.']);
    Artisan::call('school:welcome');
    expect(Artisan::output())->toContain('Escuela «Río Ñandú», Tarn Valley Secondary is at')->not->toContain('code');
});

it('takes no other code, and pauses after five', function () {
    foreach (range(1, 5) as $ignored) {
        $this->postJson('/api/set-up', ($this->answers)(['code' => 'BCDF-GHJK-MNPQ']))->assertUnprocessable()->assertJsonValidationErrors('code');
    }
    $this->postJson('/api/set-up', ($this->answers)())->assertTooManyRequests();
    expect(School::query()->count())->toBe(0);
});

it('says at its field what cannot be, and stores nothing', function (array $change, string $field) {
    $this->postJson('/api/set-up', ($this->answers)($change))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(School::query()->count())->toBe(0);
})->with([
    [['name' => ''], 'name'], [['name' => "Tarn\u{202E}Valley"], 'name'], [['time_zone' => 'Mars/Olympus'], 'time_zone'],
    [['language' => 'fr'], 'language'], [['standard' => 'barrel'], 'standard'], [['teacher' => '<b>Z</b>'], 'teacher'],
    [['email' => 'zoe'], 'email'], [['password' => 'short'], 'password'], [['password' => 'password1234'], 'password'],
    [['password' => 'P4ssw0rd1234'], 'password'], [['password' => 'aaaaaaaaaaaa'], 'password'], [['password' => 'orsted-nakamura1'], 'password'],
    [['password' => 'zoe@escuela.example'], 'password'], [['password' => 'Rio Nandu 2026'], 'password'],
    [['password' => str_repeat('lluvia ', 20)], 'password'],
]);

it('tells the one who started it where to go, and a new code each time while nobody came', function () {
    Artisan::call('school:welcome');
    preg_match('~[A-Z0-9]{4}(-[A-Z0-9]{4}){2}~', Artisan::output(), $one);
    Artisan::call('school:welcome');
    preg_match('~[A-Z0-9]{4}(-[A-Z0-9]{4}){2}~', Artisan::output(), $two);
    expect([SetUpCode::is($one[0]), SetUpCode::is(strtolower(str_replace('-', ' ', $two[0])))])->toBe([false, true]);
    $this->section();
    Artisan::call('school:welcome');
    expect(Artisan::output())->toContain('Tarn Valley Secondary is at')->not->toContain('code');
});
