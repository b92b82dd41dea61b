<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\LogEntry;
use App\Models\Recipe;
use App\Models\Section;
use Hovik\Core\Calendar\BellReader;
use Hovik\Core\Calendar\BellSchedule;
use Hovik\Core\Calendar\SchoolCalendar;
use Illuminate\Support\Carbon;

beforeEach(function () {
    Carbon::setTestNow('2026-11-25 16:10:00'); // a Wednesday, 10:10 in Chicago
    $this->class = $this->section();
    $this->teacher = $this->class->teacher;
    $this->school = $this->class->kitchen->school;
    $this->school->update(['time_zone' => 'America/Chicago']);
    $this->bells = function (): void {
        $list = static fn (string $name, string $text): BellSchedule => BellSchedule::of($name, BellReader::read($text, 'text'));
        $this->school->update(['calendar' => SchoolCalendar::of(
            [$list('Regular', "3 9:00-9:47\n4 10:05-10:52"), $list('Short', '4 9:30-10:00')],
            [1 => 'Regular', 2 => 'Regular', 3 => 'Regular', 4 => 'Short'], [], null, ['2026-11-30' => null],
        )]);
        $this->class->update(['period' => '4']);
    };
});

const BELLS = [
    'schedules' => [['name' => 'Regular', 'text' => "Period 4: 10:05 AM - 10:52 AM\n5 1:05-1:52"], ['name' => 'Short', 'text' => '4 9:30-10:00']],
    'week' => [['day' => 1, 'name' => 'Regular'], ['day' => 3, 'name' => '*']], 'turns' => ['Regular', 'Short'], 'turns_from' => '2026-11-25',
    'days' => [['date' => '2026-12-24', 'name' => null]],
];

it('takes a school\'s bells whole, as its keeper types them, or not at all', function () {
    $keeper = $this->teacher;
    $keeper->update(['role' => 'keeper']);
    $this->asTeacher($keeper)->putJson('/api/school/calendar', BELLS)->assertOk()
        ->assertJsonPath('schedules.0.text', "4: 10:05-10:52\n5: 13:05-13:52")->assertJsonPath('week.1.name', '*');
    $this->getJson('/api/school/calendar')->assertJsonPath('days.0.date', '2026-12-24')->assertJsonPath('turns_from', '2026-11-25');
    expect(LogEntry::query()->latest('id')->value('act'))->not->toBeNull();
    $wrong = static fn (array $more): array => array_replace_recursive(BELLS, $more);
    $this->putJson('/api/school/calendar', $wrong(['schedules' => [1 => ['text' => 'Lunch']]]))->assertUnprocessable()
        ->assertJsonValidationErrors(['schedules.1.text' => 'This line needs a period and two times']);
    $this->putJson('/api/school/calendar', $wrong(['week' => [['name' => 'Gone']]]))->assertJsonValidationErrors(['week.1' => 'no bells named "Gone"']);
    $this->putJson('/api/school/calendar', $wrong(['turns_from' => null]))->assertJsonValidationErrors('turns_from');
    $this->putJson('/api/school/calendar', $wrong(['days' => [['date' => '2026-02-30']]]))->assertJsonValidationErrors('days.0.date');
    expect($this->school->refresh()->bells()->hours('5', '2026-11-30')?->from)->toBe('13:05'); // as it was kept
});

it('goes by the bells of the day: today, the plan, a calendar\'s file, the student\'s bell', function () {
    ($this->bells)();
    $lab = $this->openLab($this->class);
    $lab->update(['planned_for' => '2026-11-25']);
    $this->asTeacher($this->teacher)->getJson('/api/today')->assertOk()
        ->assertJsonPath('sections.0.starts_at', '10:05')->assertJsonPath('sections.0.is_now', true)
        ->assertJsonPath('sections.0.meets', true)->assertJsonPath('sections.0.next_day', '2026-11-26');
    $this->getJson("/api/labs/$lab->id/period")->assertJsonPath('minutes', 47)->assertJsonPath('ends_at', '10:52')->assertJsonPath('own_hours', false);
    expect($this->get("/api/labs/$lab->id/calendar.ics")->content())->toContain('DTSTART:20261125T160500Z');
    $this->asNobody()->asStation($this->class->stations->first())->getJson('/api/work')->assertJsonPath('ends_at', '10:52');
    $lab->update(['planned_for' => '2026-11-26']); // a short day
    $this->asNobody()->asTeacher($this->teacher)->getJson("/api/labs/$lab->id/period")->assertJsonPath('minutes', 30);
    Carbon::setTestNow('2026-11-28 16:10:00'); // a Saturday; Monday is a holiday
    $this->asNobody()->asTeacher($this->teacher->fresh())->getJson('/api/today')->assertJsonPath('sections.0.meets', false)->assertJsonPath('sections.0.is_now', false)
        ->assertJsonPath('sections.0.next_day', '2026-12-01')->assertJsonPath('sections.0.starts_at', substr($this->class->starts_at, 0, 5));
});

