<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Settings\Field;

/**
 * A sound that is put together of parts of others and of silence. Parts of another sound than the first are as loud as
 * that: by their loudness after EBU R 128, over all of each sound that is used.
 */
final readonly class SplicedSound
{
    private const MOST = 900;

    /** seconds over which a part fades in and out, so that no cut is heard */
    private const FADE = 0.004;

    /** decibels that a part is made louder or quieter, at most */
    private const MOST_GAIN = 18.0;

    /** @param list<array{sound: string|null, from: float, length: float}> $parts in seconds; no sound: silence */
    private function __construct(private array $parts)
    {
    }

    public static function asked(Field $asked): self
    {
        $parts = array_map(static fn (Field $part): array => [
            'sound' => $part->get('sound')->isNull() ? null : $part->get('sound')->text(64),
            'from' => $part->get('from')->number(0, HeardWord::MOST_MILLISECONDS, 0) / 1000,
            'length' => $part->get('length')->number(0, HeardWord::MOST_MILLISECONDS) / 1000,
        ], $asked->get('parts')->items(self::MOST));

        return new self(array_values(array_filter($parts, static fn (array $part): bool => $part['length'] > 0)));
    }

    public function seconds(): float
    {
        return array_sum(array_column($this->parts, 'length'));
    }

    /**
     * @return list<string> arguments of ffmpeg that make the sound, up to what is to be done with it
     *
     * @throws SoundFailed where there is nothing in it
     */
    public function input(SoundStore $store): array
    {
        $sounds = array_values(array_unique(array_filter(array_column($this->parts, 'sound'), is_string(...))));
        if ($sounds === []) {
            throw new SoundFailed('Nothing of the recording would be left. Cut less of it.', 'parts');
        }
        $inputs = $chains = [];
        foreach ($sounds as $sound) {
            array_push($inputs, ...[...SoundKind::Flac->opened(), '-i', $store->path($sound)]);
        }
        $gains = $this->gains($sounds, $store);
        $labels = '';
        foreach ($this->parts as $place => ['sound' => $sound, 'from' => $from, 'length' => $length]) {
            $chains[] = $sound === null
                ? sprintf('aevalsrc=0|0:s=48000:d=%.6F[p%d]', $length, $place)
                : sprintf(
                    '[%d:a]aformat=sample_rates=48000:channel_layouts=stereo,atrim=%.6F:%.6F,asetpts=PTS-STARTPTS,'
                        .'volume=%.3FdB,afade=t=in:d=%.4F,afade=t=out:st=%.6F:d=%.4F[p%d]',
                    (int) array_search($sound, $sounds, true),
                    $from,
                    $from + $length,
                    $gains[$sound],
                    self::FADE,
                    max(0.0, $length - self::FADE),
                    self::FADE,
                    $place,
                );
            $labels .= "[p{$place}]";
        }
        $chains[] = sprintf('%sconcat=n=%d:v=0:a=1[all]', $labels, count($this->parts));

        return [...$inputs, '-filter_complex', implode(';', $chains), '-map', '[all]'];
    }

    /**
     * @param list<string> $sounds
     *
     * @return array<string, float> decibels by sound; the first stays as it is
     */
    private function gains(array $sounds, SoundStore $store): array
    {
        $gains = [$sounds[0] => 0.0];
        $first = count($sounds) > 1 ? $this->loudness($sounds[0], $store) : null;
        foreach (array_slice($sounds, 1) as $sound) {
            $own = $this->loudness($sound, $store);
            $gains[$sound] = $first === null || $own === null
                ? 0.0
                : max(-self::MOST_GAIN, min(self::MOST_GAIN, $first - $own));
        }

        return $gains;
    }

    /** Integrated loudness of what is used of a sound, in LUFS (EBU R 128); null where it is too short or silent. */
    private function loudness(string $sound, SoundStore $store): ?float
    {
        [$from, $to] = [INF, 0.0];
        foreach ($this->parts as $part) {
            if ($part['sound'] === $sound) {
                [$from, $to] = [min($from, $part['from']), max($to, $part['from'] + $part['length'])];
            }
        }

        return Ffmpeg::loudness($store->path($sound), $from, $to);
    }
}
