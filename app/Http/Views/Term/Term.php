<?php

declare(strict_types=1);

namespace App\Http\Views\Term;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Support\Carbon;

/** The labs of a teacher's classes, week by week. */
final readonly class Term extends View
{
    private const WEEKS = 20;

    /**
     * @param  string  $before  the Monday to ask for what was before
     * @param  string  $after  and for what comes after
     * @param  list<TermWeek>  $weeks
     */
    public function __construct(
        public string $today,
        public string $before,
        public string $after,
        public array $weeks,
    ) {
    }

    public static function of(Teacher $teacher, Carbon $monday): self
    {
        $after = $monday->copy()->addWeeks(self::WEEKS);
        $labs = $teacher->classes()->load([
            'labs' => static fn ($labs) => $labs->getQuery()->whereNull('archived_at')
                ->where('planned_for', '>=', $monday->toDateString())->where('planned_for', '<', $after->toDateString()),
            'kitchen.school',
        ])->flatMap(static fn (Section $section): array => $section->labs
            ->map(static fn (Lab $lab): Lab => $lab->setRelation('section', $section))->all())
            ->groupBy(static fn (Lab $lab): string => $lab->planned_for->toDateString());
        $bells = $teacher->kitchen->school->bells();

        return new self(
            today: $teacher->kitchen->school->today(),
            before: $monday->copy()->subWeeks(self::WEEKS)->toDateString(),
            after: $after->toDateString(),
            weeks: array_map(static fn (int $week): TermWeek => new TermWeek(array_map(
                static function (int $day) use ($monday, $week, $bells, $labs): TermDay {
                    $date = $monday->copy()->addWeeks($week)->addDays($day)->toDateString();
                    $rings = $bells->on($date);

                    return new TermDay(
                        $date, $rings?->name, ! $bells->isKnown() || $rings !== null,
                        array_values(($labs[$date] ?? collect())->sortBy(static fn (Lab $lab): string => $lab->hours()->from)
                            ->map(TermLab::of(...))->all()),
                    );
                },
                range(0, 6),
            )), range(0, self::WEEKS - 1)),
        );
    }
}
