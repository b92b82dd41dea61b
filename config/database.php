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
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
