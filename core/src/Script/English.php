<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/**
 * How English says what is written in signs and figures. All that is particular to a language is here.
 *
 * Common practice, no source.
 */
final readonly class English
{
    private const SIGNS = [
        '&' => 'and',
        '+' => 'plus',
        '=' => 'equals',
        '×' => 'times',
        '÷' => 'divided by',
        '%' => 'per cent',
        '‰' => 'per mille',
        '@' => 'at',
        '#' => 'number',
        '→' => 'to',
    ];

    private const ABBREVIATIONS = [
        'e.g.' => 'for example',
        'i.e.' => 'that is',
        'etc.' => 'et cetera',
        'approx.' => 'approximately',
        'vs.' => 'versus',
        'vs' => 'versus',
        'no.' => 'number',
        'nos.' => 'numbers',
        'hrs' => 'hours',
        'hr' => 'hour',
        'mins' => 'minutes',
        'min.' => 'minutes',
        'p.a.' => 'per annum',
    ];

    /** said in the plural unless one is counted */
    private const UNITS = [
        'kg' => 'kilogram',
        'g' => 'gram',
        't' => 'tonne',
        'km' => 'kilometre',
        'm' => 'metre',
        'cm' => 'centimetre',
        'mm' => 'millimetre',
        'l' => 'litre',
        'ml' => 'millilitre',
        'h' => 'hour',
        'min' => 'minute',
        's' => 'second',
        'kWh' => 'kilowatt hour',
        'kW' => 'kilowatt',
        'W' => 'watt',
        '°C' => 'degree Celsius',
        '°F' => 'degree Fahrenheit',
        '°' => 'degree',
    ];

    private const MONEY = ['£' => 'pound', '€' => 'euro', '$' => 'dollar', '¥' => 'yen'];

    private const LARGE = ['k' => 'thousand', 'm' => 'million', 'bn' => 'billion'];

    private const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    private const SMALL = [
        'zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
        'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
    ];

    private const FRACTIONS = [
        '½' => 'a half',
        '¼' => 'a quarter',
        '¾' => 'three quarters',
        '⅓' => 'a third',
        '⅔' => 'two thirds',
        '1/2' => 'a half',
        '1/4' => 'a quarter',
        '3/4' => 'three quarters',
        '1/3' => 'a third',
        '2/3' => 'two thirds',
        '1/5' => 'a fifth',
        '1/10' => 'a tenth',
    ];

    private const SIZES = [1_000_000_000 => 'billion', 1_000_000 => 'million', 1000 => 'thousand', 100 => 'hundred'];

    /**
     * What is said for a word as it is written.
     *
     * @param string $before the word before it, as written
     */
    public static function spoken(string $word, string $before): string
    {
        preg_match('/^([("“‘\'\[]*)(.*?)([)"”’\'\],;:!?…]*|\.)$/us', $word, $parts);
        [$bare, $after] = [$parts[2] ?? $word, $parts[3] ?? ''];
        $pause = strpbrk($after, '.,;:!?') === false ? '' : substr(strpbrk($after, '.,;:!?'), 0, 1);
        $said = self::SIGNS[$bare]
            ?? self::FRACTIONS[$bare]
            ?? self::ABBREVIATIONS[mb_strtolower($bare.($after === '.' ? '.' : ''))]
            ?? self::ABBREVIATIONS[mb_strtolower($bare)]
            ?? null;
        if ($said !== null) {
            return $said.($after === '.' ? '' : $pause);
        }
        if (isset(self::UNITS[$bare]) && preg_match('/\d$/', $before) === 1) {
            return self::plural(self::UNITS[$bare], $before).$pause;
        }

        return self::counted($bare).$pause;
    }

    /** Whether a text ends with an abbreviation, whose full stop is not that of a sentence. */
    public static function isAbbreviated(string $text): bool
    {
        $words = explode(' ', $text);
        $last = mb_strtolower($words[count($words) - 1]);

        return isset(self::ABBREVIATIONS[$last]) && $last !== 'etc.';
    }

    /** A word with figures in it. */
    private static function counted(string $bare): string
    {
        if (preg_match('/\d/', $bare) !== 1) {
            // Signs within a word would be named one by one.
            return str_replace(['/', '_', '–', '—'], ' ', $bare);
        }
        if (preg_match('/^([£€$¥])([\d.,]+)(k|m|bn)?$/iu', $bare, $parts) === 1) {
            $large = isset($parts[3]) ? ' '.self::LARGE[strtolower($parts[3])] : '';

            return self::number($parts[2]).$large.' '.self::plural(self::MONEY[$parts[1]], $large === '' ? $parts[2] : '2');
        }
        if (preg_match('/^([+−-]?)([\d.,]+)(%|°C|°F|°|[a-zA-Z]+)?$/u', $bare, $parts) === 1) {
            $sign = $parts[1] === '' ? '' : ($parts[1] === '+' ? 'plus ' : 'minus ');
            $unit = $parts[3] ?? '';
            $named = match (true) {
                $unit === '' => '',
                $unit === '%' => ' per cent',
                isset(self::UNITS[$unit]) => ' '.self::plural(self::UNITS[$unit], $parts[2]),
                isset(self::LARGE[strtolower($unit)]) => ' '.self::LARGE[strtolower($unit)],
                default => $unit,
            };

            return $sign.($unit === '' ? self::numberOrYear($parts[2]) : self::number($parts[2])).$named;
        }
        if (preg_match('/^(\d+)[–-](\d+)(%?)$/u', $bare, $parts) === 1) {
            return self::numberOrYear($parts[1]).' to '.self::numberOrYear($parts[2]).($parts[3] === '' ? '' : ' per cent');
        }
        if (preg_match('/^(\d+)\/(\d+)$/', $bare, $parts) === 1) {
            return self::number($parts[1]).' over '.self::number($parts[2]);
        }

        return $bare;
    }

    /** Years are said in pairs: 2024 is twenty twenty-four, 1908 is nineteen oh eight. */
    private static function numberOrYear(string $digits): string
    {
        if (preg_match('/^(1[1-9]|20)(\d\d)$/', $digits, $parts) !== 1 || ($parts[1] === '20' && $parts[2] < '10')) {
            return self::number($digits);
        }

        return self::number($parts[1]).' '.match (true) {
            $parts[2] === '00' => 'hundred',
            $parts[2] < '10' => 'oh '.self::number($parts[2]),
            default => self::number($parts[2]),
        };
    }

    /** A number as it is said: 1,248 is one thousand two hundred and forty-eight. */
    private static function number(string $digits): string
    {
        $plain = str_replace(',', '', rtrim($digits, '.,'));
        [$whole, $decimals] = [...explode('.', $plain), ''];
        if ($whole === '' || strlen($whole) > 12) {
            return $digits;
        }
        $said = self::whole((int) $whole);
        if ($decimals === '') {
            return $said;
        }

        return $said.' point '.implode(' ', array_map(
            static fn (string $digit): string => self::SMALL[(int) $digit],
            str_split($decimals),
        ));
    }

    private static function whole(int $number): string
    {
        if ($number < 20) {
            return self::SMALL[$number];
        }
        if ($number < 100) {
            return self::TENS[intdiv($number, 10)].($number % 10 === 0 ? '' : '-'.self::SMALL[$number % 10]);
        }
        foreach (self::SIZES as $size => $name) {
            if ($number >= $size) {
                $rest = $number % $size;
                $joined = $rest === 0 ? '' : ($rest < 100 ? ' and ' : ' ').self::whole($rest);

                return self::whole(intdiv($number, $size)).' '.$name.$joined;
            }
        }

        return (string) $number;
    }

    private static function plural(string $unit, string $count): string
    {
        if ($unit === 'yen' || in_array(trim($count), ['1', '1.0'], true)) {
            return $unit;
        }

        return str_starts_with($unit, 'degree') ? 'degrees'.substr($unit, strlen('degree')) : $unit.'s';
    }
}
