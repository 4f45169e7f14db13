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

    /**
     * @return non-empty-list<Grid>
     *
     * @throws UnreadableFile
     */
    public static function grids(string $text, string $name, int $most): array
    {
        try {
            $value = json_decode($text, true, self::DEPTH, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
        } catch (\JsonException $reason) {
            throw new UnreadableFile(
                sprintf('“%s” is not JSON that can be read: %s.', $name, lcfirst($reason->getMessage())),
                $name,
            );
        }
        $grid = self::grid($value, $name, $most);
        if ($grid !== null) {
            return [$grid];
        }
        $grids = [];
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            $grid = self::grid($inner, (string) $key, $most);
            if ($grid !== null) {
                $grids[] = $grid;
            }
        }

        return $grids !== [] ? $grids : throw new UnreadableFile(
            sprintf('There is no table in “%s”. A list is one, such as [{"label": "Kettles", "value": 12}].', $name),
            $name,
        );
    }

    private static function grid(mixed $value, string $name, int $most): ?Grid
    {
        if (!is_array($value) || $value === []) {
            return null;
        }
        $rows = match (true) {
            array_is_list($value) && self::areAll($value, is_array(...)) => self::records($value),
            array_is_list($value) && self::areAll($value, is_numeric(...)) => array_map(
                static fn (mixed $one): array => [self::text($one)],
                $value,
            ),
            !array_is_list($value) && self::areAll($value, is_scalar(...)) => array_map(
                static fn (string $key, mixed $one): array => [$key, self::text($one)],
                array_map(strval(...), array_keys($value)),
                array_values($value),
            ),
            !array_is_list($value) && self::areAll($value, self::isColumn(...)) => self::columns($value),
            default => null,
        };
        if ($rows === null) {
            return null;
        }

        return new Grid(
            $name,
            array_slice($rows, 0, $most),
            \Lupine\Core\Figures\NumberStyle::DecimalPoint,
            [],
            [],
            [],
            count($rows),
        );
    }

    /**
     * @param array<mixed> $records lists, or objects
     *
     * @return list<list<string>>
     */
    private static function records(array $records): array
    {
        $records = array_values(array_filter($records, is_array(...)));
        if (self::areAll($records, static fn (mixed $record): bool => is_array($record) && array_is_list($record))) {
            return array_map(
                static fn (array $record): array => array_map(self::text(...), array_values($record)),
                $records,
            );
        }
        $names = [];
        foreach ($records as $record) {
            $names += array_flip(array_map(strval(...), array_keys($record)));
        }
        $names = array_map(strval(...), array_keys($names));
        $rows = [$names];
        foreach ($records as $record) {
            $rows[] = array_map(static fn (string $name): string => self::text($record[$name] ?? null), $names);
        }

        return $rows;
    }

    /**
     * @param array<mixed> $columns lists by name
     *
     * @return list<list<string>>
     */
    private static function columns(array $columns): array
    {
        $rows = [array_map(strval(...), array_keys($columns))];
        $count = 0;
        foreach ($columns as $column) {
            $count = max($count, is_array($column) ? count($column) : 0);
        }
        for ($row = 0; $row < $count; ++$row) {
            $cells = [];
            foreach ($columns as $column) {
                $cells[] = self::text(is_array($column) ? $column[$row] ?? null : null);
            }
            $rows[] = $cells;
        }

        return $rows;
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
            is_float($value) => SheetNumber::plain($value),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
