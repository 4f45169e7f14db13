<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\GridBuilder;
use Lupine\Core\Import\SheetName;
use Lupine\Core\Import\SheetNumber;
use Lupine\Core\Import\UnreadableFile;

/**
 * Reads XLSX (ECMA-376 part 1) as a stream, row by row, so that memory is that of the rows which are kept. Values of
 * formulas are those that were stored.
 */
final class Xlsx implements Book
{
    private const STRINGS = 'xl/sharedStrings.xml';
    private const TEXTS = [\XMLReader::TEXT, \XMLReader::CDATA, \XMLReader::SIGNIFICANT_WHITESPACE];

    /** formats of cells that a book can have, and signs of one (limits of spreadsheets, common practice, no source) */
    private const MOST_FORMATS = 65_500;
    private const LONGEST_FORMAT = 255;

    /** joined cells that are looked at */
    private const MOST_JOINED = 20_000;

    private const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    /** a cell's name, such as `C5`: three letters reach further than any sheet */
    private const CELL = '/^([A-Z]{1,3})(\d{1,7})$/D';

    /** formats that have a number and no text of their own in the file: those of days, and of percentages (18.8.30) */
    private const BUILT_IN = [
        9 => '0%', 10 => '0.00%', 14 => 'yyyy-mm-dd', 15 => 'd-mmm-yy', 16 => 'd-mmm', 17 => 'mmm-yy', 22 => 'm/d/yy',
        27 => 'yyyy-mm-dd', 28 => 'yyyy-mm-dd', 29 => 'yyyy-mm-dd', 30 => 'yyyy-mm-dd', 31 => 'yyyy-mm-dd',
        36 => 'yyyy-mm-dd', 50 => 'yyyy-mm-dd', 51 => 'yyyy-mm-dd', 52 => 'yyyy-mm-dd', 53 => 'yyyy-mm-dd',
        54 => 'yyyy-mm-dd', 57 => 'yyyy-mm-dd', 58 => 'yyyy-mm-dd',
    ];

    /** @var non-empty-list<array{name: string, isHidden: bool, entry: string}> */
    private array $sheets;

    private bool $since1904 = false;

    /** @var list<string> formats by the style of a cell; empty where its numbers are shown as they are */
    private array $formats = [];

    /** @var array<string, int> indices by letters: a large file asks for the same ones a million times */
    private array $columns = [];

    /** @throws UnreadableFile */
    public function __construct(private readonly Archive $archive)
    {
        $this->readBook();
        $this->readFormats();
    }

    public function sheets(): array
    {
        return array_map(
            static fn (array $sheet): array => ['name' => $sheet['name'], 'isHidden' => $sheet['isHidden']],
            $this->sheets,
        );
    }

    public function grid(int $sheet): Grid
    {
        $part = $this->archive->part($this->sheets[$sheet]['entry']);
        $xml = $part->xml;
        $grid = new GridBuilder($this->archive->name);
        $joined = $named = [];
        $row = -1;
        $withoutValue = 0;
        while (!$grid->isFull() && $part->read()) {
            if ($xml->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'col' && $part->isOn('hidden')) {
                $grid->hideColumns($part->count('min', 1) - 1, $part->count('max', 1) - 1);
            } elseif ($xml->localName === 'row') {
                $row = $xml->getAttribute('r') === null ? $row + 1 : $part->count('r', 0) - 1;
                if ($row < 0) {
                    throw $part->broken();
                }
                if ($part->isOn('hidden')) {
                    $grid->hideRow($row);
                }
                if (!$xml->isEmptyElement) {
                    $cells = $this->row($part, $row, $named, $withoutValue);
                    $grid->put($row, $cells);
                }
            } elseif ($xml->localName === 'mergeCell' && count($joined) < self::MOST_JOINED) {
                $joined[] = (string) $xml->getAttribute('ref');
            }
        }
        $part->close();
        $this->putStrings($grid, $named);
        foreach ($joined as $range) {
            $corners = array_map(self::place(...), explode(':', $range, 3));
            if (count($corners) === 2 && $corners[0] !== null && $corners[1] !== null) {
                [[$top, $left], [$bottom, $right]] = $corners;
                $grid->spread($top, $left, $bottom - $top + 1, $right - $left + 1);
            }
        }

        return $grid->grid(
            $this->sheets[$sheet]['name'],
            NumberStyle::DecimalPoint,
            $withoutValue === 0 ? [] : [sprintf(
                '%d formulas have no stored value. Open the file in a spreadsheet and save it again.',
                $withoutValue,
            )],
        );
    }

