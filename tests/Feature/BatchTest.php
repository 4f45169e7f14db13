<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** One piece with many tables, over the API and on the command line. */
final class BatchTest extends TestCase
{
    private const PLACES = "Place,Kind,Things\nMill Lane,Mended,60\nMill Lane,Beyond us,40\n"
        ."North Quay,Mended,30\nNorth Quay,Beyond us,70\nOld Depot,Mended,about half\n";

    public function testManyTablesBecomeManyFilesInOneArchive(): void
    {
        $id = $this->stored();
        $fillings = $this->fillings($id, self::PLACES, ['by' => 'names', 'column' => 0]);
        self::assertSame(['Mill Lane', 'North Quay'], array_column($fillings->json('fillings'), 'name'));
        self::assertSame(['Old Depot'], array_column($fillings->json('wrong'), 'name'));

        $document = $fillings->json('fillings.0.document');
        $verdict = $this->postJson('/api/compute/verdict', ['document' => $document, 'shapes' => [null]])->assertOk();
        $told = json_decode($verdict->streamedContent(), true);
        self::assertTrue($told['exact']);

        $asked = [
            'fillings' => array_map(
                static fn (array $one): array => ['name' => $one['name'], 'document' => $one['document']],
                $fillings->json('fillings'),
            ),
            'orders' => [['kind' => 'svg'], ['kind' => 'proof'], ['kind' => 'srt']],
            'names' => '{number} {name}',
        ];
        $wrong = $this->postJson("/api/pieces/$id/batches", [...$asked, 'names' => '{school}'])->assertUnprocessable();
        self::assertStringContainsString('no part {school}', (string) $wrong->json('message'));
        self::assertSame(0, HandOff::query()->count());
        $batch = $this->postJson("/api/pieces/$id/batches", $asked)->assertCreated()
            ->assertJson(['files' => 6, 'busy' => 6, 'tables' => 2]);
        $this->getJson("/api/hand-offs?piece=$id")->assertJsonPath('handOffs', []);
        $this->makeFiles();
        $told = $this->getJson("/api/pieces/$id/batches")->assertOk()->json('batches.0');
        // Nothing is said in this piece, so its subtitles cannot be made; the others are there all the same.
        self::assertSame([4, 0, 2], [$told['done'], $told['busy'], $told['failed']]);
        self::assertStringContainsString('Nothing is said', $told['failures'][0]['message']);

        $archive = $this->get("/api/batches/{$batch->json('id')}/file")->assertOk();
        $file = $this->folder.'/batch.zip';
        file_put_contents($file, $archive->streamedContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        self::assertSame(
            [
                '01-Mill-Lane-proof.csv', '01-Mill-Lane.svg', '02-North-Quay-proof.csv', '02-North-Quay.svg',
                'manifest.csv',
            ],
            self::names($zip),
        );
        $manifest = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            explode("\r\n", trim((string) $zip->getFromName('manifest.csv'))),
        );
        self::assertCount(7, $manifest);
        self::assertSame('Mill Lane', $manifest[1][1]);
        self::assertSame(hash('sha256', (string) $zip->getFromName($manifest[1][0])), $manifest[1][7]);
        // What a film was made of is what its table says.
        self::assertStringContainsString('Mended,60,', (string) $zip->getFromName('01-Mill-Lane-proof.csv'));
        self::assertStringContainsString('Mended,30,', (string) $zip->getFromName('02-North-Quay-proof.csv'));

        $this->deleteJson("/api/batches/{$batch->json('id')}")->assertOk();
        self::assertSame([], glob($this->folder.'/app/hand-offs/*'));
        $this->getJson("/api/pieces/$id/batches")->assertJsonPath('batches', []);
    }

    public function testABatchIsCancelledAndTakenUpAgain(): void
    {
        $id = $this->stored();
        $fillings = $this->fillings($id, self::PLACES, ['by' => 'names', 'column' => 0])->json('fillings');
        $batch = $this->postJson("/api/pieces/$id/batches", [
            'fillings' => $fillings, 'orders' => [['kind' => 'poster']], 'names' => '{name}',
        ])->assertCreated()->json('id');
        $this->deleteJson("/api/batches/$batch")->assertConflict();
        $this->postJson("/api/batches/$batch/cancel")->assertJson(['busy' => 0, 'failed' => 2]);
        $this->makeFiles();
        self::assertSame(0, HandOff::query()->where('status', WorkStatus::Done)->count());
        $this->postJson("/api/batches/$batch/retry")->assertJson(['busy' => 2]);
        $this->makeFiles();
        self::assertSame(2, HandOff::query()->where('status', WorkStatus::Done)->count());
    }

