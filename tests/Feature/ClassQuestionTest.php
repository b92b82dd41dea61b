<?php

declare(strict_types=1);

use App\Models\ClassQuestion;
use App\Models\PracticeAnswer;

beforeEach(function () {
    $this->school = $this->section();
    $this->url = "/api/sections/{$this->school->id}/class-question";
    [$this->oona, $this->mateus] = $this->school->students->all();
    $this->ask = fn (string $skill = 'read-jug', int $seed = 3) => $this->asNobody()->asTeacher($this->school->teacher)->postJson(
        $this->url, ['skill' => $skill, 'level' => 1, 'seed' => $seed],
    );
    $this->as = fn ($student) => $this->asNobody()->asStudent($student);
    $this->mine = fn () => $this->getJson('/api/class-question')->assertOk()->json('asked');
    $this->send = function (mixed $answer) {
        $asked = ($this->mine)();

        return $this->postJson("/api/class-question/{$asked['id']}", ['id' => $asked['question']['id'], 'answer' => $answer]);
    };
});

it('asks of the jug what the teacher wants, and keeps to it', function () {
    $this->asTeacher($this->school->teacher);
    $url = "/api/sections/{$this->school->id}/class-question";
    $given = ['skill' => 'read-jug', 'level' => 1, 'seed' => 3, 'jug_column' => 'ml', 'jug_eye' => 'below'];
    $this->postJson($url, $given)->assertCreated()->assertJsonPath('asked.jug_column', 'ml')->assertJsonPath('asked.jug_eye', 'below');
    $asked = $this->asNobody()->asStudent($this->school->students->first())->getJson('/api/class-question')->json('asked.question');
    expect($asked['prompt'])->toEndWith('in milliliters?')->and($asked['figure']['eye_deg'])->toEqual(-30);
    $this->asNobody()->asTeacher($this->school->teacher);
    foreach (['jug_column' => 'tsp', 'jug_eye' => 'behind'] as $field => $wrong) {
        $this->postJson($url, [$field => $wrong] + $given)->assertUnprocessable()->assertJsonValidationErrors($field);
    }
});

it('asks a question on every device, counts what comes, and marks it when the teacher shows the answer', function () {
    ($this->as)($this->oona)->getJson('/api/class-question')->assertOk()->assertExactJson(
        ['section_id' => $this->school->id, 'asked' => null],
    );
    ($this->ask)('guess-verdict')->assertCreated()->assertJsonPath('asked.answered', 0)
        ->assertJsonPath('asked.of', 4)->assertJsonPath('asked.shown', false);
    $key = $this->getJson("/api/sections/{$this->school->id}/question?skill=guess-verdict&level=1&seed=3")->json('marked.key');
    ($this->as)($this->oona);
    $choices = array_column(($this->mine)()['question']['choices'], 'id');
    $wrong = array_values(array_diff($choices, $key))[0];
    ($this->send)($key[0])->assertNoContent();
    $after = ($this->mine)();
    expect($after['answered'])->toBeTrue()->and($after['answer'])->toBe($key[0])->and($after['marked'])->toBeNull();
    ($this->as)($this->mateus);
    ($this->send)($wrong)->assertNoContent();
    $this->asNobody()->asTeacher($this->school->teacher)->getJson($this->url)
        ->assertOk()->assertJsonPath('asked.answered', 2)->assertJsonPath('asked.right', 1)
        ->assertJsonPath("asked.choices.$key[0]", 1)->assertJsonPath("asked.choices.$wrong", 1);
    $this->putJson($this->url)->assertOk()->assertJsonPath('asked.shown', true);
    ($this->as)($this->mateus);
    expect(($this->mine)()['marked']['right'])->toBeFalse()->and(($this->mine)()['marked']['key'])->toBe($key);
    ($this->as)($this->oona);
    expect(($this->mine)()['marked']['right'])->toBeTrue();
});

it('counts as practice, once, and the student\'s own practice goes on', function () {
    ($this->ask)('guess-verdict');
    ($this->as)($this->oona);
    $choice = ($this->mine)()['question']['choices'][0]['id'];
    ($this->send)($choice)->assertNoContent();
    ($this->send)($choice)->assertNoContent();
    expect(PracticeAnswer::query()->where('student_id', $this->oona->id)->count())->toBe(1);
    $this->getJson('/api/practice')->assertOk()->assertJsonPath('turn', 1)->assertJsonPath('done_today', 1);
});

