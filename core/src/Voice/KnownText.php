<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A text as two voices speak it, of which the moment of every word is known: the second is laid over the first. */
final readonly class KnownText
{
    public const MILLISECONDS = 10.0;

    /**
     * @param list<float> $rows of each word the window of the shortened sound in which it begins
     * @param list<float> $ends the same of its end
     */
    private function __construct(
        public Heard $heard,
        public Cepstra $second,
        /** @var list<TextWord> */
        public array $words,
        public array $rows,
        public array $ends,
    ) {
    }

    /**
     * @param list<TextWord> $words
     * @param list<KnownWord> $secondWords the same words of the second voice
     */
    public static function of(Heard $first, array $words, Heard $second, array $secondWords): self
    {
        $rows = $ends = $others = [];
        foreach ($words as $index => $word) {
            $rows[] = $first->short($word->known->begin / self::MILLISECONDS);
            $ends[] = $first->short($word->known->end / self::MILLISECONDS);
            $others[] = (int) $second->short($secondWords[$index]->begin / self::MILLISECONDS);
        }

        return new self($first, self::laid($first->cepstra, $rows, $second->cepstra, $others), $words, $rows, $ends);
    }

    /**
     * The second voice over the first, word by word.
     *
     * @param list<float> $rows
     * @param list<int> $others
     */
    private static function laid(Cepstra $first, array $rows, Cepstra $second, array $others): Cepstra
    {
        $froms = [0, ...array_map('intval', $rows), $first->windows];
        $starts = [0, ...$others, $second->windows];
        $windows = [];
        foreach (array_slice($froms, 0, -1) as $index => $from) {
            $to = $froms[$index + 1];
            [$start, $end] = [$starts[$index], $starts[$index + 1]];
            if ($to > $from && $end > $start) {
                $way = Warping::through(
                    [$first->part($from, $to)],
                    $second->part($start, $end),
                    Band::whole($to - $from, $end - $start),
                );
                foreach ($way->rows as $step => $row) {
                    $windows[$from + $row][] = $start + $way->columns[$step];
                }
            }
            for ($row = $from; $row < $to; ++$row) {
                $windows[$row] ??= [min($start, $second->windows - 1)];
            }
        }
        ksort($windows);

        return $second->means(array_values($windows));
    }
}
