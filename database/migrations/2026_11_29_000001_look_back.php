<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Looking back over a term: what each weighing says of the hand, marks, notes for next year, a list of skills, and pictures. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('term_weighings', function (Blueprint $table): void {
            $table->id();
            $table->char('weighing_id', 26)->charset('ascii')->collation('ascii_bin')->unique();
            $table->foreign('weighing_id')->references('id')->on('weighings')->cascadeOnDelete();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_line_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained(); // who it is in truth: merged names are one
            $table->string('family', 40);
            $table->string('ingredient_id', 60);
            $table->unsignedSmallInteger('nth'); // of this student's tries of that line there
            $table->boolean('is_best');
            $table->string('verdict', 12);
            $table->string('bag', 60);
            $table->string('tool', 120)->nullable(); // none: its true size is known, or several made it
            // Core: Review\TermWeighing, before anything is taken off; and what bag and tool add.
            $table->double('share');
            $table->double('careful');
            $table->double('tolerance');
            $table->double('known')->default(1);
            $table->timestamp('weighed_at', 3);
            $table->index(['section_id', 'weighed_at']);
            $table->index(['section_id', 'bag', 'tool']);
        });
        Schema::create('kept_terms', function (Blueprint $table): void {
            $table->foreignId('section_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('heard'); // by lab: how much had happened in it when its rows were made
            $table->timestamps();
        });
        Schema::create('student_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('student_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('text', 1000);
            $table->timestamps();
        });
        Schema::create('recipe_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('lab', 120); // what it was called, when it is gone
            $table->date('day');
            $table->string('text', 2000);
            $table->timestamps();
            $table->unique(['recipe_id', 'lab_id']);
        });
        Schema::create('rubrics', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->json('rubric'); // Marks\Rubric
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
        Schema::table('labs', function (Blueprint $table): void {
            $table->json('rubric')->nullable(); // Marks\Rubric, as it was when the lab was given it
            $table->boolean('is_exam')->default(false);
            $table->timestamp('given_back_at')->nullable();
            $table->timestamp('read_at')->nullable(); // looked back on by its teacher
        });
        Schema::create('marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained();
            $table->json('told'); // Marks\Told: what the teacher said
            $table->json('sheet')->nullable(); // Marks\MarkSheet, as it was accepted; it never changes by itself
            $table->unsignedSmallInteger('score')->nullable();
            $table->foreignId('teacher_id')->nullable()->constrained();
            $table->timestamp('accepted_at')->nullable();
            $table->timestamps();
            $table->unique(['lab_id', 'student_id']);
        });
        Schema::create('competencies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('code', 20);
            $table->string('text', 200);
            $table->json('asks'); // Review\Competency: families and skills that show it
            $table->timestamps();
            $table->unique(['kitchen_id', 'code']);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->collation('ascii_bin')->primary(); // made on the device
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_line_id')->constrained()->cascadeOnDelete();
            $table->foreignId('station_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained();
            $table->timestamps();
            $table->index(['lab_line_id', 'station_id']);
        });
        Schema::create('step_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('step', 40);
            $table->timestamps();
            $table->unique(['kitchen_id', 'step']);
        });
        DB::statement('ALTER TABLE step_pictures ADD jpeg MEDIUMBLOB NOT NULL');
        DB::statement('ALTER TABLE photos ADD jpeg MEDIUMBLOB NOT NULL'); // small, without where and when it was taken
        Schema::table('schools', fn (Blueprint $table) => $table->boolean('photos')->default(false));
        Schema::table('students', fn (Blueprint $table) => $table->string('language', 5)->nullable());
        DB::statement('ALTER TABLE marks ADD CONSTRAINT marks_whole CHECK ((accepted_at IS NULL) = (sheet IS NULL))');
    }
};
