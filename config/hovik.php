<?php

declare(strict_types=1);

return [
    /** Of the application and its API; CHANGELOG.md says what each holds. */
    'version' => '0.10.0',

    /** What is served: tablets that hold an older front end learn of it by this. */
    'build' => is_file(public_path('build/.hovik-stamp')) ? trim((string) file_get_contents(public_path('build/.hovik-stamp'))) : 'none',

    /** The demo school: anybody knows its passwords, and every door says so. */
    'demo' => (bool) env('HOVIK_DEMO', false),

    /** Where a tablet that does not trust the school's certificate yet learns to: the plain port; empty: there is none. */
    'door' => (string) env('HOVIK_DOOR', ''),

    /** Addresses of proxies before this machine whose word on who asks is believed; empty: nobody's. */
    'trusted_proxies' => (string) env('HOVIK_TRUSTED_PROXIES', ''),

    /** Below this many bytes of free disk nothing is stored any more. */
    'least_free_bytes' => (int) env('HOVIK_LEAST_FREE_MB', 64) << 20,

    /** Whether stations offer the simulated scale: for trying things; what it weighs is marked. HOVIK_SIMULATED_SCALE=false in a school. */
    'simulated_scale' => env('HOVIK_SIMULATED_SCALE', true),

    /** The socket nginx takes live facts on; empty: nothing is published, and pages poll. */
    'live_socket' => env('HOVIK_LIVE_SOCKET', ''),

    /** The socket on which the teller takes what happened at stations; empty: there is none, and each request tells of its own. */
    'teller_socket' => env('HOVIK_TELLER_SOCKET', ''),

    /** Which of a district's machines this is; empty: there is one machine, and it is this one. */
    'node' => (string) env('HOVIK_NODE', ''),

    /** Who was erased: kept outside the database, so that a restore does not bring them back. Machines of a district share it. */
    'erased' => (string) env('HOVIK_ERASED', storage_path('erased')),

    /** Only `bin/hovik bench` turns this on: the bare route the others are measured against. */
    'bench' => (bool) env('HOVIK_BENCH', false),

    /** No limit at the doors: benches and browser tests sign in hundreds from one address. */
    'wide_doors' => (bool) env('HOVIK_WIDE_DOORS', false),

    /** Shows the kit page: development and tests. */
    'kit' => (bool) env('HOVIK_KIT', false),
];
