<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Import;

/**
 * Writes one set of figures as people write tables: with signs, heads, sums, gaps and all that stands around. What is
 * to be understood of it is known, since it was known before it was written.
 */
final class WrittenTable
{
    /** habits, by what they are about; the first is the plainest */
    public const HABITS = [
        'separator' => ["\t", ',', ';', '|'],
        'file' => ['plain', 'quoted', 'CRLF', 'mark', 'trailing', 'spaced', 'barred'],
        'numbers' => [
            'plain', 'thousands', 'points', 'spaces', 'apostrophes', 'unit', 'money', 'percent', 'degrees', 'footnotes',
            'minus', 'letters', 'powers', 'Indian', 'decimals', 'commas', 'money after', 'code', 'millions', 'percent after',
            'brackets', 'plus', 'pieces', 'about', 'hours', 'straight',
        ],
        'gap' => [
            null, 'n/a', '–', '', '#N/A', '#DIV/0!', '..', 'NaN', '#REF!', 'k. A.', '---', 'not known',
        ],
        'columns' => [
            'one', 'two', 'years', 'quarters', 'months', 'short months', 'days', 'weekdays', 'FY', 'spans', 'Qs',
        ],
        'head' => ['one', 'two', 'none', 'units', 'over'],
        'above' => [
            [], ['A year at the Mending Room'], ['A year at the Mending Room', ''], ['The door', 'all of it', ''],
        ],
        'below' => [[], ['Source: the book at the door'], ['', 'Source: the book at the door'], ['* counted twice']],
        'sums' => [
            'none', 'total', 'above', 'subtotals', 'mean', 'total and mean', 'column', 'TOTAL', 'Sum', 'Total:', 'Σ', 'All kinds',
            'Gesamt',
        ],
        'between' => ['none', 'blank row', 'blank column', 'sections', 'below', 'beside'],
        'extra' => ['none', 'ID', '#', 'notes', 'region', 'No.'],
        'labels' => ['plain', 'commas', 'digits', 'accents', 'long', 'numbered', 'dashed', 'colon', 'upper'],
        'layout' => ['figures', 'long', 'moments'],
    ];

    private const LABELS = [
        'plain' => ['Kettles', 'Lamps', 'Coats', 'Bicycles', 'Toys', 'Radios'],
        'commas' => ['Kettles, toasters', 'Lamps', 'Coats, bags', 'Bicycles', 'Toys', 'Radios, clocks'],
        'digits' => ['Kettles of 2 litres', '12 V lamps', 'Coats', 'Bicycles 26"', 'Toys (3+)', 'Radios'],
        'numbered' => ['1. Kettles', '2. Lamps', '3. Coats', '4. Bicycles', '5. Toys', '6. Radios'],
        'dashed' => ['– Kettles', '– Lamps', '– Coats', '– Bicycles', '– Toys', '– Radios'],
        'colon' => ['Kettles:', 'Lamps:', 'Coats:', 'Bicycles:', 'Toys:', 'Radios:'],
        'upper' => ['KETTLES', 'LAMPS', 'COATS', 'BICYCLES', 'TOYS', 'RADIOS'],
        'accents' => ['Wasserkocher', 'Nähmaschinen', 'Vêtements', 'Fahrräder', 'Šperky', 'Radios'],
        'long' => [
            'Kettles and all else that boils water', 'Lamps and lights', 'Coats that lost a button', 'Bicycles',
            'Toys that used to move', 'Radios that hum',
        ],
    ];

    private const COLUMNS = [
        'one' => ['Things'],
        'two' => ['Things', 'Hours'],
        'years' => ['2022', '2023', '2024'],
        'quarters' => ['2023 Q3', '2023 Q4', '2024 Q1'],
        'short months' => ['Jan 23', 'Feb 23', 'Mar 23'],
        'days' => ['01/02/2023', '15/02/2023', '28/02/2023'],
        'weekdays' => ['Wednesday', 'Thursday', 'Friday', 'Saturday'],
        'FY' => ['FY2022', 'FY2023', 'FY2024'],
        'spans' => ['2021/22', '2022/23', '2023/24'],
        'Qs' => ['Q1', 'Q2', 'Q3', 'Q4'],
        'months' => ['January', 'February', 'March', 'April'],
    ];

