<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Disk\Kept;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Lettering\GlyphShape;
use Lupine\Core\Lettering\KeptGlyphs;

/**
 * Keeps letters as lines and arcs in files that are named by the outlines that they were made of. They are PHP, so that
 * what was read once is in the memory of all processes.
 */
final readonly class LetterStore implements KeptGlyphs
{
    private const ENDING = '.php';

    public function __construct(private Kept $kept)
    {
    }

    public function find(string $outline): ?GlyphShape
    {
        $path = $this->kept->find(hash('sha256', $outline), self::ENDING);
        if ($path === null) {
            return null;
        }
        try {
            $said = require $path;
        } catch (\ParseError) {
            return null;
        }
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
        $php = '<?php return '.var_export($said, true).';';
        $this->kept->keep(hash('sha256', $outline), $php, self::ENDING);
    }
}
