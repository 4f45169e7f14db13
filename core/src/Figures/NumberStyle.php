<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/** Which sign stands for the decimal point in a table, and which ones only group digits. */
enum NumberStyle: string
{
    case DecimalPoint = '.';
    case DecimalComma = ',';

    /**
     * Finds the style out from numbers as they were typed. What settles it, in this order: a number with both
     * signs (the last is the decimal one), a sign that stands twice in one number (it groups), a sign that is not
     * followed by exactly three digits (it is the decimal one). Where nothing settles it, the point is decimal.
     *
     * @param iterable<string> $texts
     */
    public static function detect(iterable $texts): self
    {
        $vote = null;
        foreach ($texts as $text) {
            $point = strrpos($text, '.');
            $comma = strrpos($text, ',');
            if ($point !== false && $comma !== false) {
                return $point > $comma ? self::DecimalPoint : self::DecimalComma;
            }
            if (substr_count($text, '.') > 1) {
                return self::DecimalComma;
            }
            if (substr_count($text, ',') > 1) {
                return self::DecimalPoint;
            }
            if ($comma !== false && preg_match('/(^|\D)(\d{1,3}),\d{3}(\D|$)/', $text) !== 1) {
                return self::DecimalComma;
            }
            if ($point !== false && preg_match('/(^|\D)(\d{1,3})\.\d{3}(\D|$)/', $text) !== 1) {
                $vote = self::DecimalPoint;
            }
        }

        return $vote ?? self::DecimalPoint;
    }

    /**
     * A number such as `1.234` that can be a decimal or thousands, where every number with a point in it can be either
     * and no comma settles it; null where there is none.
     *
     * @param iterable<string> $texts
     */
    public static function open(iterable $texts): ?string
    {
        $example = null;
        foreach ($texts as $text) {
            if (str_contains($text, ',')) {
                return null;
            }
            if (str_contains($text, '.')) {
                if (preg_match('/(?<![\d.])[1-9]\d{0,2}\.\d{3}(?![\d.])/', $text, $found) !== 1) {
                    return null;
                }
                $example ??= $found[0];
            }
        }

        return $example;
    }

    public function groupingSign(): string
    {
        return $this === self::DecimalPoint ? ',' : '.';
    }
}
