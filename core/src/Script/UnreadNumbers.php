<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** Words of a line that are meant for numbers and were understood as none: nothing is compared with them. */
final readonly class UnreadNumbers
{
    /**
     * Digits with signs that are not put there, a multiple, a ratio, or about so many. Not times of day, dates
     * and names with digits in them.
     */
    private const MEANT = '/^[€$£~<>±]?('
        .'\d{1,3}([\'’]\d{3})+|\d+(,\d+)+|\d{1,3}(\.\d{3}){2,}|\d+([.,]\d+)?[x×]|\d+ish|\d+:\d|\d+:\d{3,}'
        .')[%+]?$/iuD';

    /** Thousands as English writes them. */
    private const THOUSANDS = '/^\D?\d{1,3}(,\d{3})+\D?$/uD';

    /**
     * @param list<string> $words of the line, as written
     *
     * @return list<int> their places, in order
     */
    public static function in(array $words): array
    {
        $read = SpokenNumbers::places($words);
        $unread = [];
        foreach ($words as $place => $word) {
            $bare = preg_replace('/^[("“‘]+|[.,;:!?)"”’…]+$/u', '', $word) ?? $word;
            $isMeant = preg_match(self::MEANT, $bare) === 1 && preg_match(self::THOUSANDS, $bare) !== 1;
            if ($isMeant && !isset($read[$place])) {
                $unread[] = $place;
            }
        }

        return $unread;
    }
}
