<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\Kept;

/**
 * A sign of life of a process that works on something: a lock that the system lets go when the process ends, however it
 * ends, and not before. So one that is busy, however long, is never taken for one that is gone.
 */
final readonly class Alive
{
    private const ENDING = '.alive';

    public function __construct(private Kept $kept)
    {
    }

    /**
     * @param string $id of what is worked on
     *
     * @return resource|null held until it is closed; null where somebody else holds it
     */
    public function hold(string $id): mixed
    {
        $file = @fopen($this->kept->room($id, self::ENDING), 'c');

        return $file !== false && flock($file, LOCK_EX | LOCK_NB) ? $file : null;
    }

    /** @param resource $held */
    public function letGo(string $id, mixed $held): void
    {
        $this->kept->drop($id, [self::ENDING]);
        fclose($held);
    }

    /** Whether somebody works on it. */
    public function isHeld(string $id): bool
    {
        $path = $this->kept->find($id, self::ENDING);
        $file = $path === null ? false : @fopen($path, 'r');
        if ($file === false) {
            return false;
        }
        $isFree = flock($file, LOCK_SH | LOCK_NB);
        fclose($file);

        return !$isFree;
    }

    /** @param int $since a moment; what nobody has held since then goes */
    public function sweep(int $since): void
    {
        $files = glob($this->kept->folder.'/*'.self::ENDING);
        foreach ($files === false ? [] : $files as $path) {
            if ((int) @filemtime($path) < $since && !$this->isHeld(basename($path, self::ENDING))) {
                @unlink($path);
            }
        }
    }
}
