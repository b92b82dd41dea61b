<?php

declare(strict_types=1);

/*
 * Makes docs/openapi.json from the attributes on controllers and resources.
 *
 *   php ops/make-openapi.php [--check]
 */

use OpenApi\Generator;

require dirname(__DIR__).'/vendor/autoload.php';

$openapi = Generator::scan([dirname(__DIR__).'/app/Http'], ['version' => '3.1.0']) ?? exit(1);
$json = $openapi->toJson()."\n";
$file = dirname(__DIR__).'/docs/openapi.json';
if (in_array('--check', $argv, true)) {
    if (! is_file($file) || file_get_contents($file) !== $json) {
        fwrite(STDERR, "docs/openapi.json is out of date. Run php ops/make-openapi.php && npm run api-types\n");
        exit(1);
    }
    exit(0);
}
if (! is_dir(dirname($file))) {
    mkdir(dirname($file));
}
file_put_contents($file, $json);
