<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Figures\Calendar;
use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/** The form that suits a table to begin with, and whether its columns are moments to run through. */
final readonly class FirstForm
{
    /** columns from which on moments are run through, and rows from which on times stand side by side; taste */
    private const MOMENTS = 4;
    private const TIMES = 3;

    /** rows of times beyond which they are a line */
    private const COLUMNS = 14;

    private function __construct(public string $form, public bool $isRun)
    {
    }

    public static function of(Table $table): self
    {
        if (self::hasMoments($table)) {
            return new self('bars', true);
        }
        $rows = array_map(static fn (Row $row): string => $row->label, $table->rows);

        return match (true) {
            count($rows) < self::TIMES || !self::areTimes($rows) => new self('donut', false),
            count($rows) > self::COLUMNS => new self('line', false),
            default => new self('columns', false),
        };
    }

    /** Whether the columns of a table are years, months or other moments, one after the other. */
    public static function hasMoments(Table $table): bool
    {
        $columns = array_map(static fn (Column $column): string => $column->name, $table->columns);

        return count($columns) >= self::MOMENTS && count($table->rows) > 1 && self::areTimes($columns);
    }

    /** @param list<string> $names */
    private static function areTimes(array $names): bool
    {
        return Calendar::areTimes($names) || PointInTime::all($names) !== null;
    }
}
