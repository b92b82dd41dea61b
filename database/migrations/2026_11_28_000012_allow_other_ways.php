<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Other ways that a teacher allows a student, and the one by which something was measured. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('students', function (Blueprint $table): void {
            $table->json('ways')->default('[]'); // no reason is kept, here or anywhere
        });
        Schema::table('weighings', function (Blueprint $table): void {
            $table->string('way', 20)->nullable(); // null: the usual one
            $table->boolean('weighed_out')->nullable(); // null: from before it was noted
        });
    }

    public function down(): void
    {
        Schema::table('weighings', fn (Blueprint $table) => $table->dropColumn(['way', 'weighed_out']));
        Schema::table('students', fn (Blueprint $table) => $table->dropColumn('ways'));
    }
};
