<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/start, where it cannot: one clear sentence, and nothing is left running. */
final class StartTest extends TestCase
{
    public function testATakenPort(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        [$status, $said] = self::start(['--port', (string) $port]);

        self::assertSame(1, $status);
        self::assertStringStartsWith(
            sprintf('Port %d is taken by process %d (php ', $port, getmypid()),
            $said,
        );
        self::assertStringEndsWith(sprintf('Start with another one: bin/start --port %d', $port + 1), $said);
    }

    public function testWhatItDoesNotKnow(): void
    {
        self::assertSame([1, '“many” is not a port; take a number from 1 to 65535.'], self::start(['--port', 'many']));
        self::assertSame(
            [1, 'bin/start does not know “--fast”. Usage: bin/start [--port NUMBER] [--data FOLDER] [--workers NUMBER] '
                .'[--redis redis://HOST:PORT/NUMBER --disk FOLDER-OR-S3]'],
            self::start(['--fast']),
        );
        self::assertSame(
            [1, '“there” is no address of Redis; it is written redis://HOST:PORT/NUMBER.'],
            self::start(['--redis', 'there', '--disk', '/tmp']),
        );
    }

    public function testAMissingPackageForSomebodyWhoIsNotRoot(): void
    {
        // A path on which everything is there but ffmpeg, and an id that is not root's.
        $folder = sys_get_temp_dir().'/lupine-path-'.bin2hex(random_bytes(4));
        mkdir($folder);
        foreach (['bash', 'php', 'composer', 'unzip', 'node', 'npm', 'grep', 'dirname', 'env', 'sed'] as $tool) {
            $found = trim((string) shell_exec('command -v '.$tool));
            if ($found !== '') {
                symlink($found, $folder.'/'.$tool);
            }
        }
        file_put_contents($folder.'/id', "#!/bin/bash\necho 1000\n");
        chmod($folder.'/id', 0755);
        $process = new Process(['bash', 'bin/start', '--port', '8897'], dirname(__DIR__, 2), ['PATH' => $folder]);
        $process->run();
        array_map('unlink', glob($folder.'/*') ?: []);
        rmdir($folder);

        self::assertSame(1, $process->getExitCode());
        self::assertMatchesRegularExpression(
            '/^Missing: .*ffmpeg.*\. Install it once with: sudo apt-get install .*ffmpeg/',
            trim($process->getErrorOutput()),
        );
    }

    public function testAFolderThatCannotBeWritten(): void
    {
        [$status, $said] = self::start(['--port', '8896', '--data', '/proc/lupine']);

        self::assertSame(1, $status);
        self::assertStringContainsString('The folder /proc/lupine cannot be made.', $said);
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int|null, string}
     */
    private static function start(array $arguments): array
    {
        $process = new Process(['bin/start', ...$arguments], dirname(__DIR__, 2), null, null, 120);
        $process->run();

        return [$process->getExitCode(), trim($process->getErrorOutput())];
    }
}
