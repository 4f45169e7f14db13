<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\Catalogue;

/** What is published about pieces: their schema, and what can be set in them. */
final readonly class PieceSchema
{
    public static function catalogue(Forms $forms): Catalogue
    {
        return Catalogue::of(Piece::class, ['Form' => FormSchema::of($forms)]);
    }

    /** @return array<string, mixed> docs/piece.schema.json */
    public static function of(Forms $forms): array
    {
        return self::catalogue($forms)->schema([
            'lupine' => ['const' => Piece::VERSION, 'description' => 'the version of this format'],
        ]);
    }
}
