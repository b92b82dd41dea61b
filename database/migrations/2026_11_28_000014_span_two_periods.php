<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A lab may span two periods. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('labs', function (Blueprint $table): void {
            $table->json('later')->nullable(); // places of the lines that the second period measures; null: there is one period
            $table->dateTime('second_at')->nullable(); // when the second began
        });
    }

    public function down(): void
    {
        Schema::table('labs', fn (Blueprint $table) => $table->dropColumn(['later', 'second_at']));
    }
};
