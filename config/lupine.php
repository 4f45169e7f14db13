<?php

return [
    /** Largest request that carries a table or a piece, in bytes. */
    'request_bytes' => 4_000_000,
    /** Pieces up to this many frames are computed whole with every edit; longer ones around the playhead first. */
    'whole_reel_frames' => 1_200,
    'node' => env('LUPINE_NODE', 'node'),
    /** A running film that has not been heard of for so many seconds is taken to have lost its worker. */
    'film_silence_seconds' => 20,
];
