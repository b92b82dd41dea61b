<?php

declare(strict_types=1);

return [
    /** The socket nginx takes live facts on; empty: nothing is published, and pages poll. */
    'live_socket' => env('HOVIK_LIVE_SOCKET', ''),

    /** Only `bin/hovik bench` turns this on: the bare route the others are measured against. */
    'bench' => (bool) env('HOVIK_BENCH', false),

    /** Shows the kit page: development and tests. */
    'kit' => (bool) env('HOVIK_KIT', false),
];
