<?php

declare(strict_types=1);

use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Lab\StationEvent;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Weighing\FirstTry;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\Verdict;
use Random\Engine\Mt19937;
use Random\Randomizer;

$event = fn (
    EventKind $kind, ?int $line = null, float $at = 0, array $detail = [], string $id = 'E',
) => StationEvent::event($kind, $id, $line, $at, $detail);
$weighed = fn (int $line, Verdict $verdict = Verdict::Level, float $at = 0) => StationEvent::weighing($line, $at, $verdict);

describe('the gate', function () use ($event, $weighed) {
    it('opens when the teacher releases the station, and not before', function () use ($event, $weighed) {
        $all = [$weighed(1), $weighed(2), $event(EventKind::Ready, at: 60)];
        expect(StationState::after($all)->isReleased)->toBeFalse()->and(StationState::after($all)->readySince)->toBe(60.0)
            ->and(StationState::after([...$all, $event(EventKind::Released)])->isReleased)->toBeTrue()
            ->and(StationState::after([...$all, $event(EventKind::Released)])->readySince)->toBeNull()
            ->and(StationState::after([...$all, $event(EventKind::Released), $event(EventKind::ClosedAgain)])->isReleased)->toBeFalse();
    });
    it('closes again with a line that is sent back, until it has been weighed again', function () use ($event, $weighed) {
        $all = [
            $weighed(1), $weighed(2), $event(EventKind::Ready), $event(EventKind::Released),
            $event(EventKind::SentBack, 2, detail: ['reason' => 'Not swept.']),
        ];
        $state = StationState::after($all);
        expect($state->isReleased)->toBeFalse()->and($state->readySince)->toBeNull()
            ->and($state->sentBack)->toBe([2 => 'Not swept.'])->and($state->hasAll([1, 2]))->toBeFalse();
        $again = StationState::after([...$all, $weighed(2)]);
        expect($again->sentBack)->toBe([])->and($again->hasAll([1, 2]))->toBeTrue()->and($again->isReleased)->toBeFalse();
    });
    it('takes a check of a line for what was weighed by then', function () use ($event, $weighed) {
        expect(StationState::after([$weighed(1), $event(EventKind::Checked, 1)])->checked)->toBe([1 => true])
            ->and(StationState::after([$weighed(1), $event(EventKind::Checked, 1), $weighed(1)])->checked)->toBe([])
            ->and(
                StationState::after(
                    [$weighed(1), $event(EventKind::SentBack, 1, detail: ['reason' => 'x']), $event(EventKind::Checked, 1)],
                )->sentBack,
            )->toBe([]);
    });
    it('stands as before once a slip of the teacher is undone', function () use ($event, $weighed) {
        $all = [$weighed(1), $weighed(2), $event(EventKind::Ready, at: 60)];
        $undo = fn (string $id) => $event(EventKind::Undone, detail: ['event' => $id], id: 'U');
        $released = StationState::after([...$all, $event(EventKind::Released, id: 'R'), $undo('R')]);
        expect($released->isReleased)->toBeFalse()->and($released->readySince)->toBe(60.0);
        $open = [...$all, $event(EventKind::Checked, 2, id: 'C'), $event(EventKind::Released, id: 'R')];
        $back = StationState::after([...$open, $event(EventKind::SentBack, 2, detail: ['reason' => 'x'], id: 'B'), $undo('B')]);
        expect($back->isReleased)->toBeTrue()->and($back->sentBack)->toBe([])->and($back->checked)->toBe([2 => true])
            ->and(StationState::after([...$open, $undo('another')])->isReleased)->toBeTrue();
    });
    it('knows what is missing', function () use ($event, $weighed) {
        expect(
            StationState::after([$weighed(3), $weighed(1), $event(EventKind::SentBack, 3, detail: ['reason' => 'x'])])->left([1, 2, 3]),
        )->toBe([2, 3]);
        expect(StationState::after([$weighed(1)])->hasAll([1, 2]))->toBeFalse()->and(StationState::after([])->hasAll([]))->toBeTrue();
    });
});

describe('who needs a look', function () use ($event, $weighed) {
    it('has missed a line three times running', function () use ($weighed) {
        $miss = [$weighed(1, Verdict::Heaped), $weighed(1, Verdict::Shy), $weighed(1, Verdict::Heaped)];
        expect(StationState::after($miss)->stuck([1, 2], 0, 0))->toBe(['why' => 'misses', 'line' => 1])
            ->and(StationState::after(array_slice($miss, 1))->stuck([1, 2], 0, 0))->toBeNull()
            ->and(StationState::after([...$miss, $weighed(1)])->stuck([1, 2], 0, 0))->toBeNull()
            ->and(
                StationState::after(
                    [
                        $weighed(1, Verdict::Heaped), $weighed(2, Verdict::Heaped), $weighed(1, Verdict::TooClose),
                        $weighed(1, Verdict::Heaped),
                    ],
                )->stuck([1, 2], 0, 0),
            )->toBeNull();
    });
    it('has not been heard for five minutes while there is something left', function () use ($event, $weighed) {
        $quiet = ['why' => 'quiet', 'line' => null];
        expect(StationState::after([])->stuck([1], 299, 0))->toBeNull()
            ->and(StationState::after([])->stuck([1], 300, 0))->toBe($quiet)
            ->and(StationState::after([$weighed(2, at: 200)])->stuck([1, 2], 400, 0))->toBeNull()
            ->and(
                StationState::after(
                    [$weighed(2, at: 200), $event(EventKind::Note, at: 390, detail: ['text' => 'x'])],
                )->stuck([1, 2], 500, 0),
            )->toBe($quiet)
            ->and(StationState::after([$weighed(1, at: 0)])->stuck([1], 900, 0))->toBeNull()
            ->and(StationState::after([$event(EventKind::Ready)])->stuck([1], 900, 0))->toBeNull();
    });
});

