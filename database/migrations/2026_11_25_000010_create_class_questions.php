<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A question that a teacher asks a whole class at once, on their devices; answers to it are practice like any other. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('class_questions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->string('skill', 24);
            $table->unsignedTinyInteger('level');
            $table->unsignedInteger('seed');
            $table->dateTime('shown_at', 3)->nullable(); // the answer: nobody answers after that
            $table->dateTime('ended_at', 3)->nullable(); // taken off the devices
            $table->dateTime('created_at', 3);
        });
        DB::statement('ALTER TABLE class_questions ADD CONSTRAINT class_question_level CHECK (level BETWEEN 1 AND 3)');
        Schema::table('practice_answers', function (Blueprint $table): void {
            $table->foreignId('class_question_id')->nullable()->after('student_id')->constrained()->nullOnDelete();
            $table->unique(['student_id', 'class_question_id']);
        });
    }
};
