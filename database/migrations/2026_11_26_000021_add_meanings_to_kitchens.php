<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->json('meanings')->nullable(); // which food a word that stands for several means here: 'salt' => 'table-salt'
        });
    }

    public function down(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->dropColumn('meanings');
        });
    }
};