    /**
     * @param array<int, array<int, int>> $named numbers of texts that stand elsewhere in the file, by row and column
     *
     * @return array<int, string>
     */
    private function row(Part $part, int $row, array &$named, int &$withoutValue): array
    {
        $xml = $part->xml;
        $cells = [];
        $depth = $xml->depth;
        $column = -1;
        while ($part->read()) {
            $type = $xml->nodeType;
            if ($type === \XMLReader::END_ELEMENT && $xml->depth <= $depth) {
                break;
            }
            if ($type !== \XMLReader::ELEMENT || $xml->localName !== 'c') {
                continue;
            }
            $place = $xml->getAttribute('r');
            $column = $place === null ? $column + 1 : $this->column($place) ?? throw $part->broken();
            if ($column > GridBuilder::MOST_COLUMNS || $xml->isEmptyElement) {
                // One more than is kept is kept, so that it can be said that there are more.
                $column = min($column, GridBuilder::MOST_COLUMNS);
                continue;
            }
            $kind = $xml->getAttribute('t') ?? 'n';
            $style = $xml->getAttribute('s');
            [$value, $isFormula] = self::value($part);
            if ($value === null) {
                $withoutValue += $isFormula ? 1 : 0;
                continue;
            }
            if ($kind === 's') {
                // Held apart until the texts are read; the cell is there meanwhile, so that its row is counted.
                $named[$row][$column] = preg_match('/^\d{1,9}$/D', $value) === 1 ? (int) $value : -1;
                $cells[$column] = '';
                continue;
            }
            $cells[$column] = $this->text($kind, $value, $style === null ? '' : $this->formats[(int) $style] ?? '');
        }

        return $cells;
    }

    /** @return array{string|null, bool} what a cell holds, and whether it is a formula */
    private static function value(Part $part): array
    {
        $xml = $part->xml;
        $value = null;
        $isFormula = false;
        $depth = $xml->depth;
        $in = '';
        while ($part->read()) {
            // Asked for once, and depth only where it may end: a large file has millions of nodes.
            $type = $xml->nodeType;
            if ($type === \XMLReader::ELEMENT) {
                $in = $xml->localName;
                $isFormula = $isFormula || $in === 'f';
            } elseif ($type === \XMLReader::END_ELEMENT) {
                if ($xml->depth <= $depth) {
                    break;
                }
            } elseif (($in === 'v' || $in === 't') && in_array($type, self::TEXTS, true)) {
                $value .= $xml->value;
            }
        }

        return [$value, $isFormula];
    }

    private function text(string $kind, string $value, string $format): string
    {
        return match ($kind) {
            'b' => $value === '1' ? 'true' : 'false',
            'd' => substr($value, 0, 10),
            'n' => $format !== '' && SheetNumber::isDate($format) && is_numeric($value)
                ? SheetNumber::day((float) $value, $format, $this->since1904)
                : SheetNumber::text($value, $format),
            default => $value,
        };
    }

    /**
     * Texts of the whole book, put where the sheet names them. Only those that it names are held.
     *
     * @param array<int, array<int, int>> $named by row and column
     */
    private function putStrings(GridBuilder $grid, array $named): void
    {
        if ($named === []) {
            return;
        }
        $wanted = [];
        foreach ($named as $cells) {
            $wanted += array_fill_keys($cells, '');
        }
        $part = $this->archive->part(self::STRINGS);
        $xml = $part->xml;
        $number = -1;
        $text = $in = '';
        $isWanted = false;
        while ($part->read()) {
            $type = $xml->nodeType;
            if ($type === \XMLReader::ELEMENT) {
                $in = $xml->localName === 'rPh' ? 'rPh' : ($in === 'rPh' ? $in : $xml->localName);
                if ($xml->localName === 'si') {
                    $isWanted = isset($wanted[++$number]);
                    [$text, $in] = ['', 'si'];
                }
            } elseif ($type === \XMLReader::END_ELEMENT) {
                if ($isWanted && $xml->localName === 'si') {
                    $wanted[$number] = $text;
                }
                $in = $xml->localName === 'rPh' ? 'si' : $in;
            } elseif ($isWanted && $in === 't') {
                $text .= $xml->value;
            }
        }
        $part->close();
        foreach ($named as $row => $cells) {
            foreach ($cells as $column => $index) {
                $cells[$column] = $wanted[$index];
            }
            $grid->fill($row, $cells);
        }
    }

