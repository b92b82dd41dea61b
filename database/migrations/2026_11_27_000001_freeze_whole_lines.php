<?php

declare(strict_types=1);

use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabItem;
use App\Models\Section;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\FrozenWay;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\FrozenFood;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Technique;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A frozen line is stored whole, and the kitchen it was frozen in with its lab; a weighing keeps the judgement it was given; lines of
 * recipes have ids. What there is already is carried over: what was frozen stays as it was, what was not is taken from the kitchen as
 * it is now.
 */
return new class extends Migration
{
    private const OLD = [
        'amount', 'unit', 'standard', 'strictness', 'method', 'handling', 'tolerance_pct', 'tolerance_floor_g', 'expected_g', 'spread_g',
        'measure', 'fills', 'steps', 'watch', 'cautions', 'working', 'why_tools', 'source', 'confidence', 'shared',
    ];

    public function up(): void
    {
        Schema::table('lab_items', fn (Blueprint $table) => $table->string('mode', 8)->default('checked'));
        DB::statement('UPDATE lab_items SET mode = way');
        DB::statement('ALTER TABLE lab_items DROP CONSTRAINT lab_items_way');
        Schema::table('lab_items', fn (Blueprint $table) => $table->dropColumn('way'));
        DB::statement("ALTER TABLE lab_items ADD CONSTRAINT lab_items_mode CHECK (mode IN ('checked', 'weight', 'volume'))");

        Schema::table('labs', fn (Blueprint $table) => $table->json('frozen')->nullable());
        Schema::table('lab_lines', fn (Blueprint $table) => $table->json('frozen')->nullable());
        Schema::table('weighings', fn (Blueprint $table) => $table->json('judgement')->nullable());
        DB::statement('ALTER TABLE lab_lines DROP CONSTRAINT lab_lines_sane');
        DB::unprepared('DROP TRIGGER weighings_stay');
        $lines = [];
        foreach (DB::table('labs')->where('state', '<>', 'prepared')->get() as $lab) {
            $lines += $this->carryOver($lab); // by the lines' ids, which a collection's flatMap would count anew
        }
        $this->judge($lines);
        DB::unprepared(
            "CREATE TRIGGER weighings_stay BEFORE UPDATE ON weighings FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'weighings are only ever added'",
        );
        Schema::table('lab_lines', function (Blueprint $table): void {
            $table->dropColumn(self::OLD);
            $table->json('frozen')->nullable(false)->change();
            $table->decimal('target_g', 10, 4)->nullable()->change();
        });
        DB::statement('ALTER TABLE lab_lines ADD CONSTRAINT lab_lines_sane CHECK (target_g IS NULL OR target_g > 0)');
        Schema::table('weighings', fn (Blueprint $table) => $table->json('judgement')->nullable(false)->change());
        DB::statement("ALTER TABLE labs ADD CONSTRAINT labs_frozen CHECK ((state = 'prepared') = (frozen IS NULL))");
        $this->nameRecipeLines();
    }

    /** @return list<Tool> as it was kept then: later columns are not there yet */
    private function drawer(Kitchen $kitchen, MeasureStandard $standard): array
    {
        return array_values($kitchen->tools->map(fn ($tool): Tool => ToolCatalogue::tool(
            $tool->catalogue_id, $standard, $tool->true_ml === null ? null : (float) $tool->true_ml, $tool->count,
        ))->all());
    }

    /** @return array<int, FrozenLine> by id of the line */
    private function carryOver(stdClass $lab): array
    {
        $section = Section::query()->findOrFail($lab->section_id);
        $kitchen = $section->kitchen;
        $items = [];
        foreach (Lab::query()->where('id', $lab->id)->sole()->items as $item) {
            $items[$item->position] = $item;
        }
        $frozen = [];
        foreach (DB::table('lab_lines')->where('lab_id', $lab->id)->orderBy('position')->get() as $row) {
            $line = $frozen[$row->id] = $this->line($row, $items[$row->position] ?? null, $kitchen);
            DB::table('lab_lines')->where('id', $row->id)->update(['frozen' => json_encode($line->toArray(), JSON_THROW_ON_ERROR)]);
        }
        $scales = $kitchen->scales->keyBy('name')->map(fn ($scale): Scale => $scale->toCore())->all();
        $names = array_values($section->stations->pluck('name')->all());
        $whole = new FrozenKitchen($this->drawer($kitchen, $section->standard), $scales, $section->houseRules(), $names, [], []);
        DB::table('labs')->where('id', $lab->id)->update(['frozen' => json_encode($whole->toArray(), JSON_THROW_ON_ERROR)]);
        $this->addUnweighed($lab, $section, $items);

        return $frozen;
    }

    private function line(stdClass $row, ?LabItem $item, Kitchen $kitchen): FrozenLine
    {
        $pantry = $kitchen->pantry();
        $standard = MeasureStandard::from($row->standard);
        $amount = Amount::of($row->amount, Unit::from($row->unit));
        $tolerance = Tolerance::of((float) $row->tolerance_pct, (float) $row->tolerance_floor_g);
        $phrases = static fn (?string $json): array => array_map(Phrase::fromArray(...), json_decode($json ?? '[]', true));
        $technique = Technique::fromArray(new JsonInput([
            'steps' => json_decode($row->steps, true), 'watch' => json_decode($row->watch ?? 'null', true),
            'cautions' => json_decode($row->cautions, true),
        ]));

        return new FrozenLine(
            position: $row->position,
            text: $item?->text,
            food: FrozenFood::of($pantry->ingredient($row->ingredient_id), $pantry),
            amount: $amount,
            standard: $standard,
            measure: KitchenMeasure::asMeasured($amount, $standard),
            mode: $item->mode ?? MeasuringMode::Checked,
            strictness: Strictness::from($row->strictness),
            method: $row->method === null ? null : HouseMethod::from($row->method),
            handling: Handling::from($row->handling),
            ways: [new FrozenWay($this->plan($row, $standard, $kitchen), [], $technique)],
            weightG: Brick\Math\BigDecimal::of($row->target_g),
            target: Target::of((float) $row->target_g, $tolerance),
            tolerance: $tolerance,
            hasOwnTolerance: $item?->tolerance_pct !== null,
            then: $item?->text === null ? [] : $this->read($item->text, $pantry)->after,
            shared: (bool) $row->shared,
            warnings: [],
            working: $phrases($row->working),
            source: $row->source,
        );
    }

    /** The tools with which it was frozen; none where it was weighed out. */
    private function plan(stdClass $row, MeasureStandard $standard, Kitchen $kitchen): ?ToolPlan
    {
        if ($row->expected_g === null) {
            return null;
        }
        $owned = collect($this->drawer($kitchen, $standard))->keyBy('id');
        $fills = array_map(static function (array $fill) use ($owned, $standard): Fill {
            /** @var Tool $tool */
            $tool = $owned->get($fill['tool']) ?? ToolCatalogue::tool($fill['tool'], $standard);
            $mark = array_values(array_filter($tool->marks, static fn ($mark): bool => $mark->text === $fill['to_mark']));

            return new Fill($tool, $fill['count'], $mark[0] ?? null);
        }, json_decode($row->fills, true));
        // Fat under water is the only food of its families that goes to a line in a jug.
        $isUnderWater = in_array($row->family, [Family::SolidFat->value, Family::NutButter->value], true)
            && ($fills[0]->tool->kind ?? null) === ToolKind::LiquidMeasure;

        return new ToolPlan(
            $fills, true, 0.0, (float) $row->expected_g, (float) $row->spread_g,
            Phrase::fromArray(json_decode($row->why_tools ?? '[]', true)),
            $isUnderWater ? $fills[0]->toMark : null,
        );
    }

    /** @param  array<int, LabItem>  $items */
    private function addUnweighed(stdClass $lab, Section $section, array $items): void
    {
        $planner = new LinePlanner(
            $section->kitchen->pantry(), $this->drawer($section->kitchen, $section->standard), $section->standard,
            $section->tolerancePolicy(), $section->houseRules(),
        );
        foreach (array_filter($items, static fn (LabItem $item): bool => $item->mode === MeasuringMode::Volume) as $item) {
            try {
                $plan = $item->plan($planner);
            } catch (InvalidInput) {
                continue; // no longer in the pantry: it was never part of the lab
            }
            $then = $item->text === null ? [] : $this->read($item->text, $planner->pantry)->after;
            $line = FrozenLine::of($plan, $item->position, $item->text, $then, $item->shared, []);
            DB::table('lab_lines')->insert([
                'lab_id' => $lab->id, 'position' => $item->position, 'ingredient_id' => $item->ingredient_id,
                'family' => $plan->ingredient->family->value,
                'target_g' => null, 'frozen' => json_encode($line->toArray(), JSON_THROW_ON_ERROR), 'created_at' => now(),
                'updated_at' => now(),
            ] + self::emptyOld());
        }
    }

    /** @return array<string, mixed> of the columns that are about to go */
    private static function emptyOld(): array
    {
        return [
            'amount' => '', 'unit' => '', 'standard' => '', 'strictness' => '', 'handling' => '', 'tolerance_pct' => 1,
            'tolerance_floor_g' => 0,
            'measure' => '{}', 'fills' => '[]', 'steps' => '[]', 'cautions' => '[]', 'working' => '[]', 'confidence' => '',
        ];
    }

    /** @param  array<int, FrozenLine>  $lines  by id */
    private function judge(array $lines): void
    {
        foreach (DB::table('weighings')->join(
            'scales', 'scales.id', '=', 'weighings.scale_id',
        )->select('weighings.*', 'scales.catalogue_id')->cursor() as $row) {
            $type = ToolCatalogue::scale($row->catalogue_id);
            $scale = new Scale(
                (float) $row->readability_g, $row->calibration_g === null ? null : (float) $row->calibration_g, $type->capacityG,
                $type->typicalTolerance,
            );
            $line = $lines[$row->lab_line_id];
            $judged = Judge::judge($line->judgedBy(), ScaleReading::of((float) $row->grams, $scale), $line->expectedG());
            // The verdict and its figures are those that were told.
            $told = new Judgement(
                Verdict::from($row->verdict), $judged->target, $judged->reading, (float) $row->error_g, (float) $row->error_pct,
                (float) $row->scale_u_g,
                $judged->fitness, $judged->technique,
            );
            DB::table('weighings')->where('id', $row->id)->update(['judgement' => json_encode($told->toArray(), JSON_THROW_ON_ERROR)]);
        }
    }

    private function nameRecipeLines(): void
    {
        foreach (DB::table('recipe_versions')->join(
            'recipes', 'recipes.id', '=', 'recipe_versions.recipe_id',
        )->get(['recipe_versions.*', 'kitchen_id']) as $version) {
            $pantry = Kitchen::query()->findOrFail($version->kitchen_id)->pantry();
            $lines = [];
            foreach (json_decode($version->lines, true) as $i => $line) {
                $settled = $line['settled'] ?? null;
                $lines[] = [
                    'id' => "$version->number.".($i + 1),
                    'text' => $line['text'],
                    'heading' => $this->read($line['text'], $pantry)->status === ReadLine::HEADING,
                    'skip' => $line['skip'] ?? false,
                    'ingredient' => $settled['ingredient'] ?? null,
                    'amount' => $settled === null ? null : ['number' => $settled['amount'], 'unit' => $settled['unit']],
                    'method' => $settled['method'] ?? null,
                ];
            }
            DB::table('recipe_versions')->where('id', $version->id)->update(['lines' => json_encode($lines, JSON_THROW_ON_ERROR)]);
        }
    }

    private function read(string $text, Pantry $pantry): ReadLine
    {
        return (new LineReader($pantry))->read($text);
    }
};
