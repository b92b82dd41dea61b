<?php

declare(strict_types=1);

use App\Models\PracticeAnswer;
use Hovik\Core\Recipe\Factor;

beforeEach(function () {
    $this->school = $this->section();
    $this->url = "/api/sections/{$this->school->id}/practice";
    $this->answered = function (
        int $student, int $turn, string $skill, bool $isRight, ?string $misconception = null, ?string $about = null,
    ) {
        PracticeAnswer::query()->create(
            [
                'student_id' => $student, 'turn' => $turn, 'skill' => $skill, 'about' => $about, 'level' => 1, 'seed' => 1,
                'answer' => 'x', 'is_right' => $isRight, 'misconception' => $misconception, 'day' => '2026-11-24',
            ],
        );
    };
    $this->asTeacher($this->school->teacher);
});

it('says which skills the next lab asks for, and who has shown them', function () {
    $this->lab($this->school, [['bread-flour', '1 3/4', 'cup'], ['whole-milk', '1', 'cup']]);
    [$oona, $mateus] = $this->school->students->all();
    $known = [
        ['order-steps', 'fine-powder'], ['order-steps', 'thin-liquid'], ['read-jug', null], ['jug-column', null],
        ['choose-tools', 'fine-powder'], ['pick-cup', null], ['combine-tools', null], ['work-scale', null],
    ];
    foreach ($known as $i => [$skill, $family]) {
        ($this->answered)($oona->id, 2 * $i, $skill, true, null, $family);
        ($this->answered)($oona->id, 2 * $i + 1, $skill, true, null, $family);
    }
    foreach (['hygiene', 'raw-flour', 'allergens', 'water-and-scales', 'broken-glass'] as $i => $point) {
        ($this->answered)($oona->id, 16 + 2 * $i, 'keep-safe', true, null, $point);
        ($this->answered)($oona->id, 17 + 2 * $i, 'keep-safe', true, null, $point);
    }
    ($this->answered)($mateus->id, 0, 'read-jug', false, 'from-above');
    ($this->answered)($mateus->id, 1, 'read-jug', false, 'from-above');
    ($this->answered)($mateus->id, 2, 'order-steps', false, 'stranger', 'fine-powder');
    ($this->answered)($mateus->id, 3, 'choose-tools', true, null, 'fine-powder');
    ($this->answered)($mateus->id, 4, 'order-steps', true, null, 'thin-liquid');
    ($this->answered)($mateus->id, 5, 'order-steps', true, null, 'thin-liquid');
    $this->getJson($this->url)->assertOk()->assertJsonPath('lab', 'Buns')
        ->assertJsonPath(
            'skills.*.id',
            [
                'choose-tools', 'combine-tools', 'order-steps', 'pick-cup', 'read-jug', 'jug-column', 'work-scale', 'hygiene',
                'raw-flour', 'allergens', 'water-and-scales', 'broken-glass',
            ],
        )
        ->assertJsonPath('students.0.ready', true)->assertJsonPath('students.0.answered', 26)
        ->assertJsonPath('students.1.ready', false)->assertJsonPath(
            'students.1.skills.*.state', ['tried', 'open', 'returning', 'open', 'returning', ...array_fill(0, 7, 'open')],
        )
        ->assertJsonPath('students.1.skills.2', ['state' => 'returning', 'shown' => 1, 'of' => 2])
        ->assertJsonPath('missed.0.times', 2)->assertJsonPath('missed.0.students', 1)->assertJsonPath(
            'missed.0.said', 'Read a liquid measuring cup from above.',
        );
});

it('takes a slip after two right answers as not shown any more', function () {
    $this->lab($this->school);
    $oona = $this->school->students->first();
    foreach ([true, true, false] as $turn => $isRight) {
        ($this->answered)($oona->id, $turn, 'work-scale', $isRight);
    }
    expect($this->getJson($this->url)->json('students.0.skills.*.state'))->not->toContain('shown')->toContain('returning');
});

it('shows all skills while there is no lab', function () {
    $this->getJson($this->url)->assertOk()->assertJsonPath('lab', null)
        ->assertJsonCount(32, 'skills')->assertJsonCount(4, 'students')->assertJsonPath('missed', []);
});

it('asks for scaling where the recipe was scaled', function () {
    $this->lab($this->school)->update(['factor' => Factor::of('1/2')]);
    expect($this->getJson($this->url)->json('skills.*.id'))->toContain('scale-recipe');
});

it('is the class\'s own teacher\'s, and nobody else\'s', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher)->getJson($this->url)->assertForbidden();
    $this->asNobody()->getJson($this->url)->assertUnauthorized();
    $this->asNobody()->asStudent($this->school->students->first())->getJson($this->url)->assertUnauthorized();
    $this->asNobody()->asTeacher($this->school->teacher)->getJson('/api/sections/999999/practice')->assertNotFound();
});

describe('one question for the whole class', function () {
    it('asks by the class\'s own drawer, and keeps what is right at hand', function () {
        $url = "/api/sections/{$this->school->id}/question?skill=order-steps&level=2&seed=4";
        $asked = $this->getJson($url)->assertOk()->assertJsonPath(
            'question.skill_id', 'order-steps',
        )->assertJsonCount(22, 'skills')->json();
        expect($asked['marked']['key'])->not->toBe([])->and(
            array_diff($asked['marked']['key'], array_column($asked['question']['choices'], 'id')),
        )->toBe([])
            ->and($this->getJson($url)->json())->toBe($asked)
            ->and(PracticeAnswer::query()->count())->toBe(0);
    });
    it('refuses what there is not, at its field', function (string $query, string $field) {
        $this->getJson("/api/sections/{$this->school->id}/question?$query")->assertUnprocessable()->assertJsonValidationErrors($field);
    })->with([
        ['skill=juggling&level=1&seed=1', 'skill'], ['skill=convert&level=9&seed=1', 'level'],
        ['skill=convert&level=1&seed=none', 'seed'], ['level=1&seed=1', 'skill'],
    ]);
    it('is the class\'s own teacher\'s', function () {
        $url = "/api/sections/{$this->school->id}/question?skill=convert&level=1&seed=1";
        $this->asNobody()->asTeacher($this->section('Foods 3')->teacher)->getJson($url)->assertForbidden();
        $this->asNobody()->getJson($url)->assertUnauthorized();
        $this->asNobody()->asStudent($this->school->students->first())->getJson($url)->assertUnauthorized();
    });
});
