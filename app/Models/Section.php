<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use App\School\KnownSchool;
use Database\Factories\SectionFactory;
use Hovik\Core\Calendar\Hours;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\EditedList;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection as IlluminateCollection;

/**
 * A class period, with the teacher's settings for it.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $teacher_id
 * @property string $name
 * @property string $code
 * @property bool $open_to_join
 * @property bool $shows_target
 * @property bool $asks_guess
 * @property bool $asks_prediction
 * @property MeasureStandard $standard
 * @property ToleranceLevel $tolerance_level
 * @property IlluminateCollection<int, HouseMethod> $methods
 * @property array<string, string>|null $schools
 * @property array<array-key, mixed>|null $tolerances  its own percentages and floors
 * @property EditedList|null $set_up  what stations tick before they measure, as the teacher changed it
 * @property Carbon|null $archived_at  put away; nobody joins it, and it is in no list of the day
 * @property bool $kept  beyond the time after which the school erases its classes
 * @property string|null $period  which of the school's it is; null: it has its own hours every day
 * @property string $starts_at  its own hours: where the school's bells say nothing
 * @property string $ends_at
 * @property Carbon|null $created_at
 * @property-read Kitchen $kitchen
 * @property-read Teacher $teacher
 * @property-read Lab|null $openLab
 * @property-read Collection<int, Station> $stations
 * @property-read Collection<int, Student> $students
 * @property-read Collection<int, Lab> $labs
 * @property-read Collection<int, PracticeTask> $practiceTasks
 * @property-read Collection<int, ClassQuestion> $classQuestions
 * @property-read Collection<int, Colleague> $colleagues
 */
final class Section extends Model
{
    /** @use HasFactory<SectionFactory> */
    use HasFactory;

    private const LOOKS_AHEAD_DAYS = 120;

