<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\SheetNumber;

/**
 * Reads XLSX (ECMA-376 part 1) as a stream, row by row, so that memory is that of the rows which are kept. Values of
 * formulas are those that were stored.
 */
final class Xlsx implements Book
{
    private const STRINGS = 'xl/sharedStrings.xml';
    private const TEXTS = [\XMLReader::TEXT, \XMLReader::CDATA, \XMLReader::SIGNIFICANT_WHITESPACE];
    private const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

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

    /** @var list<string> formats by the style of a cell */
    private array $formats = [];

    /** @throws \Lupine\Core\Import\UnreadableFile */
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
        $entry = $this->sheets[$sheet]['entry'];
        $xml = $this->archive->xml($entry);
        $rows = $hiddenRows = $hiddenColumns = $merged = $indices = [];
        $last = -1;
        $withoutValue = 0;
        try {
            while ($xml->read()) {
                if ($xml->nodeType !== \XMLReader::ELEMENT) {
                    continue;
                }
                if ($xml->localName === 'col' && self::isYes($xml->getAttribute('hidden'))) {
                    $to = min((int) $xml->getAttribute('max'), self::MOST_COLUMNS);
                    array_push($hiddenColumns, ...range((int) $xml->getAttribute('min') - 1, max(0, $to - 1)));
                } elseif ($xml->localName === 'row') {
                    $last = $xml->getAttribute('r') === null ? $last + 1 : (int) $xml->getAttribute('r') - 1;
                    if ($last >= self::MOST_ROWS) {
                        $last = $this->rowsTold($entry) ?? $last;
                        break;
                    }
                    if (self::isYes($xml->getAttribute('hidden'))) {
                        $hiddenRows[] = $last;
                    }
                    $rows[$last] = $xml->isEmptyElement ? [] : $this->row($xml, $last, $indices, $withoutValue);
                } elseif ($xml->localName === 'mergeCell') {
                    $merged[] = (string) $xml->getAttribute('ref');
                }
            }
        } catch (\ErrorException) {
            throw $this->archive->broken($entry);
        } finally {
            $xml->close();
        }
        $this->fillStrings($rows, $indices);
        Merged::fill($rows, $merged);

