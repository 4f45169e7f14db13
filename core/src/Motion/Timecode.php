<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * Frames as hours, minutes, seconds and frames.
 *
 * Drop-frame after SMPTE ST 12-1: no frame is dropped, but the numbers 00 and 01 (00 to 03 at 59.94) are skipped at
 * the start of each minute, save every tenth.
 */
final readonly class Timecode
{
    private function __construct(public int $frame, private FrameRate $rate, private bool $dropFrame)
    {
    }

    public static function atFrame(int $frame, FrameRate $rate, bool $dropFrame = false): self
    {
        if ($frame < 0) {
            throw new BadTime('A frame cannot be before 0.');
        }
        if ($dropFrame && !$rate->canDropFrames()) {
            throw new BadTime('Drop-frame timecode exists at 29.97 and 59.94 frames a second only.');
        }

        return new self($frame, $rate, $dropFrame);
    }

    /** The first frame that is numbered with a second; at a minute where numbers are dropped that is not number 00. */
    /** The timecode of another frame. */
    public function on(int $frame): self
    {
        return self::atFrame($frame, $this->rate, $this->dropFrame);
    }

    public static function atSecond(int $second, FrameRate $rate, bool $dropFrame = false): self
    {
        $minute = intdiv($second, 60);
        $skipped = $dropFrame ? intdiv($rate->nominal(), 15) : 0;
        $number = $second % 60 === 0 && $minute % 10 !== 0 ? $skipped : 0;
        $dropped = $skipped * ($minute - intdiv($minute, 10));

        return self::atFrame($second * $rate->nominal() + $number - $dropped, $rate, $dropFrame);
    }

    /** @param string $typed `HH:MM:SS:FF`; leading parts may be left out; `;` or `.` before the frames is understood */
    public static function read(string $typed, FrameRate $rate, bool $dropFrame = false): self
    {
        if (preg_match('/^\s*(?:(?:(\d{1,4}):)?(\d{1,2}):)?(\d{1,2})[:;.](\d{1,2})\s*$/D', $typed, $parts) !== 1) {
            throw new BadTime(
                sprintf(
                    '“%s” is not a timecode. Write hours:minutes:seconds:frames, such as 0:00:08:19.',
                    trim($typed),
                ),
            );
        }
        [$hours, $minutes, $seconds, $frames] = [(int) $parts[1], (int) $parts[2], (int) $parts[3], (int) $parts[4]];
        $nominal = $rate->nominal();
        if ($frames >= $nominal || $seconds > 59 || $minutes > 59) {
            throw new BadTime(
                sprintf(
                    '“%s” is not a timecode at this frame rate: frames go to %d, seconds and minutes to 59.',
                    trim($typed),
                    $nominal - 1,
                ),
            );
        }
        $total = (($hours * 60 + $minutes) * 60 + $seconds) * $nominal + $frames;
        if ($dropFrame) {
            $skipped = intdiv($nominal, 15);
            if ($seconds === 0 && $frames < $skipped && $minutes % 10 !== 0) {
                throw new BadTime(
                    sprintf(
                        '“%s” does not exist in drop-frame timecode; the next is frame %02d.',
                        trim($typed),
                        $skipped,
                    ),
                );
            }
            $allMinutes = $hours * 60 + $minutes;
            $total -= $skipped * ($allMinutes - intdiv($allMinutes, 10));
        }

        return self::atFrame($total, $rate, $dropFrame);
    }

    public function toText(): string
    {
        $nominal = $this->rate->nominal();
        $number = $this->frame;
        if ($this->dropFrame) {
            $skipped = intdiv($nominal, 15);
            $perMinute = $nominal * 60 - $skipped;
            $perTenMinutes = $perMinute * 10 + $skipped;
            $tens = intdiv($number, $perTenMinutes);
            $within = $number % $perTenMinutes;
            $number +=
                $skipped * 9 * $tens + ($within >= $skipped ? $skipped * intdiv($within - $skipped, $perMinute) : 0);
        }

        return sprintf(
            '%02d:%02d:%02d%s%02d',
            intdiv($number, $nominal * 3600),
            intdiv($number, $nominal * 60) % 60,
            intdiv($number, $nominal) % 60,
            $this->dropFrame ? ';' : ':',
            $number % $nominal,
        );
    }
}
