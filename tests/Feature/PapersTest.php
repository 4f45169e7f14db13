<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Import\IncomingFile;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What is handed on in writing, by the queue. CSV is read by PHP's own reader, which is not what wrote it by rule. */
final class PapersTest extends TestCase
{
    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = (string) $this->postJson('/api/pieces', ['document' => self::demo()])->assertCreated()->json('id');
    }

    public function testProofIsATableOfFiguresAndChecks(): void
    {
        $rows = $this->table('proof', 'the-mending-room-proof.csv');
        self::assertSame(['piece', 'The Mending Room', 'exact'], [
            $rows[0]['What'],
            $rows[0]['Name'],
            $rows[0]['Result'],
        ]);
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $rows[1]['Name']);
        $figures = array_values(array_filter($rows, static fn (array $row): bool => $row['What'] === 'figure'));
        // The figures of the demo: shares of 1,248 by a calculator of one's own.
        $typed = array_map(static fn (array $row): float => (float) $row['Typed'], $figures);
        self::assertSame(1248.0, array_sum($typed));
        foreach ($figures as $place => $row) {
            self::assertEqualsWithDelta(100 * $typed[$place] / 1248, (float) $row['Should be (%)'], 1e-6);
            self::assertEqualsWithDelta((float) $row['Should be (%)'], (float) $row['Measured (%)'], 1e-4);
            self::assertSame('exact', $row['Result']);
        }
        self::assertContains('check', array_column($rows, 'What'));
    }

    /** Source: pdftotext of Poppler, for what is really on the pages. */
    public function testAProofToSignOffSaysAllOfIt(): void
    {
        $made = $this->made('proof-pdf');
        $this->file($made)->assertDownload('the-mending-room-proof.pdf');
        $text = (new Process(['pdftotext', '-layout', $this->folder.'/app/hand-offs/'.$made->file, '-']))
            ->mustRun()->getOutput();
        foreach ($this->table('proof', 'the-mending-room-proof.csv') as $row) {
            match ($row['What']) {
                'figure' => self::assertMatchesRegularExpression(
                    '/'.preg_quote($row['Name'], '/').'\s+'.$row['Typed'].'\s+'.preg_quote($row['Should be (%)'], '/').'/',
                    $text,
                ),
                'fingerprint' => self::assertStringContainsString($row['Name'], $text),
                'piece' => self::assertStringContainsString('Exact, legible', $text),
                default => self::assertStringContainsString(
                    substr($row['Name'], 0, 40),
                    (string) preg_replace('/\s+/', ' ', $text),
                ),
            };
        }
        self::assertStringContainsString('Contact sheet', $text);
    }

    /** Written by exceljs and read by Lupine's own reader, which knows nothing of it. */
    public function testASpreadsheetHasNumbersThatCanBeReckonedWith(): void
    {
        $made = $this->made('xlsx');
        $this->file($made)->assertDownload('the-mending-room-values.xlsx');
        $book = IncomingFile::open($this->folder.'/app/hand-offs/'.$made->file, 'values.xlsx');
        self::assertSame(['Donut', 'Holds'], array_column($book->sheets(), 'name'));
        $rows = $book->grid(0)->rows;
        self::assertSame(['Figure', 'Last year', 'This year'], $rows[0]);
        $typed = array_map(
            static fn (array $row): array => [$row['label'], ...$row['cells']],
            self::demo()['tables'][0]['rows'],
        );
        self::assertSame($typed, array_slice($rows, 1));
        self::assertSame('41.03 %', $book->grid(1)->rows[1][8]);
    }

    public function testValuesAreThoseOfHoldsOrOfEveryFrame(): void
    {
        $document = self::demo();
        $figures = count($document['tables'][0]['rows']);
        $frames = $this->table('frames', 'the-mending-room-values-by-frame.csv');
        self::assertCount($figures * $document['stage']['frames'], $frames);
        $holds = $this->table('holds', 'the-mending-room-values.csv');
        self::assertNotSame([], $holds);
        foreach ($holds as $hold) {
            self::assertGreaterThanOrEqual(14, (int) $hold['Last frame'] - (int) $hold['First frame']);
            // What is said of a hold is what each of its frames says.
            $its = array_filter($frames, static fn (array $row): bool => $row['Figure'] === $hold['Figure']
                && (int) $row['First frame'] >= (int) $hold['First frame']
                && (int) $row['First frame'] <= (int) $hold['Last frame']);
            self::assertSame([$hold['Value']], array_values(array_unique(array_column($its, 'Value'))));
        }
        $last = array_slice($holds, -$figures);
        self::assertSame(
            // What the last change of the demo leads to.
            array_map(static fn (array $row): string => $row['cells'][1], $document['tables'][0]['rows']),
            array_column($last, 'Value'),
        );
    }

    public function testMarkersSayWhereLinesWordsAndMovesAre(): void
    {
        $document = self::demo();
        $rows = $this->table('markers', 'the-mending-room-markers.csv');
        $lines = array_values(array_filter($rows, static fn (array $row): bool => $row['Kind'] === 'line'));
        foreach ($document['script']['lines'] as $place => $line) {
            self::assertSame([$line['text'], (string) $line['begin']], [
                $lines[$place]['Name'],
                $lines[$place]['First frame'],
            ]);
            self::assertSame(sprintf('%.3f', $line['begin'] / 30), $lines[$place]['Seconds']);
        }
        $comes = array_filter($rows, static fn (array $row): bool => $row['Kind'] === 'comes');
        self::assertCount(count($document['tables'][0]['rows']), $comes);
        $begins = array_map(static fn (array $row): int => (int) $row['First frame'], $rows);
        $sorted = $begins;
        sort($sorted);
        self::assertSame($sorted, $begins);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function subtitles(): iterable
    {
        yield 'SRT' => ['srt', 'the-mending-room.srt', 'application/x-subrip'];
        yield 'WebVTT by word' => ['vtt-words', 'the-mending-room-words.vtt', 'text/vtt; charset=utf-8'];
    }

    #[DataProvider('subtitles')]
    public function testSubtitlesBelongToTheFramesThatAreAskedFor(string $kind, string $name, string $type): void
    {
        $answer = $this->file($this->made($kind));
        $answer->assertDownload($name)->assertHeader('Content-Type', $type);
        $part = $this->file($this->made($kind, ['from' => 100, 'to' => 200]));
        self::assertStringContainsString('00:00:00', (string) $part->streamedContent());
        $silent = $this->made($kind, ['from' => 568, 'to' => 569]);
        self::assertSame(WorkStatus::Failed, $silent->status);
        self::assertStringContainsString('Nothing is said on these frames', (string) $silent->message);
    }

    public function testASecondLanguageHasSubtitlesOfItsOwn(): void
    {
        self::assertStringContainsString('has a second language', (string) $this->made('srt-second')->message);
        $document = self::demo();
        $document['script']['lines'][1]['other'] = 'Vier von zehn waren Wasserkocher.';
        $this->id = (string) $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $vtt = (string) $this->file($this->made('vtt-second'))
            ->assertDownload('the-mending-room-second-language.vtt')->streamedContent();
        self::assertStringContainsString('Vier von zehn waren Wasserkocher.', $vtt);
        // It stands where the line does, which is said in the first language.
        $begin = $document['script']['lines'][1]['begin'] / 30;
        self::assertStringContainsString(sprintf('00:00:%06.3f --> ', $begin), $vtt);
        self::assertStringNotContainsString('neighbours', $vtt);
    }

    public function testAStillComesFromEachHold(): void
    {
        $stills = $this->made('stills');
        $this->file($stills)->assertDownload('the-mending-room-stills.zip');
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($this->folder.'/app/hand-offs/'.$stills->file));
        $holds = array_unique(array_map(
            static fn (array $row): string => $row['First frame'].' '.$row['Last frame'],
            $this->table('holds', 'the-mending-room-values.csv'),
        ));
        self::assertSame(count($holds), $zip->numFiles);
        foreach (array_values($holds) as $place => $hold) {
            [$first, $last] = array_map(intval(...), explode(' ', $hold));
            $frame = (int) substr((string) $zip->getNameIndex($place), strlen('01-frame-'), 5);
            self::assertTrue($frame >= $first && $frame <= $last);
            [$width, $height] = getimagesizefromstring((string) $zip->getFromIndex($place)) ?: [0, 0];
            self::assertSame([1920, 1080], [$width, $height]);
        }
        self::assertStringContainsString('never stand still', (string) $this->made('stills', ['to' => 11])->message);
    }

    public function testMoreThanATableHoldsIsRefusedInWords(): void
    {
        $table = implode("\n", array_map(static fn (int $row): string => "Thing $row\t".(10 + $row), range(1, 20)));
        $made = $this->postJson('/api/pieces', ['text' => $table, 'form' => 'bars'])->assertCreated();
        $document = $made->json('document');
        $document['stage']['frames'] = 18_000;
        $this->id = (string) $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        self::assertStringContainsString('at most 250,000', (string) $this->made('frames')->message);
    }

    public function testATimelineHasTheMarkersOnItsClip(): void
    {
        $answer = $this->file($this->made('otio', ['from' => 100, 'to' => 300]));
        $answer->assertDownload('the-mending-room-markers.otio');
        $timeline = json_decode((string) $answer->streamedContent(), true);
        // Source: OpenTimelineIO, File Format Specification: what each schema has to have (from memory).
        self::assertSame('Timeline.1', $timeline['OTIO_SCHEMA']);
        $clip = $timeline['tracks']['children'][0]['children'][0];
        self::assertSame(['Clip.2', 'the-mending-room.mov'], [
            $clip['OTIO_SCHEMA'],
            $clip['media_references'][$clip['active_media_reference_key']]['target_url'],
        ]);
        self::assertSame([100.0, 201.0, 30.0], [
            $clip['source_range']['start_time']['value'],
            $clip['source_range']['duration']['value'],
            $clip['source_range']['duration']['rate'],
        ]);
        $rows = array_values(array_filter(
            $this->table('markers', 'the-mending-room-markers.csv'),
            static fn (array $row): bool => $row['First frame'] >= 100 && $row['First frame'] <= 300,
        ));
        self::assertSame(
            array_map(static fn (array $row): array => [$row['Name'], (float) $row['First frame']], $rows),
            array_map(static fn (array $marker): array => [
                $marker['name'],
                $marker['marked_range']['start_time']['value'],
            ], $clip['markers']),
        );
    }

    public function testATextAlternativeIsMadeOrOnesOwn(): void
    {
        $text = (string) $this->file($this->made('alternative'))->streamedContent();
        self::assertStringContainsString('Donut chart of 5 parts: Small appliances 41.0%', $text);
        self::assertStringContainsString('This year: Small appliances 33.5% (431)', $text);
        $document = self::demo();
        $document['alternative'] = ['short' => 'What came, in a ring.', 'long' => ''];
        $this->id = (string) $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $own = (string) $this->file($this->made('alternative'))->streamedContent();
        self::assertStringContainsString("\n\nWhat came, in a ring.\n\n", $own);
        self::assertStringContainsString('This year: Small appliances 33.5% (431)', $own);
    }

    /** @param array<string, mixed> $order */
    private function made(string $kind, array $order = []): HandOff
    {
        $id = $this->postJson("/api/pieces/{$this->id}/hand-offs", ['kind' => $kind, ...$order])
            ->assertCreated()
            ->json('id');
        $this->makeFiles();

        return HandOff::query()->findOrFail($id);
    }

    /** @return TestResponse<Response> */
    private function file(HandOff $made): TestResponse
    {
        self::assertSame(WorkStatus::Done, $made->status, (string) $made->message);

        return $this->get("/api/hand-offs/{$made->id}/file")->assertOk();
    }

    /** @return list<array<string, string>> rows by their heads */
    private function table(string $kind, string $name): array
    {
        $text = (string) $this->file($this->made($kind))->assertDownload($name)->streamedContent();
        $file = tmpfile();
        self::assertNotFalse($file);
        fwrite($file, $text);
        rewind($file);
        $rows = [];
        $heads = fgetcsv($file, escape: '');
        self::assertIsArray($heads);
        while (($row = fgetcsv($file, escape: '')) !== false) {
            $rows[] = array_combine($heads, $row);
        }

        return $rows;
    }
}
