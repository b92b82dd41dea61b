<?php

declare(strict_types=1);

beforeEach(function () {
    $this->school = $this->section();
});

it('shows students the class\'s own way', function () {
    $this->school->update(['methods' => ['dip-sweep']]);
    $page = collect(
        $this->asStudent($this->school->students->first())
            ->getJson('/api/techniques')->assertOk()->json('families'),
    )->firstWhere('id', 'fine-powder');
    expect(array_column($page['steps'], 'id'))->toContain('dip-heaped')->not->toContain('spoon-heaped')
        ->and($page['schools'][0])->toBe(
            ['question' => 'Flour into the cup', 'ours' => 'dip and level', 'others' => ['stir, spoon, level', 'sift, spoon, level']],
        )
        ->and($page['target'])->toBe('138')->and($page['care'][0])->toBe('Raw flour is not for tasting.')
        ->and(array_column($page['mistakes'], 'error'))->each->toMatch('/^\d+$/');
});

it('shows what helps beside the tools, and the mug that is none, with other names', function () {
    $tools = collect($this->asStation($this->school->stations->first())->getJson('/api/techniques')->json('tools'));
    expect($tools->firstWhere('id', 'mug')['sizes'])->toBe([])->and($tools->firstWhere('id', 'sifter')['also'])->toBe(['sieve', 'strainer'])
        ->and($tools->firstWhere('id', 'scale')['owned'])->toBeTrue();
});

it('shows the tools of the class\'s drawer', function () {
    $tools = $this->asStation($this->school->stations->first())->getJson('/api/techniques')->assertOk()->json('tools');
    expect($tools[0]['owned'])->toBeTrue()->and(array_column($tools[0]['sizes'], 'nominal'))->toBe(['1/4 cup', '1/2 cup', '1 cup'])->and(
        collect($tools)->firstWhere('id', 'butter-wrapper')['owned'],
    )->toBeFalse();
});

it('speaks Spanish', function () {
    $this->asStation($this->school->stations->first())->getJson(
        '/api/techniques', ['Accept-Language' => 'es'],
    )->assertJsonPath('families.0.name', 'Polvos finos');
});

it('is for whoever belongs to the class', function () {
    $url = "/api/techniques?section={$this->school->id}";
    $this->getJson($url)->assertUnauthorized();
    $this->asTeacher($this->school->teacher)->getJson($url)->assertOk()->assertJsonCount(15, 'families');
    $this->getJson('/api/techniques')->assertJsonValidationErrors('section');
    $this->getJson('/api/techniques?section=999999')->assertNotFound();
    $this->asNobody()->asTeacher($this->section('Foods 2')->teacher)->getJson($url)->assertForbidden();
});
