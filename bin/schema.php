<?php

declare(strict_types=1);

// Writes what the forms declare into docs/piece.schema.json; with --check, only says whether it is there.

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\FormSchema;

require __DIR__.'/../vendor/autoload.php';

$file = __DIR__.'/../docs/piece.schema.json';
$schema = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
$wanted = json_decode((string) json_encode(FormSchema::of(Forms::shipped())), true);
if (in_array('--check', $argv, true)) {
    if ($schema['definitions']['Form'] !== $wanted) {
        fwrite(STDERR, "docs/piece.schema.json does not match what the forms declare. Run: npm run types\n");
        exit(1);
    }
    exit(0);
}
$schema['definitions']['Form'] = $wanted;
$flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;
file_put_contents($file, json_encode($schema, $flags)."\n");
