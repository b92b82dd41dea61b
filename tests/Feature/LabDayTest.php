<?php

declare(strict_types=1);

use App\Labs\StationStates;
use App\Live\Publisher;
use App\Models\LabEvent;
use App\Models\Weighing;

beforeEach(function () {
    $this->lab = $this->openLab();
    $this->teacher = $this->lab->section->teacher;
    [$this->hazel, $this->rowan] = $this->lab->section->stations->all();
    [$this->flour, $this->salt] = $this->lab->lines->all();
    $this->n = 0;
    $this->ulid = fn (): string => sprintf('01JDF8Z9X3M5N7P9Q1R3S5%04d', ++$this->n);
    $this->tell = fn (string $kind, array $given = [], ?string $id = null) => $this->putJson(
        '/api/events/'.($id ?? ($this->ulid)()), ['kind' => $kind] + $given,
    );
    $this->say = fn (string $kind, array $given = [], ?string $id = null) => $this->putJson(
        "/api/labs/{$this->lab->id}/events/".($id ?? ($this->ulid)()),
        $given + ['kind' => $kind, 'station_id' => $this->hazel->id],
    );
    $this->board = fn () => $this->asNobody()->asTeacher($this->teacher)->getJson("/api/labs/{$this->lab->id}/board");
    $this->weighAll = function () {
        $this->weigh($this->flour, ['grams' => '219'], ($this->ulid)())->assertCreated();
        $this->weigh($this->salt, ['grams' => '3'], ($this->ulid)())->assertCreated();
    };
});

describe('the gate', function () {
    beforeEach(fn () => $this->lab->update(['recipe_version_id' => null]) && $this->asStation($this->hazel));

    it('lets a station ask for its check only when everything is weighed', function () {
        ($this->tell)('ready')->assertConflict()->assertJsonPath('reason', 'not-all-weighed');
        ($this->weighAll)();
        $this->getJson('/api/work')->assertJsonPath('gate.can_be_ready', true)->assertJsonPath('gate.directions', null);
        ($this->tell)('ready')->assertOk()->assertJsonPath('work.gate.ready', true);
        ($this->board)()->assertJsonPath(
            'stations.0.ready_at', fn (float $at) => abs($at - microtime(true)) < 30,
        )->assertJsonPath('stations.1.ready_at', null);
    });

    it('opens the directions when the teacher releases the station, and closes them with a line sent back', function () {
        ($this->weighAll)();
        ($this->tell)('ready')->assertOk();
        $this->asNobody()->asTeacher($this->teacher);
        ($this->say)('checked', ['line_id' => $this->flour->id])->assertNoContent();
        ($this->say)('released')->assertNoContent();
        $this->asNobody()->asStation($this->hazel)->getJson('/api/work')->assertJsonPath('gate.released', true)
            ->assertJsonPath('gate.directions', [])->assertJsonPath('lines.0.checked', true)->assertJsonPath('lines.1.checked', false);
        $this->asNobody()->asTeacher($this->teacher);
        ($this->say)('sent-back', ['line_id' => $this->salt->id, 'detail' => ['reason' => 'Not level.']])->assertNoContent();
        $this->asNobody()->asStation($this->hazel)->getJson('/api/work')->assertJsonPath('gate.released', false)->assertJsonPath('gate.can_be_ready', false)->assertJsonPath(
            'lines.1.sent_back', 'Not level.',
        );
        $this->weigh($this->salt, ['grams' => '3'], ($this->ulid)())->assertCreated();
        $this->getJson('/api/work')->assertJsonPath('gate.can_be_ready', true)->assertJsonPath('lines.1.sent_back', null);
    });

    it('stands as before when the teacher undoes a slip at once, and not later', function () {
        ($this->weighAll)();
        ($this->tell)('ready')->assertOk();
        $this->asNobody()->asTeacher($this->teacher);
        $slip = ($this->ulid)();
        ($this->say)('released', id: $slip)->assertNoContent();
        ($this->say)('undone', ['detail' => ['event' => $slip], 'station_id' => $this->rowan->id])->assertConflict(); // of another station
        ($this->say)('undone', ['detail' => ['event' => strtolower($slip)]])->assertNoContent();
        ($this->board)()->assertJsonPath('stations.0.released', false)->assertJsonPath(
            'stations.0.ready_at', fn (?float $at) => $at !== null,
        );
        ($this->say)('released', id: $again = ($this->ulid)())->assertNoContent();
        $this->travel(2)->minutes();
        ($this->say)('undone', ['detail' => ['event' => $again]])->assertConflict()->assertJsonPath('reason', 'too-late-to-undo');
        ($this->say)('note', ['detail' => ['text' => 'x']], $note = ($this->ulid)())->assertNoContent();
        ($this->say)('undone', ['detail' => ['event' => $note]])->assertConflict();
        ($this->say)('undone')->assertUnprocessable()->assertJsonValidationErrors('detail.event');
        ($this->board)()->assertJsonPath('stations.0.released', true);
    });

    it('is not for the station to open', function () {
        foreach (['released', 'checked', 'sent-back', 'seen', 'note', 'counted', 'undone'] as $kind) {
            ($this->tell)(
                $kind,
                ['line_id' => $this->flour->id, 'detail' => ['reason' => 'x', 'text' => 'x', 'step' => 'loosen', 'seen' => 'done']],
            )->assertUnprocessable()->assertJsonValidationErrors('kind');
        }
        expect(LabEvent::query()->count())->toBe(0);
    });
});

