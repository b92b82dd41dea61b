<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /**
     * `One open lab a class` stands on a column that is stored, no longer on a virtual one: in a cluster MariaDB 10.11 may clear up after
     * an indexed virtual column for ever, and takes all memory doing so. Installations made since have it so from the start.
     */
    public function up(): void
    {
        $virtual = DB::table('information_schema.columns')->whereRaw('table_schema = DATABASE()')->where('table_name', 'labs')
            ->where('column_name', 'open_section_id')->where('extra', 'like', 'VIRTUAL%')->exists();
        if ($virtual) {
            DB::statement('ALTER TABLE labs DROP COLUMN open_section_id');
            DB::statement(
                "ALTER TABLE labs ADD open_section_id BIGINT UNSIGNED AS (IF(state = 'open', section_id, NULL)) STORED AFTER closed_at",
            );
            DB::statement('ALTER TABLE labs ADD UNIQUE labs_open_section_id_unique (open_section_id)');
        }
    }
};
