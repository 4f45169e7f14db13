<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Disk\FullDisk;
use App\Film\FileKind;
use App\Film\FileOrder;
use App\Film\Renderer;
use App\Jobs\MakeFilm;
use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Work\Board;
use App\Work\LostFilms;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class HandOffTest extends TestCase
{
    public function testAFilmIsMadeAndHandedOver(): void
    {
        $film = $this->ask();
        $this->assertSame(WorkStatus::Waiting, $film->status);
        $this->getJson("/api/hand-offs/{$film->id}/file")->assertNotFound();
        $this->makeFiles();
        $film->refresh();
        $this->assertSame([WorkStatus::Done, 12], [$film->status, $film->frames_done], (string) $film->message);

        $file = $this->folder.'/app/hand-offs/'.$film->file;
        // ffprobe, of another project than the encoder's caller, counts what is really in the file.
        $probe = new Process([
            'ffprobe',
            '-v',
            'error',
            '-count_frames',
            '-show_streams',
            '-of',
            'json',
            $file,
        ]);
        $stream = json_decode($probe->mustRun()->getOutput(), true)['streams'][0];
        $this->assertSame(
            ['h264', 'yuv420p', 320, 180, '30000/1001', '12', 'bt709'],
            [
                $stream['codec_name'],
                $stream['pix_fmt'],
                $stream['width'],
                $stream['height'],
                $stream['r_frame_rate'],
                $stream['nb_read_frames'],
                $stream['color_space'],
            ],
        );
        $this->get("/api/hand-offs/{$film->id}/file")
            ->assertOk()
            ->assertDownload('mended-or-not.mp4');
        $this->assertSame([], glob($this->folder.'/app/rendering/*'), 'nothing half-written is left');
        $this->deleteJson("/api/hand-offs/{$film->id}")->assertOk();
        $this->assertFileDoesNotExist($file);
    }

    /** @return iterable<string, array{string, string, string}> kind, codec and pixel format as ffprobe names them */
    public static function transparentKinds(): iterable
    {
        yield 'MOV' => ['mov', 'prores', 'yuva444p12le'];
        yield 'WebM' => ['webm', 'vp9', 'yuv420p'];
    }

    /** Sources: ffprobe for what is in the file, and ffmpeg's own reading of its transparency. */
    #[DataProvider('transparentKinds')]
    public function testAFilmKeepsItsTransparencyAndTheFramesThatWereAskedFor(
        string $kind,
        string $codec,
        string $format,
    ): void {
        $film = $this->ask(['kind' => $kind, 'from' => 3, 'to' => 8, 'name' => 'Over The Clip'], true);
        $this->makeFiles();
        $film->refresh();
        $this->assertSame(WorkStatus::Done, $film->status, (string) $film->message);
        $file = $this->folder.'/app/hand-offs/'.$film->file;
        $probe = new Process(['ffprobe', '-v', 'error', '-count_frames', '-show_streams', '-of', 'json', $file]);
        $stream = json_decode($probe->mustRun()->getOutput(), true)['streams'][0];
        $this->assertSame([$codec, $format, '6'], [
            $stream['codec_name'],
            $stream['pix_fmt'],
            $stream['nb_read_frames'],
        ]);
        // Editors read the colours by these; ffprobe names them as ITU-T H.273 numbers them.
        $this->assertSame(
            ['tv', 'bt709', 'bt709', 'bt709'],
            [$stream['color_range'], $stream['color_space'], $stream['color_primaries'], $stream['color_transfer']],
        );
        $decoder = $kind === 'webm' ? ['-c:v', 'libvpx-vp9'] : [];
        $raw = new Process([
            'ffmpeg', '-v', 'error', ...$decoder, '-i', $file, '-f', 'rawvideo', '-pix_fmt', 'rgba', '-',
        ]);
        $pixels = $raw->mustRun()->getOutput();
        $this->assertSame(6 * 320 * 180 * 4, strlen($pixels));
        $this->assertLessThan(3, ord($pixels[3]), 'the corner is open');
        $this->get("/api/hand-offs/{$film->id}/file")->assertOk()->assertDownload('Over-The-Clip.'.$kind);
    }

    /** Source: ffprobe for what is in the file, its timecode among it. */
    public function testAFilmForEditorsIsOpaqueAndSaysItsTimecode(): void
    {
        $film = $this->ask(['kind' => 'hq', 'from' => 3, 'to' => 7, 'ground' => '#ffffff'], true);
        $this->makeFiles();
        $film->refresh();
        $this->assertSame(WorkStatus::Done, $film->status, (string) $film->message);
        $file = $this->folder.'/app/hand-offs/'.$film->file;
        $probe = new Process(['ffprobe', '-v', 'error', '-count_frames', '-show_streams', '-of', 'json', $file]);
        [$picture, $data] = json_decode($probe->mustRun()->getOutput(), true)['streams'];
        $this->assertSame(['prores', 'HQ', 'yuv422p10le', '5'], [
            $picture['codec_name'],
            $picture['profile'],
            $picture['pix_fmt'],
            $picture['nb_read_frames'],
        ]);
        $this->assertSame(
            ['tv', 'bt709', 'bt709', 'bt709'],
            [$picture['color_range'], $picture['color_space'], $picture['color_primaries'], $picture['color_transfer']],
        );
        $this->assertSame(['tmcd', '00:00:00:03'], [$data['codec_tag_string'], $data['tags']['timecode']]);
        $this->get("/api/hand-offs/{$film->id}/file")->assertOk()->assertDownload('mended-or-not-422.mov');

        $id = $this->postJson('/api/pieces', ['document' => [
            ...self::small(),
            'backdrop' => [...self::small()['backdrop'], 'kind' => 'transparent'],
        ]])->json('id');
        $this->postJson("/api/pieces/$id/hand-offs", ['kind' => 'hq'])
            ->assertUnprocessable()
            ->assertJsonPath('where', 'ground');
    }

    public function testFramesComeAsPngsInOneZip(): void
    {
        $film = $this->ask(['kind' => 'zip', 'from' => 3, 'to' => 8], true);
        $this->makeFiles();
        $film->refresh();
        $this->assertSame(WorkStatus::Done, $film->status, (string) $film->message);
        $zip = new \ZipArchive();
        $this->assertTrue($zip->open($this->folder.'/app/hand-offs/'.$film->file));
        $this->assertSame([6, '00003.png', '00008.png'], [
            $zip->numFiles,
            $zip->getNameIndex(0),
            $zip->getNameIndex(5),
        ]);
        $picture = imagecreatefromstring((string) $zip->getFromIndex(5));
        $this->assertNotFalse($picture);
        $this->assertSame([320, 180], [imagesx($picture), imagesy($picture)]);
        $this->assertSame(127, imagecolorat($picture, 0, 0) >> 24, 'the corner is open, as GD counts it');
    }

    public function testAnMp4WithoutABackdropAsksForAColourFirst(): void
    {
        $document = [...self::small(), 'backdrop' => [...self::small()['backdrop'], 'kind' => 'transparent']];
        $id = $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $this->postJson("/api/pieces/$id/hand-offs", ['kind' => 'mp4'])
            ->assertUnprocessable()
            ->assertJsonPath('where', 'ground');
        $this->postJson("/api/pieces/$id/hand-offs", ['kind' => 'mp4', 'ground' => '#204060'])->assertCreated();
        $this->postJson("/api/pieces/$id/hand-offs", ['kind' => 'mov', 'from' => 9, 'to' => 4])
            ->assertUnprocessable()
            ->assertJsonPath('where', 'to');
    }

    public function testAFailureSaysWhyAndCanBeTriedAgain(): void
    {
        $film = $this->ask();
        config(['lupine.node' => PHP_BINARY]);
        $this->makeFiles();
        $film->refresh();
        $this->assertSame(WorkStatus::Failed, $film->status);
        $this->assertNotSame('', (string) $film->message);
        $this->assertSame([], Storage::disk('hand-offs')->files());

        config(['lupine.node' => 'node']);
        $this->postJson("/api/hand-offs/{$film->id}/retry")
            ->assertOk()
            ->assertJsonPath('status', 'waiting');
        $this->makeFiles();
        $this->assertSame(WorkStatus::Done, $film->refresh()->status);
    }

    /** A renderer that something ends is begun again by itself; after three times the reason is said in plain words. */
    public function testARendererThatEndsIsBegunAgain(): void
    {
        $film = $this->ask();
        $this->rendererThatEnds(times: 2);
        $this->makeFiles();
        $this->assertSame(WorkStatus::Done, $film->refresh()->status, (string) $film->message);

        $other = $this->ask();
        $this->rendererThatEnds(times: 3);
        $this->makeFiles();
        $this->assertSame(WorkStatus::Failed, $other->refresh()->status);
        $this->assertStringStartsWith('The film failed 3 times', (string) $other->message);
        $this->assertSame([], glob($this->folder.'/app/rendering/*'), 'nothing half-written is left');
    }

    public function testAFullDiskIsSaidInASentence(): void
    {
        $film = $this->ask();
        $this->renderer('echo "av_interleaved_write_frame(): No space left on device" >&2; exit 1');
        $this->makeFiles();
        $this->assertSame(FullDisk::SENTENCE, $film->refresh()->message);
    }

    private function rendererThatEnds(int $times): void
    {
        $count = $this->folder.'/ended';
        file_put_contents($count, '');
        $this->renderer(
            "if [ $(wc -c < $count) -lt $times ]; then printf x >> $count; kill -9 $$; fi; exec node \"\$@\"",
        );
    }

    /** Takes the place of Node.js: a script of the shell, with the renderer's own arguments. */
    private function renderer(string $script): void
    {
        file_put_contents($this->folder.'/renderer', "#!/bin/sh\n$script\n");
        chmod($this->folder.'/renderer', 0755);
        config(['lupine.node' => $this->folder.'/renderer']);
    }

    public function testACancelledFilmLeavesNothing(): void
    {
        $film = $this->ask();
        $this->postJson("/api/hand-offs/{$film->id}/cancel")
            ->assertOk()
            ->assertJsonPath('status', 'cancelled');
        $this->makeFiles();
        $this->assertSame(WorkStatus::Cancelled, $film->refresh()->status);

        // While it runs: the renderer is told to stop between frames, and what it wrote is thrown away.
        $target = $this->folder.'/app/rendering/half.mp4';
        $piece = Piece::fromDocument(self::demo(), Forms::shipped());
        $reel = json_encode(WriteReel::of(app(DrawPiece::class)->draw($piece)), JSON_THROW_ON_ERROR);
        $order = FileOrder::of($piece, FileKind::Mp4, 0, 569);
        $seen = 0;
        $finished = app(Renderer::class)->film([$reel], $target, $order, null, static function (?int $frame) use (
            &$seen,
        ): bool {
            $seen = max($seen, $frame ?? 0);

            return $seen < 3;
        });
        $this->assertFalse($finished);
        $this->assertLessThan(480, $seen);
    }

    public function testAFilmWhoseWorkerWasLostBeginsAgain(): void
    {
        $film = $this->ask();
        $soon = $this->ask(['kind' => 'svg']);
        $take = static fn (): ?Job => Queue::connection('database')->pop('default');
        $lost = $take();
        $film->update(['status' => WorkStatus::Running]);
        $this->assertNull($take());
        $this->assertSame(0, app(LostFilms::class)->takeUp(), 'its queue has it');
        // After a while of silence it is another's; and when Lupine starts, at once.
        $this->travel((int) config('lupine.patience') + 1)->seconds();
        $other = $take();
        $held = MakeFilm::held('database');
        $this->assertNotNull($lost);
        $this->assertNotNull($other);
        $this->assertSame([2, false, true], [$other->attempts(), $held->holdOn($lost), $held->holdOn($other)]);
        $held->leave($lost);
        $lost->delete();
        $this->assertTrue($held->holdOn($other), 'who lost it takes nothing away');
        Artisan::call('lupine:tidy', ['--at-start' => true]);
        $this->makeFiles();
        $this->assertSame([WorkStatus::Done, 12], [$film->refresh()->status, $film->frames_done]);

        // One that no queue has is ordered again.
        $soon->update(['status' => WorkStatus::Running, 'file' => null]);
        $this->assertSame(1, app(LostFilms::class)->takeUp());
        $this->makeFiles();
        $this->assertSame(WorkStatus::Done, $soon->refresh()->status);
    }

    /** @param array<string, mixed> $order */
    private function ask(array $order = [], bool $isOpen = false): HandOff
    {
        $document = self::small();
        if ($isOpen) {
            $document['backdrop']['kind'] = 'transparent';
        }
        $id = $this->postJson('/api/pieces', ['document' => $document])
            ->assertCreated()
            ->json('id');

        return HandOff::query()->findOrFail(
            $this->postJson("/api/pieces/$id/hand-offs", $order)
                ->assertCreated()
                ->json('id'),
        );
    }

    public function testFilmsThatWaitHaveAQuotaAndAreCancelledTogether(): void
    {
        config(['lupine.films_waiting' => 3]);
        $film = $this->ask();
        $other = $this->ask();
        $this->ask();
        $refused = $this->postJson("/api/pieces/{$film->piece_id}/hand-offs")->assertStatus(429);
        $this->assertStringContainsString('3 films wait to be made already', (string) $refused->json('message'));
        $this->postJson('/api/hand-offs/cancel', ['piece' => $film->piece_id])->assertJsonPath('cancelled', 1);
        $this->assertSame(WorkStatus::Cancelled, $film->refresh()->status);
        $this->assertSame(WorkStatus::Waiting, $other->refresh()->status);
        $this->ask();
        $this->postJson("/api/hand-offs/{$film->id}/retry")->assertStatus(429);
        $this->postJson('/api/hand-offs/cancel')->assertJsonPath('cancelled', 3);
        $this->postJson("/api/hand-offs/{$film->id}/retry")->assertOk();
    }

    public function testFilmsWaitWhileTheQueueIsPausedAndOneGoesFirst(): void
    {
        $this->postJson('/api/queue/pause')->assertJson(['paused' => true]);
        $film = $this->ask();
        $other = $this->ask();
        $draft = $this->ask(['kind' => 'draft']);
        $this->makeFiles();
        $this->getJson('/api/hand-offs')->assertJsonPath('paused', true);
        $statuses = fn (): array => array_map(
            static fn (HandOff $one): WorkStatus => $one->refresh()->status,
            [$film, $other, $draft],
        );
        $this->assertSame([WorkStatus::Waiting, WorkStatus::Waiting, WorkStatus::Done], $statuses());
        $this->postJson("/api/hand-offs/{$other->id}/next")->assertOk();
        $this->postJson('/api/queue/pause', ['paused' => false])->assertJson(['paused' => false]);
        Artisan::call('queue:work', ['--queue' => 'soon,first,default', '--once' => true, '--sleep' => 0]);
        $this->assertSame([WorkStatus::Waiting, WorkStatus::Done, WorkStatus::Done], $statuses());
        $this->makeFiles();
        $this->assertSame([WorkStatus::Done, WorkStatus::Done, WorkStatus::Done], $statuses());
        $this->postJson("/api/hand-offs/{$other->id}/next")->assertConflict();
    }

    public function testHowLongAllThatWaitWillTakeIsToldByThoseThatWereMade(): void
    {
        $this->ask();
        $this->getJson('/api/hand-offs')->assertJsonPath('secondsLeft', null)->assertJsonPath('machines', null);
        $this->makeFiles();
        // It took six seconds for its twelve frames.
        HandOff::query()->update(['started_at' => now()->subSeconds(6), 'ended_at' => now()]);
        $this->getJson('/api/hand-offs')->assertJsonPath('secondsLeft', null);
        $this->ask();
        $running = $this->ask();
        $this->getJson('/api/hand-offs')->assertJsonPath('secondsLeft', 12);
        $running->update(['status' => WorkStatus::Running]);
        app(Board::class)->note($running->round, 8);
        $this->getJson('/api/hand-offs')->assertJsonPath('secondsLeft', 8);
        // Of a kind that was never made nothing is known.
        $this->ask(['kind' => 'gif']);
        $this->getJson('/api/hand-offs')->assertJsonPath('secondsLeft', null);
    }

    public function testASoundAloneHasAQueueOfItsOwn(): void
    {
        $this->ask();
        DB::table('hand_offs')->update(['kind' => 'wav']);
        MakeFilm::of(HandOff::query()->firstOrFail());
        $this->assertSame(['default', MakeFilm::SOON], DB::table('jobs')->orderBy('id')->pluck('queue')->all());
    }
}
