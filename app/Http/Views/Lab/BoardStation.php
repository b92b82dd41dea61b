<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Http\Views\Weigh\MeasuringNow;
use App\Labs\LabLog;
use App\Labs\LabWords;
use App\Labs\StationTurns;
use App\Models\Lab;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Safety\StationChecklist;
use Illuminate\Database\Eloquent\Collection as Models;

/** How a station stands. */
final readonly class BoardStation extends View
{
    /**
     * @param  bool  $makes_up  one student, later and alone
     * @param  list<string>  $students
     * @param  list<BoardMember>  $members
     * @param  list<BoardTurn>  $turns  whose turn a line is, where the class goes by name
     * @param  bool  $set_up  its check is recorded
     * @param  int  $heard  how much had happened here; what the stream tells with a lower one is older
     * @param  list<MeasuringNow>  $measuring  who has which line open, by device
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
        public bool $makes_up,
        public array $students,
        public array $members,
        public array $turns,
        public bool $set_up,
        public bool $clean_up,
        public int $heard,
        public array $measuring,
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
     * @param  LabLog  $log  of the lab, or of the stations that are asked for
     * @param  Models<int, Station>  $stations  with who sits there
     * @return list<self>
     */
    public static function all(Lab $lab, LabLog $log, Models $stations): array
    {
        $states = $log->states();
        $at = LabWords::places($lab);
        $turns = StationTurns::of($lab);
        $today = $lab->section->today();
        $orders = $lab->orders ?? [];
        $openedAt = (float) ($lab->opened_at?->format('U') ?? 0);

        return array_values($stations->map(function (Station $station) use (
            $log, $states, $lab, $at, $turns, $today, $orders, $openedAt,
        ): self {
            $id = $station->id;
            $places = $at->at($station->placeId());
            $own = array_keys($places);
            $students = $station->students;
            $order = $orders[$id] ?? [];

            return self::of(
                $lab, $station, array_values($students->map(
                    fn (Student $one): BoardMember => new BoardMember($one->id, $one->name, $one->isAway($today)),
                )->all()),
                BoardTurn::all($turns->at($id, $students, $order === [] ? $own : $order)),
                $log->tickedAt($id, StationChecklist::SetUp) !== null, $log->tickedAt($id, StationChecklist::CleanUp) !== null,
                $states[$id] ?? StationState::after([]), $own, $lab->nowOf($own, $places), $openedAt,
            );
        })->all());
    }

    /**
     * @param  list<BoardMember>  $members
     * @param  list<BoardTurn>  $turns
     * @param  list<int>  $lines
     * @param  list<int>  $now  those of them that are measured in the period that is going on
     * @param  float  $openedAt  s since 1970
     */
    private static function of(
        Lab $lab, Station $station, array $members, array $turns, bool $isSetUp, bool $isClean, StationState $state, array $lines,
        array $now, float $openedAt,
    ): self {
        return new self(
            id: $station->id,
            name: $station->shownName(),
            makes_up: $station->makes_up_lab_id !== null,
            students: array_column($members, 'name'),
            members: $members,
            turns: $turns,
            set_up: $isSetUp,
            clean_up: $isClean,
            heard: $state->heard,
            measuring: MeasuringNow::all($state, $station->students),
            ready_at: $state->readySince,
            help_at: $state->helpSince,
            left: $state->left($lines),
            released: $state->isReleased,
            counted: $state->isCounted,
            stuck: $lab->isOpen() && $lab->paused_at === null ? Stuck::of($state, $now, $openedAt) : null,
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
