<?php

declare(strict_types=1);

use App\Models\KeptMisses;
use App\Models\Weighing;
use App\Review\FindMisses;
use Database\Seeders\TarnValley;
use Hovik\Core\Components\Source;
use Illuminate\Support\Str;

it('finds a heavy bag and a large half cup in the demo\'s own data', function () {
    $section = (new TarnValley)->make();
    $kept = KeptMisses::query()->where('section_id', $section->id)->whereNull('lab_id')->where('ingredient_id', '')->sole();
    $foods = array_column($kept->found->foods, null, 'id');
    expect($foods['bread-flour']->isTold())->toBeTrue()->and($foods['bread-flour']->grams())->toBeGreaterThan(2);
    $told = array_filter($kept->found->effects, static fn ($one): bool => $one->sources === [Source::Tool] && $one->isTold());
    expect(array_column($told, 'id'))->toContain('Hazel: @dry-cup-us-1-2')->not->toContain('Maple: @dry-cup-us-1-2')
        ->and($kept->found->factorOf(Source::Tool, 'Hazel: @dry-cup-us-1-2'))->toEqualWithDelta(1.062, 0.03);
    // The diagnosis takes both for known before it looks at anybody's technique.
    $heavy = Weighing::query()->whereHas('line', fn ($line) => $line->where('ingredient_id', 'bread-flour'))
        ->whereHas('station', fn ($station) => $station->where('name', 'Hazel'))->get()
        ->firstOrFail(fn (Weighing $one): bool => count($one->measured()->fills()) === 1);
    expect(FindMisses::knownFactor($heavy))->toBeGreaterThan(1.06);
    $this->asTeacher($section->teacher);
    $said = implode(' ', $this->getJson("/api/sections/$section->id/misses")->assertOk()->json('said'));
    expect($said)->toContain('Bread flour runs')->toContain('Hazel: the 1/2 cup measuring cup gives');
    $this->getJson("/api/sections/$section->id/misses?food=bread-flour")->assertOk()->assertJsonPath('food', 'bread-flour');
    $this->getJson("/api/sections/$section->id/misses?lab=99999")->assertNotFound();
    // Nobody's name is kept in it.
    expect((string) json_encode($kept->found->toArray()))->not->toContain('Mateus')->toContain('#');
});

it('says why nothing is found while there is too little', function () {
    $lab = $this->openLab();
    $this->asTeacher($lab->section->teacher);
    $this->getJson("/api/sections/{$lab->section_id}/misses")->assertOk()->assertJsonPath('n', 0)->assertJsonPath('said', []);
    $this->postJson("/api/labs/$lab->id/close")->assertNoContent();
    expect(KeptMisses::query()->count())->toBeGreaterThan(0); // found when the lab closed, and kept
});

