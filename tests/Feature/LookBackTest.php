<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\KeptTerm;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Mark;
use App\Models\PracticeTask;
use App\Models\RecipeNote;
use App\Models\Rubric;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Student;
use App\Models\StudentNote;
use App\Models\TermWeighing;
use App\Weighings\RecordWeighing;
use App\Weighings\WeighIn;
use Database\Seeders\TarnValley;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Support\Str;

/** One weigh-in of a student, at their station. */
function weighed(LabLine $line, Student $student, float $grams): App\Models\Weighing
{
    $scale = $line->lab->section->kitchen->scales->first() ?? Scale::factory()->create();

    return (new RecordWeighing)->record(new WeighIn(
        (string) Str::ulid(), $line, $student->station, $student, $scale, ScaleReading::of($grams, $scale->toCore()), [Step::Fill],
    ));
}

/** A term of a class: so many labs of one line of flour and salt, in which each student weighs what is said of them. */
function aTerm(Tests\SchoolTestCase $test, Section $section, int $labs, callable $grams): array
{
    $made = [];
    for ($i = 0; $i < $labs; $i++) {
        $lab = $test->lab($section, [['bread-flour', '1 3/4', 'cup'], ['granulated-sugar', '1', 'cup']]);
        (new OpenLab)->open($lab);
        $lab->refresh();
        foreach ($lab->lines as $line) {
            foreach ($section->students as $at => $student) {
                foreach ($grams($at, $i, (float) $line->target_g) as $one) {
                    weighed($line, $student, $one);
                }
            }
        }
        $lab->update(['state' => 'closed', 'closed_at' => now()]);
        $made[] = $lab;
    }

    return $made;
}

describe('the class over a term', function () {
    it('says how each student runs, first try beside best, and what to teach first', function () {
        $section = $this->section();
        // The first runs 20 % over and mends it; the second is steady; the third has weighed twice; the fourth nothing.
        aTerm($this, $section, 5, static fn (int $at, int $i, float $target): array => match ($at) {
            0 => [1.2 * $target, 1.01 * $target], 1 => [1.01 * $target], 2 => $i < 2 ? [$target] : [], default => [],
        });
        $this->asTeacher($section->teacher);
        $page = $this->getJson("/api/sections/$section->id/review")->assertOk()->json();
        $families = array_column($page['families'], 'id');
        $flour = array_search('fine-powder', $families, true);
        $cells = array_map(static fn (array $row): array => $row['cells'][$flour], $page['rows']);
        expect($page['weighings'])->toBe(34)->and($families)->toContain('fine-powder')
            ->and(array_column($cells, 'habit'))->toBe(['same-slip', 'steady', 'not-yet', 'not-yet'])
            ->and($cells[0]['pct'])->toEqualWithDelta(20, 3)->and($cells[0]['best_habit'])->toBe('steady')
            ->and($cells[0]['level_first'])->toBe(0)->and($cells[0]['level_best'])->toBe(5)->and($cells[3]['n'])->toBe(0)
            ->and($page['families'][$flour]['first'])->toBe(58)->and($page['families'][$flour]['best'])->toBe(100)
            ->and($page['reteach'][0]['students'])->toBe([$section->students[0]->id])->and($page['reteach'][0]['side'])->toBe('over');
        // One tap: practice for those who need it, an experiment's food, or weighed once more.
        $this->postJson("/api/sections/$section->id/review/practice", [
            'aims' => $page['reteach'][0]['aims'], 'students' => $page['reteach'][0]['students'],
        ])->assertNoContent();
        expect(PracticeTask::query()->sole()->student_id)->toBe($section->students[0]->id);
        $again = $this->postJson("/api/sections/$section->id/review/labs", ['food' => 'bread-flour'])->assertCreated()->json('id');
        expect(Lab::query()->findOrFail($again)->title)->toBe('Bread flour once more')
            ->and(Lab::query()->findOrFail($again)->items()->sole()->amount->number->__toString())->toBe('7/4');
        $this->postJson("/api/sections/$section->id/review/labs", ['food' => 'honey'])->assertNotFound();
        $this->postJson("/api/sections/$section->id/review/practice", ['aims' => ['nonsense'], 'students' => [999999]])
            ->assertJsonValidationErrors(['aims.0', 'students.0']);
    });

    it('looks at a lab, a food, some days alone', function () {
        $section = $this->section();
        [$first] = aTerm($this, $section, 2, static fn (int $at, int $i, float $target): array => [$target]);
        $this->asTeacher($section->teacher);
        $n = fn (string $query): int => $this->getJson("/api/sections/$section->id/review?$query")->assertOk()->json('weighings');
        $tomorrow = now()->addDay()->toDateString();
        expect($n(''))->toBe(16)->and($n("lab=$first->id"))->toBe(8)->and($n('food=bread-flour'))->toBe(8)->and($n("from=$tomorrow"))->toBe(0)
            ->and($n("to=$tomorrow"))->toBe(16)->and($n('food=nonsense'))->toBe(0);
        $this->getJson("/api/sections/$section->id/review?from=yesterday")->assertJsonValidationErrors('from');
    });

    it('makes what it reads once, and anew where something was put right', function () {
        $section = $this->section();
        [$lab] = aTerm($this, $section, 1, static fn (int $at, int $i, float $target): array => [1.3 * $target]);
        $this->asTeacher($section->teacher);
        $this->getJson("/api/sections/$section->id/review")->assertOk();
        $before = KeptTerm::query()->sole()->heard;
        $wrong = TermWeighing::query()->firstOrFail();
        $line = LabLine::query()->findOrFail($wrong->lab_line_id);
        $scale = $section->kitchen->scales->first();
        (new RecordWeighing)->record(new WeighIn(
            (string) Str::ulid(), $line, $section->students[0]->station, $section->students[0], $scale,
            ScaleReading::of((float) $line->target_g, $scale->toCore()), correctsId: $wrong->weighing_id, correctedBy: $section->teacher,
        ));
        $this->getJson("/api/sections/$section->id/review")->assertOk()->assertJsonPath('weighings', 8);
        expect(KeptTerm::query()->sole()->heard)->not->toBe($before)
            ->and(TermWeighing::query()->whereKey($wrong->weighing_id)->exists())->toBeFalse();
    });

    it('is empty for a class that has weighed nothing', function () {
        $section = $this->section();
        $this->asTeacher($section->teacher);
        $this->getJson("/api/sections/$section->id/review")->assertOk()->assertJsonPath('weighings', 0)->assertJsonPath('families', []);
    });
});

