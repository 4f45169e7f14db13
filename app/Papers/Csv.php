<?php

declare(strict_types=1);

namespace App\Papers;

use Lupine\Core\Papers\Table;

/** A table as CSV after RFC 4180: commas, lines that end in CR LF, quotes where they are needed; UTF-8. */
final readonly class Csv
{
    public static function of(Table $table): string
    {
        $file = fopen('php://temp', 'r+');
        \assert($file !== false);
        foreach ([$table->heads, ...$table->rows] as $row) {
            fputcsv($file, $row, ',', '"', '', "\r\n");
        }
        rewind($file);
        $text = (string) stream_get_contents($file);
        fclose($file);

        return $text;
    }
}
