<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What happened first is what the server received first, whatever a clock says. What a student took back is told from what a teacher corrected. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['weighings', 'lab_events'] as $table) {
            // What is there already was received when it was made.
            DB::statement("ALTER TABLE $table ADD COLUMN received_at DATETIME(6) NOT NULL DEFAULT (created_at)");
            DB::statement("ALTER TABLE $table ALTER COLUMN received_at SET DEFAULT (UTC_TIMESTAMP(6))");
        }
    }
};
