<?php

return [
    /** Largest request that carries a table or a piece, in bytes. */
    'request_bytes' => 4_000_000,
    /** Other names that Lupine answers under, with their ports: for those who serve it to others. */
    'hosts' => env('LUPINE_HOSTS', ''),
    /** Reels, proofs and pictures of the shelf that are kept so as not to be computed again, in bytes. */
    'kept_bytes' => 200_000_000,
    /** What a file with a table is given to be read: seconds of the processor, and megabytes of PHP's own memory. */
    'table_seconds' => 1.5,
    'table_megabytes' => 56,
    'node' => env('LUPINE_NODE', 'node'),
    /** So many may wait for a still at once; with fewer than bin/start's processes of the web, others are not kept. */
    'stills_at_once' => 8,
    /** So many films may wait to be made; each keeps its piece as it was. */
    'films_waiting' => 400,
    /** How often in a minute one machine may ask for what is costly: files to be read, recordings, films. */
    'costly_a_minute' => 240,
    /** A still that is not painted after so many seconds is given up. */
    'still_seconds' => 20,
    /** A worker that says nothing for so many seconds loses its film to another one. */
    'patience' => (int) env('LUPINE_PATIENCE', 30),
    /** Whether the database is here. Workers of other machines have none. */
    'is_desk' => env('LUPINE_ROLE', 'desk') === 'desk',
    /** What this machine is called where the workers are shown. */
    'machine' => env('LUPINE_MACHINE') ?: (gethostname() ?: 'this machine'),
    /** The fingerprint of the programs. */
    'build' => env('LUPINE_BUILD', ''),
    /** How often a film is begun before its failure is final. */
    'film_tries' => 3,
];
