<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use App\Models\Sound;
use Lupine\Core\Voice\MelBands;
use Lupine\Core\Voice\Pauses;
use Lupine\Core\Voice\Sound as Listened;

/** The sounds that pieces use: files beside the database, each by its fingerprint, with the picture of its level. */
final readonly class SoundStore
{
    /** samples of one level: 2 ms at 16,000 a second */
    private const LEVEL_SAMPLES = 32;

    /** below it a sound is silent: −60 dB of the loudest that a file can hold */
    private const SILENT = 33;

    public function __construct(private string $folder)
    {
    }

    /** @throws SoundFailed where it is not on this machine */
    public function path(string $id): string
    {
        $path = $this->pathOf($id);
        if (!is_file($path)) {
            throw new SoundFailed(
                'The sound of this recording is not on this machine. Add its file again; the words keep their times.',
                'script.recordings',
            );
        }

        return $path;
    }

    public function has(string $id): bool
    {
        return is_file($this->pathOf($id));
    }

    public function drop(string $id): void
    {
        foreach (['flac', 'levels', 'pauses'] as $ending) {
            @unlink($this->pathOf($id, $ending));
        }
        Sound::query()->whereKey($id)->delete();
    }

    /** The level every 2 ms, a byte each: 255 is the loudest that a file can hold. */
    public function levels(string $id): string
    {
        $this->path($id);

        return (string) file_get_contents($this->pathOf($id, 'levels'));
    }

    /** @return list<array{float, float}> where nobody speaks, in milliseconds of the whole */
    public function pauses(string $id): array
    {
        $this->path($id);

        return json_decode((string) file_get_contents($this->pathOf($id, 'pauses')), true);
    }

    /**
     * Samples to be listened to: 16,000 a second, 16 bits, one channel.
     *
     * @param float $from and
     * @param float $to in seconds of the sound
     */
    public function samples(string $id, float $from, float $to): string
    {
        return Ffmpeg::output([
            '-ss', sprintf('%.6F', $from), '-i', $this->path($id), '-t', sprintf('%.6F', max(0.0, $to - $from)),
            '-f', 's16le', '-ac', '1', '-ar', '16000', '-',
        ]);
    }

    /**
     * Keeps a file as FLAC, 48,000 samples a second.
     *
     * @param list<string> $input arguments of ffmpeg that say what the file is
     * @param string $name of the file as people know it
     * @param float $seconds of it, as far as is known; 0 where it is not
     */
    public function keep(array $input, string $name, float $seconds, Course $course): Sound
    {
        return $this->half(function (string $half) use ($input, $name, $seconds, $course): Sound {
            // Metadata and the encoder's name stay out, so that the same sound has the same fingerprint.
            Ffmpeg::run([
                ...$input,
                '-map', '0:a:0', '-map_metadata', '-1', '-fflags', '+bitexact', '-flags:a', '+bitexact',
                '-ar', '48000', '-sample_fmt', 's16', '-c:a', 'flac', '-f', 'flac', $half.'.flac',
            ], static fn (float $done) => $course->at($seconds > 0 ? $done / $seconds : 0.0), $name);

            return $this->take($half, $name, static fn (float $done) => $course->at($done));
        });
    }

    /** Takes a file that was kept before, here or elsewhere, as it is. */
    public function adopt(string $file, string $name): Sound
    {
        return $this->half(function (string $half) use ($file, $name): Sound {
            if (!@copy($file, $half.'.flac')) {
                throw new SoundFailed(FullDisk::SENTENCE);
            }

            return $this->take($half, $name, static fn (float $done) => null);
        });
    }

    /** @param \Closure(string): Sound $work is given a name, without its ending, for what it writes */
    private function half(\Closure $work): Sound
    {
        @mkdir($this->folder, 0775, true);
        $half = $this->folder.'/'.bin2hex(random_bytes(8));
        try {
            return $work($half);
        } finally {
            foreach (['flac', 'levels', 'pauses'] as $ending) {
                @unlink($half.'.'.$ending);
            }
        }
    }

    /** @param \Closure(float): void $progress */
    private function take(string $half, string $name, \Closure $progress): Sound
    {
        $length = $this->level($half, $name);
        $this->notePauses($half, $progress);
        $id = (string) hash_file('sha256', $half.'.flac');
        foreach (['levels', 'pauses', 'flac'] as $ending) {
            if (!@rename($half.'.'.$ending, $this->pathOf($id, $ending))) {
                throw new SoundFailed(FullDisk::SENTENCE);
            }
        }

        return Sound::query()->updateOrCreate(['id' => $id], ['name' => $name, 'seconds' => $length]);
    }

    /** @param \Closure(float): void $progress */
    private function notePauses(string $half, \Closure $progress): void
    {
        $samples = Ffmpeg::output(['-i', $half.'.flac', '-f', 's16le', '-ac', '1', '-ar', '16000', '-']);
        $bands = MelBands::of(Listened::ofSamples($samples), $progress);
        $pauses = Pauses::in($bands);
        file_put_contents($half.'.pauses', json_encode(array_map(
            static fn (array $run): array => [$run[0] * 10, $run[1] * 10],
            $pauses->runs,
        ), JSON_THROW_ON_ERROR));
    }

    /** @return float its length in seconds */
    private function level(string $half, string $name): float
    {
        $levels = @fopen($half.'.levels', 'w');
        if ($levels === false) {
            throw new SoundFailed(FullDisk::SENTENCE);
        }
        $rest = '';
        $loudest = 0;
        $samples = 0;
        $bytes = 2 * self::LEVEL_SAMPLES;
        foreach (Ffmpeg::chunks(['-i', $half.'.flac', '-f', 's16le', '-ac', '1', '-ar', '16000', '-']) as $chunk) {
            $samples += intdiv(strlen($chunk), 2);
            $rest .= $chunk;
            $whole = intdiv(strlen($rest), $bytes) * $bytes;
            $line = '';
            for ($at = 0; $at < $whole; $at += $bytes) {
                /** @var non-empty-array<int, int> $values */
                $values = unpack('s*', substr($rest, $at, $bytes));
                $level = max(max($values), -min($values));
                $loudest = max($loudest, $level);
                $line .= chr(min(255, $level >> 7));
            }
            fwrite($levels, $line);
            $rest = substr($rest, $whole);
        }
        fclose($levels);
        if ($samples === 0) {
            throw new SoundFailed(sprintf('“%s” holds no sound. Choose another file.', $name), 'file');
        }
        if ($loudest < self::SILENT) {
            throw new SoundFailed(
                sprintf(
                    'There is nothing to hear in “%s”: its loudest moment is %s. Was the right track recorded?',
                    $name,
                    $loudest === 0 ? 'silence' : sprintf('at %.0f dB', 20 * log10($loudest / 32768)),
                ),
                'file',
            );
        }

        return $samples / 16_000;
    }

    private function pathOf(string $id, string $ending = 'flac'): string
    {
        return $this->folder.'/'.preg_replace('/[^0-9a-f]/', '', $id).'.'.$ending;
    }
}
