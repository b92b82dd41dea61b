<?php

declare(strict_types=1);

use App\Models\PracticeAnswer;
use App\Practice\PracticeOf;
use Hovik\Core\Practice\Skill;

beforeEach(function () {
    $this->school = $this->section();
    $this->student = $this->school->students->first();
    $this->asStudent($this->student);
    // Answers as somebody who knows: by the core's own key.
    $this->answer = function (bool $isRight = true, ?array $asked = null) {
        $asked ??= $this->getJson('/api/practice')->json();
        $question = (new PracticeOf($this->student->refresh()))->question();
        $wrong = match ($asked['kind']) {
            'choice' => array_values(array_diff(array_column($asked['choices'], 'id'), $question->expected->key()))[0],
            'order' => array_reverse($question->expected->key()[0]),
            'number' => '99', 'tools' => [$asked['choices'][0]['id'] => 29], 'words' => ['w0'], default => [],
        };

        return $this->postJson(
            "/api/practice/{$asked['turn']}",
            ['id' => $asked['id'], 'answer' => $isRight ? $question->expected->key()[0] : $wrong],
        );
    };
});

it('asks one question at a time, without telling what is right', function () {
    $asked = $this->getJson('/api/practice')->assertOk()->assertJsonPath('turn', 0)
        ->assertJsonPath('done_today', 0)->assertJsonPath('a_day', 10)->json();
    expect($asked['prompt'])->not->toBe('')->and(json_encode($asked))->not->toContain('misconception')->not->toContain('"right"');
    // As it was left, on whatever device.
    expect($this->getJson('/api/practice')->json())->toBe($asked);
});

it('marks, explains, keeps the answer and goes on', function () {
    ($this->answer)()->assertOk()->assertJsonPath('right', true)->assertJsonPath('because', null);
    ($this->answer)(false)->assertOk()->assertJsonPath('right', false)->assertJsonStructure(['explanation', 'key']);
    expect(PracticeAnswer::query()->count())->toBe(2);
    $this->getJson('/api/practice')->assertJsonPath('turn', 2)->assertJsonPath('done_today', 2);
});

it('goes through every skill and every kind of answer', function () {
    $skills = $kinds = [];
    for ($i = 0; $i < 60; $i++) {
        $asked = $this->getJson('/api/practice')->json();
        $skills[$asked['skill_id']] = true;
        $kinds[$asked['kind']] = true;
        ($this->answer)($i % 5 !== 4, $asked)->assertOk();
    }
    expect(count($skills))->toBe(count(Skill::cases()))->and(array_keys($kinds))->toEqualCanonicalizing(
        ['choice', 'order', 'number', 'tools', 'words', 'keys'],
    );
});

it('keeps an answer sent twice once', function () {
    $asked = $this->getJson('/api/practice')->json();
    ($this->answer)(true, $asked)->assertOk();
    $this->postJson(
        "/api/practice/{$asked['turn']}", ['id' => $asked['id'], 'answer' => 'x'],
    )->assertConflict()->assertJsonPath('reason', 'other-question');
    expect(PracticeAnswer::query()->count())->toBe(1);
});

it('refuses what is no answer at its field, and keeps nothing', function (mixed $answer) {
    $asked = $this->getJson('/api/practice')->json();
    $this->postJson(
        "/api/practice/{$asked['turn']}", ['id' => $asked['id'], 'answer' => $answer],
    )->assertUnprocessable()->assertJsonValidationErrors('answer');
    expect(PracticeAnswer::query()->count())->toBe(0);
})->with(['nothing' => [null], 'no choice' => ['a hat'], 'a list' => [['a']], 'far too long' => [str_repeat('x', 5000)]]);

it('refuses an answer to another question: the class may have changed its drawer since', function () {
    $asked = $this->getJson('/api/practice')->json();
    $this->postJson("/api/practice/{$asked['turn']}", ['id' => 'somethingelse', 'answer' => 'x'])->assertConflict();
    $this->postJson('/api/practice/7', ['id' => $asked['id'], 'answer' => 'x'])->assertConflict();
});

it('brings a run of wrong answers back', function () {
    $wrong = null;
    for ($i = 0; $i < 30; $i++) {
        $asked = $this->getJson('/api/practice')->json();
        if ($wrong === null && $asked['skill_id'] === 'spot-step') {
            $wrong = $i;
        }
        ($this->answer)($asked['skill_id'] !== 'spot-step', $asked)->assertOk();
    }
    expect(PracticeAnswer::query()->where('skill', 'spot-step')->count())->toBeGreaterThanOrEqual(4);
});

it('shows what the scale of the question shows', function () {
    for ($i = 0; $i < 60; $i++) {
        $asked = $this->getJson('/api/practice')->json();
        if ($asked['kind'] === 'keys') {
            break;
        }
        ($this->answer)(true, $asked)->assertOk();
    }
    $this->postJson(
        '/api/practice/scale', ['id' => $asked['id'], 'keys' => []],
    )->assertOk()->assertJsonStructure(['on', 'unit', 'number', 'has_bowl']);
    $this->postJson('/api/practice/scale', ['id' => $asked['id'], 'keys' => ['kick']])->assertUnprocessable();
    $this->postJson('/api/practice/scale', ['id' => 'another', 'keys' => []])->assertConflict();
});

it('is each student\'s own, and nobody else\'s', function () {
    ($this->answer)()->assertOk();
    $this->asNobody()->asStudent($this->school->students->last())->getJson('/api/practice')->assertJsonPath('turn', 0);
    $this->asNobody()->getJson('/api/practice')->assertUnauthorized();
    $this->asNobody()->postJson('/api/practice/0', ['id' => 'x'])->assertUnauthorized();
    $this->asNobody()->asTeacher($this->school->teacher)->getJson('/api/practice')->assertUnauthorized();
    $this->asNobody()->asStation($this->school->stations->first())->getJson('/api/practice')->assertUnauthorized();
});

it('asks by the class\'s own drawer', function () {
    for ($i = 0; $i < 60; $i++) {
        $asked = $this->getJson('/api/practice')->json();
        if ($asked['kind'] === 'tools') {
            break;
        }
        ($this->answer)(true, $asked)->assertOk();
    }
    // This kitchen has no 1/3 cup; its two spoons are too few to ask about, so the usual ones stand in.
    $cups = array_values(array_filter(array_column($asked['choices'], 'id'), fn (string $id) => str_starts_with($id, 'dry-cup')));
    expect($asked['kind'])->toBe('tools')->and($cups)->toEqualCanonicalizing(
        array_intersect($cups, ['dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4']),
    )
        ->and(array_column($asked['choices'], 'id'))->not->toContain('dry-cup-us-1-3');
});
