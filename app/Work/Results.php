<?php

declare(strict_types=1);

namespace App\Work;

use App\Disk\FullDisk;
use App\Film\FilmFailed;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;

/** Where finished files go: the disk that desk and workers share, each under a name that was never used. */
final readonly class Results
{
    public function __construct(private FilesystemAdapter $disk)
    {
    }

    /**
     * @param string $half a finished file, which goes
     *
     * @throws FilmFailed
     * @throws FullDisk
     */
    public function keep(string $half, Ticket $ticket): Result
    {
        $name = $ticket->film.'-'.bin2hex(random_bytes(4)).'.'.$ticket->kind->traits()->ending;
        $result = new Result($name, (int) filesize($half), (string) hash_file('sha256', $half));
        if ($this->disk instanceof LocalFilesystemAdapter) {
            $this->move($half, $this->disk->path($name));

            return $result;
        }
        $stream = fopen($half, 'r');
        if ($stream === false || !$this->disk->put($name, $stream)) {
            throw new FilmFailed('The finished film could not be put on the shared disk.');
        }
        @unlink($half);

        return $result;
    }

    /**
     * Brings parts of a film here.
     *
     * @param list<Result> $parts
     * @param string $beside a file that they are put beside
     *
     * @return list<string> their files
     *
     * @throws FilmFailed where one is not whole
     */
    public function fetch(array $parts, string $beside): array
    {
        $files = [];
        foreach ($parts as $number => $part) {
            $file = $beside.'.part-'.$number;
            Fetching::to($file, $this->disk, $part->file, $part->print, 'A part of this film');
            $files[] = $file;
        }

        return $files;
    }

    /** Whether it is there, and whole. */
    public function isWhole(Result $result): bool
    {
        if (!$this->disk->exists($result->file) || $this->disk->size($result->file) !== $result->bytes) {
            return false;
        }
        $stream = $this->disk->readStream($result->file);
        if ($stream === null) {
            return false;
        }
        $hash = hash_init('sha256');
        hash_update_stream($hash, $stream);
        fclose($stream);

        return hash_final($hash) === $result->print;
    }

    /** Why nothing can be written there and read again; null: it can. */
    public function trouble(): ?string
    {
        $name = 'reach-'.bin2hex(random_bytes(8));
        try {
            $this->disk->put($name, $name);
            $isSame = $this->disk->get($name) === $name;
            $this->disk->delete($name);

            return $isSame ? null : 'what was written there is not what is read';
        } catch (\Throwable $error) {
            return mb_strimwidth($error->getPrevious()?->getMessage() ?? $error->getMessage(), 0, 300, '…');
        }
    }

    public function drop(?string $file): void
    {
        if ($file !== null) {
            $this->disk->delete($file);
        }
    }

    private function move(string $half, string $to): void
    {
        @mkdir(dirname($to), 0775, true);
        // On the same disk it is there at once and whole; to another it is copied under another name first.
        if (@rename($half, $to.'.half') && @rename($to.'.half', $to)) {
            return;
        }
        @unlink($to.'.half');
        throw FullDisk::isSaidIn(error_get_last()['message'] ?? '') ? new FullDisk() : new FilmFailed(
            sprintf('The finished film could not be saved in %s. Check that the folder is writable.', dirname($to)),
        );
    }
}
