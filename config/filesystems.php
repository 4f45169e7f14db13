<?php

// Where finished films go, and what workers of other machines need: a folder, or “s3://bucket/folder” for anything
// that speaks S3. Its address and its keys are told by the names that the AWS SDK knows: AWS_ENDPOINT_URL,
// AWS_ACCESS_KEY_ID, AWS_SECRET_ACCESS_KEY, AWS_REGION.
$shared = (string) env('LUPINE_DISK', '');
$bucket = str_starts_with($shared, 's3://') ? explode('/', substr($shared, 5), 2) : null;

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'throw' => true],
        'hand-offs' => $bucket === null
            ? [
                'driver' => 'local',
                'root' => $shared === '' ? storage_path('app/hand-offs') : $shared,
                'throw' => true,
            ]
            : [
                'driver' => 's3',
                'bucket' => $bucket[0],
                'root' => $bucket[1] ?? '',
                'region' => env('AWS_REGION', 'us-east-1'),
                'endpoint' => env('AWS_ENDPOINT_URL'),
                'use_path_style_endpoint' => env('AWS_ENDPOINT_URL') !== null,
                // Not all that speak S3 know the newer checksums; films are compared by fingerprints of their own.
                'request_checksum_calculation' => 'when_required',
                'response_checksum_validation' => 'when_required',
                'throw' => true,
            ],
    ],
];
