<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use Lupine\Core\Piece\Recording;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Sounds by way of ffmpeg and ffprobe. */
final readonly class Ffmpeg
{
    private const START = ['ffmpeg', '-nostdin', '-hide_banner', '-v', 'error', '-y'];

    /**
     * How long the sound in a file is, in seconds; 0 where the file does not say.
     *
     * @throws SoundFailed where there is none, or it is too long
     */
    public static function secondsOf(string $path, string $name): float
    {
        $process = new Process([
            'ffprobe', '-v', 'error', '-show_entries', 'stream=codec_type,duration:format=duration',
            '-of', 'json', $path,
        ], null, null, null, 60);
        $process->run();
        $said = json_decode($process->getOutput(), true);
        $streams = is_array($said) && is_array($said['streams'] ?? null) ? $said['streams'] : [];
        $sounds = array_filter(
            $streams,
            static fn (mixed $one): bool => is_array($one) && ($one['codec_type'] ?? '') === 'audio',
        );
        if (!$process->isSuccessful() || $streams === []) {
            throw self::unreadable($name);
        }
        if ($sounds === []) {
            throw new SoundFailed(sprintf('“%s” has a picture but no sound. Choose the file of the recording.', $name), 'file');
        }
        $format = is_array($said) && is_array($said['format'] ?? null) ? $said['format'] : [];
        $seconds = (float) (is_numeric($format['duration'] ?? null) ? $format['duration'] : 0);
        if ($seconds > Recording::LONGEST) {
            throw new SoundFailed(
                sprintf(
                    '“%s” is %d minutes long; 30 are the limit. Cut out what this piece needs, and add that.',
                    $name,
                    (int) ceil($seconds / 60),
                ),
                'file',
            );
        }

        return $seconds;
    }

    /**
     * @param list<string> $arguments
     * @param \Closure(float): void $progress is told how many seconds are done
     *
     * @throws SoundFailed
     */
    public static function run(array $arguments, \Closure $progress, string $name): void
    {
        $process = new Process([...self::START, '-progress', 'pipe:1', ...$arguments], null, null, null, null);
        try {
            $process->start();
            while ($process->isRunning()) {
                usleep(50_000);
                if (preg_match_all('/out_time_us=(\d+)/', $process->getIncrementalOutput(), $times) > 0) {
                    $progress((float) end($times[1]) / 1_000_000);
                } else {
                    $progress(0.0);
                }
            }
        } catch (ExceptionInterface $error) {
            throw new SoundFailed('ffmpeg is not installed. Install the package “ffmpeg”, then try again.');
        } finally {
            $process->stop(1);
        }
        if (!$process->isSuccessful()) {
            throw FullDisk::isSaidIn($process->getErrorOutput())
                ? new SoundFailed(FullDisk::SENTENCE)
                : self::unreadable($name);
        }
    }

    /** @param list<string> $arguments */
    public static function output(array $arguments): string
    {
        return implode('', iterator_to_array(self::chunks($arguments), false));
    }

    /**
     * @param list<string> $arguments
     *
     * @return \Generator<string>
     */
    public static function chunks(array $arguments): \Generator
    {
        $process = new Process([...self::START, ...$arguments], null, null, null, null);
        $process->start();
        foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $chunk) {
            if (is_string($chunk)) {
                yield $chunk;
            }
        }
        if (!$process->isSuccessful()) {
            throw new SoundFailed('The sound could not be read: '.mb_strimwidth(trim($process->getErrorOutput()), 0, 200, '…'));
        }
    }

    /** @param list<string> $arguments that read from “-” and write to “-” */
    public static function converted(string $bytes, array $arguments): string
    {
        $start = array_values(array_diff(self::START, ['-nostdin']));
        $process = new Process([...$start, ...$arguments], null, null, $bytes, 600);
        $process->run();
        if (!$process->isSuccessful()) {
            throw new SoundFailed('The sound could not be converted: '.mb_strimwidth(trim($process->getErrorOutput()), 0, 200, '…'));
        }

        return $process->getOutput();
    }

    private static function unreadable(string $name): SoundFailed
    {
        return new SoundFailed(
            sprintf(
                '“%s” cannot be read as sound; it may be broken or cut off. Export it again as WAV, MP3, M4A, OGG or FLAC.',
                $name,
            ),
            'file',
        );
    }
}
