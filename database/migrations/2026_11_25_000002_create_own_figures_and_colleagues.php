<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A kitchen's own weights instead of the reference's, where its tools are kept, and who helps with a class. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_weights', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('ingredient_id', 60);
            $table->decimal('g_per_us_cup', 8, 3)->nullable();
            $table->decimal('g_per_piece', 8, 3)->nullable();
            $table->string('reason', 200);
            $table->timestamps();
            $table->unique(['kitchen_id', 'ingredient_id']);
        });
        Schema::create('colleagues', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('section_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('role', 12);
            $table->timestamps();
            $table->unique(['section_id', 'teacher_id']);
        });
        Schema::table('tools', function (Blueprint $table): void {
            $table->string('place', 40)->nullable(); // 'shared shelf', 'kit A'
        });
        DB::statement(
            'ALTER TABLE own_weights ADD CONSTRAINT own_weights_sane CHECK ((g_per_us_cup IS NULL OR g_per_us_cup > 0) AND (g_per_piece IS NULL OR g_per_piece > 0) AND (g_per_us_cup IS NOT NULL OR g_per_piece IS NOT NULL))',
        );
        DB::statement("ALTER TABLE colleagues ADD CONSTRAINT colleagues_role CHECK (role IN ('co-teacher', 'aide'))");
    }
};
