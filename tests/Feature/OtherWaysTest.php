<?php

declare(strict_types=1);

use App\Models\PracticeTask;
use App\Models\Weighing;
use App\Practice\ClassPractice;
use App\Practice\PracticeOf;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Technique\Step;

beforeEach(function () {
    $this->school = $this->section();
    $this->open = $this->openLab($this->school);
    $this->flour = $this->open->lines->first();
    [$this->hazel, $this->rowan] = $this->school->stations->all();
    [$this->oona, $this->mateus] = $this->hazel->students->all();
    $this->allow = fn (mixed $ways, $student = null) => $this->asNobody()->asTeacher($this->school->teacher)
        ->putJson("/api/sections/{$this->school->id}/students/".($student ?? $this->oona)->id.'/ways', ['ways' => $ways]);
    $this->offered = fn (): array => array_column($this->getJson('/api/work')->assertOk()->json('lines.0.others'), 'way');
    $this->asTablet = fn ($station) => $this->asNobody()->asStation($station->fresh());
    $this->asPhone = fn ($student) => $this->asNobody()->asStudent($student->fresh());
});

it('offers nobody another way until a teacher allows one', function () {
    ($this->asTablet)($this->hazel);
    expect(($this->offered)())->toBe([])->and($this->getJson('/api/work')->json('ways'))->toBe([]);
    ($this->asPhone)($this->oona);
    expect(($this->offered)())->toBe([]);
    $this->weigh($this->flour, ['way' => 'weigh-out'])->assertUnprocessable()->assertJsonValidationErrors('way');
    expect($this->stored())->toBe(0);
});

it("shows it on the student's own phone, on every tablet of the class as an ordinary choice, and on no other phone", function () {
    ($this->allow)(['partner', 'weigh-out'])->assertNoContent();
    ($this->asPhone)($this->oona);
    expect(($this->offered)())->toBe(['weigh-out', 'partner'])
        ->and($this->getJson('/api/work')->json('lines.0.others.0'))->toMatchArray(['weigh_out' => '219 g', 'fills' => [], 'cups' => 0]);
    ($this->asPhone)($this->mateus);
    expect(($this->offered)())->toBe([])->and($this->getJson('/api/work')->getContent())->not->toContain('219 g'); // no target is told
    foreach ([$this->hazel, $this->rowan] as $station) {
        ($this->asTablet)($station);
        expect(($this->offered)())->toBe(['weigh-out', 'partner']);
    }
    expect($this->getJson('/api/work')->getContent())->not->toContain('"students_ways"')
        ->and(array_keys($this->getJson('/api/work')->json('students.0')))->toBe(['id', 'name']); // whose it is, no tablet knows
});

it('stores by which way it was measured, with the steps of that way', function () {
    ($this->allow)(['weigh-out']);
    ($this->asPhone)($this->oona);
    $this->weigh($this->flour, ['way' => 'weigh-out', 'grams' => '260', 'ticked' => ['zero-bowl', 'add-slowly']])->assertCreated()
        ->assertJson(['verdict' => 'heaped', 'target_g' => 218.75, 'weighed_out' => true, 'technique' => null]);
    $stored = Weighing::query()->sole();
    expect($stored->way)->toBe(OtherWay::WeighOut)->and($stored->measured()->steps())->toBe(Step::WEIGHING_OUT)
        ->and($stored->line->frozen->isWeighedOut())->toBeFalse();
    $causes = $this->getJson("/api/weighings/$stored->id/causes")->assertOk()->json('causes');
    $said = implode(' ', array_column($causes, 'id'));
    expect($causes)->not->toBe([])->and($said)->not->toContain('dipped'); // no cup was filled
    $this->weigh($this->flour, ['way' => 'weigh-out', 'ticked' => ['sweep-level']], '01JDF8Z9X3M5N7P9Q1R3S5T7V8')
        ->assertUnprocessable()->assertJsonValidationErrors('ticked');
});

it('keeps the way when the teacher puts a number right', function () {
    ($this->allow)(['weigh-out']);
    ($this->asPhone)($this->oona);
    $this->weigh($this->flour, ['way' => 'weigh-out', 'grams' => '912'])->assertCreated();
    $wrong = Weighing::query()->sole();
    $this->asNobody()->asTeacher($this->school->teacher)->putJson(
        "/api/labs/{$this->open->id}/weighings/$wrong->id/correction", ['id' => '01JDF8Z9X3M5N7P9Q1R3S5T7V6', 'grams' => '219'],
    )->assertSuccessful();
    expect(Weighing::query()->whereNotNull('corrects_id')->sole()->way)->toBe(OtherWay::WeighOut);
});

it('refuses a way that does not lead there', function (string $way) {
    ($this->allow)(['top-read', 'large-print', 'partner']);
    ($this->asPhone)($this->oona);
    $this->weigh($this->flour, ['way' => $way])->assertUnprocessable()->assertJsonValidationErrors('way');
})->with(['top-read', 'large-print', 'weigh-out', 'upside-down']);

it('takes only ways there are, each once, and gives them back', function (mixed $ways) {
    ($this->allow)($ways)->assertUnprocessable();
    expect($this->oona->fresh()->otherWays())->toBe([]);
})->with([[['fly']], [['partner', 'partner']], ['partner'], [null], [[['partner']]]]);

it('asks less of practice, and is seen by the teacher alone', function () {
    PracticeTask::query()->create([
        'section_id' => $this->school->id, 'student_id' => null, 'aims' => ['read-jug', 'work-scale'], 'due_on' => '2030-01-01',
    ]);
    $open = fn () => ClassPractice::of($this->school->fresh())->tasks[0]['open'];
    $aims = fn () => array_column($this->getJson('/api/practice/tasks')->json('tasks.0.aims'), 'id');
    ($this->asPhone)($this->oona);
    expect($aims())->toBe(['read-jug', 'work-scale']);
    ($this->allow)(['partner']);
    expect($this->getJson("/api/sections/{$this->school->id}")->json('students.0.ways'))->toBe(['partner'])
        ->and($open())->toContain('Oona of Hazel');
    ($this->asPhone)($this->oona);
    expect($aims())->toBe(['work-scale']);
    $asked = [];
    for ($turn = 0; $turn < 30; $turn++) {
        $asked[] = $this->getJson('/api/practice')->assertOk()->json('skill_id');
        $question = (new PracticeOf($this->oona->fresh()))->question();
        $this->postJson("/api/practice/$turn", ['id' => $question->id(), 'answer' => $question->expected->key()[0]])->assertOk();
    }
    expect(array_unique($asked))->toHaveCount(20)->not->toContain('read-jug')->not->toContain('jug-column');
    $this->asNobody()->asTeacher($this->school->teacher);
    foreach (["/api/labs/{$this->open->id}/board", "/api/labs/{$this->open->id}/bundle", "/api/sections/{$this->school->id}/practice"] as $page) {
        expect($this->get($page)->assertOk()->getContent())->not->toContain('"ways"')->not->toContain('partner');
    }
});

it('goes with the student', function () {
    ($this->allow)(['partner']);
    $this->postJson("/api/sections/{$this->school->id}/students/{$this->oona->id}/erasure", ['name' => $this->oona->name])->assertNoContent();
    ($this->asTablet)($this->rowan);
    expect(($this->offered)())->toBe([]);
});
