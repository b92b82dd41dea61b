<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a student answered in practice. The question itself is made again from its skill, seed and level. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('turn'); // their first question, their second ...: sent twice is stored once
            $table->string('skill', 24);
            $table->string('family', 24)->nullable();
            $table->unsignedTinyInteger('level');
            $table->unsignedInteger('seed');
            $table->json('answer');
            $table->boolean('is_right');
            $table->string('misconception', 24)->nullable();
            $table->date('day'); // in the school's time zone
            $table->dateTime('created_at', 3);
            $table->unique(['student_id', 'turn']);
        });
        DB::statement('ALTER TABLE practice_answers ADD CONSTRAINT practice_level CHECK (level BETWEEN 1 AND 3)');
    }
};
