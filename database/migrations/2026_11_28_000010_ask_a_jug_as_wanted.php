<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which column of the jug a question of the whole class asks about, and where the eye begins. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('class_questions', function (Blueprint $table): void {
            $table->string('jug_column', 12)->nullable();
            $table->string('jug_eye', 8)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('class_questions', fn (Blueprint $table) => $table->dropColumn(['jug_column', 'jug_eye']));
    }
};
