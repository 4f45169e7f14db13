<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandOff;
use App\Models\Listening;
use App\Models\Sound;
use App\Models\WorkStatus;
use App\Tidy\Leftovers;
use App\Voice\Alive;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class VoiceTest extends TestCase
{
    use AddsSounds;

    private const VOICE = __DIR__.'/../../core/tests/outside/voice/';

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (['wav', 'mp3', 'm4a', 'ogg', 'flac'] as $kind) {
            yield $kind => [$kind];
        }
    }

    /** A click in the file is on the same frame of the film as what comes in with its word, from every kind of file. */
    #[DataProvider('kinds')]
    public function testAClickAndAPopAreOnTheSameFrame(string $kind): void
    {
        // A second of hiss too quiet to matter, and a click after 0.61 seconds.
        $click = 'if(between(t\,0.61\,0.63)\,0.8*sin(6000*t)\,0.002*random(0))';
        $file = $this->made("click.$kind", ['-f', 'lavfi', '-i', "aevalsrc=$click:s=44100:d=1.2"]);
        $sound = $this->took($file);
        self::assertEqualsWithDelta(1.2, $sound['seconds'], 0.08);

        $document = self::small();
        $document['stage']['frames'] = 36;
        $document['backdrop'] = ['kind' => 'colour', 'colour' => '#000000', 'edge' => '#000000', 'vignette' => 0];
        $document['charts'] = [];
        $document['tables'] = [];
        $document['moves'] = [];
        $document['words'] = [];
        $document['captions'] = [
            'y' => 100, 'width' => 300, 'font' => 'figtree-regular', 'size' => 60, 'colour' => '#ffffff', 'placedBy' => 'hand',
        ];
        $document['script'] = [
            'lines' => [['id' => 'l1', 'text' => 'WMWMW', 'begin' => 0, 'end' => 1]],
            'recordings' => [[
                'id' => 'r1', 'name' => 'Click', 'sound' => $sound['sound'], 'length' => $sound['seconds'] * 1000,
                'begin' => 3, 'from' => 100, 'to' => 1150, 'level' => 0.9, 'scratch' => null,
                'heard' => [['line' => 'l1', 'words' => [['text' => 'WMWMW', 'at' => 610, 'end' => 900]]]],
            ]],
            'recording' => 'r1',
        ];
        $laid = $this->postJson('/api/script/lay', ['document' => $document])->assertOk()->json('lines.l1');
        $document['script']['lines'][0] = [...$document['script']['lines'][0], ...$laid];
        $film = $this->filmed($document, []);
        $frame = self::firstLight($film);
        self::assertSame($laid['begin'], $frame, 'the caption is there on its frame');
        self::assertSame($frame, (int) floor(self::firstClick($film) * 30000 / 1001), 'and so is the click');
        if ($kind === 'wav') {
            $alone = $this->filmed($document, ['kind' => 'wav', 'from' => 6]);
            self::assertSame($frame, 6 + (int) floor(self::firstClick($alone) * 30000 / 1001));
            self::assertEqualsWithDelta(30 * 1001 / 30000, (float) self::probed($alone, 'format=duration'), 0.0001);
            self::assertSame('', self::probed($this->filmed($document, ['sound' => false]), 'stream=sample_rate'));
            // The command line writes the same sound.
            file_put_contents($this->folder.'/piece.json', json_encode($document, JSON_THROW_ON_ERROR));
            $out = $this->folder.'/alone.wav';
            Artisan::call('lupine:film', ['piece' => $this->folder.'/piece.json', 'out' => $out, '--from' => '6']);
            self::assertFileEquals($alone, $out);
        }
    }

    public function testWordsAreFoundWhereTheyAreSaidAndWhatWasSetByHandStays(): void
    {
        $sound = $this->took(self::VOICE.'flite-slt-1.15.ogg');
        $text = trim((string) file_get_contents(self::VOICE.'text.txt'));
        $sentences = preg_split('/(?<=\.) /', $text);
        $lines = [];
        foreach ($sentences === false ? [] : $sentences as $index => $sentence) {
            $lines[] = ['id' => 'l'.$index, 'text' => $sentence];
        }
        $hand = ['text' => 'Four', 'at' => 7000, 'end' => 7200, 'hand' => true];
        $asked = ['kind' => 'words', 'sound' => $sound['sound'], 'from' => 0, 'to' => $sound['seconds'] * 1000,
            'lines' => $lines, 'known' => [['line' => 'l1', 'words' => [$hand]]]];
        $heard = $this->listened($asked)['heard'];
        $truth = json_decode((string) file_get_contents(self::VOICE.'flite-slt-1.15.json'), true);
        $words = array_merge(...array_column($heard, 'words'));
        self::assertCount(count($truth), $words);
        self::assertSame([7000, true], [$words[13]['at'], $words[13]['hand']], 'it stays where the hand put it');
        self::assertEqualsWithDelta($truth[13], $words[13]['found'], 80, 'and it is said where it was found');
        unset($words[13]);
        $near = array_filter(
            $words,
            static fn (array $word, int $at): bool => abs($word['at'] - $truth[$at]) < 80,
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertGreaterThan(0.95, count($near) / count($words));
        $this->get("/api/sounds/{$sound['sound']}.flac", ['Range' => 'bytes=0-99'])->assertStatus(206);
        self::assertNotEmpty($this->getJson("/api/sounds/{$sound['sound']}/pauses")->json('pauses'));
    }

    /** Parts of sounds and silence, one after another; another sound is as loud as the first (EBU R 128). */
    public function testASoundIsPutTogetherOfParts(): void
    {
        $tone = fn (string $name, float $loud): string => (string) $this->took($this->made(
            $name,
            ['-f', 'lavfi', '-i', "aevalsrc=$loud*sin(2764*t):s=48000:d=3"],
        ))['sound'];
        [$loud, $quiet] = [$tone('loud.wav', 0.5), $tone('quiet.wav', 0.1)];
        $asked = ['kind' => 'splice', 'name' => 'Together', 'parts' => [
            ['sound' => $loud, 'from' => 500, 'length' => 1000],
            ['sound' => null, 'length' => 400],
            ['sound' => $quiet, 'from' => 0, 'length' => 2000],
            ['sound' => $loud, 'from' => 2000, 'length' => 600],
        ]];
        $made = $this->listened($asked);
        self::assertSame('Together', $made['name']);
        self::assertEqualsWithDelta(4.0, $made['seconds'], 0.001);
        $level = fn (string $sound, float $from, float $to): int => max(array_map('ord', str_split(substr(
            (string) $this->get("/api/sounds/{$sound}/levels")->assertOk()->getContent(),
            (int) ($from / 2),
            (int) (($to - $from) / 2),
        ))));
        $first = $level($loud, 600, 1400);
        self::assertGreaterThan(80, $first);
        self::assertSame($first, $level($made['sound'], 100, 900));
        self::assertSame(0, $level($made['sound'], 1010, 1390));
        self::assertEqualsWithDelta($first, $level($made['sound'], 1500, 3300), 4, 'as loud as the first, 14 dB up');
        self::assertSame($first, $level($made['sound'], 3500, 3900));
        self::assertSame($made['sound'], $this->listened($asked)['sound'], 'the same parts are the same sound');
        $none = $this->postJson('/api/listenings', ['kind' => 'splice', 'name' => 'None', 'parts' => []])->json('id');
        $this->work();
        $this->getJson("/api/listenings/$none")->assertJsonPath(
            'message',
            'Nothing of the recording would be left. Cut less of it.',
        );
    }

    public function testAScratchVoiceKnowsWhenItSaysItsWords(): void
    {
        $asked = ['kind' => 'scratch', 'speaker' => 'british-high', 'pace' => 160, 'lines' => [
            ['id' => 'l1', 'text' => 'Four in ten of the things.', 'seconds' => 1.0],
            ['id' => 'l2', 'text' => 'Then lamps – 23 %.', 'seconds' => 1.2],
        ]];
        $made = $this->listened($asked);
        [$first, $second] = array_column($made['heard'], 'words');
        self::assertSame(['Four', 'in', 'ten', 'of', 'the', 'things.'], array_column($first, 'text'));
        self::assertSame(['Then', 'lamps', '–', '23', '%.'], array_column($second, 'text'));
        self::assertEqualsWithDelta(1000, $first[0]['at'], 1);
        self::assertGreaterThanOrEqual(300, $second[0]['at'] - $first[5]['end'], 'a line waits until the one before is said');
        foreach ([$first, $second] as $words) {
            for ($index = 1; $index < count($words); ++$index) {
                self::assertGreaterThanOrEqual($words[$index - 1]['at'], $words[$index]['at']);
            }
        }
        // Where a word begins after a pause, the sound does: levels every 2 ms.
        $levels = $this->get("/api/sounds/{$made['sound']}/levels")->assertOk()->getContent();
        self::assertSame(0, ord($levels[(int) (($first[0]['at'] - 40) / 2)]));
        self::assertGreaterThan(4, max(array_map('ord', str_split(substr($levels, (int) ($first[0]['at'] / 2), 60)))));
        self::assertSame($made['sound'], $this->listened($asked)['sound'], 'the same text is the same sound');
    }

    public function testWhatCannotBeHeardIsSaidInASentence(): void
    {
        $broken = $this->folder.'/broken.mp3';
        file_put_contents($broken, str_repeat('no sound ', 500));
        self::assertStringContainsString('cannot be read as sound', (string) $this->refusal($broken));
        $silent = $this->made('silent.wav', ['-f', 'lavfi', '-i', 'anullsrc=r=48000', '-t', '1']);
        self::assertStringContainsString('“silent.wav” is silent', (string) $this->refusal($silent));
        $mute = $this->made('mute.mp4', ['-f', 'lavfi', '-i', 'color=black:s=64x64', '-t', '1']);
        self::assertStringContainsString('video but no sound', (string) $this->refusal($mute));
        $this->postJson('/api/uploads', ['name' => 'a.wav', 'bytes' => 2_000_000_000])
            ->assertStatus(422)
            ->assertJsonPath('where', 'file');
        $upload = $this->postJson('/api/uploads', ['name' => 'a.wav', 'bytes' => 20])->json('id');
        $this->part($upload, 7, 'later')->assertStatus(422);
        $this->listen(['kind' => 'words', 'sound' => str_repeat('0', 64), 'from' => 0, 'to' => 1, 'lines' => []]);
        self::assertStringContainsString('type or paste', (string) Listening::query()->orderByDesc('id')->value('message'));
    }

    public function testAListeningIsCancelledAndOneThatLostItsWorkerIsSaidToBe(): void
    {
        $waiting = $this->postJson('/api/listenings', ['kind' => 'words', 'lines' => []])->json('id');
        $this->postJson("/api/listenings/$waiting/cancel")->assertJsonPath('status', 'cancelled');
        $this->work();
        $this->getJson("/api/listenings/$waiting")->assertJsonPath('status', 'cancelled');
        Listening::query()->whereKey($waiting)->update(['status' => WorkStatus::Running, 'heard_at' => now()]);
        $this->getJson("/api/listenings/$waiting")
            ->assertJsonPath('status', 'failed')
            ->assertJsonPath('message', 'Finding words was interrupted. Try again.');
    }

    /** However long it has said nothing: what works on it holds a lock, which ends with it. */
    public function testAListenerThatIsBusyIsNeverSaidToHaveEnded(): void
    {
        $id = $this->postJson('/api/listenings', ['kind' => 'words', 'lines' => []])->json('id');
        Listening::query()->whereKey($id)->update(['status' => WorkStatus::Running, 'heard_at' => now()->subHours(3)]);
        $held = app(Alive::class)->hold($id);
        self::assertIsResource($held);
        $this->getJson("/api/listenings/$id")->assertJsonPath('status', 'running');
        // Nobody else takes it up meanwhile.
        $this->work();
        $this->getJson("/api/listenings/$id")->assertJsonPath('status', 'running');
        fclose($held);
        $this->getJson("/api/listenings/$id")->assertJsonPath('status', 'failed');
    }

    public function testASoundThatNoPieceUsesGoesAndOneThatIsMissingIsNamed(): void
    {
        $used = $this->took($this->made('used.wav', ['-f', 'lavfi', '-i', 'sine=400', '-t', '1']));
        $unused = $this->took($this->made('unused.wav', ['-f', 'lavfi', '-i', 'sine=500', '-t', '1']));
        $document = self::small();
        $document['script']['recordings'] = [
            ['id' => 'r1', 'name' => 'Used', 'sound' => $used['sound'], 'length' => 1000],
        ];
        $document['script']['recording'] = 'r1';
        $piece = $this->postJson('/api/pieces', ['document' => $document])->json('id');
        app(Leftovers::class)->sweep(now()->addDays(60));
        self::assertSame([$used['sound']], Sound::query()->pluck('id')->all());
        self::assertFileDoesNotExist($this->folder."/app/sounds/{$unused['sound']}.flac");
        unlink($this->folder."/app/sounds/{$used['sound']}.flac");
        $this->postJson("/api/pieces/$piece/hand-offs")
            ->assertStatus(422)
            ->assertJsonFragment(['where' => 'script.recordings']);
        $this->postJson("/api/pieces/$piece/hand-offs", ['sound' => false])->assertCreated();
        $this->postJson("/api/pieces/$piece/hand-offs", ['kind' => 'zip'])->assertCreated();
    }

    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $order
     */
    private function filmed(array $document, array $order): string
    {
        $id = $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $film = $this->postJson("/api/pieces/$id/hand-offs", $order)->assertCreated()->json('id');
        $this->makeFiles();
        $film = HandOff::query()->findOrFail($film);
        self::assertSame(WorkStatus::Done, $film->status, (string) $film->message);

        return $this->folder.'/app/hand-offs/'.$film->file;
    }

    /** The first frame that is not black. */
    private static function firstLight(string $film): int
    {
        $gray = self::decoded($film, ['-map', '0:v', '-f', 'rawvideo', '-pix_fmt', 'gray', '-s', '64x36', '-']);
        foreach (str_split($gray, 64 * 36) as $frame => $picture) {
            if (max(array_map('ord', str_split($picture))) > 120) {
                return $frame;
            }
        }

        return -1;
    }

    /** Seconds until something loud is heard. */
    private static function firstClick(string $film): float
    {
        $samples = self::decoded($film, ['-map', '0:a', '-f', 's16le', '-ac', '1', '-ar', '48000', '-']);
        foreach (unpack('s*', $samples) as $index => $value) {
            if (abs($value) > 6000) {
                return ($index - 1) / 48_000;
            }
        }

        return -1.0;
    }

    /** @param list<string> $how */
    private static function decoded(string $film, array $how): string
    {
        return (new Process(['ffmpeg', '-v', 'error', '-i', $film, ...$how]))->mustRun()->getOutput();
    }

    private static function probed(string $film, string $what): string
    {
        $process = new Process(['ffprobe', '-v', 'error', '-show_entries', $what, '-of', 'csv=p=0', $film]);

        return trim($process->mustRun()->getOutput(), "\n,");
    }
}
