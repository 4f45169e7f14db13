<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Lupine\Core\Figures\Calendar;
use Lupine\Core\Figures\CellNumber;

/** Numbers of a spreadsheet file as its reader saw them: percentages, money and days by their formats. */
final readonly class SheetNumber
{
    /** Digits that a spreadsheet shows of a number. Source: ECMA-376 part 1, 18.17.2: IEEE 754 doubles, 15 digits. */
    private const DIGITS = 15;

    /** powers of ten beyond which nothing that is counted lies; written out, they would be texts without end */
    private const MOST_POWER = 30;

    /** signs of a stored number; doubles have 24 at most */
    private const LONGEST = 60;

    /** the last day that spreadsheets know, 9999-12-31 (ECMA-376 part 1, 18.17.4.1) */
    private const LAST_DAY = 2_958_465;

    /** most cells are this: a number as it is shown, with no more digits than are shown */
    private const PLAIN = '/^-?(?:0|[1-9]\d{0,11})(?:\.\d{0,2}[1-9])?$/D';

    /** days from the epoch of spreadsheets to the first of January 1970 */
    private const UNIX = 25_569;

    /** @param string $stored as it stands in the file, such as `0.41000000000000003` or `1.5E3` */
    public static function text(string $stored, string $format): string
    {
        if ($format === '' && preg_match(self::PLAIN, $stored) === 1) {
            return $stored;
        }
        $power = preg_match('/e\s*[+-]?0*(\d+)\s*$/i', $stored, $found) === 1 ? $found[1] : '0';
        if (strlen($stored) > self::LONGEST || strlen($power) > 4 || (int) $power > self::MOST_POWER) {
            return $stored;
        }
        try {
            $number = BigDecimal::of(trim($stored));
        } catch (MathException) {
            return $stored;
        }
        $plain = self::rounded($number);
        $format = self::literal($format);
        if (str_contains($format, '%')) {
            $hundredfold = (string) BigDecimal::of($plain)->multipliedBy(100)->stripTrailingZeros();

            return CellNumber::withUnit($hundredfold, '%');
        }
        foreach (['€', '$', '£', '¥'] as $sign) {
            if (str_contains($format, $sign)) {
                return CellNumber::withUnit($plain, $sign);
            }
        }

        return $plain;
    }

    /** What is beyond MOST_POWER keeps its power of ten, and is no number of a figure. */
    public static function plain(float $number): string
    {
        if (abs($number) >= 10 ** self::MOST_POWER || ($number !== 0.0 && abs($number) < 10 ** -self::MOST_POWER)) {
            return sprintf('%.'.(self::DIGITS - 1).'e', $number);
        }

        return self::rounded(BigDecimal::of(sprintf('%.'.(self::DIGITS - 1).'e', $number)));
    }

    /** Whether a number format shows a day, a month or a year. */
    public static function isDate(string $format): bool
    {
        $bare = (string) preg_replace('/"[^"]*"|\\\\.|_.|\[[^\]]*\]/u', '', $format);

        return preg_match('/[yd]|mmm/i', $bare) === 1 && preg_match('/[0#?]/', $bare) !== 1;
    }

    /**
     * A day counted from the epoch of a spreadsheet, as fine as its format shows it: `2019-03-05`, `2019-03` or `2019`.
     * Source: ECMA-376 part 1, 18.17.4.1: 1 is the first of January 1900, and 1900 is taken for a leap year; or 0 is
     * the first of January 1904. What lies beyond the days that they know is the number itself.
     */
    public static function day(float $serial, string $format, bool $since1904): string
    {
        if (!is_finite($serial) || $serial < 0 || $serial > self::LAST_DAY) {
            return is_finite($serial) ? self::plain($serial) : '∞';
        }
        $days = (int) floor($serial) + ($since1904 ? 1462 : 0);
        $days += $days < 60 ? 1 : 0;
        [$year, $month, $day] = Calendar::dayOf($days - self::UNIX);
        $bare = strtolower((string) preg_replace('/"[^"]*"|\\\\.|_.|\[[^\]]*\]/u', '', $format));

        return match (true) {
            str_contains($bare, 'd') => sprintf('%04d-%02d-%02d', $year, $month, $day),
            str_contains($bare, 'm') => sprintf('%04d-%02d', $year, $month),
            default => sprintf('%04d', $year),
        };
    }

    /** A format with what brackets hold, such as `[$€-407]`, as plain signs. */
    private static function literal(string $format): string
    {
        return (string) preg_replace('/\[\$([^\]-]*)[^\]]*\]/u', '$1', explode(';', $format)[0]);
    }

    private static function rounded(BigDecimal $number): string
    {
        $digits = strlen(ltrim((string) $number->getUnscaledValue()->abs(), '0'));
        if ($digits > self::DIGITS) {
            $scale = max(0, $number->getScale() - ($digits - self::DIGITS));
            $number = $number->toScale($scale, \Brick\Math\RoundingMode::HALF_UP);
        }

        return (string) ($number->getScale() > 0 ? $number->stripTrailingZeros()->toScale(
            max(0, $number->stripTrailingZeros()->getScale()),
        ) : $number);
    }
}
