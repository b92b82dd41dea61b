<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a kitchen buys its foods, what it has of them, and what they cost. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('food_packs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained('kitchens')->cascadeOnDelete();
            $table->string('ingredient_id', 60);
            $table->string('size', 20);
            $table->string('unit', 20);
            $table->string('stock', 20)->default('0'); // in the same unit
            $table->string('price', 20)->nullable(); // of a pack, in the school's money
            $table->timestamps(3);
            $table->unique(['kitchen_id', 'ingredient_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('food_packs');
    }
};
