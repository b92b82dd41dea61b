<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Labs\OpenLab;
use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\LabLine;
use App\Models\PracticeAnswer;
use App\Models\Scale;
use App\Models\School;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Practice\ClassPractice;
use App\Recipes\KeepRecipe;
use App\Recipes\MakeLab;
use App\Recipes\ScaledRecipe;
use App\School\AdultRole;
use App\Weighings\RecordWeighing;
use App\Weighings\WeighIn;
use Hovik\Core\Calendar\BellReader;
use Hovik\Core\Calendar\BellSchedule;
use Hovik\Core\Calendar\SchoolCalendar;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Defer\DeferredCallbackCollection;
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

    private const BELLS = [
        'Regular' => "1: 7:35-8:22\n2: 8:26-9:13\n3: 9:17-10:01\n4: 10:05-10:52\n5: 11:36-12:23\n6: 12:27-1:14\n7: 1:18-2:05",
        'Early release' => "1: 7:35-8:07\n2: 8:11-8:43\n3: 8:47-9:19\n4: 9:23-9:55\n5: 9:59-10:31\n6: 10:35-11:07\n7: 11:11-11:43",
    ];

    /** What the stations' bowls weigh; nobody has weighed Rowan's. */
    private const BOWLS_G = [212, 187, 187, 205, 212, null];

    private const TOOLS = [
        'dry-cup-us-1-4' => 6, 'dry-cup-us-1-3' => 6, 'dry-cup-us-1-2' => 6, 'dry-cup-us-1' => 6,
        'spoon-us-1-4-tsp' => 6, 'spoon-us-1-2-tsp' => 6, 'spoon-us-1-tsp' => 6, 'spoon-us-1-tbsp' => 6,
        'liquid-measure-us-1-cup' => 6, 'liquid-measure-us-2-cup' => 3, 'liquid-measure-us-4-cup' => 1,
        'top-read-us-1-cup' => 1, 'butter-wrapper-us-stick' => 6, 'novelty-cup-1-2' => 1,
    ];

    private const BUNS = <<<'TEXT'
        Cardamom oat buns
        Makes 12

        Ingredients
        3 1/2 cups bread flour
        1 1/2 cups rolled oats
        12 fl oz whole milk, warmed
        1/3 cup packed light brown sugar
        6 tbsp butter, softened
        1/4 cup honey
        1 tbsp ground cardamom
        1 cup powdered sugar
        1 packet instant yeast
        a pinch of salt

        Directions
        Stir the flour, oats, brown sugar and cardamom together with the yeast and the salt.
        Add the warm milk, the butter and the honey, and knead for ten minutes.
        Let it rise, shape twelve buns, and bake in a hot oven for 18 minutes.
        Stir the powdered sugar with a spoon of water and brush it on.
        TEXT;

    private const CRACKERS = <<<'TEXT'
        Seeded crackers
        Makes 24

        Ingredients
        1 cup all-purpose flour
        2 tbsp sesame seeds
        3/4 tsp table salt
        1/4 cup olive oil
        1/3 cup water

        Directions
        Mix the flour, seeds and salt. Stir in the oil and the water.
        Roll thin, cut, and bake until golden.
        TEXT;

    private const LOAF = <<<'TEXT'
        Ginger pear loaf
        Makes 1 loaf

        Ingredients
        1 1/2 cups all-purpose flour
        1/2 cup packed light brown sugar
        2 tsp ground ginger
        1 1/2 tsp baking powder
        4 oz whole milk
        4 tbsp butter, melted
        1 large egg, beaten
        2 ripe pears, peeled and diced

        Directions
        Whisk the flour, brown sugar, ginger and baking powder together.
        Stir in the milk, the melted butter and the egg. Fold in the pears.
        Bake for 50 minutes.
        TEXT;

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

    private const CRACKERS_DONE = [
        'Alder' => [['dipped', 'good'], ['good'], ['good'], ['good'], ['good']],
        'Birch' => [['good'], ['good'], ['good'], ['good'], ['good']],
        'Hazel' => [['dipped', 'dipped', 'good'], ['good'], ['pressed-light', 'good'], ['good'], ['jug-from-above', 'good']],
        'Linden' => [['good'], ['good'], ['good'], ['good'], ['good']],
        'Maple' => [['tapped', 'good'], ['good'], ['good'], ['jug-from-above', 'good'], ['good']],
        'Rowan' => [['dipped', 'good'], ['good'], ['good'], ['good'], ['edge']],
    ];

    private Randomizer $random;

    /**
     * @param  bool  $hasTerm  with what its term left behind: checked tools, an own flour, an experiment
     * @param  string  $mark  three of a code's letters and digits: the same school once more, with doors of its own
     */
    public function __construct(
        private readonly string $mark = '', private readonly bool $hasPractised = true, private readonly bool $hasTerm = true,
    ) {
    }

    public function run(): void
    {
        $this->make();
    }

    /** The class of the demo. */
    public function make(): Section
    {
        config(['hovik.live_socket' => '']); // nobody listens to the past

        $section = DB::transaction($this->seed(...), attempts: 3); // all of it or nothing
        // What would have been told of each weigh-in afterwards takes longer than all the rest, and nobody hears it.
        app()->forgetInstance(DeferredCallbackCollection::class);

        return $section;
    }

    private function seed(): Section
    {
        $this->random = new Randomizer(new Mt19937(20261124));
        $section = $this->school();
        $today = Carbon::now($section->kitchen->school->time_zone)->startOfDay();

        $chance = new Randomizer(new Mt19937(20261129));
        $term = $this->hasTerm ? new TarnValleyTerm($section, $today, fn (): string => $this->ulid($chance)) : null;
        if ($this->hasTerm) {
            $habits = new Randomizer(new Mt19937(20261130));
            (new TarnValleyHabits($section, $today, fn (): string => $this->ulid($habits)))->before();
        }
        $term?->before();
        $crackers = $this->lab($section, self::CRACKERS, $today->copy()->subDays(7));
        $this->hold($crackers, self::CRACKERS_DONE);
        Carbon::setTestNow($today->copy()->subDays(7)->setTime(10, 52)->utc());
        $crackers->update(['state' => LabState::Closed, 'closed_at' => now()]);

        $buns = $this->lab($section, self::BUNS, $today, '1/2', leftOut: [8, 9]);
        foreach ($section->kitchen->scales as $scale) {
            $scale->checks()->create(
                [
                    'teacher_id' => $section->teacher_id, 'nominal_g' => 200, 'reading_g' => 200, 'passed' => true,
                    'day' => $today->toDateString(),
                ],
            );
        }
        $buns->items()->where('ingredient_id', 'light-brown-sugar')->update(['shared' => true]);
        $this->hold($buns->refresh(), self::BUNS_SO_FAR);
        Carbon::setTestNow();
        $this->lastMinutes($buns, $section);

        $this->lab($section, self::LOAF, Carbon::parse($section->meetsAfter($today->copy()->addDays(6)->toDateString())));
        $term?->after($crackers);
        if ($this->hasPractised) {
            $this->practise($section, $today);
        }

        return $section->refresh();
    }

    /** A door's name with this school's mark for its last three letters. */
    private function marked(string $door): string
    {
        return $this->mark === '' ? $door : substr($door, 0, -3).$this->mark;
    }

    /** What the teacher has seen so far, a hand that is up, a supply that is out, and scales checked before the bell. */
    private function lastMinutes(Lab $lab, Section $section): void
    {
        $stations = $section->stations->keyBy('name');
        $flour = $lab->lines->first();
        $sugar = $lab->lines->firstWhere('ingredient_id', 'light-brown-sugar');
        $happened = function (
            string $station, EventKind $kind, ?LabLine $line, array $detail, int $minutesAgo,
        ) use ($lab, $stations): void {
            LabEvent::query()->create(
                [
                    'id' => $this->ulid(), 'lab_id' => $lab->id, 'station_id' => $stations->get($station)?->id,
                    'lab_line_id' => $line?->id, 'kind' => $kind, 'detail' => $detail,
                    'created_at' => now()->subMinutes($minutesAgo),
                ],
            );
        };
        foreach (['loosen' => 'done', 'spoon-heaped' => 'not-done', 'sweep-level' => 'done'] as $step => $seen) {
            $happened('Hazel', EventKind::Seen, $flour, ['step' => $step, 'seen' => $seen], 9);
        }
        $happened('Birch', EventKind::Checked, $flour, [], 7);
        $happened('Birch', EventKind::Note, null, ['text' => 'Calm, tidy, quick.'], 6);
        $happened('Maple', EventKind::Taken, $sugar, [], 4);
        $happened('Hazel', EventKind::Help, null, [], 2);
    }

    /** Four weeks of practice, two evenings a week; Alder and Maple have not begun. */
    private function practise(Section $section, Carbon $today): void
    {
        $rows = [];
        $aims = self::aims($section);
        foreach ($section->students as $i => $student) {
            if (in_array($student->station?->name, ['Alder', 'Maple', null], true)) {
                continue;
            }
            $knows = 62 + 5 * ($i % 7); // per cent of answers that are right
            $answers = [];
            for ($day = 28; $day > 0; $day -= $day % 7 === 0 ? 3 : 4) {
                for ($n = 0; $n < 11; $n++) {
                    $on = $today->copy()->subDays($day);
                    $answers[] = $this->practised($section, $student, $aims, $knows, $on, $answers, $rows);
                }
            }
        }
        PracticeAnswer::query()->insert($rows);
        $oona = $section->students()->where('name', 'Oona')->value('id'); // she reads jugs from above
        $section->practiceTasks()->create(
            [
                'student_id' => $oona, 'aims' => ['read-jug', 'jug-column', 'broken-glass', 'oven'],
                'due_on' => $today->copy()->addDays(2)->toDateString(),
            ],
        );
    }

    /** @return non-empty-list<Aim> what the next lab asks for, then the rest */
    private static function aims(Section $section): array
    {
        $aims = [];
        foreach ([...array_merge(...ClassPractice::of($section)->needed), ...Aim::allWith($section->practiceSetting(1)->families())] as $aim) {
            $aims[$aim->id()] ??= $aim;
        }

        return $aims === [] ? Aim::all() : array_values($aims);
    }

    /**
     * @param  non-empty-list<Aim>  $aims
     * @param  list<Answered>  $answers
     * @param  list<array<string, mixed>>  $rows
     */
    private function practised(Section $section, Student $student, array $aims, int $knows, Carbon $on, array $answers, array &$rows): Answered
    {
        $turn = count($answers);
        [
            'skill' => $skill, 'about' => $about, 'level' => $level,
        ] = Boxes::after($answers)->next($aims, PracticeAnswer::dayNumber($on));
        $seed = $this->random->getInt(1, 1 << 30);
        $question = Quiz::question($skill, $seed, Setting::of($level, $section->standard, about: $about));
        $right = $question->expected->key()[0];
        $wrong = array_values(array_filter($question->choices, static fn (Choice $choice): bool => $choice->misconception !== null));
        $answer = $this->random->getInt(1, 100) <= $knows ? $right : match ($question->expected->kind()) {
            'choice' => ($wrong[0] ?? null)?->id,
            'order' => is_array($right) ? array_reverse($right) : $right,
            'number' => '99',
            'tools' => [$question->choices[0]->id => 9],
            'words' => ['w0'],
            default => ['power'],
        };
        $marked = $question->mark($answer);
        $rows[] = [
            'student_id' => $student->id, 'turn' => $turn, 'skill' => $skill->value, 'about' => $question->about?->value,
            'level' => $level, 'seed' => $seed, 'answer' => json_encode($answer),
            'is_right' => $marked->isRight, 'misconception' => $marked->misconception, 'day' => $on->toDateString(),
            'created_at' => $on->copy()->setTime(19, 0)->utc()->format('Y-m-d H:i:s.v'),
        ];

        return new Answered($skill, $question->about, $marked->isRight, PracticeAnswer::dayNumber($on));
    }

    private function school(): Section
    {
        $school = School::query()->create([
            'name' => 'Tarn Valley Secondary', 'time_zone' => 'America/Denver', 'calendar' => self::bells(Carbon::now('America/Denver')),
        ]);
        $kitchen = Kitchen::query()->create(['school_id' => $school->id, 'name' => 'Kitchen 2']);
        foreach (self::TOOLS as $id => $count) {
            $kitchen->tools()->create(['catalogue_id' => $id, 'count' => $count]);
        }
        $kitchen->scales()->createMany([
            ['name' => 'Table left', 'catalogue_id' => 'scale-1g-5kg'],
            ['name' => 'Table right', 'catalogue_id' => 'scale-1g-5kg'],
            [
                'name' => 'Fine', 'catalogue_id' => 'scale-0-1g-500g', 'calibration_g' => 0.05,
                'checked_on' => now()->subDays(3)->toDateString(),
            ],
        ]);
        $teacher = Teacher::query()->create(
            [
                'kitchen_id' => $kitchen->id, 'name' => 'I. Achter-Lind', 'email' => strtolower($this->mark).self::EMAIL,
                'password' => self::PASSWORD, 'role' => AdultRole::Keeper,
            ],
        );
        $section = Section::query()->create([
            'kitchen_id' => $kitchen->id, 'teacher_id' => $teacher->id, 'name' => 'Foods 1, period 4',
            'code' => $this->marked(self::CLASS_CODE),
            'tolerance_level' => 'practised', 'methods' => ['stir-spoon-level', 'packed-firm'], 'starts_at' => '10:05',
            'ends_at' => '10:52', 'period' => '4',
        ]);
        $pin = Hash::make(self::PIN);
        $number = 0;
        foreach (array_keys(self::STATIONS) as $position => $name) {
            [$code, $students] = self::STATIONS[$name];
            $station = $section->stations()->create(
                ['name' => $name, 'position' => $position + 1, 'code' => $this->marked($code), 'bowl_g' => self::BOWLS_G[$position]],
            );
            foreach ($students as $student) {
                $section->students()->create(
                    ['station_id' => $station->id, 'name' => $student, 'roster_number' => ++$number, 'pin' => $pin],
                );
            }
        }

        return $section->refresh();
    }

    /** Regular days from Monday to Friday; in two weeks an early release, and a day off after it. */
    private static function bells(Carbon $today): SchoolCalendar
    {
        $lists = array_map(
            static fn (string $name, string $text): BellSchedule => BellSchedule::of($name, BellReader::read($text, $name)),
            array_keys(self::BELLS), self::BELLS,
        );
        $friday = $today->copy()->addWeek()->endOfWeek(Carbon::FRIDAY);

        return SchoolCalendar::of($lists, array_fill(1, 5, 'Regular'), [], null, [
            // Whatever day it is, the demo's lab is held today.
            $today->toDateString() => 'Regular', $friday->toDateString() => 'Early release', $friday->copy()->addDays(3)->toDateString() => null,
        ]);
    }

    /**
     * A recipe kept as a teacher would paste it, and a lab made from it.
     *
     * @param  list<int>  $leftOut  lines that are handed out, not measured
     */
    private function lab(Section $section, string $text, Carbon $day, string $factor = '1', array $leftOut = []): Lab
    {
        $read = (new RecipeReader(Pantry::reference()))->read($text);
        $recipe = (new KeepRecipe)->keep($section->kitchen, $section->teacher, (string) $read->title, $read);
        $version = $recipe->newest;
        $version->update(
            [
                'lines' => array_map(static fn (RecipeLine $line, int $i): RecipeLine => in_array($i, $leftOut, true)
                            ? $line->leftOut()
                            : $line, $version->lines, array_keys($version->lines)),
            ],
        );

        return (new MakeLab)->make(
            ScaledRecipe::of($version, $section, Factor::of($factor)), $section, $recipe->title, $day->toDateString(),
        )->refresh();
    }

    /** @param  array<string, list<list<string|float>>>  $done by station, by ingredient, by attempt */
    private function hold(Lab $lab, array $done): void
    {
        $bell = Carbon::parse($lab->planned_for->toDateString().' 10:05', $lab->section->kitchen->school->time_zone)->utc();
        Carbon::setTestNow($bell);
        (new OpenLab)->open($lab);
        $lab->refresh();
        $stations = $lab->section->stations->keyBy('name');
        foreach ($lab->section->stations as $station) {
            $lab->checks()->create(
                [
                    'station_id' => $station->id, 'student_id' => $station->students->first()?->id,
                    'kind' => StationChecklist::SetUp,
                    'ticked' => StationChecklist::SetUp->items(StationChecklist::allergens($lab->foods())),
                ],
            );
        }
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
        $reading = ScaleReading::fromDisplay(max($step, round($grams / $step) * $step), $scale->toCore());
        (new RecordWeighing)->record(new WeighIn($id, $line, $station, $student, $scale, $reading, $this->ticked($line, $how)));
    }

    private function grams(LabLine $line, string $how): float
    {
        $mean = $line->frozen->expectedG() ?? $line->target()->grams;
        $spread = $line->frozen->way()->plan->uG ?? 0.01 * $mean;
        if ($how === 'edge') {
            return $line->target()->grams + $line->target()->toleranceG();
        }
        $factor = match ($how) {
            'good' => 1.0,
            'jug-from-above' => 0.88,
            'left-in-spoon' => 1 - 3 * $line->frozen->food->ingredient->residue,
            default => ($line->frozen->food->factors[$how] ?? null)?->mean->toFloat() ?? 1.0,
        };

        // Practised hands: well inside the model's spread, which counts packages and tools too.
        return $mean * $factor + 0.45 * $spread * $this->normal();
    }

    /** @return list<Step> all steps, or all but the one that was skipped */
    private function ticked(LabLine $line, string|float $how): array
    {
        $skipped = match ($how) {
            'dipped', 'tapped' => Step::SpoonHeaped,
            'jug-from-above' => Step::EyeLevel,
            'loose' => Step::Pack,
            'air-pockets' => Step::PressOutAir,
            'left-in-spoon' => Step::ScrapeOut,
            default => null,
        };

        return array_values(array_filter($line->frozen->steps(), static fn (Step $step): bool => $step !== $skipped));
    }

    /** Standard normal, by Box and Muller. */
    private function normal(): float
    {
        $share = fn (): float => $this->random->getInt(1, 1 << 30) / (1 << 30);

        return sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
    }

    /** @param  Randomizer|null  $from  another chance than that of the demo's own weights */
    private function ulid(?Randomizer $from = null): string
    {
        $alphabet = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
        $id = '';
        for ($ms = now()->getTimestampMs(), $i = 0; $i < 10; $i++, $ms = intdiv($ms, 32)) {
            $id = $alphabet[$ms % 32].$id;
        }

        for ($i = 0; $i < 16; $i++) {
            $id .= $alphabet[($from ?? $this->random)->getInt(0, 31)];
        }

        return $this->marked($id);
    }
}
