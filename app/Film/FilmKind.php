<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\Settings\BadPiece;

/** The kinds of file that are made of a piece in the queue; the value names them in requests. */
enum FilmKind: string
{
    /** H.264, 4:2:0: opens everywhere, without transparency */
    case Mp4 = 'mp4';

    /** H.264 at half size, without motion blur, its timecode burnt in: to be looked at soon */
    case Draft = 'draft';

    /** ProRes 4444 with transparency, for video editors */
    case Mov = 'mov';

    /** ProRes 422 HQ, for video editors that need no transparency */
    case Hq = 'hq';

    /** the transparency alone as greys, ProRes 422 HQ */
    case Matte = 'matte';

    /** VP9 with transparency, for pages and lighter files */
    case Webm = 'webm';

    /** every frame as a PNG with transparency, in one ZIP */
    case Zip = 'zip';

    /** the same, of 16 bits a colour */
    case Zip16 = 'zip16';

    /** the narrator alone, as long as the frames: PCM, 48,000 samples a second */
    case Wav = 'wav';

    /** 256 colours, without half-transparency, playing without end */
    case Gif = 'gif';

    /** all colours and every opacity, playing without end */
    case Apng = 'apng';
    case Webp = 'webp';

    /** one HTML file with a player and all that it needs */
    case Page = 'page';

    /** an animated SVG that plays by itself */
    case Svg = 'svg';

    /** kinds that `lupine:film` makes by the ending of a file's name */
    private const BY_ENDING = [
        'mp4' => self::Mp4, 'mov' => self::Mov, 'webm' => self::Webm, 'zip' => self::Zip, 'wav' => self::Wav,
        'gif' => self::Gif, 'apng' => self::Apng, 'webp' => self::Webp, 'html' => self::Page, 'svg' => self::Svg,
    ];

    /** @throws BadPiece where the name ends in none of them */
    public static function ofFile(string $name): self
    {
        return self::BY_ENDING[strtolower(pathinfo($name, PATHINFO_EXTENSION))] ?? throw new BadPiece(
            'The file name must end in .mp4, .mov, .webm, .zip, .wav, .gif, .apng, .webp, .html or .svg.',
            $name,
        );
    }

    public function hasTransparency(): bool
    {
        return !in_array($this, [self::Mp4, self::Draft, self::Hq], true);
    }

    /** Whether ffmpeg makes it of painted frames. */
    public function isPainted(): bool
    {
        return !in_array($this, [self::Wav, self::Page, self::Svg], true);
    }

    /** Whether it has a shape: a sound has none. */
    public function hasPicture(): bool
    {
        return $this !== self::Wav;
    }

    /** Whether a file of it can hold the narrator. */
    public function hasSound(): bool
    {
        return !$this->isFrames() && !$this->isLoop() && $this !== self::Matte && $this !== self::Svg;
    }

    /** Whether a file of it says the timecode of its first frame. */
    public function hasTimecode(): bool
    {
        return in_array($this, [self::Mov, self::Hq, self::Matte, self::Draft], true);
    }

    /** Whether it holds each frame by itself. */
    public function isFrames(): bool
    {
        return $this === self::Zip || $this === self::Zip16;
    }

    /** Whether it is a picture that plays without end, of any size and of fewer frames a second. */
    public function isLoop(): bool
    {
        return in_array($this, [self::Gif, self::Apng, self::Webp], true);
    }

    /** Whether what moves is blurred in it where the piece has a shutter. */
    public function hasShutter(): bool
    {
        return !in_array($this, [self::Draft, self::Page, self::Svg], true);
    }

    /** Whether it goes before films in the queue: it takes a moment, or is wanted in one. */
    public function isSoon(): bool
    {
        return in_array($this, [self::Wav, self::Draft, self::Page, self::Svg], true);
    }

    /** How the names of its files end, after a point. */
    public function ending(): string
    {
        return match ($this) {
            self::Draft => self::Mp4->value,
            self::Hq, self::Matte => self::Mov->value,
            self::Zip16 => self::Zip->value,
            self::Page => 'html',
            default => $this->value,
        };
    }

    /** What is put after the title in the name of a file, so that files of one ending are told apart. */
    public function suffix(): string
    {
        return match ($this) {
            self::Draft, self::Matte => '-'.$this->value,
            self::Zip16 => '-16-bit',
            default => '',
        };
    }

    public function contentType(): string
    {
        return match ($this) {
            self::Mp4, self::Draft => 'video/mp4',
            self::Mov, self::Hq, self::Matte => 'video/quicktime',
            self::Webm => 'video/webm',
            self::Zip, self::Zip16 => 'application/zip',
            self::Wav => 'audio/wav',
            self::Gif => 'image/gif',
            self::Apng => 'image/apng',
            self::Webp => 'image/webp',
            self::Page => 'text/html; charset=utf-8',
            self::Svg => 'image/svg+xml',
        };
    }

    /** @return class-string<Maker> */
    public function maker(): string
    {
        return match ($this) {
            self::Wav => SoundMaker::class,
            self::Page => PageMaker::class,
            self::Svg => SvgMaker::class,
            default => FilmMaker::class,
        };
    }
}
