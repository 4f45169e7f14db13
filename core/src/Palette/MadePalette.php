<?php

declare(strict_types=1);

namespace Lupine\Core\Palette;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ToldApart;

/**
 * Colours for so many parts, made from one, two or more that are given: those stay, the others lie between and beyond
 * them in OKLab, lighter or darker than the ground, and are then moved apart until everybody can tell them.
 */
final readonly class MadePalette
{
    /** lightness, in OKLab, that colours keep away from their ground, and how far it goes; taste */
    private const OFF_GROUND = 0.22;
    private const LIGHTEST = 0.9;
    private const DARKEST = 0.3;

    /** the least chroma, so that none is muddy on its ground; taste */
    private const CHROMA = 0.085;

    /** degrees of hue that colours made from a single one go round */
    private const ROUND = 300.0;

    /**
     * @param non-empty-list<string> $given
     * @param int $count of colours in all, at least as many as are given
     * @param string $ground that they are seen on
     *
     * @return list<string>
     */
    public static function of(array $given, int $count, string $ground): array
    {
        $points = array_map(static fn (string $hex): array => Colour::hex($hex)->toOklch(), $given);
        $missing = max(0, $count - count($given));
        $made = [];
        for ($place = 0; $place < $missing; ++$place) {
            $made[] = self::one($points, $place, $missing, Colour::hex($ground))->toHex();
        }
        $all = [...$given, ...$made];

        return ToldApart::repaired($all, array_keys($given), $ground);
    }

    /** @param non-empty-list<array{float, float, float}> $points */
    private static function one(array $points, int $place, int $missing, Colour $ground): Colour
    {
        [$onGround] = $ground->toOklab();
        $from = $points[0];
        if (count($points) === 1) {
            $hue = $from[2] + self::ROUND * ($place + 1) / ($missing + 1);
            $lightness = $from[0] + ($place % 2 === 0 ? -0.13 : 0.1);
            $chroma = $from[1];
        } else {
            // Evenly along the way through all that are given.
            $along = ($place + 1) / ($missing + 1) * (count($points) - 1);
            $leg = min(count($points) - 2, (int) floor($along));
            [$before, $after] = [$points[$leg], $points[$leg + 1]];
            $part = $along - $leg;
            $turn = fmod($after[2] - $before[2] + 540, 360) - 180;
            $hue = $before[2] + $part * $turn;
            // Neighbours differ in lightness as well, for those who see fewer hues.
            $lightness = $before[0] + $part * ($after[0] - $before[0]) + ($place % 2 === 0 ? -0.09 : 0.09);
            $chroma = $before[1] + $part * ($after[1] - $before[1]);
        }
        $lightness = $onGround > 0.5
            ? min($lightness, $onGround - self::OFF_GROUND)
            : max($lightness, $onGround + self::OFF_GROUND);

        return Colour::oklch(
            max(self::DARKEST, min(self::LIGHTEST, $lightness)),
            max(self::CHROMA, $chroma),
            fmod($hue + 720, 360),
        );
    }
}
