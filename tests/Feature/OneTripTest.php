<?php

declare(strict_types=1);

use App\Database\OneTrip;
use App\Models\Lab;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    $this->lab = $this->openLab($this->section('Foods 1'));
    $this->models = ['lab' => Lab::class, 'section' => Section::class, 'scale' => Scale::class];
    $this->joined = fn (int $scale): Builder => OneTrip::joined(
        DB::table('labs as lab')->join('sections as section', 'section.id', '=', 'lab.section_id')
            ->leftJoin('scales as scale', fn ($on) => $on->where('scale.id', $scale))->where('lab.id', $this->lab->id), $this->models,
    );
});

it('reads what several queries give, in one trip', function () {
    $kept = [];
    DB::listen(function ($query) use (&$kept): void {
        $kept[] = $query->sql;
    });
    [$labs, $nobody, $students] = OneTrip::rows(
        DB::table('labs')->where('id', $this->lab->id)->select('title'), DB::table('students')->where('id', 0),
        DB::table('students')->where('section_id', $this->lab->section_id)->orderBy('id'),
    );
    expect($kept)->toHaveCount(1)->and(array_column($labs, 'title'))->toBe([$this->lab->title])->and($nobody)->toBe([])
        ->and(array_column($students, 'id'))->toBe(
            Student::query()->where('section_id', $this->lab->section_id)->orderBy('id')->pluck('id')->all(),
        );
});

it('makes models of joined tables as they are made alone, none of what was not found', function () {
    $scale = $this->lab->section->kitchen->scales->first();
    $found = OneTrip::models(OneTrip::rows(($this->joined)($scale->id))[0], $this->models);
    expect($found)->toHaveCount(1)
        ->and(array_map(fn ($model): array => $model->getRawOriginal(), $found[0]))->toBe([
            'lab' => Lab::query()->find($this->lab->id)->getRawOriginal(),
            'section' => Section::query()->find($this->lab->section_id)->getRawOriginal(),
            'scale' => Scale::query()->find($scale->id)->getRawOriginal(),
        ])
        ->and($found[0]['lab']->exists)->toBeTrue()->and($found[0]['lab']->isDirty())->toBeFalse()
        ->and(OneTrip::models(OneTrip::rows(($this->joined)(0))[0], $this->models)[0]['scale'])->toBeNull();
});

it('makes one model for one row, however often it is joined', function () {
    $of = ['section' => Section::class, 'student' => Student::class];
    $found = OneTrip::models(OneTrip::rows(OneTrip::joined(
        DB::table('sections as section')->join('students as student', 'student.section_id', '=', 'section.id')
            ->where('section.id', $this->lab->section_id), $of,
    ))[0], $of);
    expect(count($found))->toBeGreaterThan(1)->and(array_unique(array_map(spl_object_id(...), array_column($found, 'section'))))->toHaveCount(1)
        ->and(array_unique(array_column(array_column($found, 'student'), 'id')))->toHaveCount(count($found));
});

it('takes no columns for others', function () {
    $rows = OneTrip::rows(($this->joined)(0)->selectRaw('1 AS more'))[0];
    expect(fn () => OneTrip::models($rows, $this->models))->toThrow(LogicException::class, 'Other columns');
    unset($rows[0]->more, $rows[0]->c0);
    expect(fn () => OneTrip::models($rows, $this->models))->toThrow(ValueError::class);
});

it('puts queries into words once, and asks them for other values', function () {
    $made = 0;
    $title = function (int $lab) use (&$made): array {
        return OneTrip::again('title', [$lab], function () use (&$made, $lab): array {
            $made++;

            return [DB::table('labs')->where('id', $lab)->select('title')];
        });
    };
    expect($title(0))->toBe([[]])->and($title($this->lab->id)[0][0]->title)->toBe($this->lab->title)->and($made)->toBe(1);
});

it('keeps no queries that take other values than are said', function (array $said) {
    $ask = fn () => OneTrip::again('labs', $said, fn (): array => [DB::table('labs')->where('id', 7)->where('section_id', 8)]);
    expect($ask)->toThrow(LogicException::class, 'Other values')->and($ask)->toThrow(LogicException::class);
})->with([[[8, 7]], [[7]], [[7, 8, 9]], [['7', 8]]]);
