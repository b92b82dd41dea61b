<?php

declare(strict_types=1);

use App\Auth\HashedSessions;
use App\Models\Kitchen;
use App\Models\LogEntry;
use App\Models\School;
use App\Models\Slip;
use App\Models\Teacher;
use App\School\AdultRole;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    Cache::flush();
    $this->class = $this->section();
    $this->keeper = $this->class->teacher;
    $this->keeper->update(['role' => AdultRole::Keeper]);
    $this->asTeacher($this->keeper);
    $this->invite = fn (array $change = []) => $this->asNobody()->asTeacher($this->keeper->fresh())->postJson('/api/school/slips', $change + [
        'name' => 'R. Tamm', 'email' => 'Tamm@School.example', 'role' => 'teacher', 'kitchen_id' => $this->class->kitchen_id, 'mail' => false,
    ]);
    $this->signIn = fn (string $email, string $password) => $this->asNobody()->postJson('/api/teacher/session', compact('email', 'password'));
});

it('invites by a slip that works once within a week', function () {
    $slip = ($this->invite)()->assertCreated()->json();
    expect($slip['code'])->toMatch('/^[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}$/')->and($slip['path'])->toBe("/welcome/{$slip['code']}")
        ->and((string) json_encode(Slip::query()->get()))->not->toContain($slip['code']);
    $this->asNobody()->getJson("/api/slips/{$slip['code']}")->assertOk()
        ->assertJson(['name' => 'R. Tamm', 'email' => 'tamm@school.example', 'is_new' => true, 'school' => 'Tarn Valley Secondary']);
    $typed = strtolower(str_replace('-', '', $slip['code']));
    $this->postJson("/api/slips/$typed", ['password' => 'tamm@school'])->assertUnprocessable()->assertJsonValidationErrors('password');
    $this->postJson("/api/slips/$typed", ['name' => 'Ruta Tamm', 'password' => 'seven green teapots'])->assertOk()
        ->assertJson(['kind' => 'teacher', 'name' => 'Ruta Tamm', 'role' => 'teacher']);
    $this->asNobody()->postJson("/api/slips/$typed", ['password' => 'seven green teapots'])->assertUnprocessable()->assertJsonValidationErrors('code');
    ($this->signIn)('tamm@school.example', 'seven green teapots')->assertOk();
});

it('has slips that end, can be taken back, and are of the newest only', function () {
    $one = ($this->invite)()->json();
    $two = ($this->invite)()->json();
    $this->asNobody()->getJson("/api/slips/{$one['code']}")->assertUnprocessable();
    $this->getJson("/api/slips/{$two['code']}")->assertOk();
    $this->travel(8)->days();
    $this->getJson("/api/slips/{$two['code']}")->assertUnprocessable();
    $this->travelBack();
    $this->asTeacher($this->keeper)->deleteJson("/api/school/slips/{$two['id']}")->assertNoContent();
    $this->asNobody()->getJson("/api/slips/{$two['code']}")->assertUnprocessable();
    ($this->invite)(['email' => $this->keeper->email])->assertUnprocessable()->assertJsonValidationErrors('email');
    ($this->invite)(['kitchen_id' => Kitchen::factory()->create()->id])->assertUnprocessable()->assertJsonValidationErrors('kitchen_id');
});

it('mails a slip where a mail server is set', function () {
    $folder = sys_get_temp_dir().'/hovik-mail-'.bin2hex(random_bytes(4));
    config(['mail.default' => 'folder', 'mail.mailers.folder.path' => $folder, 'app.url' => 'https://hovik.school.example']);
    School::query()->update(['language' => 'es']);
    $slip = ($this->invite)(['mail' => true])->assertCreated()->assertJsonPath('mailed', true)->json();
    $files = glob("$folder/*.eml");
    $mail = quoted_printable_decode((string) file_get_contents($files[0]));
    array_map(unlink(...), $files);
    rmdir($folder);
    expect($mail)->toContain('tamm@school.example')->toContain("https://hovik.school.example/welcome/{$slip['code']}")->toContain('elige una contraseña');
});

it('tells who is in the school, on how many devices, and what they teach', function () {
    ($this->signIn)($this->keeper->email, 'flour-and-water')->assertOk();
    $people = $this->getJson('/api/school/people')->assertOk()->json();
    expect($people['people'][0])->toMatchArray([
        'name' => 'Teacher 1', 'role' => 'keeper', 'active' => true, 'classes' => ['Foods 1'],
    ])->and($people['can_mail'])->toBeFalse();
});

