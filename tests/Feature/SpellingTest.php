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
    $food = Hovik\Core\Pantry\Pantry::reference()->ingredient('all-purpose-flour');
    $own = $food->weighingACup('130', Hovik\Core\Pantry\Ingredient::OWN);
    expect(App\Words\Said::source($own))->toContain("one person's own figure")->not->toContain('ublished')
        ->and(App\Words\Said::source($food->knownFromTrials(Brick\Math\BigDecimal::of('131'), 9, 0.006)))->toContain('our weighing, n = 9')
        ->and(App\Words\Said::source($food))->toContain('ublished values');
});
