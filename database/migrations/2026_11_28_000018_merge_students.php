<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Somebody who stood in a class twice: what is only ever added stays with the row it came from, which says whose it is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('students', function (Blueprint $table): void {
            $table->foreignId('merged_into_id')->nullable()->constrained('students')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('students', fn (Blueprint $table) => $table->dropConstrainedForeignId('merged_into_id'));
    }
};
