<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Safety\StationCheck;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\Technique;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Cache;

/**
 * A lab's lines as the board shows them. They are frozen, so each language's words are made once and kept in memory.
 */
final readonly class FrozenLines
{
    /**
     * @param  list<array<string, mixed>>  $shown  BoardLine of the API
     * @param  array<int, Target>  $targets  by line id
     */
    private function __construct(public array $shown, public array $targets)
    {
    }

    public static function of(Lab $lab): self
    {
        if (! in_array($lab->state, [Lab::OPEN, Lab::CLOSED], true)) {
            return new self([], []);
        }

        return Cache::store('memory')->rememberForever(self::key($lab, 'board'), static fn (): self => self::read($lab));
    }

    /**
     * How a line's target came about, and from where.
     *
     * @return array{how: list<string>, source: list<string>}
     */
    public static function working(LabLine $line): array
    {
        return Cache::store('memory')->rememberForever(self::key($line->lab, "working:$line->id"), static fn (): array => [
            'how' => array_map(Said::frozen(...), $line->working),
            'source' => $line->source === null ? [] : [Said::phrase(Phrase::of('working.source', ['source' => Phrase::of("source.{$line->source}"), 'confidence' => $line->confidence]))],
        ]);
    }

    /**
     * The lines as stations work by them, without what changes while they do; no target is in here.
     *
     * @return list<array<string, mixed>>
     */
    public static function forStations(Lab $lab): array
    {
        return Cache::store('memory')->rememberForever(self::key($lab, 'stations'), static fn (): array => array_values($lab->lines->map(fn (LabLine $line): array => [
            'id' => $line->id,
            'name' => Said::ingredient($line->ingredient_id),
            'family' => $line->family,
            'amount' => Said::frozen($line->measure),
            'recipe_says' => Said::amount($line),
            'weigh_out' => in_array(Step::Weigh->value, $line->steps, true) ? Said::phrase(Phrase::of('weigh.out', ['grams' => ShownGrams::of((float) $line->target_g)])) : null,
            'fills' => array_map(fn (array $fill): array => [
                'tool' => $fill['tool'], 'kind' => $fill['kind'], 'ml' => $fill['ml'], 'count' => $fill['count'], 'nominal' => $fill['nominal'],
                'to_mark' => $fill['to_mark'], 'mark_ml' => $fill['mark_ml'], 'called' => Said::frozen($fill['called']),
            ], $line->fills),
            'helpers' => self::helpers($line),
            'why_tools' => $line->why_tools === null ? null : Said::frozen($line->why_tools),
            'steps' => array_map(fn (string $step): array => ['id' => $step] + Said::step($step, $line), $line->steps),
            'watch' => $line->watch === null ? null : ['text' => Said::frozen($line->watch['phrase']), 'leads_to' => $line->watch['leads_to']],
            'cautions' => array_map(Said::frozen(...), $line->cautions),
            'by_difference' => in_array(Step::LeaveInCup->value, $line->steps, true),
            'pieces' => $line->pieces(),
            'shared' => $line->shared,
            'one_spoon' => $line->isOneSpoon(),
        ])->all()));
    }

    /**
     * What a station ticks, with today's allergens; of a lab that is open it stays as it is.
     *
     * @return array{items: list<array{id: string, said: string, how: string}>, care: list<string>}
     */
    public static function check(Lab $lab, StationCheck $kind): array
    {
        $make = static function () use ($lab, $kind): array {
            $allergens = $lab->allergens();

            return [
                'items' => array_map(static fn (string $item): array => ['id' => $item, 'said' => Said::phrase(StationCheck::said($item, $allergens)), 'how' => Said::phrase(StationCheck::how($item))], $kind->items($allergens)),
                'care' => $kind === StationCheck::SetUp ? array_map(static fn (SafetyPoint $point): string => Said::phrase($point->caution()), $lab->rawFoods()) : [],
            ];
        };

        return $lab->isOpen() ? Cache::store('memory')->rememberForever(self::key($lab, "check $kind->value"), $make) : $make();
    }

    /** @return list<string> what is needed beside the tools, by name */
    private static function helpers(LabLine $line): array
    {
        $helpers = (new Technique(array_map(Step::from(...), $line->steps), null, []))->helpers();

        return array_map(static fn (string $helper): string => Said::phrase(Phrase::of("helper.$helper")), $helpers);
    }

    /** A lab's number may come back after the data were made anew, so the moment it was made is part of it. */
    private static function key(Lab $lab, string $what): string
    {
        return "lab:$lab->id:{$lab->created_at?->getTimestampMs()}:$what:".app()->getLocale();
    }

    private static function read(Lab $lab): self
    {
        $shown = $targets = [];
        foreach ($lab->lines as $line) {
            $target = $targets[$line->id] = $line->target();
            $shown[] = [
                'id' => $line->id,
                'name' => Said::ingredient($line->ingredient_id),
                'family' => $line->family,
                'shared' => $line->shared,
                'steps' => array_map(static fn (string $step): array => ['id' => $step, 'text' => Said::step($step, $line)['text']], $line->steps),
                'amount' => Said::amount($line),
                'target_g' => $target->grams,
                'tolerance_g' => $target->toleranceG(),
                'decimals' => ShownGrams::of($target->grams)->getScale(),
                'working' => array_map(Said::frozen(...), $line->why_tools === null ? $line->working : [...$line->working, $line->why_tools]),
            ];
        }

        return new self($shown, $targets);
    }
}
