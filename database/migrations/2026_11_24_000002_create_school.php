<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who and where: kitchens with their tools and scales, teachers, sections with stations and students. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kitchens', function (Blueprint $table): void {
            $table->id();
            $table->string('school', 120);
            $table->string('name', 80);
            $table->string('time_zone', 40);
            $table->timestamps();
        });
        Schema::create('teachers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->timestamps();
        });
        Schema::create('tools', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('catalogue_id', 60);
            $table->unsignedSmallInteger('count');
            $table->decimal('true_ml', 9, 3)->nullable();
            $table->timestamps();
            $table->unique(['kitchen_id', 'catalogue_id']);
        });
        Schema::create('scales', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->string('catalogue_id', 60);
            $table->decimal('calibration_g', 8, 4)->nullable();
            $table->date('checked_on')->nullable();
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
        Schema::create('sections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained();
            $table->foreignId('teacher_id')->constrained();
            $table->string('name', 80);
            $table->char('code', 6)->unique();
            $table->boolean('open_to_join')->default(true);
            $table->boolean('shows_target')->default(false);
            $table->string('standard', 20)->default('us_customary');
            $table->string('tolerance_level', 20)->default('practised');
            $table->json('methods');
            $table->time('starts_at');
            $table->time('ends_at');
            $table->timestamps();
        });
        Schema::create('stations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->unsignedTinyInteger('position');
            $table->char('code', 8)->unique();
            $table->timestamps();
            $table->unique(['section_id', 'name']);
        });
        Schema::create('students', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 60);
            $table->unsignedSmallInteger('roster_number');
            $table->string('pin')->nullable();
            $table->timestamps();
            $table->unique(['section_id', 'roster_number']);
        });
        DB::statement(
            "ALTER TABLE sections ADD CONSTRAINT sections_standard CHECK (standard IN ('us_customary', 'us_label_240', 'metric_250', 'au'))",
        );
        DB::statement(
            "ALTER TABLE sections ADD CONSTRAINT sections_level CHECK (tolerance_level IN ('getting-started', 'practised', 'exacting'))",
        );
        DB::statement('ALTER TABLE tools ADD CONSTRAINT tools_sane CHECK (count > 0 AND (true_ml IS NULL OR true_ml > 0))');
        DB::statement('ALTER TABLE scales ADD CONSTRAINT scales_sane CHECK (calibration_g IS NULL OR calibration_g >= 0)');
    }
};
