<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\Piece\ReadingSettings;

/** A number written with the separators of a piece. */
final readonly class NumberText
{
    public static function of(float $value, int $decimals, ReadingSettings $settings): string
    {
        return number_format($value, $decimals, $settings->point, $settings->group);
    }
}
