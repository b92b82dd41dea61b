<?php

declare(strict_types=1);

use App\Live\Happening;
use App\Live\Publisher;
use App\Live\Teller;
use App\Live\Telling;
use Hovik\Core\Lab\EventKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;

beforeEach(function () {
    $this->lab = $this->openLab();
    [$this->flour, $this->salt] = [$this->lab->lines->first(), $this->lab->lines->last()];
    [$this->hazel, $this->rowan] = [$this->lab->section->stations->first(), $this->lab->section->stations->last()];
    $this->socket = sys_get_temp_dir().'/teller-'.bin2hex(random_bytes(6)).'.sock';
    $this->told = [];
    $this->mock(Publisher::class)->shouldReceive('publish')->andReturnUsing(function (string $channel, string $fact): void {
        $this->told[] = [$channel, json_decode($fact, true)];
    });
    $this->here = fn (?EventKind $kind = null): Happening => new Happening(
        $this->lab->id, $this->lab->section_id, $this->hazel->id, $kind, 'en',
    );
});

afterEach(function () {
    Teller::at($this->socket)->close();
});

it('takes over the telling, and tells what the request would have told', function () {
    $this->asStation($this->hazel);
    $this->weigh($this->flour, ['grams' => '239'])->assertCreated();
    $byRequest = $this->told;
    $this->told = [];

    config(['hovik.teller_socket' => $this->socket]);
    $teller = Teller::at($this->socket);
    expect($teller->open())->toBeFalse()->and($teller->heard(0))->toBe([]);
    $this->weigh($this->flour, ['grams' => '219'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    expect($this->told)->toBe([]);
    $heard = $teller->heard(1);
    expect($heard)->toEqual([($this->here)()]);
    app(Telling::class)->tell($heard);
    expect(array_column($this->told, 0))->toBe(array_column($byRequest, 0))->toBe(["labs/{$this->lab->id}", "stations/{$this->hazel->id}"]);
    [$ofBoard, $ofStation] = array_column($this->told, 1);
    expect($ofBoard['change']['weighings'])->toHaveCount(2)->and($ofBoard['change']['weighings'][0])->toEqual($byRequest[0][1]['change']['weighings'][0])
        ->and($ofStation['change']['heard'])->toBe(2);
});

it('leaves the telling to the request where the teller is dead, or hears nothing', function () {
    config(['hovik.teller_socket' => $this->socket]);
    $this->asStation($this->hazel);
    $this->weigh($this->flour)->assertCreated(); // nobody is there
    expect($this->told)->toHaveCount(2);
    $teller = Teller::at($this->socket);
    $teller->open();
    for ($given = 0; $given < 5000 && Teller::at($this->socket)->hand(($this->here)()); $given++); // its queue is full
    expect($given)->toBeLessThan(5000);
    $this->weigh($this->salt, ['grams' => '3'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    expect($this->told)->toHaveCount(4)->and($teller->heard(0))->toHaveCount($given);
});

it('passes over what is no happening', function (string $text) {
    Exceptions::fake();
    $teller = Teller::at($this->socket);
    $teller->open();
    fwrite(stream_socket_client("udg://$this->socket"), $text);
    Teller::at($this->socket)->hand(($this->here)(EventKind::Dropped));
    expect($teller->heard(1))->toEqual([($this->here)(EventKind::Dropped)]);
    Exceptions::assertReported(JsonException::class);
})->with(['{', '{"lab":1}', '[1,2]', '[[[1]]]', '["1","2","3",null,"en"]', '7', 'null']);

it('knows of one that was killed', function () {
    Teller::at($this->socket)->open();
    $next = Teller::at($this->socket);
    expect($next->open())->toBeTrue()->and(Teller::at($this->socket)->hand(($this->here)()))->toBeTrue()->and($next->heard(1))->toHaveCount(1);
    $next->close(); // this one says goodbye
    expect(Teller::at($this->socket)->hand(($this->here)()))->toBeFalse()->and(Teller::at($this->socket)->open())->toBeFalse();
});

it('tells what happened in several labs in one trip to the database, each once, with each lab\'s own totals', function () {
    $other = $this->openLab($this->section('Foods 2'));
    $cedar = $other->section->stations->first();
    $this->asStation($this->hazel)->weigh($this->flour, ['grams' => '239'])->assertCreated();
    $this->asNobody()->asStation($cedar)->weigh(
        $other->lines->first(),
        ['grams' => '219', 'student_id' => $cedar->students->first()->id, 'scale_id' => $other->section->kitchen->scales->first()->id],
        '01JDF8Z9X3M5N7P9Q1R3S5T7V1',
    )->assertCreated();
    $this->told = [];
    $there = new Happening($other->id, $other->section_id, $cedar->id, null, 'en');
    app(Telling::class)->tell([($this->here)()]);
    $alone = $this->told;
    app(Telling::class)->tell([$there]); // what never changes is kept from here on
    $this->told = $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    app(Telling::class)->tell([($this->here)(), $there, ($this->here)(EventKind::Help)]);
    $trips = count($asked);
    expect($trips)->toBe(1)->and(array_column($this->told, 0))->toBe([
        "labs/{$this->lab->id}", "stations/{$this->hazel->id}", "labs/{$this->lab->id}", "stations/{$this->hazel->id}",
        "labs/$other->id", "stations/$cedar->id",
    ])->and($this->told[0])->toEqual($alone[0])->and($this->told[2][1]['kind'])->toBe('help');
    $totals = fn (int $i): array => $this->told[$i][1]['change']['totals'];
    expect($totals(0))->toBe(['level' => 0, 'heaped' => 1, 'shy' => 0, 'too_close' => 0])
        ->and($totals(4))->toBe(['level' => 1, 'heaped' => 0, 'shy' => 0, 'too_close' => 0]);
});

it('tells totals as the board has them, whatever was put right or taken back', function () {
    $board = fn (): array => $this->asNobody()->asTeacher($this->lab->section->teacher)->getJson("/api/labs/{$this->lab->id}/board")->json();
    $told = function (): array {
        $this->told = [];
        app(Telling::class)->tell([($this->here)()]);

        return $this->told[0][1]['change'];
    };
    $ids = array_map(fn (int $n): string => "01JDF8Z9X3M5N7P9Q1R3S5T7V$n", range(0, 5));
    $this->asStation($this->hazel)->weigh($this->flour, ['grams' => '239'], $ids[0])->assertCreated();
    $this->putJson("/api/events/$ids[4]", [
        'kind' => 'taken-back', 'line_id' => $this->flour->id, 'detail' => ['weighing' => $ids[0]],
    ])->assertOk();
    expect($told()['totals'])->toBe($board()['totals'])->toBe(['level' => 0, 'heaped' => 0, 'shy' => 0, 'too_close' => 0]);
    $this->asNobody()->asStation($this->hazel)->weigh($this->flour, ['grams' => '219'], $ids[1])->assertCreated();
    $this->weigh($this->salt, ['grams' => '9'], $ids[2])->assertCreated();
    $this->asNobody()->asTeacher($this->lab->section->teacher)->putJson(
        "/api/labs/{$this->lab->id}/weighings/$ids[2]/correction", ['id' => $ids[3], 'grams' => '3'],
    )->assertSuccessful();
    $change = $told();
    expect($change['totals'])->toBe($board()['totals'])->and(array_sum($change['totals']))->toBe(2)
        ->and($change['weighings'])->toEqual($board()['weighings'])->and($change['station'])->toEqual($board()['stations'][0]);
});

it('tells again what one that was killed may not have told, and nothing older', function () {
    $this->travel(-5)->minutes();
    $rowans = ['student_id' => $this->rowan->students->first()->id];
    $this->asStation($this->rowan)->weigh($this->flour, $rowans)->assertCreated();
    $this->travelBack();
    $this->asNobody()->asStation($this->hazel)->weigh($this->flour, [], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    $this->putJson('/api/events/01JDF8Z9X3M5N7P9Q1R3S5T7V2', ['kind' => 'help'])->assertOk();
    $this->told = [];
    app(Telling::class)->tellAgain(20);
    expect(array_column($this->told, 0))->toBe(["labs/{$this->lab->id}", "stations/{$this->hazel->id}"])
        ->and($this->told[1][1]['change']['help'])->toBeTrue();
});

it('has whoever listens ask where what changed is not to be had', function () {
    Exceptions::fake();
    DB::connection()->beforeExecuting(fn () => throw new RuntimeException('away'));
    app(Telling::class)->tell([($this->here)()]);
    expect($this->told)->toBe([
        ["labs/{$this->lab->id}", ['what' => 'weighing-stored', 'kind' => null, 'station' => $this->hazel->id, 'change' => null]],
        ["stations/{$this->hazel->id}", ['what' => 'weighing-stored', 'kind' => null, 'station' => $this->hazel->id, 'change' => null]],
    ]);
    Exceptions::assertReported(RuntimeException::class);
});
