<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fonts\FontStore;
use App\Jobs\TellDesk;
use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Pictures\PictureStore;
use App\Work\Board;
use App\Work\HeldRedisQueue;
use App\Work\LostFilms;
use App\Work\Luggage;
use App\Work\Result;
use App\Work\Ticket;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Redis;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Films that other machines make, by Laravel's queue on Redis and a disk that speaks S3. */
final class MachinesTest extends TestCase
{
    use AddsSounds;
    use SharesMachines;

    protected function setUp(): void
    {
        parent::setUp();
        $this->share();
    }

    protected function tearDown(): void
    {
        $this->endAll();
        parent::tearDown();
    }

    public function testEachFilmIsMadeOnceWhateverHappensToItsWorkers(): void
    {
        // Without --long a tenth of them are films, which take longest.
        $kinds = getenv('LUPINE_LONG') === '1' ? ['mp4'] : ['svg', 'frames', 'mp4', 'alternative', 'svg',
            'markers', 'svg', 'proof', 'page', 'svg'];
        $pieces = array_map(fn (int $number): string => $this->piece($number), range(0, 3));
        $films = [];
        for ($number = 0; $number < 200; ++$number) {
            $kind = $kinds[$number % count($kinds)];
            $films[] = [intdiv($number, count($kinds)) % 4, $kind, $this->postJson(
                '/api/pieces/'.$pieces[intdiv($number, count($kinds)) % 4].'/hand-offs',
                ['kind' => $kind],
            )->assertCreated()->json('id')];
        }
        foreach (['alder', 'hazel', 'rowan'] as $name) {
            $this->worker($name);
        }
        $killed = $stopped = 0;
        $left = static fn (): int => HandOff::query()->where('status', '!=', WorkStatus::Done)->count();
        self::waitFor(static function () use (&$killed, &$stopped, $left): bool {
            self::hear();
            $makers = self::makers(['alder', 'hazel', 'rowan'][$killed % 3]);
            if ($killed < 6 && $left() < 190 - 20 * $killed && $makers !== []) {
                // Killed with all that it had begun, or not heard of for so long that it loses what it makes.
                if (++$killed % 3 !== 0) {
                    posix_kill(-$makers[0], SIGKILL);
                } else {
                    posix_kill(-$makers[0], SIGSTOP);
                    ++$stopped;
                    usleep((self::PATIENCE + 2) * 1_000_000);
                    posix_kill(-$makers[0], SIGCONT);
                }
            }

            return $left() === 0;
        }, 420.0);

        self::assertSame([6, 2], [$killed, $stopped]);
        $done = HandOff::query()->get()->keyBy('id');
        self::assertCount(200, $done->pluck('file')->unique());
        $prints = [];
        foreach ($films as [$piece, $kind, $id]) {
            $prints["$piece $kind"][] = $done[$id]->print;
        }
        foreach ($prints as $name => $all) {
            self::assertCount(1, array_unique($all), "$name is the same, whoever makes it");
        }
        // A worker that lost its film may still have put it there; what is nobody's goes.
        Artisan::call('lupine:tidy');
        self::assertCount(200, Storage::disk('hand-offs')->files());
        foreach (Storage::disk('hand-offs')->files() as $file) {
            $print = hash('sha256', (string) Storage::disk('hand-offs')->get($file));
            self::assertSame($done->firstWhere('file', $file)->print, $print);
        }
        self::assertGreaterThan(1, $done->pluck('machine')->unique()->count());
    }