describe('one student', function () {
    it('shows every weighing, growth, what helped, and what to do next', function () {
        $section = $this->section();
        aTerm($this, $section, 8, static fn (int $at, int $i, float $target): array => $i < 4 ? [1.3 * $target, $target] : [$target]);
        $student = $section->students[0];
        $this->asTeacher($section->teacher);
        $page = $this->getJson("/api/sections/$section->id/students/$student->id/review")->assertOk()->json();
        expect($page['weighings'])->toHaveCount(24)->and($page['weighings'][0])->toMatchArray([
            'food' => 'Bread flour', 'verdict' => 'heaped', 'nth' => 1, 'coached' => false,
        ])->and(array_column(array_slice($page['weighings'], 0, 2), 'best'))->toBe([false, true])->and($page['weighings'][1]['nth'])->toBe(2)->and($page['level'])->toBe('Level at the first try 8 of 16, with a second try 16.')
            ->and($page['families'][0]['growth'])->toStartWith('Nearer than at first')->and($page['before'])->toBeNull()
            ->and($page['after'])->toBe($section->students[1]->id);
        $this->putJson("/api/sections/$section->id/students/$student->id/note", ['text' => ' Pair with Mateus '])->assertNoContent();
        $this->putJson("/api/sections/$section->id/students/$student->id/language", ['language' => 'es'])->assertNoContent();
        $this->putJson("/api/sections/$section->id/students/$student->id/language", ['language' => 'xx'])->assertUnprocessable();
        $this->getJson("/api/sections/$section->id/students/$student->id/review")->assertJsonPath('note', 'Pair with Mateus')
            ->assertJsonPath('language', 'es');
        // Their own page has no note of the teacher's, and nobody else's work.
        $mine = $this->asNobody()->asStudent($student->fresh())->getJson('/api/results')->assertOk();
        expect($mine->getContent())->not->toContain('Pair with')->and($mine->json('weighings'))->toHaveCount(24)
            ->and($mine->json('marks'))->toBe([]);
        $this->asNobody()->asTeacher($section->teacher->fresh());
        $this->putJson("/api/sections/$section->id/students/$student->id/note", ['text' => ''])->assertNoContent();
        expect(StudentNote::query()->count())->toBe(0);
    });
});

