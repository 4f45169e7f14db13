<?php

declare(strict_types=1);

namespace App\Voice;

/**
 * How long a WAV file says that it is. ffprobe tells how long it is by what is there, so it does not tell that a file
 * was cut off.
 *
 * Source: the chunks “fmt ” and “data” of RIFF WAVE files (Microsoft and IBM 1991, from memory).
 */
final readonly class WavLength
{
    /** chunks that are looked at before the sound */
    private const MOST_CHUNKS = 200;

    /** lengths from here on are written by programs that do not know them yet */
    private const UNKNOWN = 0xFFFFFF00;

    /** @return float|null seconds; null where the file does not say */
    public static function of(string $path): ?float
    {
        $file = @fopen($path, 'r');
        if ($file === false) {
            return null;
        }
        fseek($file, 12);
        $bytesPerSecond = 0;
        for ($count = 0; $count < self::MOST_CHUNKS; ++$count) {
            $head = (string) fread($file, 8);
            if (strlen($head) < 8) {
                break;
            }
            /** @var array{name: string, length: int} $chunk */
            $chunk = unpack('a4name/Vlength', $head);
            if ($chunk['name'] === 'data') {
                $isTold = $chunk['length'] > 0 && $chunk['length'] < self::UNKNOWN && $bytesPerSecond > 0;
                fclose($file);

                return $isTold ? $chunk['length'] / $bytesPerSecond : null;
            }
            $begin = (int) ftell($file);
            if ($chunk['name'] === 'fmt ') {
                $format = (string) fread($file, 16);
                /** @var array{1: int} $rate */
                $rate = strlen($format) === 16 ? unpack('V', $format, 8) : [1 => 0];
                $bytesPerSecond = $rate[1];
            }
            // Chunks have even lengths.
            fseek($file, $begin + $chunk['length'] + $chunk['length'] % 2);
        }
        fclose($file);

        return null;
    }
}