it('stores an event once, however often it is sent, and refuses its id for something else', function () {
    $this->asStation($this->hazel);
    $id = ($this->ulid)();
    ($this->tell)('help', id: $id)->assertOk();
    ($this->tell)('help', id: $id)->assertOk();
    expect(LabEvent::query()->count())->toBe(1);
    ($this->tell)('help-over', id: $id)->assertConflict()->assertJsonPath('reason', 'event-reused');
    $this->asNobody()->asStation($this->rowan);
    ($this->tell)('help', id: $id)->assertConflict();
});

it('is kept by the database as it was', function () {
    $this->asStation($this->hazel);
    ($this->tell)('help');
    expect(fn () => LabEvent::query()->update(['kind' => 'released']))->toThrow(Illuminate\Database\QueryException::class);
});

it('raises hands in order of waiting, and takes them down', function () {
    $this->asStation($this->rowan);
    ($this->tell)('help')->assertJsonPath('work.help', true);
    $this->asNobody()->asStation($this->hazel);
    ($this->tell)('help');
    $stations = ($this->board)()->json('stations');
    expect($stations[1]['help_at'])->toBeLessThan($stations[0]['help_at']);
    ($this->say)('help-over')->assertNoContent();
    ($this->board)()->assertJsonPath('stations.0.help_at', null);
});

it('keeps what the teacher saw and noted', function () {
    $this->asTeacher($this->teacher);
    ($this->say)('seen', ['line_id' => $this->flour->id, 'detail' => ['step' => 'loosen', 'seen' => 'done']])->assertNoContent();
    ($this->say)('seen', ['line_id' => $this->flour->id, 'detail' => ['step' => 'loosen', 'seen' => 'not-done']])->assertNoContent();
    ($this->say)('note', ['detail' => ['text' => 'Worked calmly.']])->assertNoContent();
    ($this->say)('counted')->assertNoContent();
    ($this->board)()->assertJsonPath(
        'stations.0.seen', [['line' => $this->flour->id, 'step' => 'loosen', 'seen' => 'not-done']],
    )->assertJsonPath('stations.0.notes.0.text', 'Worked calmly.')->assertJsonPath('stations.0.counted', true);
});

