<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use App\Disk\Kept;
use App\Models\Sound;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Voice\MelBands;
use Lupine\Core\Voice\Pauses;
use Lupine\Core\Voice\Sound as Listened;

/** The sounds that pieces use: files beside the database, each by its fingerprint, with the picture of its level. */
final readonly class SoundStore
{
    /** how the names of a sound's files end: itself, its level, its pauses */
    private const SOUND = '.flac';
    private const LEVELS = '.levels';
    private const PAUSES = '.pauses';
    private const PARTS = [self::LEVELS, self::PAUSES, self::SOUND];

    /** channels that ffmpeg knows how to mix down */
    private const MOST_CHANNELS = 8;

    /** bytes of half an hour of two channels that could not be made smaller */
    private const MOST_BYTES = 360_000_000;

    /** samples of one level: 2 ms at 16,000 a second */
    private const LEVEL_SAMPLES = 32;

    /** below it a sound is silent: −60 dB of the loudest that a file can hold */
    private const SILENT = 33;

    public function __construct(private Kept $kept)
    {
    }

    /** @throws SoundFailed where it is not on this machine */
    public function path(string $id): string
    {
        return $this->kept->find($id, self::SOUND) ?? throw new SoundFailed(
            'The sound file of this recording is missing. Add it again; word times are kept.',
            'script.recordings',
        );
    }

    public function has(string $id): bool
    {
        return $this->kept->find($id, self::SOUND) !== null;
    }

    public function drop(string $id): void
    {
        $this->kept->drop($id, self::PARTS);
        Sound::query()->whereKey($id)->delete();
    }

    /** The level every 2 ms, a byte each: 255 is the loudest that a file can hold. */
    public function levels(string $id): string
    {
        $this->path($id);

        return (string) file_get_contents((string) $this->kept->find($id, self::LEVELS));
    }

    /** @return list<array{float, float}> where nobody speaks, in milliseconds of the whole */
    public function pauses(string $id): array
    {
        $this->path($id);

        return json_decode((string) file_get_contents((string) $this->kept->find($id, self::PAUSES)), true);
    }

    /**
     * A sound to be listened to.
     *
     * @param float $from and
     * @param float $to in seconds of it
     */
    public function sound(string $id, float $from, float $to): Listened
    {
        $seconds = max(0.0, $to - $from);

        return self::listened(
            ['-ss', sprintf('%.6F', $from), '-t', sprintf('%.6F', $seconds), ...SoundKind::Flac->opened()],
            $this->path($id),
            $seconds,
        );
    }

    /**
     * Keeps a file as FLAC, 48,000 samples a second. How long it is is measured, whatever it says.
     *
     * @throws SoundFailed
     * @throws FullDisk
     */
    public function keep(SoundFile $file, ToldSound $told, Course $course): Sound
    {
        if ($told->channels > self::MOST_CHANNELS) {
            throw new SoundFailed(
                sprintf(
                    '“%s” has %d channels; the limit is %d. Mix it down to one or two and add that.',
                    $file->name,
                    $told->channels,
                    self::MOST_CHANNELS,
                ),
                'file',
            );
        }
        $input = [...$file->kind->opened(), '-t', (string) (Recording::LONGEST + 1), '-i', $file->path, '-ac', '2'];

        return $this->encoded($input, $file->name, $told->seconds ?? (float) Recording::LONGEST, $course);
    }

    /**
     * Keeps samples that a scratch voice spoke: 16 bits, one channel.
     *
     * @throws SoundFailed
     * @throws FullDisk
     */
    public function keepSpoken(string $path, int $rate, string $name, Course $course): Sound
    {
        return $this->encoded(
            ['-f', 's16le', '-ar', (string) $rate, '-ac', '1', '-i', $path],
            $name,
            (int) @filesize($path) / 2 / $rate,
            $course,
        );
    }

    /**
     * Keeps a sound that is put together of others.
     *
     * @throws SoundFailed
     * @throws FullDisk
     */
    public function keepSpliced(SplicedSound $spliced, string $name, Course $course): Sound
    {
        return $this->encoded($spliced->input($this), $name, $spliced->seconds(), $course, []);
    }

    /**
     * @param list<string> $input arguments of ffmpeg that say what the file is
     * @param string $name of the file as people know it
     * @param float $seconds of it, as far as is known
     * @param list<string> $map which of it is taken
     */
    private function encoded(
        array $input,
        string $name,
        float $seconds,
        Course $course,
        array $map = ['-map', '0:a:0'],
    ): Sound {
        return $this->half(function (string $half) use ($input, $name, $seconds, $course, $map): Sound {
            // Metadata and the encoder's name stay out, so that the same sound has the same fingerprint.
            Ffmpeg::run([
                ...$input,
                ...$map, '-map_metadata', '-1', '-fflags', '+bitexact', '-flags:a', '+bitexact',
                '-t', (string) (Recording::LONGEST + 1), '-fs', (string) self::MOST_BYTES,
                '-ar', '48000', '-sample_fmt', 's16', '-c:a', 'flac', '-f', 'flac', $half.self::SOUND,
            ], static fn (float $done) => $course->at($seconds > 0 ? $done / $seconds : 0.0), $name);

            return $this->take($half, $name, static fn (float $done) => $course->at($done));
        });
    }

    /** Takes a file that was kept before, here or elsewhere, as it is. */
    public function adopt(string $file, string $name): Sound
    {
        return $this->half(function (string $half) use ($file, $name): Sound {
            if (!@copy($file, $half.self::SOUND)) {
                throw new FullDisk();
            }

            return $this->take($half, $name, static fn (float $done) => null);
        });
    }

    /** @param \Closure(string): Sound $work is given a name, without its ending, for what it writes */
    private function half(\Closure $work): Sound
    {
        $half = $this->kept->room(bin2hex(random_bytes(32)));
        try {
            return $work($half);
        } finally {
            $this->kept->drop(basename($half), self::PARTS);
        }
    }

    /** @param \Closure(float): void $progress */
    private function take(string $half, string $name, \Closure $progress): Sound
    {
        $length = $this->level($half, $name);
        if ($length > Recording::LONGEST + 0.01) {
            throw new SoundFailed(
                sprintf(
                    '“%s” is longer than the limit of %d minutes. Trim it to the part you need and add that.',
                    $name,
                    intdiv(Recording::LONGEST, 60),
                ),
                'file',
            );
        }
        $this->notePauses($half, $length, $progress);
        $id = (string) hash_file('sha256', $half.self::SOUND);
        foreach (self::PARTS as $ending) {
            if (!@rename($half.$ending, $this->kept->room($id, $ending))) {
                throw new FullDisk();
            }
        }

        return Sound::query()->updateOrCreate(['id' => $id], ['name' => $name, 'seconds' => $length]);
    }

    /**
     * @param float $seconds of the sound
     * @param \Closure(float): void $progress
     */
    private function notePauses(string $half, float $seconds, \Closure $progress): void
    {
        $sound = self::listened(SoundKind::Flac->opened(), $half.self::SOUND, $seconds);
        $pauses = Pauses::in(MelBands::of($sound, $progress));
        $noted = json_encode(array_map(
            static fn (array $run): array => [$run[0] * 10, $run[1] * 10],
            $pauses->runs,
        ), JSON_THROW_ON_ERROR);
        if (@file_put_contents($half.self::PAUSES, $noted) !== strlen($noted)) {
            throw new FullDisk();
        }
    }

    /**
     * @param list<string> $how arguments of ffmpeg before the file
     * @param float $seconds as far as is known
     */
    private static function listened(array $how, string $path, float $seconds): Listened
    {
        $rate = (string) Listened::RATE;

        return Listened::ofPieces(
            Ffmpeg::pieces([...$how, '-i', $path, '-f', 's16le', '-ac', '1', '-ar', $rate, '-']),
            (int) ($seconds * Listened::RATE),
        );
    }

    /** @return float its length in seconds */
    private function level(string $half, string $name): float
    {
        $levels = @fopen($half.self::LEVELS, 'w');
        if ($levels === false) {
            throw new FullDisk();
        }
        $rest = '';
        $loudest = 0;
        $samples = 0;
        $bytes = 2 * self::LEVEL_SAMPLES;
        $decoded = ['-i', $half.self::SOUND, '-f', 's16le', '-ac', '1', '-ar', '16000', '-'];
        foreach (Ffmpeg::pieces([...SoundKind::Flac->opened(), ...$decoded]) as $piece) {
            $samples += intdiv(strlen($piece), 2);
            $rest .= $piece;
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
            throw new SoundFailed(sprintf('“%s” contains no sound. Choose another file.', $name), 'file');
        }
        if ($loudest < self::SILENT) {
            throw new SoundFailed(
                sprintf(
                    '“%s” is %s. Check that the right track was recorded.',
                    $name,
                    $loudest === 0
                        ? 'silent'
                        : sprintf('almost silent: its loudest moment is at %.0f dB', 20 * log10($loudest / 32768)),
                ),
                'file',
            );
        }

        return $samples / 16_000;
    }
}
