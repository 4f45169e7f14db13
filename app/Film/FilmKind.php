<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\Settings\BadPiece;

/** The kinds of film file; the value names them in requests. */
enum FilmKind: string
{
    /** H.264, 4:2:0: opens everywhere, without transparency */
    case Mp4 = 'mp4';

    /** ProRes 4444 with transparency, for video editors */
    case Mov = 'mov';

    /** ProRes 422 HQ, for video editors that need no transparency */
    case Hq = 'hq';

    /** VP9 with transparency, for pages and lighter files */
    case Webm = 'webm';

    /** every frame as a PNG with transparency, in one ZIP */
    case Zip = 'zip';

    /** the narrator alone, as long as the frames: PCM, 48,000 samples a second */
    case Wav = 'wav';

    /** @throws BadPiece where the name ends in none of them */
    public static function ofFile(string $name): self
    {
        $ending = strtolower(pathinfo($name, PATHINFO_EXTENSION));

        return array_column(self::cases(), null, 'value')[$ending === self::Hq->value ? '' : $ending]
            ?? throw new BadPiece('The file name must end in .mp4, .mov, .webm, .zip or .wav.', $name);
    }

    public function hasTransparency(): bool
    {
        return $this !== self::Mp4 && $this !== self::Hq;
    }

    /** Whether frames are painted for it. */
    public function hasPicture(): bool
    {
        return $this !== self::Wav;
    }

    /** Whether a file of it can hold the narrator. */
    public function hasSound(): bool
    {
        return $this !== self::Zip;
    }

    /** Whether a file of it says the timecode of its first frame. */
    public function hasTimecode(): bool
    {
        return $this === self::Mov || $this === self::Hq;
    }

    /** How the names of its files end. */
    public function ending(): string
    {
        return $this === self::Hq ? self::Mov->value : $this->value;
    }

    public function contentType(): string
    {
        return match ($this) {
            self::Mp4 => 'video/mp4',
            self::Mov, self::Hq => 'video/quicktime',
            self::Webm => 'video/webm',
            self::Zip => 'application/zip',
            self::Wav => 'audio/wav',
        };
    }
}
