<?php

declare(strict_types=1);

// A spreadsheet file, read to its table, against a plain pass over the same XML.

use App\Import\IncomingFile;
use Lupine\Core\Import\Taking;

require __DIR__.'/../vendor/autoload.php';

[, $file, $size] = $argv;
$timed = static function (Closure $work): float {
    $began = hrtime(true);
    $work();

    return (hrtime(true) - $began) / 1e9;
};
$rows = 0;
$read = $timed(static function () use ($file, &$rows): void {
    $book = IncomingFile::open($file, 'long.xlsx');
    $grid = $book->grid(0);
    $rows = count(Taking::from($grid)->table->rows);
});
$peak = memory_get_peak_usage(true) / 1e6;
$plain = $timed(static function () use ($file): void {
    $xml = new XMLReader();
    $xml->open('zip://'.$file.'#xl/worksheets/sheet1.xml');
    while ($xml->read()) {
        continue;
    }
});
printf(
    "import     XLSX of %.1f MB: read in %.1f s with %.0f MB, %.1f times a plain pass over its XML; %s rows taken\n",
    (float) $size / 1e6,
    $read,
    $peak,
    $read / $plain,
    number_format($rows),
);
