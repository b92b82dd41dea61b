<?php

declare(strict_types=1);

/**
 * Schools for browser tests: for each line that is read the demo's school is made once more, with doors of its own, and told in a
 * line of JSON (the shape `School` of school.ts). A line `practised` gives it four weeks of practice, too. Started by ops/twin.sh.
 */

use App\Models\Station;
use Database\Seeders\TarnValley;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\DeadlockException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
set_exception_handler(static function (Throwable $fault): never { // its place is not where schools are told
    fwrite(STDERR, (string) $fault);
    exit(1);
});
// Two of these, and the tests beside them, work at once: none waits for rows that are not there yet.
DB::statement('SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED');
config(['hashing.bcrypt.rounds' => 4]); // nobody guesses here

$mark = static function (): string {
    $letters = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

    return $letters[random_int(0, 29)].$letters[random_int(0, 29)].$letters[random_int(0, 29)];
};
while (($line = fgets(STDIN)) !== false) {
    $section = null;
    for ($tries = 1; $section === null; $tries++) {
        try {
            $section = (new TarnValley($mark(), hasPractised: trim($line) === 'practised', hasTerm: false))->make();
        } catch (QueryException|DeadlockException $refused) {
            // That mark is taken, or others held the rows for too long: another one.
            $tries < 10 ?: throw $refused;
        }
    }
    $labs = $section->labs()->reorder('id')->pluck('id');
    echo json_encode([
        'email' => $section->teacher->email, 'password' => TarnValley::PASSWORD, 'classCode' => $section->code, 'pin' => TarnValley::PIN,
        'stations' => $section->stations->mapWithKeys(fn (Station $station): array => [$station->name => $station->code]),
        'labs' => ['crackers' => $labs[0], 'buns' => $labs[1], 'loaf' => $labs[2]],
    ], JSON_THROW_ON_ERROR), "\n";
}
