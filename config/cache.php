<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        // Of this machine's php-fpm alone: for what can never change.
        'memory' => ['driver' => env('MEMORY_STORE', 'apc'), 'events' => false], // nobody listens
        // One for all machines of a district.
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
        'array' => ['driver' => 'array', 'serialize' => false],
        'database' => [
            'driver' => 'database', 'table' => 'cache', 'connection' => null, 'lock_connection' => null, 'lock_table' => 'cache_locks',
        ],
    ],
    'prefix' => 'hovik:',
];
