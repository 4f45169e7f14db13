<?php

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'throw' => true],
        // Where finished films go: the local disk, or an S3-style one where rendering is spread over machines.
        'hand-offs' => [
            'driver' => env('HAND_OFF_DRIVER', 'local'),
            'root' => storage_path('app/hand-offs'),
            'throw' => true,
        ],
    ],
];
