<?php

declare(strict_types=1);

return [
    /** Of the application and its API; CHANGELOG.md says what each holds. */
    'version' => '0.10.0',

    /** Whether stations offer the simulated scale: for trying things; what it weighs is marked. HOVIK_SIMULATED_SCALE=false in a school. */
    'simulated_scale' => env('HOVIK_SIMULATED_SCALE', true),

    /** The socket nginx takes live facts on; empty: nothing is published, and pages poll. */
    'live_socket' => env('HOVIK_LIVE_SOCKET', ''),

    /** Only `bin/hovik bench` turns this on: the bare route the others are measured against. */
    'bench' => (bool) env('HOVIK_BENCH', false),

    /** No limit at the doors: benches and browser tests sign in hundreds from one address. */
    'wide_doors' => (bool) env('HOVIK_WIDE_DOORS', false),

    /** Shows the kit page: development and tests. */
    'kit' => (bool) env('HOVIK_KIT', false),
];
