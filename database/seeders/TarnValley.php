<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Labs\OpenLab;
use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Weighings\RecordWeighing;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The demo: Tarn Valley Secondary, a school that does not exist. Weights come from the core's own mean and spread with a
 * fixed seed, shifted where somebody slips.
 */
final class TarnValley extends Seeder
{
    public const EMAIL = 'achter-lind@tarnvalley.example';

    public const PASSWORD = 'flour-and-water';

    public const CLASS_CODE = 'BUNSON';

    public const PIN = '2468';

    private const STATIONS = [
        'Alder' => ['ALDER234', ['Ilka', 'Bram', 'Noor', 'Tavi']],
        'Birch' => ['BIRCH234', ['Sefa', 'Dario', 'Wren', 'Lumi']],
        'Hazel' => ['HAZEL234', ['Oona', 'Mateus', 'Farida']],
        'Linden' => ['LINDE234', ['Joss', 'Amara', 'Pell', 'Kaito']],
        'Maple' => ['MAPLE234', ['Odile', 'Ravi', 'Quill', 'Zadie']],
        'Rowan' => ['ROWAN234', ['Emrys', 'Halima', 'Soren']],
    ];

    private const TOOLS = [
        'dry-cup-us-1-4' => 6, 'dry-cup-us-1-3' => 6, 'dry-cup-us-1-2' => 6, 'dry-cup-us-1' => 6,
        'spoon-us-1-4-tsp' => 6, 'spoon-us-1-2-tsp' => 6, 'spoon-us-1-tsp' => 6, 'spoon-us-1-tbsp' => 6,
        'liquid-measure-us-1-cup' => 6, 'liquid-measure-us-2-cup' => 3, 'liquid-measure-us-4-cup' => 1,
        'top-read-us-1-cup' => 1, 'butter-wrapper-us-stick' => 6, 'novelty-cup-1-2' => 1,
    ];

    private const BUNS = [
        ['bread-flour', '1 3/4', 'cup', 'structural'], ['rolled-oats', '3/4', 'cup', 'structural'],
        ['whole-milk', '6', 'fl-oz', 'structural'], ['light-brown-sugar', '1/6', 'cup', 'structural'],
        ['butter', '3', 'tbsp', 'structural'], ['honey', '2', 'tbsp', 'flavour'],
        ['cardamom', '1 1/2', 'tsp', 'flavour'], ['confectioners-sugar', '1/2', 'cup', 'flavour'],
    ];

    /**
     * What each station has weighed so far, ingredient by ingredient, attempt by attempt: `good`, a handling that is a
     * slip, `edge` (on the edge of the band) or a weight.
     */
    private const BUNS_SO_FAR = [
        'Alder' => [['good'], ['good'], ['jug-from-above', 'good'], ['loose']],
        'Birch' => [['good'], ['good'], ['good'], ['good'], ['good'], ['left-in-spoon', 'good'], ['good']],
        'Hazel' => [['tapped', 'dipped'], ['good'], ['jug-from-above']],
        'Linden' => [['dipped', 'good'], ['good'], ['good'], ['edge'], ['good'], ['good']],
        'Maple' => [['dipped', 'good'], ['packed-firm'], ['good'], ['good'], ['air-pockets']],
        'Rowan' => [['dipped', 'good'], ['edge'], [251.0], ['good']],
    ];

    private const CRACKERS = [
        ['all-purpose-flour', '1', 'cup', 'structural'], ['sesame-seed', '2', 'tbsp', 'flavour'],
        ['table-salt', '3/4', 'tsp', 'flavour'], ['olive-oil', '1/4', 'cup', 'structural'], ['water', '1/3', 'cup', 'structural'],
    ];

