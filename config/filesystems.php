<?php

declare(strict_types=1);

return [
    'default' => 'pictures',
    'disks' => [
        // Pictures of what was measured, and teachers' own of steps. A district's machines share the folder; or an object store, by its
        // driver and Laravel's package for it.
        'pictures' => [
            'driver' => env('HOVIK_PICTURES_DRIVER', 'local'),
            'root' => env('HOVIK_PICTURES', storage_path('app/pictures')),
            'throw' => true,
            'permissions' => ['file' => ['private' => 0640], 'dir' => ['private' => 0750]],
            'visibility' => 'private',
            'directory_visibility' => 'private',
            // Of an object store alone.
            'key' => env('HOVIK_PICTURES_KEY'), 'secret' => env('HOVIK_PICTURES_SECRET'), 'region' => env('HOVIK_PICTURES_REGION'),
            'bucket' => env('HOVIK_PICTURES_BUCKET'), 'endpoint' => env('HOVIK_PICTURES_ENDPOINT'),
            'use_path_style_endpoint' => true,
        ],
    ],
];
