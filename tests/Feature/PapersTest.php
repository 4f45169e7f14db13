<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is handed on in writing, over the API. CSV is read by PHP's own reader, which is not what wrote it by rule. */
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
        $path = "/api/pieces/{$this->id}/papers/$kind";
        $this->get($path)->assertOk()->assertDownload($name)->assertHeader('Content-Type', $type);
        self::assertStringContainsString('00:00:00', (string) $this->get($path.'?from=100&to=200')->getContent());
        $this->getJson($path.'?from=568&to=569')
            ->assertUnprocessable()
            ->assertJsonPath('where', 'script.lines');
        $this->getJson("/api/pieces/{$this->id}/papers/none")->assertNotFound();
    }

    public function testAStillComesFromEachHold(): void
    {
        // A painter that says which frame it was asked for stands in for the one that is started by bin/start.
        Http::fake(['http://stills/*' => fn (Request $asked) => Http::response('frame '.basename($asked->url()))]);
        $answer = $this->get("/api/pieces/{$this->id}/papers/stills")->assertOk();
        $answer->assertDownload('the-mending-room-stills.zip');
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($file, $answer->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $holds = array_unique(array_map(
            static fn (array $row): string => $row['First frame'].' '.$row['Last frame'],
            $this->table('holds', 'the-mending-room-values.csv'),
        ));
        self::assertSame(count($holds), $zip->numFiles);
        foreach (array_values($holds) as $place => $hold) {
            [$first, $last] = array_map(intval(...), explode(' ', $hold));
            $frame = (int) substr((string) $zip->getNameIndex($place), strlen('01-frame-'), 5);
            self::assertTrue($frame >= $first && $frame <= $last);
            self::assertSame('frame '.$frame, $zip->getFromIndex($place));
        }
        unlink($file);
        $moving = self::demo();
        $moving['stage']['frames'] = 12;
        $id = $this->postJson('/api/pieces', ['document' => $moving])->assertCreated()->json('id');
        $this->getJson("/api/pieces/$id/papers/stills")->assertUnprocessable()->assertJsonPath('where', 'holds');
    }

    public function testMoreThanATableHoldsIsRefusedInWords(): void
    {
        $table = implode("\n", array_map(static fn (int $row): string => "Thing $row\t".(10 + $row), range(1, 20)));
        $made = $this->postJson('/api/pieces', ['text' => $table, 'form' => 'bars'])->assertCreated();
        $document = $made->json('document');
        $document['stage']['frames'] = 18_000;
        $id = $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $answer = $this->getJson("/api/pieces/$id/papers/frames")->assertUnprocessable();
        self::assertStringContainsString('at most 250,000', (string) $answer->json('message'));
    }

    /** @return list<array<string, string>> rows by their heads */
    private function table(string $kind, string $name): array
    {
        $text = (string) $this->get("/api/pieces/{$this->id}/papers/$kind")
            ->assertOk()
            ->assertDownload($name)
            ->getContent();
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
