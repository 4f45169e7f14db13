<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/**
 * Days that read well along an axis of time: beginnings of years, quarters, months and weeks, or days.
 *
 * Source: the rule of d3-time's utcTicks, from days on; checked against d3-time.
 */
final readonly class TimeTicks
{
    private const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    /** what can be between two ticks, how often, and about how many days that is */
    private const STEPS = [
        ['day', 1, 1.0],
        ['day', 2, 2.0],
        ['week', 1, 7.0],
        ['month', 1, 30.0],
        ['month', 3, 90.0],
        ['year', 1, 365.0],
    ];

    /**
     * @param int $from and the other: first and last day, counted by the calendar
     * @param int $count about how many are wanted
     *
     * @return array<int, string> what stands at a tick, by its day, rising
     */
    public static function of(int $from, int $to, int $count): array
    {
        [$kind, $every] = self::step($from, $to, $count);
        $ticks = [];
        for ($day = self::first($from, $kind, $every); $day <= $to; $day = self::next($day, $kind, $every)) {
            $ticks[$day] = self::text($day, $kind);
        }

        return $ticks;
    }

    /** @return array{string, int} */
    private static function step(int $from, int $to, int $count): array
    {
        $wanted = max(1, $to - $from) / max(1, $count);
        $index = 0;
        while (isset(self::STEPS[$index]) && self::STEPS[$index][2] <= $wanted) {
            ++$index;
        }
        if ($index === count(self::STEPS)) {
            return ['year', max(1, (int) Scale::step($from / 365, $to / 365, $count))];
        }
        if ($index > 0 && $wanted / self::STEPS[$index - 1][2] < self::STEPS[$index][2] / $wanted) {
            --$index;
        }

        return [self::STEPS[$index][0], self::STEPS[$index][1]];
    }

    private static function first(int $from, string $kind, int $every): int
    {
        for ($day = $from;; ++$day) {
            [$year, $month, $date] = Calendar::dayOf($day);
            $isOne = match ($kind) {
                'day' => $day % $every === 0,
                // The first of January 1970 was a Thursday; weeks begin on Sundays.
                'week' => ($day + 4) % 7 === 0,
                'month' => $date === 1 && ($month - 1) % $every === 0,
                default => $date === 1 && $month === 1 && $year % $every === 0,
            };
            if ($isOne) {
                return $day;
            }
        }
    }

    private static function next(int $day, string $kind, int $every): int
    {
        [$year, $month, $date] = Calendar::dayOf($day);

        return match ($kind) {
            'day' => $day + $every,
            'week' => $day + 7,
            'month' => Calendar::days($year + intdiv($month - 1 + $every, 12), ($month - 1 + $every) % 12 + 1, 1),
            default => Calendar::days($year + $every, 1, $date),
        };
    }

    private static function text(int $day, string $kind): string
    {
        [$year, $month, $date] = Calendar::dayOf($day);

        return match (true) {
            $kind === 'year', $kind === 'month' && $month === 1 => (string) $year,
            $kind === 'month' => self::MONTHS[$month - 1] ?? '',
            default => $date.' '.(self::MONTHS[$month - 1] ?? ''),
        };
    }
}