it('keeps a raised hand where it was first raised', function () use ($event) {
    $all = [$event(EventKind::Help, at: 10), $event(EventKind::Help, at: 50)];
    expect(StationState::after($all)->helpSince)->toBe(10.0)->and(
        StationState::after([...$all, $event(EventKind::HelpOver)])->helpSince,
    )->toBeNull();
});

it('knows what is out, what is on the floor, and which timers run', function () use ($event) {
    $state = StationState::after([
        $event(EventKind::Taken, 4, 5), $event(EventKind::Taken, 6, 6), $event(EventKind::Returned, 4),
        $event(EventKind::Dropped, detail: ['tool' => 'dry-cup-us-1']),
        $event(EventKind::Dropped, detail: ['tool' => 'spoon-us-1-tsp']),
        $event(EventKind::Washed, detail: ['tool' => 'spoon-us-1-tsp']),
        $event(EventKind::Timer, null, 100, ['label' => 'Rise', 'minutes' => 10], 'A'),
        $event(EventKind::Timer, null, 100, ['label' => 'Bake', 'minutes' => 18], 'B'),
        $event(EventKind::TimerOver, detail: ['timer' => 'A']),
    ]);
    expect($state->out)->toBe([6 => 6.0])->and(array_keys($state->dropped))->toBe(['dry-cup-us-1'])->and($state->timers)->toBe(
        ['B' => ['label' => 'Bake', 'endsAt' => 1180.0]],
    );
});

it('keeps what was seen last', function () use ($event) {
    $state = StationState::after(
        [
            $event(EventKind::Seen, 1, detail: ['step' => 'loosen', 'seen' => 'done']),
            $event(EventKind::Seen, 1, detail: ['step' => 'loosen', 'seen' => 'not-done']),
            $event(EventKind::Seen, 1, detail: ['step' => 'sweep-level', 'seen' => 'done']),
        ],
    );
    expect($state->seen)->toBe([1 => ['loosen' => 'not-done', 'sweep-level' => 'done']]);
});

it('lets each do what is theirs', function () {
    foreach (EventKind::cases() as $kind) {
        expect($kind->isForStations() || $kind->isForTeachers())->toBeTrue();
    }
    foreach ([EventKind::Released, EventKind::SentBack, EventKind::Checked, EventKind::Seen, EventKind::Note] as $kind) {
        expect($kind->isForStations())->toBeFalse($kind->value);
    }
    expect(EventKind::Ready->isForTeachers())->toBeFalse()->and(EventKind::Returned->isForTeachers())->toBeTrue();
});

it('takes only what makes sense with it', function (EventKind $kind, array $given, ?array $kept) {
    $steps = ['loosen', 'sweep-level'];
    $kept === null ? expect(
        fn () => $kind->detail($given, $steps),
    )->toThrow(InvalidInput::class) : expect($kind->detail($given, $steps))->toBe($kept);
})->with([
    [EventKind::SentBack, ['reason' => ' Not level. '], ['reason' => 'Not level.']],
    [EventKind::SentBack, ['reason' => '  '], null], [EventKind::SentBack, [], null],
    [EventKind::SentBack, ['reason' => str_repeat('x', 301)], null], [EventKind::SentBack, ['reason' => ['x']], null],
    [EventKind::Seen, ['step' => 'loosen', 'seen' => 'done'], ['step' => 'loosen', 'seen' => 'done']],
    [EventKind::Seen, ['step' => 'sift', 'seen' => 'done'], null],
    [EventKind::Seen, ['step' => 'loosen', 'seen' => 'maybe'], null], [EventKind::Seen, [], null],
    [EventKind::Timer, ['minutes' => 18], ['label' => '', 'minutes' => 18]], [EventKind::Timer, ['minutes' => 0], null],
    [EventKind::Timer, ['minutes' => '18'], null], [EventKind::Timer, ['minutes' => 999], null],
    [EventKind::Ready, ['x' => 1], []], [EventKind::Dropped, ['tool' => 'dry-cup-us-1'], ['tool' => 'dry-cup-us-1']],
]);

