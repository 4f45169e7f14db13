<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

/** Subtitles as an SRT file: numbered, with commas in its times (common practice, no standard). */
final readonly class SubRip
{
    /** @param list<Cue> $cues */
    public static function of(array $cues): string
    {
        $text = '';
        foreach ($cues as $place => $cue) {
            $text .= implode("\r\n", [
                $place + 1,
                self::clock($cue->from).' --> '.self::clock($cue->to),
                ...$cue->lines,
                '',
                '',
            ]);
        }

        return $text;
    }

    private static function clock(int $milliseconds): string
    {
        return sprintf(
            '%02d:%02d:%02d,%03d',
            intdiv($milliseconds, 3_600_000),
            intdiv($milliseconds, 60_000) % 60,
            intdiv($milliseconds, 1000) % 60,
            $milliseconds % 1000,
        );
    }
}
