<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\Sound;

/** A text that was spoken: the file with its sound, and when its words are said in it. */
final readonly class Spoken
{
    public function __construct(
        /** 16 bits a sample, one channel, nothing else */
        public string $file,
        public int $rate,
        /** @var list<list<KnownWord>> of each line */
        public array $words,
        /** @var list<array{int, int}> of each line its first sample and the one after its last */
        public array $lines,
    ) {
    }

    /** All of it, to be listened to. */
    public function sound(): Sound
    {
        $samples = intdiv((int) @filesize($this->file), 2);

        return Sound::ofPieces(Ffmpeg::pieces([
            '-f', 's16le', '-ar', (string) $this->rate, '-ac', '1', '-i', $this->file,
            '-f', 's16le', '-ac', '1', '-ar', (string) Sound::RATE, '-',
        ]), (int) ($samples * Sound::RATE / $this->rate));
    }

    /** A line of it, to be listened to. */
    public function soundOf(int $line): Sound
    {
        [$from, $to] = $this->lines[$line];

        return Sound::ofPieces(Ffmpeg::pieces([
            '-f', 's16le', '-ar', (string) $this->rate, '-ac', '1', '-i', $this->file,
            '-af', sprintf('atrim=start_sample=%d:end_sample=%d', $from, $to),
            '-f', 's16le', '-ac', '1', '-ar', (string) Sound::RATE, '-',
        ]), (int) (($to - $from) * Sound::RATE / $this->rate));
    }

    /** The samples of a line. */
    public function samplesOf(int $line): string
    {
        [$from, $to] = $this->lines[$line];

        return (string) @file_get_contents($this->file, false, null, 2 * $from, max(0, 2 * ($to - $from)));
    }

    public function drop(): void
    {
        @unlink($this->file);
    }
}
