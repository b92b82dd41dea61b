<?php

declare(strict_types=1);

/** What the account that the application runs with is refused, by MariaDB's number for it. Started by ops/twin.sh. */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$refused = [];
foreach ([
    'alter' => 'ALTER TABLE bakes ADD x INT', 'drop' => 'DROP TABLE bakes', 'trigger' => 'DROP TRIGGER weighings_stay',
    'create' => 'CREATE TABLE mine (id INT)', 'change the log' => "UPDATE log_entries SET who = 'x'", 'empty the log' => 'DELETE FROM log_entries',
] as $what => $statement) {
    try {
        DB::unprepared($statement);
        $refused[$what] = 0;
    } catch (QueryException $no) {
        $refused[$what] = $no->errorInfo[1] ?? null;
    }
}
echo json_encode($refused, JSON_THROW_ON_ERROR), "\n";
