<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Import\Incoming;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Files with tables: those that exceljs and LibreOffice wrote, and those that are refused. */
final class TablesTest extends TestCase
{
    private const FILES = __DIR__.'/../Fixtures/tables/';

    /** @return iterable<array{string}> */
    public static function files(): iterable
    {
        // tests/Fixtures/tables/make.mjs says what is in them.
        yield ['exceljs.xlsx'];
        yield ['libreoffice.xlsx'];
        yield ['libreoffice.ods'];
    }

    #[DataProvider('files')]
    public function testFilesOfExceljsAndLibreOfficeReadBackEqual(string $file): void
    {
        $read = $this->send($file, (string) file_get_contents(self::FILES.$file))->assertOk();
        self::assertSame(['Read me', 'A year', 'Long', 'Kept apart'], $read->json('sheets.*.name'));
        self::assertSame([false, false, false, true], $read->json('sheets.*.isHidden'));
        // The first sheet has no table.
        self::assertSame(1, $read->json('sheet'));
        self::assertSame([
            ['What came through the door'],
            [],
            ['Kind', '2022', '2023', 'Mended', 'Opened'],
            ['Small appliances', '498', '512', '73 %', '2022-01-15'],
            ['Lamps & lights', '301.5', '287', '81 %', '2022-02-01'],
            ['Clothing', '154', '199', '41 %', '2023-03-05'],
            ['Umbrellas', '12', '9', '50 %', '2023-03-06'],
            ['Toys', '88', '100', '100 %', '2023-12-31'],
            ['Total', '1053.5', '1107'],
            [],
            ['Source: the book at the door'],
        ], $read->json('grid.rows'));
        self::assertSame([6], $read->json('grid.hiddenRows'));
        self::assertSame('What came through the door', $read->json('understood.title'));
        self::assertSame(['498', '512'], $read->json('understood.table.rows.0.cells'));
        self::assertSame(
            ['Small appliances', 'Lamps & lights', 'Clothing', 'Toys'],
            $read->json('understood.table.rows.*.label'),
        );

        $again = $this->postJson('/api/tables/sheet', [
            'file' => $read->json('file'),
            'sheet' => 1,
            'choices' => ['withHidden' => true, 'roles' => [['column' => 3, 'role' => 'value']]],
        ])->assertOk();
        self::assertSame(['Umbrellas', '12', '9', '50 %'], [
            $again->json('understood.table.rows.3.label'),
            ...$again->json('understood.table.rows.3.cells'),
        ]);

        $long = $this->postJson('/api/tables/sheet', ['file' => $read->json('file'), 'sheet' => 2])->assertOk();
        self::assertSame('long', $long->json('understood.layout'));
        self::assertSame(['2021', '2022', '2023'], $long->json('understood.table.columns.*.name'));
        self::assertSame(['20', '21', '22'], $long->json('understood.table.rows.1.cells'));
        // One merged cell says it for six rows.
        self::assertSame(['North', 'North', 'South'], $long->json('understood.table.rows.*.group'));
        self::assertSame([4], $long->json('grid.hiddenColumns'));
        self::assertSame('€ 15', $long->json('grid.rows.1.4'));

        $made = $this->postJson('/api/pieces', [
            'import' => ['file' => $read->json('file'), 'sheet' => 2],
            'form' => 'bars',
            'title' => 'By region',
        ])->assertCreated();
        self::assertSame('By region', $made->json('document.title'));
        self::assertSame('Year', $made->json('document.tables.0.timeColumn'));
        $own = $made->json('document.charts.0.own');
        self::assertNotSame($own['r1']['colour'], $own['r3']['colour']);
    }

    public function testTextsInTheirEncodings(): void
    {
        $text = "Art;Stück\nKännchen;12,5\nHüte;7,25";
        foreach ([
            $text,
            "\xEF\xBB\xBF".$text,
            mb_convert_encoding($text, 'Windows-1252', 'UTF-8'),
            "\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'),
        ] as $bytes) {
            $read = $this->send('tabelle.csv', $bytes)->assertOk();
            self::assertSame(['Kännchen', 'Hüte'], $read->json('understood.table.rows.*.label'));
            self::assertSame(['12.5'], $read->json('understood.table.rows.0.cells'));
        }
    }

