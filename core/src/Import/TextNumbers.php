<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\NumberStyle;

/**
 * Numbers that a spreadsheet or JSON holds as texts, with a comma for the decimal point: what a file has as a number
 * never has one, so a column in which commas can mean nothing else is of such texts.
 */
final readonly class TextNumbers
{
    private const NUMBER = '/^[^\p{L}]*\d[\d.,\'’\s]*[^\p{L}]*$/u';

    /** Whether a text can be a number, whatever its signs mean. */
    public static function isNumber(string $text): bool
    {
        return strlen($text) <= Taking::MAX_FIELD && preg_match(self::NUMBER, $text) === 1;
    }

    /** The same with decimal points. */
    public static function read(Grid $grid): Grid
    {
        $rows = $grid->rows;
        $isChanged = false;
        for ($column = 0; $column < $grid->width; ++$column) {
            $texts = [];
            foreach ($rows as $row => $cells) {
                $text = $cells[$column] ?? '';
                if (self::isNumber($text)) {
                    $texts[$row] = $text;
                }
            }
            if (!str_contains(implode('', $texts), ',') || NumberStyle::detect($texts) === NumberStyle::DecimalPoint) {
                continue;
            }
            foreach ($texts as $row => $text) {
                $rows[$row][$column] = str_replace(',', '.', str_replace('.', '', $text));
            }
            $isChanged = true;
        }

        return $isChanged ? new Grid(
            $grid->name,
            array_values(array_map(array_values(...), $rows)),
            $grid->style,
            $grid->hiddenRows,
            $grid->hiddenColumns,
            $grid->remarks,
            $grid->isCut,
        ) : $grid;
    }
}
