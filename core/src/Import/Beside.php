<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Brick\Math\BigDecimal;
use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Figures\NumberStyle;

/**
 * Cells that hold a number and something beside it: a unit, the sign of a footnote, a word that says how many
 * thousands. The number is read, and what stood beside it is told.
 */
final readonly class Beside
{
    /** what stands where there is no number; errors of spreadsheets among them (OpenFormula, ODF 1.2 part 2, 5.12) */
    private const GAP = '/^(#?n\/?a\.?|#(div\/0|ref|value|null|num)!|#name\?|null|nan|none|missing|unknown|[-–—]{1,3}|\.{2,3}|…'
        .'|\?{1,3}|n\.\s?a\.|k\.?\s?a\.?|keine angabe|not (known|available|counted|given)|no data|tb[acd])$/iu';

    private const NOTE = '/(?<=[\d%)\pL°])(\s*[*†‡§]+|\s*\[\d{1,2}\]|[¹³⁴⁵])$/u';
    private const ABOUT = '/^(~|≈|ca\.?|c\.|about|around|[<>≤≥])\s*(?=[-\d€$£¥.])/iu';

    /** common practice, no source */
    private const UNIT = '/^(.*\d)\s?(°[CF]?|km²?|m[²³]?|cm|mm|mi|ft|ha|kg|g|mg|tonnes?|t|lbs?|oz|hours?|hrs?|h|minutes?'
        .'|mins?|seconds?|secs?|s|days?|weeks?|months?|years?|litres?|l|ml|[kMG]?Wh?|[kMGT]B|people|persons|things'
        .'|items|pieces|pcs|points?|pts|pp|x|×|CHF|kr|SEK|NOK|DKK|zł|PLN|₹|Rs\.?)$/u';
    private const SIGN_BEFORE = '/^(₹|Rs\.?|CHF|kr\.?|zł|US|A|C)\s?(?=[$\d])/u';
    private const TIMES = '/^(.*\d)\s?(k|K|tsd\.?|thousand|M|mn|mio\.?|million|bn|billion|crore|lakh)$/u';
    private const FACTORS = [
        'k' => 1_000, 'tsd' => 1_000, 'thousand' => 1_000, 'm' => 1_000_000, 'mn' => 1_000_000, 'mio' => 1_000_000,
        'million' => 1_000_000, 'bn' => 1_000_000_000, 'billion' => 1_000_000_000, 'crore' => 10_000_000,
        'lakh' => 100_000,
    ];

    /** `12,34,567`, as in India */
    private const INDIAN = '/^-?\d{1,2}(,\d{2})+,\d{3}(\.\d+)?$/D';
    private const POWER = '/^-?\d+(\.\d+)?e[+-]?\d{1,2}$/iD';

    public static function isGap(string $field): bool
    {
        return preg_match(self::GAP, trim($field)) === 1;
    }

    /** The number as Lupine keeps it, where there is one beside what else the cell says; null where there is none. */
    public static function number(string $field, NumberStyle $style): ?string
    {
        $text = trim($field);
        $bare = (string) preg_replace([self::NOTE, self::ABOUT, self::SIGN_BEFORE], '', $text);
        if (preg_match(self::POWER, $bare) === 1) {
            return SheetNumber::text($bare, '');
        }
        if (preg_match(self::INDIAN, $bare) === 1) {
            return str_replace(',', '', $bare);
        }
        $factor = 1;
        if (preg_match(self::TIMES, $bare, $found) === 1) {
            [, $bare, $word] = $found;
            $factor = self::FACTORS[strtolower(rtrim($word, '.'))];
        } elseif (preg_match(self::UNIT, $bare, $found) === 1) {
            $bare = $found[1];
        }
        if ($bare === $text || preg_match('/\pL{2}/u', $bare) === 1) {
            return null;
        }
        try {
            $number = CellNumber::normalised($bare, $style);
        } catch (NotANumber) {
            return null;
        }
        if ($factor === 1) {
            return $number;
        }
        $sign = trim((string) preg_replace('/[\d.\-]/', '', $number));
        $plain = trim(str_replace($sign, '', $number));

        return CellNumber::isPlain($plain, null)
            ? CellNumber::withUnit(SheetNumber::text((string) BigDecimal::of($plain)->multipliedBy($factor), ''), $sign)
            : null;
    }
}
