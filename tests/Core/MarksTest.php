<?php

declare(strict_types=1);

use Hovik\Core\Ask\Ask;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Marks\Band;
use Hovik\Core\Marks\Criterion;
use Hovik\Core\Marks\CriterionKind;
use Hovik\Core\Marks\Evidence;
use Hovik\Core\Marks\LineEvidence;
use Hovik\Core\Marks\MarkSheet;
use Hovik\Core\Marks\Override;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Marks\RubricTemplate;
use Hovik\Core\Marks\TryEvidence;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\Verdict;

/* 200 marks worked out a second time stand in conformance/mark.json: marks/peer.py made them. */

it('has templates whose points come to 100, and that go through storing', function (RubricTemplate $template) {
    $rubric = $template->rubric('Ours');
    expect(array_sum(array_column($rubric->criteria, 'weight')))->toBe(100)->and($rubric->unusual())->toBe([])
        ->and(Rubric::fromArray(new JsonInput(json_decode((string) json_encode($rubric->toArray()), true))))->toEqual($rubric);
})->with(RubricTemplate::cases());

/** @param  list<array{int, int|null, int}>  $bands */
function refusedBands(CriterionKind $kind, array $bands): ?string
{
    try {
        Criterion::of('one', $kind, 100, [], array_map(static fn (array $one): Band => new Band(...$one), $bands));
    } catch (InvalidInput $refusal) {
        return $refusal->field.' '.$refusal->phrase->id;
    }

    return null;
}

it('refuses ranges that do not hold', function (CriterionKind $kind, array $bands, ?string $refused) {
    expect(refusedBands($kind, $bands))->toBe($refused);
})->with([
    'whole' => [CriterionKind::Process, [[0, 49, 10], [50, 100, 100]], null],
    'a gap' => [CriterionKind::Process, [[0, 49, 10], [51, 100, 100]], 'bands.1 refusal.mark-gap'],
    'a gap before the first' => [CriterionKind::Process, [[1, 100, 100]], 'bands.0 refusal.mark-gap'],
    'a gap after the last' => [CriterionKind::Process, [[0, 99, 100]], 'bands.0 refusal.mark-gap'],
    'an overlap' => [CriterionKind::Process, [[0, 50, 10], [50, 100, 100]], 'bands.1 refusal.mark-overlap'],
    'the wrong order' => [CriterionKind::Process, [[50, 100, 100], [0, 49, 10]], 'bands.0 refusal.mark-gap'],
    'the wrong order later' => [CriterionKind::Process, [[0, 9, 10], [50, 100, 100], [10, 49, 10]], 'bands.1 refusal.mark-gap'],
    'twice the same' => [CriterionKind::Teamwork, [[0, 4, 10], [0, 4, 10]], 'bands.1 refusal.mark-overlap'],
    'back again' => [CriterionKind::Teamwork, [[0, 1, 10], [2, 4, 20], [1, 1, 20]], 'bands.2 refusal.mark-order'],
    'backwards' => [CriterionKind::Process, [[49, 0, 10], [50, 100, 100]], 'bands.0 refusal.mark-backwards'],
    'better is worth less' => [CriterionKind::Process, [[0, 49, 60], [50, 100, 50]], 'bands.1 refusal.mark-falls'],
    'later is worth more' => [CriterionKind::HandingIn, [[0, 0, 50], [1, null, 60]], 'bands.1 refusal.mark-falls'],
    'days without an end' => [CriterionKind::HandingIn, [[0, 0, 100], [1, 9, 60]], 'bands.1 refusal.mark-open-end'],
    'beyond the end' => [CriterionKind::Teamwork, [[0, 5, 60]], 'bands.0 refusal.mark-beyond'],
    'after everything' => [CriterionKind::HandingIn, [[0, null, 60], [5, null, 60]], 'bands.1 refusal.mark-overlap'],
    'more than all' => [CriterionKind::HandingIn, [[0, null, 101]], 'bands.0 refusal.mark-score'],
]);

it('refuses any rubric with a gap, wherever it is', function () {
    mt_srand(11);
    for ($i = 0; $i < 300; $i++) {
        $kind = CriterionKind::cases()[$i % 5];
        $top = $kind->most() ?? 60;
        $cuts = range(1, $top);
        shuffle($cuts);
        $cuts = array_slice($cuts, 0, mt_rand(1, min(4, $top)));
        sort($cuts);
        $whole = [];
        foreach ([0, ...$cuts] as $n => $from) {
            $whole[] = [$from, isset($cuts[$n]) ? $cuts[$n] - 1 : $kind->most(), 50];
        }
        expect(refusedBands($kind, $whole))->toBeNull();
        $missing = mt_rand(0, count($whole) - 1);
        $gap = $whole;
        // A whole band goes, or a part of one.
        if ($gap[$missing][1] !== null && $gap[$missing][1] > $gap[$missing][0] && $i % 2 === 0) {
            $gap[$missing][1]--;
        } else {
            array_splice($gap, $missing, 1);
        }
        expect($gap === [] ? 'bands' : refusedBands($kind, $gap))->not->toBeNull(json_encode($gap));
    }
});