    /** A worker has nothing of the desk's: what the piece speaks of comes to it by fingerprint. */
    public function testWhatAPieceSpeaksOfIsCarriedToItsWorker(): void
    {
        $document = $this->speaking();
        $kinds = ['mp4', 'svg', 'page'];
        $films = array_map(fn (string $kind): string => $this->order($document, $kind)->id, $kinds);
        $luggage = Storage::disk('hand-offs')->files('luggage');
        self::assertCount(4, $luggage, 'a picture, a sound, and a font with its pack');
        $this->worker('alder');
        $this->untilDone();

        // The same as it is made at the desk, from its own folder.
        file_put_contents($this->folder.'/piece.json', json_encode($document, JSON_THROW_ON_ERROR));
        foreach ($films as $place => $id) {
            $out = $this->folder.'/own.'.['mp4', 'svg', 'html'][$place];
            self::assertSame(0, Artisan::call('lupine:film', ['piece' => $this->folder.'/piece.json', 'out' => $out]));
            $film = HandOff::query()->findOrFail($id);
            self::assertSame(['alder', hash_file('sha256', $out)], [$film->machine, $film->print], $kinds[$place]);
            self::assertSame(
                (string) file_get_contents($out),
                $this->get("/api/hand-offs/$id/file")->assertOk()->streamedContent(),
            );
        }
        Artisan::call('lupine:tidy');
        self::assertSame([], Storage::disk('hand-offs')->files('luggage'), 'nothing is left when nothing waits');
    }

    /** Films of 300 frames and more are made in parts, everywhere in the same ones. */
    public function testALongFilmOfManyMachinesIsTheOneThatIsMadeWhole(): void
    {
        $document = $this->speaking();
        $document['stage']['frames'] = 700;
        $document['charts'][0]['entrance']['frames'] = 600;
        $films = array_map(fn (string $kind): HandOff => $this->order($document, $kind), ['mp4', 'hq', 'zip']);
        self::assertSame(9, Queue::connection('redis')->size('default'));
        $this->postJson("/api/hand-offs/{$films[2]->id}/next")->assertOk();
        self::assertSame(3, Queue::connection('redis')->size('first'), 'all parts of it go first');
        $this->worker('alder');
        $this->worker('hazel');
        $this->untilDone();
        array_map(static fn (HandOff $film): HandOff => $film->refresh(), $films);
        self::assertSame('alder, hazel', implode(', ', $this->machinesOf($films)));
        self::assertCount(3, Storage::disk('hand-offs')->files(), 'no part is left');

        file_put_contents($this->folder.'/piece.json', json_encode($document, JSON_THROW_ON_ERROR));
        $out = $this->folder.'/whole.mp4';
        Artisan::call('lupine:film', ['piece' => $this->folder.'/piece.json', 'out' => $out]);
        self::assertSame($films[0]->print, hash_file('sha256', $out));
        // ffprobe: 700 frames, each a frame after the one before, and the sound goes on over the joints.
        $told = self::probed($out, ['-count_frames', '-show_entries', 'stream=nb_read_frames,duration_ts,time_base']);
        $picture = $told['streams'][0];
        self::assertSame(['700', 700 * 1001], [$picture['nb_read_frames'], $picture['duration_ts']]);
        $packets = self::probed($out, ['-select_streams', 'v', '-show_entries', 'packet=pts'])['packets'];
        $times = array_column($packets, 'pts');
        sort($times);
        self::assertSame(range(0, 699 * 1001, 1001), $times);
        $hq = $this->folder.'/whole.mov';
        file_put_contents($hq, (string) Storage::disk('hand-offs')->get((string) $films[1]->file));
        $told = self::probed($hq, ['-count_frames', '-show_entries', 'stream=nb_read_frames:stream_tags=timecode']);
        self::assertSame(['700', '00:00:00:00'], [
            $told['streams'][0]['nb_read_frames'], $told['streams'][0]['tags']['timecode'],
        ]);
        $this->assertPicturesAreThoseOf($out, $films[2]);
    }

    /** Each frame of a film against the same one of a ZIP of PNGs, by ffmpeg's psnr. */
    private function assertPicturesAreThoseOf(string $film, HandOff $frames): void
    {
        $folder = $this->folder.'/frames';
        file_put_contents($folder.'.zip', (string) Storage::disk('hand-offs')->get((string) $frames->file));
        $zip = new \ZipArchive();
        $zip->open($folder.'.zip');
        self::assertSame(700, $zip->numFiles);
        $zip->extractTo($folder);
        $compared = new Process(['ffmpeg', '-v', 'error', '-i', $film, '-framerate', '30000/1001', '-i',
            $folder.'/%05d.png', '-lavfi', '[1]scale=in_range=full:out_range=tv:out_color_matrix=bt709:'
            .'flags=accurate_rnd+full_chroma_int+area,format=yuv420p[b];[0][b]psnr=stats_file=-', '-f', 'null', '-']);
        $compared->mustRun();
        self::assertSame(700, preg_match_all('/psnr_avg:(\S+)/', $compared->getOutput(), $found));
        self::assertGreaterThan(40.0, min(array_map(floatval(...), $found[1])));
    }

