<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** For `bin/hovik bench backup`: three weighings of each line at each station, by one statement. */
final class BenchWeighings extends Seeder
{
    public function run(): void
    {
        $judgement = json_encode(['verdict' => 'level'], JSON_THROW_ON_ERROR);
        DB::statement(<<<'SQL'
            INSERT INTO weighings (id, lab_line_id, station_id, student_id, scale_id, attempt, grams, readability_g, verdict, error_g, error_pct,
                scale_u_g, ticked, created_at, judgement)
            SELECT CONCAT('01BENCH', LPAD(ROW_NUMBER() OVER (ORDER BY line.id, station.id, n.attempt), 19, '0')), line.id, station.id,
                (SELECT MIN(student.id) FROM students AS student WHERE student.station_id = station.id),
                (SELECT MIN(scale.id) FROM scales AS scale WHERE scale.kitchen_id = section.kitchen_id), n.attempt,
                100 + n.attempt + line.id MOD 50, 1, 'level', 1, 1, 1, '[]', NOW(3), ?
            FROM lab_lines AS line
            JOIN labs AS lab ON lab.id = line.lab_id
            JOIN sections AS section ON section.id = lab.section_id
            JOIN stations AS station ON station.section_id = section.id
            JOIN (SELECT 1 AS attempt UNION SELECT 2 UNION SELECT 3) AS n
            WHERE line.target_g IS NOT NULL
            SQL, [$judgement]);
    }
}
