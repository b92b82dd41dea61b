<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Period\Scheduler;
use Hovik\Core\Words\Phrase;

/** The verb for planning a period. */
final class Scheduling
{
    private const USUAL_HANDS = 2;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput naming the field
     */
    public static function schedule(JsonInput $given): array
    {
        $resources = self::counted($given->listOrMap('resources'), 'resources', 'count');
        $period = Period::of(
            (int) $given->number('minutes'), (int) $given->number('stations'), (int) $given->numberOr('hands', self::USUAL_HANDS),
            self::lines($given->list('lines'), isset($resources['scale'])), $resources,
            self::fixed($given->has('fixed') ? $given->listOrMap('fixed') : []),
        );
        $plan = Scheduler::plan($period);

        return [
            'timeline' => array_map(static fn (PlannedTask $task): array => [
                'station' => $task->station === null ? null : $task->station + 1, 'line' => $task->line, 'what' => $task->what,
                'start_s' => $task->startS, 'end_s' => $task->endS, 'resource' => $task->resources[0] ?? null,
                'resources' => $task->resources,
            ], $plan->timeline),
            'makespan_s' => $plan->endS,
            'lower_bound_s' => $plan->lowerBoundS,
            'fits' => $plan->fits(),
            'spare_s' => $plan->spareS(),
            'bottleneck' => $plan->bottleneck,
            'one_more_saves_s' => (object) $plan->oneMoreSavesS,
        ];
    }

    /**
     * @param  list<mixed>  $given
     * @return list<PeriodLine>
     */
    private static function lines(array $given, bool $hasScale): array
    {
        $lines = [];
        foreach ($given as $i => $one) {
            if (! is_array($one)) {
                throw InvalidInput::because("lines.$i", Phrase::of('refusal.must-be-object', ['name' => 'line']));
            }
            $line = new JsonInput($one, "lines.$i.");
            $family = Family::tryFrom($line->has('family') ? $line->text('family') : Family::FinePowder->value)
                    ?? throw InvalidInput::because("lines.$i.family", Phrase::of('refusal.no-such-family'));
            $weighS = (int) $line->numberOr('seconds_weigh', PeriodLine::WEIGH_S);
            $lines[] = new PeriodLine(
                $line->has('id') ? $line->text('id', 60) : 'line-'.($i + 1), $family, self::ids($line, 'needs'),
                $line->has('weigh_needs') ? self::ids($line, 'weigh_needs') : ($hasScale && $weighS > 0 ? ['scale'] : []),
                (int) $line->numberOr('seconds_measure', PeriodLine::usualMeasureS($family)), $weighS, "lines.$i.",
            );
        }

        return $lines;
    }

    /** @return list<string> */
    private static function ids(JsonInput $line, string $field): array
    {
        $ids = $line->has($field) ? $line->list($field) : [];

        return array_map(
            static fn (mixed $id): string => is_string($id) ? $id : throw InvalidInput::because($field, Phrase::of('refusal.resource-ids')),
            $ids,
        );
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, int> s by block; a block without seconds takes its usual time
     */
    private static function fixed(array $given): array
    {
        $fixed = [];
        foreach ($given as $key => $one) {
            $named = is_array($one) ? $one['what'] ?? $one['id'] ?? null : $one;
            $block = Fixed::named(is_string($named) ? $named : (string) $key, "fixed.$key");
            $seconds = is_array($one) ? $one['seconds'] ?? $block->usualS() : (is_numeric($one) ? $one : $block->usualS());
            if (! is_int($seconds) && ! is_float($seconds) || $seconds < 0 || $seconds > 36000) {
                throw InvalidInput::because("fixed.$key.seconds", Phrase::of('refusal.range', ['least' => 0, 'most' => 36000]));
            }
            $fixed[$block->value] = (int) $seconds;
        }

        return $fixed;
    }

    /**
     * @param  array<array-key, mixed>  $given  `[{id, count}]` or `{id: count}`
     * @return array<string, int>
     */
    private static function counted(array $given, string $path, string $field): array
    {
        $counts = [];
        foreach ($given as $key => $one) {
            $id = is_array($one) ? $one['id'] ?? null : $key;
            $count = is_array($one) ? $one[$field] ?? 1 : $one;
            if (! is_string($id) || ! is_int($count)) {
                throw InvalidInput::because("$path.$key", Phrase::of('refusal.resource'));
            }
            $counts[$id] = $count;
        }

        return $counts;
    }
}
