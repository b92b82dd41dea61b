<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The lab day: what happens at stations besides weighing, shared supplies, pauses, and more that is known of a weighing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lab_items', fn (Blueprint $table) => $table->boolean('shared')->default(false)); // stands on the common shelf
        Schema::table('lab_lines', fn (Blueprint $table) => $table->boolean('shared')->default(false));
        Schema::table('labs', function (Blueprint $table): void {
            $table->dateTime('paused_at')->nullable();
            $table->json('blocks')->nullable(); // s of the fixed blocks of its period, where they are not the usual ones
            $table->json('orders')->nullable(); // lines in the order planned for each station, as frozen when it was opened
        });
        Schema::table('sections', fn (Blueprint $table) => $table->boolean('asks_prediction')->default(false));
        Schema::create('lab_events', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary(); // ULID made on the device
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_line_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 16);
            $table->json('detail');
            $table->dateTime('created_at', 3);
            $table->index(['lab_id', 'created_at']);
        });
        Schema::table('weighings', function (Blueprint $table): void {
            $table->string('source', 8)->default('typed'); // or read from a scale, from the simulated one, or from paper
            $table->boolean('scale_checked')->default(true); // against a known weight, on the day
            $table->string('predicted', 8)->nullable(); // what the student expected
            $table->unsignedTinyInteger('together')->default(1); // so many measures as one weighing
            $table->decimal('full_g', 9, 3)->nullable(); // weighed by difference
            $table->decimal('empty_g', 9, 3)->nullable();
            $table->char('corrects_id', 26)->charset('ascii')->collation('ascii_bin')
                ->nullable()->unique(); // a wrong entry, kept and struck through
            $table->foreign('corrects_id')->references('id')->on('weighings')->cascadeOnDelete();
        });
        Schema::create('scale_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scale_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            $table->decimal('nominal_g', 9, 3);
            $table->decimal('reading_g', 9, 3);
            $table->boolean('passed');
            $table->date('day'); // in the school's time zone
            $table->dateTime('created_at', 3);
            $table->index(['scale_id', 'day']);
        });
        DB::statement(
            "ALTER TABLE weighings ADD CONSTRAINT weighings_kinds CHECK (source IN ('typed', 'scale', 'practice', 'paper') AND together BETWEEN 1 AND 12 AND (predicted IS NULL OR predicted IN ('level', 'heaped', 'shy')) AND (full_g IS NULL) = (empty_g IS NULL))",
        );
        DB::unprepared(
            "CREATE TRIGGER lab_events_stay BEFORE UPDATE ON lab_events FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'lab events are only ever added'",
        );
    }
};
