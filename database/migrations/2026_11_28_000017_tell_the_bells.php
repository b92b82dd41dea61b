<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A school's bells by the day; a class's period among them; a lab's own hours. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schools', fn (Blueprint $table) => $table->json('calendar')->nullable()); // a SchoolCalendar
        Schema::table('sections', fn (Blueprint $table) => $table->string('period', 40)->nullable()); // null: its own hours, every day
        Schema::table('labs', function (Blueprint $table): void {
            $table->time('starts_at')->nullable(); // both or neither: this lab's own, whatever the bells say
            $table->time('ends_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('labs', fn (Blueprint $table) => $table->dropColumn(['starts_at', 'ends_at']));
        Schema::table('sections', fn (Blueprint $table) => $table->dropColumn('period'));
        Schema::table('schools', fn (Blueprint $table) => $table->dropColumn('calendar'));
    }
};
