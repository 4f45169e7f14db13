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
                Cue::clock($cue->from, ',').' --> '.Cue::clock($cue->to, ','),
                ...$cue->lines,
                '',
                '',
            ]);
        }

        return $text;
    }
}
