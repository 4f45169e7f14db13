<?php

declare(strict_types=1);

namespace Lupine\Core\Texture;

/**
 * One square of a texture, which fits to itself at its edges. The painter makes the same bytes
 * (`painter/src/tiles.ts`). Which noises make felt or paper is taste, no source.
 */
final readonly class Tile
{
    /** of a tile, in pixels of the stage at size 1 */
    public const SIDE = 512;

    /** Each texture has its own, so that two on one stage differ. */
    private const SEEDS = [
        'grain' => 11,
        'paper' => 23,
        'felt' => 37,
        'linen' => 41,
        'brushed' => 53,
        'chalk' => 67,
        'print' => 79,
        'slate' => 97,
    ];

    /** @return string one byte a pixel, row by row: heights, of which 128 is level, or how much is covered */
    public static function bytes(string $name): string
    {
        /** @var array<string, string> $known */
        static $known = [];

        return $known[$name] ??= self::made($name, self::SIDE);
    }

    /** @param int $side a multiple of 4, in pixels */
    public static function made(string $name, int $side): string
    {
        $seed = self::SEEDS[$name] ?? throw new \LogicException("There is no texture {$name}.");

        return match ($name) {
            'grain' => self::sum($side, 128, [
                [70, Noise::white($side, $seed)],
                [34, self::of($side, 256, 256, $seed + 1)],
            ]),
            'paper' => self::sum($side, 128, [
                [18, self::of($side, 8, 8, $seed)],
                [34, self::of($side, 24, 128, $seed + 1)],
                [30, self::of($side, 128, 96, $seed + 2)],
                [16, Noise::white($side, $seed + 3)],
                [20, self::of($side, 40, 16, $seed + 4)],
            ]),
            'felt' => self::felt($side, $seed),
            'linen' => self::linen($side, $seed),
            'brushed' => self::sum($side, 128, [
                [46, self::of($side, 3, 512, $seed)],
                [40, self::of($side, 8, 256, $seed + 1)],
                [30, self::of($side, 2, 128, $seed + 2)],
                [26, self::of($side, 32, 512, $seed + 3)],
            ]),
            'slate' => self::sum($side, 128, [
                [70, self::of($side, 3, 3, $seed)],
                [40, self::of($side, 7, 7, $seed + 1)],
                [18, self::of($side, 16, 16, $seed + 2)],
            ]),
            'chalk' => self::chalk($side, $seed),
            default => self::printed($side, $seed),
        };
    }

    /** @return list<float> */
    private static function of(int $side, int $columns, int $rows, int $seed): array
    {
        return Noise::gradient($side, $columns, $rows, $seed);
    }

    /** @param list<array{int, list<float>}> $noises with how much of each */
    private static function sum(int $side, int $level, array $noises): string
    {
        $bytes = '';
        for ($at = 0, $count = $side * $side; $at < $count; ++$at) {
            $value = $level;
            foreach ($noises as [$much, $noise]) {
                $value += $much * $noise[$at];
            }
            $bytes .= self::byte($value);
        }

        return $bytes;
    }

    private static function felt(int $side, int $seed): string
    {
        $long = self::of($side, 40, 172, $seed);
        $middle = self::of($side, 22, 120, $seed + 1);
        $short = self::of($side, 96, 256, $seed + 2);
        $white = Noise::white($side, $seed + 3);
        $wide = self::of($side, 10, 10, $seed + 4);
        $bytes = '';
        foreach ($long as $at => $one) {
            $fibre = $one * 0.8 + $middle[$at] * 0.6 + $short[$at] * 0.5;
            $height = $fibre > 0 ? min(1.0, $fibre) : $fibre * 0.8;
            $bytes .= self::byte(128 + 105 * $height + 14 * $white[$at] + 12 * $wide[$at]);
        }

        return $bytes;
    }

    private static function linen(int $side, int $seed): string
    {
        $across = self::of($side, 32, 128, $seed);
        $down = self::of($side, 128, 32, $seed + 1);
        $white = Noise::white($side, $seed + 2);
        $wide = self::of($side, 6, 6, $seed + 3);
        $slubAcross = self::of($side, 3, 64, $seed + 4);
        $slubDown = self::of($side, 64, 3, $seed + 5);
        $bytes = '';
        for ($at = 0, $count = $side * $side; $at < $count; ++$at) {
            $x = $at % $side;
            $y = intdiv($at, $side);
            $isWeft = (($x >> 2) + ($y >> 2)) % 2 === 1;
            $off = (($isWeft ? $y : $x) & 3) - 1.5;
            $round = 1 - ($off * $off) / 3;
            $noise = $isWeft ? $across[$at] + $slubAcross[$at] : $down[$at] + $slubDown[$at];
            $bytes .= self::byte(
                128 + 70 * ($round - 0.55) + 30 * $noise + 9 * $white[$at] + 8 * $wide[$at] + ($isWeft ? 10 : -10),
            );
        }

        return $bytes;
    }

    private static function chalk(int $side, int $seed): string
    {
        $fine = self::of($side, 128, 128, $seed);
        $wide = self::of($side, 48, 64, $seed + 1);
        $white = Noise::white($side, $seed + 2);
        $long = self::of($side, 220, 90, $seed + 3);
        $bytes = '';
        foreach ($fine as $at => $one) {
            $much = 0.5 * $one + 0.34 * $wide[$at] + 0.38 * $white[$at] + 0.4 * $long[$at] + 0.3;
            $bytes .= self::byte(255 * (0.08 + 0.92 * self::step($much, -0.25, 0.62)));
        }

        return $bytes;
    }

    private static function printed(int $side, int $seed): string
    {
        $fine = self::of($side, 200, 200, $seed);
        $wide = self::of($side, 20, 20, $seed + 1);
        $white = Noise::white($side, $seed + 2);
        $bytes = '';
        foreach ($fine as $at => $one) {
            $much = 0.75 * $one + 0.45 * $white[$at] + 0.25 * $wide[$at];
            $bytes .= self::byte(255 * (1 - 0.85 * self::step($much, 0.42, 0.72)));
        }

        return $bytes;
    }

    private static function byte(float $value): string
    {
        return chr($value < 0 ? 0 : ($value > 255 ? 255 : (int) ($value + 0.5)));
    }

    /** Source: OpenGL Shading Language 4.60, smoothstep. */
    private static function step(float $value, float $from, float $to): float
    {
        $part = $value <= $from ? 0.0 : ($value >= $to ? 1.0 : ($value - $from) / ($to - $from));

        return $part * $part * (3 - 2 * $part);
    }
}
