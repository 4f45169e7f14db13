<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/**
 * A text with parts that follow the table of a chart: `[table]` is the name of the table, `[column]` is the name of the column that is shown, `[total]`
 * what all figures are together, and `[value of r2]`, `[share of r2]` and `[name of r2]` tell of one row, by its id.
 * Anything else in brackets is what it says.
 */
final readonly class BoundText
{
    public const COLUMN = '[column]';

    private const PART = '/\[(table|column|total|(value|share|name) of ([\w-]{1,40}))\]/u';

    public static function isBound(string $text): bool
    {
        return preg_match(self::PART, $text) === 1;
    }

    /** The first row that a text tells of, by its id; null: of none. */
    public static function row(string $text): ?string
    {
        preg_match_all(self::PART, $text, $found);
        $rows = array_filter($found[3], static fn (string $row): bool => $row !== '');

        return $rows === [] ? null : reset($rows);
    }

    /** @param \Closure(string $what, string $rowId): string $of what a part says; a part of all has no row */
    public static function filled(string $text, \Closure $of): string
    {
        return (string) preg_replace_callback(
            self::PART,
            static fn (array $found): string => $of($found[2] ?? $found[1], $found[3] ?? ''),
            $text,
        );
    }
}
