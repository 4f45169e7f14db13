<?php

declare(strict_types=1);

namespace App\Import;

use App\Disk\FullDisk;
use Lupine\Core\Import\UnreadableFile;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Has files with tables read by processes of their own (bin/read-table.php), with limits of time and memory. */
final readonly class Reader
{
    /** as the web runs, but for the sizes of what is compiled: a process that ends at once needs little */
    private const FLAGS = [
        '-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=16', '-d', 'opcache.jit=tracing',
        '-d', 'opcache.jit_buffer_size=8M', '-d', 'display_errors=stderr', '-d', 'log_errors=0',
    ];

    /** so many times as long a file may take where others have the processor */
    private const PATIENCE = 6;

    /**
     * @param float $seconds of the processor after which a file is given up; a machine that is busy may take longer
     * @param int $megabytes of PHP's own memory
     * @param list<string> $flags more arguments of PHP
     */
    public function __construct(private float $seconds, private int $megabytes, private array $flags = [])
    {
    }

    /**
     * Reads one sheet of a file; KeptGrid has it then.
     *
     * @param string $path of the file
     * @param string $name that it had
     * @param int|null $sheet its index; null for the first that is shown and has a table, or else the first
     *
     * @return array{sheets: non-empty-list<array{name: string, isHidden: bool}>, sheet: int}
     *
     * @throws UnreadableFile
     * @throws FullDisk
     */
    public function read(string $path, string $name, ?int $sheet): array
    {
        $process = new Process(
            [
                (string) (new PhpExecutableFinder())->find(false), ...self::FLAGS, ...$this->flags,
                '-d', 'memory_limit='.$this->megabytes.'M',
                base_path('bin/read-table.php'), $path, $name, ...$sheet === null ? [] : [(string) $sheet],
            ],
            base_path(),
            null,
            null,
            self::PATIENCE * $this->seconds,
        );
        if (!$this->ends($process)) {
            throw new UnreadableFile(
                sprintf(
                    '“%s” takes longer to read than the %s seconds that a file is given. Keep the sheet that the chart shows, and save it alone.',
                    $name,
                    $this->seconds,
                ),
                $name,
            );
        }
        $said = json_decode($process->getOutput(), true);
        if (!is_array($said)) {
            throw self::failed($process->getErrorOutput(), $name);
        }
        if (isset($said['refused'])) {
            throw new UnreadableFile((string) $said['refused'], (string) $said['where']);
        }

        /** @var array{sheets: non-empty-list<array{name: string, isHidden: bool}>, sheet: int} */
        return $said;
    }

    /** Whether it ended before its time was over. */
    private function ends(Process $process): bool
    {
        try {
            $process->start();
            while ($process->isRunning()) {
                usleep(5_000);
                $process->checkTimeout();
                if (self::spent((int) $process->getPid()) > $this->seconds) {
                    $process->stop(0);

                    return false;
                }
            }
        } catch (ProcessTimedOutException) {
            return false;
        }

        return true;
    }

    /** Seconds that a process has had of the processor; 0 where the system does not tell. */
    private static function spent(int $pid): float
    {
        // Fields 14 and 15 of proc(5), counted after the name, in hundredths of a second.
        $told = explode(' ', (string) strrchr((string) @file_get_contents('/proc/'.$pid.'/stat'), ')'));

        return isset($told[13]) ? ((int) $told[12] + (int) $told[13]) / 100 : 0.0;
    }

    private static function failed(string $error, string $name): \Exception
    {
        if (FullDisk::isSaidIn($error)) {
            return new FullDisk();
        }
        if (!str_contains($error, 'Allowed memory size')) {
            report(new \RuntimeException('A table could not be read: '.mb_strimwidth($error, 0, 2000, '…')));
        }

        return new UnreadableFile(
            sprintf(
                '“%s” holds more than can be read here. Keep the sheet that the chart shows, and save it alone, as CSV if need be.',
                $name,
            ),
            $name,
        );
    }
}
