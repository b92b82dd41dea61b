<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What one station measures instead of a line, or leaves out. Why is nobody's business: no reason is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lab_swaps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_item_id')->constrained('lab_items')->cascadeOnDelete();
            $table->foreignId('station_id')->constrained('stations')->cascadeOnDelete();
            $table->string('text', 200)->nullable(); // null: left out
            $table->string('ingredient_id', 60)->nullable();
            $table->string('amount', 40)->nullable();
            $table->string('unit', 20)->nullable();
            $table->string('method', 40)->nullable();
            $table->timestamps(3);
            $table->unique(['lab_item_id', 'station_id']);
        });
        Schema::table('lab_lines', function (Blueprint $table): void {
            $table->json('stations')->nullable(); // by id; null: all of them
            $table->unsignedSmallInteger('position')->change(); // what stands for a line comes after it, by a thousand
        });
    }

    public function down(): void
    {
        Schema::table('lab_lines', fn (Blueprint $table) => $table->dropColumn('stations'));
        Schema::dropIfExists('lab_swaps');
    }
};
