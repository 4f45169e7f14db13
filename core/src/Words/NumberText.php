<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\Piece\ReadingSettings;

/** A number written with the separators of a piece. */
final readonly class NumberText
{
    /** The minus sign of type, U+2212; it stands before all that is written before the number. */
    public const MINUS = '−';

    public static function of(
        float $value,
        int $decimals,
        ReadingSettings $settings,
        string $before = '',
        string $after = '',
    ): string {
        $text = number_format($value, $decimals, $settings->point, $settings->group);

        return str_starts_with($text, '-')
            ? self::MINUS.$before.substr($text, 1).$after
            : $before.$text.$after;
    }
}
