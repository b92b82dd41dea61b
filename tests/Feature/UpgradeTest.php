<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Photo;
use App\Models\RecipeVersion;
use App\Models\Section;
use App\Models\Station;
use App\Models\Weighing;
use App\Photos\PictureFiles;
use Hovik\Core\Lab\LabState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/*
 * A school that has used an older version goes on with its data: upgrade/VERSION.sql is the demo's school as that version left it, with
 * a closed lab, an open one and one to come. It is brought up in a database of its own.
 */

beforeEach(function () {
    $this->usual = DB::getDefaultConnection();
    config(['database.connections.upgrade' => ['database' => 'hovik_test_upgrade'] + config("database.connections.$this->usual")]);
    DB::setDefaultConnection('upgrade');
    DB::statement("SET FOREIGN_KEY_CHECKS = 0, sql_mode = ''"); // a dump says what generated columns hold, too
    foreach (DB::select('SHOW FULL TABLES') as $row) {
        DB::statement('DROP TABLE `'.array_values((array) $row)[0].'`');
    }
    DB::unprepared((string) file_get_contents(__DIR__.'/upgrade/0.9.sql'));
    DB::purge('upgrade');
    $this->before = DB::table('weighings')->get()->keyBy('id');
    $this->targets = DB::table('lab_lines')->pluck('target_g', 'id');
    $this->lines = DB::table('lab_lines')->get()->keyBy('id');
    $this->recipes = DB::table('recipe_versions')->pluck('lines', 'id');
    expect(Artisan::call('migrate', ['--force' => true, '--database' => 'upgrade']))->toBe(0);
});
afterEach(function () {
    DB::purge('upgrade');
    DB::setDefaultConnection($this->usual);
});

it('carries over what a school has weighed, opened and settled', function () {
    expect($this->before)->toHaveCount(73)->and(Weighing::query()->count())->toBe(73);
    foreach (Weighing::query()->with('line')->get() as $weighing) {
        $was = $this->before[$weighing->id];
        $judged = $weighing->judgement;
        // Judged against its own line, with the figures that were told then.
        expect($judged->target->grams)->toBe((float) $this->targets[$weighing->lab_line_id], $weighing->id)
            ->and($judged->verdict->value)->toBe($was->verdict)->and($judged->errorG)->toBe((float) $was->error_g)
            ->and($judged->errorPct)->toBe((float) $was->error_pct)->and($judged->uncertaintyG)->toBe((float) $was->scale_u_g)
            ->and($judged->reading->grams)->toBe((float) $was->grams);
    }
    foreach (LabLine::query()->whereNotNull('target_g')->get() as $line) {
        $was = $this->lines[$line->id];
        $frozen = $line->frozen;
        expect($frozen->food->ingredient->id)->toBe($was->ingredient_id)->and($frozen->amount->toArray()['unit'])->toBe($was->unit)
            ->and($frozen->tolerance->percent)->toBe((float) $was->tolerance_pct)->and($frozen->tolerance->floorG)->toBe(
                (float) $was->tolerance_floor_g,
            )
            ->and($frozen->expectedG())->toBe($was->expected_g === null ? null : (float) $was->expected_g)
            ->and(count($frozen->fills()))->toBe(count(json_decode($was->fills, true)))
            ->and(array_column($frozen->steps(), 'value'))->toBe(json_decode($was->steps, true))
            ->and($frozen->shared)->toBe((bool) $was->shared);
    }
    foreach (Lab::query()->get() as $lab) {
        expect($lab->frozen === null)->toBe($lab->state === LabState::Prepared, $lab->title);
    }
    foreach (RecipeVersion::query()->get() as $version) {
        $texts = array_column(json_decode($this->recipes[$version->id], true), 'text');
        expect(array_map(fn ($line): string => $line->text, $version->lines))->toBe($texts)
            ->and(array_unique(array_map(fn ($line): string => $line->id, $version->lines)))->toHaveCount(count($texts));
    }
});

it('goes on where it was: boards, sheets, a weigh-in, causes, the next lab', function () {
    $section = Section::query()->sole();
    [$crackers, $buns, $loaf] = Lab::query()->orderBy('id')->get()->all();
    $this->asTeacher($section->teacher);
    foreach ([$crackers, $buns] as $lab) {
        $this->getJson("/api/labs/$lab->id/board")->assertOk()->assertJsonCount(6, 'stations');
        $this->getJson("/api/labs/$lab->id/sheet")->assertOk();
        $this->getJson("/api/labs/$lab->id/period")->assertOk();
    }
    $this->getJson('/api/today')->assertOk()->assertJsonPath('sections.0.name', 'Foods 1, period 4');
    foreach (RecipeVersion::query()->get() as $version) {
        $this->getJson("/api/recipes/$version->recipe_id")->assertOk();
    }
    $hazel = Station::query()->where('name', 'Hazel')->sole();
    $this->asNobody()->asStation($hazel);
    $work = $this->getJson('/api/work')->assertOk()->assertJsonPath('lab.title', 'Cardamom oat buns');
    foreach (Weighing::query()->where('station_id', $hazel->id)->pluck('id') as $weighing) {
        $this->getJson("/api/weighings/$weighing")->assertOk();
        $this->getJson("/api/weighings/$weighing/causes")->assertOk();
    }
    $butter = collect($work->json('lines'))->firstWhere('name', 'Butter');
    $this->putJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V9', [
        'line_id' => $butter['id'], 'student_id' => $hazel->students->first()->id, 'scale_id' => $butter['best_scale'],
        'grams' => '43.0', 'ticked' => [],
    ])->assertCreated()->assertJsonPath('verdict', 'level');
    $this->asNobody()->asTeacher($section->teacher)->postJson("/api/labs/$buns->id/close")->assertNoContent();
    $this->postJson("/api/labs/$loaf->id/open")->assertNoContent();
});

it('lays pictures beside the database, with what was in them', function () {
    DB::statement('ALTER TABLE photos ADD jpeg MEDIUMBLOB NOT NULL');
    DB::statement('ALTER TABLE step_pictures ADD jpeg MEDIUMBLOB NOT NULL');
    $line = LabLine::query()->firstOrFail();
    $station = Station::query()->firstOrFail();
    DB::table('photos')->insert([
        'id' => '01JDF8Z9X3M5N7P9Q1R3S5T7P1', 'section_id' => $station->section_id, 'lab_line_id' => $line->id, 'station_id' => $station->id,
        'jpeg' => "\xFF\xD8 one",
    ]);
    $kitchen = $station->section->kitchen_id;
    DB::table('step_pictures')->insert(['kitchen_id' => $kitchen, 'step' => 'loosen', 'jpeg' => "\xFF\xD8 two"]);
    (require database_path('migrations/2026_11_29_000002_lay_pictures_beside.php'))->up();
    expect(PictureFiles::get(Photo::query()->sole()->path()))->toBe("\xFF\xD8 one")
        ->and(PictureFiles::get(PictureFiles::ofStep($kitchen, 'loosen')))->toBe("\xFF\xD8 two");
});

it('has one open lab a class by a column that is stored', function () {
    $column = DB::table('information_schema.columns')->whereRaw('table_schema = DATABASE()')->where('column_name', 'open_section_id')->value('extra');
    expect($column)->toBe('STORED GENERATED');
    $open = Lab::query()->where('state', LabState::Open)->sole();
    expect(fn () => DB::table('labs')->where('section_id', $open->section_id)->where('state', 'closed')->update(['state' => 'open', 'closed_at' => null]))
        ->toThrow(Illuminate\Database\QueryException::class, 'labs_open_section_id_unique');
});
