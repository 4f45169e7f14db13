<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Listens to a recording of a known text: where every word is said, how sure that is, which words are not said, and
 * what is said that is not written.
 */
final readonly class Listening
{
    /** windows of 10 ms in which somebody speaks: what is shorter is a breath or a slip */
    private const SPEECH = 40;

    /** the part of a sentence from which on, passed over, all of it is not said */
    private const MOSTLY = 0.75;

    /** how much less like the known voices than the others a sentence is that was not said */
    private const UNLIKE = 1.105;

    /** words of such a sentence at least, and sentences that it is compared with */
    private const SENTENCE = 3;
    private const SENTENCES = 4;

    /** windows of 10 ms: what is not written so near to such a sentence belongs to what is said in its place */
    private const BESIDE = 30;

    /** how much less like the known voices it may sound the other time */
    private const ALIKE = 1.05;

    /** how much longer or shorter it may be */
    private const AS_LONG = 1.5;

    /** how many sentences before and after it are compared */
    private const NEIGHBOURS = 3;

    /**
     * @param list<TextWord> $words of the text, with their times in the first voice
     * @param list<KnownWord> $secondWords the same words' times in the second
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     */
    public static function to(
        Sound $recording,
        Sound $first,
        array $words,
        Sound $second,
        array $secondWords,
        ?\Closure $progress = null,
    ): Listened {
        if ($words === [] || !$recording->reaches(intdiv(Sound::RATE, 10) - 1)) {
            return new Listened([], []);
        }
        $part = static fn (float $from, float $to): ?\Closure => $progress === null
            ? null
            : static fn (float $done) => $progress($from + ($to - $from) * $done);
        $heard = Heard::in($recording, $part(0.0, 0.2));
        [$one, $other] = [Heard::in($first, $part(0.2, 0.4)), Heard::in($second, $part(0.4, 0.6))];

        return self::among($heard, $one, $words, $other, $secondWords, $part(0.6, 1.0));
    }

    /**
     * The same of sounds that were heard before.
     *
     * @param list<TextWord> $words of the text, with their times in the first voice
     * @param list<KnownWord> $secondWords the same words' times in the second
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     */
    public static function among(
        Heard $heard,
        Heard $one,
        array $words,
        Heard $other,
        array $secondWords,
        ?\Closure $progress = null,
    ): Listened {
        if ($heard->windows <= 0) {
            return new Listened([], []);
        }
        if (min($one->windows, $other->windows) === 0) {
            // A text of which a voice says nothing: dashes, dots.
            $unknown = new FoundWord(0.0, KnownText::MILLISECONDS, 0.0);

            return new Listened(array_fill(0, count($words), $unknown), []);
        }
        $text = KnownText::of($one, $words, $other, $secondWords);
        $alignment = Alignment::of($text, $heard, $progress);
        $placed = PlacedWords::along($alignment->way, $text, $heard);
        $sure = Doubt::sure(
            $alignment,
            $text,
            $heard,
            $placed,
            PlacedWords::along($alignment->first, $text, $heard),
            PlacedWords::along($alignment->second, $text, $heard),
        );
        [$isSaid, $swallows] = self::otherwise($placed, $text, $heard, $alignment->way);
        $found = [];
        foreach ($placed->begins as $index => $begin) {
            $found[] = new FoundWord(
                $begin * KnownText::MILLISECONDS,
                $placed->ends[$index] * KnownText::MILLISECONDS,
                $isSaid[$index] ? $sure[$index] : 0.0,
                $isSaid[$index],
            );
        }

        return new Listened($found, self::unwritten($swallows, $text, $heard, $alignment->way));
    }

    /**
     * A sentence most of which is passed over is not said. Where one sounds much less like the known voices than the
     * others do, another one is said in its place.
     *
     * @return array{array<int, bool>, list<Swallow>} of each word whether it is said, and what is not written
     */
    private static function otherwise(PlacedWords $placed, KnownText $text, Heard $heard, Warping $way): array
    {
        $isSaid = $placed->isSaid;
        $swallows = $placed->swallows;
        $costs = $last = $others = [];
        $firsts = array_keys(array_filter(array_column($text->words, 'isFirst')));
        foreach ($firsts as $place => $first) {
            $last[$first] = ($firsts[$place + 1] ?? count($text->words)) - 1;
            $count = $last[$first] - $first + 1;
            $said = array_keys(array_filter(array_slice($placed->isSaid, $first, $count)));
            if (count($said) <= (1 - self::MOSTLY) * $count) {
                $others[$first] = array_map(static fn (int $word): int => $first + $word, $said);
            } elseif ($count >= self::SENTENCE) {
                $end = (int) ($text->rows[$last[$first] + 1] ?? $text->heard->cepstra->windows);
                $costs[$first] = self::cost($way, (int) $text->rows[$first], $end);
            }
        }
        $usual = Alignment::median(array_values($costs));
        foreach (count($costs) < self::SENTENCES ? [] : $costs as $first => $cost) {
            if ($cost > self::UNLIKE * $usual) {
                $others[$first] = range($first, $last[$first]);
            }
        }
        foreach ($others as $first => $said) {
            array_splice($isSaid, $first, $last[$first] - $first + 1, array_fill(0, $last[$first] - $first + 1, false));
            if ($said !== []) {
                $span = [(int) $placed->begins[$said[0]], (int) $placed->ends[$said[count($said) - 1]]];
                $swallows = self::joined($swallows, $span, (int) $text->rows[$first] - 1, $heard);
            }
        }

        return [$isSaid, $swallows];
    }

    /**
     * What is not written, and one more of it, which takes in what lies in it or beside it.
     *
     * @param list<Swallow> $swallows
     * @param array{int, int} $span
     *
     * @return list<Swallow> in order
     */
    private static function joined(array $swallows, array $span, int $after, Heard $heard): array
    {
        [$from, $to] = $span;
        $apart = [];
        foreach ($swallows as $swallow) {
            if ($swallow->to < $from - self::BESIDE || $swallow->from > $to + self::BESIDE) {
                $apart[] = $swallow;
            } else {
                [$from, $to] = [min($from, $swallow->from), max($to, $swallow->to)];
            }
        }
        $apart[] = new Swallow($from, $to, $heard->pauses->speech($from, $to), $after);
        usort($apart, static fn (Swallow $a, Swallow $b): int => $a->from <=> $b->from);

        return $apart;
    }

    /**
     * @param list<Swallow> $swallows
     *
     * @return list<Unwritten>
     */
    private static function unwritten(array $swallows, KnownText $text, Heard $heard, Warping $laid): array
    {
        $unwritten = [];
        foreach ($swallows as $swallow) {
            if ($swallow->speech < self::SPEECH) {
                continue;
            }
            $after = 0;
            while (isset($text->rows[$after]) && (int) $text->rows[$after] <= $swallow->after) {
                ++$after;
            }
            [$from, $to] = self::speech($swallow, $heard);
            $unwritten[] = new Unwritten(
                $from * KnownText::MILLISECONDS,
                $to * KnownText::MILLISECONDS,
                $after,
                self::again($swallow, $after, $text, $heard, $laid),
            );
        }

        return $unwritten;
    }

    /** @return array{int, int} where somebody begins and ends to speak, a little around it */
    private static function speech(Swallow $swallow, Heard $heard): array
    {
        [$from, $to] = [$swallow->from, $swallow->to];
        while ($from < $to && $heard->pauses->levels[$from] < $heard->pauses->threshold) {
            ++$from;
        }
        while ($to > $from && $heard->pauses->levels[$to - 1] < $heard->pauses->threshold) {
            --$to;
        }

        return [max($swallow->from, $from - 5), min($swallow->to, $to + 5)];
    }

    /**
     * The words just before or just after what is said that it sounds like: a sentence that is said twice.
     *
     * @return array{int, int}|null
     */
    private static function again(
        Swallow $swallow,
        int $after,
        KnownText $text,
        Heard $heard,
        Warping $laid,
    ): ?array {
        [$from, $to] = [(int) ceil($heard->short($swallow->from)), (int) $heard->short($swallow->to) + 1];
        $said = $heard->cepstra->part($from, min($heard->cepstra->windows, $to));
        $best = null;
        foreach (self::sentences($text, $after) as [$first, $last]) {
            [$row, $end] = [
                (int) $text->rows[$first],
                (int) ($text->rows[$last + 1] ?? $text->heard->cepstra->windows),
            ];
            $ratio = ($end - $row) / max(1, $said->windows);
            if ($end <= $row || $ratio > self::AS_LONG || $ratio < 1 / self::AS_LONG) {
                continue;
            }
            $way = Warping::through(
                [$text->heard->cepstra->part($row, $end), $text->second->part($row, $end)],
                $said,
                Band::even($end - $row, $said->windows, max(30, intdiv($said->windows, 4))),
            );
            $unlike = array_sum($way->costs) / count($way->costs) / max(1e-6, self::cost($laid, $row, $end));
            if ($unlike <= self::ALIKE && ($best === null || $unlike < $best[0])) {
                $best = [$unlike, [$first, $last]];
            }
        }

        return $best[1] ?? null;
    }

    /** How little the known voices sound like what they are laid over, from a window to before another. */
    private static function cost(Warping $laid, int $from, int $to): float
    {
        [$sum, $count] = [0.0, 0];
        foreach ($laid->rows as $step => $row) {
            if ($row >= $from && $row < $to && $laid->kinds[$step] === Warping::LAID) {
                $sum += $laid->costs[$step];
                ++$count;
            }
        }

        return $sum / max(1, $count);
    }

    /**
     * Runs of whole sentences that end just before a word or begin with it.
     *
     * @return list<array{int, int}> their first and last words
     */
    private static function sentences(KnownText $text, int $at): array
    {
        $runs = [];
        for ($first = $at - 1, $count = 0; $first >= 0 && $count < self::NEIGHBOURS; --$first) {
            if ($text->words[$first]->isFirst) {
                $runs[] = [$first, $at - 1];
                ++$count;
            }
        }
        for ($last = $at, $count = 0; isset($text->words[$last]) && $count < self::NEIGHBOURS; ++$last) {
            if (!isset($text->words[$last + 1]) || $text->words[$last + 1]->isFirst) {
                $runs[] = [$at, $last];
                ++$count;
            }
        }

        return $runs;
    }
}
