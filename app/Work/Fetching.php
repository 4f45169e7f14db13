<?php

declare(strict_types=1);

namespace App\Work;

use App\Disk\FullDisk;
use App\Film\FilmFailed;
use Illuminate\Contracts\Filesystem\Filesystem;

/** Brings a file of the shared disk here: whole, or not at all. */
final readonly class Fetching
{
    /**
     * @param string $print its SHA-256
     * @param string $what for a sentence: a file that …
     *
     * @throws FilmFailed where it is not what it should be
     * @throws FullDisk
     */
    public static function to(string $path, Filesystem $disk, string $name, string $print, string $what): void
    {
        $half = $path.'.'.bin2hex(random_bytes(4));
        try {
            $from = $disk->readStream($name);
            $to = @fopen($half, 'w');
            if ($from === null || $to === false || @stream_copy_to_stream($from, $to) === false || !fclose($to)) {
                throw new FullDisk();
            }
            if (hash_file('sha256', $half) !== $print) {
                throw new FilmFailed(sprintf('%s came damaged from the shared disk. Try again.', $what));
            }
            if (!@rename($half, $path)) {
                throw new FullDisk();
            }
        } finally {
            @unlink($half);
        }
    }
}
