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

    public function __construct(public Grid $grid, public NumberStyle $style)
    {
        /** @var \ArrayObject<string, string|false> $none */
        $none = new \ArrayObject();
        $this->numbers = $none;
        /** @var \ArrayObject<int, true> $sums */
        $sums = new \ArrayObject();
        $this->sums = $sums;
    }

    public static function of(Grid $grid): self
    {
        return new self($grid, $grid->style ?? NumberStyle::detect(self::numberTexts($grid)));
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

    /** Whether one text stands alone in a row. */
    private function isAlone(int $row): bool
    {
        $cells = array_map(trim(...), $this->grid->rows[$row]);
        $filled = array_filter($cells, static fn (string $cell): bool => $cell !== '');

        return count($filled) === 1 && !$this->isNumber((string) reset($filled));
    }

    /**
     * Whether the first of two rows names the columns of the other.
     *
     * @param list<int> $rows indices of rows, without titles
     */
    public function hasHeading(array $rows): bool
    {
        if (count($rows) < 2) {
            return false;
        }
        $below = false;
        for ($column = 1; $column < $this->grid->width; ++$column) {
            $name = $this->grid->cell($rows[0], $column);
            if ($this->isNumber($name) && PointInTime::read($name) === null) {
                return false;
            }
            $below = $below || $this->isNumber($this->grid->cell($rows[1], $column));
        }

        $first = $this->grid->cell($rows[0], 0);
        $isNumberBelow = $this->isNumber($this->grid->cell($rows[1], 0));

        return $below || ($isNumberBelow && $first !== '' && !$this->isNumber($first));
    }

    /**
     * Whether the first of the rows names several columns together, and the second each of them.
     *
     * @param list<int> $rows indices of rows, without titles
     */
    public function hasTwoHeadings(array $rows): bool
    {
        if (count($rows) < 3 || $this->hasHeading($rows) || !$this->hasHeading(array_slice($rows, 1))) {
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
        $kinds = array_map(fn (int $column): string => $this->kind($column, $rows, null), $columns);
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
     * @param list<int> $leftOut columns that are not looked at
     *
     * @return list<string> a role of Choices::ROLES for each column
     */
    public function roles(array $rows, ?int $heading, array $leftOut): array
    {
        $roles = array_fill(0, $this->grid->width, 'none');
        $kinds = [];
        for ($column = 0; $column < $this->grid->width; ++$column) {
            $kinds[$column] = in_array($column, $leftOut, true) ? 'none' : $this->kind($column, $rows, $heading);
        }
        foreach ($this->counting($kinds, $rows, $heading) as $column) {
            $kinds[$column] = 'none';
        }
        $times = array_keys($kinds, 'time', true);
        $texts = array_keys($kinds, 'text', true);
        $values = array_keys($kinds, 'number', true);
        $repeating = $times === [] || $values === [] ? null : $this->repeating($texts, $rows, $times[0], $heading);
        if ($repeating !== null) {
            $roles[$repeating] = 'label';
            $roles[$times[0]] = 'time';
            $values = array_slice($values, 0, 1);
        } else {
            $label = $this->named(self::LABEL_NAMES, $texts, $heading)
                ?? $this->finest($texts, $rows) ?? $times[0] ?? null;
            if ($label === null && count($values) > 1) {
                // Numbers name the figures where nothing else does.
                $label = array_shift($values);
            }
            if ($label !== null) {
                $roles[$label] = 'label';
            }
        }
        foreach ($this->alike($values, $heading) as $column) {
            $roles[$column] = 'value';
        }
        $coarse = array_values(array_filter($texts, static fn (int $one): bool => $roles[$one] === 'none'))[0] ?? null;
        $isCoarse = $coarse !== null && ($roles[$coarse + 1] ?? '') === 'label' && $this->comesAgain($coarse, $rows);
        $group = $this->named(self::GROUP_NAMES, $texts, $heading) ?? ($isCoarse ? $coarse : null);
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
     *
     * @return list<int>
     */
    private function counting(array $kinds, array $rows, ?int $heading): array
    {
        $numbers = array_keys($kinds, 'number', true);
        $counting = [];
        foreach (in_array('text', $kinds, true) ? $numbers : [] as $column) {
            $name = $heading === null ? '' : $this->grid->cell($heading, $column);
            $cells = array_map(fn (int $row): string => rtrim($this->grid->cell($row, $column), '.'), $rows);
            $isOneByOne = $column === 0 && count($rows) > 2
                && $cells === array_map(strval(...), range(1, count($rows)));
            if (preg_match(self::COUNT_NAMES, $name) === 1 || $isOneByOne) {
                $counting[] = $column;
            }
        }

        return count($counting) < count($numbers) ? $counting : [];
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
     *
     * @return list<int>
     */
    private function alike(array $values, ?int $heading): array
    {
        if ($heading === null) {
            return $values;
        }
        $moments = array_values(array_filter(
            $values,
            fn (int $column): bool => PointInTime::read($this->grid->cell($heading, $column)) !== null,
        ));

        return count($moments) > 1 ? $moments : $values;
    }

    /** @param list<int> $rows */
    private function kind(int $column, array $rows, ?int $heading): string
    {
        $name = $heading === null ? '' : $this->grid->cell($heading, $column);
        $filled = [];
        foreach ($rows as $row) {
            $cell = $this->grid->cell($row, $column);
            if ($cell !== '') {
                $filled[] = $cell;
            }
        }
        if ($filled === []) {
            return 'none';
        }
        $isColour = static fn (string $cell): bool => preg_match(self::COLOUR, $cell) === 1;
        if (preg_match(self::COLOUR_NAMES, $name) === 1 && array_filter($filled, $isColour) === $filled) {
            return 'colour';
        }
        $times = $this->areTimes($filled);
        $isNamed = preg_match(self::TIME_NAMES, $name) === 1;
        // A year is a number as well: it is a moment where its column says so, or begins the table.
        if ($times !== null && count($filled) > 1 && ($isNamed || $times !== 'year' || $column === 0)) {
            return 'time';
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
     * The precision that all of them have as points in time; null where one is none.
     *
     * @param non-empty-list<string> $cells
     */
    private function areTimes(array $cells): ?string
    {
        if (PointInTime::read($cells[0]) === null && PointInTime::read($cells[0], true) === null) {
            return null;
        }
        $read = PointInTime::all($cells);

        return $read === null ? null : $read[0]->precision;
    }

    /**
     * The column of texts that names figures which come again at other moments.
     *
     * @param list<int> $texts
     * @param list<int> $rows
     */
    private function repeating(array $texts, array $rows, int $time, ?int $heading): ?int
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

        return $this->named(self::LABEL_NAMES, $fitting, $heading) ?? $fitting[0] ?? null;
    }

    /** @param list<int> $columns */
    private function named(string $pattern, array $columns, ?int $heading): ?int
    {
        if ($heading === null) {
            return null;
        }
        foreach ($columns as $column) {
            if (preg_match($pattern, $this->grid->cell($heading, $column)) === 1) {
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
                $short = strlen($field) <= Taking::MAX_FIELD;
                if ($short && preg_match('/^[^\p{L}]*\d[\d.,\'’\s]*[^\p{L}]*$/u', $field) === 1) {
                    yield trim($field);
                }
            }
        }
    }
}
