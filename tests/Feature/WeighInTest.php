<?php

declare(strict_types=1);

use App\Live\Publisher;
use App\Models\Weighing;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

beforeEach(function () {
    $this->lab = $this->openLab();
    $this->flour = $this->lab->lines->first();
    $this->station = $this->lab->section->stations->first();
    $this->asStation($this->station);
});

it('stores a weigh-in and answers with verdict, target and reasons', function () {
    $this->weigh($this->flour, ['grams' => '239', 'ticked' => ['loosen', 'sweep-level']])->assertCreated()->assertJson([
        'verdict' => 'heaped', 'grams' => 239, 'error_g' => 20.25, 'target_g' => 218.75, 'tolerance_g' => 17.5, 'low_g' => 201.25,
        'high_g' => 236.25,
        'attempt' => 1, 'student' => 'Oona of Hazel', 'earlier' => [], 'advice' => null, 'scale' => 'Bench', 'decimals' => 0,
    ])->assertJsonPath('working.1', '1 3/4 cups at 125 g each is 218.75 g.');
    $stored = Weighing::query()->sole();
    expect($stored->verdict)->toBe(Verdict::Heaped)->and($stored->ticked->all())->toBe(
        [Step::Loosen, Step::SweepLevel],
    )->and((float) $stored->readability_g)->toBe(1.0);
});

it('stores a weigh-in sent twice only once', function () {
    $this->weigh($this->flour)->assertCreated();
    $this->weigh($this->flour)->assertOk()->assertJsonPath('attempt', 1);
    expect($this->stored())->toBe(1);
});

it('does not let one id stand for two weigh-ins', function () {
    $this->weigh($this->flour)->assertCreated();
    $this->weigh($this->flour, ['grams' => '240'])->assertConflict()->assertJsonPath('reason', 'id-reused');
    $this->weigh($this->lab->lines->last(), ['grams' => '3'])->assertConflict()->assertJsonPath('reason', 'id-reused');
    expect($this->stored())->toBe(1);
});

it('counts attempts by station and ingredient', function () {
    foreach (['240', '225', '219'] as $i => $grams) {
        $this->weigh($this->flour, ['grams' => $grams], "01JDF8Z9X3M5N7P9Q1R3S5T7V$i")->assertCreated()->assertJsonPath('attempt', $i + 1);
    }
    $this->weigh($this->lab->lines->last(), ['grams' => '3'], '01JDF8Z9X3M5N7P9Q1R3S5T7VA')->assertJsonPath('attempt', 1);
    $rowan = $this->lab->section->stations->last();
    $this->asNobody()->asStation($rowan);
    $this->weigh(
        $this->flour, ['student_id' => $rowan->students->first()->id], '01JDF8Z9X3M5N7P9Q1R3S5T7VB',
    )->assertJsonPath('attempt', 1)->assertJsonCount(0, 'earlier');
});

it('refuses what no scale shows, beside the field, and stores nothing', function (mixed $grams, string $says) {
    $this->weigh($this->flour, ['grams' => $grams])->assertUnprocessable()->assertJsonPath(
        'errors.grams.0', fn (string $said) => str_contains($said, $says),
    );
    expect($this->stored())->toBe(0);
})->with([
    'letters' => ['abc', 'numbers only'], 'negative' => ['-5', 'below zero'], 'empty' => ['', 'Type the grams'],
    'nothing' => [null, 'Type the grams'],
    'a billion' => ['1000000000', 'more than'], 'scientific' => ['1e9', 'how this is written'],
    'zero' => ['0', 'shows nothing yet'], 'between steps' => ['94.5', 'counts by 1 g'],
    'over capacity' => ['5001', '5000 g'], 'a list' => [['94'], 'numbers only'], 'two numbers' => ['94 95', 'numbers only'],
    'infinity' => ['INF', 'numbers only'],
    'not a number' => ['NAN', 'numbers only'], 'injection' => ['1; DROP TABLE weighings', 'numbers only'],
    'too long' => [str_repeat('9', 400), 'how this is written'],
]);

it('takes a decimal comma', function () {
    $this->weigh($this->flour, ['grams' => '219,0'])->assertCreated()->assertJsonPath('grams', 219);
});

