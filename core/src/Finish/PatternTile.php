<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\PatternSettings;

/** One repeat of a pattern: a square and the shape in it, which meets itself at the edges. */
final readonly class PatternTile
{
    private function __construct(public float $size, public string $outline)
    {
    }

    public static function of(PatternSettings $pattern): self
    {
        $size = $pattern->size;

        return new self(
            $size,
            match ($pattern->kind) {
                'dots' => OutlineBuilder::circle(new Point($size / 2, $size / 2), $size * 0.2),
                'grid' => OutlineBuilder::rectangle(0, 0, $size, $size * 0.14).
                    OutlineBuilder::rectangle(0, $size * 0.14, $size * 0.14, $size * 0.86),
                'waves' => self::wave($size),
                default => OutlineBuilder::rectangle(0, 0, $size / 2, $size),
            },
        );
    }

    private static function wave(float $size): string
    {
        $at = static fn (float $x, float $y): string => Decimal::of($x * $size).' '.Decimal::of($y * $size);

        return 'M'.
            $at(0, 0.42).
            'C'.
            $at(0.18, 0.12).
            ' '.
            $at(0.32, 0.12).
            ' '.
            $at(0.5, 0.42).
            'C'.
            $at(0.68, 0.72).
            ' '.
            $at(0.82, 0.72).
            ' '.
            $at(1, 0.42).
            'L'.
            $at(1, 0.62).
            'C'.
            $at(0.82, 0.92).
            ' '.
            $at(0.68, 0.92).
            ' '.
            $at(0.5, 0.62).
            'C'.
            $at(0.32, 0.32).
            ' '.
            $at(0.18, 0.32).
            ' '.
            $at(0, 0.62).
            'Z';
    }
}
