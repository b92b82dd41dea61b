<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Labs\OpenLab;
use App\Models\Bake;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\LabLine;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use App\Recipes\KeepRecipe;
use App\Recipes\MakeLab;
use App\Recipes\ScaledRecipe;
use App\Weighings\Diagnose;
use App\Weighings\RecordWeighing;
use App\Weighings\WeighIn;
use Closure;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Carbon;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The demo's labs of September and October, in which everybody measured everything: students of known habit. Nothing of it is said to the
 * application: it finds that in their weighings.
 */
final class TarnValleyHabits
{
    /** Weeks ago. */
    private const LABS = [
        11 => 'Scones', 9 => 'Oat bars', 7 => 'Muffins', 5 => 'Cocoa cake',
    ];

    private const LINES = "1 cup all-purpose flour\n1/3 cup granulated sugar\n3/4 cup whole milk\n3 tbsp butter\n2 tbsp honey";

    /** Who dips, and so is over with flour; who does it by turns; who pours without looking; whose spoon keeps some of the honey. */
    private const DIPS = ['Lumi', 'Mateus', 'Farida', 'Joss', 'Kaito', 'Odile'];

    private const BY_TURNS = ['Dario', 'Pell'];

    private const POURS = ['Tavi', 'Oona', 'Amara', 'Quill', 'Halima'];

    private const LEAVES = ['Noor', 'Sefa', 'Ravi', 'Soren'];

    /** Has learned it since. */
    private const LEARNED = 'Wren';

    private Randomizer $random;

    /** @param  Closure(): string  $ulid  the same every time */
    public function __construct(private readonly Section $section, private readonly Carbon $today, private readonly Closure $ulid)
    {
        $this->random = new Randomizer(new Mt19937(20261203));
    }

    public function before(): void
    {
        $turn = 0;
        foreach (self::LABS as $weeks => $title) {
            $this->hold($this->lab($title, $this->today->copy()->subWeeks($weeks)), $turn++);
        }
    }

    private function lab(string $title, Carbon $day): Lab
    {
        $read = (new RecipeReader(Pantry::reference()))->read("$title\n\nIngredients\n".self::LINES."\n\nDirections\nMix all of it and bake.");
        $recipe = (new KeepRecipe)->keep($this->section->kitchen, $this->section->teacher, $title, $read);

        return (new MakeLab)->make(
            ScaledRecipe::of($recipe->newest, $this->section, Factor::of('1')), $this->section, $title, $day->toDateString(),
        )->refresh();
    }

    private function hold(Lab $lab, int $turn): void
    {
        $bell = Carbon::parse($lab->planned_for->toDateString().' 10:05', $this->section->kitchen->school->time_zone)->utc();
        Carbon::setTestNow($bell);
        (new OpenLab)->open($lab);
        $diagnosing = new Diagnose;
        foreach ($this->section->stations as $station) {
            $clock = $bell->copy()->addSeconds(420 + 20 * $station->position);
            foreach ($lab->refresh()->lines as $line) {
                foreach ($station->students as $student) {
                    Carbon::setTestNow($clock->addSeconds($this->random->getInt(25, 60)));
                    [$factor, $skipped] = $this->doing($line, $student, $turn);
                    $weighing = $this->weigh($line, $student, $factor, $skipped);
                    $this->seen($line, $weighing, $skipped);
                    if (in_array($weighing->verdict, [Verdict::Heaped, Verdict::Shy], true)) {
                        $diagnosing->of($weighing);
                        if ($this->random->getInt(0, 3) > 0) {
                            Carbon::setTestNow($clock->addSeconds($this->random->getInt(40, 80)));
                            $this->weigh($line, $student, 1.0, null);
                        }
                    }
                }
            }
            $this->finish($lab, $station->id, $clock);
        }
        if ($turn === 3) {
            Bake::query()->create(['lab_id' => $lab->id, 'station_id' => $this->section->stations[3]->id, 'fault' => Fault::Dry]);
        }
        $lab->update(['state' => LabState::Closed, 'closed_at' => $bell->copy()->addMinutes(47)]);
    }

    /** @return array{float, Step|null} what a hand makes of its target, and the step it left out */
    private function doing(LabLine $line, Student $student, int $turn): array
    {
        $is = static fn (array $whom): bool => in_array($student->name, $whom, true);

        return match (true) {
            $line->ingredient_id === 'all-purpose-flour' && (
                $is(self::DIPS) || ($is(self::BY_TURNS) && $turn % 2 === 0) || ($is([self::LEARNED]) && $turn < 2)
            ) => [1.135, Step::SpoonHeaped],
            $line->ingredient_id === 'whole-milk' && $is(self::POURS) => [
                1.0 + [0.11, -0.12, -0.06, 0.13][($turn + (int) $student->roster_number) % 4], Step::EyeLevel,
            ],
            $line->ingredient_id === 'honey' && $is(self::LEAVES) => [0.88, Step::ScrapeOut],
            default => [1.0, null],
        };
    }

    private function weigh(LabLine $line, Student $student, float $factor, ?Step $skipped): Weighing
    {
        $scale = $this->section->kitchen->scales[(float) $line->target_g < 60 ? 2 : 0] ?? $this->section->kitchen->scales->firstOrFail();
        $step = $scale->toCore()->readabilityG;
        $grams = $line->target()->grams * $factor * (1 + 0.013 * $this->normal());

        return (new RecordWeighing)->record(new WeighIn(
            ($this->ulid)(), $line, $student->station, $student, $scale,
            ScaleReading::fromDisplay(max($step, round($grams / $step) * $step), $scale->toCore()),
            array_values(array_filter($line->frozen->steps(), static fn (Step $one): bool => $one !== $skipped)),
        ));
    }

    /** The teacher looked at about every third. */
    private function seen(LabLine $line, Weighing $weighing, ?Step $skipped): void
    {
        if ($this->random->getInt(0, 2) > 0) {
            return;
        }
        foreach (array_slice($line->frozen->steps(), 0, 4) as $step) {
            $this->event($line->lab_id, $weighing->station_id, $line->id, EventKind::Seen, [
                'step' => $step->value, 'seen' => $step === $skipped ? 'not-done' : 'done',
            ]);
        }
    }

    private function finish(Lab $lab, int $station, Carbon $clock): void
    {
        Carbon::setTestNow($clock->addSeconds(60));
        $this->event($lab->id, $station, null, EventKind::Ready, []);
        Carbon::setTestNow($clock->addSeconds(90));
        $this->event($lab->id, $station, null, EventKind::Released, []);
        $lab->checks()->create([
            'station_id' => $station, 'student_id' => null, 'kind' => StationChecklist::CleanUp, 'ticked' => StationChecklist::CleanUp->items([]),
        ]);
    }

    /** @param  array<string, string>  $detail */
    private function event(int $lab, int $station, ?int $line, EventKind $kind, array $detail): void
    {
        LabEvent::query()->create([
            'id' => ($this->ulid)(), 'lab_id' => $lab, 'station_id' => $station, 'lab_line_id' => $line, 'kind' => $kind,
            'detail' => $detail, 'created_at' => Carbon::now(),
        ]);
    }

    /** Standard normal, by Box and Muller. */
    private function normal(): float
    {
        $share = fn (): float => $this->random->getInt(1, 1 << 30) / (1 << 30);

        return sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
    }
}
