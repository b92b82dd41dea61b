<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who is away today, and which lines the teacher gave to whom. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('students', function (Blueprint $table): void {
            $table->date('away_on')->nullable(); // the last day on which they were away
        });
        Schema::create('lab_turns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_line_id')->constrained('lab_lines')->cascadeOnDelete();
            $table->foreignId('station_id')->constrained('stations')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained('students')->cascadeOnDelete();
            $table->timestamps(3);
            $table->unique(['lab_line_id', 'station_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('lab_turns');
        Schema::table('students', fn (Blueprint $table) => $table->dropColumn('away_on'));
    }
};