it('goes by a class\'s own hours where the school has told no bells, or the class has no period', function () {
    $this->asTeacher($this->teacher)->getJson('/api/today')->assertJsonPath('sections.0.starts_at', substr($this->class->starts_at, 0, 5))
        ->assertJsonPath('sections.0.next_day', '2026-11-26');
    ($this->bells)();
    $this->class->update(['period' => null]);
    $this->getJson('/api/today')->assertJsonPath('sections.0.starts_at', substr($this->class->starts_at, 0, 5));
});

it('lets one lab have hours of its own, an open one too, and plans it anew', function () {
    $lab = $this->openLab($this->class);
    $path = "/api/labs/$lab->id/hours";
    $this->asTeacher($this->teacher)->putJson($path, ['starts_at' => '10:05', 'ends_at' => '10:25'])->assertOk()
        ->assertJsonPath('minutes', 20)->assertJsonPath('own_hours', true)->assertJsonPath('parts.0.fits', false)
        ->assertJsonPath('may_change', true);
    $this->putJson($path, ['starts_at' => '10:05', 'ends_at' => '10:00'])->assertJsonValidationErrors('ends_at');
    // What does not fit is left for a second period; what was measured already is not.
    $first = $lab->lines->first();
    $this->asNobody()->asStation($this->class->stations->first())->weigh($first)->assertCreated();
    $this->asNobody()->asTeacher($this->teacher)->putJson("/api/labs/$lab->id/second-period", ['later' => $lab->lines->map->frozen->map->place()->all()])
        ->assertOk()->assertJsonPath('in_two', true);
    expect($lab->refresh()->later)->toBe([$lab->lines->last()->frozen->place()]);
    $this->deleteJson($path)->assertOk()->assertJsonPath('own_hours', false);
    $lab->update(['second_at' => now()]);
    $this->deleteJson("/api/labs/$lab->id/second-period")->assertConflict();
});

it('moves a prepared lab to another class and day; what was for stations of the one before is gone', function () {
    $lab = $this->lab($this->class);
    $other = Section::factory()->for($this->class->kitchen)->for($this->teacher)->create(['name' => 'Foods 2', 'code' => 'QQQQQQ']);
    $lab->items->first()->swaps()->create(['station_id' => $this->class->stations->first()->id, 'text' => null]);
    $settled = ['title' => 'Buns', 'planned_for' => '2026-12-08', 'retry_pct' => 15];
    $this->asTeacher($this->teacher)->putJson("/api/labs/$lab->id", ['section' => $other->id] + $settled)->assertNoContent();
    expect($lab->refresh()->only('section_id', 'retry_pct'))->toBe(['section_id' => $other->id, 'retry_pct' => 15])
        ->and($lab->planned_for->toDateString())->toBe('2026-12-08')->and($lab->items->first()->swaps()->count())->toBe(0);
    $foreign = $this->section('Elsewhere');
    $this->putJson("/api/labs/$lab->id", ['section' => $foreign->id] + $settled)->assertJsonValidationErrors('section');
    $open = $this->openLab($this->class);
    $this->putJson("/api/labs/$open->id", ['section' => $other->id] + $settled)->assertConflict();
});

it('copies a lab to several classes and days at once, all or none', function () {
    $lab = $this->lab($this->class);
    $other = Section::factory()->for($this->class->kitchen)->for($this->teacher)->create(['name' => 'Foods 2', 'code' => 'QQQQQQ']);
    $lab->items->first()->swaps()->create(['station_id' => $this->class->stations->first()->id, 'text' => null]);
    $copies = static fn (int ...$to): array => ['copies' => array_map(
        static fn (int $section, int $i): array => ['section' => $section, 'planned_for' => '2026-12-0'.(1 + $i)], $to, array_keys($to),
    )];
    $ids = $this->asTeacher($this->teacher)->postJson("/api/labs/$lab->id/copy", $copies($this->class->id, $other->id))->assertCreated()->json('ids');
    $made = array_map(static fn (int $id): Lab => Lab::query()->findOrFail($id), $ids);
    expect(array_map(static fn (Lab $one): array => [$one->section_id, $one->planned_for->toDateString(), $one->items->count()], $made))
        ->toBe([[$this->class->id, '2026-12-01', 2], [$other->id, '2026-12-02', 2]])
        ->and($made[0]->items->first()->swaps()->count())->toBe(1)->and($made[1]->items->first()->swaps()->count())->toBe(0);
    $before = Lab::query()->count();
    $foreign = $this->section('Elsewhere');
    $this->postJson("/api/labs/$lab->id/copy", $copies($this->class->id, $foreign->id))->assertJsonValidationErrors('copies.1.section');
    $this->postJson("/api/labs/$lab->id/copy", ['copies' => []])->assertJsonValidationErrors('copies');
    expect(Lab::query()->count())->toBe($before);
});

