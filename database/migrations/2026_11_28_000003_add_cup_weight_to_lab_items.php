<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lab_items', function (Blueprint $table): void {
            $table->decimal('g_per_us_cup', 8, 4)->nullable(); // the recipe's own weight; null for the kitchen's
        });
    }

    public function down(): void
    {
        Schema::table('lab_items', function (Blueprint $table): void {
            $table->dropColumn('g_per_us_cup');
        });
    }
};
