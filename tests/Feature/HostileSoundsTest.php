<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Listening;
use App\Models\WorkStatus;
use App\Voice\Uploads;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Hostile\Sounds;
use Tests\TakesSoon;
use Tests\TestCase;

/** Files that are offered as recordings and mean harm: a sentence or a sound, soon, and nothing left behind. */
final class HostileSoundsTest extends TestCase
{
    use AddsSounds;
    use TakesSoon;

    /** of the processor */
    private const SECONDS = 3.0;

    public function testNoneHoldsTheListenerReadsAFileOfTheMachineOrLeavesAnythingBehind(): void
    {
        // A sound by its kind, so that it would be heard if it were opened.
        $secret = $this->made('secret.wav', ['-f', 'lavfi', '-i', 'sine=440', '-t', '2']);
        $pipe = $this->folder.'/pipe';
        posix_mkfifo($pipe, 0600);
        $count = 0;
        foreach (Sounds::all($secret, $pipe) as $name => $make) {
            file_put_contents($this->folder.'/offered', $make());
            $before = self::processor();
            $began = microtime(true);
            $this->listen([...$this->sent($this->folder.'/offered'), 'name' => $name]);
            $last = Listening::query()->orderByDesc('id')->firstOrFail();
            self::assertTookUnder(self::SECONDS, self::processor() - $before, $name);
            self::assertLessThan(10 * self::SECONDS, microtime(true) - $began, $name.' is waited for');
            self::assertContains($last->status, [WorkStatus::Done, WorkStatus::Failed], $name);
            if ($last->status === WorkStatus::Failed) {
                $sentence = '/^“.+” .{20,}[.?]$|^There is nothing to hear/su';
                self::assertMatchesRegularExpression($sentence, (string) $last->message, $name);
                self::assertSame([], glob($this->folder.'/app/sounds/*'), $name);
            } else {
                $sound = json_decode((string) $last->result, true);
                self::assertLessThan(30.0, $sound['seconds'], $name);
                self::assertNotEqualsWithDelta(2.0, $sound['seconds'], 0.01, $name.': that is the file of the machine');
                array_map('unlink', glob($this->folder.'/app/sounds/*') ?: []);
            }
            self::assertSame([], glob($this->folder.'/app/uploads/*'), $name);
            ++$count;
        }
        self::assertGreaterThan(70, $count);
    }

    public function testManyChannelsAndAMissingEndAreCalledWhatTheyAre(): void
    {
        $many = $this->folder.'/many.wav';
        file_put_contents($many, iterator_to_array(Sounds::all('', ''))['64 channels.wav']());
        self::assertSame(
            '“many.wav” has 64 channels; the limit is 8. Mix it down to one or two and add that.',
            $this->refusal($many),
        );
        $cut = $this->made('cut.m4a', ['-f', 'lavfi', '-i', 'sine=400', '-t', '3']);
        file_put_contents($cut, substr((string) file_get_contents($cut), 0, 12_000));
        self::assertStringContainsString('is cut off: its end is missing', (string) $this->refusal($cut));
    }

    /** @return iterable<array{string}> */
    public static function cut(): iterable
    {
        yield ['wav'];
        yield ['flac'];
        yield ['mp3'];
    }

    /** What is there is taken, and what is missing is said, where the file says how long it should be. */
    #[DataProvider('cut')]
    public function testAFileThatIsCutOffIsTakenWithARemark(string $kind): void
    {
        $file = $this->made("half.$kind", ['-f', 'lavfi', '-i', 'anoisesrc=a=0.3:r=16000', '-t', '8']);
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, substr($bytes, 0, intdiv(strlen($bytes), 2)));
        $sound = $this->took($file);
        self::assertEqualsWithDelta(4.0, $sound['seconds'], 0.4);
        self::assertStringContainsString('of 8 seconds; the file seems to be cut off', (string) $sound['note']);
    }

    public function testHalfAnHourAndMoreThatDoesNotSayItsLengthIsRefused(): void
    {
        $file = $this->folder.'/long.flac';
        $make = 'ffmpeg -v error -f lavfi -i sine=300:r=8000 -t 1830 -f flac - > "$1"';
        (new Process(['sh', '-c', $make, 'sh', $file]))->setTimeout(120)->mustRun();
        self::assertSame(
            '“long.flac” is longer than the limit of 30 minutes. Trim it to the part you need and add that.',
            $this->refusal($file),
        );
        self::assertSame([], glob($this->folder.'/app/uploads/*'));
    }

    public function testWhatIsOnItsWayHasAQuotaAndAWayOut(): void
    {
        $begin = fn (int $bytes) => $this->postJson('/api/uploads', ['name' => 'a.wav', 'bytes' => $bytes]);
        $first = $begin(100)->assertCreated()->json('id');
        for ($count = 1; $count < Uploads::AT_ONCE; ++$count) {
            $begin(100)->assertCreated();
        }
        $refused = $begin(100)->assertStatus(429)->assertHeader('Retry-After');
        self::assertStringContainsString('up to 8 files and 2 GB come in at once', (string) $refused->json('message'));
        $this->deleteJson("/api/uploads/$first")->assertOk();
        $begin(100)->assertCreated();
        // What stands still makes room by itself.
        foreach (glob($this->folder.'/app/uploads/*.part') ?: [] as $path) {
            touch($path, time() - Uploads::IDLE - 5);
        }
        $begin(Uploads::MOST)->assertCreated();
        $begin(Uploads::MOST)->assertCreated();
        $begin(1)->assertStatus(429);
    }

    public function testNoMoreComesThanWasTold(): void
    {
        $upload = $this->postJson('/api/uploads', ['name' => 'a.wav', 'bytes' => 10])->json('id');
        $this->part($upload, 0, str_repeat('a', 11))->assertUnprocessable();
        $this->part($upload, 0, 'abcde')->assertOk();
        $this->postJson('/api/listenings', ['kind' => 'file', 'upload' => $upload, 'name' => 'a.wav'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Not all of the file came. Choose it again.');
        foreach (['../../lupine', 'x', str_repeat('0', 26).'.told', '%2e%2e'] as $id) {
            $this->call('PUT', '/api/uploads/'.rawurlencode($id).'?at=0', [], [], [], [
                'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
            ], 'x')->assertClientError();
            $asked = ['kind' => 'file', 'upload' => $id, 'name' => 'a'];
            $this->postJson('/api/listenings', $asked)->assertUnprocessable();
        }
    }
}
