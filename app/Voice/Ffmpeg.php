<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Sounds by way of ffmpeg and ffprobe, each with a limit of memory and a time after which it is taken to hang. */
final readonly class Ffmpeg
{
    private const START = ['ffmpeg', '-nostdin', '-hide_banner', '-v', 'error', '-y'];

    /** kilobytes of address space: far more than any sound takes, far less than a file can ask for */
    private const MOST_MEMORY = 2_000_000;

    /** seconds without anything that was read or written */
    private const SILENCE = 60.0;

    /** seconds in all */
    private const LONGEST_RUN = 1800.0;

    /**
     * What a file says of its sound; none of it is trusted further than to be said.
     *
     * @throws SoundFailed where there is none, or not one that can be read
     */
    public static function told(SoundFile $file): ToldSound
    {
        $process = self::limited([
            'ffprobe', '-v', 'error', ...$file->kind->opened(),
            '-show_entries', 'stream=codec_type,channels:format=duration', '-of', 'json', $file->path,
        ], 20.0);
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw self::tooSlow($file->name);
        }
        $said = json_decode($process->getOutput(), true);
        $streams = is_array($said) && is_array($said['streams'] ?? null) ? $said['streams'] : [];
        if ($streams === []) {
            throw self::unreadable($file->name, $process->getErrorOutput());
        }
        $sounds = array_values(array_filter(
            $streams,
            static fn (mixed $one): bool => is_array($one) && ($one['codec_type'] ?? '') === 'audio',
        ));
        if ($sounds === []) {
            throw new SoundFailed(
                sprintf('“%s” has video but no sound. Choose the recording file.', $file->name),
                'file',
            );
        }
        $format = is_array($said) && is_array($said['format'] ?? null) ? $said['format'] : [];
        $told = $file->kind === SoundKind::Wav ? WavLength::of($file->path) : null;
        $seconds = $told ?? $format['duration'] ?? null;
        $channels = is_array($sounds[0]) ? $sounds[0]['channels'] ?? 0 : 0;

        return new ToldSound(
            is_numeric($seconds) && $seconds > 0 && $seconds < 1e9 ? (float) $seconds : null,
            is_int($channels) ? $channels : 0,
        );
    }

    /**
     * @param list<string> $arguments
     * @param \Closure(float): void $progress is told how many seconds are done
     *
     * @throws SoundFailed
     * @throws FullDisk
     */
    public static function run(array $arguments, \Closure $progress, string $name): void
    {
        $process = self::limited([...self::START, '-progress', 'pipe:1', ...$arguments], self::LONGEST_RUN);
        $done = 0.0;
        $heard = microtime(true);
        try {
            $process->start();
            while ($process->isRunning()) {
                usleep(50_000);
                $process->checkTimeout();
                $isThere = preg_match_all('/out_time_us=(\d+)/', $process->getIncrementalOutput(), $times) > 0;
                $now = $isThere ? (float) end($times[1]) / 1_000_000 : $done;
                if ($now > $done) {
                    [$done, $heard] = [$now, microtime(true)];
                }
                if (microtime(true) - $heard > self::SILENCE) {
                    throw self::tooSlow($name);
                }
                $progress($done);
            }
        } catch (ProcessTimedOutException) {
            throw self::tooSlow($name);
        } finally {
            $process->stop(1);
        }
        if (!$process->isSuccessful()) {
            throw FullDisk::isSaidIn($process->getErrorOutput())
                ? new FullDisk()
                : self::unreadable($name, $process->getErrorOutput());
        }
    }

    /**
     * Integrated loudness of a stretch of a sound that is kept, in LUFS (EBU R 128); null where it is too short or
     * silent.
     */
    public static function loudness(string $path, float $from, float $to): ?float
    {
        $process = self::limited([
            'ffmpeg', '-nostdin', '-hide_banner', '-nostats', ...SoundKind::Flac->opened(),
            '-ss', sprintf('%.6F', $from), '-t', sprintf('%.6F', max(0.0, $to - $from)), '-i', $path,
            '-af', 'ebur128', '-f', 'null', '-',
        ], self::LONGEST_RUN);
        $process->run();
        // Of the summary at the end; what cannot be measured is given as the lowest level that the scale has.
        preg_match_all('/I:\s+(-?[\d.]+) LUFS/', $process->getErrorOutput(), $found);
        $last = end($found[1]);

        return is_numeric($last) && (float) $last > -69.0 ? (float) $last : null;
    }

    /**
     * What ffmpeg writes to “-”, piece by piece.
     *
     * @param list<string> $arguments
     *
     * @return \Generator<string>
     *
     * @throws SoundFailed
     */
    public static function pieces(array $arguments): \Generator
    {
        $process = self::limited([...self::START, ...$arguments], self::LONGEST_RUN);
        try {
            $process->start();
            foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $piece) {
                if (is_string($piece)) {
                    yield $piece;
                }
            }
            if (!$process->isSuccessful()) {
                throw new SoundFailed(
                    'The sound could not be read: '.mb_strimwidth(trim($process->getErrorOutput()), 0, 200, '…'),
                );
            }
        } finally {
            $process->stop(1);
        }
    }

    /**
     * @param list<string> $command
     */
    private static function limited(array $command, float $seconds): Process
    {
        $limit = sprintf('ulimit -v %d; exec "$@"', self::MOST_MEMORY);

        return new Process(['sh', '-c', $limit, 'sh', ...$command], null, null, null, $seconds);
    }

    private static function unreadable(string $name, string $reason): SoundFailed
    {
        return new SoundFailed(sprintf(match (true) {
            preg_match('/not found/i', $reason) === 1 && preg_match('/ff(mpeg|probe)/', $reason) === 1 => '“%s” cannot be read, as ffmpeg is not installed. Install the package “ffmpeg”, then try again.',
            preg_match('/moov atom not found|end of file|partial file|truncat/i', $reason) === 1 => '“%s” is cut off: its end is missing, and without it nothing of it can be read. Copy or export it again.',
            preg_match('/rematrix|channel layout/i', $reason) === 1 => '“%s” does not say which of its channels is which. Mix it down to one or two, and add that.',
            default => '“%s” cannot be read as sound; it may be broken or cut off. Export it again as WAV, MP3, M4A, OGG or FLAC.',
        }, $name), 'file');
    }

    private static function tooSlow(string $name): SoundFailed
    {
        return new SoundFailed(
            sprintf(
                '“%s” takes too long to read; it may be broken. Export it again as WAV, MP3, M4A, OGG or FLAC.',
                $name,
            ),
            'file',
        );
    }
}