describe('a lab looked back on', function () {
    it('counts what was Level, what a second try brought, and keeps a note with the recipe', function () {
        $section = (new TarnValley)->make();
        $this->asTeacher($section->teacher);
        $lab = $section->labs()->where('title', 'Cardamom oat buns')->firstOrFail();
        $page = $this->getJson("/api/labs/$lab->id/review")->assertOk()->json();
        expect($page['n'])->toBeGreaterThan(10)->and($page['first'])->toBeLessThanOrEqual($page['n'])
            ->and($page['gained'])->toBeLessThanOrEqual($page['second'])->and($page['lines'])->not->toBe([])
            ->and($page['lanes'])->not->toBe([])->and($page['has_recipe'])->toBeTrue();
        $this->putJson("/api/labs/$lab->id/review/note", ['text' => 'Start the milk earlier'])->assertNoContent();
        expect(RecipeNote::query()->sole()->text)->toBe('Start the milk earlier');
        $this->getJson("/api/recipes/{$lab->recipeVersion->recipe_id}")->assertOk()->assertJsonPath('notes.0.text', 'Start the milk earlier');
        $this->putJson("/api/labs/$lab->id/review/note", ['text' => ''])->assertNoContent();
        expect(RecipeNote::query()->count())->toBe(0);
    });
});

