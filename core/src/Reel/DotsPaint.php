<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/**
 * Dots that grow along a line: a halftone. They stand on a grid of the stage, so that those of neighbours match. The
 * painter has the same rule (`painter/src/dots.ts`).
 */
final readonly class DotsPaint implements WovenPaint
{
    /** in pixels, below which a dot is left out */
    private const LEAST = 0.15;

    public function __construct(
        /** from one dot to the next, in pixels of the stage */
        public float $cell,
        /** the grid is turned clockwise about the stage’s corner */
        public float $degrees,
        /** where the dots begin to grow */
        public float $x,
        public float $y,
        /** and where they have grown */
        public float $toX,
        public float $toY,
        /** radius of a dot there and there, as a part of a cell; below 0 there is none yet */
        public float $from,
        public float $to,
        public string $colour,
        /** @var array{float, float, float, float} left, top, right and bottom of where they are needed */
        public array $box,
        #[OneOf('dots')]
        public string $kind = 'dots',
    ) {
    }

    public function svg(string $id, int $width, int $height): string
    {
        $path = '';
        foreach ($this->dots() as [$x, $y, $radius]) {
            [$left, $wide] = [Decimal::of($x - $radius), Decimal::of(2 * $radius)];
            $round = Decimal::of($radius);
            $path .= "M{$left} ".Decimal::of($y)."a{$round} {$round} 0 1 1 {$wide} 0a{$round} {$round} 0 1 1 -{$wide} 0Z";
        }

        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" width="%d" height="%d"><path d="%s" fill="%s"/></pattern>',
            $id,
            $width,
            $height,
            $path,
            $this->colour,
        );
    }

    /** @return \Generator<int, array{float, float, float}> middle and radius of each, in pixels of the stage */
    public function dots(): \Generator
    {
        [$left, $top, $right, $bottom] = $this->box;
        [$cos, $sin] = [cos(deg2rad($this->degrees)), sin(deg2rad($this->degrees))];
        [$middleX, $middleY] = [($left + $right) / 2, ($top + $bottom) / 2];
        $count = (int) ceil((hypot($right - $left, $bottom - $top) / 2 + $this->cell * 2) / $this->cell);
        $column = (int) round(($middleX * $cos + $middleY * $sin) / $this->cell);
        $row = (int) round(($middleY * $cos - $middleX * $sin) / $this->cell);
        [$wayX, $wayY] = [$this->toX - $this->x, $this->toY - $this->y];
        $square = max(1e-9, $wayX ** 2 + $wayY ** 2);
        for ($i = $column - $count; $i <= $column + $count; ++$i) {
            for ($j = $row - $count; $j <= $row + $count; ++$j) {
                [$u, $v] = [$i * $this->cell, $j * $this->cell];
                [$x, $y] = [$u * $cos - $v * $sin, $u * $sin + $v * $cos];
                if (
                    $x < $left - $this->cell || $x > $right + $this->cell
                    || $y < $top - $this->cell || $y > $bottom + $this->cell
                ) {
                    continue;
                }
                $part = max(0.0, min(1.0, (($x - $this->x) * $wayX + ($y - $this->y) * $wayY) / $square));
                $radius = ($this->from + ($this->to - $this->from) * $part) * $this->cell;
                if ($radius > self::LEAST) {
                    yield [$x, $y, $radius];
                }
            }
        }
    }
}
