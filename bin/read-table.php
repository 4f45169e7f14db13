<?php

declare(strict_types=1);

// read-table.php FILE NAME [SHEET]: reads a file with a table, and prints what was found, or why it is refused, as one
// line of JSON. It runs as a process of its own, so that whatever is in the file, nothing else comes to harm.

use App\Import\Reading;
use Lupine\Core\Import\UnreadableFile;

require __DIR__.'/../vendor/autoload.php';

[, $path, $name] = $argv;
try {
    $said = Reading::of($path, $name, isset($argv[3]) ? (int) $argv[3] : null);
} catch (UnreadableFile $reason) {
    $said = ['refused' => $reason->getMessage(), 'where' => $reason->where];
}
echo json_encode($said, JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR), "\n";
