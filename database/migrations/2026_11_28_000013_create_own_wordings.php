<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a kitchen says in words of its own: steps, reasons, notes, cautions. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_wordings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained('kitchens')->cascadeOnDelete();
            $table->string('language', 2);
            $table->string('phrase', 120);
            $table->string('text', 240);
            $table->timestamps(3);
            $table->unique(['kitchen_id', 'language', 'phrase']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_wordings');
    }
};