it('refuses what makes no sense, at its field, and stores nothing', function (string $kind, array $given, string $field) {
    $this->asTeacher($this->teacher);
    ($this->say)($kind, $given + ['line_id' => $this->flour->id])->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(LabEvent::query()->count())->toBe(0);
})->with([
    ['sent-back', ['detail' => ['reason' => '  ']], 'detail.reason'], ['sent-back', ['line_id' => 999999], 'line_id'],
    ['sent-back', ['line_id' => null, 'detail' => ['reason' => 'x']], 'line_id'],
    ['seen', ['detail' => ['step' => 'sift', 'seen' => 'done']], 'detail.step'],
    ['note', ['detail' => ['text' => str_repeat('x', 301)]], 'detail.text'], ['dance', [], 'kind'], ['ready', [], 'kind'],
    ['checked', ['station_id' => 999999], 'station_id'],
]);

it('lends a shared supply to one station at a time', function () {
    $this->onTheShelf($this->flour);
    $this->asStation($this->hazel)->getJson('/api/work')->assertJsonPath('lines.0.shelf', 'there')->assertJsonPath('lines.1.shelf', null);
    ($this->tell)('taken', ['line_id' => $this->flour->id])->assertJsonPath('work.lines.0.shelf', 'ours');
    $this->asNobody()->asStation($this->rowan)->getJson('/api/work')->assertJsonPath('lines.0.shelf', 'out');
    ($this->tell)('taken', ['line_id' => $this->flour->id])->assertConflict()->assertJsonPath('reason', 'out-already');
    ($this->board)()->assertJsonPath('stations.0.out', [$this->flour->id]);
    ($this->say)('returned', ['line_id' => $this->flour->id])->assertNoContent();
    $this->asNobody()->asStation($this->rowan);
    ($this->tell)('taken', ['line_id' => $this->flour->id])->assertOk();
});

it('tells the teacher what fell on the floor and what fell into the food', function () {
    $this->asStation($this->hazel);
    $tool = $this->flour->frozen->fills()[0]->tool->id;
    ($this->tell)('dropped', ['detail' => ['tool' => $tool]])->assertOk();
    ($this->tell)('foreign')->assertUnprocessable()->assertJsonValidationErrors('line_id');
    ($this->tell)('foreign', ['line_id' => $this->flour->id])->assertJsonPath('work.lines.0.foreign', true);
    ($this->tell)('foreign-over', ['line_id' => $this->flour->id])->assertUnprocessable(); // the teacher looks, nobody else
    ($this->board)()->assertJsonPath('stations.0.dropped.0.tool', $tool)->assertJsonPath('stations.0.foreign', [$this->flour->id]);
    ($this->say)('foreign-over', ['line_id' => $this->flour->id])->assertSuccessful();
    ($this->board)()->assertJsonPath('stations.0.foreign', []);
});

it('takes a dropped tool out until it is washed, and runs timers', function () {
    $this->asStation($this->hazel);
    ($this->tell)('dropped', ['detail' => ['tool' => 'dry-cup-us-1']])->assertJsonPath('work.dropped', ['dry-cup-us-1']);
    ($this->tell)('washed', ['detail' => ['tool' => 'dry-cup-us-1']])->assertJsonPath('work.dropped', []);
    $timer = ($this->ulid)();
    ($this->tell)(
        'timer', ['detail' => ['label' => 'Rise', 'minutes' => 10]], $timer,
    )->assertJsonPath('work.timers.0.label', 'Rise')->assertJsonPath(
        'work.timers.0.ends_at', fn (float $at) => abs($at - microtime(true) - 600) < 30,
    );
    ($this->tell)('timer-over', ['detail' => ['timer' => $timer]])->assertJsonPath('work.timers', []);
});

