<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Practice set by a teacher, safety points among what is practised, and the checks a station makes before and after. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practice_answers', function (Blueprint $table): void {
            $table->renameColumn('family', 'about'); // a family of food, or a safety point
        });
        Schema::create('practice_tasks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->cascadeOnDelete(); // null: the whole class
            $table->json('aims'); // skills and safety points by id
            $table->date('due_on'); // in the school's time zone
            $table->timestamps();
        });
        Schema::create('station_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->nullOnDelete(); // who ticked it, where the tablet knew
            $table->string('kind', 10);
            $table->json('ticked');
            $table->dateTime('created_at', 3);
            $table->unique(['lab_id', 'station_id', 'kind']);
        });
        DB::statement("ALTER TABLE station_checks ADD CONSTRAINT station_checks_kind CHECK (kind IN ('set-up', 'clean-up'))");
    }
};
