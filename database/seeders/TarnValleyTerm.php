<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Checks\CheckedTool;
use App\Checks\KeepToolCheck;
use App\Labs\OpenLab;
use App\Models\Experiment;
use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Section;
use App\Models\Student;
use App\Models\ToolCheck;
use App\Pantry\KeepStandard;
use App\Review\FindMisses;
use App\Review\RunExperiment;
use App\Weighings\RecordWeighing;
use App\Weighings\WeighIn;
use Closure;
use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Calibration\Water;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Standard\Trial;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Support\Carbon;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What the demo's term left behind: tools checked with water, scales over their year, an own flour, an experiment, and two labs in which a
 * bag ran heavy and a half cup was large. Nothing of it is said to the application: it finds that in its own data.
 */
final class TarnValleyTerm
{
    /** How far each station's tools are off, %: tools by id. Hazel's half cup is large. */
    private const OFF_PCT = [
        'Alder' => ['dry-cup-us-1' => 0.4, 'dry-cup-us-1-2' => -0.8, 'dry-cup-us-1-3' => 1.1, 'dry-cup-us-1-4' => 0.6, 'spoon-us-1-tbsp' => 0.6],
        'Birch' => ['dry-cup-us-1' => -0.6, 'dry-cup-us-1-2' => 1.2, 'dry-cup-us-1-3' => 0.1, 'dry-cup-us-1-4' => -1.9, 'spoon-us-1-tbsp' => 0.2],
        'Linden' => ['dry-cup-us-1' => 1.3, 'dry-cup-us-1-3' => 0.9, 'spoon-us-1-tbsp' => 0.4, 'spoon-us-1-tsp' => 6.8],
        'Maple' => ['dry-cup-us-1' => 0.1, 'dry-cup-us-1-3' => 0.6, 'spoon-us-1-tsp' => 1.4],
        'Rowan' => ['dry-cup-us-1' => -1.0, 'dry-cup-us-1-3' => 0.9, 'spoon-us-1-4-tsp' => 24.0],
    ];

    /** Checked more than a year ago. */
    private const DUE = ['Birch dry-cup-us-1-4', 'Maple spoon-us-1-tsp'];

    /** What really is: the half cups, the bag of bread flour, and one hand. */
    private const HALF_CUPS = ['Alder' => 0.992, 'Birch' => 1.012, 'Hazel' => 1.062, 'Linden' => 1.002, 'Maple' => 0.995, 'Rowan' => 1.003];

    private const HEAVY_BAG = 1.05;

    private const HEAVY_HAND = 'Mateus';

    private Randomizer $random;

    /** @param  Closure(): string  $ulid  the same every time */
    public function __construct(private readonly Section $section, private readonly Carbon $today, private readonly Closure $ulid)
    {
        $this->random = new Randomizer(new Mt19937(20261128));
    }

    /** Before any of the demo's labs. */
    public function before(): void
    {
        $kitchen = $this->section->kitchen;
        $kitchen->bags()->create([
            'teacher_id' => $this->section->teacher_id, 'ingredient_id' => 'bread-flour', 'name' => 'Miller, lot 24-311',
            'opened_on' => $this->today->copy()->subDays(40)->toDateString(),
        ]);
        $this->practiceLab('Cups of flour', 28, ['1/2 cup bread flour', '1/2 cup rolled oats', '1/4 cup granulated sugar']);
        $this->practiceLab('Half cups', 18, ['1/2 cup bread flour', '1/2 cup granulated sugar']);
    }

    /** After them. */
    public function after(Lab $closed): void
    {
        Carbon::setTestNow();
        $this->checks($this->section->kitchen);
        $this->scales($this->section->kitchen);
        $this->ownFlour($this->section->kitchen);
        $this->experiment();
        (new FindMisses)->afterLab($closed);
    }

