<?php

declare(strict_types=1);

namespace App\Labs;

use App\Http\Views\Lab\BoardLine;
use App\Http\Views\Prepare\StepOfDirections;
use App\Http\Views\Weigh\CheckItem;
use App\Http\Views\Weigh\FrozenStationLine;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Words\KitchenWords;
use App\Words\Said;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Weighing\Target;
use Illuminate\Support\Facades\Cache;

/**
 * What is said of a lab's frozen lines. They never change, so each language's words are made once and kept in memory: of each machine,
 * where there are several, since the key holds all that they depend on.
 */
final class LabWords
{
    /** @return list<BoardLine> of the lines that are weighed */
    public static function board(Lab $lab): array
    {
        return self::said($lab, 'board', true, static fn (): array => array_values($lab->weighedLines()->map(BoardLine::of(...))->all()));
    }

    /** @return list<FrozenStationLine> */
    public static function stations(Lab $lab): array
    {
        return self::said(
            $lab, 'stations', true, static fn (): array => array_values($lab->weighedLines()->map(FrozenStationLine::of(...))->all()),
        );
    }

    /** @return list<FrozenStationLine> that this station measures */
    public static function at(Lab $lab, Station $station): array
    {
        return array_values(array_filter(
            self::stations($lab),
            static fn (FrozenStationLine $line): bool => $line->stations === null || in_array($station->placeId(), $line->stations, true),
        ));
    }

    /** Where which of its weighed lines is measured. */
    public static function places(Lab $lab): LinePlaces
    {
        return self::kept($lab, 'places', static fn (): LinePlaces => LinePlaces::of($lab));
    }

    /** Whether lines are given to students by name. */
    public static function goesByName(Lab $lab): bool
    {
        return self::kept($lab, 'by-name', static fn (): bool => $lab->frozen?->rules->goesByName() === true);
    }

    /** @return list<StepOfDirections> as its teacher settled them, since then too */
    public static function directions(Lab $lab): array
    {
        $version = $lab->recipeVersion;
        $as = hash('xxh32', (string) json_encode([$version?->getRawOriginal('lines'), $version?->getRawOriginal('directions')]));

        return self::said($lab, "directions $as", false, static fn (): array => StepOfDirections::all($version));
    }

    /** @param  list<FrozenStationLine>  $lines */
    public static function hasShelf(array $lines): bool
    {
        return in_array(true, array_column($lines, 'shared'), true);
    }

    /** @return array<int, Target> by id of the weighed line */
    public static function targets(Lab $lab): array
    {
        return self::kept($lab, 'targets', static fn (): array => $lab->weighedLines()->mapWithKeys(
            static fn (LabLine $line): array => [$line->id => $line->target()],
        )->all());
    }

    /**
     * How a line's target came about, and from where.
     *
     * @return array{how: list<string>, source: list<string>}
     */
    public static function working(LabLine $line): array
    {
        return self::said($line->lab, "working:$line->id", false, static function () use ($line): array {
            $frozen = $line->frozen;

            return [
                'how' => array_map(Said::phrase(...), $frozen->working),
                'source' => $frozen->source === null ? [] : [Said::source($frozen->food->ingredient)],
            ];
        });
    }

    /**
     * What a station ticks, with today's allergens.
     *
     * @return array{items: list<CheckItem>, care: list<string>}
     */
    public static function checklist(Lab $lab, StationChecklist $kind): array
    {
        $edited = $lab->editedList($kind);
        $as = hash('xxh32', json_encode($edited->toArray(), JSON_THROW_ON_ERROR));

        return self::said($lab, "check $kind->value $as", true, static function () use ($lab, $kind, $edited): array {
            $foods = $lab->foods();
            $allergens = StationChecklist::allergens($foods);
            $own = $edited->ownByKey();
            $item = static fn (string $id): CheckItem => isset($own[$id]) ? new CheckItem($id, $own[$id], '') : new CheckItem(
                $id, Said::phrase(StationChecklist::said($id, $allergens)), Said::phrase(StationChecklist::how($id)),
            );
            $care = static fn (SafetyPoint $point): string => Said::phrase($point->caution());

            return [
                'items' => array_map($item, $kind->items($allergens, $edited)),
                'care' => $kind === StationChecklist::SetUp ? array_map($care, SafetyPoint::ofRaw($foods)) : [],
            ];
        });
    }

    /**
     * In the reader's language.
     *
     * @template T
     *
     * @param  bool  $isWorded  the kitchen may say it in its own words
     * @param  callable(): T  $make
     * @return T
     */
    private static function said(Lab $lab, string $what, bool $isWorded, callable $make): mixed
    {
        $locale = app(KitchenWords::class)->spoken(app()->getLocale());
        $words = $isWorded ? app(KitchenWords::class)->mark($locale) : '';

        return self::kept($lab, "$what:$locale:$words", $make);
    }

    /**
     * Only what is frozen is kept. A lab's number may come back after the data were made anew, so the moment it was made is part of
     * the key.
     *
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private static function kept(Lab $lab, string $what, callable $make): mixed
    {
        if (! $lab->state->isFrozen()) {
            return $make();
        }

        return Cache::store('memory')->rememberForever("lab:$lab->id:{$lab->getRawOriginal('created_at')}:$what", $make(...));
    }
}
