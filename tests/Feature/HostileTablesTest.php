<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Disk\Kept;
use App\Import\Incoming;
use App\Import\Reader;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Hostile\Tables;
use Tests\TakesSoon;
use Tests\TestCase;

/** Files with tables that mean harm: a sentence or a table, soon, with little memory, and nothing left behind. */
final class HostileTablesTest extends TestCase
{
    use TakesSoon;

    /** of the processor */
    private const SECONDS = 2.0;

    /** kilobytes above those of a process that reads nothing */
    private const MEMORY = 64_000;

    public function testEachIsAnsweredSoonAndWithLittleMemory(): void
    {
        // A process is given what stands in both.
        putenv('LUPINE_PEAK='.($_SERVER['LUPINE_PEAK'] = $this->folder.'/peak'));
        $this->readWith(1.5, 56, ['-d', 'auto_prepend_file='.__DIR__.'/../Hostile/peak.php']);
        $this->send('nothing.csv', '');
        $idle = (int) file_get_contents($this->folder.'/peak');
        $count = 0;
        foreach (Tables::all() as $name => $make) {
            $bytes = $make();
            $took = INF;
            // One that takes too long does so every time.
            for ($try = 0; $try < 3 && $took >= self::SECONDS; ++$try) {
                // What was taken the time before would be kept, also where it is refused now.
                array_map('unlink', glob($this->folder.'/framework/incoming/*') ?: []);
                $before = self::processor();
                $answer = $this->send($name, $bytes);
                $spent = self::processor() - $before;
                // What goes on beside makes a processor slower: each try is held against the moment after it.
                $took = min($took, $spent < self::SECONDS ? $spent : $spent / self::slower());
            }
            self::assertContains($answer->status(), [200, 422], $name.': '.substr((string) $answer->content(), 0, 300));
            self::assertLessThan(self::SECONDS, $took, $name);
            self::assertLessThan(self::MEMORY, (int) file_get_contents($this->folder.'/peak') - $idle, $name);
            if ($answer->status() === 422) {
                self::assertMatchesRegularExpression('/^\S.{20,}[.)]$/u', (string) $answer->json('message'), $name);
                self::assertSame([], glob($this->folder.'/framework/incoming/*'), $name.' left something behind');
            }
            array_map('unlink', glob($this->folder.'/framework/incoming/*') ?: []);
            ++$count;
        }
        self::assertGreaterThan(105, $count);
    }

    public function testAFileThatTakesTooLongIsRefusedInWords(): void
    {
        $this->readWith(0.01, 56);
        $this->send('a.csv', "Kettles,1\nLamps,2")->assertUnprocessable()
            ->assertJsonPath('message', '“a.csv” takes longer to read than the 0.01 seconds that a file is given. '
                .'Keep the sheet that the chart shows, and save it alone.');
    }

    public function testAFileThatTakesTooMuchMemoryIsRefusedInWords(): void
    {
        $this->readWith(5, 2);
        $this->send('a.csv', str_repeat("Kettles,1\n", 200_000))->assertUnprocessable()
            ->assertJsonPath('message', '“a.csv” holds more than can be read here. '
                .'Keep the sheet that the chart shows, and save it alone, as CSV if need be.');
    }

    /** @param list<string> $flags */
    private function readWith(float $seconds, int $megabytes, array $flags = []): void
    {
        $this->app->instance(Incoming::class, new Incoming(
            Kept::byFingerprint($this->folder.'/framework/incoming'),
            new Reader($seconds, $megabytes, $flags),
        ));
    }

    /** @return iterable<array{string}> */
    public static function places(): iterable
    {
        yield ['../elsewhere'];
        yield ['../../framework/elsewhere'];
        yield [str_repeat('a', 63).'/'];
        yield [str_repeat('a', 64)."\n"];
        yield ["a\0b"];
        yield [''];
    }

    /** What is read elsewhere would be a table: it is there, with all that a kept file has. */
    #[DataProvider('places')]
    public function testWhatIsNoIdIsNeverAPath(string $id): void
    {
        mkdir($this->folder.'/framework/incoming');
        foreach (['', '.book', '.name', '.0.json'] as $ending) {
            file_put_contents($this->folder.'/framework/elsewhere'.$ending, "Kettles,1\nLamps,2");
        }
        foreach ([
            $this->postJson('/api/tables/sheet', ['file' => $id, 'sheet' => 0]),
            $this->postJson('/api/pieces', ['import' => ['file' => $id, 'sheet' => 0]]),
            $this->postJson('/api/tables/again', [
                'document' => self::small(), 'table' => 't1', 'import' => ['file' => $id],
            ]),
        ] as $answer) {
            $answer->assertUnprocessable();
            self::assertStringNotContainsString('Kettles', (string) $answer->content());
        }
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $name, string $bytes): TestResponse
    {
        return $this->call('POST', '/api/tables?name='.rawurlencode($name), [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_ACCEPT' => 'application/json',
        ], $bytes);
    }
}
