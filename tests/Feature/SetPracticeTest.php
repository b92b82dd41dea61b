<?php

declare(strict_types=1);

use App\Models\PracticeAnswer;
use App\Models\PracticeTask;

beforeEach(function () {
    $this->school = $this->section();
    $this->url = "/api/sections/{$this->school->id}/tasks";
    $this->due = now('UTC')->addDays(2)->toDateString();
    $this->oona = $this->school->students->first();
    $this->asTeacher($this->school->teacher);
    $this->right = function (string $skill, ?string $about = null, int $from = 0) {
        foreach ([0, 1] as $n) {
            PracticeAnswer::query()->create(
                [
                    'student_id' => $this->oona->id, 'turn' => $from + $n, 'skill' => $skill, 'about' => $about, 'level' => 1,
                    'seed' => 1, 'answer' => 'x', 'is_right' => true, 'misconception' => null, 'day' => '2026-11-24',
                ],
            );
        }
    };
});

it('sets practice for the class, asks it first, and sees who is done', function () {
    $this->postJson($this->url, ['aims' => ['convert', 'raw-egg'], 'due_on' => $this->due])->assertCreated()
        ->assertJsonPath(
            'tasks.0.aims', ['Cups to grams', 'Raw egg'],
        )->assertJsonPath('tasks.0.student', null)->assertJsonCount(4, 'tasks.0.open');
    $this->asNobody()->asStudent($this->oona);
    $this->getJson('/api/practice')->assertJsonPath('skill_id', 'convert');
    ($this->right)('convert');
    $this->getJson('/api/practice')->assertJsonPath('skill_id', 'keep-safe')->assertJsonPath('about', 'raw-egg');
    $this->getJson('/api/practice/tasks')->assertOk()->assertJsonPath('tasks.0.done', false)
        ->assertJsonPath('tasks.0.aims.0.shown', true)
        ->assertJsonPath('tasks.0.aims.1.shown', false)->assertJsonPath('tasks.0.late', false);
    ($this->right)('keep-safe', 'raw-egg', 2);
    $this->getJson('/api/practice/tasks')->assertJsonPath('tasks.0.done', true);
    $this->asNobody()->asTeacher($this->school->teacher)->getJson(
        "/api/sections/{$this->school->id}/practice",
    )->assertJsonPath('tasks.0.done', ['Oona of Hazel'])->assertJsonCount(3, 'tasks.0.open');
});

it('sets practice for one student, whom alone it concerns', function () {
    $this->postJson(
        $this->url, ['aims' => ['work-scale'], 'due_on' => $this->due, 'student_id' => $this->oona->id],
    )->assertCreated()->assertJsonPath('tasks.0.student', 'Oona of Hazel')->assertJsonPath('tasks.0.open', ['Oona of Hazel']);
    $this->asNobody()->asStudent($this->oona)->getJson('/api/practice/tasks')->assertJsonCount(1, 'tasks');
    $this->asNobody()->asStudent($this->school->students[1])->getJson('/api/practice/tasks')->assertJsonCount(0, 'tasks');
});

it('is late after its day, while it is not done', function () {
    PracticeTask::query()->create(
        ['section_id' => $this->school->id, 'aims' => ['convert'], 'due_on' => now('UTC')->subDay()->toDateString()],
    );
    $this->asNobody()->asStudent($this->oona)->getJson('/api/practice/tasks')->assertJsonPath('tasks.0.late', true);
    ($this->right)('convert');
    $this->getJson('/api/practice/tasks')->assertJsonPath('tasks.0.late', false);
});

it('can be withdrawn, and keeps what was answered', function () {
    $task = $this->postJson($this->url, ['aims' => ['convert'], 'due_on' => $this->due])->json('tasks.0.id');
    ($this->right)('convert');
    $this->deleteJson("$this->url/$task")->assertOk()->assertJsonPath('tasks', []);
    expect(PracticeAnswer::query()->count())->toBe(2);
});

it('refuses what cannot be set, at its field, and stores nothing', function (array $given, string $field) {
    $this->postJson(
        $this->url, $given + ['aims' => ['convert'], 'due_on' => $this->due],
    )->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(PracticeTask::query()->count())->toBe(0);
})->with([
    [['aims' => []], 'aims'], [['aims' => ['juggle']], 'aims.0'], [['aims' => ['convert', 'convert']], 'aims.0'],
    [['aims' => 'convert'], 'aims'], [['aims' => ['keep-safe']], 'aims.0'],
    [['due_on' => '2020-01-01'], 'due_on'], [['due_on' => 'soon'], 'due_on'], [['due_on' => ''], 'due_on'],
    [['student_id' => 999999], 'student_id'], [['student_id' => 'x'], 'student_id'],
]);

it('brings sifting back after a run of wrong answers about it, and the teacher sees it', function () {
    foreach ([0, 1, 2] as $turn) {
        PracticeAnswer::query()->create(
            [
                'student_id' => $this->oona->id, 'turn' => $turn, 'skill' => 'spot-step', 'about' => 'fine-powder', 'level' => 1,
                'seed' => 1, 'answer' => 'x', 'is_right' => false, 'misconception' => 'is-there',
                'day' => now('UTC')->toDateString(),
            ],
        );
    }
    $this->postJson($this->url, ['aims' => ['spot-step', 'convert', 'spot-mug', 'pick-cup'], 'due_on' => $this->due]);
    $seen = $this->getJson("/api/sections/{$this->school->id}/practice")->assertJsonPath('missed.0.times', 3)->json();
    $states = array_combine(array_column($seen['skills'], 'id'), array_column($seen['students'][0]['skills'], 'state'));
    expect(array_keys($states, 'returning', true))->toBe(['spot-step']);
    $this->asNobody()->asStudent($this->oona);
    $asked = [];
    for ($i = 0; $i < 6; $i++) {
        $question = $this->getJson('/api/practice')->json();
        $asked[] = "{$question['skill_id']} {$question['about']}";
        $this->postJson("/api/practice/{$question['turn']}", ['id' => $question['id'], 'answer' => $question['choices'][0]['id'] ?? '1']);
    }
    expect($asked)->toContain('spot-step fine-powder');
});

it('is the class\'s own teacher\'s to set and to withdraw', function () {
    $task = $this->postJson($this->url, ['aims' => ['convert'], 'due_on' => $this->due])->json('tasks.0.id');
    $other = $this->section('Foods 2');
    $given = ['aims' => ['convert'], 'due_on' => $this->due];
    $this->asNobody()->asTeacher($other->teacher)->postJson($this->url, $given)->assertForbidden();
    $this->deleteJson("$this->url/$task")->assertForbidden();
    $this->deleteJson("/api/sections/{$other->id}/tasks/$task")->assertNotFound();
    $this->postJson(
        "/api/sections/{$other->id}/tasks", $given + ['student_id' => $this->oona->id],
    )->assertJsonValidationErrors('student_id');
    $this->asNobody()->asStudent($this->oona)->postJson($this->url, $given)->assertUnauthorized();
    $this->asNobody()->postJson($this->url, $given)->assertUnauthorized();
    $this->getJson('/api/practice/tasks')->assertUnauthorized();
    $this->asStation($this->school->stations->first())->getJson('/api/practice/tasks')->assertUnauthorized();
});
