<?php

return [
    'driver' => 'array',
    'lifetime' => 120,
    'cookie' => 'lupine',
    'path' => '/',
    'lottery' => [0, 100],
    'same_site' => 'strict',
];