it('resets a sign-in, and whoever was in by the old password is out', function () {
    $other = Teacher::factory()->for($this->class->kitchen)->create(['email' => 'tamm@school.example', 'name' => 'R. Tamm']);
    $slip = $this->postJson("/api/school/people/$other->id/slip", ['mail' => false])->assertCreated()->assertJsonPath('is_new', false)->json();
    $session = $this->asNobody()->asTeacher($other);
    $session->getJson('/api/today')->assertOk();
    $stamp = $other->session_version;
    $this->asNobody()->postJson("/api/slips/{$slip['code']}", ['password' => 'seven green teapots'])->assertOk();
    expect($other->refresh()->session_version)->toBe($stamp + 1);
    $this->asNobody()->actingAs($other, 'teacher')->withSession(['door.teacher.since' => time(), 'door.teacher.version' => $stamp])
        ->getJson('/api/today')->assertUnauthorized();
    ($this->signIn)('tamm@school.example', 'flour-and-water')->assertUnprocessable();
    ($this->signIn)('tamm@school.example', 'seven green teapots')->assertOk();
});

it('lets the one at the machine reset the keeper', function () {
    expect(Artisan::call('school:reset', ['mail' => strtoupper($this->keeper->email)]))->toBe(0);
    preg_match('~/welcome/([A-Z0-9-]+)~', Artisan::output(), $code);
    $this->asNobody()->postJson("/api/slips/$code[1]", ['password' => 'seven green teapots'])->assertOk()->assertJsonPath('role', 'keeper');
    expect(Artisan::call('school:reset', ['mail' => 'nobody@school.example']))->toBe(1);
});

it('changes a password with the old one, and signs out everywhere else', function () {
    $this->putJson('/api/account/password', ['current' => 'wrong', 'password' => 'seven green teapots'])
        ->assertUnprocessable()->assertJsonValidationErrors('current');
    $this->putJson('/api/account/password', ['current' => 'flour-and-water', 'password' => 'flour'])
        ->assertUnprocessable()->assertJsonValidationErrors('password');
    $before = $this->keeper->refresh()->session_version;
    $this->putJson('/api/account/password', ['current' => 'flour-and-water', 'password' => 'seven green teapots'])->assertNoContent();
    $this->getJson('/api/today')->assertOk();
    $this->asNobody()->actingAs($this->keeper->fresh(), 'teacher')->withSession(['door.teacher.since' => time(), 'door.teacher.version' => $before])
        ->getJson('/api/today')->assertUnauthorized();
});

it('lists one\'s own devices, and ends them all but this one', function () {
    ($this->signIn)($this->keeper->email, 'flour-and-water')->assertOk();
    $this->getJson('/api/account')->assertOk()->assertJson(['name' => 'Teacher 1', 'role' => 'keeper']);
    $version = $this->keeper->refresh()->session_version;
    $this->deleteJson('/api/account/sessions')->assertNoContent();
    $this->getJson('/api/account')->assertOk();
    expect($this->keeper->refresh()->session_version)->toBe($version + 1);
});

it('takes somebody\'s access, gives it back, and never leaves the school without a keeper', function () {
    $other = Teacher::factory()->for($this->class->kitchen)->create(['email' => 'tamm@school.example']);
    $change = fn (Teacher $who, array $change) => $this->asNobody()->asTeacher($this->keeper->fresh())->putJson("/api/school/people/$who->id", $change + [
        'role' => 'teacher', 'kitchen_id' => $this->class->kitchen_id, 'active' => true,
    ]);
    $change($other, ['active' => false])->assertNoContent();
    ($this->signIn)('tamm@school.example', 'flour-and-water')->assertUnprocessable();
    $change($other, ['role' => 'aide'])->assertNoContent();
    ($this->signIn)('tamm@school.example', 'flour-and-water')->assertOk();
    $this->getJson('/api/drawer')->assertForbidden();
    $change($this->keeper, ['role' => 'teacher'])->assertConflict();
    $change($this->keeper, ['role' => 'keeper', 'active' => false])->assertConflict();
    expect($this->keeper->fresh()->isKeeper())->toBeTrue()->and($this->keeper->fresh()->deactivated_at)->toBeNull();
});

