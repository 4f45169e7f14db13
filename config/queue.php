<?php

// A job whose worker says nothing for so long goes to another one; one that is at work says so every two seconds.
$patience = (int) env('LUPINE_PATIENCE', 30);

return [
    // “redis” where films are made on several machines.
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => $patience,
            'after_commit' => true,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'default',
            'retry_after' => $patience,
            'block_for' => null,
            'after_commit' => true,
        ],
        // What is done where the database is, however long it takes: a lock tells whether it is still being done.
        'desk' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'listening',
            'retry_after' => 86_400,
            'after_commit' => true,
        ],
    ],
    'failed' => [
        'driver' => env('QUEUE_FAILED_DRIVER', 'database-uuids'),
        'database' => 'sqlite',
        'table' => 'failed_jobs',
    ],
];
