<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Writes coordinates: as short as they can be at a millionth of a pixel, always with a point. */
final readonly class Decimal
{
    public static function of(float $number, int $digits = 6): string
    {
        $text = (string) round($number, $digits);
        if (str_contains($text, 'E')) {
            $text = rtrim(rtrim(sprintf('%.'.$digits.'F', $number), '0'), '.');
        }

        return $text === '-0' ? '0' : $text;
    }
}
