<?php

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // A log that cannot be written, as on a full disk, must not be what an answer fails by.
        'kept' => ['driver' => 'stack', 'channels' => ['days'], 'ignore_exceptions' => true],
        'days' => [
            'driver' => 'daily',
            'path' => storage_path('logs/lupine.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
        ],
        'emergency' => ['path' => storage_path('logs/lupine.log')],
    ],
];