    /** 60 tables in three shapes, five of them bad: 165 files, five sentences; then only what has changed. */
    public function testAPlanMakesOnlyWhatHasChanged(): void
    {
        $folder = $this->folder.'/plan';
        mkdir($folder.'/tables', recursive: true);
        $document = self::moving();
        $document['shapes'] = [
            ['id' => 'upright', 'width' => 180, 'height' => 320, 'own' => (object) []],
            ['id' => 'square', 'width' => 180, 'height' => 180, 'own' => (object) []],
        ];
        file_put_contents($folder.'/piece.json', self::text($document));
        $bad = [
            5 => '', 15 => 'Kind,Things', 25 => "Kind,Things\nMended,many\nBeyond us,few", 35 => "\n,\n", 45 => "\0\1",
        ];
        for ($number = 1; $number <= 60; ++$number) {
            file_put_contents(
                sprintf('%s/tables/place-%02d.csv', $folder, $number),
                $bad[$number] ?? sprintf("Kind,Things\nMended,%d\nBeyond us,%d\n", 20 + $number, 80 - $number),
            );
        }
        file_put_contents($folder.'/plan.json', json_encode([
            'piece' => 'piece.json', 'tables' => ['tables'], 'kinds' => ['svg'],
            'shapes' => [null, 'upright', 'square'], 'names' => '{name}-{shape}', 'out' => 'out',
        ], JSON_THROW_ON_ERROR));

        $first = $this->planned($folder.'/plan.json', 1);
        self::assertCount(165, array_keys(array_column($first, 'status'), 'made', true));
        $failed = array_values(array_filter($first, static fn (array $one): bool => $one['status'] === 'failed'));
        self::assertCount(5, $failed);
        self::assertCount(165, glob($folder.'/out/*.svg') ?: []);
        foreach ($failed as $one) {
            self::assertMatchesRegularExpression('/^[A-Z“].*\.$/u', $one['message']);
        }
        self::assertSame([], glob($folder.'/out/.half*') ?: []);

        $kept = hash_file('sha256', $folder.'/out/Place-06.svg');
        $changed = hash_file('sha256', $folder.'/out/Place-07.svg');
        file_put_contents($folder.'/tables/place-07.csv', "Kind,Things\nMended,1\nBeyond us,2\n");
        unlink($folder.'/out/Place-08-square.svg');
        $again = $this->planned($folder.'/plan.json', 1);
        self::assertSame(
            ['Place-07.svg', 'Place-07-upright.svg', 'Place-07-square.svg', 'Place-08-square.svg'],
            array_column(array_filter($again, static fn (array $one): bool => $one['status'] === 'made'), 'file'),
        );
        self::assertSame($kept, hash_file('sha256', $folder.'/out/Place-06.svg'));
        self::assertNotSame($changed, hash_file('sha256', $folder.'/out/Place-07.svg'));
        $manifest = (string) file_get_contents($folder.'/out/manifest.csv');
        self::assertSame(161, substr_count($manifest, ',unchanged'));

        // Names that are alike would lose a file.
        file_put_contents($folder.'/plan.json', self::text([
            'piece' => 'piece.json', 'tables' => ['tables/place-01.csv', 'tables/place-01.csv'], 'kinds' => ['svg'],
            'names' => '{name}', 'out' => 'twice',
        ]));
        $twice = $this->planned($folder.'/plan.json', 1);
        self::assertSame(['made', 'failed'], array_column($twice, 'status'));
        self::assertStringContainsString('Put {number}', $twice[1]['message']);

        file_put_contents($folder.'/plan.json', '{"piece": "piece.json", "table": []}');
        self::assertSame(2, Artisan::call('lupine:batch', ['plan' => $folder.'/plan.json']));
    }

