<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenWord;

/**
 * The lines of the script as subtitles, or each of its words. A line that is too long to be read at once becomes
 * several, each from its own first word on.
 */
final readonly class Subtitles
{
    /** characters of a line, and lines at once (common practice, no source) */
    public const WIDE = 42;
    public const HIGH = 2;

    /** how many characters a break may be off the middle to stand after a stop or a comma (taste) */
    private const ASIDE = 12;

    private FrameRate $rate;

    private Beats $beats;

    private function __construct(private Piece $piece, private FrameRange $range)
    {
        $this->rate = FrameRate::ofStage($piece->stage);
        $this->beats = new Beats($piece);
    }

    /**
     * @param FrameRange|null $range of the film that they belong to, whose beginning they are counted from
     *
     * @return list<Cue> by their beginnings, none before the one before it has ended
     */
    public static function lines(Piece $piece, ?FrameRange $range = null): array
    {
        $its = new self($piece, $range ?? FrameRange::within($piece->stage->frames));
        $parts = [];
        foreach ($its->spoken() as [$line, $words]) {
            array_push($parts, ...$its->parts($line, $words));
        }

        return $its->cues($parts, static fn (string $text): array => self::broken($text));
    }

    /** @return list<Cue> one for each word that is said */
    public static function words(Piece $piece, ?FrameRange $range = null): array
    {
        $its = new self($piece, $range ?? FrameRange::within($piece->stage->frames));
        $parts = [];
        foreach ($its->spoken() as [$line, $words]) {
            foreach ($words as $place => $word) {
                $next = $words[$place + 1] ?? null;
                $parts[] = [$word->frame, $next === null ? max($line->end, $word->frame + 1) : $next->frame, [$word]];
            }
        }

        return $its->cues($parts, static fn (string $text): array => [$text]);
    }

    /** @return list<array{ScriptLine, non-empty-list<SpokenWord>}> lines with their words that are said, in time */
    private function spoken(): array
    {
        $spoken = [];
        foreach ($this->piece->narration->captioned() as $line) {
            $words = array_values(array_filter(
                $this->beats->words($line),
                static fn (SpokenWord $word): bool => !$word->isUnsaid,
            ));
            if ($words !== []) {
                $spoken[] = [$line, $words];
            }
        }
        usort($spoken, static fn (array $one, array $other): int => $one[0]->begin <=> $other[0]->begin);

        return $spoken;
    }

    /**
     * @param non-empty-list<SpokenWord> $words
     *
     * @return list<array{int, int, non-empty-list<SpokenWord>}> first frame, the one after the last, and words
     */
    private function parts(ScriptLine $line, array $words): array
    {
        $text = self::text($words);
        if (count(self::broken($text)) <= self::HIGH) {
            return [[$line->begin, $line->end, $words]];
        }
        $place = self::middle(array_map(static fn (SpokenWord $word): string => $word->text, $words));
        if ($place === 0) {
            return [[$line->begin, $line->end, $words]];
        }
        /** @var non-empty-list<SpokenWord> $before */
        $before = array_slice($words, 0, $place);
        /** @var non-empty-list<SpokenWord> $after */
        $after = array_slice($words, $place);
        $next = $after[0]->frame;

        return [
            ...$this->parts(new ScriptLine($line->id, '', $line->begin, $next), $before),
            ...$this->parts(new ScriptLine($line->id, '', $next, $line->end), $after),
        ];
    }

    /**
     * Before which of several words a text breaks best: near its middle, after a stop or a comma where one is near.
     *
     * @param non-empty-list<string> $words
     *
     * @return int 0: nowhere
     */
    private static function middle(array $words): int
    {
        $half = mb_strlen(implode(' ', $words)) / 2;
        $at = 0.0;
        $best = 0;
        $least = INF;
        foreach ($words as $place => $word) {
            if ($place > 0) {
                $isAfterStop = preg_match('/[.,;:!?…]["”’]?$/u', $words[$place - 1]) === 1;
                $off = abs($at - $half) - ($isAfterStop ? self::ASIDE : 0);
                // Of two that are as good the first: the lower line is the longer one.
                if ($off < $least - 1e-9) {
                    [$best, $least] = [$place, $off];
                }
            }
            $at += mb_strlen($word) + 1;
        }

        return $best;
    }

    /** @return list<string> about as long as each other, where it does not fit on one */
    private static function broken(string $text): array
    {
        if (mb_strlen($text) <= self::WIDE) {
            return [$text];
        }
        $words = explode(' ', $text);
        $place = self::middle($words);
        if ($place === 0) {
            return [$text];
        }

        return [
            ...self::broken(implode(' ', array_slice($words, 0, $place))),
            ...self::broken(implode(' ', array_slice($words, $place))),
        ];
    }

    /** @param list<SpokenWord> $words */
    private static function text(array $words): string
    {
        return implode(' ', array_map(static fn (SpokenWord $word): string => $word->text, $words));
    }

    /**
     * @param list<array{int, int, non-empty-list<SpokenWord>}> $parts
     * @param \Closure(string): list<string> $broken into lines
     *
     * @return list<Cue>
     */
    private function cues(array $parts, \Closure $broken): array
    {
        $cues = [];
        foreach ($parts as $place => [$begin, $end, $words]) {
            // What overlaps the next ends with it: players show both, one above the other.
            $end = min($end, $parts[$place + 1][0] ?? $end, $this->range->to + 1);
            $begin = max($begin, $this->range->from);
            if ($end > $begin) {
                $cues[] = new Cue(
                    $this->milliseconds($begin),
                    $this->milliseconds($end),
                    $broken(self::text($words)),
                    array_map(
                        fn (SpokenWord $word): array => [$this->milliseconds(max($begin, $word->frame)), $word->text],
                        $words,
                    ),
                );
            }
        }

        return $cues;
    }

    private function milliseconds(int $frame): int
    {
        return (int) round($this->rate->secondsAt($frame - $this->range->from) * 1000);
    }
}
