<?php

declare(strict_types=1);

use Eris\Generators;
use Hovik\Core\Calendar\BellReader;
use Hovik\Core\Calendar\BellSchedule;
use Hovik\Core\Calendar\Day;
use Hovik\Core\Calendar\Hours;
use Hovik\Core\Calendar\SchoolCalendar;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;

uses(\Eris\TestTrait::class)->in(__FILE__);

function bells(string $name, string $text): BellSchedule
{
    return BellSchedule::of($name, BellReader::read($text, 'bells'));
}

function tarn(array $days = []): SchoolCalendar
{
    return SchoolCalendar::of(
        [bells('A', "1 8:00-8:47\n4 10:05-10:52"), bells('B', "2 8:00-8:47\n4 1:05-1:52"), bells('Short', '4 9:30-10:00')],
        [1 => '*', 2 => '*', 3 => 'Short', 4 => '*', 5 => '*'],
        ['A', 'B'], '2026-11-23', $days,
    );
}

function refusedAt(Closure $do): string
{
    try {
        $do();
    } catch (InvalidInput $refused) {
        return $refused->field;
    }

    return '';
}

it('reads bells as handbooks print them', function (string $line, string $name, string $from, string $to) {
    $read = BellReader::read($line, 'bells');
    expect(array_map(strval(...), array_keys($read)))->toBe([$name])
        ->and([reset($read)->from, reset($read)->to])->toBe([$from, $to]);
})->with([
    ['4: 10:05-10:52', '4', '10:05', '10:52'],
    ['Period 4: 10:05 - 10:52', '4', '10:05', '10:52'],
    ["4\t10:05\t10:52", '4', '10:05', '10:52'],
    ['Per. 4 | 10:05 AM to 10:52 AM', '4', '10:05', '10:52'],
    ['P 7 (1:05 PM – 1:52 PM)', '7', '13:05', '13:52'],
    ['7 1:05-1:52', '7', '13:05', '13:52'],
    ['5 11:50-12:40', '5', '11:50', '12:40'],
    ['6 12:45 p.m. - 1:30 p.m.', '6', '12:45', '13:30'],
    ['Período 3 de 9.15 a 10.00', '3', '09:15', '10:00'],
    ['Block A, 8:00-9:30', 'Block A', '08:00', '09:30'],
    ['8:00-8:10 Homeroom', 'Homeroom', '08:00', '08:10'],
    ['3 9h15 10h00', '3', '09:15', '10:00'],
    ['0 6:50 am 7:40 am', '0', '06:50', '07:40'],
    ['Midnight 12:05 am 12:30 am', 'Midnight', '00:05', '00:30'],
]);

it('says which line it cannot read', function (string $text, string $said) {
    expect(fn () => BellReader::read($text, 'bells'))->toThrow(InvalidInput::class, $said);
})->with([
    ['Lunch', 'two times, like "4: 10:05-10:52": Lunch'],
    ["4 10:05-10:52\n5 11:00", ': 5 11:00'],
    ['10:05-10:52', 'a period and two times'],
    ['4 10:05-10:52-11:30', 'a period and two times'],
    ["4 10:05-10:52\nPeriod 4 11:00-11:47", 'Period 4 is there twice'],
    ['4 10:52-10:05', 'must come after'],
    ['4 25:05-26:00', 'is no time'],
]);

it('writes what it reads', function () {
    $this->forAll(Generators::choose(7, 17), Generators::choose(0, 59), Generators::choose(1, 59))->then(
        function (int $hour, int $minute, int $long) {
            $end = 60 * $hour + $minute + $long;
            $hours = Hours::of(sprintf('%02d:%02d', $hour, $minute), sprintf('%02d:%02d', intdiv($end, 60), $end % 60));
            $one = BellSchedule::of('Usual', ['4' => $hours]);
            expect($hours->minutes())->toBe($long)
                ->and(BellReader::read($one->written(), 'bells'))->toEqual($one->periods)
                ->and($hours->holds($hours->from))->toBeTrue()->and($hours->holds($hours->to))->toBeFalse();
        },
    );
});

it('counts days as the calendar does', function () {
    $number = null;
    for ($day = new DateTimeImmutable('1999-12-20T00:00Z'); $day->format('Y') < 2030; $day = $day->modify('+1 day')) {
        $counted = Day::of($day->format('Y-m-d'));
        expect($counted->weekday())->toBe((int) $day->format('N'))
            ->and($number === null || $counted->number === $number + 1)->toBeTrue();
        $number = $counted->number;
    }
    expect(Day::of('0001-01-01')->number)->toBe(0)->and(refusedAt(fn () => Day::of('2026-02-29', 'day')))->toBe('day');
});

