<?php

declare(strict_types=1);

namespace App\Batch;

use App\Disk\FullDisk;

/** What is in a folder of a batch: each file with the fingerprint of what it was made of, kept from run to run. */
final class MadeFiles
{
    public const NAME = '.made.json';

    /** @param array<string, array{made: string, bytes: int}> $known by file name */
    private function __construct(private readonly string $folder, private array $known)
    {
    }

    public static function in(string $folder): self
    {
        $read = json_decode((string) @file_get_contents($folder.'/'.self::NAME), true);
        $known = [];
        foreach (is_array($read) ? $read : [] as $name => $one) {
            if (is_array($one) && is_string($one['made'] ?? null) && is_int($one['bytes'] ?? null)) {
                $known[(string) $name] = ['made' => $one['made'], 'bytes' => $one['bytes']];
            }
        }

        return new self($folder, $known);
    }

    /** Whether a file is there, whole, and was made of the same. */
    public function has(string $name, string $fingerprint): bool
    {
        $one = $this->known[$name] ?? null;

        return $one !== null && $one['made'] === $fingerprint
            && @filesize($this->folder.'/'.$name) === $one['bytes'];
    }

    /** @throws FullDisk */
    public function keep(string $name, string $fingerprint): void
    {
        $this->known[$name] = ['made' => $fingerprint, 'bytes' => (int) filesize($this->folder.'/'.$name)];
        $text = json_encode($this->known, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
        $half = $this->folder.'/'.self::NAME.'.half';
        // Written beside its place: a run that is stopped here leaves what there was.
        if (@file_put_contents($half, $text) !== strlen($text) || !@rename($half, $this->folder.'/'.self::NAME)) {
            throw new FullDisk();
        }
    }
}
