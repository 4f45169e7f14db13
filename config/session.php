<?php

// Used only where Lupine answers under other names than this machine’s own (docs/server.md).
return [
    'driver' => 'file',
    /** Minutes after which one who does nothing signs in again. */
    'lifetime' => (int) env('LUPINE_SESSION_MINUTES', 720),
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'lupine',
    'path' => '/',
    'domain' => null,
    'http_only' => true,
    // A link to the desk opens it; every write says where it comes from besides (OwnPagesOnly).
    'same_site' => 'lax',
];
