<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a weighing was said to come from, what the student guessed, how a bake came out; a station's bowl. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sections', function (Blueprint $table): void {
            $table->boolean('asks_guess')->default(false); // the student names a cause before the ranking is shown
        });
        Schema::table('stations', function (Blueprint $table): void {
            $table->decimal('bowl_g', 7, 2)->nullable(); // what its bowl weighs: makes 'not tared' sharp
        });
        // Kept as it was said: a better model later must not change what somebody was told.
        Schema::create('diagnoses', function (Blueprint $table): void {
            $table->char('weighing_id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->foreign('weighing_id')->references('id')->on('weighings')->cascadeOnDelete();
            $table->string('cause', 24)->nullable(); // the likeliest; null: no usual slip explains it
            $table->json('causes');
            $table->dateTime('created_at', 3);
        });
        Schema::create('guesses', function (Blueprint $table): void {
            $table->char('weighing_id', 26)->charset('ascii')->collation('ascii_bin')->primary();
            $table->foreign('weighing_id')->references('id')->on('weighings')->cascadeOnDelete();
            $table->string('cause', 24);
            $table->dateTime('created_at', 3);
        });
        Schema::create('bakes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->constrained()->cascadeOnDelete();
            $table->string('fault', 24);
            $table->dateTime('created_at', 3);
            $table->unique(['lab_id', 'station_id', 'fault']);
        });
        DB::statement('ALTER TABLE stations ADD CONSTRAINT stations_bowl CHECK (bowl_g IS NULL OR (bowl_g > 0 AND bowl_g < 20000))');
    }
};
