<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    // Made where it is missing, also by commands that are run before the first start.
    'compiled' => storage_path('framework/views'),
];
