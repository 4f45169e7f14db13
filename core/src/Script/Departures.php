<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Piece\UnwrittenSpeech;

/** Where the recording in use departs from the script, as far as listening found and nobody has settled it. */
final readonly class Departures
{
    /** milliseconds up to which something beside a number can be another number */
    private const NUMBER = 2_500.0;

    /** how many words before it tell where something is said */
    private const BEFORE = 4;

    /** @return list<Departure> in the order of their frames */
    public static function of(Piece $piece): array
    {
        $recording = $piece->narration->inUse;
        if ($recording === null) {
            return [];
        }
        $found = [];
        foreach ($recording->unwritten as $index => $speech) {
            if (!$speech->isLeft) {
                $found[] = self::said($piece, $recording, $speech, $index);
            }
        }
        $beats = new Beats($piece);
        foreach ($piece->narration->lines as $line) {
            array_push($found, ...self::unsaid($line->id, $beats->words($line)));
        }
        usort($found, static fn (Departure $a, Departure $b): int => $a->begin <=> $b->begin);

        return $found;
    }

    /**
     * @param list<SpokenWord> $words
     *
     * @return list<Departure>
     */
    private static function unsaid(string $line, array $words): array
    {
        $found = [];
        for ($from = 0; $from < count($words); ++$from) {
            $to = $from;
            while (isset($words[$to]) && $words[$to]->isUnsaid && $words[$to]->sure < 1) {
                ++$to;
            }
            if ($to > $from) {
                $text = implode(' ', array_column(array_slice($words, $from, $to - $from), 'text'));
                $frame = $words[$from]->frame;
                $found[] = new Departure(Departure::UNSAID, $line, $from, $to, $text, $frame, $frame + 1, null);
                $from = $to;
            }
        }

        return $found;
    }

    private static function said(Piece $piece, Recording $recording, UnwrittenSpeech $speech, int $index): Departure
    {
        $line = $speech->line === null ? null : $piece->narration->line($speech->line);
        $words = $line === null ? [] : Beats::split($line->text);
        $word = min(count($words), $speech->word);
        $begin = $recording->frameAt($speech->at, $piece->stage);
        $isByNumber = $speech->end - $speech->at <= self::NUMBER && self::isByNumber($words, $word);

        return new Departure(
            $speech->again !== null
                ? Departure::AGAIN
                : ($isByNumber ? Departure::FIGURE : Departure::UNWRITTEN),
            $line?->id,
            $word,
            $word,
            $speech->again ?? implode(' ', array_slice($words, max(0, $word - self::BEFORE), min($word, self::BEFORE))),
            $begin,
            max($begin + 1, $recording->frameAt($speech->end, $piece->stage)),
            $index,
        );
    }

    /** @param list<string> $words */
    private static function isByNumber(array $words, int $at): bool
    {
        foreach (SpokenNumbers::in($words) as $number) {
            $isFigure = in_array($number->kind, [SpokenNumber::AMOUNT, SpokenNumber::SHARE], true);
            if ($isFigure && $at >= $number->from && $at <= $number->to) {
                return true;
            }
        }

        return false;
    }
}