it('refuses points that are not 100, and two parts of one name', function () {
    $of = static fn (int ...$weights): Rubric => Rubric::of('Ours', array_map(
        static fn (int $weight, int $i): Criterion => Criterion::of("c$i", CriterionKind::Process, $weight), $weights, array_keys($weights),
    ));
    expect($of(60, 40)->criteria)->toHaveCount(2)
        ->and(static fn () => $of(60, 39))->toThrow(InvalidInput::class, 'The points come to 99.')
        ->and(static fn () => $of(60, 41))->toThrow(InvalidInput::class, 'The points come to 101.')
        ->and(static fn () => $of(0, 100))->toThrow(InvalidInput::class)
        ->and(static fn () => Rubric::of('Ours', [
            Criterion::of('a', CriterionKind::Process, 50), Criterion::of('a', CriterionKind::Accuracy, 50),
        ]))->toThrow(InvalidInput::class)
        ->and(static fn () => Rubric::of(' ', [Criterion::of('a', CriterionKind::Process, 100)]))->toThrow(InvalidInput::class);
});

/** @return list<FrozenLine> */
function linesOf(string ...$foods): array
{
    $us = MeasureStandard::UsCustomary;
    $drawer = [ToolCatalogue::tool('dry-cup-us-1', $us), ToolCatalogue::tool('liquid-measure-us-1-cup', $us)];
    $planner = new LinePlanner(Pantry::reference(), $drawer, $us, ToleranceLevel::Practised);

    return array_map(static fn (string $food): FrozenLine => FrozenLine::of($planner->plan(
        Pantry::reference()->ingredient($food), Amount::of('1', Unit::Cup), Strictness::Structural,
    ), 1, null, [], false, []), $foods);
}

it('refuses a part that no ingredient of the lab can show, by its name', function () {
    $liquids = Rubric::of('Ours', [
        Criterion::of('dry', CriterionKind::Process, 60),
        Criterion::of('wet', CriterionKind::Accuracy, 40, [Family::ThinLiquid], name: 'Liquids'),
    ]);
    $liquids->mustFit(linesOf('bread-flour', 'whole-milk'));
    expect(static fn () => $liquids->mustFit(linesOf('bread-flour')))
        ->toThrow(InvalidInput::class, 'Nothing in this lab can show this part: Liquids.');
});

it('warns of a part that no usual lab can show', function () {
    $odd = Criterion::of('odd', CriterionKind::Process, 100, [Family::Shredded, Family::NutButter]);
    expect(Rubric::of('Ours', [$odd])->unusual())->toBe([$odd]);
});

it('takes no point for what a scale cannot tell, and always one for a miss', function () {
    $try = static fn (Verdict $verdict, float $error): int => (new TryEvidence($verdict, 100, $error, 10))->offPct();
    expect($try(Verdict::Level, 9.9))->toBe(0)->and($try(Verdict::TooClose, -10.4))->toBe(0)
        ->and($try(Verdict::Heaped, 10.01))->toBe(101)->and($try(Verdict::Shy, -15.0))->toBe(150)->and($try(Verdict::Shy, -15.01))->toBe(151);
});

it('keeps a sheet as it was, whatever the rubric says later', function () {
    $rubric = RubricTemplate::FourParts->rubric('Ours');
    $sheet = MarkSheet::of($rubric, Evidence::of(
        lines: [new LineEvidence('7', Family::FinePowder, [], [], [new TryEvidence(Verdict::Heaped, 239, 22, 17), new TryEvidence(
            Verdict::Level, 222, 5, 17, true, 1.03,
        )])], daysLate: 0,
    ), ['accuracy' => Override::of(40, 36, 'The table was not level')]);
    $again = MarkSheet::fromArray(new JsonInput(json_decode((string) json_encode($sheet->toArray()), true)));
    expect($again)->toEqual($sheet)->and($again->score())->toBe(92) // 36 and 10 of 50
        ->and($again->criteria[1]->workedOut)->toBe(35)->and($again->criteria[1]->isCoached())->toBeTrue()
        ->and(array_map(static fn ($one): string => $one->criterion->id, $again->open()))->toBe(['process', 'clean-up']);
});

it('asks for a reason, and for points that there are', function (int $points, string $reason, string $field) {
    expect(static fn () => Override::of(40, $points, $reason))->toThrow(InvalidInput::class);
    try {
        Override::of(40, $points, $reason);
    } catch (InvalidInput $refusal) {
        expect($refusal->field)->toBe($field);
    }
})->with([
    [41, 'Off', 'overrides.points'], [-1, 'Off', 'overrides.points'], [40, ' x ', 'overrides.reason'],
    [40, str_repeat('x', 201), 'overrides.reason'],
]);

it('refuses evidence that cannot be', function (array $evidence, string $field) {
    try {
        Ask::answer('mark', ['rubric' => 'four-parts', 'evidence' => $evidence]);
        expect(false)->toBeTrue();
    } catch (InvalidInput $refusal) {
        expect($refusal->field)->toBe($field);
    }
})->with([
    [['days_late' => -1], 'days_late'], [['days_late' => 401], 'days_late'], [['cleaned' => ['done' => 3, 'of' => 2]], 'cleaned'],
    [['levels' => ['teamwork' => 5]], 'levels.teamwork'],
    [['lines' => [['id' => 'a', 'family' => 'fine-powder', 'done' => ['fill'], 'missed' => ['fill']]]], 'lines'],
    [['lines' => [['id' => 'a', 'family' => 'fine-powder', 'tries' => [['verdict' => 'level', 'error_g' => 1, 'tolerance_g' => 0]]]]], 'tolerance_g'],
]);
