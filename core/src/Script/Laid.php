<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Piece\Narration;
use Lupine\Core\Piece\Stage;

/** Where lines stand in time: laid out at a pace, by the times they came with, or where a recording says them. */
final readonly class Laid
{
    /** words a minute that a narrator usually reads (common practice, no source) */
    public const USUAL_PACE = 150;

    /** seconds between two lines */
    private const PAUSE = 0.4;

    /** seconds that a line stays after its last word, where nothing follows */
    private const LINGER = 0.2;

    /**
     * @param list<string> $texts
     *
     * @return list<array{begin: int, end: int}> the first frame and the one after the last
     */
    public static function byPace(array $texts, int $pace, Stage $stage, int $first = 0): array
    {
        $rate = $stage->rateNumerator / $stage->rateDenominator;
        $begin = (float) $first;
        $laid = [];
        foreach ($texts as $text) {
            $length = max(0.5, (max(1, count(Beats::split($text))) * 60) / $pace) * $rate;
            $frame = (int) round($begin);
            $laid[] = ['begin' => $frame, 'end' => max($frame + 1, (int) round($begin + $length))];
            $begin += $length + self::PAUSE * $rate;
        }

        return $laid;
    }

    /**
     * @param list<WrittenLine> $lines each with its times
     *
     * @return list<array{begin: int, end: int}>
     */
    public static function byTimes(array $lines, Stage $stage): array
    {
        $rate = $stage->rateNumerator / $stage->rateDenominator;
        $frame = static fn (float $milliseconds): int => (int) floor(($milliseconds * $rate) / 1000 + 1e-4);
        $laid = [];
        foreach ($lines as $line) {
            $begin = $frame($line->begin ?? 0.0);
            $laid[] = ['begin' => $begin, 'end' => max($begin + 1, $frame($line->end ?? 0.0))];
        }

        return $laid;
    }

    /**
     * Where the recording in use says the lines; a line that it does not say stays where it is.
     *
     * @return array<string, array{begin: int, end: int}> by line
     */
    public static function byRecording(Narration $narration, Stage $stage): array
    {
        $recording = $narration->inUse;
        $laid = $lingers = [];
        if ($recording === null) {
            return $laid;
        }
        foreach ($narration->lines as $line) {
            $heard = self::heard($recording->heard[$line->id] ?? [], Beats::split($line->text));
            if ($heard === []) {
                continue;
            }
            $said = array_values(array_filter($heard, static fn (HeardWord $word): bool => !$word->isUnsaid));
            $begin = $recording->frameAt(min(array_column($said === [] ? $heard : $said, 'at')), $stage);
            $last = $said === [] ? null : $recording->frameAt(max(array_column($said, 'end')), $stage);
            // A line that is left out takes no time of those that are said.
            $laid[$line->id] = ['begin' => $begin, 'end' => max($begin, $last ?? 0) + 1];
            $lingers[$line->id] = $last !== null;
        }
        $linger = (int) round((self::LINGER * $stage->rateNumerator) / $stage->rateDenominator);
        $begins = array_column($laid, 'begin');
        foreach ($laid as $id => ['begin' => $begin, 'end' => $end]) {
            if (!$lingers[$id]) {
                continue;
            }
            // A line gives way to the next one: two captions never stand over each other.
            $later = array_filter($begins, static fn (int $other): bool => $other > $begin);
            $laid[$id]['end'] = min($end + $linger, Stage::MAX_FRAMES, ...$later);
        }

        return $laid;
    }

    /**
     * @param list<HeardWord> $heard
     * @param list<string> $texts
     *
     * @return list<HeardWord> those that are still in the line
     */
    private static function heard(array $heard, array $texts): array
    {
        $same = Kin::pairs($texts, array_map(static fn (HeardWord $word): string => $word->text, $heard));

        return array_map(static fn (int $index): HeardWord => $heard[$index], array_values($same));
    }
}