        return new Grid(
            $this->sheets[$sheet]['name'],
            Rows::filled($rows),
            NumberStyle::DecimalPoint,
            $hiddenRows,
            $hiddenColumns,
            $withoutValue === 0 ? [] : [sprintf(
                '%d formulas of which no value is stored. Open the file in a spreadsheet and save it, and they have one.',
                $withoutValue,
            )],
            $last + 1,
        );
    }

    /**
     * @param list<array{int, int, int}> $indices row, column and number of texts that stand elsewhere in the file
     *
     * @return array<int, string>
     */
    private function row(\XMLReader $xml, int $row, array &$indices, int &$withoutValue): array
    {
        $cells = [];
        $depth = $xml->depth;
        $column = -1;
        while ($xml->read()) {
            $type = $xml->nodeType;
            if ($type === \XMLReader::END_ELEMENT && $xml->depth <= $depth) {
                break;
            }
            if ($type !== \XMLReader::ELEMENT || $xml->localName !== 'c') {
                continue;
            }
            $place = $xml->getAttribute('r');
            $column = $place === null ? $column + 1 : self::column($place);
            if ($column >= self::MOST_COLUMNS || $xml->isEmptyElement) {
                continue;
            }
            $kind = $xml->getAttribute('t') ?? 'n';
            $style = (int) $xml->getAttribute('s');
            [$value, $isFormula] = self::value($xml);
            if ($kind === 's' && $value !== null) {
                $indices[] = [$row, $column, (int) $value];
                continue;
            }
            if ($value === null) {
                $withoutValue += $isFormula ? 1 : 0;
                continue;
            }
            $cells[$column] = $this->text($kind, $value, $this->formats[$style] ?? '');
        }

        return $cells;
    }

    /** @return array{string|null, bool} what a cell holds, and whether it is a formula */
    private static function value(\XMLReader $xml): array
    {
        $value = null;
        $isFormula = false;
        $depth = $xml->depth;
        $in = '';
        while ($xml->read()) {
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
            'n' => SheetNumber::isDate($format) && is_numeric($value)
                ? SheetNumber::day((float) $value, $format, $this->since1904)
                : SheetNumber::text($value, $format),
            default => $value,
        };
    }

    /**
     * @param array<int, array<int, string>> $rows
     * @param list<array{int, int, int}> $indices
     */
    private function fillStrings(array &$rows, array $indices): void
    {
        if ($indices === []) {
            return;
        }
        $wanted = array_fill_keys(array_column($indices, 2), '');
        $xml = $this->archive->xml(self::STRINGS);
        $number = -1;
        $text = $in = '';
        try {
            while ($xml->read()) {
                if ($xml->nodeType === \XMLReader::ELEMENT) {
                    $in = $xml->localName === 'rPh' ? 'rPh' : ($in === 'rPh' ? $in : $xml->localName);
                    if ($xml->localName === 'si') {
                        ++$number;
                        [$text, $in] = ['', 'si'];
                    }
                } elseif ($xml->nodeType === \XMLReader::END_ELEMENT) {
                    if ($xml->localName === 'si' && isset($wanted[$number])) {
                        $wanted[$number] = $text;
                    }
                    $in = $xml->localName === 'rPh' ? 'si' : $in;
                } elseif ($in === 't') {
                    $text .= $xml->value;
                }
            }
        } catch (\ErrorException) {
            throw $this->archive->broken(self::STRINGS);
        } finally {
            $xml->close();
        }
        foreach ($indices as [$row, $column, $index]) {
            $rows[$row][$column] = $wanted[$index];
        }
    }

    private function readBook(): void
    {
        $targets = [];
        $xml = $this->archive->xml('xl/_rels/workbook.xml.rels');
        while ($xml->read()) {
            if ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'Relationship') {
                $target = (string) $xml->getAttribute('Target');
                $targets[(string) $xml->getAttribute('Id')] = str_starts_with($target, '/')
                    ? substr($target, 1)
                    : 'xl/'.$target;
            }
        }
        $xml->close();
        $sheets = [];
        $xml = $this->archive->xml('xl/workbook.xml');
        while ($xml->read()) {
            if ($xml->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'workbookPr') {
                $this->since1904 = self::isYes($xml->getAttribute('date1904'));
            } elseif ($xml->localName === 'sheet') {
                $entry = $targets[(string) $xml->getAttributeNs('id', self::RELATION)] ?? '';
                if (str_contains($entry, 'worksheets/')) {
                    $sheets[] = [
                        'name' => (string) $xml->getAttribute('name'),
                        'isHidden' => ($xml->getAttribute('state') ?? 'visible') !== 'visible',
                        'entry' => $entry,
                    ];
                }
            }
        }
        $xml->close();
        $this->sheets = $sheets !== [] ? $sheets : throw $this->archive->broken('xl/workbook.xml');
    }

    private function readFormats(): void
    {
        if (!$this->archive->has('xl/styles.xml')) {
            return;
        }
        $own = self::BUILT_IN;
        $isCell = false;
        $xml = $this->archive->xml('xl/styles.xml');
        while ($xml->read()) {
            if ($xml->localName === 'cellXfs') {
                $isCell = $xml->nodeType === \XMLReader::ELEMENT;
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $xml->localName === 'numFmt') {
                $own[(int) $xml->getAttribute('numFmtId')] = (string) $xml->getAttribute('formatCode');
            } elseif ($xml->nodeType === \XMLReader::ELEMENT && $isCell && $xml->localName === 'xf') {
                $this->formats[] = $own[(int) $xml->getAttribute('numFmtId')] ?? '';
            }
        }
        $xml->close();
    }

    private static function isYes(?string $attribute): bool
    {
        return in_array($attribute, ['1', 'true', 'on'], true);
    }

    /** Rows that the sheet says it has; null where it does not say. */
    private function rowsTold(string $entry): ?int
    {
        $xml = $this->archive->xml($entry);
        $told = null;
        while ($xml->read() && $xml->localName !== 'sheetData') {
            $range = $xml->localName === 'dimension' ? (string) $xml->getAttribute('ref') : '';
            if (preg_match('/(\d+)$/', $range, $found) === 1) {
                $told = (int) $found[1] - 1;
                break;
            }
        }
        $xml->close();

        return $told;
    }

    /** The index of a column by the name of a cell, such as `C5`. */
    private static function column(string $place): int
    {
        $column = 0;
        for ($at = 0; isset($place[$at]) && $place[$at] >= 'A'; ++$at) {
            $column = $column * 26 + \ord($place[$at]) - 64;
        }

        return $column - 1;
    }
}