it('takes no broken letters', function () {
    expect(fn () => EventKind::Note->detail(['text' => "\xff"], []))->toThrow(InvalidInput::class);
});

it('stands after any slip that is undone exactly as if it had not been, whatever happened before and after', function () use ($event, $weighed) {
    $slips = array_values(array_filter(EventKind::cases(), fn (EventKind $kind) => $kind->canBeUndone()));
    for ($seed = 1; $seed <= 300; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $any = function (int $n) use ($random, $event, $weighed) {
            $kind = EventKind::cases()[$random->getInt(0, count(EventKind::cases()) - 1)];
            $line = $random->getInt(1, 3);

            return $kind === EventKind::Undone || $random->getInt(0, 2) === 0
                ? $weighed($line, Verdict::cases()[$random->getInt(0, count(Verdict::cases()) - 1)], $n)
                : $event(
                    $kind, $line, $n,
                    [
                        'reason' => 'x', 'text' => 'x', 'tool' => "tool-$line", 'timer' => "E$line", 'label' => '',
                        'minutes' => 5, 'step' => 'level', 'seen' => 'done',
                    ],
                    "E$n",
                );
        };
        $all = array_map($any, range(1, $random->getInt(1, 25)));
        $at = $random->getInt(0, count($all));
        $slip = $event($slips[$random->getInt(0, count($slips) - 1)], $random->getInt(1, 3), $at, ['reason' => 'slip'], 'SLIP');
        $with = [
            ...array_slice($all, 0, $at), $slip, ...array_slice($all, $at),
            $event(EventKind::Undone, null, 99, ['event' => 'SLIP'], 'UNDO'),
        ];
        $state = StationState::after($with);
        $state->heard -= 2; // the slip and its undoing have been heard of
        expect($state)->toEqual(StationState::after($all));
    }
});

it('has left what was never weighed or was sent back last, over any course of a lab', function () use ($event, $weighed) {
    for ($seed = 1; $seed <= 300; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $all = $last = [];
        for ($n = $random->getInt(0, 20); $n > 0; $n--) {
            $line = $random->getInt(1, 4);
            [$last[$line], $all[]] = match ($random->getInt(0, 2)) {
                0 => ['back', $event(EventKind::SentBack, $line, detail: ['reason' => 'x'])],
                1 => [isset($last[$line]) && $last[$line] !== 'never' ? 'stands' : 'never', $event(EventKind::Checked, $line)],
                default => ['weighed', $weighed($line)],
            };
        }
        $ever = array_unique(array_map(fn (StationEvent $one) => $one->kind === null ? $one->line : 0, $all));
        $left = array_values(
            array_filter([1, 2, 3, 4], fn (int $line) => ! in_array($line, $ever, true) || ($last[$line] ?? '') === 'back'),
        );
        expect(StationState::after($all)->left([1, 2, 3, 4]))->toBe($left);
    }
});

describe('what was typed wrong', function () use ($event) {
    $weighed = fn (int $line, string $id) => StationEvent::weighing($line, 10.0, Verdict::Heaped, $id);

    it('is as if it had not been weighed, though it has been heard of', function () use ($event, $weighed) {
        $state = StationState::after([
            $weighed(1, 'A'), $weighed(2, 'B'), $event(EventKind::TakenBack, 2, detail: ['weighing' => 'B']),
        ], corrected: 1);
        expect($state->left([1, 2]))->toBe([2])->and($state->heard)->toBe(4)->and(array_keys($state->takenBack))->toBe(['B'])
            ->and($state->todo([1, 2]))->toBe([2]);
    });

    it('is the first try where no scale could have shown it, or where the teacher says so', function () {
        $target = Target::of(100.0, Tolerance::of(8.0, 1.0));
        expect(FirstTry::countsRetyped($target, 239.0, false))->toBeFalse()->and(FirstTry::countsRetyped($target, 239.0, true))->toBeTrue()
            ->and(FirstTry::countsRetyped($target, 4999.0, false))->toBeTrue()->and(FirstTry::countsRetyped($target, 1.0, false))->toBeTrue();
    });
});

describe('who measures what', function () use ($event) {
    $opens = fn (string $device, int $line) => $event(EventKind::Measuring, $line, detail: ['device' => $device]);

    it('is known by device, until it is weighed or left', function () use ($event, $opens) {
        $open = [$opens('a', 1), $opens('b', 1), $opens('c', 2)];
        $lines = fn (array $all): array => array_map(fn (array $one): int => $one['line'], StationState::after($all)->measuring);
        expect($lines($open))->toBe(['a' => 1, 'b' => 1, 'c' => 2])
            ->and($lines([...$open, $opens('a', 2)]))->toBe(['a' => 2, 'b' => 1, 'c' => 2])
            ->and($lines([...$open, StationEvent::weighing(1, 9.0, Verdict::Level)]))->toBe(['c' => 2])
            ->and($lines([...$open, $event(EventKind::NotMeasuring, detail: ['device' => 'c'])]))->toBe(['a' => 1, 'b' => 1]);
    });
});
