<?php

declare(strict_types=1);

// Writes what core and the API declare: docs/piece.schema.json, docs/kit.schema.json, docs/acts.schema.json,
// docs/settings.md, docs/reel.schema.json, docs/reel.md, contracts/settings.ts, contracts/fonts.json and
// contracts/api.json. With --check, only says whether they are as they would be written.

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\ActsSchema;
use Lupine\Core\Formats\DeskSettings;
use Lupine\Core\Formats\PieceSchema;
use Lupine\Core\Formats\SettingsPage;
use Lupine\Core\Piece\Fonts;
use Tests\Api\ContractSchema;
use Tests\Api\ReelPage;

require __DIR__.'/../vendor/autoload.php';

$forms = Forms::shipped();
$flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;
$files = [
    'docs/piece.schema.json' => json_encode(PieceSchema::of($forms), $flags)."\n",
    'docs/kit.schema.json' => json_encode(PieceSchema::ofKits(), $flags)."\n",
    'docs/acts.schema.json' => json_encode(ActsSchema::of(), $flags)."\n",
    'contracts/api.json' => json_encode(ContractSchema::of(), $flags)."\n",
    'docs/reel.schema.json' => json_encode(ContractSchema::ofReel(), $flags)."\n",
    'docs/reel.md' => ReelPage::of(),
    'docs/settings.md' => SettingsPage::of($forms),
    'contracts/fonts.json' => json_encode(['lenders' => Fonts::LENDERS, 'fonts' => Fonts::packed()], $flags)."\n",
    'contracts/settings.ts' => DeskSettings::of(PieceSchema::catalogue($forms)),
];
$isRight = true;
foreach ($files as $name => $text) {
    $path = __DIR__.'/../'.$name;
    if (!in_array('--check', $argv, true)) {
        file_put_contents($path, $text);
    } elseif (!is_file($path) || file_get_contents($path) !== $text) {
        fwrite(STDERR, "{$name} does not match what core declares. Run: npm run types\n");
        $isRight = false;
    }
}
exit($isRight ? 0 : 1);