it('shows a term: weeks from Monday on, bells, and the labs of all classes as the day goes', function () {
    ($this->bells)();
    $late = $this->lab($this->class);
    $late->update(['planned_for' => '2026-11-30', 'title' => 'On a holiday']);
    $other = Section::factory()->for($this->class->kitchen)->for($this->teacher)->create(['code' => 'QQQQQQ', 'period' => '3']);
    $early = $this->lab($other);
    $early->update(['planned_for' => '2026-11-24']);
    $this->lab($this->class)->update(['planned_for' => '2026-11-24']);
    $this->lab($this->class)->update(['planned_for' => '2026-11-24', 'archived_at' => now()]);
    $this->lab($this->section('Elsewhere'))->update(['planned_for' => '2026-11-24']);
    $term = $this->asTeacher($this->teacher)->getJson('/api/term')->assertOk()->assertJsonPath('today', '2026-11-25')
        ->assertJsonPath('weeks.0.days.0.date', '2026-11-16')->assertJsonCount(20, 'weeks')->assertJsonPath('after', '2027-04-05')->json();
    $days = array_column(array_merge(...array_column($term['weeks'], 'days')), null, 'date');
    expect(array_column($days['2026-11-24']['labs'], 'starts_at'))->toBe(['09:00', '10:05'])
        ->and($days['2026-11-26']['bells'])->toBe('Short')->and($days['2026-11-27']['is_school'])->toBeFalse()
        ->and($days['2026-11-30']['is_school'])->toBeFalse()->and($days['2026-11-30']['labs'][0]['meets'])->toBeFalse();
    $this->getJson('/api/term?from=2026-12-02')->assertJsonPath('weeks.0.days.0.date', '2026-11-30');
    $this->getJson('/api/term?from=soon')->assertJsonValidationErrors('from');
});

it('finds what was archived, and brings it back', function () {
    $lab = $this->lab($this->class);
    $recipe = Recipe::query()->create(['kitchen_id' => $this->teacher->kitchen_id, 'title' => 'Scones']);
    $recipe->versions()->create(['number' => 1, 'lines' => [], 'directions' => [], 'teacher_id' => $this->teacher->id]);
    $away = fn () => $this->asNobody()->asTeacher($this->teacher->fresh())->getJson('/api/put-away');
    $away()->assertExactJson(['recipes' => [], 'labs' => []]);
    $this->postJson("/api/labs/$lab->id/archive")->assertNoContent();
    $this->postJson("/api/recipes/$recipe->id/archive")->assertNoContent();
    $away()->assertJsonPath('labs.0.title', 'Buns')->assertJsonPath('labs.0.section', $this->class->name)
        ->assertJsonPath('recipes.0.title', 'Scones');
    $names = fn (): array => array_column($this->getJson('/api/search')->assertOk()->json(), 'name');
    expect($names())->not->toContain('Scones')->not->toContain('Buns');
    $this->deleteJson("/api/labs/$lab->id/archive")->assertNoContent();
    $this->deleteJson("/api/recipes/$recipe->id/archive")->assertNoContent();
    $away()->assertExactJson(['recipes' => [], 'labs' => []]);
    expect($names())->toContain('Scones')->toContain('Buns')->toContain('Oona of Hazel')->not->toContain('Oona of Elsewhere');
});

it('finds nothing of another teacher\'s', function () {
    $other = $this->section('Elsewhere');
    $other->students->first()->update(['name' => 'Quill']);
    $this->lab($other)->update(['title' => 'Their lab']);
    $found = $this->asTeacher($this->teacher)->getJson('/api/search')->assertOk()->json();
    expect(array_column($found, 'name'))->not->toContain('Quill')->not->toContain('Their lab');
    $by = array_column($found, 'to', 'name');
    expect($by['Bread flour'])->toBe('/pantry?food=bread-flour')->and(array_unique(array_column($found, 'kind')))->toContain('technique')->toContain('food');
});

it('measures and simulates by the class in question', function () {
    $metric = Section::factory()->for($this->class->kitchen)->for($this->teacher)->create(['code' => 'QQQQQQ', 'standard' => 'metric_250']);
    $cups = fn (int $section): string => $this->asTeacher($this->teacher)->getJson("/api/pantry/granulated-sugar/measure?grams=500&section=$section")->json('measure');
    $target = fn (int $section): mixed => $this->getJson("/api/simulator?ingredient=granulated-sugar&amount=1&unit=cup&section=$section")->assertOk()->json();
    expect($cups($metric->id))->not->toBe($cups($this->class->id))->and($target($metric->id))->not->toEqual($target($this->class->id));
});
