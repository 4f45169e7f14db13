<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A word of a text, when a known voice says it, and what a reader may do there. */
final readonly class TextWord
{
    public function __construct(
        public KnownWord $known,
        /** whether a line or a sentence begins with it: more often than elsewhere, one is left out or put in */
        public bool $isFirst,
        /** whether it is a number, for which another may be read */
        public bool $isFigure,
    ) {
    }

    /**
     * @param list<list<string>> $lines the words of each
     * @param list<array<int, true>> $numbers of each line, the places of the words that say numbers
     * @param list<KnownWord> $known all of them
     *
     * @return list<self>
     */
    public static function of(array $lines, array $numbers, array $known): array
    {
        $words = [];
        foreach ($lines as $line => $texts) {
            foreach ($texts as $index => $text) {
                $isFirst = $index === 0 || preg_match('/[.!?…]["”’)]?$/u', $texts[$index - 1]) === 1;
                $isFigure = isset($numbers[$line][$index]) || preg_match('/\d/', $text) === 1;
                $words[] = new self($known[count($words)], $isFirst, $isFigure);
            }
        }

        return $words;
    }
}
