<?php

declare(strict_types=1);

namespace Tests\Hostile;

/**
 * Files with tables that mean harm, or are merely odd, each made when it is asked for: a file that says more of itself
 * than it holds, that holds more than a table has, or that is broken where a reader does not look for it.
 */
final class Tables
{
    private const MAIN = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';
    private const RELATION = 'xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"';
    private const OFFICE = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
        .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" '
        .'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" '
        .'xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"';
    private const LAUGHS = '<!DOCTYPE a [<!ENTITY b "ha"><!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;">'
        .'<!ENTITY d "&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;"><!ENTITY e "&d;&d;&d;&d;&d;&d;&d;&d;&d;&d;">'
        .'<!ENTITY f "&e;&e;&e;&e;&e;&e;&e;&e;&e;&e;"><!ENTITY g "&f;&f;&f;&f;&f;&f;&f;&f;&f;&f;">]>';
    private const FEW = '<row><c><v>1</v></c></row>';

    /** @return \Generator<string, \Closure(): string> bytes by what they are and the name of their file */
    public static function all(): \Generator
    {
        yield from self::sheets();
        yield from self::books();
        yield from self::archives();
        yield from self::openDocuments();
        yield from self::texts();
        yield from self::json();
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function sheets(): \Generator
    {
        $cells = static fn (string $cell, int $times): string => '<row>'.str_repeat($cell, $times).'</row>';
        foreach ([
            'a hidden column 40 million' => '<cols><col min="40000000" max="40000001" hidden="1"/></cols>',
            'hidden columns up to the largest number' => '<cols><col min="1" max="9223372036854775807" hidden="1"/></cols>',
            'hidden columns from the largest number' => '<cols><col min="9223372036854775807" max="9223372036854775807" hidden="1"/></cols>',
            'hidden columns below nothing' => '<cols><col min="-5" max="-9" hidden="1"/></cols>',
            'a million hidden columns' => '<cols>'.str_repeat('<col min="1" max="300" hidden="1"/>', 200_000).'</cols>',
        ] as $what => $columns) {
            yield $what.'.xlsx' => static fn (): string => self::xlsx(self::FEW, before: $columns);
        }
        foreach ([
            'row 2 billion' => '<row r="2000000000"><c><v>1</v></c></row>',
            'row nought' => '<row r="0"><c><v>1</v></c></row>',
            'a row below nothing' => '<row r="-7"><c><v>1</v></c></row>',
            'a row of twenty digits' => '<row r="99999999999999999999"><c><v>1</v></c></row>',
            'a row that is a word' => '<row r="last"><c><v>1</v></c></row>',
            'a cell of twenty letters' => '<row><c r="ABCDEFGHIJKLMNOPQRST1"><v>1</v></c></row>',
            'a cell without letters' => '<row><c r="17"><v>1</v></c></row>',
            'a cell of other letters' => '<row><c r="äö1"><v>1</v></c></row>',
            'a cell far to the right' => '<row><c r="XFD1"><v>1</v></c></row>',
            'a style without end' => '<row><c s="99999999999999999999"><v>1</v></c></row>',
            'a power without end' => '<row><c><v>1E-999999999</v></c><c><v>1E999999999</v></c></row>',
            'a text that is not there' => '<row><c t="s"><v>4000000000</v></c><c t="s"><v>-1</v></c></row>',
            'a text without a number' => '<row><c t="s"><v>first</v></c><c><v>2</v></c></row>',
            'an unknown kind' => '<row><c t="zzz"><v>1</v></c></row>',
            'cells in cells' => '<row><c><c><c><v>1</v></c></c></c></row>',
        ] as $what => $rows) {
            yield $what.'.xlsx' => static fn (): string => self::xlsx($rows.'<row><c><v>Kettles</v></c></row>');
        }
        yield 'powers without end.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<row>'.str_repeat('<c><v>1E-999999</v></c>', 100).'</row>', 1000),
        );
        yield 'one row of 600,000 cells.xlsx' => static fn (): string => self::xlsx(
            $cells('<c><v>1</v></c>', 600_000),
        );
        yield '350,000 rows.xlsx' => static fn (): string => self::xlsx(str_repeat(self::FEW, 350_000));
        yield 'one row again and again.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<row r="1"><c r="A1"><v>1</v></c></row>', 200_000),
        );
        yield 'all cells that are kept.xlsx' => static fn (): string => self::xlsx(
            str_repeat($cells('<c><v>1.5</v></c>', 40), 4999),
        );
        yield 'long texts named by all cells.xlsx' => static fn (): string => self::xlsx(
            str_repeat($cells('<c t="s"><v>0</v></c>', 300), 3000),
            strings: '<si><t>'.str_repeat('kettle ', 4000).'</t></si>',
        );
        yield 'long texts named by half the cells.xlsx' => static fn (): string => self::xlsx(
            str_repeat($cells('<c t="s"><v>0</v></c>', 300), 600),
            strings: '<si><t>'.str_repeat('kettle ', 4000).'</t></si>',
        );
        yield 'texts that nobody names.xlsx' => static fn (): string => self::xlsx(
            '<row><c t="s"><v>499999</v></c><c><v>1</v></c></row>',
            strings: str_repeat('<si><t>a</t></si>', 500_000),
        );
        yield 'one text of nine megabytes.xlsx' => static fn (): string => self::xlsx(
            '<row><c t="inlineStr"><is><t>'.self::noise(3_000_000).'</t></is></c><c><v>1</v></c></row>',
        );
        yield 'joined cells without end.xlsx' => static fn (): string => self::xlsx(
            '<row><c><v>Kettles</v></c><c><v>1</v></c></row>',
            after: '<mergeCells><mergeCell ref="A1:XFD1048576"/><mergeCell ref="A1:ZZZ9999999"/>'
                .'<mergeCell ref="B9:A1"/><mergeCell ref="A1"/><mergeCell ref="::"/></mergeCells>',
        );
        yield 'joined cells over each other.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<row><c><v>Kettles</v></c><c><v>1</v></c></row>', 4000),
            after: '<mergeCells>'.str_repeat('<mergeCell ref="A1:A3999"/>', 100_000).'</mergeCells>',
        );
        yield 'hidden rows.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<row hidden="1"><c><v>1</v></c><c><v>2</v></c></row>', 39_000).self::FEW,
        );
        yield 'elements in elements.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<row>', 100_000).str_repeat('</row>', 100_000),
        );
        yield 'remarks without end.xlsx' => static fn (): string => self::xlsx(
            str_repeat('<!-- kettles -->', 550_000).self::FEW,
        );
        yield 'an attribute without end.xlsx' => static fn (): string => self::xlsx(
            '<row spans="'.self::noise(2_000_000).'"><c><v>1</v></c></row>',
        );
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function books(): \Generator
    {
        $formats = '<styleSheet '.self::MAIN.'><numFmts>%s</numFmts><cellXfs>%s</cellXfs></styleSheet>';
        foreach ([
            'half a million formats' => sprintf($formats, '', str_repeat('<xf numFmtId="9"/>', 480_000)),
            'a format without end' => sprintf(
                $formats,
                '<numFmt numFmtId="200" formatCode="'.str_repeat('[y]', 300_000).'"/>',
                '<xf numFmtId="200"/>',
            ),
            'formats with entities' => self::LAUGHS.sprintf($formats, '<numFmt numFmtId="200" formatCode="&g;"/>', ''),
            'broken formats' => '<styleSheet><cellXfs><xf',
            'empty formats' => '',
        ] as $what => $styles) {
            yield $what.'.xlsx' => static fn (): string => self::xlsx(
                str_repeat('<row>'.str_repeat('<c s="0"><v>41</v></c>', 50).'</row>', 1000),
                styles: $styles,
            );
        }
        $book = '<workbook '.self::MAIN.' '.self::RELATION.'><sheets>%s</sheets></workbook>';
        foreach ([
            'no sheets' => sprintf($book, ''),
            'a broken book' => '<workbook><sheets',
            'an empty book' => '',
            'a book that is no XML' => "\x00\x01\x02 kettles",
            'a book in another encoding' => '<?xml version="1.0" encoding="EBCDIC-XX"?>'.sprintf($book, ''),
            'sheet names with entities' => self::LAUGHS.sprintf($book, '<sheet name="&g;" sheetId="1" r:id="rId1"/>'),
            'a sheet name without end' => sprintf(
                $book,
                '<sheet name="'.str_repeat('kettle', 200_000).'" sheetId="1" r:id="rId1"/>',
            ),
            'sheet names that no text can hold' => sprintf($book, '<sheet name="&#x202E;&#x7F;é" r:id="rId1"/>'),
            'a hundred thousand sheets' => sprintf($book, str_repeat('<sheet name="a" r:id="rId1"/>', 100_000)),
            'a sheet elsewhere' => sprintf($book, '<sheet name="a" sheetId="1" r:id="rId9"/>'),
            'a date system that is none' => sprintf('<workbook '.self::MAIN.' '.self::RELATION
                .'><workbookPr date1904="maybe"/><sheets>%s</sheets></workbook>', '<sheet name="a" r:id="rId1"/>'),
        ] as $what => $workbook) {
            yield $what.'.xlsx' => static fn (): string => self::xlsx(self::FEW, book: $workbook);
        }
        $relations = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">%s</Relationships>';
        foreach ([
            'broken relations' => '<Relationships><Relationship',
            'no relations' => sprintf($relations, ''),
            'relations to a file of the machine' => sprintf(
                $relations,
                '<Relationship Id="rId1" Target="/../../../../etc/worksheets/passwd"/>',
            ),
            'relations to an address' => sprintf(
                $relations,
                '<Relationship Id="rId1" Target="file:///etc/worksheets/passwd" TargetMode="External"/>',
            ),
            'relations to nothing' => sprintf($relations, '<Relationship Id="rId1" Target="worksheets/none.xml"/>'),
            '150,000 relations' => sprintf(
                $relations,
                str_repeat('<Relationship Id="rId2" Target="worksheets/sheet1.xml"/>', 150_000),
            ),
            'relations that read a file' => '<!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/passwd">]>'
                .sprintf($relations, '<Relationship Id="rId1" Target="worksheets/&b;"/>'),
        ] as $what => $text) {
            yield $what.'.xlsx' => static fn (): string => self::xlsx(self::FEW, relations: $text);
        }
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function archives(): \Generator
    {
        $whole = static fn (): string => self::xlsx(str_repeat(self::FEW, 50));
        yield 'cut in its middle.xlsx' => static fn (): string => substr($whole(), 0, 600);
        yield 'only a beginning.xlsx' => static fn (): string => "PK\x03\x04";
        yield 'a beginning and noise.xlsx' => static fn (): string => "PK\x03\x04".self::noise(5000);
        yield 'one byte in five hundred turned.xlsx' => static function () use ($whole): string {
            $bytes = $whole();
            for ($at = 100; $at < strlen($bytes); $at += 500) {
                $bytes[$at] = chr(ord($bytes[$at]) ^ 0x55);
            }

            return $bytes;
        };
        yield 'six thousand entries.xlsx' => static fn (): string => self::zip(
            array_fill_keys(array_map(static fn (int $n): string => "xl/media/$n.png", range(1, 6000)), 'x'),
        );
        yield 'numbers that unpack to 60 MB.xlsx' => static fn (): string => self::xlsx(implode('', array_map(
            static fn (int $row): string => '<row r="'.$row.'">'.implode('', array_map(
                static fn (int $n): string => '<c r="A'.$row.'" s="0"><v>'.(($row * 7919 + $n * 104_729) % 9973).'</v></c>',
                range(1, 200),
            )).'</row>',
            range(1, 8000),
        )));
        yield 'zeros that unpack to 150 MB.xlsx' => static fn (): string => self::zip([
            'xl/workbook.xml' => '<workbook/>', 'xl/worksheets/sheet1.xml' => str_repeat("\0", 150_000_000),
        ]);
        yield 'blanks.xlsx' => static fn (): string => self::xlsx(
            str_repeat(str_repeat(' ', 60).'<x/>', 140_000).self::FEW,
        );
        yield 'another archive.xlsx' => static fn (): string => self::zip(['kettles.txt' => 'hello']);
        yield 'names that climb.xlsx' => static fn (): string => self::zip([
            '../../../tmp/kettles' => 'x', 'xl/workbook.xml' => '<workbook/>',
        ]);
        yield 'an old spreadsheet.xls' => static fn (): string => "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".self::noise(4000);
        yield 'nothing.csv' => static fn (): string => '';
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function openDocuments(): \Generator
    {
        $cell = '<table:table-cell office:value-type="float" office:value="1"%s><text:p>1</text:p></table:table-cell>';
        $plain = sprintf($cell, '');
        foreach ([
            'repeated rows of repeated cells' => '<table:table-row table:number-rows-repeated="40000">'
                .sprintf($cell, ' table:number-columns-repeated="300"').'</table:table-row>',
            'rows repeated without end' => '<table:table-row table:number-rows-repeated="9223372036854775807">'
                .$plain.'</table:table-row>',
            'cells repeated without end' => '<table:table-row>'
                .sprintf($cell, ' table:number-columns-repeated="99999999999999999999"').'</table:table-row>',
            'repeats below nothing' => '<table:table-row table:number-rows-repeated="-4">'
                .sprintf($cell, ' table:number-columns-repeated="-9"').'</table:table-row>',
            'cells that span without end' => '<table:table-row>'
                .sprintf($cell, ' table:number-rows-spanned="1048576" table:number-columns-spanned="16384"')
                .'</table:table-row>',
            'many repeats' => str_repeat('<table:table-row table:number-rows-repeated="1000000"/>', 100_000)
                .'<table:table-row>'.$plain.'</table:table-row>',
            'a hidden column without end' => '<table:table-column table:number-columns-repeated="40000000"'
                .' table:visibility="collapse"/><table:table-row>'.$plain.'</table:table-row>',
            'paragraphs without end' => '<table:table-row><table:table-cell>'.str_repeat('<text:p>a</text:p>', 400_000)
                .'</table:table-cell>'.$plain.'</table:table-row>',
            'blanks without end' => '<table:table-row><table:table-cell><text:p>'.str_repeat('<text:s/>', 900_000)
                .'</text:p></table:table-cell>'.$plain.'</table:table-row>',
            'a sheet in a sheet' => '<table:table-row><table:table-cell><table:table>'
                .'</table:table></table:table-cell>'.$plain.'</table:table-row>',
            'powers without end' => '<table:table-row>'.str_replace('value="1"', 'value="1E999999999"', $plain)
                .'</table:table-row>',
            'no rows' => '',
        ] as $what => $rows) {
            yield $what.'.ods' => static fn (): string => self::ods('<table:table table:name="a">'.$rows.'</table:table>');
        }
        yield 'a sheet that is empty.ods' => static fn (): string => self::ods('<table:table table:name="a"/>');
        yield 'a hundred thousand sheets.ods' => static fn (): string => self::ods(
            str_repeat('<table:table table:name="a"/>', 100_000),
        );
        yield 'entities.ods' => static fn (): string => self::ods(
            '<table:table table:name="&g;"/>',
            self::LAUGHS,
        );
        yield 'a broken document.ods' => static fn (): string => self::ods('<table:table><table:table-row>', tail: '');
        yield 'no content.ods' => static fn (): string => self::zip([
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => '',
        ]);
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function texts(): \Generator
    {
        $row = static fn (int $cells, string $cell): string => implode(',', array_fill(0, $cells, $cell))."\n";
        yield 'digits 2,000 by 300.csv' => static fn (): string => str_repeat($row(300, '7'), 2000);
        yield 'digits 8,000 by 300.csv' => static fn (): string => str_repeat($row(300, '7'), 8000);
        yield 'digits 30,000 by 6.csv' => static fn (): string => str_repeat($row(6, '123.45'), 30_000);
        yield 'numbers that differ.csv' => static fn (): string => implode("\n", array_map(
            static fn (int $n): string => 'Kind '.$n.','.implode(',', range($n, $n + 24)),
            range(1, 7900),
        ));
        yield 'money 4,900 by 40.csv' => static fn (): string => str_repeat(
            rtrim(str_repeat('"€ 1,234.50",', 40), ',')."\n",
            4900,
        );
        yield 'sums 4,900 by 20.csv' => static fn (): string => implode("\n", array_map(
            static fn (int $n): string => 'Kind '.$n.str_repeat(",$n*3+4", 20),
            range(1, 4900),
        ));
        yield 'commas.csv' => static fn (): string => str_repeat(',', 9_800_000);
        yield 'lines of commas.csv' => static fn (): string => str_repeat(str_repeat(',', 400)."\n", 24_000);
        yield 'one row half a million times.csv' => static fn (): string => str_repeat("Kettles,1,2,3\n", 500_000);
        yield 'labels and numbers.txt' => static fn (): string => str_repeat("Small appliances 512\n", 400_000);
        yield 'quotes.csv' => static fn (): string => str_repeat('"', 9_900_000);
        yield 'quotes that never close.csv' => static fn (): string => str_repeat(",\"x\n", 2_400_000);
        yield 'line breaks.csv' => static fn (): string => str_repeat("\n", 9_900_000);
        yield 'blanks.csv' => static fn (): string => str_repeat('  a', 3_000_000);
        yield 'one word.txt' => static fn (): string => str_repeat('kettle', 1_600_000);
        yield 'no letters.csv' => static fn (): string => str_repeat("\u{200B}\u{202E},1\n", 400_000);
        yield 'noise.csv' => static fn (): string => self::noise(9_000_000);
        yield 'bytes of no encoding.csv' => static fn (): string => str_repeat("K\xE4nnchen\xFF;5\n", 600_000);
        yield 'a mark and half a sign.csv' => static fn (): string => "\xFF\xFEK\0e\0\t\0001";
        yield 'wide signs.csv' => static fn (): string => "\xFE\xFF".str_repeat("\0K\0,\0001\0\n", 1_000_000);
        yield 'dates.csv' => static fn (): string => implode("\n", array_map(
            static fn (int $n): string => date('Y-m-d,', $n * 86_400).$n,
            range(0, 39_000),
        ));
        yield 'totals.csv' => static fn (): string => "Kind,Things\n".str_repeat("Kettles,1\n", 39_990).'Total,39990';
        yield 'names again and again.csv' => static fn (): string => "Name,Year,Things\n".implode("\n", array_map(
            static fn (int $n): string => 'Kind '.($n % 4000).','.(2000 + intdiv($n, 4000)).','.$n,
            range(0, 39_000),
        ));
        yield 'half a paragraph of digits.csv' => static fn (): string => 'Kettles,'.str_repeat('9', 4_000_000);
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function json(): \Generator
    {
        yield 'a number that no float holds.json' => static fn (): string => '[["Kettles",1e999],["Lamps",-1e999]]';
        yield 'five million numbers.json' => static fn (): string => '['.str_repeat('1,', 4_900_000).'1]';
        yield 'lists 2 million.json' => static fn (): string => '['.str_repeat('[1],', 2_000_000).'[1]]';
        yield 'empty lists.json' => static fn (): string => '['.str_repeat('[],', 3_000_000).'[]]';
        yield '700,000 keys.json' => static fn (): string => '{'.implode(',', array_map(
            static fn (int $n): string => "\"k$n\":1",
            range(1, 700_000),
        )).'}';
        yield '300,000 keys.json' => static fn (): string => '{'.implode(',', array_map(
            static fn (int $n): string => "\"k$n\":1",
            range(1, 300_000),
        )).'}';
        yield 'records with keys of their own.json' => static fn (): string => '['.implode(',', array_map(
            static fn (int $n): string => "{\"k$n\":1,\"l$n\":2}",
            range(1, 40_000),
        )).']';
        yield 'lists in lists.json' => static fn (): string => str_repeat('[', 400_000).str_repeat(']', 400_000);
        yield 'lists in twenty lists.json' => static fn (): string => str_repeat('[', 20).'1'.str_repeat(']', 20);
        yield 'cut short.json' => static fn (): string => '[{"label":"Kettles","value":';
        yield 'half a sign.json' => static fn (): string => '[{"label":"\ud800","value":1}]';
        yield 'nothing in it.json' => static fn (): string => '{}';
        yield 'columns without end.json' => static fn (): string => '{"a":['.str_repeat('1,', 290_000).'1],"b":[1]}';
        yield 'one text.json' => static fn (): string => '["'.str_repeat('kettle', 1_500_000).'",1]';
        yield 'long numbers.json' => static fn (): string => '[["Kettles",'.str_repeat('9', 3_000_000).']]';
        yield 'powers.json' => static fn (): string => '['.str_repeat('["a",1e-300],', 30_000).'["b",1e300]]';
    }

    private static function xlsx(
        string $rows,
        string $before = '',
        string $after = '',
        ?string $book = null,
        ?string $relations = null,
        ?string $strings = null,
        ?string $styles = null,
    ): string {
        return self::zip(array_filter([
            'xl/workbook.xml' => $book ?? '<workbook '.self::MAIN.' '.self::RELATION
                .'><sheets><sheet name="Things" sheetId="1" r:id="rId1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => $relations ??
                '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                .'<Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>',
            'xl/worksheets/sheet1.xml' => '<worksheet '.self::MAIN.'>'.$before.'<sheetData>'.$rows.'</sheetData>'
                .$after.'</worksheet>',
            'xl/sharedStrings.xml' => $strings === null ? null : '<sst '.self::MAIN.'>'.$strings.'</sst>',
            'xl/styles.xml' => $styles,
        ], static fn (?string $text): bool => $text !== null));
    }

    private static function ods(
        string $tables,
        string $head = '',
        string $tail = '</office:spreadsheet></office:body></office:document-content>',
    ): string {
        return self::zip([
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet',
            'content.xml' => $head.'<office:document-content '.self::OFFICE.'><office:body><office:spreadsheet>'
                .$tables.$tail,
        ]);
    }

    /**
     * Not packed where it may be that large: what is packed well is told by that alone, and read no further.
     *
     * @param array<string, string> $entries
     */
    private static function zip(array $entries): string
    {
        $isSmall = array_sum(array_map(strlen(...), $entries)) < 9_500_000;
        $path = (string) tempnam(sys_get_temp_dir(), 'lupine');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($entries as $name => $text) {
            $zip->addFromString($name, $text);
            $zip->setCompressionName($name, $isSmall ? \ZipArchive::CM_STORE : \ZipArchive::CM_DEFLATE);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** Letters that do not become shorter when they are packed, the same each time. */
    private static function noise(int $length): string
    {
        $noise = '';
        for ($block = 0; strlen($noise) < $length; ++$block) {
            $noise .= hash('sha512', (string) $block);
        }

        return substr($noise, 0, $length);
    }
}
