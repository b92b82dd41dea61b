<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\Person;
use App\Http\Views\View;
use App\Labs\LabWords;
use App\Labs\StationStates;
use App\Models\Lab;
use Hovik\Core\Lab\StationState;
use Illuminate\Support\Collection;
use stdClass;

/** How a station stands. */
final readonly class BoardStation extends View
{
    /**
     * @param  list<string>  $students
     * @param  list<Person>  $members
     * @param  bool  $set_up  its check is recorded
     * @param  float|null  $ready_at  s since 1970: it asked for its check
     * @param  float|null  $help_at  s since 1970: its hand went up
     * @param  list<int>  $left  lines to be measured yet, or again
     * @param  bool  $counted  its tools are counted back
     * @param  list<int>  $out  lines whose shared supply it has
     * @param  list<FallenTool>  $dropped  on the floor until washed
     * @param  list<int>  $foreign  lines into whose food something fell
     * @param  list<RunningTimer>  $timers
     * @param  list<SentBack>  $sent_back
     * @param  list<int>  $checked
     * @param  list<SeenStep>  $seen  steps the teacher saw
     * @param  list<TeacherNote>  $notes
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $students,
        public array $members,
        public bool $set_up,
        public bool $clean_up,
        public ?float $ready_at,
        public ?float $help_at,
        public array $left,
        public bool $released,
        public bool $counted,
        public ?Stuck $stuck,
        public ?float $last_at,
        public array $out,
        public array $dropped,
        public array $foreign,
        public array $timers,
        public array $sent_back,
        public array $checked,
        public array $seen,
        public array $notes,
    ) {
    }

    /**
     * @param  Collection<int, stdClass>  $weighings  that count
     * @return list<self>
     */
    public static function all(Lab $lab, Collection $weighings): array
    {
        $checks = $lab->checks()->toBase()->get(['station_id', 'kind'])->map(
            fn (stdClass $check): string => "$check->station_id $check->kind",
        )->flip();
        $states = StationStates::of($lab, null, $weighings->values());
        $lines = LabWords::board($lab); // kept in memory: the lines themselves are large

        return array_values($lab->section->stations()->toBase()->leftJoin('students', 'students.station_id', '=', 'stations.id')
            ->orderBy('students.roster_number')->get(
                ['stations.id', 'stations.name', 'students.name as student', 'students.id as student_id'],
            )
            ->groupBy('id')
            ->map(function (Collection $seats, int $id) use ($checks, $states, $lines, $lab): self {
                $members = $seats->filter(fn (stdClass $seat): bool => $seat->student_id !== null)
                    ->map(fn (stdClass $seat): Person => new Person($seat->student_id, $seat->student));

                return self::of(
                    $lab, $id, (string) $seats->value('name'), array_values($members->all()), $checks
                        ->has("$id set-up"), $checks->has("$id clean-up"),
                    $states[$id] ?? StationState::after([]),
                    array_column(array_filter($lines, static fn (BoardLine $line): bool => $line->isAt($id)), 'id'),
                );
            })->all());
    }

    /**
     * @param  list<Person>  $members
     * @param  list<int>  $lines
     */
    private static function of(
        Lab $lab, int $id, string $name, array $members, bool $isSetUp, bool $isClean, StationState $state, array $lines,
    ): self {
        return new self(
            id: $id,
            name: $name,
            students: array_column($members, 'name'),
            members: $members,
            set_up: $isSetUp,
            clean_up: $isClean,
            ready_at: $state->readySince,
            help_at: $state->helpSince,
            left: $state->left($lines),
            released: $state->isReleased,
            counted: $state->isCounted,
            stuck: $lab->isOpen() && $lab->paused_at === null ? Stuck::of(
                $state, $lines, (float) ($lab->opened_at?->format('U') ?? 0),
            ) : null,
            last_at: $state->lastAt,
            out: array_keys($state->out),
            dropped: FallenTool::all($lab, array_keys($state->dropped)),
            foreign: array_keys($state->foreign),
            timers: RunningTimer::all($state),
            sent_back: array_map(
                static fn (int $line, string $reason): SentBack => new SentBack($line, $reason), array_keys($state->sentBack),
                $state->sentBack,
            ),
            checked: array_keys($state->checked),
            seen: SeenStep::all($state),
            notes: array_map(static fn (array $note): TeacherNote => new TeacherNote($note['at'], $note['text']), $state->notes),
        );
    }
}
