<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Words\Run;

/** Set texts as outlines of lines and arcs, as marks have them: what coats are laid on. */
final readonly class LetterOutlines
{
    public function __construct(private GlyphArcs $arcs)
    {
    }

    /**
     * @param Point $at where the text is aligned, on its baseline, in pixels
     * @param float $scale pixels for one font unit
     * @param float $radius of the circle that its baseline is bent to, in pixels; 0: straight, below 0: downward
     *
     * @return string path data
     */
    public function of(Run $run, Point $at, string $align, float $scale, float $radius = 0.0): string
    {
        $left = self::left($run, $align) * $scale;
        $data = '';
        foreach ($run->glyphs as $glyph) {
            $half = $glyph->width / 2;
            $along = $left + ($glyph->x + $half) * $scale;
            // Each letter stands upright on the circle, at its own middle.
            $turn = $radius === 0.0 ? 0.0 : $along / $radius;
            $foot = $radius === 0.0
                ? new Point($at->x + $along, $at->y)
                : new Point($at->x + $radius * sin($turn), $at->y + $radius * (1 - cos($turn)));
            $data .= $this->arcs->of($glyph)->placed($foot, $half, $scale, $turn);
        }

        return $data;
    }

    /**
     * The box that holds them on a straight baseline; null where nothing is to be seen.
     *
     * @param Point $at where the text is aligned, on its baseline, in pixels
     * @param float $scale pixels for one font unit
     */
    public function box(Run $run, Point $at, string $align, float $scale): ?Box
    {
        $left = self::left($run, $align);
        $boxes = [];
        foreach ($run->glyphs as $glyph) {
            $box = $this->arcs->of($glyph)->box;
            if ($box !== null) {
                $boxes[] = new Box(
                    $at->x + ($left + $glyph->x + $box->left) * $scale,
                    $at->y + $box->top * $scale,
                    $box->width * $scale,
                    $box->height * $scale,
                );
            }
        }

        return $boxes === [] ? null : Box::joined($boxes);
    }

    /** From where a text is aligned to its left, in font units. */
    private static function left(Run $run, string $align): float
    {
        return -$run->width * match ($align) {
            'middle' => 0.5,
            'right' => 1.0,
            default => 0.0,
        };
    }

    /** The radius of a line so many pixels below the first; one that would turn inside out stays as it is. */
    public static function below(float $radius, float $below): float
    {
        $inner = $radius - $below;

        return $inner * $radius <= 0 ? $radius : $inner;
    }
}
