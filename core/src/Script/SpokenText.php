<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** A text as a narrator says it, for a voice that only knows words: signs, units and years are written out. */
final readonly class SpokenText
{
    /**
     * What is said for each word of a text; a word may be said as several, and none is empty.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    public static function of(array $words): array
    {
        $said = [];
        foreach ($words as $index => $word) {
            $spoken = English::spoken($word, $words[$index - 1] ?? '');
            $said[] = preg_match('/[\p{L}\p{N}]/u', $spoken) === 1 ? $spoken : '';
        }

        return $said;
    }
}