describe('an experiment', function () {
    beforeEach(function () {
        $this->class = $this->section();
        $this->asTeacher($this->class->teacher);
        $this->arms = [
            ['name' => 'Spooned', 'handling' => 'stirred-spooned', 'tool' => null, 'food' => null],
            ['name' => 'Dipped', 'handling' => 'dipped', 'tool' => null, 'food' => null],
        ];
        $this->made = fn (array $change = []): int => $this->postJson("/api/sections/{$this->class->id}/experiments", $change + [
            'title' => 'Two ways', 'ingredient' => 'bread-flour', 'tool' => 'dry-cup-us-1', 'by_all' => true, 'arms' => $this->arms,
        ])->assertSuccessful()->json('id');
    });

    it('is dealt out by chance, weighed with the target hidden, worked out, and shown', function () {
        $id = ($this->made)();
        $this->postJson("/api/experiments/$id/open")->assertNoContent();
        $dealt = $this->getJson("/api/experiments/$id")->assertOk()->json('students');
        $first = array_count_values(array_map(static fn (array $one): string => $one['order'][0], $dealt));
        expect($dealt)->toHaveCount(4)->and($first)->toEqualCanonicalizing(['a' => 2, 'b' => 2]);
        $oona = $this->class->stations->first()->students->first();
        $this->asNobody()->asStudent($oona);
        $mine = $this->getJson('/api/experiment')->assertOk();
        expect($mine->getContent())->not->toContain('125 g')->not->toMatch('/(?<!id"):125[^0-9]/')->and($mine->json('arms'))->toHaveCount(2);
        $weigh = fn (string $arm, string $grams) => $this->putJson('/api/experiment/weighings/'.Str::ulid(), [
            'student_id' => $oona->id, 'arm' => $arm, 'grams' => $grams, 'scale_id' => null,
        ]);
        $weigh('a', '125')->assertOk()->assertJsonPath('ask_more', null);
        $weigh('b', '139.5')->assertOk()->assertJsonPath('ask_more', 'Dipped')->assertJsonPath('said', []);
        $weigh('c', '1')->assertUnprocessable();
        $ask = fn (string $grams) => $this->postJson('/api/experiment/difference', ['student_id' => $oona->id, 'grams' => $grams])->assertOk();
        $ask('4')->assertJsonPath('right', false);
        $ask('14,5')->assertJsonPath('right', true);
        $this->asNobody()->asTeacher($this->class->teacher);
        $this->postJson("/api/experiments/$id/result")->assertConflict(); // one student is no class
        foreach ($this->class->students as $i => $student) {
            foreach (['a' => 125 + $i, 'b' => 139 + 2 * $i] as $arm => $grams) {
                $this->putJson("/api/experiments/$id/weighings/".Str::ulid(), [
                    'student_id' => $student->id, 'arm' => $arm, 'grams' => (string) $grams, 'scale_id' => null,
                ])->assertOk();
            }
        }
        $page = $this->getJson("/api/experiments/$id")->json();
        expect($page['said'][0])->toBe('Dipped gives 16 g more than Spooned, give or take 2 g (12%): 4 of 4 cups were heavier.')
            ->and($page['can_tell'])->toBeTrue()->and(array_column($page['students'][0]['grams'], 'grams'))->toHaveCount(2);
        $this->postJson("/api/experiments/$id/result")->assertNoContent();
        $this->asNobody()->asStudent($oona->fresh());
        $this->getJson('/api/experiment')->assertJsonPath('shown', true)->assertJsonPath('said.0', $page['said'][0]);
        $weigh('a', '126')->assertConflict();
    });

    it('says that there is not enough to tell when it is so', function () {
        $id = ($this->made)(['by_all' => false]);
        $this->postJson("/api/experiments/$id/open")->assertNoContent();
        foreach ($this->getJson("/api/experiments/$id")->json('students') as $i => $student) {
            $this->putJson("/api/experiments/$id/weighings/".Str::ulid(), [
                'student_id' => $student['id'], 'arm' => $student['order'][0], 'grams' => (string) (125 + ($i % 3)), 'scale_id' => null,
            ])->assertOk();
        }
        $page = $this->getJson("/api/experiments/$id")->json();
        expect($page['said'][0])->toStartWith('Not enough weigh-ins to tell')->and($page['can_tell'])->toBeFalse();
    });

    it('refuses one way alone, two of one name, and a way that the food is never filled', function (array $arms, string $field) {
        $this->postJson("/api/sections/{$this->class->id}/experiments", [
            'title' => 'x', 'ingredient' => 'bread-flour', 'tool' => 'dry-cup-us-1', 'by_all' => true, 'arms' => $arms,
        ])->assertUnprocessable()->assertJsonValidationErrors($field);
    })->with([
        [[['name' => 'a', 'handling' => null, 'tool' => null, 'food' => null]], 'arms'],
        [[['name' => 'a', 'handling' => null, 'tool' => null, 'food' => null], ['name' => 'A', 'handling' => null, 'tool' => null, 'food' => null]], 'arms.0.name'],
        [[['name' => 'a', 'handling' => 'counted', 'tool' => null, 'food' => null], ['name' => 'b', 'handling' => null, 'tool' => null, 'food' => null]], 'arms.0.handling'],
    ]);
});
