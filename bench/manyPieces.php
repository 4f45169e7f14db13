<?php

declare(strict_types=1);

// manyPieces.php COUNT, with LUPINE_DATA: puts so many small pieces on the shelf of a data folder.

use App\Models\Piece;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$document = json_decode((string) file_get_contents(__DIR__.'/../demo/mended-or-not.json'));
DB::transaction(static function () use ($document, $argv): void {
    for ($piece = 1; $piece <= (int) $argv[1]; ++$piece) {
        $document->title = sprintf('Things of week %d', $piece);
        Piece::begin(clone $document);
    }
});