    /** @param  list<string>  $lines */
    private function practiceLab(string $title, int $daysAgo, array $lines): void
    {
        $day = $this->today->copy()->subDays($daysAgo);
        $lab = $this->section->labs()->create([
            'title' => $title, 'state' => LabState::Prepared, 'planned_for' => $day->toDateString(), 'factor' => Factor::of('1'), 'retry_pct' => 10,
        ]);
        foreach ($lines as $i => $text) {
            [$amount, $unit, $food] = explode(' ', $text, 3);
            $lab->items()->create([
                'position' => $i + 1, 'ingredient_id' => str_replace(' ', '-', $food), 'amount' => Amount::of($amount, Unit::from($unit)),
                'strictness' => 'structural', 'text' => $text,
            ]);
        }
        Carbon::setTestNow(Carbon::parse($day->toDateString().' 10:10', $this->section->kitchen->school->time_zone)->utc());
        (new OpenLab)->open($lab->refresh());
        $scales = $this->section->kitchen->scales;
        foreach ($lab->refresh()->lines as $line) {
            foreach ($this->section->stations as $station) {
                foreach ($station->students as $student) {
                    Carbon::setTestNow(Carbon::now()->addSeconds(11));
                    $scale = $scales[$this->random->getInt(0, 1) === 0 ? 0 : 2] ?? $scales->firstOrFail();
                    $grams = $line->target()->grams * $this->truly($line, $station->name, $student);
                    $step = $scale->toCore()->readabilityG;
                    $reading = ScaleReading::fromDisplay(round($grams / $step) * $step, $scale->toCore());
                    (new RecordWeighing)->record(new WeighIn(
                        ($this->ulid)(), $line, $station, $student, $scale, $reading, $line->frozen->steps(),
                    ));
                }
            }
        }
        $lab->update(['state' => LabState::Closed, 'closed_at' => Carbon::now()]);
    }

    private function truly(LabLine $line, string $station, Student $student): float
    {
        $isHalfCup = (string) $line->frozen->amount->number === '1/2';

        return ($isHalfCup ? self::HALF_CUPS[$station] ?? 1.0 : 1.0)
            * ($line->ingredient_id === 'bread-flour' ? self::HEAVY_BAG : 1.0)
            * ($student->name === self::HEAVY_HAND && $line->ingredient_id === 'bread-flour' ? 1.04 : 1.0)
            * (1 + 0.014 * $this->normal());
    }

    private function checks(Kitchen $kitchen): void
    {
        $keeping = new KeepToolCheck;
        foreach (self::OFF_PCT as $place => $tools) {
            foreach ($tools as $id => $off) {
                $isDue = in_array("$place $id", self::DUE, true);
                // A cup that was dented a little more each year shows it in its history.
                foreach ($isDue ? [430] : ($id === 'dry-cup-us-1-2' ? [420, 230, 40] : [35]) as $i => $daysAgo) {
                    $this->accepted($keeping, $kitchen, $place, $id, $off * ($id === 'dry-cup-us-1-2' ? (1 + $i) / 3 : 1), $daysAgo);
                }
            }
        }
        // Handed in by students, and not looked at yet.
        foreach (['dry-cup-us-1' => 0.9, 'dry-cup-us-1-3' => -0.4] as $id => $off) {
            $student = $this->section->students->firstWhere('name', 'Oona');
            $keeping->handIn($this->check($keeping, $kitchen, 'Hazel', $id, $off, $student));
        }
    }

    private function accepted(KeepToolCheck $keeping, Kitchen $kitchen, string $place, string $id, float $off, int $daysAgo): void
    {
        $check = $this->check($keeping, $kitchen, $place, $id, $off, null);
        $check->update(['day' => $this->today->copy()->subDays($daysAgo)->toDateString()]);
        $keeping->accept($check);
    }

    private function check(KeepToolCheck $keeping, Kitchen $kitchen, string $place, string $id, float $off, ?Student $by): ToolCheck
    {
        $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);
        $fine = $kitchen->scales->firstOrFail(static fn ($one): bool => $one->name === 'Fine');

