<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Figures\PointInTime;

/** What stands in the columns of a grid: where its heading is, how its numbers are written, what each column is for. */
final readonly class Columns
{
    /** rows that are enough to see whether a column holds numbers */
    private const SAMPLE = 60;

    /** signs of a point in time */
    private const LONGEST_TIME = 60;

    /** rows from the top among which a heading is looked for */
    private const TOP = 30;

    private const TIME_NAMES = '/^(year|years|date|day|month|quarter|period|time|when|jahr|datum|monat|quartal)s?$/iu';
    private const GROUP_NAMES = '/^(group|region|category|cluster|type|class|section|gruppe|kategorie)s?$/iu';
    private const COLOUR_NAMES = '/^(colou?r|hex|swatch|farbe)s?$/iu';
    private const LABEL_NAMES = '/^(name|label|item|kind|what|title|country|part|bezeichnung)s?$/iu';
    private const COUNT_NAMES = '/^(#|id|ids|no\.?|nr\.?|num|index|rank|ranking|pos\.?|position|lfd\.? ?nr\.?)$/iu';
    private const NOTE = '/^(source|sources|note|notes|remark|quelle|anmerkung|hinweis|[*†¹²(])/iu';
    private const COLOUR = '/^#?[0-9a-f]{6}$/iD';

    /** sums that are worked out to see what they come to; each costs as much as a hundred numbers */
    private const MOST_SUMS = 5_000;

    /** digits with a sign between them and no letter; neither a day nor a month */
    private const SUM = '/^(?!\s*\d{1,4}([-\/.]\d{1,4}){1,2}\s*$)[^\pL]*\d[^\pL]*[-+*\/×÷−–][^\pL]*$/u';

    /** @var \ArrayObject<string, string|false> numbers as Lupine keeps them, or false, by their texts */
    private \ArrayObject $numbers;

    /** @var \ArrayObject<int, true> one entry for each sum that was worked out */
    private \ArrayObject $sums;

    /** @var \ArrayObject<string, string> what columns hold, by column and rows */
    private \ArrayObject $held;

    public function __construct(public Grid $grid, public NumberStyle $style)
    {
        /** @var \ArrayObject<string, string|false> $none */
        $none = new \ArrayObject();
        $this->numbers = $none;
        /** @var \ArrayObject<int, true> $sums */
        $sums = new \ArrayObject();
        $this->sums = $sums;
        /** @var \ArrayObject<string, string> $held */
        $held = new \ArrayObject();
        $this->held = $held;
    }

    /** @param NumberStyle|null $decided how numbers are written, where somebody has said so, and nothing settles it */
    public static function of(Grid $grid, ?NumberStyle $decided = null): self
    {
        $decided = $decided === null || NumberStyle::open(self::numberTexts($grid)) === null ? null : $decided;

        return $grid->style === NumberStyle::DecimalPoint
            ? new self(TextNumbers::read($grid), NumberStyle::DecimalPoint)
            : new self($grid, $decided ?? $grid->style ?? NumberStyle::detect(self::numberTexts($grid)));
    }

    /** A number of the grid that can be read either way, whatever the others say; null where there is none. */
    public function openNumber(): ?string
    {
        return $this->grid->style === null
            ? NumberStyle::open(self::numberTexts($this->grid))
            : null;
    }

    /** @throws ImpossibleFigures where there are more sums than are worked out */
    public function isNumber(string $field): bool
    {
        return $this->number($field) !== null;
    }

    /**
     * A number as Lupine keeps it; null where it is none.
     *
     * @throws ImpossibleFigures where there are more sums than are worked out
     */
    public function number(string $field): ?string
    {
        if ($field === '') {
            return null;
        }
        if (CellNumber::isPlain($field, $this->style)) {
            return $field;
        }
        if (!isset($this->numbers[$field])) {
            $this->numbers[$field] = $this->read($field);
        }
        $number = $this->numbers[$field];

        return $number === false ? null : $number;
    }

    private function read(string $field): string|false
    {
        // What has no digit and is not the rest is no number; most texts are told by that.
        if (preg_match('/\d|rest/i', $field) !== 1) {
            return false;
        }
        if (preg_match(self::SUM, $field) === 1) {
            $this->sums->append(true);
            if (count($this->sums) > self::MOST_SUMS) {
                throw new ImpossibleFigures(
                    sprintf(
                        'The table has more than %s cells with sums in them, the limit. Put in what they come to.',
                        number_format(self::MOST_SUMS),
                    ),
                    'the table',
                );
            }
        }
        try {
            return CellNumber::normalised($field, $this->style);
        } catch (NotANumber) {
            return Beside::number($field, $this->style) ?? false;
        }
    }

    /** How much a cell of the grid says; null where it says no number. */
    public function amount(int $row, int $column): ?float
    {
        $number = $this->number($this->grid->cell($row, $column));

        return $number === null ? null : CellNumber::read($number)->value->toFloat();
    }

    /** Whether a cell says more than the number that is read from it. */
    public function saysMore(string $field): bool
    {
        $number = $this->number($field);
        if ($number === null || $number === $field) {
            return false;
        }
        try {
            CellNumber::normalised($field, $this->style);

            return false;
        } catch (NotANumber) {
            return true;
        }
    }

    /**
     * Rows above the table: a title, a source, a date, each alone in its row.
     *
     * @param list<int> $rows indices of those that have something in them
     *
     * @return int how many of them
     */
    public function titles(array $rows): int
    {
        if ($this->grid->width < 2) {
            return 0;
        }
        foreach (array_slice($rows, 0, self::TOP) as $place => $row) {
            if (!$this->isAlone($row)) {
                return $place;
            }
        }

        return 0;
    }

    /**
     * Rows below the table: a source or a remark, after an empty row or with a word that says so.
     *
     * @param list<int> $rows indices of those that have something in them
     *
     * @return int how many of them
     */
    public function notes(array $rows): int
    {
        if ($this->grid->width < 2) {
            return 0;
        }
        $notes = 0;
        for ($place = count($rows) - 1; $place > 0; --$place) {
            if (!$this->isAlone($rows[$place])) {
                break;
            }
            $isApart = $rows[$place] > $rows[$place - 1] + 1;
            if ($isApart || preg_match(self::NOTE, trim(implode('', $this->grid->rows[$rows[$place]]))) === 1) {
                $notes = count($rows) - $place;
            }
        }

        return $notes;
    }

    /**
     * Where a table of its own begins below this one: after an empty row, with texts where there were numbers.
     *
     * @param list<int> $rows indices of those with figures
     *
     * @return int|null the index of its first row; null where there is none
     */
    public function below(array $rows): ?int
    {
        $numbers = null;
        $last = PHP_INT_MAX;
        foreach (array_slice($rows, 0, -1, true) as $place => $row) {
            $isApart = $place > 1 && $row > $rows[$place - 1] + 1;
            if (!$isApart || $this->isAlone($row)) {
                continue;
            }
            if ($numbers === null) {
                $numbers = $this->numberColumns(array_slice($rows, 0, $place));
                $last = $this->lastFilled($rows, $numbers);
            }
            if ($row > $last || $this->isHead($row, $numbers)) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @param list<int> $rows
     *
     * @return list<int>
     */
    private function numberColumns(array $rows): array
    {
        return array_values(array_filter(
            range(0, max(0, $this->grid->width - 1)),
            fn (int $column): bool => $this->kind($column, $rows, '') === 'number',
        ));
    }

    /**
     * @param list<int> $rows
     * @param list<int> $columns
     *
     * @return int the last of the rows with something in these columns; -1: none has
     */
    private function lastFilled(array $rows, array $columns): int
    {
        foreach (array_reverse($rows) as $row) {
            foreach ($columns as $column) {
                if ($this->grid->cell($row, $column) !== '') {
                    return $row;
                }
            }
        }

        return -1;
    }

    /**
     * Whether texts, and no numbers, stand in a row where others have numbers.
     *
     * @param list<int> $numbers columns in which they have them
     */
    private function isHead(int $row, array $numbers): bool
    {
        $texts = 0;
        foreach ($numbers as $column) {
            $cell = $this->grid->cell($row, $column);
            if (Beside::isGap($cell) || ($this->isNumber($cell) && PointInTime::read($cell) === null)) {
                return false;
            }
            $texts += $cell === '' ? 0 : 1;
        }

        return $texts > 0;
    }

    /**
     * Whether a row names those below it: a text alone, where others have no numbers.
     *
     * @param list<int> $rows all, with figures or without
     */
    private function isSection(int $row, array $rows): bool
    {
        $filled = array_filter($this->grid->rows[$row], static fn (string $cell): bool => trim($cell) !== '');

        return $this->isAlone($row)
            && $this->kind((int) array_key_first($filled), array_slice($rows, 0, self::SAMPLE), '') !== 'number';
    }

    /** Whether one text stands alone in a row. */
    public function isAlone(int $row): bool
    {
        $cells = array_map(trim(...), $this->grid->rows[$row]);
        $filled = array_filter($cells, static fn (string $cell): bool => $cell !== '');

        return count($filled) === 1 && !$this->isNumber((string) reset($filled));
    }

    /** Whether the numbers of a row are years that name columns: those below them are none. */
    private function namesMoments(int $row, int $below): bool
    {
        $moments = 0;
        for ($column = 1; $column < $this->grid->width; ++$column) {
            $name = $this->grid->cell($row, $column);
            $cell = $this->grid->cell($below, $column);
            if (PointInTime::read($name) !== null && $this->isNumber($cell) && PointInTime::read($cell) === null) {
                ++$moments;
            } elseif ($this->isNumber($name)) {
                return false;
            }
        }

        return $moments > 1;
    }

    /**
     * Whether the first of two rows names the columns of the other.
     *
     * @param list<int> $rows indices of rows, without titles
     */
    public function hasHeading(array $rows): bool
    {
        if (count($rows) < 2 || (count($rows) > 2 && $this->namesMoments($rows[1], $rows[2]))) {
            return false;
        }
        $below = false;
        $first = $rows[1];
        foreach (array_slice($rows, 1, self::TOP) as $row) {
            // Between the head and its numbers may stand the name of a section.
            if (!$this->isSection($row, $rows)) {
                $first = $row;
                break;
            }
        }
        for ($column = 1; $column < $this->grid->width; ++$column) {
            $name = $this->grid->cell($rows[0], $column);
            if ($this->isNumber($name) && PointInTime::read($name) === null) {
                return false;
            }
            $below = $below || $this->isNumber($this->grid->cell($first, $column));
        }

        $name = $this->grid->cell($rows[0], 0);
        $isNumberBelow = $this->isNumber($this->grid->cell($first, 0));

        return $below || ($isNumberBelow && $name !== '' && !$this->isNumber($name));
    }

    /**
     * Whether the first of the rows names several columns together, and the second each of them.
     *
     * @param list<int> $rows indices of rows, without titles
     */
    public function hasTwoHeadings(array $rows): bool
    {
        if (count($rows) < 3 || $this->isSection($rows[1], $rows)) {
            return false;
        }
        if ($this->hasHeading($rows) || !$this->hasHeading(array_slice($rows, 1))) {
            return false;
        }
        $names = 0;
        for ($column = 0; $column < $this->grid->width; ++$column) {
            $name = $this->grid->cell($rows[0], $column);
            if ($this->isNumber($name) && PointInTime::read($name) === null) {
                return false;
            }
            $names += $name === '' || $column === 0 ? 0 : 1;
        }

        return $names > 0;
    }

    /**
     * Columns of another table that stands beside the first, with an empty column between, and texts and numbers of
     * its own.
     *
     * @param list<int> $rows those with figures
     *
     * @return list<int>
     */
    public function beside(array $rows): array
    {
        $columns = range(0, max(0, $this->grid->width - 1));
        $kinds = array_map(fn (int $column): string => $this->kind($column, $rows, ''), $columns);
        foreach ($kinds as $column => $kind) {
            $left = array_slice($kinds, 0, $column);
            $right = array_slice($kinds, $column + 1);
            $isTable = static fn (array $part): bool => in_array('number', $part, true)
                && (in_array('text', $part, true) || in_array('time', $part, true));
            if ($kind === 'none' && $isTable($left) && $isTable($right)) {
                return range($column + 1, $this->grid->width - 1);
            }
        }

        return [];
    }

    /**
     * @param list<int> $rows those with figures
     * @param list<string> $names what each column is called; empty where it is not
     * @param list<int> $leftOut columns that are not looked at
     *
     * @return list<string> a role of Choices::ROLES for each column
     */
    public function roles(array $rows, array $names, array $leftOut): array
    {
        $roles = array_fill(0, $this->grid->width, 'none');
        $kinds = [];
        for ($column = 0; $column < $this->grid->width; ++$column) {
            $kinds[$column] = in_array($column, $leftOut, true) ? 'none' : $this->kind($column, $rows, $names[$column]);
        }
        foreach ($this->counting($kinds, $rows, $names) as $column) {
            $kinds[$column] = 'none';
        }
        $times = array_keys($kinds, 'time', true);
        $texts = array_keys($kinds, 'text', true);
        $values = array_keys($kinds, 'number', true);
        $repeating = $times === [] || $values === [] ? null : $this->repeating($texts, $rows, $times[0], $names);
        if ($repeating !== null) {
            $roles[$repeating] = 'label';
            $roles[$times[0]] = 'time';
            $values = array_slice($values, 0, 1);
        } else {
            $label = $this->named(self::LABEL_NAMES, $texts, $names)
                ?? $this->finest($texts, $rows) ?? $times[0] ?? null;
            if ($label === null && count($values) > 1) {
                // Numbers name the figures where nothing else does.
                $label = array_shift($values);
            }
            if ($label !== null) {
                $roles[$label] = 'label';
            }
        }
        foreach ($this->alike($values, $names) as $column) {
            $roles[$column] = 'value';
        }
        $coarse = array_values(array_filter($texts, static fn (int $one): bool => $roles[$one] === 'none'))[0] ?? null;
        $isCoarse = $coarse !== null && ($roles[$coarse + 1] ?? '') === 'label' && $this->comesAgain($coarse, $rows);
        $group = $this->named(self::GROUP_NAMES, $texts, $names) ?? ($isCoarse ? $coarse : null);
        if ($group !== null && $roles[$group] === 'none') {
            $roles[$group] = 'group';
        }
        foreach (array_keys($kinds, 'colour', true) as $column) {
            $roles[$column] = 'colour';
            break;
        }

        return array_values($roles);
    }

    /**
     * Columns that count the rows, or name them by numbers: no values, where there are others.
     *
     * @param array<int, string> $kinds by column
     * @param list<int> $rows
     * @param list<string> $names of all columns
     *
     * @return list<int>
     */
    private function counting(array $kinds, array $rows, array $names): array
    {
        $numbers = array_keys($kinds, 'number', true);
        $texts = array_keys($kinds, 'text', true);
        $counting = [];
        foreach ([...$numbers, ...$texts] as $column) {
            $cells = array_map(fn (int $row): string => rtrim($this->grid->cell($row, $column), '.)'), $rows);
            $isOneByOne = $column === 0 && count($rows) > 2
                && $cells === array_map(strval(...), range(1, count($rows)));
            $others = array_diff(in_array($column, $texts, true) ? $texts : $numbers, [$column, ...$counting]);
            $isNamed = preg_match(self::COUNT_NAMES, $names[$column]) === 1;
            if (($isNamed || $isOneByOne) && $texts !== [] && $others !== []) {
                $counting[] = $column;
            }
        }

        return $counting;
    }

    /**
     * Of texts beside each other, such as a region and its branches, the one that tells rows apart.
     *
     * @param list<int> $texts
     * @param list<int> $rows
     */
    private function finest(array $texts, array $rows): ?int
    {
        foreach ([0, 1] as $place) {
            if (isset($texts[$place]) && !$this->comesAgain($texts[$place], $rows)) {
                return $texts[$place];
            }
        }

        return $texts[0] ?? null;
    }

    /** @param list<int> $rows */
    private function comesAgain(int $column, array $rows): bool
    {
        $cells = array_map(fn (int $row): string => $this->grid->cell($row, $column), $rows);

        return count(array_unique($cells)) < count($cells);
    }

    /**
     * Of columns some of which are years or months, those; else all of them.
     *
     * @param list<int> $values
     * @param list<string> $names of all columns
     *
     * @return list<int>
     */
    private function alike(array $values, array $names): array
    {
        $moments = array_values(array_filter(
            $values,
            fn (int $column): bool => PointInTime::read($names[$column]) !== null,
        ));

        return count($moments) > 1 ? $moments : $values;
    }

    /** @param list<int> $rows */
    private function kind(int $column, array $rows, string $name): string
    {
        if (preg_match(self::COLOUR_NAMES, $name) === 1) {
            $filled = $this->filled($column, $rows);
            if ($filled !== [] && preg_grep(self::COLOUR, $filled) === $filled) {
                return 'colour';
            }
        }
        $key = implode(' ', [$column, count($rows), $rows[0] ?? '', end($rows)]);
        $held = $this->held[$key] ??= $this->held($column, $rows);

        // A year is a number as well: it is a moment where its column says so, or begins the table.
        return match (true) {
            $held !== 'year' => $held,
            $column === 0 || preg_match(self::TIME_NAMES, $name) === 1 => 'time',
            default => 'number',
        };
    }

    /**
     * @param list<int> $rows
     *
     * @return list<string>
     */
    private function filled(int $column, array $rows): array
    {
        $filled = [];
        foreach ($rows as $row) {
            $cell = $this->grid->cell($row, $column);
            if ($cell !== '') {
                $filled[] = $cell;
            }
        }

        return $filled;
    }

    /**
     * What the cells of a column are, whatever it is called.
     *
     * @param list<int> $rows
     *
     * @return string none, time, year, number or text
     */
    private function held(int $column, array $rows): string
    {
        $filled = $this->filled($column, $rows);
        if ($filled === []) {
            return 'none';
        }
        $times = count($filled) > 1 ? $this->areTimes($filled) : null;
        if ($times !== null) {
            return $times === 'year' ? 'year' : 'time';
        }

        // Where it is said that there is no number, there would be one.
        $told = array_values(array_filter($filled, static fn (string $cell): bool => !Beside::isGap($cell)));

        return $this->areNumbers($told !== [] ? $told : $filled) ? 'number' : 'text';
    }

    /**
     * Whether at least half of the cells are numbers. It looks no further than it has to.
     *
     * @param non-empty-list<string> $cells
     */
    private function areNumbers(array $cells): bool
    {
        $numbers = $others = 0;
        foreach ($cells as $cell) {
            $this->isNumber($cell) ? ++$numbers : ++$others;
            if ($numbers * 2 >= count($cells)) {
                return true;
            }
            if ($others * 2 > count($cells)) {
                return false;
            }
        }

        return false;
    }

    /**
     * Whether the cells of a column are all points in time.
     *
     * @param list<int> $rows
     */
    public function areMoments(array $rows, int $column): bool
    {
        $cells = array_map(fn (int $row): string => $this->grid->cell($row, $column), $rows);

        return $cells !== [] && $this->areTimes($cells) !== null;
    }

    /**
     * How they are points in time, `year` where all of them are plain years; null where one is none.
     *
     * @param non-empty-list<string> $cells
     */
    private function areTimes(array $cells): ?string
    {
        $read = strlen($cells[0]) > self::LONGEST_TIME ? null : PointInTime::all($cells);

        return $read === null ? null : $read[0]->written.$read[0]->precision;
    }

    /**
     * The column of texts that names figures which come again at other moments.
     *
     * @param list<int> $texts
     * @param list<int> $rows
     * @param list<string> $names of all columns
     */
    private function repeating(array $texts, array $rows, int $time, array $names): ?int
    {
        $fitting = [];
        foreach ($texts as $column) {
            $pairs = $labels = [];
            foreach ($rows as $row) {
                $label = $this->grid->cell($row, $column);
                $labels[$label] = true;
                $pairs[$label."\n".$this->grid->cell($row, $time)] = true;
            }
            if (count($labels) * 3 <= count($rows) * 2 && count($pairs) * 10 >= count($rows) * 7) {
                $fitting[] = $column;
            }
        }

        return $this->named(self::LABEL_NAMES, $fitting, $names) ?? $fitting[0] ?? null;
    }

    /**
     * @param list<int> $columns
     * @param list<string> $names of all columns
     */
    private function named(string $pattern, array $columns, array $names): ?int
    {
        foreach ($columns as $column) {
            if (preg_match($pattern, $names[$column]) === 1) {
                return $column;
            }
        }

        return null;
    }

    /** @return \Generator<string> */
    private static function numberTexts(Grid $grid): \Generator
    {
        foreach ($grid->rows as $row) {
            foreach ($row as $field) {
                if (TextNumbers::isNumber($field)) {
                    yield trim($field);
                }
            }
        }
    }
}
