<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A kitchen's recipes, versioned; and what a lab made from one remembers. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('title', 120);
            $table->dateTime('archived_at')->nullable();
            $table->timestamps();
            $table->index(['kitchen_id', 'archived_at']);
        });
        Schema::create('recipe_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->string('makes', 60)->nullable();
            $table->string('note', 200)->nullable(); // what changed, and why
            $table->json('lines'); // as written, each with what the teacher settled
            $table->json('directions');
            $table->dateTime('created_at');
            $table->unique(['recipe_id', 'number']);
        });
        Schema::table('labs', function (Blueprint $table): void {
            $table->foreignId('recipe_version_id')->nullable()->after('section_id')->constrained();
            $table->string('factor', 40)->default('1');
            $table->unsignedSmallInteger('retry_pct')->default(25);
            $table->dateTime('archived_at')->nullable();
        });
        Schema::table('lab_items', function (Blueprint $table): void {
            $table->string('amount', 60)->change(); // exact: scaled fractions can be long
            $table->string('text', 300)->nullable();
            $table->string('method', 24)->nullable(); // the recipe's own words
            $table->decimal('tolerance_pct', 7, 3)->nullable(); // the teacher's, instead of the usual
        });
        Schema::table('lab_lines', function (Blueprint $table): void {
            $table->string('amount', 60)->change();
        });
        DB::statement(
            'ALTER TABLE lab_items ADD CONSTRAINT lab_items_tolerance CHECK (tolerance_pct IS NULL OR (tolerance_pct > 0 AND tolerance_pct <= 100))',
        );
        DB::statement('ALTER TABLE labs ADD CONSTRAINT labs_retry CHECK (retry_pct <= 200)');
    }
};
