<?php

declare(strict_types=1);

namespace Lupine\Core\Texture;

/**
 * Seeded noise that fits to itself at its edges. Only sums, products and whole numbers below 2^53 are used, so that
 * PHP and the painter (`painter/src/noise.ts`) make the same bytes.
 *
 * Source of gradient noise and of its fade 6t⁵ − 15t⁴ + 10t³: Perlin, Improving Noise, SIGGRAPH 2002; the lattice
 * repeats, and its eight gradients lie 45° apart.
 */
final readonly class Noise
{
    private const D = M_SQRT1_2;
    private const ACROSS = [1.0, self::D, 0.0, -self::D, -1.0, -self::D, 0.0, self::D];
    private const DOWN = [0.0, self::D, 1.0, self::D, 0.0, -self::D, -1.0, -self::D];

    /** brings what is left of two gradients to about −1 to 1 */
    private const GAIN = 1.6;

    /** 32 bits that follow from three whole numbers. */
    public static function hash(int $x, int $y, int $seed): int
    {
        $hash = ($x * 73856 + $y * 1934927 + $seed * 834927 + 1013904223) & 0xFFFFFFFF;
        $hash = (($hash ^ ($hash >> 15)) * 1540483) & 0xFFFFFFFF;
        $hash = (($hash ^ ($hash >> 13)) * 1181783) & 0xFFFFFFFF;

        return $hash ^ ($hash >> 16);
    }

    /**
     * @param int $side of the square, in pixels
     * @param int $columns of the lattice
     * @param int $rows of the lattice
     *
     * @return list<float> about −1 to 1, row by row
     */
    public static function gradient(int $side, int $columns, int $rows, int $seed): array
    {
        $across = $down = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $turn = self::hash($column, $row, $seed) & 7;
                $across[] = self::ACROSS[$turn];
                $down[] = self::DOWN[$turn];
            }
        }
        $left = $right = $offset = $eased = [];
        for ($x = 0; $x < $side; ++$x) {
            $place = ($x * $columns) / $side;
            $left[$x] = (int) $place;
            $right[$x] = ($left[$x] + 1) % $columns;
            $offset[$x] = $place - $left[$x];
            $eased[$x] = self::fade($offset[$x]);
        }
        $values = [];
        for ($y = 0; $y < $side; ++$y) {
            $place = ($y * $rows) / $side;
            $above = (int) $place;
            $fall = $place - $above;
            $ease = self::fade($fall);
            $rise = $fall - 1;
            [$upper, $lower] = [$above * $columns, (($above + 1) % $rows) * $columns];
            for ($x = 0; $x < $side; ++$x) {
                [$l, $r, $f, $u] = [$left[$x], $right[$x], $offset[$x], $eased[$x]];
                [$a, $b, $c, $d] = [$upper + $l, $upper + $r, $lower + $l, $lower + $r];
                $first = $across[$a] * $f + $down[$a] * $fall;
                $second = $across[$b] * ($f - 1) + $down[$b] * $fall;
                $third = $across[$c] * $f + $down[$c] * $rise;
                $fourth = $across[$d] * ($f - 1) + $down[$d] * $rise;
                $top = $first + ($second - $first) * $u;
                $values[] = ($top + ($third + ($fourth - $third) * $u - $top) * $ease) * self::GAIN;
            }
        }

        return $values;
    }

    /** @return list<float> −1 to 1, each by itself, near 0 more often than not; row by row */
    public static function white(int $side, int $seed): array
    {
        $values = [];
        for ($y = 0; $y < $side; ++$y) {
            for ($x = 0; $x < $side; ++$x) {
                $hash = self::hash($x, $y, $seed);
                $values[] = (($hash & 65535) + ($hash >> 16)) / 65535 - 1;
            }
        }

        return $values;
    }

    private static function fade(float $at): float
    {
        return $at * $at * $at * ($at * ($at * 6 - 15) + 10);
    }
}
