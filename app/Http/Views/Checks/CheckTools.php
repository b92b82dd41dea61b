<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Checks\ToolCheckState;
use App\Http\Views\Person;
use App\Http\Views\View;
use App\Http\Views\Weigh\StationScale;
use App\Models\Kitchen;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Tool;
use App\Models\ToolCheck;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;

/** All that a water check needs: what may be checked and how it is filled, on which scales, by whom. */
final readonly class CheckTools extends View
{
    /**
     * @param  list<ToolToCheck>  $tools  that the kitchen owns
     * @param  list<KnownTool>  $known  certain ones, by name
     * @param  list<StationScale>  $scales
     * @param  list<string>  $places  stations that have a set
     * @param  string|null  $place  where this device stands
     * @param  list<Person>  $students  who may be checking; none for a teacher
     * @param  list<SharedTool>  $shared  what this station was given to check in the class's tool lab
     * @param  list<ToolCheckResult>  $done  handed in from here today, newest first
     */
    public function __construct(
        public array $tools,
        public array $known,
        public array $scales,
        public array $places,
        public ?string $place,
        public array $students,
        public array $shared,
        public array $done,
    ) {
    }

    public static function of(Teacher|Student|Station $actor): self
    {
        $kitchen = $actor instanceof Teacher ? $actor->kitchen : $actor->section->kitchen;
        $station = $actor instanceof Student ? $actor->station : ($actor instanceof Station ? $actor : null);
        $scales = $kitchen->workingScales();
        $students = match (true) {
            $actor instanceof Station => array_values($actor->students->map(Person::of(...))->all()),
            $actor instanceof Student => [Person::of($actor)],
            default => [],
        };

        return new self(
            tools: self::tools($kitchen, array_values($scales->all())),
            known: array_values($kitchen->namedTools->map(KnownTool::of(...))->all()),
            scales: StationScale::all($kitchen),
            places: $kitchen->places(),
            place: $station?->name,
            students: $students,
            shared: $station === null ? [] : SharedTool::at($station),
            done: $students === [] ? [] : array_values(ToolCheck::query()->with(['student', 'teacher', 'scale'])
                ->where('kitchen_id', $kitchen->id)->where('day', $kitchen->school->today())->get()
                ->whereIn('student_id', array_column($students, 'id'))
                ->whereIn('state', [ToolCheckState::HandedIn,
                    ToolCheckState::Accepted])->sortByDesc('created_at')->map(ToolCheckResult::of(...))->all()),
        );
    }

    /**
     * @param  list<Scale>  $scales
     * @return list<ToolToCheck>
     */
    private static function tools(Kitchen $kitchen, array $scales): array
    {
        $owned = $kitchen->tools->keyBy('catalogue_id');
        $ids = array_filter(ToolCatalogue::ids(), static fn (string $id): bool => ! ToolCatalogue::isScale($id) && $owned->has($id));
        $tools = array_map(static fn (string $id): ToolToCheck => ToolToCheck::of($id, $owned->get($id), $scales), $ids);

        // A wrapper's marks are checked against an end mark, not with water.
        return array_values(array_filter($tools, static fn (ToolToCheck $one): bool => $one->kind !== ToolKind::ButterWrapper));
    }
}