    private const CRACKERS_DONE = [
        'Alder' => [['dipped', 'good'], ['good'], ['good'], ['good'], ['good']],
        'Birch' => [['good'], ['good'], ['good'], ['good'], ['good']],
        'Hazel' => [['dipped', 'dipped', 'good'], ['good'], ['pressed-light', 'good'], ['good'], ['jug-from-above', 'good']],
        'Linden' => [['good'], ['good'], ['good'], ['good'], ['good']],
        'Maple' => [['tapped', 'good'], ['good'], ['good'], ['jug-from-above', 'good'], ['good']],
        'Rowan' => [['dipped', 'good'], ['good'], ['good'], ['good'], ['edge']],
    ];

    private const LOAF = [
        ['all-purpose-flour', '1 1/2', 'cup', 'structural'], ['light-brown-sugar', '1/2', 'cup', 'structural'],
        ['ginger', '2', 'tsp', 'flavour'], ['baking-powder', '1 1/2', 'tsp', 'structural'],
        ['whole-milk', '1/2', 'cup', 'structural'], ['butter', '4', 'tbsp', 'structural'], ['egg-large', '1', 'piece', 'structural'],
    ];

    private Randomizer $random;

    public function run(): void
    {
        config(['hovik.live_socket' => '']); // nobody listens to the past
        DB::transaction($this->seed(...)); // all of it or nothing
    }

    private function seed(): void
    {
        $this->random = new Randomizer(new Mt19937(20261124));
        $section = $this->school();
        $today = Carbon::now($section->kitchen->time_zone)->startOfDay();

        $crackers = $this->lab($section, 'Seeded crackers', $today->copy()->subDays(7), self::CRACKERS);
        $this->hold($crackers, self::CRACKERS_DONE);
        Carbon::setTestNow($today->copy()->subDays(7)->setTime(10, 52)->utc());
        $crackers->update(['state' => Lab::CLOSED, 'closed_at' => now()]);

        $buns = $this->lab($section, 'Cardamom oat buns', $today, self::BUNS);
        $this->hold($buns, self::BUNS_SO_FAR);
        Carbon::setTestNow();

        $this->lab($section, 'Ginger pear loaf', $today->copy()->addDays(7), self::LOAF);
    }

