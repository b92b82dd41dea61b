<?php

declare(strict_types=1);

namespace App\Labs;

use App\Database\OneTrip;
use App\Models\Lab;
use App\Models\Station;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Lab\StationEvent;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Safety\StationChecklist;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What happened in a lab, at all of its stations or at some: weighings, events, ticked lists. Read once for all that is made of it, and
 * together for however many labs; rows, not models, since a full board has hundreds and is asked for all the time.
 */
final class LabLog
{
    private const WEIGHINGS = [
        'lab_lines.lab_id', 'lab_lines.position', 'weighings.id', 'weighings.lab_line_id as line_id', 'weighings.station_id',
        'students.name as student', 'attempt', 'verdict', 'grams', 'readability_g', 'error_g', 'error_pct', 'scale_u_g',
        'weighings.source', 'scale_checked', 'together', 'predicted', 'corrects_id', 'weighings.received_at', 'weighings.teacher_id',
        'weighings.created_at',
    ];

    /** @var array<string, true> {@see wrong} */
    private readonly array $wrong;

    /** @var array<string, true> by weighing: the teacher lets it count as the first try */
    private readonly array $let;

    /** @var array<string, string> when a station ticked a list, as the database writes it; by both */
    private readonly array $ticked;

    /** @var array<int, StationState>|null */
    private ?array $states = null;

    /**
     * @param  list<stdClass>  $weighings  by line of the recipe and attempt; `at_s` s since 1970
     * @param  list<stdClass>  $events  in the order in which the server received them
     * @param  list<stdClass>  $checks  ticked lists
     */
    private function __construct(public readonly array $weighings, public readonly array $events, private readonly array $checks)
    {
        $this->wrong = self::wrong($weighings, $events);
        $this->let = array_fill_keys(self::named($events, EventKind::FirstTry), true);
        $this->ticked = array_column(
            array_map(static fn (stdClass $one): array => ["$one->station_id $one->kind", $one->created_at], $checks), 1, 0,
        );
    }

    public static function of(Lab $lab, ?Station $only = null): self
    {
        return self::fromRows([$lab->id], ...OneTrip::rows(...self::queries([$lab->id], $only === null ? null : [$only->id])))[$lab->id];
    }

    /**
     * @param  list<int>  $labs  ids
     * @param  list<int>|null  $stations  ids; null: all of them
     * @return array{Builder, Builder, Builder} what {@see fromRows} takes the rows of
     */
    public static function queries(array $labs, ?array $stations = null): array
    {
        $at = static fn (string $station): callable => static fn (Builder $query): Builder => $query->whereIn($station, $stations ?? []);

        return [
            DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
                ->join('students', 'students.id', '=', 'weighings.student_id')->whereIn('lab_lines.lab_id', $labs)
                ->when($stations !== null, $at('weighings.station_id'))
                ->select([...self::WEIGHINGS, DB::raw('UNIX_TIMESTAMP(weighings.created_at) AS at_s')]),
            DB::table('lab_events')->whereIn('lab_id', $labs)->when($stations !== null, $at('station_id'))
                ->orderBy('received_at')->orderBy('created_at')->orderBy('id')->select([
                    'lab_id', 'id', 'station_id', 'lab_line_id', 'student_id', 'kind', 'detail', 'received_at',
                    DB::raw('UNIX_TIMESTAMP(created_at) AS at_s'),
                ]),
            DB::table('station_checks')->whereIn('lab_id', $labs)->when($stations !== null, $at('station_id'))
                ->select(['lab_id', 'station_id', 'kind', 'created_at']),
        ];
    }

    /**
     * @param  list<int>  $labs  ids
     * @param  list<stdClass>  $weighings
     * @param  list<stdClass>  $events
     * @param  list<stdClass>  $checks
     * @return array<int, self> by lab
     */
    public static function fromRows(array $labs, array $weighings, array $events, array $checks): array
    {
        // The database would write all of them down once more to sort them.
        array_multisort(
            array_column($weighings, 'position'), array_column($weighings, 'attempt'), array_column($weighings, 'station_id'), $weighings,
        );
        $of = array_fill_keys($labs, [[], [], []]);
        foreach ([$weighings, $events, $checks] as $kind => $rows) {
            foreach ($rows as $row) {
                $of[$row->lab_id][$kind][] = $row;
            }
        }

        return array_map(static fn (array $rows): self => new self(...$rows), $of);
    }

    /** The part of it that one station is told of. */
    public function at(int $station): self
    {
        $here = static fn (array $rows): array => array_values(array_filter(
            $rows, static fn (stdClass $row): bool => $row->station_id === $station,
        ));

        return new self($here($this->weighings), $here($this->events), $here($this->checks));
    }

    /** @return array<int, StationState> by station; those where something happened */
    public function states(): array
    {
        return $this->states ??= StationStates::of($this);
    }

    public function isWrong(string $weighing): bool
    {
        return isset($this->wrong[$weighing]);
    }

    /** The teacher lets it count as the first try. */
    public function isLetCount(string $weighing): bool
    {
        return isset($this->let[$weighing]);
    }

    /** When the station ticked its list, as the database writes it; null: not yet. */
    public function tickedAt(int $station, StationChecklist $kind): ?string
    {
        return $this->ticked["$station $kind->value"] ?? null;
    }

    /**
     * Wrong entries, kept: a later one stands for each, or it was taken back.
     *
     * @param  list<stdClass>  $weighings  id, corrects_id
     * @param  list<stdClass>  $events  kind, detail
     * @return array<string, true> by weighing
     */
    public static function wrong(array $weighings, array $events): array
    {
        $putRight = array_filter(array_column($weighings, 'corrects_id'), is_string(...));

        return array_fill_keys([...$putRight, ...self::named($events, EventKind::TakenBack)], true);
    }

    public static function toCore(stdClass $event): StationEvent
    {
        return StationEvent::event(
            EventKind::from($event->kind), $event->id, $event->lab_line_id, (float) $event->at_s, self::detail($event), $event->student_id,
        );
    }

    /**
     * @param  list<stdClass>  $events
     * @return list<string> weighings that events of a kind are about
     */
    private static function named(array $events, EventKind $kind): array
    {
        $named = [];
        foreach ($events as $event) {
            $weighing = $event->kind === $kind->value ? self::detail($event)['weighing'] ?? null : null;
            if (is_string($weighing)) {
                $named[] = $weighing;
            }
        }

        return $named;
    }

    /** @return array<array-key, mixed> */
    private static function detail(stdClass $event): array
    {
        return (array) json_decode($event->detail, true, 8, JSON_THROW_ON_ERROR);
    }
}
