<?php

declare(strict_types=1);

namespace App\Voice;

/**
 * The kinds of file that a sound can come in. Which one a file is its first bytes say, not its name, and it is opened
 * as that and nothing else: a list of other files, which ffmpeg would follow, is none of them.
 */
enum SoundKind: string
{
    case Wav = 'wav';
    case Mp3 = 'mp3';
    /** M4A, MP4 and MOV are one kind of container (ISO/IEC 14496-12) */
    case M4a = 'mov';
    case Ogg = 'ogg';
    case Flac = 'flac';
    /** WebM, as browsers record it, and Matroska (RFC 9559) */
    case Webm = 'matroska';

    private const BOXES = ['ftyp', 'moov', 'mdat', 'wide', 'free', 'skip'];

    /** @return self|null null where it is none of them */
    public static function ofFile(string $path): ?self
    {
        $begin = (string) file_get_contents($path, false, null, 0, 16);
        if (str_starts_with($begin, 'ID3') && strlen($begin) >= 10) {
            // A tag stands before the sound. Its length: four times seven bits (ID3v2.4.0, 3.1).
            $length = 10;
            foreach ([6, 7, 8, 9] as $place => $at) {
                $length += (ord($begin[$at]) & 0x7F) << (7 * (3 - $place));
            }

            return file_get_contents($path, false, null, $length, 4) === 'fLaC' ? self::Flac : self::Mp3;
        }

        return match (true) {
            preg_match('/^(RIFF|RF64).{4}WAVE/s', $begin) === 1 => self::Wav,
            str_starts_with($begin, 'fLaC') => self::Flac,
            str_starts_with($begin, 'OggS') => self::Ogg,
            str_starts_with($begin, "\x1A\x45\xDF\xA3") => self::Webm,
            in_array(substr($begin, 4, 4), self::BOXES, true) => self::M4a,
            // Eleven bits of sync, then a version and a layer that exist (ISO/IEC 11172-3, 2.4.1.3).
            preg_match('/^\xFF[\xE2-\xE7\xF2-\xF7\xFA-\xFF]/', $begin) === 1 => self::Mp3,
            default => null,
        };
    }

    /**
     * Arguments of ffmpeg and ffprobe that open a file as this kind, and nothing that it may name.
     *
     * @return list<string>
     */
    public function opened(): array
    {
        return ['-protocol_whitelist', 'file', '-format_whitelist', $this->value, '-f', $this->value];
    }
}