    /** @var list<list<float|null>> by row and column */
    private array $figures = [];

    /** @param array<string, mixed> $habits one for each key of HABITS */
    public function __construct(public readonly array $habits, private readonly int $seed)
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($this->seed));
        foreach ($this->labels() as $row => $label) {
            foreach ($this->moments() as $column => $name) {
                $this->figures[$row][$column] = (float) match ($this->habits['numbers']) {
                    'plain', 'footnotes', 'pieces', 'about' => (float) $random->getInt(1, 99),
                    'thousands', 'points', 'spaces',
                    'apostrophes', 'straight' => $random->getInt(10_000, 99_999_999) / 10,
                    'money', 'money after', 'code' => $random->getInt(100, 9_999_999) / 100,
                    'percent', 'percent after', 'commas', 'hours' => $random->getInt(1, 999) / 10,
                    'degrees' => (float) $random->getInt(1, 359),
                    'minus', 'brackets', 'plus' => (float) $random->getInt(-60, 90) ?: 1.0,
                    'letters' => $random->getInt(11, 99) * 100.0,
                    'millions' => $random->getInt(11, 999) * 1e5,
                    'powers' => $random->getInt(11, 99) * 1e9,
                    'Indian' => (float) $random->getInt(123_456, 99_999_999),
                    'unit' => (float) $random->getInt(100, 9999),
                    default => $random->getInt(1, 9999) / 100,
                };
            }
        }
        if ($this->habits['gap'] !== null) {
            $this->figures[2][0] = null;
        }
    }

    /** A number of the seed decides every habit; those that exclude each other give way to plainer ones. */
    public static function of(int $seed): self
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $habits = [];
        foreach (self::HABITS as $about => $ways) {
            // Each table is plain in some things.
            $habits[$about] = $random->getInt(0, 2) === 0 ? $ways[0] : $ways[$random->getInt(0, count($ways) - 1)];
        }

        return new self(self::together($habits), $seed);
    }

    /**
     * @param array<string, mixed> $habits
     *
     * @return array<string, mixed>
     */
    private static function together(array $habits): array
    {
        if ($habits['layout'] !== 'figures') {
            $habits = [...$habits, 'sums' => 'none', 'extra' => 'none', 'head' => 'one', 'gap' => null];
            $isOfMoments = !in_array($habits['columns'], ['one', 'two', 'weekdays'], true);
            $habits['columns'] = $isOfMoments ? $habits['columns'] : 'years';
        }
        if ($habits['head'] === 'none') {
            // Without a head nothing says what a column is.
            $habits = [...$habits, 'columns' => 'one', 'extra' => 'none', 'above' => [], 'sums' => 'none'];
        }
        if ($habits['layout'] !== 'figures' || $habits['head'] === 'none' || $habits['sums'] !== 'none') {
            $habits['between'] = 'none';
        }
        if ($habits['extra'] !== 'none' && in_array($habits['between'], ['sections', 'blank column'], true)) {
            $habits['extra'] = 'none';
        }
        if ($habits['between'] === 'sections' && $habits['columns'] === 'one') {
            $habits['columns'] = 'years';
        }
        if ($habits['head'] === 'two') {
            $habits['columns'] = 'two';
        }
        if ($habits['sums'] === 'column' && in_array($habits['columns'], ['one', 'two'], true)) {
            $habits['sums'] = 'none';
        }
        if ($habits['numbers'] === 'minus' && $habits['sums'] === 'subtotals') {
            $habits['sums'] = 'total';
        }

        return $habits;
    }

    /** @return list<string> what its columns are to be called */
    public function columns(): array
    {
        return $this->isTurned() ? $this->labels() : self::asRead($this->names());
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> moments as Lupine keeps them
     */
    private static function asRead(array $names): array
    {
        return str_replace(
            ['Jan 23', 'Feb 23', 'Mar 23', '01/02/2023', '15/02/2023', '28/02/2023'],
            ['2023-01', '2023-02', '2023-03', '2023-02-01', '2023-02-15', '2023-02-28'],
            $names,
        );
    }

    /** A row for each moment stays one: the desk offers to turn it. */
    private function isTurned(): bool
    {
        return $this->habits['layout'] === 'moments';
    }

    /** @return list<string> */
    private function moments(): array
    {
        return $this->habits['head'] === 'two'
            ? ['2022 Mended', '2022 Not', '2023 Mended', '2023 Not']
            : self::COLUMNS[$this->habits['columns']];
    }

    /** @return list<string> */
    private function names(): array
    {
        // A unit below one name belongs to it; below all of them it tells nothing apart.
        return $this->habits['head'] === 'units' && $this->habits['columns'] === 'one'
            ? ['Things (kg)']
            : $this->moments();
    }

    /** @return list<array{string, list<float|null>}> the figures that are to be understood, in order */
    public function figures(): array
    {
        return $this->isTurned()
            ? array_map(
                fn (string $moment, int $at): array => [$moment, array_column($this->figures, $at)],
                $this->moments(),
                array_keys($this->moments()),
            )
            : array_map(null, $this->labels(), $this->figures);
    }

    public function text(): string
    {
        $lines = match ($this->habits['layout']) {
            'long' => $this->long(),
            'moments' => $this->turned(),
            default => $this->rows(),
        };
        $lines = $this->withBetween($lines);
        $width = max(array_map(count(...), $lines));
        $around = static fn (array $texts): array => array_map(
            static fn (string $text): array => array_pad([$text], $width, ''),
            $texts,
        );
        $all = [...$around($this->habits['above']), ...$lines, ...$around($this->habits['below'])];

        return ($this->habits['file'] === 'mark' ? "\u{FEFF}" : '')
            .implode($this->habits['file'] === 'CRLF' ? "\r\n" : "\n", array_map($this->record(...), $all));
    }

    /**
     * @param list<list<string>> $lines
     *
     * @return list<list<string>>
     */
    private function withBetween(array $lines): array
    {
        $width = max(array_map(count(...), $lines));
        $middle = count($lines) - 3;
        switch ($this->habits['between']) {
            case 'blank row':
                array_splice($lines, $middle, 0, [array_fill(0, $width, '')]);
                break;
            case 'blank column':
                return array_map(static fn (array $line): array => [$line[0], '', ...array_slice($line, 1)], $lines);
            case 'sections':
                array_splice($lines, $middle, 0, [array_pad(['In the shed'], $width, '')]);
                array_splice($lines, count($lines) - 7, 0, [array_pad(['In the kitchen'], $width, '')]);
                break;
            case 'below':
                $other = [['Volunteer', 'Hours'], ['Morning', '8'], ['Evening', '9']];
                array_push($lines, array_fill(0, $width, ''), ...$other);
                break;
            case 'beside':
                $other = [['Volunteer', 'Hours'], ['Morning', '8'], ['Evening', '9'], ['Night', '2']];
                $from = count($lines) - 6;
                foreach ($lines as $at => $line) {
                    $lines[$at] = [...array_pad($line, $width, ''), '', ...$other[$at - $from + 1] ?? ['', '']];
                }
        }

        return array_values($lines);
    }

    /** @return list<list<string>> */
    private function long(): array
    {
        $lines = [['kind', 'when', 'things']];
        foreach ($this->moments() as $column => $name) {
            foreach ($this->labels() as $row => $label) {
                $lines[] = [$label, $name, $this->number($this->figures[$row][$column], $row)];
            }
        }

        return $lines;
    }

    /** @return list<list<string>> */
    private function turned(): array
    {
        $lines = [['When', ...$this->labels()]];
        foreach ($this->moments() as $column => $name) {
            $line = [$name];
            foreach ($this->labels() as $row => $label) {
                $line[] = $this->number($this->figures[$row][$column], $row);
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return list<list<string>> */
    private function rows(): array
    {
        $lines = match ($this->habits['head']) {
            'none' => [],
            'over' => [
                ['', 'Things kept', ...array_fill(0, count($this->moments()) - 1, '')],
                ['Kind', ...$this->moments()],
            ],
            'two' => [['', '2022', '', '2023', ''], ['Kind', 'Mended', 'Not', 'Mended', 'Not']],
            'units' => [
                ['Kind', ...$this->moments()],
                ['', ...array_fill(0, count($this->moments()), '(kg)')],
            ],
            default => [['Kind', ...$this->moments()]],
        };
        $head = count($lines);
        foreach ($this->figures as $row => $figures) {
            $numbers = array_map(fn (?float $one): string => $this->number($one, $row), $figures);
            $lines[] = [$this->labels()[$row], ...$numbers];
        }
        $lines = $this->withSums($lines, $head);

        return array_map(
            fn (array $line, int $at): array => $this->withExtra($line, $at, $head),
            $lines,
            array_keys($lines),
        );
    }

    /**
     * @param list<list<string>> $lines
     *
     * @return list<list<string>>
     */
    private function withSums(array $lines, int $head): array
    {
        $half = intdiv(count($this->figures), 2);
        $total = $this->sumOf('Total', $this->figures);
        $mean = ['Average', ...array_map(
            fn (int $column): string => $this->number(self::mean(array_column($this->figures, $column)), 0),
            array_keys($this->moments()),
        )];
        switch ($this->habits['sums']) {
            case 'total':
                $lines[] = $total;
                break;
            case 'above':
                array_splice($lines, $head, 0, [$total]);
                break;
            case 'mean':
                $lines[] = $mean;
                break;
            case 'total and mean':
                array_push($lines, $total, $mean);
                break;
            case 'subtotals':
                $first = $this->sumOf('Subtotal', array_slice($this->figures, 0, $half));
                $second = $this->sumOf('Subtotal', array_slice($this->figures, $half));
                array_splice($lines, $head + $half, 0, [$first]);
                array_push($lines, $second, $total);
                break;
            case 'TOTAL':
            case 'Sum':
            case 'Total:':
            case 'Σ':
            case 'All kinds':
            case 'Gesamt':
                $lines[] = [$this->habits['sums'], ...array_slice($total, 1)];
                break;
            case 'column':
                foreach ($lines as $at => $line) {
                    $row = $at - $head;
                    $lines[$at][] = $row < 0
                        ? [$this->habits['head'] === 'units' ? '(kg)' : 'Total', 'Total'][$head - 1 - $at]
                        : $this->number((float) array_sum($this->figures[$row]), $row);
                }
        }

        return array_values($lines);
    }

    /**
     * @param list<list<float|null>> $figures
     *
     * @return list<string>
     */
    private function sumOf(string $name, array $figures): array
    {
        return [$name, ...array_map(fn (float $sum): string => $this->number($sum, 1), $this->sums($figures))];
    }

    /**
     * @param list<list<float|null>> $figures
     *
     * @return list<float> by column
     */
    private function sums(array $figures): array
    {
        return array_map(
            static fn (int $column): float => (float) array_sum(array_column($figures, $column)),
            array_keys($this->moments()),
        );
    }

    /**
     * @param list<string> $line
     *
     * @return list<string>
     */
    private function withExtra(array $line, int $at, int $head): array
    {
        $row = array_search($line[0], $this->labels(), true);
        $isHead = $at === ($this->habits['head'] === 'units' ? 0 : $head - 1);

        return match ($this->habits['extra']) {
            'ID' => [$isHead ? 'ID' : ($row === false ? '' : (string) (4101 + 7 * $row)), ...$line],
            '#' => [$isHead ? '#' : ($row === false ? '' : (string) ($row + 1)), ...$line],
            'No.' => [$isHead ? 'No.' : ($row === false ? '' : ($row + 1).'.'), ...$line],
            'region' => [$isHead ? 'Region' : ($row === false ? '' : ['North', 'South'][$row % 2]), ...$line],
            'notes' => [...$line, $isHead ? 'Notes' : ($row === 1 ? 'counted at the door' : '')],
            default => $line,
        };
    }

    /** @param list<float|null> $figures what a spreadsheet's mean is of: those that are there */
    private static function mean(array $figures): float
    {
        $there = array_filter($figures, static fn (?float $one): bool => $one !== null);

        return round(array_sum($there) / count($there), 2);
    }

    private function number(?float $figure, int $row): string
    {
        if ($figure === null) {
            return (string) $this->habits['gap'];
        }
        $plain = rtrim(rtrim(number_format($figure, 2, '.', ''), '0'), '.');

        return match ($this->habits['numbers']) {
            'thousands' => number_format($figure, 1, '.', ','),
            'points' => number_format($figure, 1, ',', '.'),
            'spaces' => number_format($figure, 1, ',', "\u{202F}"),
            'apostrophes' => number_format($figure, 1, '.', '’'),
            'unit' => number_format($figure, 0, '.', ',').' kg',
            'money' => '€'.number_format($figure, 2, '.', ','),
            'percent' => $plain.'%',
            'degrees' => $plain.'°',
            'footnotes' => $plain.['', '*', '[1]', '', '†', ''][$row % 6],
            'minus' => str_replace('-', '−', $plain),
            'letters' => rtrim(rtrim(number_format($figure / 1000, 2, '.', ''), '0'), '.').'k',
            'powers' => rtrim(rtrim(number_format($figure / 1e10, 3, '.', ''), '0'), '.').'e10',
            'Indian' => self::indian($plain),
            'commas' => str_replace('.', ',', $plain),
            'money after' => number_format($figure, 2, ',', '.').' €',
            'code' => 'EUR '.number_format($figure, 2, '.', ','),
            'millions' => '$'.rtrim(rtrim(number_format($figure / 1e6, 1, '.', ''), '0'), '.').' million',
            'percent after' => $plain.' %',
            'brackets' => $figure < 0 ? '('.ltrim($plain, '-').')' : $plain,
            'plus' => ($figure > 0 ? '+' : '').$plain,
            'pieces' => $plain.' pcs',
            'about' => '~'.$plain,
            'hours' => $plain.' h',
            'straight' => number_format($figure, 1, '.', "'"),
            default => $plain,
        };
    }

    private static function indian(string $plain): string
    {
        [$whole, $rest] = [...explode('.', $plain), ''];
        $grouped = strlen($whole) <= 3 ? $whole : implode(',', [
            ...array_map(strrev(...), array_reverse(str_split(strrev(substr($whole, 0, -3)), 2))),
            substr($whole, -3),
        ]);

        return $grouped.($rest === '' ? '' : '.'.$rest);
    }

    /** @return list<string> */
    private function labels(): array
    {
        return self::LABELS[$this->habits['labels']];
    }

    /** @param list<string> $fields RFC 4180 */
    private function record(array $fields): string
    {
        $separator = $this->habits['separator'];
        $way = $this->habits['file'];
        $record = implode($separator, array_map(
            static fn (string $field): string => strpbrk($field, $separator."\"\n") === false && $way !== 'quoted'
                ? ($way === 'spaced' && $field !== '' ? ' '.$field.' ' : $field)
                : '"'.str_replace('"', '""', $field).'"',
            $fields,
        ));

        return match ($way) {
            'trailing' => $record.$separator,
            'barred' => '| '.implode(' | ', $fields).' |',
            default => $record,
        };
    }
}
