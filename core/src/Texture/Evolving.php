<?php

declare(strict_types=1);

namespace Lupine\Core\Texture;

/**
 * Gradient noise that changes in time and comes back: its lattice repeats in all three directions, so it loops without
 * a jump. Mixing in time is linear in the gradients, so it is done once for each corner and not for each pixel.
 *
 * Source of the twelve gradients and of the fade: Perlin, Improving Noise, SIGGRAPH 2002. The painter makes the same
 * bytes (`painter/src/clouds.ts`).
 */
final readonly class Evolving
{
    private const GRADIENTS = [
        [1, 1, 0], [-1, 1, 0], [1, -1, 0], [-1, -1, 0],
        [1, 0, 1], [-1, 0, 1], [1, 0, -1], [-1, 0, -1],
        [0, 1, 1], [0, -1, 1], [0, 1, -1], [0, -1, -1],
    ];

    /** layers of noise, each twice as fine, changing once more often, and half as strong; taste, no source */
    private const LAYERS = 3;
    private const TURNS = 4;
    private const GAIN = 0.62;

    /** @return string one byte a pixel, row by row, 128 in the mean */
    public static function bytes(int $width, int $height, int $columns, int $rows, float $phase, int $seed): string
    {
        $values = array_fill(0, $width * $height, 0.0);
        $gain = self::GAIN;
        for ($layer = 0; $layer < self::LAYERS; ++$layer) {
            $size = [$columns << $layer, $rows << $layer, self::TURNS * ($layer + 1)];
            self::add($values, $width, $height, $size, $phase, $seed + $layer, $gain);
            $gain *= 0.5;
        }
        $bytes = '';
        foreach ($values as $value) {
            $byte = 128 + 127 * $value;
            $bytes .= chr($byte < 0 ? 0 : ($byte > 255 ? 255 : (int) ($byte + 0.5)));
        }

        return $bytes;
    }

    /**
     * @param array<int, float> $values to which it is added
     * @param array{int, int, int} $size columns, rows and moments of the lattice
     */
    private static function add(
        array &$values,
        int $width,
        int $height,
        array $size,
        float $phase,
        int $seed,
        float $gain,
    ): void {
        [$columns, $rows, $moments] = $size;
        $corners = self::corners($columns, $rows, $moments, $phase, $seed);
        $left = $offset = $eased = [];
        for ($x = 0; $x < $width; ++$x) {
            $place = (($x + 0.5) * $columns) / $width;
            $left[$x] = (int) $place;
            $offset[$x] = $place - $left[$x];
            $eased[$x] = self::fade($offset[$x]);
        }
        for ($y = 0; $y < $height; ++$y) {
            $place = (($y + 0.5) * $rows) / $height;
            $row = (int) $place;
            $fall = $place - $row;
            $ease = self::fade($fall);
            for ($x = 0; $x < $width; ++$x) {
                $upper = $row * ($columns + 1) + $left[$x];
                $lower = $upper + $columns + 1;
                [$f, $u] = [$offset[$x], $eased[$x]];
                [$a, $b] = [$corners[$upper], $corners[$upper + 1]];
                [$c, $d] = [$corners[$lower], $corners[$lower + 1]];
                $first = $a[0] * $f + $a[1] * $fall + $a[2];
                $second = $b[0] * ($f - 1) + $b[1] * $fall + $b[2];
                $third = $c[0] * $f + $c[1] * ($fall - 1) + $c[2];
                $fourth = $d[0] * ($f - 1) + $d[1] * ($fall - 1) + $d[2];
                $top = $first + ($second - $first) * $u;
                $low = $third + ($fourth - $third) * $u;
                $values[$y * $width + $x] += $gain * ($top + ($low - $top) * $ease);
            }
        }
    }

    /** @return list<array{float, float, float}> the gradient of each corner at a phase, row by row */
    private static function corners(int $columns, int $rows, int $moments, float $phase, int $seed): array
    {
        $time = $phase * $moments;
        $now = (int) $time;
        $gone = $time - $now;
        $come = self::fade($gone);
        [$from, $to] = [$now % $moments, ($now + 1) % $moments];
        $corners = [];
        for ($row = 0; $row <= $rows; ++$row) {
            for ($column = 0; $column <= $columns; ++$column) {
                $a = self::GRADIENTS[Noise::hash($column + 131 * $from, $row, $seed) % 12];
                $b = self::GRADIENTS[Noise::hash($column + 131 * $to, $row, $seed) % 12];
                $corners[] = [
                    (1 - $come) * $a[0] + $come * $b[0],
                    (1 - $come) * $a[1] + $come * $b[1],
                    (1 - $come) * $a[2] * $gone + $come * $b[2] * ($gone - 1),
                ];
            }
        }

        return $corners;
    }

    private static function fade(float $at): float
    {
        return $at * $at * $at * ($at * ($at * 6 - 15) + 10);
    }
}
