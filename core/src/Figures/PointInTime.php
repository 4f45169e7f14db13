<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/**
 * A year, quarter, month or day, as a cell or a heading says it: `2019`, `2019/20`, `FY2019`, `Q2 2019`, `Q2`,
 * `2019-03`, `March 2019`, `Mar-19`, `March`, `2019-03-05`, `5.3.2019`, `Mar 5 2019`. Which part stands first in
 * `3/4/2019`, and whether `2011/12` is a month or runs over two years, is settled by all of a column together.
 */
final readonly class PointInTime
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
    private const FULL = [
        'january', 'february', 'march', 'april', 'may', 'june',
        'july', 'august', 'september', 'october', 'november', 'december', 'sept',
    ];

    /** what is taken for a year where nothing else says so */
    private const YEAR = '(1[5-9]\d\d|2[01]\d\d)';

    /** A year that begins in one and ends in the next: `2019/20`, `2019–20`, `2019-2020`. */
    private const SPAN = '/^'.self::YEAR.'\s*[-\/–]\s*(\d\d|[12]\d{3})$/uD';

    /** `Mar-19`, `Mar ’19`, `mar 19` */
    private const SHORT = '/^(?<month>[a-z]{3,9})\.?(?<between>[-\s’\']+)(?<year>\d\d)$/uD';

    /**
     * @param int $year 0 where none is said
     * @param int $month 1 to 12; of a quarter its first; 1 of a year
     * @param string $precision year, quarter, month or day
     * @param string $written span or FY, of years that are written so
     */
    private function __construct(
        public int $year,
        public int $month,
        public int $day,
        public string $precision,
        public string $written = '',
    ) {
    }

    /** @param bool $monthFirst whether `3/4/2019` is the fourth of March */
    public static function read(string $text, bool $monthFirst = false): ?self
    {
        $text = mb_strtolower(trim($text));
        $year = self::YEAR;
        if (preg_match("/^{$year}\$/D", $text, $found) === 1) {
            return new self((int) $found[1], 1, 1, 'year');
        }
        if (preg_match("/^fy\\s*{$year}\$/D", $text, $found) === 1) {
            return new self((int) $found[1], 1, 1, 'year', 'FY');
        }
        if (preg_match('/^q([1-4])$/D', $text, $found) === 1) {
            return new self(0, 3 * (int) $found[1] - 2, 1, 'quarter');
        }
        if (preg_match("/^{$year}\\s*[-\\/]?\\s*q([1-4])\$/D", $text, $found) === 1) {
            return new self((int) $found[1], 3 * (int) $found[2] - 2, 1, 'quarter');
        }
        if (preg_match("/^q([1-4])\\s*[-\\/]?\\s*{$year}\$/D", $text, $found) === 1) {
            return new self((int) $found[2], 3 * (int) $found[1] - 2, 1, 'quarter');
        }
        if (preg_match("/^{$year}[-\\/.](\\d{1,2})\$/D", $text, $found) === 1) {
            return self::made((int) $found[1], (int) $found[2], 1, 'month') ?? self::span($text);
        }
        if (preg_match("/^(\\d{1,2})[-\\/.]{$year}\$/D", $text, $found) === 1) {
            return self::made((int) $found[2], (int) $found[1], 1, 'month');
        }
        $clock = '([t ]\d{1,2}:\d\d.*)?';
        if (preg_match("/^{$year}[-\\/.](\\d{1,2})[-\\/.](\\d{1,2}){$clock}\$/D", $text, $found) === 1) {
            return self::made((int) $found[1], (int) $found[2], (int) $found[3], 'day');
        }
        if (preg_match("/^(\\d{1,2})([-\\/.]) ?(\\d{1,2})[-\\/.] ?{$year}\$/D", $text, $found) === 1) {
            [$first, $second] = [(int) $found[1], (int) $found[3]];

            return $monthFirst && $found[2] !== '.'
                ? self::made((int) $found[4], $first, $second, 'day')
                : self::made((int) $found[4], $second, $first, 'day');
        }

        return self::inWords($text) ?? self::span($text) ?? self::short($text, false);
    }

    /**
     * All of a column: how dates of three numbers are written is found out from those that leave no choice.
     *
     * @param list<string> $texts
     *
     * @return list<self>|null null where one of them is no point in time
     */
    public static function all(array $texts): ?array
    {
        $read = [];
        $monthFirst = self::isMonthFirst($texts);
        $areSpans = self::areSpans($texts);
        $areShort = self::areShort($texts);
        $known = [];
        foreach ($texts as $text) {
            $one = $known[$text] ??= ($areSpans ? self::span($text) : null)
                ?? self::read($text, $monthFirst)
                ?? ($areShort ? self::short($text, true) : null);
            if ($one === null) {
                return null;
            }
            $read[] = $one;
        }

        return $read;
    }

    /**
     * Days that are all the first of a month stand for their months, and first months for their years.
     *
     * @param list<self> $points
     *
     * @return list<self>
     */
    public static function coarse(array $points): array
    {
        $areAll = static fn (callable $is): bool => array_filter($points, $is) === $points;
        if (!$areAll(static fn (self $point): bool => $point->precision === 'day' && $point->day === 1)) {
            return $points;
        }
        $isYears = $areAll(static fn (self $point): bool => $point->month === 1);

        return array_map(
            static fn (self $point): self => new self($point->year, $point->month, 1, $isYears ? 'year' : 'month'),
            $points,
        );
    }

    /** @param list<string> $texts */
    public static function isMonthFirst(array $texts): bool
    {
        foreach ($texts as $text) {
            if (preg_match('/^\s*(\d{1,2})[-\/](\d{1,2})[-\/]\d{4}\s*$/D', $text, $found) === 1) {
                if ((int) $found[1] > 12) {
                    return false;
                }
                if ((int) $found[2] > 12) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<string> $texts */
    private static function areSpans(array $texts): bool
    {
        foreach ($texts as $text) {
            if (self::span($text) === null) {
                return false;
            }
        }

        return count($texts) > 1;
    }

    /**
     * Whether `Mar 19` is a month of a year in all of them, and no day: fewer years are in them than months.
     *
     * @param list<string> $texts
     */
    private static function areShort(array $texts): bool
    {
        $years = [];
        foreach ($texts as $text) {
            if (preg_match(self::SHORT, mb_strtolower(trim($text)), $found) !== 1) {
                return false;
            }
            $years[$text] = $found['year'];
        }

        return count(array_unique($years)) * 2 <= count($years);
    }

    /** @param bool $withBlank whether a blank alone may stand before the year, as before a day */
    private static function short(string $text, bool $withBlank): ?self
    {
        $text = mb_strtolower(trim($text));
        if (preg_match(self::SHORT, $text, $found) !== 1 || (!$withBlank && trim($found['between']) === '')) {
            return null;
        }
        // Source of the century: POSIX.1-2017, strptime, %y: 69 to 99 are of the twentieth.
        $year = (int) $found['year'] + ((int) $found['year'] < 69 ? 2000 : 1900);

        return self::inWords($found['month'].' '.$year);
    }

    private static function span(string $text): ?self
    {
        if (preg_match(self::SPAN, trim($text), $found) !== 1) {
            return null;
        }
        [, $year, $next] = $found;

        return (int) $next === ((int) $year + 1) % (strlen($next) === 2 ? 100 : 10_000)
            ? new self((int) $year, 1, 1, 'year', 'span')
            : null;
    }

    /** Grows with time. */
    public function order(): int
    {
        return ($this->year * 12 + $this->month) * 31 + $this->day;
    }

    /** Its first day, counted by the calendar. */
    public function days(): int
    {
        return Calendar::days($this->year, $this->month, $this->day);
    }

    /** As it is shown and kept: `2019`, `2019/20`, `FY2019`, `2019 Q2`, `Q2`, `2019-03`, `March`, `2019-03-05`. */
    public function text(): string
    {
        return match (true) {
            $this->written === 'span' => sprintf('%d/%02d', $this->year, ($this->year + 1) % 100),
            $this->precision === 'year' => $this->written.$this->year,
            $this->precision === 'quarter' && $this->year === 0 => 'Q'.intdiv($this->month + 2, 3),
            $this->precision === 'quarter' => sprintf('%d Q%d', $this->year, intdiv($this->month - 1, 3) + 1),
            $this->year === 0 => ucfirst(self::FULL[$this->month - 1]),
            $this->precision === 'month' => sprintf('%d-%02d', $this->year, $this->month),
            default => sprintf('%d-%02d-%02d', $this->year, $this->month, $this->day),
        };
    }

    /** Months by their English names: alone, with a year, or with a year and a day. */
    private static function inWords(string $text): ?self
    {
        if (preg_match('/[a-z]{3,}/', $text, $name) !== 1) {
            return null;
        }
        $isFull = in_array($name[0], self::FULL, true);
        $month = array_search(substr($name[0], 0, 3), self::MONTHS, true);
        if ($month === false || (!$isFull && strlen($name[0]) !== 3)) {
            return null;
        }
        $rest = trim((string) preg_replace(['/'.$name[0].'/', '/[.,\-\/ ]+/'], ['', ' '], $text, 1));
        $rest = trim((string) preg_replace('/[.,\-\/ ]+/', ' ', $rest));
        if ($rest === '') {
            return new self(0, $month + 1, 1, 'month');
        }
        if (preg_match('/^'.self::YEAR.'$/D', $rest, $found) === 1) {
            return new self((int) $found[1], $month + 1, 1, 'month');
        }
        if (preg_match('/^(\d{1,2}) '.self::YEAR.'$/D', $rest, $found) === 1) {
            return self::made((int) $found[2], $month + 1, (int) $found[1], 'day');
        }

        return null;
    }

    private static function made(int $year, int $month, int $day, string $precision): ?self
    {
        return checkdate($month, $day, $year) ? new self($year, $month, $day, $precision) : null;
    }
}