it('offers the next best tools for the same steps while one lies on the floor, and explains a miss by those', function () {
    $this->asStation($this->hazel);
    $planned = array_column($this->getJson('/api/work')->json('lines.0.fills'), 'tool');
    $line = fn () => $this->getJson('/api/work')->json('lines.0');
    ($this->tell)('dropped', ['detail' => ['tool' => $planned[0]]])->assertOk();
    $tools = array_column($line()['fills'], 'tool');
    expect($tools)->not->toContain($planned[0])->and($tools)->not->toBe([])
        ->and(array_column($line()['fallen'], 'tool'))->toBe([$planned[0]])
        ->and($line()['fetch'])->toContain($line()['fills'][0]['called'])
        ->and(array_sum(array_map(fn (array $fill): float => $fill['mark_ml']
                ?? $fill['ml'] * $fill['count'], $line()['fills'])))->toEqualWithDelta(1.75 * 236.588, 0.1);
    $this->asNobody()->asStation($this->rowan);
    expect(array_column($line()['fills'], 'tool'))->toBe($planned); // Rowan's own are not on the floor
    $this->asNobody()->asStation($this->hazel);
    $this->weigh($this->flour, ['grams' => '281'], $with = ($this->ulid)())->assertCreated();
    ($this->tell)('washed', ['detail' => ['tool' => $planned[0]]])->assertOk();
    expect(array_column($line()['fills'], 'tool'))->toBe($planned)->and($line()['fallen'])->toBe([]);
    $this->travel(1)->seconds();
    $this->weigh($this->flour, ['grams' => '281'], $after = ($this->ulid)())->assertCreated();
    $this->getJson("/api/weighings/$with/causes")->assertOk();
    expect(StationStates::before(Weighing::query()->findOrFail($with)))->toBe([$planned[0]])
        ->and(StationStates::before(Weighing::query()->findOrFail($after)))->toBe([]);
});

it('orders what happened by what the server received, whatever a clock says', function () {
    $this->asStation($this->hazel);
    $this->travel(2)->hours(); // the device's server was ahead then
    $this->weigh($this->flour, ['grams' => '219'], ($this->ulid)())->assertCreated();
    $this->travelBack();
    $this->asNobody()->asTeacher($this->teacher);
    ($this->say)('sent-back', ['line_id' => $this->flour->id, 'detail' => ['reason' => 'again']])->assertNoContent();
    $this->asNobody()->asStation($this->hazel);
    $this->getJson('/api/work')->assertJsonPath('lines.0.sent_back', 'again')->assertJsonPath('todo.0', $this->flour->id);
});

it('takes late joiners and students who move as they come, and leaves earlier work where it was done', function () {
    $oona = $this->hazel->students()->first();
    $this->asStation($this->hazel);
    $this->weigh($this->flour, ['grams' => '219', 'student_id' => $oona->id], ($this->ulid)())->assertCreated();
    $publisher = $this->mock(Publisher::class);
    foreach (["labs/{$this->lab->id}", "sections/{$this->lab->section_id}"] as $channel) { // tablets look again at once
        $publisher->shouldReceive('publish')->times(3)->with($channel, json_encode(['what' => 'seats-changed']));
    }
    $class = "/api/sections/{$this->lab->section_id}";
    $this->asNobody()->asTeacher($this->teacher);
    $this->putJson("$class/students/$oona->id", ['name' => $oona->name, 'station_id' => $this->rowan->id])->assertNoContent();
    $this->postJson("$class/roster", ['text' => 'Vesna', 'look' => false])->assertOk();
    $vesna = $this->lab->section->students()->where('name', 'Vesna')->value('id');
    $this->putJson("$class/students/$vesna", ['name' => 'Vesna', 'station_id' => $this->hazel->id])->assertNoContent();
    $publisher->shouldReceive('publish');
    $this->asNobody()->asStation($this->hazel->fresh());
    $here = $this->getJson('/api/work');
    expect($here->json('students.*.name'))->toContain('Vesna')->not->toContain($oona->name)->and(
        $here->json('lines.0.attempts.0.student'),
    )->toBe($oona->name);
    $this->weigh($this->salt, ['grams' => '3', 'student_id' => $vesna], ($this->ulid)())->assertCreated();
    $this->weigh(
        $this->salt, ['grams' => '3', 'student_id' => $oona->id], ($this->ulid)(),
    )->assertUnprocessable()->assertJsonValidationErrors('student_id');
    $this->asNobody()->asStation($this->rowan);
    $this->weigh($this->salt, ['grams' => '3', 'student_id' => $oona->id], ($this->ulid)())->assertCreated();
});

