<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Work\Board;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;

/**
 * A desk whose films are made by others: a Redis, a stand-in for S3, and processes of bin/worker with folders of their
 * own. Everything is at 127.0.0.1.
 */
trait SharesMachines
{
    /** seconds after which a worker that says nothing loses its film */
    private const PATIENCE = 4;

    private const KEYS = ['AWS_ACCESS_KEY_ID' => 'S3RVER', 'AWS_SECRET_ACCESS_KEY' => 'S3RVER'];

    /** @var array<string, Process> */
    private array $running = [];

    private string $redis;

    private string $s3;

    private function share(): void
    {
        [$redis, $s3] = [self::freePort(), self::freePort()];
        $this->redis = "redis://127.0.0.1:$redis/0";
        $this->s3 = "http://127.0.0.1:$s3";
        mkdir($this->folder.'/redis');
        $this->begun('redis', ['redis-server', '--port', (string) $redis, '--bind', '127.0.0.1', '--save', '',
            '--dir', $this->folder.'/redis']);
        $this->begun('s3', ['node', base_path('node_modules/.bin/s3rver'), '-d', $this->folder.'/s3', '-a', '127.0.0.1',
            '-p', (string) $s3, '--silent', '--configure-bucket', 'films']);
        self::waitFor(static fn (): bool => self::answers($redis) && self::answers($s3));
        foreach (self::KEYS as $name => $value) {
            putenv("$name=$value");
        }
        config([
            'queue.default' => 'redis',
            'queue.connections.redis.retry_after' => self::PATIENCE,
            'cache.default' => 'redis',
            'database.redis.default.url' => $this->redis,
            'filesystems.disks.hand-offs' => [
                'driver' => 's3', 'bucket' => 'films', 'root' => '', 'region' => 'us-east-1', 'endpoint' => $this->s3,
                'use_path_style_endpoint' => true, 'request_checksum_calculation' => 'when_required',
                'response_checksum_validation' => 'when_required', 'throw' => true,
            ],
            'lupine.patience' => self::PATIENCE,
            'lupine.build' => trim((string) shell_exec("bash -c '. bin/lib.sh; use_build; echo \$LUPINE_BUILD'")),
        ]);
        app(Board::class)->nameDesk();
    }

    /** Begins to make films on another machine, in everything but its hardware. */
    private function worker(string $name, int $number = 1): void
    {
        $this->begun($name, ['bin/worker', '--redis', $this->redis, '--disk', 's3://films', '--name', $name,
            '--workers', (string) $number], [
                'LUPINE_PATIENCE' => (string) self::PATIENCE,
                'AWS_ENDPOINT_URL' => $this->s3,
                ...self::KEYS,
                // Nothing of the desk is told to it.
                'LUPINE_DATA' => false,
                'DB_DATABASE' => false,
                'CACHE_STORE' => false,
                'APP_ENV' => false,
            ]);
    }

    /** @return list<int> the processes of a worker that work the queue */
    private static function makers(string $name): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/environ') ?: [] as $file) {
            $its = explode("\0", (string) @file_get_contents($file));
            $command = (string) @file_get_contents(dirname($file).'/cmdline');
            $isMaker = str_starts_with($command, "php\0") && str_contains($command, "artisan\0queue:work");
            if ($isMaker && in_array("LUPINE_MACHINE=$name", $its, true)) {
                $found[] = (int) basename(dirname($file));
            }
        }

        return $found;
    }

    /** Writes down at the desk what the workers said. */
    private static function hear(): void
    {
        Artisan::call('queue:work', [
            'connection' => 'redis', '--queue' => 'desk', '--stop-when-empty' => true, '--sleep' => 0,
        ]);
    }

    private function endAll(): void
    {
        foreach (array_reverse($this->running) as $name => $process) {
            $process->stop(12);
        }
        foreach (array_keys(self::KEYS) as $name) {
            putenv($name);
        }
    }

    private static function waitFor(\Closure $is, float $seconds = 60.0): void
    {
        for ($end = microtime(true) + $seconds; !$is(); usleep(50_000)) {
            self::assertLessThan($end, microtime(true), 'it takes too long');
        }
    }

    /**
     * @param list<string> $command
     * @param array<string, string|false> $environment
     */
    private function begun(string $name, array $command, array $environment = []): void
    {
        $process = new Process($command, base_path(), $environment, timeout: null);
        $process->disableOutput();
        $process->start();
        $this->running[$name] = $process;
    }

    private static function answers(int $port): bool
    {
        $socket = @fsockopen('127.0.0.1', $port, timeout: 1.0);

        return $socket !== false && fclose($socket);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