    /**
     * @param list<HandOff> $films
     *
     * @return list<string>
     */
    private function machinesOf(array $films): array
    {
        $all = array_merge(...array_map(
            static fn (HandOff $film): array => explode(', ', (string) $film->machine),
            $films,
        ));
        sort($all);

        return array_values(array_unique($all));
    }

    /**
     * @param list<string> $what
     *
     * @return array<string, mixed>
     */
    private static function probed(string $file, array $what): array
    {
        $probe = new Process(['ffprobe', '-v', 'error', '-of', 'json', ...$what, $file]);

        return json_decode($probe->mustRun()->getOutput(), true);
    }

    /** @return array<string, mixed> with a picture, a font of one's own, and a recording */
    private function speaking(): array
    {
        $image = imagecreatetruecolor(64, 36);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 90, 40, 120));
        ob_start();
        imagepng($image);
        $picture = app(PictureStore::class)->keep((string) ob_get_clean(), 'Violet');
        $bytes = (string) file_get_contents(base_path(
            'node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2',
        ));
        $sound = $this->took($this->made('said.wav', ['-f', 'lavfi', '-i', 'sine=440', '-t', '1']));
        $document = self::moving();
        $document['pictures'] = [['id' => 'p1', 'name' => 'Violet', ...$picture]];
        $document['backdrop'] = ['kind' => 'picture', 'picture' => 'p1', ...$document['backdrop'], 'kind' => 'picture'];
        $document['words'][0]['font'] = app(FontStore::class)->keep($bytes, 'House')->id;
        $document['script']['recordings'] = [
            ['id' => 'r1', 'name' => 'Said', 'sound' => $sound['sound'], 'length' => 1000],
        ];
        $document['script']['recording'] = 'r1';

        return $document;
    }

    public function testAFileThatComesDamagedIsMadeAgainAndThenNamed(): void
    {
        $film = $this->order(self::moving(), 'svg');
        $disk = Storage::disk('hand-offs');
        $arrives = static function () use ($film, $disk): void {
            $ticket = Ticket::of($film->refresh(), new Luggage());
            $disk->put('cut.svg', 'half of i');
            TellDesk::done($ticket, new Result('cut.svg', 11, hash('sha256', 'half of it!')))->send();
        };
        $before = $film->round;
        $arrives();
        self::assertSame([WorkStatus::Waiting, 1], [$film->refresh()->status, $film->tries]);
        self::assertNotSame($before, $film->round, 'it is another order');
        $arrives();
        $arrives();
        self::assertSame(WorkStatus::Failed, $film->refresh()->status);
        self::assertStringContainsString('came damaged', (string) $film->message);

        // What comes for an order that does not count any more changes nothing.
        $late = Ticket::of($film, new Luggage());
        $this->postJson("/api/hand-offs/{$film->id}/retry")->assertOk();
        $disk->put('late.svg', 'late');
        TellDesk::done($late, new Result('late.svg', 4, hash('sha256', 'late')))->send();
        TellDesk::failed($late, 'late')->send();
        self::assertSame([WorkStatus::Waiting, null], [$film->refresh()->status, $film->file]);
        self::assertFalse($disk->exists('late.svg'));
    }

    public function testAFilmIsCancelledAndAWorkerThatEndsPutsItBack(): void
    {
        $long = self::demo();
        $long['script']['recording'] = null;
        $film = $this->order($long, 'webm');
        $this->worker('alder');
        $runs = static function () use ($film): bool {
            self::hear();

            return app(Board::class)->frames($film->refresh()->round) > 0;
        };
        self::waitFor($runs);
        $this->getJson("/api/hand-offs/{$film->id}")->assertJsonPath('machine', 'alder');
        $this->getJson('/api/hand-offs')->assertJsonPath('machines.0', [
            'name' => 'alder', 'workers' => 1, 'makes' => [$film->fileName()], 'same' => true,
        ]);
        $this->running['alder']->stop(12);
        self::hear();
        self::assertSame(WorkStatus::Waiting, $film->refresh()->status);

        $this->worker('hazel');
        self::waitFor($runs);
        $this->postJson("/api/hand-offs/{$film->id}/cancel")->assertJsonPath('status', 'cancelled');
        $next = $this->order(self::moving(), 'svg');
        self::waitFor(static function () use ($next): bool {
            self::hear();

            return $next->refresh()->status === WorkStatus::Done;
        });
        self::assertSame([WorkStatus::Cancelled, null], [$film->refresh()->status, $film->file]);
    }

    /** No two machines need to agree what time it is. */
    public function testAJobIsHeldByTheClockOfRedisAlone(): void
    {
        $this->order(self::moving(), 'svg');
        $queue = Queue::connection('redis');
        self::assertInstanceOf(HeldRedisQueue::class, $queue);
        $job = $queue->pop('soon');
        self::assertNotNull($job);
        $this->travel(1)->days();
        self::assertNull($queue->pop('soon'), 'a worker whose clock is a day ahead takes nothing');
        for ($held = 0; $held < self::PATIENCE + 1; ++$held) {
            usleep(1_000_000);
            self::assertTrue($queue->holdOn($job));
            self::assertNull($queue->pop('soon'));
        }
        $this->travel(-2)->days();
        self::assertTrue($queue->holdOn($job), 'nor does one whose clock is behind lose anything');
        usleep((self::PATIENCE + 1) * 1_000_000);
        $other = $queue->pop('soon');
        self::assertNotNull($other);
        self::assertSame([2, false], [$other->attempts(), $queue->holdOn($job)]);
        $job->delete();
        self::assertTrue($queue->holdOn($other), 'who lost it takes nothing away');
    }

    public function testWhatAnEmptiedRedisForgotIsOrderedAgainAndAnotherLupineMakesNothing(): void
    {
        $film = $this->order(self::moving(), 'svg');
        $first = $this->order(self::moving(), 'mp4');
        $second = $this->order(self::moving(), 'mp4');
        $this->postJson("/api/hand-offs/{$second->id}/next")->assertOk();
        $queues = static fn (): array => array_map(
            static fn (string $queue): int => Queue::connection('redis')->size($queue),
            ['soon', 'first', 'default'],
        );
        self::assertSame([[1, 1, 1], 0], [$queues(), app(LostFilms::class)->takeUp()]);
        Redis::connection()->command('flushdb');
        self::assertSame(3, app(LostFilms::class)->takeUp());
        self::assertSame([1, 0, 2], $queues());

        config(['lupine.build' => 'another']);
        app(Board::class)->nameDesk();
        $worker = new Process(['bin/worker', '--redis', $this->redis, '--disk', 's3://films'], base_path(), [
            'AWS_ENDPOINT_URL' => $this->s3, 'LUPINE_DATA' => false, ...self::KEYS,
        ]);
        self::assertSame(1, $worker->run());
        self::assertStringContainsString('The desk runs another Lupine than this machine', $worker->getErrorOutput());
        Artisan::call('queue:work', ['connection' => 'redis', '--queue' => 'soon', '--once' => true, '--sleep' => 0]);
        self::assertSame(WorkStatus::Waiting, $film->refresh()->status, 'it waits for one that is the same');
        self::assertSame([1, 0, 2], $queues());
    }

    /** @param array<string, mixed> $document */
    private function order(array $document, string $kind): HandOff
    {
        $piece = $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');

        return HandOff::query()->findOrFail(
            $this->postJson("/api/pieces/$piece/hand-offs", ['kind' => $kind])->assertCreated()->json('id'),
        );
    }

    private function untilDone(): void
    {
        self::waitFor(static function (): bool {
            self::hear();
            $failed = HandOff::query()->where('status', WorkStatus::Failed)->value('message');
            self::assertNull($failed, is_string($failed) ? $failed : '');

            return HandOff::query()->where('status', '!=', WorkStatus::Done)->doesntExist();
        });
    }

    private function piece(int $number): string
    {
        $document = self::moving();
        $document['title'] = "Piece $number";

        return $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
    }
}