it('refuses a line, student, scale or step that is not this lab\'s, beside the field', function (array $change, string $field) {
    $other = $this->section('Foods 2');
    $change = array_map(fn (mixed $value) => match ($value) {
        'their scale' => $other->kitchen->scales->first()->id,
        'their student' => $other->students->first()->id,
        'next station' => $this->lab->section->stations->last()->students->first()->id,
        default => $value,
    }, $change);
    $this->weigh($this->flour, $change)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($this->stored())->toBe(0);
})->with([
    [['scale_id' => 'their scale'], 'scale_id'], [['scale_id' => null], 'scale_id'],
    [['student_id' => 'their student'], 'student_id'], [['student_id' => 'next station'], 'student_id'],
    [['student_id' => null], 'student_id'], [['line_id' => 999999], 'line_id'], [['line_id' => 'x'], 'line_id'],
    [['ticked' => ['oil-tool']], 'ticked'], [['ticked' => 'loosen'], 'ticked'], [['ticked' => [['x']]], 'ticked.0'],
]);

it('refuses an id that is no ULID', function () {
    $this->weigh($this->flour, [], 'not-a-ulid')->assertUnprocessable()->assertJsonValidationErrors('id');
    expect($this->stored())->toBe(0);
});

it('refuses a foreign station, another class\'s student, a teacher and nobody', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asStation($other->stations->first());
    $this->weigh($this->flour)->assertForbidden()->assertJsonPath('message', Phrasebook::in('en')->say(Phrase::of('refusal.not-yours')));
    $this->asNobody()->asStudent($other->students->first());
    $this->weigh($this->flour)->assertForbidden();
    $this->asNobody()->asTeacher($this->lab->section->teacher);
    $this->weigh($this->flour)->assertUnauthorized();
    $this->asNobody();
    $this->weigh($this->flour)->assertUnauthorized()->assertJsonPath(
        'message', Phrasebook::in('en')->say(Phrase::of('refusal.signed-out')),
    );
    expect($this->stored())->toBe(0);
});

it('lets a student weigh in for themselves alone, at their own station', function () {
    [$oona, $mateus] = $this->station->students->all();
    $this->asNobody()->asStudent($oona);
    $this->weigh($this->flour, ['student_id' => $oona->id])->assertCreated();
    $this->weigh(
        $this->flour, ['student_id' => $mateus->id], '01JDF8Z9X3M5N7P9Q1R3S5T7V1',
    )->assertUnprocessable()->assertJsonValidationErrors('student_id');
    $oona->update(['station_id' => null]);
    $this->asNobody()->asStudent($oona->refresh());
    $this->weigh(
        $this->flour, ['student_id' => $oona->id], '01JDF8Z9X3M5N7P9Q1R3S5T7V2',
    )->assertConflict()->assertJsonPath('reason', 'not-seated');
    expect($this->stored())->toBe(1);
});

it('refuses a lab that is closed', function () {
    $student = $this->station->students->first();
    $this->asNobody()->asStudent($student);
    $this->lab->update(['state' => LabState::Closed, 'closed_at' => now()]);
    $this->weigh(
        $this->flour, ['student_id' => $student->id],
    )->assertConflict()->assertJsonPath('reason', 'lab-not-open')->assertJsonPath(
        'message', Phrasebook::in('en')->say(Phrase::of('refusal.lab-not-open')),
    );
    expect($this->stored())->toBe(0);
});

it('keeps weighings for good: the database refuses to change one', function () {
    $this->weigh($this->flour)->assertCreated();
    expect(fn () => DB::table('weighings')->update(['grams' => 1]))->toThrow(QueryException::class, 'only ever added');
    expect((float) Weighing::query()->value('grams'))->toBe(219.0);
});

