<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A tool that was checked with water is a certain one with a name; a scale is checked from empty to full. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('named_tools', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('catalogue_id', 60);
            $table->string('name', 60);
            $table->string('place', 40)->nullable(); // the station in whose set it lies; null: the shelf
            $table->boolean('is_retired')->default(false);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
        Schema::create('tool_checks', function (Blueprint $table): void {
            $table->char('id', 26)->primary();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('named_tool_id')->nullable()->constrained()->cascadeOnDelete(); // once it was accepted
            $table->string('catalogue_id', 60);
            $table->string('name', 60);
            $table->string('place', 40)->nullable();
            $table->string('mark', 40)->default(''); // the line it was filled to; none: its rim
            $table->json('measured'); // readings, temperature, scale: Calibration\VolumeCheck
            $table->json('faults')->default('[]'); // of its inspection
            $table->decimal('true_ml', 9, 3);
            $table->decimal('deviation_pct', 7, 3);
            $table->decimal('u_pct', 7, 3);
            $table->string('verdict', 24);
            $table->string('state', 12); // open, handed-in, accepted, refused
            $table->foreignId('teacher_id')->nullable()->constrained();
            $table->foreignId('student_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('lab_id')->nullable()->constrained()->nullOnDelete(); // the first lab of a term, in which tools are checked
            $table->foreignId('scale_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->timestamps();
            $table->index(['named_tool_id', 'state', 'day']);
            $table->index(['kitchen_id', 'state']);
        });
        Schema::create('scale_calibrations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scale_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->json('measured'); // known weights, repeats, corners: Calibration\ScaleCheck
            $table->decimal('bias_g', 8, 3);
            $table->decimal('span_pct', 8, 4);
            $table->decimal('u_g', 8, 4);
            $table->string('verdict', 24);
            $table->date('day');
            $table->timestamps();
        });
        Schema::table('scales', function (Blueprint $table): void {
            $table->decimal('span_pct', 8, 4)->default(0); // what it shows too much of what lies on it
            $table->string('checked_every', 8)->default('term'); // lab, term, year
        });
        Schema::table('labs', function (Blueprint $table): void {
            $table->string('kind', 8)->default('recipe'); // recipe; tools: the first lab of a term, in which the tools are checked
            $table->json('shares')->nullable(); // tools to check by station
        });
        DB::statement("ALTER TABLE labs ADD CONSTRAINT labs_kind CHECK (kind IN ('recipe', 'tools'))");
        DB::statement("ALTER TABLE tool_checks ADD CONSTRAINT tool_checks_sane CHECK (true_ml > 0 AND state IN ('open', 'handed-in', 'accepted', 'refused'))");
        DB::statement("ALTER TABLE scales ADD CONSTRAINT scales_checked_every CHECK (checked_every IN ('lab', 'term', 'year'))");
    }
};