it('takes no answer once the answer is shown, and tells who did not answer what is right', function () {
    ($this->ask)('guess-verdict');
    $this->putJson($this->url)->assertOk();
    ($this->as)($this->oona);
    $asked = ($this->mine)();
    expect($asked['marked']['right'])->toBeNull()->and($asked['marked']['explanation'])->not->toBe('');
    ($this->send)($asked['question']['choices'][0]['id'])->assertConflict()->assertJsonPath(
        'message', 'The answer has been shown. Wait for the next question.',
    );
    expect(PracticeAnswer::query()->count())->toBe(0);
});

it('asks one at a time: the next takes the place of the one before, and ends with the teacher or the day', function () {
    $first = ($this->ask)('guess-verdict', 1)->json('asked.id');
    $second = ($this->ask)('guess-verdict', 2)->json('asked.id');
    expect($second)->not->toBe($first);
    ($this->as)($this->oona);
    expect(($this->mine)()['id'])->toBe($second);
    $this->postJson(
        "/api/class-question/$first", ['id' => ClassQuestion::query()->find($first)->question()->id(), 'answer' => 'x'],
    )->assertConflict();
    $this->travel(1)->days();
    ($this->as)($this->oona);
    expect(($this->mine)())->toBeNull();
    $this->travelBack();
    $this->asNobody()->asTeacher($this->school->teacher)->deleteJson($this->url)->assertOk()->assertJsonPath('asked', null);
    $this->putJson($this->url)->assertNotFound();
    ($this->as)($this->oona);
    expect(($this->mine)())->toBeNull();
});

it('works the drawn scale of what the class is asked', function () {
    ($this->ask)('work-scale');
    ($this->as)($this->oona);
    $this->postJson(
        '/api/practice/scale', ['id' => ($this->mine)()['question']['id'], 'keys' => []],
    )->assertOk()->assertJsonStructure(['on', 'unit', 'number']);
});

it('refuses what is no answer, and what is no question, at its field', function () {
    foreach ([
        ['skill' => 'juggling', 'level' => 1, 'seed' => 1, 'field' => 'skill'],
        ['skill' => 'convert', 'level' => 4, 'seed' => 1, 'field' => 'level'],
        ['skill' => 'convert', 'level' => 1, 'seed' => 0, 'field' => 'seed'],
    ] as $given) {
        $this->asNobody()->asTeacher($this->school->teacher)->postJson($this->url, $given)
            ->assertUnprocessable()->assertJsonValidationErrors($given['field']);
    }
    expect(ClassQuestion::query()->count())->toBe(0);
    $asked = ($this->ask)('guess-verdict')->json('asked.id');
    ($this->as)($this->oona);
    ($this->send)('no such choice')->assertUnprocessable()->assertJsonValidationErrors('answer');
    ($this->send)(str_repeat('a', 5000))->assertUnprocessable()->assertJsonValidationErrors('answer');
    $this->postJson("/api/class-question/$asked", ['id' => 'another', 'answer' => 'x'])->assertConflict();
    $this->postJson("/api/class-question/$asked", ['answer' => 'x'])->assertUnprocessable()->assertJsonValidationErrors('id');
    expect(PracticeAnswer::query()->count())->toBe(0);
});

it('is the class\'s own, teacher\'s and students\'', function () {
    $other = $this->section('Foods 2');
    $asked = ($this->ask)('guess-verdict')->json('asked.id');
    $this->asNobody()->asTeacher($other->teacher);
    $this->getJson($this->url)->assertForbidden();
    $this->postJson($this->url, ['skill' => 'convert', 'level' => 1, 'seed' => 1])->assertForbidden();
    $this->putJson($this->url)->assertForbidden();
    $this->deleteJson($this->url)->assertForbidden();
    $this->getJson("/api/sections/{$this->school->id}/live")->assertForbidden();
    ($this->as)($other->students->first());
    $this->postJson("/api/class-question/$asked", ['id' => 'x', 'answer' => 'x'])->assertForbidden();
    $this->getJson("/api/sections/{$this->school->id}/live")->assertForbidden();
    expect(($this->mine)())->toBeNull();
    $this->asNobody();
    foreach ([
        ['GET', $this->url], ['POST', $this->url], ['PUT', $this->url], ['DELETE', $this->url], ['GET', '/api/class-question'],
        ['POST', "/api/class-question/$asked"], ['GET', "/api/sections/{$this->school->id}/live"],
    ] as [$method, $url]) {
        $this->json($method, $url)->assertUnauthorized();
    }
    ($this->as)($this->oona)->postJson($this->url)->assertUnauthorized();
    $this->getJson("/api/sections/{$this->school->id}/live")->assertNoContent();
    $this->asNobody()->asTeacher($this->school->teacher)->getJson("/api/sections/{$this->school->id}/live")->assertNoContent();
});
