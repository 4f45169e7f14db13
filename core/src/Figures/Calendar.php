<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/**
 * Days of the calendar, counted from the first of January 1970. Source: Hinnant, “chrono-compatible low-level date
 * algorithms”, days_from_civil and civil_from_days.
 */
final readonly class Calendar
{
    private const ERA = 146_097;
    private const SHIFT = 719_468;

    private const MONTHS = 'jan(uary)?|feb(ruary)?|mar(ch)?|apr(il)?|may|june?|july?|aug(ust)?|sept?(ember)?|oct(ober)?'
        .'|nov(ember)?|dec(ember)?';
    private const DAYS = 'mon(day)?|tue(s|sday)?|wed(nesday)?|thu(rs?|rsday)?|fri(day)?|sat(urday)?|sun(day)?';
    private const OTHERS = 'spring|summer|autumn|fall|winter|(q|quarter )[1-4]|(week|month|day) \d{1,3}|morning|afternoon'
        .'|evening|night';

    public static function days(int $year, int $month, int $day): int
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = (int) floor($year / 400);
        $ofEra = $year - $era * 400;
        $ofYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;

        return $era * self::ERA + $ofEra * 365 + intdiv($ofEra, 4) - intdiv($ofEra, 100) + $ofYear - self::SHIFT;
    }

    /** @return array{int, int, int} year, month and day */
    public static function dayOf(int $days): array
    {
        $days += self::SHIFT;
        $era = (int) floor($days / self::ERA);
        $day = $days - $era * self::ERA;
        $year = intdiv($day - intdiv($day, 1460) + intdiv($day, 36_524) - intdiv($day, 146_096), 365);
        $rest = $day - (365 * $year + intdiv($year, 4) - intdiv($year, 100));
        $month = intdiv(5 * $rest + 2, 153);

        return [
            $year + $era * 400 + ($month < 10 ? 0 : 1),
            $month < 10 ? $month + 3 : $month - 9,
            $rest - intdiv(153 * $month + 2, 5) + 1,
        ];
    }

    /**
     * Whether names are of months, weekdays, seasons or other times, in English or in numbers: they have an order of
     * their own, which their size must not change.
     *
     * @param list<string> $names
     */
    public static function areTimes(array $names): bool
    {
        $isTime = '/^('.self::MONTHS.'|'.self::DAYS.'|'.self::OTHERS.')\.?s?( \d{4}|,? ’?\d{2})?$/iu';
        foreach ($names as $name) {
            if (preg_match($isTime, trim($name)) !== 1) {
                return count($names) > 1 && PointInTime::all($names) !== null;
            }
        }

        return count($names) > 1;
    }
}
