<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\NotANumber;

/**
 * A number field of the desk: sums and units are understood, and the answer is one plain number in the field's own
 * unit.
 */
final readonly class NumberField
{
    public const UNITS = ['frames', 'degrees', 'pixels', 'fraction', 'number'];

    private const LARGEST = 1e9;

    /**
     * @param string $typed such as `65*3.6`, `35%`, `126°`, `12f`, `1.5s`, `0:26` (minutes and seconds),
     *                      `0:04:15` (timecode), `40 px`
     * @param string $unit what the field holds: `frames`, `degrees`, `pixels`, `fraction` (35 % is 0.35) or `number`
     *
     * @throws BadTime where it looks like a timecode and is none
     * @throws NotANumber where it is no number, or has a unit that this field cannot take
     */
    public static function read(string $typed, string $unit, FrameRate $rate, bool $dropFrame = false): float
    {
        $text = trim($typed);
        if ($unit === 'frames' && preg_match('/^(\d{1,3}):([0-5]\d)$/D', $text, $clock) === 1) {
            return (float) $rate->framesIn(60.0 * (int) $clock[1] + (int) $clock[2]);
        }
        if ($unit === 'frames' && preg_match('/^\d+[:;]/', $text) === 1) {
            return (float) Timecode::read($text, $rate, $dropFrame)->frame;
        }
        $given = '';
        if (preg_match('/^(.*?)\s*(%|°|deg|px|frames?|f|s)$/iu', $text, $parts) === 1) {
            [$text, $given] = [$parts[1], mb_strtolower($parts[2])];
        }
        $number = CellNumber::read($text)->value->toFloat();
        if (abs($number) > self::LARGEST) {
            throw new NotANumber(sprintf('“%s” is too large.', trim($typed)));
        }
        $wrong = static fn (): NotANumber => new NotANumber(
            sprintf(
                '“%s” has the wrong unit. This field uses %s.',
                trim($typed),
                $unit === 'fraction' ? 'percent' : $unit,
            ),
        );

        return match ($unit) {
            'frames' => match ($given) {
                '', 'f', 'frame', 'frames' => round($number),
                's' => (float) $rate->framesIn($number),
                default => throw $wrong(),
            },
            'degrees' => match ($given) {
                '', '°', 'deg' => $number,
                '%' => $number * 3.6,
                default => throw $wrong(),
            },
            'fraction' => match ($given) {
                '', '%' => $number / 100,
                '°', 'deg' => $number / 360,
                default => throw $wrong(),
            },
            'pixels' => in_array($given, ['', 'px'], true) ? $number : throw $wrong(),
            default => $given === '' ? $number : throw $wrong(),
        };
    }
}
