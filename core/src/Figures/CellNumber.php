<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** What one cell of the sheet says: a number, how it was given, or that it is the rest of the whole. */
final readonly class CellNumber
{
    /** begins the text of a cell whose formula could not be worked out; what is wrong follows */
    public const WRONG = "\x01";

    private const UNITS = [
        '%' => '%',
        '€' => '€',
        '$' => '$',
        '£' => '£',
        '¥' => '¥',
        'EUR' => '€',
        'USD' => '$',
        'GBP' => '£',
    ];

    private const ANY_UNIT = '/[%€$£¥]|EUR|USD|GBP/i';

    private function __construct(
        public BigRational $value,
        /** digits after the decimal point, as given */
        public int $decimals,
        /** `%`, a currency sign, or nothing */
        public string $unit,
        public bool $isRest,
    ) {
    }

    /** Is it a sum or a rest, whose number differs from what was typed? */
    public static function isWorkedOut(string $typed): bool
    {
        return preg_match('/^\s*(the )?rest\s*$|^\s*=|[*\/×÷()]|[\d%)]\s*[-−–+]/iu', $typed) === 1;
    }

    /**
     * Reads one cell: `512`, `1,248`, `1.248,50 €`, `35 %`, `1248-938`, `(12)` for a negative in a ledger, or `rest`. A
     * leading `=` is understood.
     *
     * @throws NotANumber
     */
    public static function read(string $typed, ?NumberStyle $style = null): self
    {
        if (str_starts_with($typed, self::WRONG)) {
            throw new NotANumber(substr($typed, strlen(self::WRONG)));
        }
        if (self::isPlain($typed, $style)) {
            return self::ofPlain($typed, '');
        }
        $text = trim((string) preg_replace('/[\x{00A0}\x{202F}\x{2009}\s]+/u', ' ', $typed));
        if (preg_match('/^(the )?rest$/iu', $text) === 1) {
            return new self(BigRational::zero(), 0, '', true);
        }
        if ($text === '' || strlen($text) > 200) {
            throw new NotANumber('There is no number here.');
        }
        $text = ltrim($text, '= ');
        $unit = '';
        foreach (preg_match(self::ANY_UNIT, $text) === 1 ? self::UNITS : [] as $sign => $name) {
            if (stripos($text, $sign) !== false) {
                $unit = $name;
                $text = trim(str_ireplace($sign, '', $text));
            }
        }
        if (preg_match('/^\(([\d.,\' ]+)\)$/', $text, $ledger) === 1) {
            $text = '-'.$ledger[1];
        }
        $style ??= NumberStyle::detect([$text]);
        $text = (string) preg_replace('/(?<=\d)[ \'’](?=\d{3}(\D|$))/u', '', $text);
        $text = (string) preg_replace(
            '/(?<=\d)'.preg_quote($style->groupingSign(), '/').'(?=\d{3}(\D|$))/',
            '',
            $text,
        );
        if (str_contains($text, $style->groupingSign())) {
            throw new NotANumber(
                sprintf(
                    '“%s” is not a number: “%s” is in the wrong place for a thousands separator.',
                    trim($typed),
                    $style->groupingSign(),
                ),
            );
        }
        $text = str_replace($style->value, '.', $text);
        if (self::isPlain($text, null)) {
            return self::ofPlain($text, $unit);
        }
        $value = Arithmetic::evaluate($text);

        return new self($value, self::decimalsOf($text, $value), $unit, false);
    }

    /** @param string $text digits and a decimal point, as isPlain() has them */
    private static function ofPlain(string $text, string $unit): self
    {
        $point = strpos($text, '.');
        $decimals = $point === false ? 0 : strlen($text) - $point - 1;

        return new self(BigRational::of($text)->simplified(), $decimals, $unit, false);
    }

    /** A number that was worked out. */
    public static function worked(BigRational $value, string $unit, int $decimals): self
    {
        return new self($value, max($decimals, min(2, self::decimalsOf((string) $value, $value))), $unit, false);
    }

    /** The cell as Lupine keeps it: a decimal point, no grouping, the unit after it; a sum stays a sum. */
    public static function normalised(string $typed, NumberStyle $style): string
    {
        if (self::isPlain($typed, $style)) {
            return $typed;
        }
        $cell = self::read($typed, $style);
        if ($cell->isRest) {
            return 'rest';
        }
        if (preg_match('/[+*\/×÷]|\d\s*[-−–]/u', $typed) === 1) {
            return trim($typed);
        }
        $number = (string) $cell->value->toScale($cell->decimals, RoundingMode::HALF_UP);

        return self::withUnit($number, $cell->unit);
    }

    /** A number with its unit, as Lupine keeps it. */
    public static function withUnit(string $number, string $unit): string
    {
        return match (true) {
            $unit === '' => $number,
            $unit === '%' => $number.' %',
            default => $unit.' '.$number,
        };
    }

    /** Most cells are: digits and a decimal point, with nothing to find out. */
    public static function isPlain(string $typed, ?NumberStyle $style): bool
    {
        if ($style === NumberStyle::DecimalComma) {
            return false;
        }

        // Most of all are digits alone, and that is seen soonest.
        return (strlen($typed) <= 15 && ctype_digit($typed))
            || preg_match('/^-?\d{1,15}(?:\.\d{1,12})?$/D', $typed) === 1;
    }

    private static function decimalsOf(string $text, BigRational $value): int
    {
        if (preg_match('/^[-+−–]?\d*\.?(\d*)$/u', $text, $plain) === 1) {
            return strlen($plain[1]);
        }
        foreach (range(0, 6) as $decimals) {
            if ($value->toScale($decimals, RoundingMode::HALF_UP)->isEqualTo($value)) {
                return $decimals;
            }
        }

        return 2;
    }
}
