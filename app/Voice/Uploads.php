<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use App\Disk\Kept;
use App\Disk\NoRoom;

/** Files that come in parts, so that a long one shows how far it is, can be given up, and takes no memory. */
final readonly class Uploads
{
    /** of a part, in bytes */
    public const PART = 4_000_000;

    /** of a file, in bytes: half an hour of two channels at 96,000 samples of 24 bits */
    public const MOST = 1_040_000_000;

    /** files that can be on their way at once, and their bytes in all, as they were told when they began */
    public const AT_ONCE = 8;
    public const BYTES_AT_ONCE = 2 * self::MOST;

    /** seconds without a part after which a file makes room for another */
    public const IDLE = 600;

    private const PARTS = '.part';
    private const TOLD = '.told';

    /** a file that is whole and waits to be listened to: nobody adds to it, and it is no longer idle */
    private const TAKEN = '.taken';

    public function __construct(private Kept $kept)
    {
    }

    /**
     * @param int $bytes that are to come
     * @param string $name of the file
     *
     * @return string what its parts are sent to
     *
     * @throws SoundFailed where it is too large
     * @throws NoRoom where too much is on its way already
     * @throws FullDisk
     */
    public function begin(int $bytes, string $name): string
    {
        if ($bytes > self::MOST) {
            throw new SoundFailed(
                sprintf('“%s” is larger than the limit of 1 GB. Export it at 48 kHz, 16 bit, or as FLAC.', $name),
                'file',
            );
        }
        $this->sweep(time() - self::IDLE);
        $coming = array_map(
            static fn (string $path): int => (int) @file_get_contents($path),
            $this->all(self::TOLD),
        );
        if (count($coming) >= self::AT_ONCE || array_sum($coming) + $bytes > self::BYTES_AT_ONCE) {
            throw new NoRoom(
                sprintf(
                    'So much is being sent already that “%s” has to wait: up to %d files and 2 GB come in at once.'
                        .' Try again when one is done, or cancel one; what stands still makes room after %d minutes.',
                    $name,
                    self::AT_ONCE,
                    intdiv(self::IDLE, 60),
                ),
            );
        }
        $id = Kept::newUlid();
        self::write($this->kept->room($id, self::TOLD), (string) $bytes);
        self::write($this->kept->room($id, self::PARTS), '');

        return $id;
    }

    /**
     * @return int how many bytes are here now
     *
     * @throws SoundFailed where the part is not the next one
     * @throws FullDisk
     */
    public function add(string $id, int $at, string $bytes): int
    {
        $path = $this->existing($id);
        clearstatcache(true, $path);
        $told = (int) @file_get_contents((string) $this->kept->find($id, self::TOLD));
        if (filesize($path) !== $at) {
            throw new SoundFailed('The upload was incomplete. Choose the file again.', 'file');
        }
        if ($at + strlen($bytes) > $told) {
            throw new SoundFailed('More of the file came than it was said to have. Choose the file again.', 'file');
        }
        if (@file_put_contents($path, $bytes, FILE_APPEND) !== strlen($bytes)) {
            // What came of the part would make the next one wrong.
            $file = @fopen($path, 'r+');
            if ($file !== false) {
                ftruncate($file, $at);
                fclose($file);
            }
            throw new FullDisk();
        }

        return $at + strlen($bytes);
    }

    /** @throws SoundFailed where there is no such file */
    public function existing(string $id): string
    {
        return $this->kept->find($id, self::PARTS)
            ?? throw new SoundFailed('This upload has expired. Choose the file again.', 'file');
    }

    /**
     * No more comes: it is to be listened to.
     *
     * @throws SoundFailed where there is no such file, or not all of it came
     */
    public function take(string $id): void
    {
        $path = $this->existing($id);
        clearstatcache(true, $path);
        if (filesize($path) !== (int) @file_get_contents((string) $this->kept->find($id, self::TOLD))) {
            throw new SoundFailed('Not all of the file came. Choose it again.', 'file');
        }
        @rename($path, $this->kept->room($id, self::TAKEN));
    }

    /** @throws SoundFailed where there is no such file */
    public function taken(string $id): string
    {
        return $this->kept->find($id, self::TAKEN)
            ?? throw new SoundFailed('This upload has expired. Choose the file again.', 'file');
    }

    public function drop(string $id): void
    {
        $this->kept->drop($id, [self::PARTS, self::TAKEN, self::TOLD]);
    }

    /**
     * Drops what nobody has added to since a moment.
     *
     * @param bool $withTaken those that wait to be listened to as well
     */
    public function sweep(int $since, bool $withTaken = false): void
    {
        foreach ($withTaken ? [self::PARTS, self::TAKEN] : [self::PARTS] as $ending) {
            foreach ($this->all($ending) as $path) {
                clearstatcache(true, $path);
                if ((int) @filemtime($path) < $since) {
                    $this->drop(basename($path, $ending));
                }
            }
        }
    }

    /** @return list<string> */
    private function all(string $ending): array
    {
        $files = glob($this->kept->folder.'/*'.$ending);

        return $files === false ? [] : $files;
    }

    private static function write(string $path, string $bytes): void
    {
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            throw new FullDisk();
        }
    }
}
