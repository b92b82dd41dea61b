<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Foods a kitchen uses that the reference does not know. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_ingredients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained();
            $table->string('ingredient_id', 60); // own-teff-flour: the name is in it
            $table->string('family', 24);
            $table->decimal('grams', 8, 3); // of a US cup; of a piece where it is counted
            $table->json('allergens');
            $table->string('reason', 200);
            $table->timestamps();
            $table->unique(['kitchen_id', 'ingredient_id']);
        });
        DB::statement('ALTER TABLE own_ingredients ADD CONSTRAINT own_ingredients_sane CHECK (grams > 0)');
    }
};
