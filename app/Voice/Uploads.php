<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use Illuminate\Support\Str;

/** Files that come in parts, so that a long one shows how far it is, can be given up, and takes no memory. */
final readonly class Uploads
{
    /** of a part, in bytes */
    public const PART = 4_000_000;

    /** of a file, in bytes: half an hour of two channels at 96,000 samples of 24 bits */
    public const MOST = 1_040_000_000;

    public function __construct(private string $folder)
    {
    }

    public function begin(int $bytes, string $name): string
    {
        if ($bytes > self::MOST) {
            throw new SoundFailed(
                sprintf('“%s” is larger than 1 GB, the limit. Export it at 48 kHz, 16 bit, or as FLAC.', $name),
                'file',
            );
        }
        @mkdir($this->folder, 0775, true);
        $id = strtolower((string) Str::ulid());
        if (@file_put_contents($this->path($id), '') === false) {
            throw new SoundFailed(FullDisk::SENTENCE);
        }

        return $id;
    }

    /** @return int how many bytes are here now */
    public function add(string $id, int $at, string $bytes): int
    {
        $path = $this->existing($id);
        clearstatcache(true, $path);
        if (filesize($path) !== $at) {
            throw new SoundFailed('A part of the file came twice or is missing. Choose the file again.', 'file');
        }
        if ($at + strlen($bytes) > self::MOST || @file_put_contents($path, $bytes, FILE_APPEND) !== strlen($bytes)) {
            throw new SoundFailed(FullDisk::SENTENCE);
        }

        return $at + strlen($bytes);
    }

    public function existing(string $id): string
    {
        $path = $this->path($id);
        if (!is_file($path)) {
            throw new SoundFailed('This file is not here any more. Choose it again.', 'file');
        }

        return $path;
    }

    public function drop(string $id): void
    {
        @unlink($this->path($id));
    }

    /** Drops what nobody has added to since a moment. */
    public function sweep(int $since): void
    {
        $files = glob($this->folder.'/*.part');
        foreach ($files === false ? [] : $files as $file) {
            if ((int) @filemtime($file) < $since) {
                @unlink($file);
            }
        }
    }

    private function path(string $id): string
    {
        return $this->folder.'/'.preg_replace('/[^0-9a-z]/', '', $id).'.part';
    }
}