        return $keeping->keep(new CheckedTool(
            ($this->ulid)(), $id, "$place: {$tool->nominal}", $place, '', $this->measured($tool, $off, $fine->toCore()),
            $off > 20 ? [Inspection::RimFlat] : [], $fine, $by ?? $this->section->teacher, null,
        ), $kitchen);
    }

    private function measured(Tool $tool, float $off, \Hovik\Core\Drawer\Scale $scale): VolumeCheck
    {
        $water = Water::at(21.0);
        $together = VolumeCheck::together($tool);
        $grams = $tool->aboutMl * (1 + $off / 100) * $together * $water->density();
        $readings = [];
        for ($i = 0; $i < 3; $i++) {
            $readings[] = round($grams * (1 + 0.0025 * $this->normal()), $scale->decimals());
        }

        return VolumeCheck::ofTool($tool, null, $readings, $water, $scale);
    }

    private function scales(Kitchen $kitchen): void
    {
        $fine = $kitchen->scales->firstOrFail(static fn ($one): bool => $one->name === 'Fine');
        foreach ([330 => 0.0, 200 => 0.0002, 90 => 0.0004, 3 => 0.0006] as $daysAgo => $span) {
            $check = ScaleCheck::of(
                array_map(static fn (float $one): array => ['nominal_g' => $one, 'reading_g' => round($one * (1 + $span), 1)], [
                    0.0, 50.0, 100.0, 200.0, 500.0,
                ]), 0.1, [200.1, 200.1, 200.2, 200.1, 200.0, 200.1], [200.1, 200.1, 200.0, 200.1, 200.0],
            );
            $fine->calibrations()->create([
                'teacher_id' => $this->section->teacher_id, 'measured' => $check, 'bias_g' => $check->biasG, 'span_pct' => $check->spanPct,
                'u_g' => $check->uncertaintyG(), 'verdict' => $check->verdict(), 'day' => $this->today->copy()->subDays($daysAgo)->toDateString(),
            ]);
        }
    }

    private function ownFlour(Kitchen $kitchen): void
    {
        $day = $this->today->copy()->subDays(5)->toDateString();
        $trials = [];
        foreach ([128.4, 131.2, 133.0, 130.1, 132.6, 129.3, 130.7, 134.1, 148.9] as $i => $grams) {
            $station = array_keys(self::HALF_CUPS)[$i % 6];
            $trials[] = new Trial($grams, null, $station, $day, $grams > 140);
        }
        $birch = $kitchen->namedTools()->where('name', 'Birch: 1 cup')->first();
        (new KeepStandard)->keep($kitchen->refresh(), 'all-purpose-flour', $this->section->teacher, [
            'handling' => Handling::from('stirred-spooned'), 'catalogue_id' => 'dry-cup-us-1', 'named_tool_id' => $birch?->id,
            'scale_id' => $kitchen->scales->firstOrFail(static fn ($one): bool => $one->name === 'Fine')->id, 'trials' => $trials,
            'packet_g' => '136.00',
        ]);
    }

    private function experiment(): void
    {
        $ways = ['stirred-spooned' => 125.0, 'dipped' => 139.0, 'sifted' => 117.0];
        $arms = [];
        foreach (['Spooned', 'Dipped', 'Sifted'] as $i => $name) {
            $arms[] = new Arm(chr(ord('a') + $i), $name, Handling::from(array_keys($ways)[$i]), null, null);
        }
        $experiment = Experiment::query()->create([
            'section_id' => $this->section->id, 'title' => 'Three ways of flour', 'ingredient_id' => 'all-purpose-flour',
            'catalogue_id' => 'dry-cup-us-1', 'arms' => $arms, 'by_all' => true, 'state' => 'prepared',
        ]);
        $running = new RunExperiment;
        $running->open($experiment, 20261120);
        foreach ($this->section->students as $student) {
            $hand = 1.5 * $this->normal();
            foreach (array_values($ways) as $i => $grams) {
                $running->keep($experiment, ($this->ulid)(), [
                    'student_id' => $student->id, 'arm' => chr(ord('a') + $i),
                    'grams' => round($grams + $hand + ($i === 1 ? 5.5 : 2.6) * $this->normal(), 1), 'scale_id' => null,
                ]);
            }
        }
        $experiment->update(['state' => 'shown']);
    }

    /** Standard normal, by Box and Muller. */
    private function normal(): float
    {
        $share = fn (): float => $this->random->getInt(1, 1 << 30) / (1 << 30);

        return sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
    }
}
