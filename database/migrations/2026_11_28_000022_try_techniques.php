<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A class tries two ways or more of the same food; and what is found of who makes the miss is kept when a lab closes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('experiments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->string('title', 80);
            $table->string('ingredient_id', 60);
            $table->string('catalogue_id', 60); // the tool that is filled
            $table->json('arms'); // Standard\Arm: what is compared
            $table->boolean('by_all'); // every student does each; else each does one
            $table->json('dealt')->default('[]'); // order of the arms by student, dealt out by chance
            $table->string('state', 8); // prepared, open, shown
            $table->timestamps();
        });
        Schema::create('experiment_weighings', function (Blueprint $table): void {
            $table->char('id', 26)->primary();
            $table->foreignId('experiment_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained();
            $table->string('arm', 20);
            $table->decimal('grams', 9, 3);
            $table->foreignId('scale_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['experiment_id', 'student_id', 'arm']);
        });
        Schema::create('kept_misses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_id')->nullable()->constrained()->cascadeOnDelete(); // none: the whole term
            $table->string('ingredient_id', 60)->default(''); // none: all foods
            $table->json('found'); // Components\FoundMisses
            $table->timestamps();
            $table->unique(['section_id', 'lab_id', 'ingredient_id']);
        });
        DB::statement('ALTER TABLE experiment_weighings ADD CONSTRAINT experiment_weighings_sane CHECK (grams > 0)');
        DB::statement("ALTER TABLE experiments ADD CONSTRAINT experiments_state CHECK (state IN ('prepared', 'open', 'shown'))");
    }
};
