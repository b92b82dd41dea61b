<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A student who was away makes a lab up later, alone: at a place of their own, which is in none of the class's lists. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stations', function (Blueprint $table): void {
            $table->foreignId('makes_up_lab_id')->nullable()->constrained('labs')->cascadeOnDelete();
            $table->foreignId('home_id')->nullable()->constrained('stations')->nullOnDelete(); // whose foods it measures, and the seat to go back to
        });
    }

    public function down(): void
    {
        Schema::table('stations', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('makes_up_lab_id');
            $table->dropConstrainedForeignId('home_id');
        });
    }
};
