<?php

declare(strict_types=1);

use App\School\AdultRole;

it('says British words in a British school, to its teachers, students and tablets, from the moment it is settled', function () {
    $class = $this->section();
    $keeper = $class->teacher;
    $keeper->update(['role' => AdultRole::Keeper]);
    $lab = $this->openLab($class);
    $food = fn (): string => $this->getJson('/api/pantry/names')->assertOk()->collect('ingredients')->firstWhere('id', 'all-purpose-flour')['name'];
    $this->asTeacher($keeper);
    expect($food())->toBe('All-purpose flour');
    $this->getJson('/api/session')->assertJsonPath('british', null);
    $school = $this->getJson('/api/school')->json();
    $settings = array_diff_key($school, ['kitchens' => true]);
    $this->putJson('/api/school', ['spelling' => 'british'] + $settings)->assertOk();
    expect($food())->toBe('Plain flour');
    $this->asNobody()->asTeacher($keeper->fresh())->getJson('/api/session')->assertJsonPath('british.leveled', 'levelled');
    $words = fn (string $language): string => (string) json_encode($this->withHeaders(['Accept-Language' => $language])->getJson('/api/work')->json('lines'));
    $this->asNobody()->asStation($class->stations->first());
    expect($words('en'))->not->toContain('rubber spatula')->and($words('es'))->not->toContain('flexible spatula');
    $this->withHeaders(['Accept-Language' => 'en'])->asNobody()->asTeacher($keeper->fresh());
    $this->putJson('/api/school', ['spelling' => 'us'] + $settings)->assertOk();
    expect($food())->toBe('All-purpose flour');
});

it('says of a weight of our own that it is ours, and nothing of published values', function () {
    app()->setLocale('en');
    expect(App\Words\Said::source('own', 'high'))->toContain('our own weight')->not->toContain('ublished')
        ->and(App\Words\Said::source('typical', 'high'))->toContain('Published values agree');
});
