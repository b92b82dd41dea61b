<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'hashed-database'), // a district's: hashed-cache
    'lifetime' => 240, // minutes of nothing; Door ends those that go on and on
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'hovik_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false), // loopback is plain HTTP
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
