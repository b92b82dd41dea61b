<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
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
