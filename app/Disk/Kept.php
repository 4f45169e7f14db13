<?php

declare(strict_types=1);

namespace App\Disk;

use Illuminate\Support\Str;

/**
 * A folder whose files are named by ids. What is asked for is checked to be an id before a path is made of it, here and
 * nowhere else, so that no text from outside ever becomes a path.
 */
final readonly class Kept
{
    private const FINGERPRINT = '/^[0-9a-f]{64}$/D';
    private const ULID = '/^[0-9a-hjkmnp-tv-z]{26}$/D';

    private function __construct(public string $folder, private string $pattern)
    {
    }

    /** Files named by the SHA-256 of what is in them, in hexadecimal digits. */
    public static function byFingerprint(string $folder): self
    {
        return new self($folder, self::FINGERPRINT);
    }

    /** Files named by ULIDs in small letters. */
    public static function byUlid(string $folder): self
    {
        return new self($folder, self::ULID);
    }

    public static function newUlid(): string
    {
        return strtolower((string) Str::ulid());
    }

    /** Where the file of an id is; null where there is none, or where that is no id at all. */
    public function find(string $id, string $ending = ''): ?string
    {
        $path = $this->place($id, $ending);

        return $path !== null && is_file($path) ? $path : null;
    }

    /** Where the file of an id is or would be; null where that is no id. */
    public function place(string $id, string $ending = ''): ?string
    {
        return preg_match($this->pattern, $id) === 1 ? $this->folder.'/'.$id.$ending : null;
    }

    /** Where a new file goes, in a folder that is there. */
    public function room(string $id, string $ending = ''): string
    {
        @mkdir($this->folder, 0775, true);

        return $this->place($id, $ending) ?? throw new \LogicException('What is kept is named by an id.');
    }

    /** Keeps what can be made again: it is there whole, or, where the disk is full, not at all. */
    public function keep(string $id, string $content, string $ending = ''): void
    {
        $room = $this->room($id, $ending);
        $new = $room.'.'.self::newUlid();
        if (@file_put_contents($new, $content) === strlen($content)) {
            @rename($new, $room);
        }
    }

    /** @param list<string> $endings */
    public function drop(string $id, array $endings = ['']): void
    {
        foreach ($endings as $ending) {
            $path = $this->find($id, $ending);
            if ($path !== null) {
                @unlink($path);
            }
        }
    }
}