    private function school(): Section
    {
        $kitchen = Kitchen::query()->create(['school' => 'Tarn Valley Secondary', 'name' => 'Kitchen 2', 'time_zone' => 'America/Denver']);
        foreach (self::TOOLS as $id => $count) {
            $kitchen->tools()->create(['catalogue_id' => $id, 'count' => $count]);
        }
        $kitchen->scales()->createMany([
            ['name' => 'Table left', 'catalogue_id' => 'scale-1g-5kg'],
            ['name' => 'Table right', 'catalogue_id' => 'scale-1g-5kg'],
            ['name' => 'Fine', 'catalogue_id' => 'scale-0-1g-500g', 'calibration_g' => 0.05, 'checked_on' => now()->subDays(3)->toDateString()],
        ]);
        $teacher = Teacher::query()->create(['kitchen_id' => $kitchen->id, 'name' => 'I. Achter-Lind', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $section = Section::query()->create([
            'kitchen_id' => $kitchen->id, 'teacher_id' => $teacher->id, 'name' => 'Foods 1, period 4', 'code' => self::CLASS_CODE,
            'tolerance_level' => 'practised', 'methods' => ['stir-spoon-level', 'packed-firm'], 'starts_at' => '10:05', 'ends_at' => '10:52',
        ]);
        $pin = Hash::make(self::PIN);
        $number = 0;
        foreach (array_keys(self::STATIONS) as $position => $name) {
            [$code, $students] = self::STATIONS[$name];
            $station = $section->stations()->create(['name' => $name, 'position' => $position + 1, 'code' => $code]);
            foreach ($students as $student) {
                $section->students()->create(['station_id' => $station->id, 'name' => $student, 'roster_number' => ++$number, 'pin' => $pin]);
            }
        }

        return $section->refresh();
    }

    /** @param  list<array{string, string, string, string}>  $items */
    private function lab(Section $section, string $title, Carbon $day, array $items): Lab
    {
        $lab = $section->labs()->create(['title' => $title, 'planned_for' => $day->toDateString()]);
        foreach ($items as $i => [$ingredient, $amount, $unit, $strictness]) {
            $lab->items()->create(['position' => $i + 1, 'ingredient_id' => $ingredient, 'amount' => $amount, 'unit' => $unit, 'strictness' => $strictness]);
        }

        return $lab->refresh();
    }

    /** @param  array<string, list<list<string|float>>>  $done by station, by ingredient, by attempt */
    private function hold(Lab $lab, array $done): void
    {
        $bell = Carbon::parse($lab->planned_for->toDateString().' 10:05', $lab->section->kitchen->time_zone)->utc();
        Carbon::setTestNow($bell);
        (new OpenLab)->open($lab);
        $lab->refresh();
        $stations = $lab->section->stations->keyBy('name');
        foreach ($done as $name => $lines) {
            /** @var Station $station */
            $station = $stations->get($name);
            $clock = $bell->copy()->addSeconds(440 + 25 * $station->position);
            foreach ($lines as $i => $attempts) {
                foreach ($attempts as $attempt) {
                    Carbon::setTestNow($clock->addSeconds($this->random->getInt(60, 125)));
                    $this->weigh($lab->lines[$i] ?? throw new \LogicException, $station, $attempt, $i);
                }
            }
        }
    }

    private function weigh(LabLine $line, Station $station, string|float $how, int $turn): void
    {
        /** @var Scale $scale */
        $scale = $line->lab->section->kitchen->scales->get((float) $line->target_g < 20 ? 2 : $station->position % 2);
        $step = $scale->toCore()->readabilityG;
        $grams = is_float($how) ? $how : $this->grams($line, $how);
        /** @var Student $student */
        $student = $station->students->get($turn % $station->students->count());
        $id = $this->ulid();
        (new RecordWeighing)->record($id, $line, $station, $student, $scale, max($step, round($grams / $step) * $step), $this->ticked($line, $how));
    }

    private function grams(LabLine $line, string $how): float
    {
        $mean = (float) ($line->expected_g ?? $line->target_g);
        $spread = (float) ($line->spread_g ?? 0.01 * $mean);
        if ($how === 'edge') {
            return $line->target()->grams + $line->target()->toleranceG();
        }
        $pantry = Pantry::reference();
        $ingredient = $pantry->ingredient($line->ingredient_id);
        $factor = match ($how) {
            'good' => 1.0,
            'jug-from-above' => 0.88,
            'left-in-spoon' => 1 - 3 * $ingredient->residue,
            default => $pantry->handlingFactor($ingredient, Handling::from($how))?->mean->toFloat() ?? 1.0,
        };

        // Practised hands: well inside the model's spread, which counts packages and tools too.
        return $mean * $factor + 0.45 * $spread * $this->normal();
    }

    /** @return list<string> all steps, or all but the one that was skipped */
    private function ticked(LabLine $line, string|float $how): array
    {
        $skipped = match ($how) {
            'dipped', 'tapped' => 'spoon-heaped',
            'jug-from-above' => 'eye-level',
            'loose' => 'pack',
            'air-pockets' => 'press-out-air',
            'left-in-spoon' => 'scrape-out',
            default => null,
        };

        return array_values(array_diff($line->steps, [$skipped]));
    }

    /** Standard normal, by Box and Muller. */
    private function normal(): float
    {
        $share = fn (): float => $this->random->getInt(1, 1 << 30) / (1 << 30);

        return sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
    }

    private function ulid(): string
    {
        $alphabet = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
        $id = '';
        for ($ms = now()->getTimestampMs(), $i = 0; $i < 10; $i++, $ms = intdiv($ms, 32)) {
            $id = $alphabet[$ms % 32].$id;
        }

        for ($i = 0; $i < 16; $i++) {
            $id .= $alphabet[$this->random->getInt(0, 31)];
        }

        return $id;
    }
}
