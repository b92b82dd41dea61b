<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether a line is measured by tools and checked by weight, weighed out, or measured by tools alone. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lab_items', function (Blueprint $table): void {
            $table->string('way', 8)->default('checked');
        });
        DB::statement("ALTER TABLE lab_items ADD CONSTRAINT lab_items_way CHECK (way IN ('checked', 'weight', 'volume'))");
    }
};
