<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/hovik.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14],
        'emergency' => ['path' => storage_path('logs/hovik.log')],
    ],
];
