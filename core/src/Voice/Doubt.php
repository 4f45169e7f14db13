<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * How sure it is that words are said where they were found.
 *
 * Weighed together: how far apart each voice alone puts the word and its neighbours, how long the way stays on one
 * window of either sound near its beginning, how far it strays from its usual pace, how little it sounds alike, whether
 * it stands beside a gap or a figure, and how much longer or shorter it is than its pace says. The weights are a
 * logistic regression over 64 recordings of four made voices that depart from their script (docs/voice.md).
 */
final readonly class Doubt
{
    private const WEIGHTS = [
        'first alone' => 1.1,
        'second alone' => 2.0,
        'neighbours alone' => 0.6,
        'stays' => 3.0,
        'jumps' => 1.7,
        'strays' => 0.85,
        'unlike' => 4.1,
        'beside a gap' => 2.0,
        'beside a figure' => 0.75,
        'length' => 0.65,
    ];

    /** chosen so that about one word in forty is marked that is right */
    private const NONE = -9.1;

    /** windows to both sides of a beginning in which the way is looked at */
    private const NEAR = 15;

    /** a gap in the recording from so many windows on is one that a word may stand beside */
    private const GAP = 8;

    /** below which a word makes those after it doubtful that are not very sure themselves, and what those are below */
    private const VERY = 0.2;
    private const RATHER = 0.86;

    /** windows of speech that no word has, and windows from it in which a word may be the one that was said there */
    private const SPEECH = 20;
    private const BESIDE = 40;

    /** how sure a word is that is doubtful for what stands beside it alone */
    private const BY_OTHERS = 0.45;

    /**
     * @param PlacedWords $words where both voices together put them
     * @param PlacedWords $first where each alone does
     *
     * @return list<float> of each word, 0 to 1; 0 for one that is not said
     */
    public static function sure(
        Alignment $alignment,
        KnownText $text,
        Heard $recording,
        PlacedWords $words,
        PlacedWords $first,
        PlacedWords $second,
    ): array {
        $last = count($text->words) - 1;
        $apart = static fn (PlacedWords $one, int $index): float => log(
            1 + KnownText::MILLISECONDS * abs($one->begins[$index] - $words->begins[$index]) / 40,
        );
        $either = [];
        foreach (array_keys($text->words) as $index) {
            $either[] = max($apart($first, $index), $apart($second, $index));
        }
        $ways = self::along($alignment->way, $text);
        $lengths = self::lengths($text, $recording, $words);
        $gaps = self::besideGaps($text, $words);
        $sure = [];
        foreach ($text->words as $index => $word) {
            $isByFigure = $word->isFigure || ($text->words[$index - 1]->isFigure ?? false);
            $near = max($either[max(0, $index - 1)], $either[$index], $either[min($last, $index + 1)]);
            $doubt = self::NONE
                + self::WEIGHTS['first alone'] * $apart($first, $index)
                + self::WEIGHTS['second alone'] * $apart($second, $index)
                + self::WEIGHTS['neighbours alone'] * $near
                + self::WEIGHTS['stays'] * log(max(1, $ways[$index]['stays'] / 6))
                + self::WEIGHTS['jumps'] * log(max(1, $ways[$index]['jumps'] / 4))
                + self::WEIGHTS['strays'] * log(1 + $ways[$index]['strays'] / 8)
                + self::WEIGHTS['unlike'] * max(0.5, min(2.0, $ways[$index]['unlike']))
                + self::WEIGHTS['beside a gap'] * ($gaps[$index] ? 1 : 0)
                + self::WEIGHTS['beside a figure'] * ($isByFigure ? 1 : 0)
                + self::WEIGHTS['length'] * min(4.0, $lengths[$index] / 10);
            $sure[] = $words->isSaid[$index] ? 1 / (1 + exp($doubt)) : 0.0;
        }

        return self::spread($sure, $words);
    }

    /**
     * Where the way has been wrong, it is wrong for a few words more: those after one that is very doubtful, the one
     * before it, and those beside speech that no word has.
     *
     * @param list<float> $sure
     *
     * @return list<float>
     */
    private static function spread(array $sure, PlacedWords $words): array
    {
        $spread = [];
        foreach ($sure as $index => $own) {
            $least = min($sure[$index - 2] ?? 1.0, $sure[$index - 1] ?? 1.0, $sure[$index + 1] ?? 1.0);
            $isBeside = $own < self::RATHER && $least < self::VERY;
            foreach ($words->swallows as $swallow) {
                $isBeside = $isBeside || ($swallow->speech >= self::SPEECH
                    && $words->begins[$index] >= $swallow->from - self::BESIDE
                    && $words->begins[$index] <= $swallow->to + self::BESIDE);
            }
            $spread[] = $isBeside ? min($own, self::BY_OTHERS) : $own;
        }

        return $spread;
    }

    /**
     * What the way does at each word.
     *
     * @return list<array{stays: int, jumps: int, strays: float, unlike: float}> unlike: against all words
     */
    private static function along(Warping $way, KnownText $text): array
    {
        $onRow = $onColumn = $columns = $sums = $strays = [];
        $all = Alignment::strays($way);
        foreach ($way->rows as $step => $row) {
            $strays[$row] = max($strays[$row] ?? 0.0, $all[$step]);
            if ($way->kinds[$step] === Warping::LAID) {
                $onRow[$row] = ($onRow[$row] ?? 0) + 1;
                $onColumn[$way->columns[$step]] = ($onColumn[$way->columns[$step]] ?? 0) + 1;
                $columns[$row] ??= $way->columns[$step];
                $sums[$row] = ($sums[$row] ?? 0.0) + $way->costs[$step];
            }
        }
        $told = $unlike = [];
        foreach ($text->rows as $index => $begin) {
            [$stays, $jumps, $sum, $count] = [0, 0, 0.0, 0];
            for ($row = max(0, (int) $begin - self::NEAR); $row < (int) $begin + self::NEAR; ++$row) {
                $stays = max($stays, $onRow[$row] ?? 0);
                $jumps = max($jumps, isset($columns[$row]) ? $onColumn[$columns[$row]] : 0);
            }
            for ($row = (int) $begin; $row <= (int) $text->ends[$index]; ++$row) {
                $sum += $sums[$row] ?? 0.0;
                $count += $onRow[$row] ?? 0;
            }
            $unlike[] = $sum / max(1, $count);
            $told[] = ['stays' => $stays, 'jumps' => $jumps, 'strays' => $strays[(int) $begin] ?? 0.0];
        }
        $usual = max(1e-6, Alignment::median($unlike));

        return array_map(
            static fn (array $one, float $cost): array => [...$one, 'unlike' => $cost / $usual],
            $told,
            $unlike,
        );
    }

    /**
     * By how many windows each word is longer or shorter than the pace of the whole says, pauses apart.
     *
     * @return list<float>
     */
    private static function lengths(KnownText $text, Heard $recording, PlacedWords $words): array
    {
        $rows = [...$text->rows, $text->heard->cepstra->windows - 1];
        $columns = [...array_map($recording->short(...), $words->begins), $recording->cepstra->windows - 1];
        $paces = [];
        foreach (array_keys($text->words) as $index) {
            $paces[] = ($columns[$index + 1] - $columns[$index]) / max(1, $rows[$index + 1] - $rows[$index]);
        }
        $pace = Alignment::median($paces);
        $off = [];
        foreach (array_keys($text->words) as $index) {
            $off[] = abs(
                $columns[$index + 1] - $columns[$index] - $pace * ($rows[$index + 1] - $rows[$index]),
            );
        }

        return $off;
    }

    /** @return list<bool> */
    private static function besideGaps(KnownText $text, PlacedWords $words): array
    {
        $rows = [];
        foreach ($words->swallows as $swallow) {
            if ($swallow->to - $swallow->from >= self::GAP) {
                $rows[$swallow->after + 1] = true;
            }
        }
        $beside = [];
        foreach ($text->rows as $index => $row) {
            $beside[] = isset($rows[(int) $row])
                || isset($rows[(int) ($text->rows[$index + 1] ?? -1)])
                || !($words->isSaid[$index - 1] ?? true)
                || !($words->isSaid[$index + 1] ?? true);
        }

        return $beside;
    }
}
