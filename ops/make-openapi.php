<?php

declare(strict_types=1);

/*
 * Makes docs/openapi.json from the routes, requests and views as they are.
 *
 *   php ops/make-openapi.php [--check]
 */

use App\Http\Contract\Contract;
use Illuminate\Contracts\Console\Kernel;

$root = dirname(__DIR__);
require $root.'/vendor/autoload.php';
putenv("HOVIK_STATE=$root/var/contract"); // no installation's settings and caches
@mkdir("$root/var/contract/cache", recursive: true);
/** @var Illuminate\Foundation\Application $app */
$app = require $root.'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$json = $app->make(Contract::class)->toJson()."\n";
$file = $root.'/docs/openapi.json';
if (in_array('--check', $argv, true)) {
    if (! is_file($file) || file_get_contents($file) !== $json) {
        fwrite(STDERR, "docs/openapi.json is out of date. Run php ops/make-openapi.php && npm run api-types\n");
        exit(1);
    }
    exit(0);
}
file_put_contents($file, $json);
