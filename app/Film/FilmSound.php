<?php

declare(strict_types=1);

namespace App\Film;

use App\Voice\Ffmpeg;
use App\Voice\SoundFailed;
use App\Voice\SoundStore;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;

/** The narrator in a film: which file is heard, and what is done to it so that it begins and ends with the frames. */
final readonly class FilmSound
{
    /** samples a second that sounds are kept with */
    private const RATE = 48_000;

    private function __construct(
        public string $file,
        /** an audio filter of ffmpeg: it cuts, delays and sets the level, to the sample */
        public string $filter,
    ) {
    }

    /**
     * @return self|null where the piece has no recording in use, or it is not heard in the range
     *
     * @throws BadPiece where its sound is not on this machine
     */
    public static function of(Piece $piece, FrameRange $range, SoundStore $store): ?self
    {
        $recording = $piece->narration->inUse;
        if ($recording === null || $recording->sound === null || $recording->level <= 0.0) {
            return null;
        }
        if (!$store->has($recording->sound)) {
            throw new BadPiece(
                sprintf(
                    'The sound file of “%s” is missing. Add it again, or make the film without sound.',
                    $recording->name,
                ),
                'script.recordings',
            );
        }
        $stage = $piece->stage;
        $samples = static fn (float $milliseconds): int => (int) round(($milliseconds * self::RATE) / 1000);
        $length = $samples((($range->to - $range->from + 1) * 1000 * $stage->rateDenominator) / $stage->rateNumerator);
        // The moment of the sound with which the range begins; before its beginning there is silence.
        $first = $recording->millisecondsAt($range->from, $stage);
        $start = $samples(max($recording->from, $first));
        $delay = max(0, $samples($recording->from - $first));
        $end = min($samples($recording->to), $start + max(0, $length - $delay));
        if ($end <= $start || $delay >= $length) {
            return null;
        }

        return new self($store->path($recording->sound), implode(',', [
            sprintf('atrim=start_sample=%d:end_sample=%d', $start, $end),
            'asetpts=PTS-STARTPTS',
            sprintf('volume=%.4F', $recording->level),
            sprintf('adelay=%dS:all=1', $delay),
            sprintf('apad=whole_len=%d', $length),
            sprintf('atrim=end_sample=%d', $length),
        ]));
    }

    /**
     * The sound alone, as long as the frames.
     *
     * @throws SoundFailed
     */
    public function write(string $target, string $name): void
    {
        Ffmpeg::run(
            ['-i', $this->file, '-af', $this->filter, '-c:a', 'pcm_s16le', '-f', 'wav', $target],
            static fn (float $seconds) => null,
            $name,
        );
    }

    /**
     * The sound alone, small enough to be carried in a page: AAC in MP4.
     *
     * @throws SoundFailed
     */
    public function packed(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sound');
        try {
            Ffmpeg::run(
                [
                    '-i', $this->file, '-af', $this->filter, '-c:a', 'aac', '-b:a', '96k', '-movflags', '+faststart',
                    '-map_metadata', '-1', '-fflags', '+bitexact', '-f', 'mp4', $file,
                ],
                static fn (float $seconds) => null,
                basename($this->file),
            );

            return (string) file_get_contents($file);
        } finally {
            @unlink($file);
        }
    }

    public static function nothing(): FilmFailed
    {
        return new FilmFailed(
            'These frames are silent. Choose other frames or raise the level of the recording.',
        );
    }
}