it('gives each day its bells: by the week, in turn, and otherwise', function () {
    $names = static fn (SchoolCalendar $one, string ...$dates): array => array_map(
        static fn (string $date): ?string => $one->on($date)?->name, $dates,
    );
    // Monday to Sunday, and the week after: Wednesday takes nobody's turn.
    expect($names(tarn(), '2026-11-23', '2026-11-24', '2026-11-25', '2026-11-26', '2026-11-27', '2026-11-28', '2026-11-30'))
        ->toBe(['A', 'B', 'Short', 'A', 'B', null, 'A'])
        ->and($names(tarn(['2026-11-26' => null]), '2026-11-26', '2026-11-27', '2026-11-30'))->toBe([null, 'A', 'B']) // a holiday moves them
        ->and($names(tarn(['2026-11-26' => 'Short']), '2026-11-26', '2026-11-27'))->toBe(['Short', 'B']) // a short day takes its turn
        ->and($names(tarn(), '2026-11-20', '2030-01-07'))->toBe([null, null]);
});

it('says when a class meets', function () {
    $hours = static fn (string $date): ?string => ($at = tarn()->hours('4', $date)) === null ? null : "$at->from-$at->to";
    expect([$hours('2026-11-23'), $hours('2026-11-24'), $hours('2026-11-25'), $hours('2026-11-28')])
        ->toBe(['10:05-10:52', '13:05-13:52', '09:30-10:00', null])
        ->and(tarn()->hours('2', '2026-11-23'))->toBeNull()
        ->and(tarn()->periods())->toBe(['1', '4', '2'])
        ->and(tarn()->withDay('2026-11-23', 'Short')->hours('4', '2026-11-23')?->minutes())->toBe(30)
        ->and(tarn()->withDay('2026-11-23', null)->withUsualDay('2026-11-23')->on('2026-11-23')?->name)->toBe('A')
        ->and(SchoolCalendar::none()->isKnown())->toBeFalse()->and(tarn()->isKnown())->toBeTrue();
});

it('takes turns as a brute count does', function () {
    $this->limitTo(60)->forAll(
        Generators::choose(0, 200), Generators::seq(Generators::choose(0, 200)), Generators::subset([1, 2, 3, 4, 5, 6, 7]), Generators::choose(1, 4),
    )->then(function (int $ahead, array $off, array $inTurn, int $count) {
        $first = new DateTimeImmutable('2026-08-31T00:00Z');
        $date = static fn (int $days): string => $first->modify("+$days days")->format('Y-m-d');
        $names = array_slice(['A', 'B', 'C', 'D'], 0, $count);
        $one = SchoolCalendar::of(
            array_map(static fn (string $name) => bells($name, '1 8:00-9:00'), $names), array_fill_keys($inTurn, '*'), $names, $date(0),
            array_fill_keys(array_map($date, $off), null),
        );
        $turn = 0;
        for ($i = 0; $i <= $ahead; $i++) {
            $isSchool = in_array((int) $first->modify("+$i days")->format('N'), $inTurn, true) && ! in_array($i, $off, true);
            $expected = $isSchool ? $names[$turn++ % $count] : null;
        }
        expect($one->on($date($ahead))?->name)->toBe($expected);
    });
});

it('refuses what cannot be, by field', function () {
    $usual = bells('Usual', '1 8:00-9:00');
    $of = static fn (...$rest) => static fn () => SchoolCalendar::of([$usual], ...$rest);
    expect([
        refusedAt($of([1 => 'Gone'])), refusedAt($of([8 => 'Usual'])), refusedAt($of([1 => '*'])), refusedAt($of([1 => '*'], ['Usual'])),
        refusedAt($of([1 => '*'], ['Gone'], '2026-01-01')), refusedAt($of([], [], '2026-13-01')), refusedAt($of([], [], null, ['2026-02-30' => null])),
        refusedAt($of([], [], null, ['2026-03-01' => 'Gone'])), refusedAt(fn () => SchoolCalendar::of([$usual, $usual], [])),
        refusedAt(fn () => bells('', '1 8:00-9:00')), refusedAt(fn () => bells('Usual', '')), refusedAt(fn () => Hours::of('9:00', '10:00')),
        refusedAt(fn () => SchoolCalendar::of(array_map(static fn (int $i) => bells("S$i", '1 8:00-9:00'), range(1, 13)), [])),
    ])->toBe([
        'week.1', 'week', 'turns', 'turns_from', 'turns', 'turns_from', 'days.2026-02-30', 'days.2026-03-01', 'schedules', 'name', 'periods',
        'starts_at', 'schedules',
    ]);
});

it('is stored and read again', function () {
    $one = tarn(['2026-12-24' => null, '2026-12-01' => 'Short']);
    $stored = json_decode((string) json_encode($one->toArray()), true);
    expect(SchoolCalendar::fromArray(new JsonInput($stored)))->toEqual($one);
});