it('says who is stuck after three misses', function () {
    $this->asStation($this->hazel);
    foreach (['260', '258', '261'] as $grams) {
        $this->weigh($this->flour, ['grams' => $grams], ($this->ulid)())->assertCreated();
    }
    ($this->board)()->assertJsonPath(
        'stations.0.stuck', ['why' => 'misses', 'line' => $this->flour->id],
    )->assertJsonPath('stations.1.stuck', null);
    $this->travel(6)->minutes();
    ($this->board)()->assertJsonPath('stations.1.stuck', ['why' => 'quiet', 'line' => null]);
});

describe('more ways to weigh', function () {
    beforeEach(fn () => $this->asStation($this->hazel));

    it('weighs food in its cups, each set to zero or weighed empty first, and judges their sum', function () {
        $cups = [['full_g' => '109', 'empty_g' => null], ['full_g' => '210', 'empty_g' => '100']];
        $one = $this->weigh($this->flour, [], ($this->ulid)())->json('scale_u_g');
        $sum = $this->weigh(
            $this->flour, ['grams' => null, 'cups' => $cups], ($this->ulid)(),
        )->assertCreated()->assertJsonPath('grams', 219)->assertJsonPath('verdict', 'level')
            ->assertJsonPath('cups.0', ['cup' => 1, 'full_g' => 109, 'empty_g' => null, 'left' => null])->json('scale_u_g');
        expect($sum)->toBeGreaterThan($one);
    });
    it('tells what stayed in an emptied cup, of a cup that there is', function () {
        $id = ($this->ulid)();
        $this->weigh($this->flour, ['grams' => null, 'cups' => [['full_g' => '319', 'empty_g' => '100']]], $id)->assertCreated();
        $tell = fn (array $detail) => $this->putJson(
            '/api/events/'.($this->ulid)(),
            ['kind' => 'emptied', 'line_id' => $this->flour->id, 'detail' => $detail + ['weighing' => $id, 'cup' => 1, 'grams' => '104']],
        );
        $tell(['cup' => 2])->assertUnprocessable()->assertJsonValidationErrors('detail.cup');
        $tell(['grams' => '319'])->assertUnprocessable()->assertJsonValidationErrors('detail.grams');
        $tell(['grams' => 'a lot'])->assertUnprocessable()->assertJsonValidationErrors('detail.grams');
        $tell(['weighing' => ($this->ulid)()])->assertUnprocessable()->assertJsonValidationErrors('detail.weighing');
        $tell([])->assertOk();
        $this->getJson("/api/weighings/$id")->assertJsonPath(
            'cups.0.left', '4 g stayed in the cup: 1.8% of it. Scrape it out, it belongs in the bowl.',
        );
    });
    it('asks about a number that no slip explains, while somebody looks, and stores it when they are sure', function () {
        $this->weigh($this->flour, ['grams' => '4999', 'ask' => true], ($this->ulid)())->assertUnprocessable()->assertJsonValidationErrors('ask');
        expect($this->stored())->toBe(0);
        $this->weigh($this->flour, ['grams' => '620', 'ask' => true], ($this->ulid)())->assertCreated(); // a bowl that was not tared
        $this->weigh($this->flour, ['grams' => '4999'], ($this->ulid)())->assertCreated(); // sure, or it waited for the network
    });
    it('reads ounces from a scale that shows them', function () {
        $this->weigh($this->flour, ['grams' => '7.75', 'unit' => 'oz'], ($this->ulid)())->assertUnprocessable(); // not one of 1 g steps
        $ounces = $this->lab->section->kitchen->scales()->create(['name' => 'Old scale', 'catalogue_id' => 'scale-1-8oz-11lb']);
        $this->getJson('/api/work')->assertJsonPath('scales.'.($this->lab->section->kitchen->scales()->count() - 1).'.may_show_ounces', true);
        $this->weigh($this->flour, ['grams' => '7.75', 'unit' => 'oz', 'scale_id' => $ounces->id], ($this->ulid)())->assertCreated()
            ->assertJsonPath('grams', 219.709);
        $this->weigh($this->flour, ['unit' => 'lb'], ($this->ulid)())->assertUnprocessable()->assertJsonValidationErrors('unit');
    });
    it('takes a fill said not done for a missing fill', function () {
        $half = (string) round((float) $this->flour->target_g / 2);
        $share = function (?int $left) use ($half): float {
            $id = ($this->ulid)();
            $this->weigh($this->flour, ['grams' => $half, 'left_out' => $left], $id)->assertCreated();
            $causes = collect($this->getJson("/api/weighings/$id/causes")->json('causes'));

            return (float) ($causes->firstWhere('id', 'fill-missing')['p'] ?? 0.0);
        };
        expect($this->flour->frozen->way()->plan->fillCount())->toBeGreaterThan(1)->and($share(1))->toBeGreaterThan($share(0));
    });
    it('weighs several level spoonfuls as one where the scale is too coarse, and judges one of them', function () {
        $together = $this->getJson('/api/work')->json('lines.1.together');
        $scale = $this->lab->section->kitchen->scales->first();
        $n = $together[$scale->id] ?? 12;
        expect($n)->toBeGreaterThan(3);
        $this->weigh(
            $this->salt, ['grams' => (string) round($n * (float) $this->salt->target_g), 'together' => $n], ($this->ulid)(),
        )->assertCreated()->assertJsonPath('verdict', 'level')->assertJsonPath(
            'grams', fn (float $g) => abs($g - (float) $this->salt->target_g) < 0.1,
        );
    });
    it('keeps what was predicted and where the number came from', function () {
        $sent = ['predicted' => 'heaped', 'source' => 'scale', 'grams' => '239', 'reports' => ['grams' => '040200ef00']];
        $this->weigh($this->flour, $sent, ($this->ulid)())->assertCreated();
        ($this->board)()->assertJsonPath('weighings.0.predicted', 'heaped')->assertJsonPath('weighings.0.source', 'scale');
    });
    it('takes nobody\'s word that a number came from a scale', function (array $sent, string $source) {
        $this->weigh($this->flour, $sent, ($this->ulid)())->assertCreated();
        ($this->board)()->assertJsonPath('weighings.0.source', $source);
    })->with([
        'no bytes' => [['source' => 'scale'], 'typed'], 'bytes of another weight' => [['source' => 'scale', 'reports' => ['grams' => '040200ef00']], 'typed'],
        'of a weight that moves' => [['source' => 'scale', 'grams' => '239', 'reports' => ['grams' => '030200ef00']], 'typed'],
        'each cup' => [['source' => 'scale', 'grams' => null, 'cups' => [['full_g' => '130', 'empty_g' => '20'], ['full_g' => '129', 'empty_g' => '20']],
            'reports' => ['full0' => '0402008200', 'empty0' => '0402001400', 'full1' => '0402008100', 'empty1' => '0402001400']], 'scale'],
        'a cup without' => [['source' => 'scale', 'grams' => null, 'cups' => [['full_g' => '130', 'empty_g' => '20'], ['full_g' => '129', 'empty_g' => '20']],
            'reports' => ['full0' => '0402008200', 'empty0' => '0402001400', 'full1' => '0402008100']], 'typed'],
    ]);
    it('knows the simulated scale where there is one, and a sheet from the teacher alone', function () {
        config(['hovik.simulated_scale' => false]);
        $this->weigh($this->flour, ['source' => 'paper'], ($this->ulid)())->assertUnprocessable()->assertJsonValidationErrors('source');
        $this->weigh($this->flour, ['source' => 'practice'], ($this->ulid)())->assertCreated();
        ($this->board)()->assertJsonPath('weighings.0.source', 'typed');
    });
    it('tells the gain of a repeat, and what was predicted', function () {
        $this->weigh($this->flour, ['grams' => '259'], ($this->ulid)())->assertJsonPath('gain', null);
        $this->weigh(
            $this->flour, ['grams' => '221', 'predicted' => 'level'], ($this->ulid)(),
        )->assertJsonPath('gain', 'Last time it was 40 g off, now 2 g.')->assertJsonPath('predicted', 'level');
        $this->weigh($this->flour, ['grams' => '246'], ($this->ulid)())->assertJsonPath('gain', null); // further off: nothing to praise
    });
    it('refuses what a scale cannot have shown', function (array $given, string $field) {
        $this->weigh($this->flour, $given, ($this->ulid)())->assertUnprocessable()->assertJsonValidationErrors($field);
        expect($this->stored())->toBe(0);
    })->with([
        [['grams' => null], 'grams'], [['grams' => null, 'cups' => [['full_g' => '100', 'empty_g' => '100']]], 'cups.0.empty_g'],
        [['grams' => null, 'cups' => [['empty_g' => '100']]], 'cups.0.full_g'], [['grams' => null, 'cups' => []], 'grams'],
        [['grams' => null, 'cups' => [['full_g' => '100.5', 'empty_g' => '50']]], 'cups.0.full_g'],
        [['grams' => null, 'cups' => array_fill(0, 13, ['full_g' => '100'])], 'cups'],
        [['grams' => null, 'cups' => [['full_g' => '100']], 'together' => 2], 'together'], [['left_out' => -1], 'left_out'],
        [['together' => 0], 'together'], [['together' => 13], 'together'], [['predicted' => 'maybe'], 'predicted'],
        [['source' => 'dream'], 'source'],
    ]);
});