    /** The scratch voice of espeak-ng reads what the script says with each table. */
    public function testASpokenFigureIsReadAnewForEachTable(): void
    {
        $document = self::small();
        $document['script'] = [
            'lines' => [[
                'id' => 'l1', 'text' => 'In [table], [share of r1] went home working.', 'begin' => 0, 'end' => 12,
            ]],
            'recordings' => [[
                'id' => 'reading1', 'name' => 'Scratch voice', 'sound' => str_repeat('a', 64), 'length' => 400,
                'begin' => 0, 'from' => 0, 'to' => 400, 'level' => 1, 'heard' => [],
                'scratch' => ['speaker' => 'british-low', 'pace' => 160],
            ]],
            'recording' => 'reading1',
        ];
        $id = (string) $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $filling = $this->fillings($id, self::PLACES, ['by' => 'names', 'column' => 0])->json('fillings.1');
        self::assertSame('reading1', $filling['reading']);
        $this->postJson("/api/pieces/$id/batches", [
            'fillings' => [$filling], 'orders' => [['kind' => 'srt'], ['kind' => 'draft']], 'names' => '{name}',
        ])->assertCreated();
        $this->makeFiles();
        $films = HandOff::query()->orderBy('id')->get()->all();
        foreach ($films as $film) {
            self::assertSame(WorkStatus::Done, $film->status, (string) $film->message);
            // Twelve frames are four tenths of a second; read aloud the line takes longer, and the film with it.
            self::assertGreaterThan(45, $film->frames_total);
        }
        $files = array_map(fn (HandOff $film): string => $this->folder.'/app/hand-offs/'.$film->file, $films);
        $said = (string) file_get_contents($files[0]);
        self::assertStringContainsString('In North Quay, 30% went home working.', $said);
        $heard = (new Process(
            ['ffmpeg', '-v', 'info', '-i', $files[1], '-af', 'volumedetect', '-f', 'null', '-'],
        ))->mustRun()->getErrorOutput();
        self::assertMatchesRegularExpression('/max_volume: -(\d|1\d)\./', $heard, 'it can be heard');
    }

    public function testATableIsPutIntoAPiece(): void
    {
        $piece = $this->folder.'/piece.json';
        file_put_contents($piece, self::text(self::demo('mended-or-not')));
        file_put_contents($this->folder.'/north-quay.csv', "Kind,Things\nMended,30\nBeyond us,70\n");
        $status = Artisan::call('lupine:fill', [
            'piece' => $piece, 'table' => $this->folder.'/north-quay.csv', '--out' => $this->folder.'/filled.json',
        ]);
        self::assertSame(0, $status);
        $filled = json_decode((string) file_get_contents($this->folder.'/filled.json'), true);
        self::assertSame(['North quay', '30'], [$filled['title'], $filled['tables'][0]['rows'][0]['cells'][0]]);
        self::assertSame(self::demo('mended-or-not')['charts'][0]['finish'], $filled['charts'][0]['finish']);
    }

    /** @return list<array{status: string, file: string, message: string, seconds: float}> */
    private function planned(string $plan, int $status): array
    {
        self::assertSame($status, Artisan::call('lupine:batch', ['plan' => $plan, '--json' => true]));

        return array_map(
            static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            array_values(array_filter(
                explode("\n", trim(Artisan::output())),
                static fn (string $line): bool => str_starts_with($line, '{'),
            )),
        );
    }

    private function stored(): string
    {
        return (string) $this->postJson('/api/pieces', ['document' => self::small()])->assertCreated()->json('id');
    }

    /**
     * @param array<string, mixed> $how
     *
     * @return TestResponse<Response>
     */
    private function fillings(string $id, string $table, array $how): TestResponse
    {
        $headers = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'];
        $file = $this->call('POST', '/api/tables?name=places.csv', server: $headers, content: $table)
            ->assertOk()->json('file');

        return $this->postJson("/api/pieces/$id/fillings", ['sources' => [['file' => $file, ...$how]]])->assertOk();
    }

    /** @param array<string, mixed> $document */
    private static function text(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return list<string> */
    private static function names(\ZipArchive $zip): array
    {
        $names = [];
        for ($at = 0; $at < $zip->numFiles; ++$at) {
            $names[] = (string) $zip->getNameIndex($at);
        }
        sort($names);

        return $names;
    }
}