    /** @return iterable<string, array{\Closure(): string, string}> */
    public static function refused(): iterable
    {
        $zip = static function (array $entries, ?string $password = null): string {
            $path = (string) tempnam(sys_get_temp_dir(), 'lupine');
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach ($entries as $name => $text) {
                $zip->addFromString($name, $text);
                if ($password !== null) {
                    $zip->setEncryptionName($name, \ZipArchive::EM_AES_256, $password);
                }
            }
            $zip->close();
            $bytes = (string) file_get_contents($path);
            unlink($path);

            return $bytes;
        };
        $book = ['xl/workbook.xml' => '<workbook/>'];
        yield 'nothing' => [static fn (): string => '', 'empty'];
        yield 'a picture' => [static fn (): string => "\x89PNG\r\n\x1A\n\0\0\0\rIHDR", 'not a table'];
        yield 'a zip of something else' => [static fn (): string => $zip(['a.txt' => 'a']), 'not a spreadsheet'];
        yield 'a broken zip' => [static fn (): string => substr($zip($book), 0, 60), 'damaged'];
        yield 'a workbook without sheets' => [
            static fn (): string => $zip([...$book, 'xl/_rels/workbook.xml.rels' => '<Relationships/>']),
            'damaged',
        ];
        yield 'macros' => [static fn (): string => $zip([...$book, 'xl/vbaProject.bin' => 'x']), 'macros'];
        yield 'a bomb' => [
            static fn (): string => $zip([...$book, 'xl/worksheets/sheet1.xml' => str_repeat('<row/>', 2_000_000)]),
            'far larger than a table',
        ];
        yield 'an entry with a password' => [static fn (): string => $zip($book, 'secret'), 'password'];
        yield 'a locked workbook' => [
            static fn (): string => "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat("\0", 500)
                .mb_convert_encoding('EncryptedPackage', 'UTF-16LE', 'UTF-8'),
            'password',
        ];
        yield 'an old workbook' => [
            static fn (): string => "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat("\0", 500),
            'XLSX or ODS',
        ];
        yield 'JSON that is none' => [static fn (): string => '{"a": ', 'not JSON'];
        yield 'JSON without a table' => [static fn (): string => '{"a": {"b": null}, "d": null}', 'no table'];
    }

    /** @param \Closure(): string $bytes */
    #[DataProvider('refused')]
    public function testWhatCannotBeReadIsRefusedInWords(\Closure $bytes, string $reason): void
    {
        $answer = $this->send('Büro & Tür.xlsx', $bytes())->assertUnprocessable();
        self::assertStringContainsString('“Büro & Tür.xlsx”', (string) $answer->json('message'));
        self::assertStringContainsString($reason, (string) $answer->json('message'));
    }

    public function testAFileIsKeptForADayAndNobodyReachesAnother(): void
    {
        $this->postJson('/api/tables/sheet', ['file' => str_repeat('a', 64)])->assertUnprocessable()
            ->assertJsonPath('message', 'This file has expired; files are kept for one day. Drop it again.');
        $this->postJson('/api/tables/sheet', ['file' => '../../lupine.sqlite'])->assertUnprocessable();
        $read = $this->send('a.csv', "Kettles,1\nLamps,2")->assertOk();
        touch(storage_path('framework/incoming/'.$read->json('file')), time() - (Incoming::HOURS + 1) * 3600);
        $this->artisan('lupine:tidy')->assertSuccessful();
        $this->postJson('/api/tables/sheet', ['file' => $read->json('file')])->assertUnprocessable();
        $this->call('POST', '/api/tables', [], [], [], ['CONTENT_TYPE' => 'text/plain'], 'a,1')->assertStatus(415);
    }

    public function testFiguresComeInAgain(): void
    {
        $piece = $this->postJson('/api/pieces', ['text' => "Kettles\t3\nLamps\t5", 'form' => 'donut'])->assertCreated();
        $file = $this->send('again.csv', "Lamps,6\nToys,1")->assertOk()->json('file');
        $plan = $this->postJson('/api/tables/again', [
            'document' => $piece->json('document'),
            'table' => 't1',
            'import' => ['file' => $file, 'sheet' => 0],
        ])->assertOk();
        self::assertSame(['gone', 'changed', 'fresh'], $plan->json('rows.*.kind'));
        self::assertSame(['r2', 'r3'], $plan->json('document.tables.0.rows.*.id'));
        $this->postJson('/api/compute', ['document' => $plan->json('document'), 'frame' => 100])->assertOk()
            ->assertJsonPath('problems', []);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function send(string $name, string $bytes): TestResponse
    {
        return $this->call(
            'POST',
            '/api/tables?name='.rawurlencode($name),
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
            $bytes,
        );
    }
}
