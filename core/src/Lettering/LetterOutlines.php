<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Words\Run;

/** Set texts as outlines of lines and arcs, as marks have them: what coats are laid on. */
final readonly class LetterOutlines
{
    private const DIGITS = 3;

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
        $left = -$run->width * $scale * match ($align) {
            'middle' => 0.5,
            'right' => 1.0,
            default => 0.0,
        };
        $data = '';
        foreach ($run->glyphs as $glyph) {
            $half = $glyph->width / 2;
            $along = $left + ($glyph->x + $half) * $scale;
            // Each letter stands upright on the circle, at its own middle.
            $turn = $radius === 0.0 ? 0.0 : $along / $radius;
            $foot = $radius === 0.0
                ? new Point($at->x + $along, $at->y)
                : new Point($at->x + $radius * sin($turn), $at->y + $radius * (1 - cos($turn)));
            $data .= self::placed($this->arcs->of($glyph), $foot, $half, $scale, $turn);
        }

        return $data;
    }

    /** The radius of a line so many pixels below the first; one that would turn inside out stays as it is. */
    public static function below(float $radius, float $below): float
    {
        $inner = $radius - $below;

        return $inner * $radius <= 0 ? $radius : $inner;
    }

    /** @param list<array{string, list<float>}> $commands */
    private static function placed(array $commands, Point $foot, float $half, float $scale, float $turn): string
    {
        [$cos, $sin] = [cos($turn) * $scale, sin($turn) * $scale];
        $data = '';
        foreach ($commands as [$letter, $numbers]) {
            if ($letter === 'Z') {
                $data .= 'Z';
                continue;
            }
            [$y, $x] = [(float) array_pop($numbers), (float) array_pop($numbers) - $half];
            if ($letter === 'A') {
                [$radius, $sweep] = $numbers;
                $size = Decimal::of($radius * $scale, self::DIGITS);
                $letter .= $size.' '.$size.' 0 0 '.($sweep > 0 ? '1 ' : '0 ');
            }
            $data .= $letter
                .Decimal::of($foot->x + $x * $cos - $y * $sin, self::DIGITS).' '
                .Decimal::of($foot->y + $x * $sin + $y * $cos, self::DIGITS);
        }

        return $data;
    }
}