it('tells whoever listens, after the answer', function () {
    $told = [];
    $this->mock(Publisher::class)->shouldReceive('publish')->andReturnUsing(function (string $channel, string $fact) use (&$told): void {
        $told[$channel] = json_decode($fact, true);
    });
    $this->weigh($this->flour)->assertCreated();
    // The board and the station; no other station. What changed goes with it, as both would have it if they asked.
    expect(array_keys($told))->toBe(["labs/{$this->lab->id}", "stations/{$this->station->id}"]);
    $work = $this->getJson('/api/work')->json();
    $change = $told["stations/{$this->station->id}"]['change'];
    $lines = array_map(fn (array $line): array => array_intersect_key($line, $change['lines'][0]), $work['lines']);
    expect($change['lines'])->toEqual($lines)->and($change['heard'])->toBe(1)->toBe($work['heard'])
        ->and($change['todo'])->toBe($work['todo'])->and($change['can_be_ready'])->toBe($work['gate']['can_be_ready']);
    $board = $this->asNobody()->asTeacher($this->lab->section->teacher)->getJson("/api/labs/{$this->lab->id}/board")->json();
    $change = $told["labs/{$this->lab->id}"]['change'];
    expect($change['station'])->toEqual($board['stations'][0])->and($change['weighings'])->toEqual($board['weighings'])
        ->and($change['totals'])->toEqual($board['totals']);
});

it('stores what is weighed when nobody can be told', function () {
    config(['hovik.live_socket' => '/nowhere/live.sock']);
    Log::shouldReceive('warning')->twice()->with('Could not publish a live fact', Mockery::any());
    $this->weigh($this->flour)->assertCreated();
    expect($this->stored())->toBe(1);
});

it('shows a station its kitchen without any target, before and after', function () {
    $kitchen = fn () => $this->getJson('/api/work')->assertOk();
    $kitchen()->assertJsonPath('station', 'Hazel')->assertJsonCount(2, 'students')->assertJsonCount(2, 'lines')
        ->assertJsonPath('lines.0.amount', '1 3/4 cups')->assertJsonPath('lines.0.steps.1.text', 'Stir to loosen it')
        ->assertJsonPath(
            'lines.0.fit_scales',
            [$this->lab->section->kitchen->scales->first()->id, $this->lab->section->kitchen->scales->last()->id],
        )->assertJsonPath('lines.1.fit_scales', []);
    $this->weigh($this->flour, ['grams' => '260'])->assertCreated();
    $after = $kitchen()->assertJsonPath('lines.0.attempts.0.verdict', 'heaped');
    foreach (['target', '218.', '219 g', '_g"', 'mean_', 'expected'] as $leak) {
        expect($after->getContent())->not->toContain($leak);
    }
});

it('shows a verdict again at its station, and to no one else', function () {
    $this->weigh($this->flour)->assertCreated();
    $url = '/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V9';
    $this->getJson($url)->assertOk()->assertJsonPath('verdict', 'level');
    $this->asNobody()->asStudent($this->station->students->last())->getJson($url)->assertOk();
    $rowan = $this->lab->section->stations->last();
    $this->asNobody()->asStation($rowan)->getJson($url)->assertForbidden();
    $this->asNobody()->asStudent($rowan->students->first())->getJson($url)->assertForbidden();
    $this->asNobody()->asTeacher($this->lab->section->teacher)->getJson($url)->assertUnauthorized();
    $this->asNobody()->getJson($url)->assertUnauthorized();
    $this->asStation($this->station)->getJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7VX')->assertNotFound();
});

it('waits, without a lab, until one is opened', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asStation($other->stations->first());
    $this->getJson('/api/work')->assertOk()->assertJsonPath('lab', null)->assertJsonPath('lines', []);
    $this->openLab($other);
    $this->asStation(
        $other->stations
            ->first()->fresh(),
    )->getJson('/api/work')->assertOk()->assertJsonPath('lab.title', 'Buns')->assertJsonCount(2, 'lines');
});

it('says in words that a line measured with tools only is not weighed', function (string $language, string $says) {
    $section = $this->section('Foods 7');
    $lab = $this->lab($section);
    $lab->items->first()->update(['mode' => 'volume']);
    (new App\Labs\OpenLab)->open($lab);
    $line = $lab->refresh()->lines->whereNull('target_g')->sole();
    $this->asNobody()->asStation($section->stations->first())->withHeaders(['Accept-Language' => $language]);
    $this->weigh($line)->assertUnprocessable()->assertJsonPath('errors.line_id.0', $says);
    expect($this->stored())->toBe(0);
})->with([
    ['en', 'This one is measured with tools only: nobody weighs it.'], ['es', 'Este se mide solo con utensilios: nadie lo pesa.'],
]);