    protected $table = 'sections';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'archived_at' => 'datetime',
            'kept' => 'boolean',
            'open_to_join' => 'boolean',
            'shows_target' => 'boolean',
            'asks_guess' => 'boolean',
            'asks_prediction' => 'boolean',
            'standard' => MeasureStandard::class,
            'tolerance_level' => ToleranceLevel::class,
            'methods' => AsEnumCollection::of(HouseMethod::class),
            'schools' => 'array',
            'tolerances' => 'array',
            'set_up' => AsStored::class.':'.EditedList::class,
        ];
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** By the calendar on its school's wall: `2026-11-28`. */
    public function today(): string
    {
        return now(KnownSchool::of($this->kitchen_id)->timeZone)->toDateString();
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** Its own hours, on every day. */
    public function ownHours(): Hours
    {
        return Hours::of($this->starts_at, $this->ends_at);
    }

    /** When it meets on a day; null: it does not. */
    public function hoursOn(string $date): ?Hours
    {
        $bells = $this->kitchen->school->bells();

        return $this->period === null || ! $bells->isKnown() ? $this->ownHours() : $bells->hours($this->period, $date);
    }

    /** The first day after this one on which it meets: by the bells; where there are none, a weekday. */
    public function meetsAfter(string $date): string
    {
        $isKnown = $this->period !== null && $this->kitchen->school->bells()->isKnown();
        $first = $day = Carbon::parse($date)->addDay();
        for ($i = 0; $i < self::LOOKS_AHEAD_DAYS; $i++, $day = $day->copy()->addDay()) {
            if ($isKnown ? $this->hoursOn($day->toDateString()) !== null : $day->isWeekday()) {
                return $day->toDateString();
            }
        }

        return $first->toDateString();
    }

    /** @return HasMany<Station, $this> */
    public function stations(): HasMany
    {
        return $this->hasMany(Station::class)->where('position', '>', Station::IN_NO_LIST)->orderBy('position');
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class)->whereNull('erased_at')->orderBy('roster_number');
    }

    /**
     * Who was away when is nobody's business later.
     *
     * @param  string  $today  where the kitchen is
     */
    public function forgetWhoWasAway(string $today): void
    {
        // Looked up first: where there is nothing to wipe, nobody's row is locked.
        $before = $this->students()->where('away_on', '<', $today)->pluck('id');
        if ($before->isNotEmpty()) {
            $this->students()->whereKey($before)->update(['away_on' => null]);
        }
    }

    /** Nobody joins it any more, and it is in no list of the day. */
    public function putAway(): void
    {
        $this->update(['archived_at' => now(), 'open_to_join' => false]);
    }

    /** @return list<OtherWay> that anybody of the class may go: every station's tablet offers them to everybody */
    public function otherWays(): array
    {
        $allowed = array_merge(...$this->students()->where('ways', '<>', '[]')->get(['ways'])
            ->map(fn (Student $student): array => $student->otherWays())->all());

        return array_values(array_filter(OtherWay::cases(), static fn (OtherWay $way): bool => in_array($way, $allowed, true)));
    }

    /** @return HasMany<Lab, $this> */
    public function labs(): HasMany
    {
        return $this->hasMany(Lab::class)->orderByDesc('planned_for')->orderByDesc('id');
    }

    /** @return HasMany<Experiment, $this> newest first */
    public function experiments(): HasMany
    {
        return $this->hasMany(Experiment::class)->orderByDesc('id');
    }

    /** @return HasMany<PracticeTask, $this> the one that is due first comes first */
    public function practiceTasks(): HasMany
    {
        return $this->hasMany(PracticeTask::class)->orderBy('due_on')->orderBy('id');
    }

    /** @return HasMany<PracticeTask, $this> for routes that name one */
    public function tasks(): HasMany
    {
        return $this->practiceTasks();
    }

    /** @return HasMany<ClassQuestion, $this> */
    public function classQuestions(): HasMany
    {
        return $this->hasMany(ClassQuestion::class);
    }

    /** The lab that is on, or the one that comes next. */
    public function labAhead(): ?Lab
    {
        return $this->openLab
                ?? Lab::query()->where('section_id', $this->id)->where('state', LabState::Prepared)
                    ->whereNull('archived_at')->orderBy('planned_for')->orderBy('id')->first();
    }

    /** @return HasOne<Lab, $this> */
    public function openLab(): HasOne
    {
        return $this->hasOne(Lab::class)->where('state', LabState::Open);
    }

    /** @return HasMany<Colleague, $this> */
    public function colleagues(): HasMany
    {
        return $this->hasMany(Colleague::class)->orderBy('id');
    }

    /** What this class settled on where cooks disagree. */
    public function houseRules(): HouseRules
    {
        return HouseRules::of($this->schools ?? [], array_values($this->methods->all()));
    }

    /** What this class counts as Level. */
    public function tolerancePolicy(): TolerancePolicy
    {
        return $this->tolerances === null
            ? TolerancePolicy::usual($this->tolerance_level)
            : TolerancePolicy::fromArray($this->tolerance_level, new JsonInput($this->tolerances));
    }

    /** What practice questions are made from: this class's cup, drawer, pantry, house methods, and the foods of its labs. */
    public function practiceSetting(int $level, Family|SafetyPoint|null $about = null): Setting
    {
        $pantry = $this->kitchen->pantry();
        $met = LabItem::query()->whereIn('lab_id', $this->labs()->select('id'))->distinct()->pluck('ingredient_id')->all();

        return Setting::of(
            $level, $this->standard, $this->kitchen->drawer($this->standard), $this->houseRules(), $pantry, $about,
            array_values(array_intersect($pantry->ids(), $met)), // a food of the kitchen's own may be gone by now
        );
    }

    /** Plans lines by this class's settings and its kitchen's drawer. */
    public function linePlanner(): LinePlanner
    {
        return new LinePlanner(
            $this->kitchen->pantry(),
            $this->kitchen->drawer($this->standard),
            $this->standard,
            $this->tolerancePolicy(),
            $this->houseRules(),
        );
    }
}
