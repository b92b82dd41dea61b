<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'unix_socket' => env('DB_SOCKET', ''),
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'hovik'),
            'username' => env('DB_USERNAME', 'hovik'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'strict' => true,
            'timezone' => '+00:00',
            'options' => [PDO::ATTR_EMULATE_PREPARES => true], // one trip a query, not three; numbers stay numbers
        ],
    ],
    // A district's: sessions, what is remembered for a while, limits, locks.
    'redis' => [
        'client' => 'phpredis',
        'options' => ['prefix' => ''],
        'default' => [
            'host' => env('REDIS_HOST', '127.0.0.1'), 'port' => env('REDIS_PORT', '6379'), 'password' => env('REDIS_PASSWORD'),
            'database' => '0', 'timeout' => 1.0, 'read_timeout' => 2.0,
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