describe('the teacher\'s desk', function () {
    it('puts a wrong entry right and keeps the old one', function () {
        $this->asStation($this->hazel);
        $wrong = $this->weigh($this->flour, ['grams' => '912'], ($this->ulid)())->json('id');
        $url = "/api/labs/{$this->lab->id}/weighings/$wrong/correction";
        $this->asNobody()->asTeacher($this->teacher);
        $new = ($this->ulid)();
        $this->putJson($url, ['id' => $new, 'grams' => '219'])->assertNoContent();
        $this->putJson($url, ['id' => $new, 'grams' => '219'])->assertNoContent();
        ($this->board)()->assertJsonCount(2, 'weighings')->assertJsonPath('weighings.0.corrected', true)->assertJsonPath(
            'weighings.1.corrected', false,
        )->assertJsonPath(
            'weighings.1.verdict', 'level',
        )->assertJsonPath('totals.level', 1)->assertJsonPath('totals.heaped', 0);
        $this->putJson($url, ['id' => ($this->ulid)(), 'grams' => '220'])->assertConflict()->assertJsonPath('reason', 'not-latest');
        $this->putJson($url, ['id' => ($this->ulid)(), 'grams' => 'lots'])->assertJsonValidationErrors('grams');
    });
    it('pauses, goes on, closes and opens again', function () {
        $this->asTeacher($this->teacher);
        $this->postJson("/api/labs/{$this->lab->id}/pause")->assertNoContent();
        $this->asNobody()->asStation($this->hazel)->getJson('/api/work')->assertJsonPath('paused', true);
        $this->weigh($this->flour, [], ($this->ulid)())->assertCreated(); // what a tablet still sends is kept
        $this->asNobody()->asTeacher($this->teacher)->postJson("/api/labs/{$this->lab->id}/resume")->assertNoContent();
        $this->postJson("/api/labs/{$this->lab->id}/reopen")->assertConflict();
        $this->postJson("/api/labs/{$this->lab->id}/close")->assertNoContent();
        $this->postJson("/api/labs/{$this->lab->id}/pause")->assertConflict();
        $this->postJson("/api/labs/{$this->lab->id}/reopen")->assertNoContent();
        ($this->board)()->assertJsonPath('lab.state', 'open')->assertJsonCount(1, 'weighings');
    });
    it('says what a weighing may come from', function () {
        $this->lab->section->update(['asks_guess' => true]); // asked of students only
        $id = $this->asStation($this->hazel)->weigh($this->flour, ['grams' => '246'], ($this->ulid)())->json('id');
        $this->asNobody()->asTeacher($this->teacher)->getJson(
            "/api/labs/{$this->lab->id}/weighings/$id/causes",
        )->assertOk()->assertJsonPath('asks_first', false)->assertJsonPath('causes.0.id', 'dipped');
        $other = $this->openLab();
        $this->asNobody()->asTeacher($other->section->teacher)->getJson("/api/labs/{$other->id}/weighings/$id/causes")->assertNotFound();
    });
    it('opens no second lab', function () {
        $this->asTeacher($this->teacher)->postJson("/api/labs/{$this->lab->id}/close");
        $other = $this->lab($this->lab->section);
        $this->postJson("/api/labs/{$other->id}/open")->assertNoContent();
        $this->postJson("/api/labs/{$this->lab->id}/reopen")->assertConflict()->assertJsonPath('reason', 'another-lab-open');
    });
    it('checks each scale against a known weight; until then weighings are marked', function () {
        $scale = $this->lab->section->kitchen->scales->first();
        $this->asStation($this->hazel)->weigh($this->flour, [], ($this->ulid)())->assertCreated();
        ($this->board)()->assertJsonPath('weighings.0.scale_checked', false)->assertJsonPath('scales.0.checked', false);
        $url = "/api/labs/{$this->lab->id}/scale-checks";
        $this->postJson(
            $url, ['scale_id' => $scale->id, 'nominal_g' => '200', 'reading_g' => '210'],
        )->assertOk()->assertJsonPath('passed', false);
        $this->postJson(
            $url, ['scale_id' => $scale->id, 'nominal_g' => '200', 'reading_g' => '201'],
        )->assertOk()->assertJsonPath('passed', true);
        $this->postJson(
            $url, ['scale_id' => $scale->id, 'nominal_g' => '0', 'reading_g' => '201'],
        )->assertJsonValidationErrors('nominal_g');
        $this->postJson($url, ['scale_id' => 999999, 'nominal_g' => '200', 'reading_g' => '201'])->assertNotFound();
        $this->asNobody()->asStation($this->hazel)->weigh($this->flour, [], ($this->ulid)())->assertCreated();
        ($this->board)()->assertJsonPath('weighings.1.scale_checked', true)->assertJsonPath('scales.0.passed', true);
    });
    it('is nobody else\'s', function () {
        $other = $this->section('Foods 2');
        $this->asStation($this->hazel)->weigh($this->flour, [], $mine = ($this->ulid)());
        $routes = [
            ['GET', "weighings/$mine/causes"], ['PUT', "weighings/$mine/correction"], ['PUT', 'events/'.($this->ulid)()],
            ['POST', 'pause'], ['POST', 'resume'], ['POST', 'reopen'], ['POST', 'scale-checks'],
        ];
        foreach ($routes as [$method, $route]) {
            $given = ['kind' => 'released', 'station_id' => $this->hazel->id, 'scale_id' => 1, 'nominal_g' => '1', 'reading_g' => '1'];
            $this->asNobody()->asTeacher($other->teacher)->json($method, "/api/labs/{$this->lab->id}/$route", $given)->assertForbidden();
            $this->asNobody()->asStation($this->hazel)->json($method, "/api/labs/{$this->lab->id}/$route", $given)->assertUnauthorized();
            $this->asNobody()->json($method, "/api/labs/{$this->lab->id}/$route", $given)->assertUnauthorized();
        }
        $this->asNobody()->asStation($other->stations->first());
        ($this->tell)('help')->assertConflict();
        $this->asNobody();
        ($this->tell)('help')->assertUnauthorized();
        expect(LabEvent::query()->count())->toBe(0);
    });
});
