<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Settings\Json;

/** What figures were typed in one version and not in the other. */
final readonly class OfFigures
{
    /** @return list<Difference> */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        $texts = [];
        [$both, $new, $gone] = Differences::paired($before->tables ?? null, $after->tables ?? null);
        foreach ($both as [$then, $now]) {
            array_push($texts, ...self::ofTable($then, $now));
        }
        foreach ($new as $table) {
            $texts[] = self::table($table).' new';
        }
        foreach ($gone as $table) {
            $texts[] = self::table($table).' removed';
        }

        return array_map(static fn (string $text): Difference => new Difference('figures', $text), $texts);
    }

    private static function table(\stdClass $table): string
    {
        $name = Json::text($table, 'name');

        return $name === '' ? 'Table' : 'Table '.Differences::quoted($name);
    }

    /** @return list<string> */
    private static function ofTable(\stdClass $then, \stdClass $now): array
    {
        $texts = [];
        [$both, $new, $gone] = Differences::paired($then->rows ?? null, $now->rows ?? null);
        $columns = self::columns($then, $now);
        foreach ($both as [$was, $is]) {
            array_push($texts, ...self::ofRow($was, $is, $columns));
        }
        foreach ($new as $row) {
            $texts[] = self::row($row).' new';
        }
        foreach ($gone as $row) {
            $texts[] = self::row($row).' removed';
        }
        if ($new === [] && $gone === [] && self::ids($then->rows ?? null) !== self::ids($now->rows ?? null)) {
            $texts[] = 'Rows in another order';
        }
        [$named, $added, $removed] = Differences::paired($then->columns ?? null, $now->columns ?? null);
        foreach ($named as [$was, $is]) {
            if (Json::text($was, 'name') !== Json::text($is, 'name')) {
                $texts[] = sprintf('Column %s is now %s', ...array_map(
                    static fn (\stdClass $one): string => Differences::quoted(Json::text($one, 'name')),
                    [$was, $is],
                ));
            }
        }
        foreach ($added as $column) {
            $texts[] = 'Column '.Differences::quoted(Json::text($column, 'name')).' new';
        }
        foreach ($removed as $column) {
            $texts[] = 'Column '.Differences::quoted(Json::text($column, 'name')).' removed';
        }
        [$was, $is] = [$then->whole ?? null, $now->whole ?? null];
        if ($was !== $is) {
            $texts[] = sprintf('Whole: %s → %s', self::typed($was, 'their sum'), self::typed($is, 'their sum'));
        }

        return $texts;
    }

    /** @return list<array{int, int, string}> of columns in both: where each was, where it is, what it is called */
    private static function columns(\stdClass $then, \stdClass $now): array
    {
        $was = array_flip(self::ids($then->columns ?? null));
        $columns = [];
        foreach (Json::objects($now->columns ?? null) as $place => $column) {
            $before = $was[Json::text($column, 'id')] ?? null;
            if ($before !== null) {
                $columns[] = [$before, $place, Json::text($column, 'name')];
            }
        }

        return $columns;
    }

    /**
     * @param list<array{int, int, string}> $columns
     *
     * @return list<string>
     */
    private static function ofRow(\stdClass $was, \stdClass $is, array $columns): array
    {
        $texts = [];
        if (Json::text($was, 'label') !== Json::text($is, 'label')) {
            $texts[] = self::row($was).' is now '.self::row($is);
        }
        foreach ($columns as [$before, $now, $name]) {
            [$typed, $new] = [self::cell($was, $before), self::cell($is, $now)];
            if ($typed !== $new) {
                $of = count($columns) > 1 && $name !== '' ? ", {$name}:" : '';
                $texts[] = sprintf('%s%s %s → %s', self::row($is), $of, self::typed($typed), self::typed($new));
            }
        }

        return $texts;
    }

    private static function cell(\stdClass $row, int $place): string
    {
        $cell = is_array($row->cells ?? null) ? $row->cells[$place] ?? '' : '';

        return is_string($cell) ? $cell : '';
    }

    private static function typed(mixed $cell, string $otherwise = 'empty'): string
    {
        return is_string($cell) && trim($cell) !== '' ? $cell : $otherwise;
    }

    private static function row(\stdClass $row): string
    {
        $label = Json::text($row, 'label');

        return $label === '' ? 'A row without a label' : $label;
    }

    /** @return list<string> */
    private static function ids(mixed $list): array
    {
        return array_map(static fn (\stdClass $one): string => Json::text($one, 'id'), Json::objects($list));
    }
}
