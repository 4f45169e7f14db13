<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Disk\Kept;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Lettering\GlyphShape;
use Lupine\Core\Lettering\KeptGlyphs;

/** Keeps letters as lines and arcs in files that are named by the outlines that they were made of. */
final readonly class LetterStore implements KeptGlyphs
{
    private const ENDING = '.json';

    public function __construct(private Kept $kept)
    {
    }

    public function find(string $outline): ?GlyphShape
    {
        $path = $this->kept->find(hash('sha256', $outline), self::ENDING);
        $said = $path === null ? null : json_decode((string) @file_get_contents($path), true);
        if (!is_array($said)) {
            return null;
        }
        /** @var array{list<array{string, list<float>}>, list<float>|null} $said as it was kept */
        [$commands, $box] = $said;

        return new GlyphShape($commands, $box === null ? null : new Box(...$box));
    }

    public function keep(string $outline, GlyphShape $shape): void
    {
        $box = $shape->box;
        $said = [$shape->commands, $box === null ? null : [$box->left, $box->top, $box->width, $box->height]];
        $this->kept->keep(hash('sha256', $outline), json_encode($said, JSON_THROW_ON_ERROR), self::ENDING);
    }
}
