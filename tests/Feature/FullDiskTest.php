<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Disk\FullDisk;
use App\Models\Piece;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A disk without room: one sentence, nothing broken, and work goes on once there is room again. */
final class FullDiskTest extends TestCase
{
    protected function beforeRefreshingDatabase(): void
    {
        // A file of its own: SQLite ends every transaction where the disk is full, the tests' own around them too.
        config(['database.connections.sqlite.database' => $this->folder.'/lupine.sqlite']);
        touch($this->folder.'/lupine.sqlite');
        DB::purge();
    }

    /** @return list<string> */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function setUp(): void
    {
        RefreshDatabaseState::$migrated = false;
        parent::setUp();
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        RefreshDatabaseState::$migrated = false;
    }

    public function testADatabaseThatCannotGrowSaysSoOnEveryWriteAndLosesNothing(): void
    {
        $large = self::demo();
        $words = static fn (int $number): array => [
            'id' => "w$number",
            'text' => str_repeat('x', 400),
            'x' => 0,
            'y' => 0,
        ];
        $large['words'] = array_map($words, range(1, 60));
        $id = (string) $this->postJson('/api/pieces', ['document' => $large])->json('id');
        $stored = Piece::query()->findOrFail($id)->documentText();
        // SQLite's own limit gives the very error of a full disk (SQLITE_FULL).
        DB::statement('VACUUM');
        $pages = (int) DB::scalar('PRAGMA page_count');
        DB::scalar('PRAGMA max_page_count = '.$pages);
        $large['title'] = 'Changed';
        $writes = [
            ['PUT', "/api/pieces/$id", ['document' => $large]],
            ['POST', '/api/pieces', ['document' => $large]],
            ['POST', "/api/pieces/$id/duplicate", []],
            ['POST', "/api/pieces/$id/hand-offs", ['sound' => false]],
        ];
        foreach ($writes as [$method, $path, $body]) {
            $refused = $this->json($method, $path, $body, ['If-Match' => '"1"']);
            $this->assertSame(507, $refused->status(), $method.' '.$path);
            $this->assertSame(FullDisk::SENTENCE, $refused->json('message'));
        }
        $this->assertSame($stored, Piece::query()->findOrFail($id)->documentText());
        $this->getJson('/api/pieces')->assertOk()->assertJsonPath('count', 1);

        DB::scalar('PRAGMA max_page_count = '.($pages + 10_000));
        $this->json('PUT', "/api/pieces/$id", ['document' => $large], ['If-Match' => '"1"'])->assertOk();
    }

    public function testAPartOfAnUploadSaysItToo(): void
    {
        $upload = $this->postJson('/api/uploads', ['name' => 'a.wav', 'bytes' => 4000])->assertCreated()->json('id');
        $sent = fn (): TestResponse => $this->call('PUT', "/api/uploads/$upload?at=0", [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
        ], str_repeat('x', 4000));
        // The kernel takes no more than so many bytes of a file, as a disk takes no more that is full.
        $limits = posix_getrlimit() ?: [];
        $hard = is_numeric($limits['hard filesize'] ?? null) ? (int) $limits['hard filesize'] : POSIX_RLIMIT_INFINITY;
        pcntl_signal(SIGXFSZ, SIG_IGN);
        posix_setrlimit(POSIX_RLIMIT_FSIZE, 1000, $hard);
        try {
            $refused = $sent();
        } finally {
            posix_setrlimit(POSIX_RLIMIT_FSIZE, $hard, $hard);
            pcntl_signal(SIGXFSZ, SIG_DFL);
        }
        $refused->assertStatus(507);
        self::assertSame(FullDisk::SENTENCE, $refused->json('message'));
        // What came of it is taken back, so that the same part can come again.
        $sent()->assertOk()->assertJsonPath('bytes', 4000);
    }

    public function testWhatIsOnlyKeptToBeFasterMayFail(): void
    {
        $id = (string) $this->postJson('/api/pieces', ['document' => self::small()])->json('id');
        // A folder that cannot be made stands in for a disk that takes no more.
        file_put_contents($this->folder.'/framework/reels', 'in the way');
        $this->getJson('/api/pieces')->assertOk();
        $this->getJson("/api/pieces/$id/reel")->assertOk();
        $this->postJson('/api/compute', ['document' => self::small()])->assertOk();
    }
}
