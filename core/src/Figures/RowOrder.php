<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/** Rows of a table by the alphabet or by their numbers; rows that are alike stay as they stand. */
final readonly class RowOrder
{
    /** a label with its accents taken off, so that É stands with E */
    private const PLAIN = 'NFD; [:Nonspacing Mark:] Remove; NFC; Lower()';

    /**
     * @param string|null $columnId the column whose numbers are looked at; null: the labels
     *
     * @return list<string> row ids
     */
    public static function of(Table $table, ?string $columnId, bool $isDescending): array
    {
        $keys = [];
        $column = $columnId === null ? null : $table->columnIndex($columnId);
        // Made once: that takes longer than to read a thousand labels.
        $rules = $column === null ? \Transliterator::create(self::PLAIN) : null;
        foreach ($table->rows as $row) {
            $keys[$row->id] = $column === null ? self::plain($row->label, $rules) : self::number($row->cells[$column]);
        }
        $ids = array_map(static fn (Row $row): string => $row->id, $table->rows);
        usort($ids, static function (string $one, string $other) use ($keys, $isDescending): int {
            [$first, $second] = [$keys[$one], $keys[$other]];
            // What has no number, or no label, stands last either way.
            if ($first === null || $second === null || $first === '' || $second === '') {
                return (int) ($first === null || $first === '') - (int) ($second === null || $second === '');
            }
            $sign = $first instanceof BigRational && $second instanceof BigRational
                ? $first->compareTo($second)
                : strnatcasecmp((string) $first, (string) $second);

            return $isDescending ? -$sign : $sign;
        });

        return $ids;
    }

    private static function plain(string $label, ?\Transliterator $rules): string
    {
        return (string) ($rules === null ? $label : $rules->transliterate(trim($label)));
    }

    private static function number(string $typed): ?BigRational
    {
        try {
            $cell = CellNumber::read($typed);

            return $cell->isRest ? null : $cell->value;
        } catch (NotANumber) {
            return null;
        }
    }
}
