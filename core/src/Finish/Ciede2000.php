<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/**
 * How different two colours look. Source: Sharma, Wu and Dalal, “The CIEDE2000 color-difference formula: implementation
 * notes, supplementary test data, and mathematical observations”, 2005; all weights are 1.
 */
final readonly class Ciede2000
{
    private const TWENTY_FIVE_7 = 6103515625.0;

    /**
     * @param array{float, float, float} $one CIE L*, a* and b*
     * @param array{float, float, float} $other
     *
     * @return float 0: the same; about 1: just to be seen; 100: black and white
     */
    public static function between(array $one, array $other): float
    {
        [[$l1, $a1, $b1], [$l2, $a2, $b2]] = [$one, $other];
        $mean7 = ((hypot($a1, $b1) + hypot($a2, $b2)) / 2) ** 7;
        $stretch = 1 + 0.5 * (1 - sqrt($mean7 / ($mean7 + self::TWENTY_FIVE_7)));
        [$a1, $a2] = [$a1 * $stretch, $a2 * $stretch];
        [$c1, $c2] = [hypot($a1, $b1), hypot($a2, $b2)];
        [$h1, $h2] = [self::hue($a1, $b1), self::hue($a2, $b2)];
        $isGrey = $c1 * $c2 === 0.0;
        $turn = $isGrey ? 0.0 : self::turn($h2 - $h1);
        $chromas = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));
        $lightness = ($l1 + $l2) / 2;
        $chroma = ($c1 + $c2) / 2;
        $hue = $isGrey ? $h1 + $h2 : self::meanHue($h1, $h2);
        $t = 1 - 0.17 * cos(deg2rad($hue - 30)) + 0.24 * cos(deg2rad(2 * $hue))
            + 0.32 * cos(deg2rad(3 * $hue + 6)) - 0.2 * cos(deg2rad(4 * $hue - 63));
        $far = ($lightness - 50) ** 2;
        $sl = 1 + 0.015 * $far / sqrt(20 + $far);
        $sc = 1 + 0.045 * $chroma;
        $sh = 1 + 0.015 * $chroma * $t;
        $chroma7 = $chroma ** 7;
        $rotation = -2 * sqrt($chroma7 / ($chroma7 + self::TWENTY_FIVE_7))
            * sin(deg2rad(60 * exp(-((($hue - 275) / 25) ** 2))));
        [$dl, $dc, $dh] = [($l2 - $l1) / $sl, ($c2 - $c1) / $sc, $chromas / $sh];

        return sqrt(max(0.0, $dl ** 2 + $dc ** 2 + $dh ** 2 + $rotation * $dc * $dh));
    }

    private static function hue(float $a, float $b): float
    {
        $hue = rad2deg(atan2($b, $a));

        return $hue < 0 ? $hue + 360 : $hue;
    }

    /** A turn by the short way. */
    private static function turn(float $degrees): float
    {
        return match (true) {
            $degrees > 180 => $degrees - 360,
            $degrees < -180 => $degrees + 360,
            default => $degrees,
        };
    }

    private static function meanHue(float $one, float $other): float
    {
        return match (true) {
            abs($one - $other) <= 180 => ($one + $other) / 2,
            $one + $other < 360 => ($one + $other + 360) / 2,
            default => ($one + $other - 360) / 2,
        };
    }
}
