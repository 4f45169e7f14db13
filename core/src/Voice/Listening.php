<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Listens to a recording of a known text: where every word is said, and how sure that is.
 *
 * The text comes spoken twice, by two voices. The second looks for its words near those of the first; where the two
 * disagree, where a word is drawn out or hurried against all others, and where the recording sounds like another text,
 * it is doubtful.
 */
final readonly class Listening
{
    /** disagreement of the two voices, in milliseconds: up to the first all is well, from the second on nothing */
    private const AGREED = 40.0;
    private const DISAGREED = 160.0;

    /** how many times as long or as short as its neighbours a word is, in powers of two */
    private const STRETCHED = 1.2;
    private const TORN = 2.2;

    /** the cost of the words about it against that of the recording */
    private const LIKE = 1.15;
    private const UNLIKE = 1.45;

    /** how many words to each side are heard together */
    private const AROUND = 3;

    /**
     * @param list<KnownWord> $firstWords of the first voice
     * @param list<KnownWord> $secondWords of the second, the same words
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     *
     * @return list<FoundWord>
     */
    public static function to(
        Sound $recording,
        Sound $first,
        array $firstWords,
        Sound $second,
        array $secondWords,
        ?\Closure $progress = null,
    ): array {
        if ($firstWords === [] || !$recording->reaches(intdiv(Sound::RATE, 10) - 1)) {
            return [];
        }
        $part = static fn (float $from, float $to): ?\Closure => $progress === null
            ? null
            : static fn (float $done) => $progress($from + ($to - $from) * $done);
        $heard = Heard::in($recording, $part(0.0, 0.2));
        $known = Heard::in($first, $part(0.2, 0.35));
        $alignment = Alignment::between($known, $heard, $part(0.35, 0.75));
        $words = $alignment->words($firstWords);
        $other = Heard::in($second, $part(0.75, 0.9));
        $agreeing = Alignment::near($other, $secondWords, $heard, $words, $part(0.9, 1.0))->words($secondWords);

        return self::weighed($words, $firstWords, $agreeing, $alignment->costs($firstWords));
    }

    /**
     * @param list<KnownWord> $words
     * @param list<KnownWord> $known
     * @param list<KnownWord> $agreeing
     * @param list<float> $costs
     *
     * @return list<FoundWord>
     */
    private static function weighed(array $words, array $known, array $agreeing, array $costs): array
    {
        $lengths = [];
        foreach ($words as $index => $word) {
            $lengths[] = ($word->end - $word->begin) / max(10.0, $known[$index]->end - $known[$index]->begin);
        }
        $usualLength = max(0.01, self::median($lengths));
        $usualCost = max(0.01, self::median($costs));
        $found = [];
        foreach ($words as $index => $word) {
            $apart = abs($word->begin - $agreeing[$index]->begin);
            $stretch = abs(log(max(0.01, $lengths[$index]) / $usualLength, 2));
            $near = array_slice($costs, max(0, $index - self::AROUND), 2 * self::AROUND + 1);
            $cost = array_sum($near) / count($near) / $usualCost;
            $found[] = new FoundWord($word->begin, $word->end, min(
                self::falling($apart, self::AGREED, self::DISAGREED),
                self::falling($stretch, self::STRETCHED, self::TORN),
                self::falling($cost, self::LIKE, self::UNLIKE),
            ));
        }

        return $found;
    }

    private static function falling(float $value, float $well, float $badly): float
    {
        return max(0.0, min(1.0, ($badly - $value) / ($badly - $well)));
    }

    /** @param list<float> $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)] ?? 0.0;
    }
}
