<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

/**
 * Tables in JSON (RFC 8259): a list of objects, a list of lists, an object of numbers, or an object of columns; also
 * one step deeper, under any name, each then a grid of its own.
 */
final readonly class JsonTable
{
    private const DEPTH = 12;

    /** lists and objects, and values in all, beyond which nothing is taken apart: each costs memory at once */
    private const MOST_RECORDS = GridBuilder::MOST_ROWS + 5000;
    private const MOST_VALUES = 2 * GridBuilder::MOST_CELLS;

    /**
     * @param string $name of the file
     *
     * @return non-empty-list<Grid>
     *
     * @throws UnreadableFile
     */
    public static function grids(string $text, string $name): array
    {
        $records = substr_count($text, '{') + substr_count($text, '[');
        if ($records > self::MOST_RECORDS || $records + substr_count($text, ',') > self::MOST_VALUES) {
            throw new UnreadableFile(
                sprintf(
                    '“%s” holds more than a table has: up to %s records and %s cells are read. Keep those that the film speaks of.',
                    $name,
                    number_format(GridBuilder::MOST_ROWS),
                    number_format(GridBuilder::MOST_CELLS),
                ),
                $name,
            );
        }
        try {
            $value = json_decode($text, true, self::DEPTH, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
        } catch (\JsonException $reason) {
            throw new UnreadableFile(
                sprintf('“%s” is not JSON that can be read: %s.', $name, lcfirst($reason->getMessage())),
                $name,
            );
        }
        $grid = self::grid($value, $name, $name);
        if ($grid !== null) {
            return [$grid];
        }
        $grids = [];
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            $grid = self::grid($inner, (string) $key, $name);
            if ($grid !== null) {
                $grids[] = $grid;
            }
        }

        return $grids !== [] ? $grids : throw new UnreadableFile(
            sprintf('There is no table in “%s”. A list is one, such as [{"label": "Kettles", "value": 12}].', $name),
            $name,
        );
    }

    private static function grid(mixed $value, string $name, string $file): ?Grid
    {
        if (!is_array($value) || $value === []) {
            return null;
        }
        $rows = match (true) {
            array_is_list($value) && self::areAll($value, is_array(...)) => self::records($value),
            array_is_list($value) && self::areAll($value, is_numeric(...)) => self::numbers($value),
            !array_is_list($value) && self::areAll($value, is_scalar(...)) => self::pairs($value),
            !array_is_list($value) && self::areAll($value, self::isColumn(...)) => self::columns($value),
            default => null,
        };
        if ($rows === null) {
            return null;
        }
        $grid = new GridBuilder($file);
        foreach ($rows as $row => $cells) {
            $grid->put($row, $cells);
            if ($grid->isFull()) {
                break;
            }
        }

        return $grid->grid($name, \Lupine\Core\Figures\NumberStyle::DecimalPoint);
    }

    /**
     * @param array<mixed> $values
     *
     * @return \Generator<int, list<string>>
     */
    private static function numbers(array $values): \Generator
    {
        foreach ($values as $value) {
            yield [self::text($value)];
        }
    }

    /**
     * @param array<mixed> $values
     *
     * @return \Generator<int, list<string>>
     */
    private static function pairs(array $values): \Generator
    {
        foreach ($values as $key => $value) {
            yield [(string) $key, self::text($value)];
        }
    }

    /**
     * @param array<mixed> $records lists, or objects
     *
     * @return \Generator<int, list<string>>
     */
    private static function records(array $records): \Generator
    {
        if (self::areAll($records, static fn (mixed $record): bool => is_array($record) && array_is_list($record))) {
            foreach ($records as $record) {
                yield self::texts(is_array($record) ? $record : []);
            }

            return;
        }
        $names = [];
        foreach ($records as $record) {
            $names += array_fill_keys(array_keys(is_array($record) ? $record : []), true);
            // The grid notes that there are more than it keeps.
            if (count($names) > GridBuilder::MOST_COLUMNS) {
                $names = array_slice($names, 0, GridBuilder::MOST_COLUMNS + 1, true);
                break;
            }
        }
        yield array_map(strval(...), array_keys($names));
        foreach ($records as $record) {
            $cells = [];
            foreach ($names as $name => $_) {
                $cells[] = self::text(is_array($record) ? $record[$name] ?? null : null);
            }
            yield $cells;
        }
    }

    /**
     * @param array<mixed> $columns lists by name
     *
     * @return \Generator<int, list<string>>
     */
    private static function columns(array $columns): \Generator
    {
        $columns = array_slice($columns, 0, GridBuilder::MOST_COLUMNS + 1, true);
        yield array_map(strval(...), array_keys($columns));
        $count = 0;
        foreach ($columns as $column) {
            $count = max($count, is_array($column) ? count($column) : 0);
        }
        for ($row = 0; $row < $count; ++$row) {
            $cells = [];
            foreach ($columns as $column) {
                $cells[] = self::text(is_array($column) ? $column[$row] ?? null : null);
            }
            yield $cells;
        }
    }

    /**
     * @param array<mixed> $record
     *
     * @return list<string>
     */
    private static function texts(array $record): array
    {
        return array_map(self::text(...), array_values(array_slice($record, 0, GridBuilder::MOST_COLUMNS + 1)));
    }

    private static function isColumn(mixed $one): bool
    {
        $isCell = static fn (mixed $cell): bool => !is_array($cell);

        return is_array($one) && array_is_list($one) && self::areAll($one, $isCell);
    }

    /**
     * @param array<mixed> $values
     * @param callable(mixed): bool $is
     */
    private static function areAll(array $values, callable $is): bool
    {
        foreach ($values as $value) {
            if (!$is($value)) {
                return false;
            }
        }

        return true;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'true' : 'false',
            // JSON can say numbers that no float holds, such as 1e999.
            is_float($value) => is_finite($value) ? SheetNumber::plain($value) : '∞',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
