<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\SheetNumber;

/** Reads ODS (OpenDocument 1.3 part 3, ISO/IEC 26300) as a stream. Values of formulas are those that were stored. */
final class Ods implements Book
{
    private const CONTENT = 'content.xml';
    private const MONEY = ['EUR' => '€', 'USD' => '$', 'GBP' => '£', 'JPY' => '¥'];

    /** @var non-empty-list<array{name: string, isHidden: bool}> */
    private array $sheets;

    /** @throws \Lupine\Core\Import\UnreadableFile */
    public function __construct(private readonly Archive $archive)
    {
        if (str_contains($archive->text('META-INF/manifest.xml'), 'encryption-data')) {
            throw Archive::locked($archive->name);
        }
        $sheets = [];
        $hiddenStyles = [];
        $style = '';
        $xml = $archive->xml(self::CONTENT);
        try {
            while ($xml->read()) {
                if ($xml->nodeType !== \XMLReader::ELEMENT) {
                    continue;
                }
                if ($xml->name === 'style:style') {
                    $style = (string) $xml->getAttribute('style:name');
                } elseif ($xml->name === 'style:table-properties' && $xml->getAttribute('table:display') === 'false') {
                    $hiddenStyles[$style] = true;
                } elseif ($xml->name === 'table:table') {
                    do {
                        $sheets[] = [
                            'name' => (string) $xml->getAttribute('table:name'),
                            'isHidden' => isset($hiddenStyles[(string) $xml->getAttribute('table:style-name')]),
                        ];
                    } while ($xml->next('table'));
                    break;
                }
            }
        } catch (\ErrorException) {
            throw $archive->broken(self::CONTENT);
        } finally {
            $xml->close();
        }
        $this->sheets = $sheets !== [] ? $sheets : throw $archive->broken(self::CONTENT);
    }

    public function sheets(): array
    {
        return $this->sheets;
    }

    public function grid(int $sheet): Grid
    {
        $xml = $this->archive->xml(self::CONTENT);
        $rows = $hiddenRows = $hiddenColumns = $joined = [];
        $row = $column = 0;
        $last = -1;
        try {
            while ($xml->read() && $xml->name !== 'table:table') {
                // to the first sheet
            }
            for ($number = 0; $number < $sheet; ++$number) {
                $xml->next('table');
            }
            $depth = $xml->depth;
            $isEmpty = $xml->isEmptyElement;
            while (!$isEmpty && $xml->read() && $xml->depth > $depth) {
                if ($xml->nodeType !== \XMLReader::ELEMENT) {
                    continue;
                }
                if ($xml->name === 'table:table-column') {
                    $times = max(1, (int) $xml->getAttribute('table:number-columns-repeated'));
                    for ($i = $column; $this->isHidden($xml) && $i < min($column + $times, self::MOST_COLUMNS); ++$i) {
                        $hiddenColumns[] = $i;
                    }
                    $column += $times;
                } elseif ($xml->name === 'table:table-row') {
                    $times = max(1, (int) $xml->getAttribute('table:number-rows-repeated'));
                    $isHidden = $this->isHidden($xml);
                    $cells = $xml->isEmptyElement ? [] : $this->row($xml, $row, $joined);
                    $last = $cells === [] ? $last : $row + $times - 1;
                    for ($i = 0; $cells !== [] && $i < $times && $row + $i < self::MOST_ROWS; ++$i) {
                        $rows[$row + $i] = $cells;
                        if ($isHidden) {
                            $hiddenRows[] = $row + $i;
                        }
                    }
                    $row += $times;
                }
            }
        } catch (\ErrorException) {
            throw $this->archive->broken(self::CONTENT);
        } finally {
            $xml->close();
        }
        foreach ($joined as [$top, $left, $down, $across]) {
            Merged::spread($rows, $top, $left, $down, $across);
        }

        return new Grid(
            $this->sheets[$sheet]['name'],
            Rows::filled($rows),
            NumberStyle::DecimalPoint,
            $hiddenRows,
            $hiddenColumns,
            [],
            $last + 1,
        );
    }

    private function isHidden(\XMLReader $xml): bool
    {
        return in_array($xml->getAttribute('table:visibility'), ['collapse', 'filter'], true);
    }

    /**
     * @param list<array{int, int, int, int}> $joined row, column, and how far down and across
     *
     * @return array<int, string>
     */
    private function row(\XMLReader $xml, int $row, array &$joined): array
    {
        $cells = [];
        $column = 0;
        $depth = $xml->depth;
        while ($xml->read() && $xml->depth > $depth) {
            if (
                $xml->nodeType !== \XMLReader::ELEMENT
                || !in_array($xml->name, ['table:table-cell', 'table:covered-table-cell'], true)
            ) {
                continue;
            }
            $times = max(1, (int) $xml->getAttribute('table:number-columns-repeated'));
            $down = (int) $xml->getAttribute('table:number-rows-spanned');
            $across = (int) $xml->getAttribute('table:number-columns-spanned');
            if ($down > 1 || $across > 1) {
                $joined[] = [$row, $column, max(1, $down), max(1, $across)];
            }
            $text = self::text($xml);
            for ($i = 0; $text !== '' && $i < $times && $column + $i < self::MOST_COLUMNS; ++$i) {
                $cells[$column + $i] = $text;
            }
            $column += $times;
        }

        return $cells;
    }

    private static function text(\XMLReader $xml): string
    {
        $kind = $xml->getAttribute('office:value-type') ?? $xml->getAttribute('calcext:value-type') ?? '';
        $number = (string) $xml->getAttribute('office:value');
        $known = match ($kind) {
            'float' => SheetNumber::text($number, ''),
            'percentage' => SheetNumber::text($number, '%'),
            'currency' => CellNumber::withUnit(
                SheetNumber::text($number, ''),
                self::MONEY[(string) $xml->getAttribute('office:currency')] ?? '',
            ),
            'date' => substr((string) $xml->getAttribute('office:date-value'), 0, 10),
            'boolean' => (string) $xml->getAttribute('office:boolean-value'),
            default => null,
        };
        $shown = self::shown($xml);
        if ($kind === 'date' && preg_match('/^\d{4}$/D', $shown) === 1) {
            return $shown;
        }

        return $known ?? $shown;
    }

    /** The paragraphs of a cell, without what is noted at it. */
    private static function shown(\XMLReader $xml): string
    {
        if ($xml->isEmptyElement) {
            return '';
        }
        $lines = [];
        $depth = $xml->depth;
        $isNote = false;
        while ($xml->read() && $xml->depth > $depth) {
            if ($xml->name === 'office:annotation') {
                $isNote = $xml->nodeType === \XMLReader::ELEMENT;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->name === 'text:p') {
                $lines[] = '';
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->name === 'text:s' && $lines !== []) {
                $lines[count($lines) - 1] .= ' ';
            } elseif (!$isNote && $lines !== [] && $xml->nodeType === \XMLReader::TEXT) {
                $lines[count($lines) - 1] .= $xml->value;
            }
        }

        return trim(implode(' ', $lines));
    }
}