    private function readBook(): void
    {
        $targets = [];
        $part = $this->archive->part('xl/_rels/workbook.xml.rels');
        $xml = $part->xml;
        while (count($targets) < 2 * self::MOST_SHEETS && $part->read()) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'Relationship') {
                $target = (string) $xml->getAttribute('Target');
                $targets[(string) $xml->getAttribute('Id')] = str_starts_with($target, '/')
                    ? substr($target, 1)
                    : 'xl/'.$target;
            }
        }
        $part->close();
        $sheets = [];
        $part = $this->archive->part('xl/workbook.xml');
        $xml = $part->xml;
        while ($part->read()) {
            if ($xml->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'workbookPr') {
                $this->since1904 = $part->isOn('date1904');
            } elseif ($xml->localName === 'sheet') {
                $entry = $targets[(string) $xml->getAttributeNs('id', self::RELATION)] ?? '';
                if (str_contains($entry, 'worksheets/')) {
                    $sheets[] = [
                        'name' => SheetName::of((string) $xml->getAttribute('name')),
                        'isHidden' => ($xml->getAttribute('state') ?? 'visible') !== 'visible',
                        'entry' => $entry,
                    ];
                }
                if (count($sheets) > self::MOST_SHEETS) {
                    throw $this->archive->tooManySheets();
                }
            }
        }
        $part->close();
        $this->sheets = $sheets !== [] ? $sheets : throw $this->archive->broken('xl/workbook.xml');
    }

    private function readFormats(): void
    {
        if (!$this->archive->has('xl/styles.xml')) {
            return;
        }
        $own = self::BUILT_IN;
        $isCell = false;
        $part = $this->archive->part('xl/styles.xml');
        $xml = $part->xml;
        while (count($own) < self::MOST_FORMATS && count($this->formats) < self::MOST_FORMATS && $part->read()) {
            if ($xml->localName === 'cellXfs') {
                $isCell = $xml->nodeType === \XMLReader::ELEMENT;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'numFmt') {
                $code = (string) $xml->getAttribute('formatCode');
                $own[$part->count('numFmtId', 0)] = strlen($code) > self::LONGEST_FORMAT ? '' : $code;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $isCell && $xml->localName === 'xf') {
                $this->formats[] = $own[$part->count('numFmtId', 0)] ?? '';
            }
        }
        $part->close();
        // Numbers that are shown as they are need no second look, and are most of them.
        $this->formats = array_map(
            static fn (string $code): string => in_array($code, ['General', '0', '0.00', '@'], true) ? '' : $code,
            $this->formats,
        );
    }

    /** The index of a column by the name of a cell, such as `C5`; null where it is no name of a cell. */
    private function column(string $place): ?int
    {
        $letters = rtrim($place, '0123456789');

        return $this->columns[$letters] ?? $this->noted($letters, self::place($letters.'1')[1] ?? null);
    }

    private function noted(string $letters, ?int $column): ?int
    {
        if ($column !== null) {
            $this->columns[$letters] = $column;
        }

        return $column;
    }

    /** @return array{int, int}|null indices of row and column */
    private static function place(string $place): ?array
    {
        if (preg_match(self::CELL, $place, $found) !== 1) {
            return null;
        }
        $column = 0;
        for ($at = 0; $at < strlen($found[1]); ++$at) {
            $column = $column * 26 + \ord($found[1][$at]) - 64;
        }

        return [(int) $found[2] - 1, $column - 1];
    }
}
