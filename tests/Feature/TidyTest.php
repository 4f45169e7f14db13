<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandOff;
use App\Models\Piece;
use App\Models\WorkStatus;
use App\Tidy\Leftovers;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Nothing grows without limit; the rules stand in docs/trust.md. */
final class TidyTest extends TestCase
{
    public function testRevisionsAreThinnedByTheirAgeAndUndoWalksOverTheGaps(): void
    {
        $now = now()->startOfDay()->addHours(12);
        $this->travelTo($now);
        $piece = Piece::begin(self::small());
        $number = 1;
        $add = function (string $ago, int $count, ?string $name = null) use ($piece, $now, &$number): void {
            for ($time = 0; $time < $count; ++$time) {
                $piece->revisions()->insert([
                    'piece_id' => $piece->id,
                    'number' => ++$number,
                    'document' => json_encode([...self::small(), 'title' => "No $number"]),
                    'name' => $name,
                    'created_at' => $now->copy()->sub($ago)->addSeconds($time),
                ]);
            }
        };
        // From the oldest to the newest: two months, three days, five hours, ten minutes ago.
        $add('65 days', 20);
        $add('3 days', 20);
        $add('64 hours', 1, 'For the client');
        $add('63 hours', 1);
        $add('5 hours', 20);
        $add('10 minutes', 20);
        $piece->update(['head' => $number]);

        $this->assertSame(0, Artisan::call('lupine:tidy'));
        $kept = $piece->revisions()->orderBy('number')->pluck('number')->all();
        $this->assertSame([1, 21, 42, 43, 63, ...range(64, 83)], $kept);
        Artisan::call('lupine:tidy');
        $this->assertCount(count($kept), $piece->revisions()->get(), 'a second time nothing more goes');

        $this->assertTrue($piece->walk(-1, $piece->refresh()->version));
        $this->assertSame('No 82', $piece->document()->title);
        $piece->update(['head' => 64]);
        $piece->walk(-1, $piece->refresh()->version);
        $this->assertSame('No 63', $piece->document()->title);
        $piece->walk(-1, $piece->version);
        $this->assertSame('No 43', $piece->document()->title);
        $this->assertTrue($piece->canRedo());
    }

    public function testWhatNobodyCanComeBackToIsSwept(): void
    {
        $disk = Storage::disk('hand-offs');
        $gone = Piece::begin(self::small());
        $recent = Piece::begin(self::small());
        $film = HandOff::query()->create([
            'piece_id' => $gone->id,
            'title' => 'Kept',
            'status' => WorkStatus::Done,
            'document' => '{}',
            'frames_total' => 1,
            'file' => 'kept.mp4',
        ]);
        $failed = HandOff::query()->create([
            'piece_id' => null,
            'title' => 'Failed',
            'status' => WorkStatus::Failed,
            'document' => '{}',
            'frames_total' => 1,
        ]);
        $gone->delete();
        $this->travel(Leftovers::DELETED_DAYS + 1)->days();
        $recent->delete();
        $made = HandOff::query()->create([
            'piece_id' => null,
            'title' => 'Made',
            'status' => WorkStatus::Waiting,
            'document' => '{}',
            'frames_total' => 1,
        ]);
        // One can be there before the desk hears of it.
        $comes = $made->id.'-0a1b2c3d.mp4';
        foreach (['kept.mp4', 'orphan.mp4', $failed->id.'-0a1b2c3d.mp4', $comes] as $name) {
            $disk->put($name, 'x');
        }
        foreach (['old.mp4' => 3, 'running.mp4' => 0] as $name => $hours) {
            file_put_contents($this->folder.'/app/rendering/'.$name, 'x');
            touch($this->folder.'/app/rendering/'.$name, now()->subHours($hours)->getTimestamp());
        }
        file_put_contents($this->folder.'/logs/server.log', str_repeat("a line\n", 800_000));

        Artisan::call('lupine:tidy');
        $this->assertSame([$recent->id], Piece::withTrashed()->pluck('id')->all());
        $this->assertSame(0, DB::table('revisions')->where('piece_id', $gone->id)->count());
        $this->assertNull($film->refresh()->piece_id, 'a film stays when its piece goes');
        $this->assertNull(HandOff::query()->find($failed->id));
        $this->assertEqualsCanonicalizing(['kept.mp4', $comes], $disk->files());
        $this->assertSame(['running.mp4'], array_map('basename', glob($this->folder.'/app/rendering/*') ?: []));
        $this->assertSame(0, filesize($this->folder.'/logs/server.log'));
        $this->assertFileExists($this->folder.'/logs/server.log.1');
    }

    public function testAShelfOfFiveThousandPiecesPagesAndSearches(): void
    {
        $document = (string) json_encode(self::small());
        foreach (array_chunk(range(1, 5000), 250) as $numbers) {
            DB::table('pieces')->insert(
                array_map(
                    static fn (int $number): array => [
                        'id' => sprintf('01hzz%021d', $number),
                        'title' => ($title = $number % 100 === 0 ? "Überblick $number" : "Piece $number"),
                        'title_lower' => mb_strtolower($title),
                        'created_at' => now(),
                        'updated_at' => now()->subSeconds(intdiv($number, 3)),
                    ],
                    $numbers,
                ),
            );
            DB::table('revisions')->insert(
                array_map(
                    static fn (int $number): array => [
                        'piece_id' => sprintf('01hzz%021d', $number),
                        'number' => 1,
                        'document' => $document,
                    ],
                    $numbers,
                ),
            );
        }
        $seen = [];
        $next = null;
        for ($page = 0; $page < 4; ++$page) {
            $answer = $this->getJson(
                '/api/pieces'.($next === null ? '' : '?after='.rawurlencode($next)),
            )->assertOk();
            $this->assertSame(5000, $answer->json('count'));
            array_push($seen, ...array_column($answer->json('pieces'), 'id'));
            $next = $answer->json('next');
        }
        $this->assertCount(count($seen), array_unique($seen));
        $expected = DB::table('pieces')->orderByDesc('updated_at')->orderByDesc('id')->limit(count($seen))->pluck('id');
        $this->assertSame($expected->all(), $seen);
        $this->assertSame(50, $this->getJson('/api/pieces?search='.rawurlencode('ÜBERBLICK'))->json('count'));
        $this->assertSame(1, $this->getJson('/api/pieces?search='.rawurlencode('4900 über'))->json('count'));
        $this->assertSame(0, $this->getJson('/api/pieces?search='.rawurlencode('%'))->json('count'));
    }

    public function testLargeDocumentsOfFilmsAreNotLoadedForTheirList(): void
    {
        HandOff::query()->create([
            'title' => 'x',
            'status' => WorkStatus::Done,
            'document' => str_repeat('x', 100),
            'frames_total' => 1,
        ]);
        DB::enableQueryLog();
        $this->getJson('/api/hand-offs')->assertOk();
        foreach (DB::getQueryLog() as $query) {
            $this->assertStringNotContainsString('document', $query['query']);
            $this->assertStringNotContainsString('*', $query['query']);
        }
    }
}
