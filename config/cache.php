<?php

return [
    // What workers of other machines tell the desk has to stand where both can read it.
    'default' => env('CACHE_STORE', env('QUEUE_CONNECTION') === 'redis' ? 'redis' : 'file'),
    'stores' => [
        'array' => ['driver' => 'array'],
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data'),
            'lock_path' => storage_path('framework/cache/data'),
        ],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
    ],
    'prefix' => 'lupine',
];
