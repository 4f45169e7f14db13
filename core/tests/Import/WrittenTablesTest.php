<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Import;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Taking;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Tests\Rounds;
use PHPUnit\Framework\TestCase;

/** Figures that are known are written as tables in several hundred ways, and have to be the same again. */
final class WrittenTablesTest extends TestCase
{
    private const TABLES = 600;
    private const MANY_TABLES = 800;

    public function testEveryTableIsUnderstoodAtTheFirstGo(): void
    {
        for ($seed = 1; $seed <= Rounds::of(self::TABLES, self::MANY_TABLES); ++$seed) {
            $written = WrittenTable::of($seed);
            $text = $written->text();
            $habits = json_encode($written->habits, JSON_UNESCAPED_UNICODE)."\n".$text;
            $taken = Taking::from(TableText::grid($text, 'x'));
            $rows = array_map(
                static fn (Row $row): array => [$row->label, array_map(self::amount(...), $row->cells)],
                $taken->table->rows,
            );
            self::assertSame($written->figures(), $rows, $habits);
            if ($written->habits['head'] !== 'none') {
                $columns = array_map(static fn (Column $column): string => $column->name, $taken->table->columns);
                self::assertSame($written->columns(), $columns, $habits);
            }
        }
    }

    private static function amount(string $cell): ?float
    {
        return $cell === '' ? null : CellNumber::read($cell)->value->toFloat();
    }
}
