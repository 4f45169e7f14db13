<?php

declare(strict_types=1);

namespace App\Desk;

use Illuminate\Filesystem\Filesystem;

/**
 * What was computed of documents, as files, up to a number of bytes: what was not asked for the longest goes first.
 *
 * It is never needed: where a file is missing, spoilt or cannot be written, the thing is computed again.
 */
final readonly class KeptReels
{
    /** how much is thrown away at once, so that not every new file has to make room */
    private const ROOM = 0.8;

    public function __construct(private Filesystem $files, private string $folder, private int $mostBytes)
    {
    }

    /** @param \Closure(): string $compute JSON */
    public function remember(string $what, string $documentText, string $part, \Closure $compute): string
    {
        $file = $this->folder.'/'.$what.'-'.hash('sha256', $documentText).'-'.$part.'.json';
        $kept = is_file($file) && (int) @filemtime($file) >= self::madeBy() ? @file_get_contents($file) : false;
        // Its last sign tells that it is whole, even after a power cut.
        if (is_string($kept) && str_ends_with($kept, "}\n")) {
            @touch($file);

            return rtrim($kept);
        }
        $made = $compute();
        if (strlen($made) < $this->mostBytes / 4) {
            $this->keep($file, $made."\n");
        }

        return $made;
    }

    /** When what computes was changed last: what an older Lupine has made may be drawn otherwise by this one. */
    private static function madeBy(): int
    {
        static $newest = null;
        if ($newest === null) {
            $newest = 0;
            foreach ([base_path('core/src'), app_path('Desk')] as $folder) {
                /** @var \SplFileInfo $file */
                foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
                    $folder,
                    \FilesystemIterator::SKIP_DOTS,
                )) as $file) {
                    $newest = max($newest, $file->getMTime());
                }
            }
        }

        return $newest;
    }

    /** Throws all of it away. */
    public function clear(): void
    {
        $this->files->cleanDirectory($this->folder);
    }

    private function keep(string $file, string $text): void
    {
        try {
            $this->files->ensureDirectoryExists($this->folder);
            $this->files->replace($file, $text);
            if (random_int(0, 15) === 0) {
                $this->makeRoom();
            }
        } catch (\Throwable) {
            // A full disk, or somebody else who clears up: nothing is lost.
            @unlink($file);
        }
    }

    /** @return int bytes that are kept now */
    public function makeRoom(): int
    {
        $found = [];
        $bytes = 0;
        foreach (glob($this->folder.'/*.json') ?: [] as $file) {
            $size = @filesize($file);
            if ($size !== false) {
                $found[$file] = (int) @filemtime($file);
                $bytes += $size;
            }
        }
        if ($bytes > $this->mostBytes) {
            asort($found);
            foreach (array_keys($found) as $file) {
                if ($bytes <= $this->mostBytes * self::ROOM) {
                    break;
                }
                $bytes -= (int) @filesize($file);
                @unlink($file);
            }
        }

        return $bytes;
    }
}
