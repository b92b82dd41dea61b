<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Food that stays in its cups is weighed cup by cup, and each fill or egg is answered: one cup weighed full and empty is carried over. */
return new class extends Migration
{
    private const KINDS = "source IN ('typed', 'scale', 'practice', 'paper') AND together BETWEEN 1 AND 12"
        ." AND (predicted IS NULL OR predicted IN ('level', 'heaped', 'shy'))";

    public function up(): void
    {
        Schema::table('weighings', function (Blueprint $table): void {
            $table->json('cups')->default('[]'); // weighed with the food in them
            $table->unsignedTinyInteger('left_out')->nullable(); // fills or pieces said not done
        });
        DB::unprepared('DROP TRIGGER weighings_stay');
        DB::statement("UPDATE weighings SET cups = CONCAT('[{\"full_g\":', full_g, ',\"empty_g\":', empty_g, '}]') WHERE full_g IS NOT NULL");
        DB::unprepared(
            "CREATE TRIGGER weighings_stay BEFORE UPDATE ON weighings FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'weighings are only ever added'",
        );
        DB::statement('ALTER TABLE weighings DROP CONSTRAINT weighings_kinds');
        Schema::table('weighings', fn (Blueprint $table) => $table->dropColumn(['full_g', 'empty_g']));
        DB::statement('ALTER TABLE weighings ADD CONSTRAINT weighings_kinds CHECK ('.self::KINDS.')');
    }
};
