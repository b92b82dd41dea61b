<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Labs, what they ask for, the lines frozen when they open, and the weighings, which are only ever added. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('labs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->string('title', 80);
            $table->string('state', 10)->default('prepared');
            $table->date('planned_for');
            $table->dateTime('opened_at')->nullable();
            $table->dateTime('closed_at')->nullable();
            // One open lab a section: unique where not null. Stored, not virtual: see 2026_11_29_000003.
            $table->unsignedBigInteger('open_section_id')->nullable()->storedAs("IF(state = 'open', section_id, NULL)")->unique();
            $table->timestamps();
            $table->index(['section_id', 'closed_at']);
        });
        Schema::create('lab_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('ingredient_id', 60);
            $table->string('amount', 20);
            $table->string('unit', 20);
            $table->string('strictness', 12)->default('structural');
            $table->timestamps();
            $table->unique(['lab_id', 'position']);
        });
        Schema::create('lab_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('ingredient_id', 60);
            $table->string('family', 24);
            $table->string('amount', 20);
            $table->string('unit', 20);
            $table->string('standard', 20);
            $table->string('strictness', 12);
            $table->string('method', 24)->nullable();
            $table->string('handling', 24);
            $table->decimal('target_g', 10, 4);
            $table->decimal('tolerance_pct', 7, 3);
            $table->decimal('tolerance_floor_g', 8, 4);
            $table->decimal('expected_g', 10, 4)->nullable();
            $table->decimal('spread_g', 10, 4)->nullable();
            $table->json('measure'); // the amount as a cook measures it: 1/6 cup is 2 tbsp + 2 tsp
            $table->json('fills');
            $table->json('steps');
            $table->json('watch')->nullable();
            $table->json('cautions');
            $table->json('working');
            $table->json('why_tools')->nullable();
            $table->string('source', 80)->nullable();
            $table->string('confidence', 8);
            $table->timestamps();
            $table->unique(['lab_id', 'position']);
        });
        Schema::create('weighings', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary(); // ULID made on the device
            $table->foreignId('lab_line_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->foreignId('scale_id')->constrained();
            $table->unsignedSmallInteger('attempt');
            $table->decimal('grams', 9, 3);
            $table->decimal('readability_g', 8, 4);
            $table->decimal('calibration_g', 8, 4)->nullable();
            $table->string('verdict', 10);
            $table->decimal('error_g', 10, 4);
            $table->decimal('error_pct', 10, 4);
            $table->decimal('scale_u_g', 9, 4);
            $table->json('ticked');
            $table->dateTime('created_at', 3);
            $table->unique(['lab_line_id', 'station_id', 'attempt']);
            $table->index('created_at');
        });
        DB::statement(
            "ALTER TABLE labs ADD CONSTRAINT labs_state CHECK (state IN ('prepared', 'open', 'closed') AND (state = 'prepared' OR opened_at IS NOT NULL) AND (state <> 'closed' OR closed_at IS NOT NULL))",
        );
        DB::statement("ALTER TABLE lab_items ADD CONSTRAINT lab_items_strictness CHECK (strictness IN ('structural', 'flavour', 'free'))");
        DB::statement(
            "ALTER TABLE lab_lines ADD CONSTRAINT lab_lines_sane CHECK (target_g > 0 AND tolerance_pct > 0 AND tolerance_floor_g >= 0 AND strictness IN ('structural', 'flavour', 'free'))",
        );
        DB::statement(
            "ALTER TABLE weighings ADD CONSTRAINT weighings_sane CHECK (grams > 0 AND attempt > 0 AND readability_g > 0 AND scale_u_g >= 0 AND verdict IN ('level', 'heaped', 'shy', 'too-close'))",
        );
        // Append-only, whoever asks: a correction will be a new row.
        DB::unprepared(
            "CREATE TRIGGER weighings_stay BEFORE UPDATE ON weighings FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'weighings are only ever added'",
        );
    }
};
