<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Forms;
use Lupine\Core\Kit\Kit;
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

    /** @return array<string, mixed> docs/kit.schema.json */
    public static function ofKits(): array
    {
        return Catalogue::of(Kit::class)->schema([
            'lupineKit' => ['const' => Kit::VERSION, 'description' => 'the version of this format'],
        ]);
    }
}
