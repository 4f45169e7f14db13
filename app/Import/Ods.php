<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\GridBuilder;
use Lupine\Core\Import\SheetName;
use Lupine\Core\Import\SheetNumber;

/** Reads ODS (OpenDocument 1.3 part 3, ISO/IEC 26300) as a stream. Values of formulas are those that were stored. */
final class Ods implements Book
{
    private const CONTENT = 'content.xml';
    /** how deep sheets lie: office:document-content, office:body, office:spreadsheet, table:table */
    private const SHEET_DEPTH = 3;

    /** joined cells that are looked at */
    private const MOST_JOINED = 20_000;

    /** paragraphs of one cell that are told apart */
    private const MOST_PARAGRAPHS = 1000;

    private const MONEY = ['EUR' => '€', 'USD' => '$', 'GBP' => '£', 'JPY' => '¥'];

    /** @var non-empty-list<array{name: string, isHidden: bool}> */
    private array $sheets;

    /** @throws \Lupine\Core\Import\UnreadableFile */
    public function __construct(private readonly Archive $archive)
    {
        if (str_contains($archive->beginning('META-INF/manifest.xml'), 'encryption-data')) {
            throw Archive::locked($archive->name);
        }
        $sheets = $hiddenStyles = [];
        $style = '';
        $part = $archive->part(self::CONTENT);
        $xml = $part->xml;
        while ($part->read()) {
            if ($xml->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->name === 'style:style') {
                $style = (string) $xml->getAttribute('style:name');
            } elseif ($xml->name === 'style:table-properties' && $xml->getAttribute('table:display') === 'false') {
                $hiddenStyles[$style] = true;
            } elseif ($xml->name === 'table:table' && $xml->depth === self::SHEET_DEPTH) {
                $sheets[] = [
                    'name' => SheetName::of((string) $xml->getAttribute('table:name')),
                    'isHidden' => isset($hiddenStyles[(string) $xml->getAttribute('table:style-name')]),
                ];
                if (count($sheets) > self::MOST_SHEETS) {
                    throw $archive->tooManySheets();
                }
            }
        }
        $part->close();
        $this->sheets = $sheets !== [] ? $sheets : throw $archive->broken(self::CONTENT);
    }

    public function sheets(): array
    {
        return $this->sheets;
    }

    public function grid(int $sheet): Grid
    {
        $part = $this->archive->part(self::CONTENT);
        $xml = $part->xml;
        $grid = new GridBuilder($this->archive->name);
        $joined = [];
        $row = $column = 0;
        for ($number = -1; $number < $sheet && $part->read();) {
            $isSheet = $xml->nodeType === \XMLReader::ELEMENT && $xml->name === 'table:table';
            $number += $isSheet && $xml->depth === self::SHEET_DEPTH ? 1 : 0;
        }
        $isEmpty = $xml->isEmptyElement;
        while (!$isEmpty && !$grid->isFull() && $part->read() && $xml->depth > self::SHEET_DEPTH) {
            if ($xml->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->name === 'table:table-column') {
                $times = max(1, $part->count('table:number-columns-repeated', 1));
                if (self::isHidden($xml)) {
                    $grid->hideColumns($column, $column + $times - 1);
                }
                $column = min($column + $times, GridBuilder::MOST_COLUMNS);
            } elseif ($xml->name === 'table:table-row') {
                $times = max(1, $part->count('table:number-rows-repeated', 1));
                $isHidden = self::isHidden($xml);
                $cells = $xml->isEmptyElement ? [] : self::row($part, $row, $joined);
                for ($i = 0; $cells !== [] && $i < $times && !$grid->isFull(); ++$i) {
                    $grid->put($row + $i, $cells);
                    if ($isHidden) {
                        $grid->hideRow($row + $i);
                    }
                }
                $row = min($row + $times, GridBuilder::MOST_ROWS);
            }
        }
        $part->close();
        foreach ($joined as [$top, $left, $down, $across]) {
            $grid->spread($top, $left, $down, $across);
        }

        return $grid->grid($this->sheets[$sheet]['name'], NumberStyle::DecimalPoint);
    }

    private static function isHidden(\XMLReader $xml): bool
    {
        return in_array($xml->getAttribute('table:visibility'), ['collapse', 'filter'], true);
    }

    /**
     * @param list<array{int, int, int, int}> $joined row, column, and how far down and across
     *
     * @return array<int, string>
     */
    private static function row(Part $part, int $row, array &$joined): array
    {
        $xml = $part->xml;
        $cells = [];
        $column = 0;
        $depth = $xml->depth;
        while ($part->read() && $xml->depth > $depth) {
            if (
                $xml->nodeType !== \XMLReader::ELEMENT
                || !in_array($xml->name, ['table:table-cell', 'table:covered-table-cell'], true)
            ) {
                continue;
            }
            $times = max(1, $part->count('table:number-columns-repeated', 1));
            $down = $part->count('table:number-rows-spanned', 1);
            $across = $part->count('table:number-columns-spanned', 1);
            if (($down > 1 || $across > 1) && count($joined) < self::MOST_JOINED) {
                $joined[] = [$row, $column, max(1, $down), max(1, $across)];
            }
            $text = self::text($part);
            // One more than is kept is kept, so that it can be said that there are more.
            for ($i = 0; $text !== '' && $i < $times && $column + $i <= GridBuilder::MOST_COLUMNS; ++$i) {
                $cells[$column + $i] = $text;
            }
            $column = min($column + $times, GridBuilder::MOST_COLUMNS + 1);
        }

        return $cells;
    }

    private static function text(Part $part): string
    {
        $xml = $part->xml;
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
        $shown = self::shown($part);
        if ($kind === 'date' && preg_match('/^\d{4}$/D', $shown) === 1) {
            return $shown;
        }

        return $known ?? $shown;
    }

    /** The paragraphs of a cell, without what is noted at it. */
    private static function shown(Part $part): string
    {
        $xml = $part->xml;
        if ($xml->isEmptyElement) {
            return '';
        }
        $lines = [];
        $depth = $xml->depth;
        $isNote = false;
        while ($part->read() && $xml->depth > $depth) {
            // Asked for once, and names only where there are some: a large file has millions of nodes.
            $type = $xml->nodeType;
            if ($type === \XMLReader::TEXT) {
                if (!$isNote && $lines !== []) {
                    $lines[count($lines) - 1] .= $xml->value;
                }
                continue;
            }
            $name = $xml->name;
            if ($name === 'office:annotation') {
                $isNote = $type === \XMLReader::ELEMENT;
            } elseif ($type === \XMLReader::ELEMENT && $name === 'text:p' && count($lines) < self::MOST_PARAGRAPHS) {
                $lines[] = '';
            } elseif ($type === \XMLReader::ELEMENT && $name === 'text:s' && $lines !== []) {
                $lines[count($lines) - 1] .= ' ';
            }
        }

        return trim(implode(' ', $lines));
    }
}
