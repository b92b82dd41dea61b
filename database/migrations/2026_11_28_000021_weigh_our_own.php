<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a kitchen's own food weighs is found by trials, by handling and by bag; one typed figure stays possible. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bags', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('ingredient_id', 60);
            $table->string('name', 60);
            $table->date('opened_on');
            $table->timestamps();
            $table->index(['kitchen_id', 'ingredient_id', 'opened_on']);
        });
        Schema::create('own_standards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('ingredient_id', 60);
            $table->string('handling', 40);
            $table->foreignId('bag_id')->nullable()->constrained()->nullOnDelete();
            $table->string('catalogue_id', 60); // of the tool that was filled
            $table->foreignId('named_tool_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('scale_id')->nullable()->constrained()->nullOnDelete();
            $table->json('trials'); // Standard\Trial, in the order in which they were weighed
            $table->string('packet_g', 12)->nullable(); // what the packet's serving comes to, g a cup, to compare with
            $table->timestamp('adopted_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['kitchen_id', 'ingredient_id']);
        });
        Schema::table('own_weights', function (Blueprint $table): void {
            $table->string('handling', 40)->default(''); // none: the food's usual one
            $table->foreignId('own_standard_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedSmallInteger('trials')->nullable(); // how many it is the mean of
            $table->double('relative_u')->nullable(); // standard uncertainty of that mean over it
            $table->unique(['kitchen_id', 'ingredient_id', 'handling']);
        });
        Schema::table('own_weights', fn (Blueprint $table) => $table->dropUnique(['kitchen_id', 'ingredient_id']));
        DB::statement('ALTER TABLE own_weights ADD CONSTRAINT own_weights_trials CHECK ((trials IS NULL) = (relative_u IS NULL))');
    }
};