it('works out equal portions, and keeps nothing of them', function () {
    $school = $this->section('Portions');
    $scale = $school->kitchen->scales->first();
    $given = ['total_g' => '1200', 'count' => 12, 'scale_id' => $scale->id, 'pieces' => [100, 120]];
    $this->asStation($school->stations->first());
    $this->postJson('/api/work/portions', $given)->assertOk()->assertJsonPath('each_g', 100)
        ->assertJsonPath('pieces.1', ['grams' => 120, 'verdict' => 'heaped'])->assertJsonPath('rest_g', 98);
    foreach ([['total_g' => 'much', 'f' => 'total_g'], ['count' => 1, 'f' => 'count'], ['scale_id' => 99999, 'f' => 'scale_id'], ['pieces' => [-1], 'f' => 'pieces.0']] as $wrong) {
        $field = $wrong['f'];
        unset($wrong['f']);
        $this->postJson('/api/work/portions', $wrong + $given)->assertUnprocessable()->assertJsonValidationErrors($field);
    }
});

describe('a weight typed wrong', function () {
    beforeEach(function () {
        $this->weigh($this->flour, ['grams' => '293'])->assertCreated()->assertJsonPath('source', 'typed');
        $this->back = fn (array $more = []) => $this->putJson('/api/events/01JDF8Z9X3M5N7P9Q1R3S5T7E1', [
            'kind' => 'taken-back', 'line_id' => $this->flour->id, 'detail' => ['weighing' => '01JDF8Z9X3M5N7P9Q1R3S5T7V9'], ...$more,
        ]);
        $this->board = fn () => $this->asNobody()->asTeacher($this->lab->section->teacher)
            ->getJson("/api/labs/{$this->lab->id}/board")->json('weighings');
    });

    it('is taken back at once: it stays, struck through, and what is typed again says so', function () {
        ($this->back)()->assertOk()->assertJsonPath('work.lines.0.attempts.0.corrected', true)
            ->assertJsonPath('work.todo', $this->getJson('/api/work')->json('order') ?: [$this->flour->id, $this->lab->lines->last()->id]);
        $this->weigh($this->flour, ['grams' => '239'], '01JDF8Z9X3M5N7P9Q1R3S5T7VA')->assertCreated()->assertJsonPath('gain', null);
        $this->getJson('/api/work')->assertJsonPath('lines.0.attempts.1.put_right', 'student');
        [$wrong, $again] = ($this->board)();
        expect($wrong)->toMatchArray(['grams' => 293, 'corrected' => true])
            ->and($again)->toMatchArray(['grams' => 239, 'corrected' => false, 'put_right' => 'student', 'first_try' => false]);
        $this->putJson("/api/labs/{$this->lab->id}/events/01JDF8Z9X3M5N7P9Q1R3S5T7E2", [
            'kind' => 'first-try', 'line_id' => $this->flour->id, 'station_id' => $this->station->id,
            'detail' => ['weighing' => '01JDF8Z9X3M5N7P9Q1R3S5T7VA'],
        ])->assertNoContent();
        expect(($this->board)()[1]['first_try'])->toBeTrue();
    });

    it('cannot be taken back later, from elsewhere, or once it was weighed again', function () {
        $this->travel(16)->seconds();
        ($this->back)()->assertStatus(409);
        $this->travelBack();
        ($this->back)(['detail' => ['weighing' => '01JDF8Z9X3M5N7P9Q1R3S5T7ZZ']])->assertUnprocessable()->assertJsonValidationErrors('detail.weighing');
        ($this->back)(['line_id' => $this->lab->lines->last()->id])->assertUnprocessable();
        $this->weigh($this->flour, ['grams' => '239'], '01JDF8Z9X3M5N7P9Q1R3S5T7VA')->assertCreated();
        ($this->back)()->assertStatus(409);
        expect(array_column(($this->board)(), 'put_right'))->toBe([null, null]);
    });
});