describe('marks', function () {
    beforeEach(function () {
        $this->class = $this->section();
        [$this->buns] = aTerm($this, $this->class, 1, static fn (int $at, int $i, float $target): array => match ($at) {
            0 => [1.3 * $target, $target], 1 => [$target], 2 => [1.3 * $target], default => [],
        });
        $this->asTeacher($this->class->teacher);
        $this->of = fn (int $at): string => "/api/labs/{$this->buns->id}/marks/{$this->class->students[$at]->id}";
        $this->says = static fn (array $change = []): array => $change + [
            'attendance' => 'here', 'days_late' => null, 'levels' => [], 'overrides' => [],
        ];
        $this->give = fn (?string $template, bool $exam = false) => $this->putJson("/api/labs/{$this->buns->id}/rubric", [
            'rubric_id' => null, 'template' => $template, 'exam' => $exam,
        ]);
    });

    it('are proposed from what was weighed and seen, accepted, overridden with a reason, and given back', function () {
        $this->getJson("/api/labs/{$this->buns->id}/marks")->assertOk()->assertJsonPath('rubric', null);
        $this->putJson(($this->of)(0), ($this->says)())->assertConflict(); // no rubric yet
        ($this->give)('four-parts')->assertNoContent();
        $page = $this->getJson("/api/labs/{$this->buns->id}/marks")->assertOk()->json();
        $parts = array_column($page['students'][0]['parts'], null, 'id');
        expect(array_column($page['students'], 'attendance'))->toBe(['here', 'here', 'here', 'absent'])
            ->and($parts['process']['points'])->toBeNull()->and($parts['handing-in']['points'])->toBeNull()
            ->and($parts['accuracy']['because'])->toContain('on average of 2 ingredients')
            ->and($parts['accuracy']['lines'][0]['tries'])->toHaveCount(2)->and($parts['accuracy']['coached'])->toBeTrue()
            ->and($page['students'][1]['score'])->toBe(100)->and($page['students'][3]['score'])->toBeNull()->and($page['absent'])->toBe(1);
        // Everybody on the day, with one tap; what is said already stays.
        $this->putJson(($this->of)(2), ($this->says)(['days_late' => 3]))->assertOk();
        $page = $this->postJson("/api/labs/{$this->buns->id}/marks/on-time")->assertOk()->json();
        expect(array_column($page['students'], 'days_late'))->toBe([0, 0, 3, 0]);
        $this->putJson(($this->of)(0), ($this->says)(['overrides' => [['id' => 'accuracy', 'points' => 41, 'reason' => 'Too many']]]))
            ->assertJsonValidationErrors('overrides.0.points');
        $this->putJson(($this->of)(0), ($this->says)(['overrides' => [['id' => 'accuracy', 'points' => 40, 'reason' => 'x']]]))
            ->assertJsonValidationErrors('overrides.0.reason');
        $this->putJson(($this->of)(0), ($this->says)(['overrides' => [['id' => 'accuracy', 'points' => 40, 'reason' => 'The table was not level']]]))
            ->assertOk()->assertJsonPath('parts.1.points', 40)->assertJsonPath('parts.1.reason', 'The table was not level');
        $this->postJson(($this->of)(0).'/accept')->assertOk()->assertJsonPath('accepted', true);
        $this->putJson(($this->of)(0), ($this->says)())->assertConflict(); // accepted: open it first
        // Students see nothing until the teacher says.
        $oona = $this->class->students[0];
        $this->asNobody()->asStudent($oona)->getJson('/api/results')->assertJsonPath('marks', []);
        $this->asNobody()->asTeacher($this->class->teacher->fresh());
        $this->postJson("/api/labs/{$this->buns->id}/marks/given-back")->assertNoContent();
        $mine = $this->asNobody()->asStudent($oona->fresh())->getJson('/api/results')->json('marks');
        expect($mine)->toHaveCount(1)->and($mine[0]['parts'][1]['reason'])->toBe('The table was not level');
        $this->asNobody()->asTeacher($this->class->teacher->fresh());
        $this->deleteJson("/api/labs/{$this->buns->id}/marks/given-back")->assertNoContent();
        $this->deleteJson(($this->of)(0).'/accept')->assertOk()->assertJsonPath('accepted', false);
        $this->postJson("/api/labs/{$this->buns->id}/marks/given-back")->assertConflict();
    });

    it('never change by themselves: what they would be now is said beside them', function () {
        ($this->give)('quick')->assertNoContent();
        $this->postJson(($this->of)(2).'/accept')->assertOk();
        $score = Mark::query()->sole()->score;
        $line = $this->buns->lines->first();
        // Measured again afterwards: the best try is better now.
        weighed($line, $this->class->students[2], (float) $line->target_g);
        $row = $this->getJson("/api/labs/{$this->buns->id}/marks")->json('students.2');
        expect($row['score'])->toBe($score)->and($row['would_be'])->toBeGreaterThan($score)->and(Mark::query()->sole()->score)->toBe($score);
        ($this->give)('exam')->assertConflict(); // not while a mark by another rubric is accepted
    });

    it('go by the rubric that the lab was given, and not by what became of it', function () {
        $rubric = fn (array $change = []): array => $change + ['name' => 'Ours', 'criteria' => [[
            'kind' => 'accuracy', 'name' => null, 'weight' => 100, 'families' => [], 'first_share' => 100,
            'bands' => [['from' => 0, 'to' => 100, 'score' => 100], ['from' => 101, 'to' => null, 'score' => 0]],
        ]]];
        $id = $this->postJson('/api/rubrics', $rubric())->assertCreated()->json('id');
        $this->postJson('/api/rubrics', $rubric())->assertConflict();
        $this->putJson("/api/labs/{$this->buns->id}/rubric", ['rubric_id' => $id, 'template' => null, 'exam' => false])->assertNoContent();
        expect($this->getJson("/api/labs/{$this->buns->id}/marks")->json('students.2.score'))->toBe(0);
        $easier = $rubric();
        $easier['criteria'][0]['bands'][1]['score'] = 80;
        $this->putJson("/api/rubrics/$id", $easier)->assertNoContent();
        expect($this->getJson("/api/labs/{$this->buns->id}/marks")->json('students.2.score'))->toBe(0)
            ->and($this->getJson('/api/rubrics')->json('rubrics.0.parts.0.bands.1.score'))->toBe(80);
        $gap = $rubric();
        $gap['criteria'][0]['bands'][1]['from'] = 120;
        $this->putJson("/api/rubrics/$id", $gap)->assertJsonValidationErrors('criteria.0.bands.1');
        $light = $rubric();
        $light['criteria'][0]['weight'] = 99;
        $this->putJson("/api/rubrics/$id", $light)->assertJsonValidationErrors('criteria');
        $liquid = $rubric(['name' => 'Liquids']);
        $liquid['criteria'][0]['families'] = ['thin-liquid'];
        $liquid['criteria'][0]['name'] = 'Pouring';
        $id = $this->postJson('/api/rubrics', $liquid)->assertCreated()->json('id');
        $this->putJson("/api/labs/{$this->buns->id}/rubric", ['rubric_id' => $id, 'template' => null, 'exam' => false])
            ->assertUnprocessable()->assertJsonPath('errors.rubric.0', 'Nothing in this lab can show this part: Pouring. Take it out, or use another rubric.');
        $this->deleteJson("/api/rubrics/$id")->assertNoContent();
        expect(Rubric::query()->count())->toBe(1);
    });
});