it('hands a class over to a teacher of its kitchen', function () {
    $heir = Teacher::factory()->for($this->class->kitchen)->create(['name' => 'R. Tamm', 'email' => 'tamm@school.example']);
    $aide = Teacher::factory()->for($this->class->kitchen)->create(['role' => AdultRole::Aide]);
    $url = "/api/sections/{$this->class->id}/owner";
    $this->getJson($url)->assertOk()->assertJson(['owner' => 'Teacher 1', 'teachers' => [['id' => $heir->id, 'name' => 'R. Tamm']]])
        ->assertJsonCount(1, 'teachers');
    $this->putJson($url, ['teacher_id' => $aide->id])->assertUnprocessable()->assertJsonValidationErrors('teacher_id');
    $this->putJson($url, ['teacher_id' => $heir->id])->assertNoContent();
    $this->getJson("/api/sections/{$this->class->id}")->assertForbidden();
    $this->asNobody()->asTeacher($heir)->getJson("/api/sections/{$this->class->id}")->assertOk();
});

it('writes down what adults do, page by page, and lets nobody take it back', function () {
    foreach (range(1, 60) as $n) {
        ($this->invite)(['email' => "new$n@school.example", 'name' => "New $n"])->assertCreated();
    }
    $page = $this->getJson('/api/school/log')->assertOk()->json();
    expect($page['rows'])->toHaveCount(50)->and($page['rows'][0])->toMatchArray(['who' => 'Teacher 1', 'said' => 'invited New 60']);
    $rest = $this->getJson("/api/school/log?before={$page['before']}")->assertOk()->json();
    expect($rest['before'])->toBeNull()->and(end($rest['rows'])['said'])->toBe('invited New 1');
    expect(fn () => LogEntry::query()->update(['who' => 'Somebody']))->toThrow(Exception::class, 'only ever added to')
        ->and(fn () => LogEntry::query()->delete())->toThrow(Exception::class, 'three years');
    $stranger = $this->section('Foods 2')->teacher;
    $stranger->update(['role' => AdultRole::Keeper]);
    $this->asNobody()->asTeacher($stranger)->getJson('/api/school/log')->assertOk()->assertJsonCount(0, 'rows');
});

it('stores sessions by a hash, and of whom only what they may see themselves', function () {
    config(['session.driver' => 'hashed-database']);
    $handler = new HashedSessions(DB::connection(), 'sessions', 240, app());
    $handler->write('the-id-in-the-cookie', 'a:0:{}');
    $row = DB::table('sessions')->sole();
    expect($row->id)->toBe(hash('sha256', 'the-id-in-the-cookie'))->and($row->ip_address)->toBeNull()
        ->and($handler->read('the-id-in-the-cookie'))->toBe('a:0:{}')->and((new HashedSessions(DB::connection(), 'sessions', 240, app()))->read($row->id))->toBe('');
    $handler->destroy('the-id-in-the-cookie');
    expect(DB::table('sessions')->count())->toBe(0);
});

it('ends a session at the end of the day, however busy it was', function () {
    foreach (range(1, 7) as $ignored) {
        $this->getJson('/api/today')->assertOk();
        $this->travel(2)->hours();
    }
    $this->getJson('/api/today')->assertUnauthorized();
});

it('changes the school for all its classes', function () {
    $this->putJson('/api/school', [
        'name' => 'Tarn Valley', 'time_zone' => 'Europe/London', 'language' => 'en', 'spelling' => 'british', 'decimal_sign' => 'comma',
        'standard' => 'au', 'year_ends' => '07-20', 'kept_years' => null,
    ])->assertOk()->assertJson(['spelling' => 'british', 'kept_years' => null]);
    $lab = $this->openLab($this->class);
    $this->asNobody()->asStation($lab->section->stations->first())->getJson('/api/work')->assertJsonPath('decimal', 'comma');
    $this->asNobody()->asTeacher($this->keeper);
    $this->postJson('/api/school/kitchens', ['name' => 'Küche „B“'])->assertCreated();
    $this->postJson('/api/school/kitchens', ['name' => '=cmd()'])->assertUnprocessable();
    expect($this->getJson('/api/school')->json('kitchens.*.name'))->toBe(['Kitchen 1', 'Küche „B“']);
});
