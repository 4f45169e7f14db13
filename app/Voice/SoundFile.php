<?php

declare(strict_types=1);

namespace App\Voice;

/** A file that is to be read as sound: where it is, what it was called, and what it is by its contents. */
final readonly class SoundFile
{
    private function __construct(public string $path, public string $name, public SoundKind $kind)
    {
    }

    /** @throws SoundFailed where it is of no kind that is read */
    public static function of(string $path, string $name): self
    {
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw new SoundFailed(sprintf('“%s” is empty. Choose another file.', $name), 'file');
        }

        return new self($path, $name, SoundKind::ofFile($path) ?? throw new SoundFailed(
            sprintf(
                '“%s” cannot be read as sound: it is no WAV, MP3, M4A, OGG, WebM or FLAC file. Export it as one of them.',
                $name,
            ),
            'file',
        ));
    }
}
