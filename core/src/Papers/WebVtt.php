<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

/**
 * Subtitles as a WebVTT file, after “WebVTT: The Web Video Text Tracks Format” (W3C): escaped, with cues named by
 * number, and where words count with the time of each within its cue.
 */
final readonly class WebVtt
{
    /**
     * @param list<Cue> $cues
     * @param bool $hasWords whether players are told when each word is said
     */
    public static function of(array $cues, bool $hasWords = false): string
    {
        $text = "WEBVTT\n\n";
        foreach ($cues as $place => $cue) {
            $text .= implode("\n", [
                $place + 1,
                Cue::clock($cue->from, '.').' --> '.Cue::clock($cue->to, '.'),
                ...$hasWords ? self::timed($cue) : array_map(self::escaped(...), $cue->lines),
                '',
                '',
            ]);
        }

        return $text;
    }

    /**
     * A timestamp within a cue must be after its beginning and before its end, and each after the one before it.
     *
     * @return list<string> its lines
     */
    private static function timed(Cue $cue): array
    {
        $words = $cue->words;
        $last = $cue->from;
        $lines = [];
        foreach ($cue->lines as $line) {
            $timed = [];
            foreach (explode(' ', $line) as $word) {
                [$at] = array_shift($words) ?? [0, ''];
                $isAhead = $at > $last && $at < $cue->to;
                $timed[] = ($isAhead ? '<'.Cue::clock($at, '.').'>' : '').self::escaped($word);
                $last = $isAhead ? $at : $last;
            }
            $lines[] = implode(' ', $timed);
        }

        return $lines;
    }

    private static function escaped(string $text): string
    {
        return strtr($text, ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;']);
    }
}
