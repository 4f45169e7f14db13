<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** Finds the numbers that are said in a line, in words or in figures. */
final class SpokenNumbers
{
    /** how much wider a number is taken that is said to be rough */
    private const ROUGH = 3.0;

    /** parts of a share that is said with small numbers, such as “four in ten”: half of one step */
    private const STEP = 0.5;

    /** the widest that a share is meant, however small its numbers are (common practice, no source) */
    private const WIDEST = 0.04;

    /** @var list<array{text: string, word: int, isLast: bool}> the line in its smallest words, each with its place */
    private array $parts = [];

    private function __construct(private readonly NumberWords $language)
    {
    }

    /**
     * @param list<string> $words of the line, as written
     *
     * @return list<SpokenNumber> in order; none overlaps another
     */
    public static function in(array $words, ?NumberWords $language = null): array
    {
        $reader = new self($language ?? NumberWords::english());
        foreach ($words as $place => $word) {
            $parts = $reader->smallest($word);
            foreach ($parts as $index => $text) {
                // What is said after a comma is not said of what stands before it.
                $isLast = $index === count($parts) - 1 && preg_match('/[,.;:!?)…—–]["”’]?$/u', $word) === 1
                    && !in_array(mb_strtolower($word), NumberWords::SHORTENED, true);
                $reader->parts[] = ['text' => $text, 'word' => $place, 'isLast' => $isLast];
            }
        }
        $reader->takeSingles();
        $found = [];
        for ($at = 0; $at < count($reader->parts);) {
            $number = $reader->numberAt($at);
            if ($number === null) {
                ++$at;
                continue;
            }
            [$spoken, $at] = $number;
            if ($spoken !== null) {
                $found[] = $spoken;
            }
        }

        return $found;
    }

    /**
     * @param list<string> $words of the line, as written
     *
     * @return array<int, true> the places of the words that say numbers
     */
    public static function places(array $words): array
    {
        $places = [];
        foreach (self::in($words) as $number) {
            $places += array_fill_keys(range($number->from, $number->to - 1), true);
        }

        return $places;
    }

    /** Phrases that stand for a number: “a couple of” is two. */
    private function takeSingles(): void
    {
        foreach ($this->language->single as $phrase => $text) {
            for ($at = 0; $at < count($this->parts); ++$at) {
                $length = $this->says($at, $phrase);
                // “A score of 7” is another score.
                $isFollowed = $phrase === 'a score of' && $this->cardinalAt($at + $length) !== null;
                if ($length > 0 && !$isFollowed) {
                    array_splice($this->parts, $at, $length, [[
                        'text' => $text,
                        'word' => $this->parts[$at]['word'],
                        'isLast' => $this->parts[$at + $length - 1]['isLast'],
                    ]]);
                }
            }
        }
    }

    /** @return array{SpokenNumber|null, int}|null what is said from a place on, and the place after it */
    private function numberAt(int $at): ?array
    {
        foreach ($this->language->times as $phrase => $value) {
            $length = $this->says($at, $phrase);
            if ($length > 0) {
                return [$this->number(SpokenNumber::TIMES, $value, 0.08 * $value, $at, $at + $length), $at + $length];
            }
        }
        foreach ($this->language->rest as $phrase) {
            $length = $this->says($at, $phrase);
            // “The remaining 12” says how many they are.
            if ($length > 0 && !$this->isOfRest($at) && $this->cardinalAt($at + $length) === null) {
                return [$this->number(SpokenNumber::REST, 0.0, 0.0, $at, $at + $length), $at + $length];
            }
        }

        $name = $this->nameAt($at);

        return $name > 0 ? [null, $at + $name]
            : $this->splitAt($at) ?? $this->oneOfAt($at) ?? $this->andAHalfAt($at) ?? $this->everyAt($at)
                ?? $this->betweenAt($at) ?? $this->fractionAt($at) ?? $this->signedAt($at) ?? $this->amountAt($at);
    }

    /** @return int how many words say a year, a time or something else that is no figure; 0 where none do */
    private function nameAt(int $at): int
    {
        $language = $this->language;
        $year = $this->yearAt($at);
        if ($year > 0) {
            return $year;
        }
        // “Half past nine”, “a quarter to six”.
        $next = in_array($this->text($at), $language->one, true) ? $at + 1 : $at;
        if (in_array($this->text($next), ['half', 'quarter'], true)
            && in_array($this->text($next + 1), ['past', 'to'], true) && $this->cardinalAt($next + 2) !== null) {
            return $next + 3 - $at;
        }
        $read = $this->cardinalAt($at);
        if ($read === null) {
            return 0;
        }
        [$value, , $end, $isPlain] = $read;
        $code = $this->codeAt($at);
        if ($code > 0) {
            return $code;
        }
        $length = $end - $at;
        $isWhole = $value === floor($value);
        // “Twenty-first”, “three-legged”, “COVID-19”: part of a longer word.
        $isPart = $this->isOneWord($end - 1, $end) && !$this->goesOnIn($end);
        $isTail = $at > 0 && $this->isOneWord($at - 1, $at) && preg_match('/^\p{L}+$/u', $this->text($at - 1)) === 1
            && !isset($language->small[$this->text($at - 1)]) && !in_array($this->text($at - 1), $language->of, true);
        if ($isPart || $isTail || preg_match('/^(first|second)$/', $this->text($end)) === 1) {
            return $length;
        }
        $isWordYear = $this->text($at - 1) === 'year' && $value >= 1000 && $value < 2100;
        if ($isWhole && ($isWordYear || ($isPlain && $value >= 1800 && $value < 2100 && $this->isYear($at, $end)))) {
            return $length;
        }
        if ($isWhole && $value <= 31 && in_array($this->text($end), $language->months, true)) {
            return $length;
        }
        foreach ($language->afterTime as $phrase) {
            if ($this->says($end, $phrase) > 0 && !$this->isClosed($end - 1)) {
                return $length;
            }
        }
        $isHour = $isWhole && $value >= 1 && $value <= 12 && $this->text($at - 1) === 'at';

        $ends = $this->isClosed($end - 1) || in_array($this->text($end), NumberWords::AFTER_HOUR, true);

        return $isHour && $ends ? $length : 0;
    }

    /**
     * @return int how many parts say a number that one calls or types, “020 7946 0123”: it begins with a zero, or its
     *             groups are none of thousands; 0 where none do
     */
    private function codeAt(int $at): int
    {
        $length = 0;
        while (ctype_digit($this->text($at + $length)) && ($length === 0 || !$this->isClosed($at + $length - 1))) {
            ++$length;
        }
        $first = $this->text($at);
        $isZero = strlen($first) > 1 && str_starts_with($first, '0');
        $isGroups = $length > 2 && strlen($first) > 2 && preg_match('/^\d{3}$/D', $this->text($at + $length - 1)) !== 1;

        return ctype_digit($first) && ($isZero || $isGroups) ? $length : 0;
    }

    /** Whether four digits are a year: by what stands beside them, or because nothing is counted with them. */
    private function isYear(int $at, int $end): bool
    {
        $isBeside = in_array($this->text($at - 1), [...NumberWords::BEFORE_YEAR, ...$this->language->months], true);
        $next = $this->text($end);

        return $isBeside || $this->isClosed($end - 1) || in_array($next, NumberWords::AFTER_YEAR, true)
            || (ctype_digit($next) && strlen($next) <= 4);
    }

    /** Whether a part that follows a number within one word goes on saying it. */
    private function goesOnIn(int $at): bool
    {
        $text = $this->text($at);

        return isset($this->language->small[$text]) || isset($this->language->sizes[$text])
            || isset($this->language->parts[$text]) || ctype_digit($text)
            || in_array($text, [...NumberWords::GOES_ON, ...$this->language->percent], true);
    }

    private function isOneWord(int $one, int $other): bool
    {
        return isset($this->parts[$one], $this->parts[$other])
            && $this->parts[$one]['word'] === $this->parts[$other]['word'];
    }

    private function isClosed(int $at): bool
    {
        return $this->parts[$at]['isLast'] ?? true;
    }

    /**
     * “Fifty-fifty”, “60-40”: how something is shared out, and no figure by itself.
     *
     * @return array{null, int}|null
     */
    private function splitAt(int $at): ?array
    {
        $first = $this->cardinalAt($at);
        $second = $first !== null && $this->isOneWord($first[2] - 1, $first[2]) ? $this->cardinalAt($first[2]) : null;

        return $first !== null && $second !== null && $first[0] + $second[0] === 100.0 && $first[0] >= 50
            ? [null, $second[2]]
            : null;
    }

    /**
     * “One kettle in six”.
     *
     * @return array{SpokenNumber, int}|null
     */
    private function oneOfAt(int $at): ?array
    {
        $noun = $this->text($at + 1);
        $isNoun = preg_match('/^\p{L}{3,}$/u', $noun) === 1 && $this->cardinalAt($at + 1) === null
            && !isset($this->language->parts[$noun]) && !$this->isClosed($at + 1);
        if (!in_array($this->text($at), ['one', '1'], true) || !$isNoun) {
            return null;
        }
        foreach (['in every', 'out of every', 'out of', 'in'] as $word) {
            $length = $this->says($at + 2, $word);
            $whole = $length > 0 ? $this->cardinalAt($at + 2 + $length) : null;
            if ($whole !== null && $whole[0] >= 2 && $whole[0] <= 1000 && $whole[0] === floor($whole[0])) {
                $ends = $this->isClosed($whole[2] - 1)
                    || in_array($this->text($whole[2]), NumberWords::AFTER_SHARE, true);
                $tolerance = min(self::WIDEST, self::STEP / $whole[0]);
                $fraction = sprintf('1/%d', $whole[0]);

                return $ends ? $this->share(1 / $whole[0], $tolerance, $at, $whole[2], $fraction) : null;
            }
        }

        return null;
    }

    /**
     * “A tonne and a half”, “two hours and a half”.
     *
     * @return array{SpokenNumber, int}|null
     */
    private function andAHalfAt(int $at): ?array
    {
        $one = in_array($this->text($at), $this->language->one, true);
        $read = $one ? [1.0, 1.0, $at + 1] : $this->cardinalAt($at);
        $next = $read[2] ?? $at;
        $noun = $this->text($next);
        $isNoun = preg_match('/^\p{L}{3,}$/u', $noun) === 1 && !isset($this->language->parts[$noun])
            && !isset($this->language->sizes[$noun]) && !in_array($noun, $this->language->percent, true);
        if ($read === null || !$isNoun || $this->isClosed($next) || $this->says($next + 1, 'and a half') === 0) {
            return null;
        }

        return [$this->number(SpokenNumber::AMOUNT, $read[0] + 0.5, 0.25, $at, $next + 4), $next + 4];
    }

    /**
     * “Every fifth”.
     *
     * @return array{SpokenNumber, int}|null
     */
    private function everyAt(int $at): ?array
    {
        $text = $this->text($at + 1);
        $parts = $text === 'second' && $this->text($at + 2) !== '' ? 2 : $this->language->parts[$text] ?? null;

        $isOne = $this->text($at) === 'every' && $parts !== null && !str_ends_with($text, 's')
            && !in_array($text, ['half', 'quarter'], true);
        $tolerance = min(self::WIDEST, self::STEP / ($parts ?? 1));

        return $isOne
            ? [$this->number(SpokenNumber::SHARE, 1 / $parts, $tolerance, $at, $at + 2, '1/'.$parts), $at + 2]
            : null;
    }

    /**
     * “Between 30 and 40 per cent”, “two to three hundred”, “30–40 %”: what lies between, give or take the half of it.
     *
     * @return array{SpokenNumber|null, int}|null
     */
    private function betweenAt(int $at): ?array
    {
        $isBetween = $this->text($at) === 'between';
        $from = $isBetween ? $at + 1 : $at;
        $first = $this->text($at - 1) === 'from' ? null : $this->cardinalAt($from);
        if ($first === null) {
            return null;
        }
        [$low, , $next] = $first;
        foreach ($this->language->percent as $word) {
            $next += $this->isClosed($next - 1) ? 0 : $this->says($next, $word);
        }
        $isDash = $this->isOneWord($next - 1, $next) && ctype_digit($this->text($next - 1));
        $isJoined = $isBetween ? $this->text($next) === 'and' : $this->text($next) === 'to';
        $second = ($isJoined || $isDash) && !$this->isClosed($next - 1)
            ? $this->cardinalAt($isDash ? $next : $next + 1)
            : null;
        if ($second === null) {
            return null;
        }
        [$high, $step, $end] = $second;
        // “Two to three hundred”: both are hundreds.
        $size = $this->language->sizes[$this->text($end - 1)] ?? 1.0;
        $low = $low >= 1 && $low * $size < $high ? $low * $size : $low;
        if ($low >= $high) {
            return $low <= 12 && $high <= 12 ? [null, $end] : null;
        }
        [$middle, $half] = [($low + $high) / 2, ($high - $low) / 2 + $step * self::STEP];
        foreach ($this->language->percent as $word) {
            $length = $this->says($end, $word);
            if ($length > 0) {
                return $this->share($middle / 100, $half / 100, $at, $end + $length);
            }
        }

        return [$this->number(SpokenNumber::AMOUNT, $middle, $half, $at, $end), $end];
    }

    /**
     * “Minus four”, “point eight”, per mille.
     *
     * @return array{SpokenNumber|null, int}|null
     */
    private function signedAt(int $at): ?array
    {
        $text = $this->text($at);
        if ($text === $this->language->point && isset($this->language->small[$this->text($at + 1)])
            && $this->cardinalAt($at - 1) === null) {
            [$value, $step, $next] = $this->decimalsAfter($at, 0.0);

            return $value > 0 && $this->language->small[$this->text($at + 1)] < 10
                ? [$this->number(SpokenNumber::AMOUNT, $value, $step * self::STEP, $at, $next), $next]
                : null;
        }
        if (in_array($text, NumberWords::BELOW_ZERO, true)) {
            $read = $this->cardinalAt($at + 1);
            if ($read === null) {
                return null;
            }
            foreach ($this->language->percent as $word) {
                $length = $this->says($read[2], $word);
                if ($length > 0) {
                    // A share below zero is none.
                    return [null, $read[2] + $length];
                }
            }

            return [$this->number(SpokenNumber::AMOUNT, -$read[0], $read[1] * self::STEP, $at, $read[2]), $read[2]];
        }
        $read = $this->cardinalAt($at);
        if ($read === null) {
            return null;
        }
        foreach (NumberWords::PER_MILLE as $word) {
            $length = $this->says($read[2], $word);
            if ($length > 0) {
                return $this->share($read[0] / 1000, $read[1] * self::STEP / 1000, $at, $read[2] + $length);
            }
        }

        return null;
    }

    /** @return int how many words say a year in pairs, “nineteen ninety-nine”; 0 where none do */
    private function yearAt(int $at): int
    {
        $small = $this->language->small;
        $first = $small[$this->text($at)] ?? 0;
        $second = $small[$this->text($at + 1)] ?? 0;
        if ($first < 11 || $first > 20 || $second < 10) {
            return 0;
        }
        $third = $small[$this->text($at + 2)] ?? 0;

        return $second >= 20 && $third >= 1 && $third <= 9 ? 3 : 2;
    }

    /**
     * A third, three quarters, half; half of the rest.
     *
     * @return array{SpokenNumber, int}|null
     */
    private function fractionAt(int $at): ?array
    {
        $count = 1.0;
        $next = $at;
        $text = $this->text($at);
        if (in_array($text, $this->language->one, true)) {
            $next += in_array($this->text($next + 1), NumberWords::BEFORE_PART, true) ? 2 : 1;
        } elseif (isset($this->language->small[$text]) && $this->language->small[$text] < 100) {
            $count = (float) $this->language->small[$text];
            ++$next;
        } elseif (preg_match('/^[1-9]\d?$/D', $text) === 1 && !$this->isClosed($at)) {
            $count = (float) $text;
            ++$next;
        }
        $parts = $this->language->parts[$this->text($next)] ?? null;
        // “Half” needs no number before it; “third” by itself is a place in a row.
        if ($parts === null || ($next === $at && $parts !== 2) || $count > $parts) {
            return null;
        }
        // “The second half”, “a third time”.
        $isPlace = $next === $at && in_array($this->text($at - 1), NumberWords::PLACES, true);
        $isAgain = $count === 1.0 && !$this->isClosed($next)
            && in_array($this->text($next + 1), NumberWords::AFTER_PLACE, true);
        if ($isPlace || $isAgain) {
            return null;
        }
        ++$next;
        // “Half a million”, “a quarter of a million”: an amount.
        $size = $this->sizeAfter($next);
        if ($size !== null) {
            [$factor, $end] = $size;
            $value = ($count / $parts) * $factor;

            return [$this->number(SpokenNumber::AMOUNT, $value, $value * 0.05, $at, $end), $end];
        }

        // “Half of one per cent”.
        $of = $this->text($next) === 'of' ? $this->cardinalAt($next + 1) : null;
        foreach ($this->language->percent as $word) {
            $length = $of === null ? 0 : $this->says($of[2], $word);
            if ($of !== null && $length > 0) {
                $value = ($count / $parts) * $of[0] / 100;

                return $this->share($value, 0.25 * $value, $at, $of[2] + $length);
            }
        }

        return $this->share(
            $count / $parts,
            min(self::WIDEST, self::STEP / $parts),
            $at,
            $next,
            sprintf('%d/%d', $count, $parts),
        );
    }

    /** @return array{SpokenNumber|null, int}|null */
    private function amountAt(int $at): ?array
    {
        $read = $this->cardinalAt($at);
        if ($read === null) {
            return null;
        }
        [$value, $step, $next, $isPlain] = $read;
        foreach ($this->language->points as $word) {
            $length = $this->says($next, $word);
            if ($length > 0) {
                return [null, $next + $length];
            }
        }
        foreach ($this->language->percent as $word) {
            $length = $this->says($next, $word);
            if ($length > 0) {
                return $this->share($value / 100, ($step * self::STEP) / 100, $at, $next + $length);
            }
        }
        foreach ($value > 0 && $value < 1 ? NumberWords::OF_WHOLE : [] as $word) {
            $length = $this->says($next, $word);
            if ($length > 0) {
                return $this->share($value, $step * self::STEP, $at, $next + $length);
            }
        }
        foreach ($this->longestFirst($this->language->of) as $word) {
            $length = $this->says($next, $word);
            $whole = $length > 0 ? $this->cardinalAt($next + $length) ?? $this->bareSizeAt($next + $length) : null;
            if ($whole !== null && $value <= $whole[0] && $whole[0] >= 2 && $whole[0] <= 1000 && $value > 0) {
                $isWhole = $value === floor($value) && $whole[0] === floor($whole[0]);

                return $this->share(
                    $value / $whole[0],
                    min(self::WIDEST, self::STEP / $whole[0]),
                    $at,
                    $whole[2],
                    $isWhole ? sprintf('%d/%d', $value, $whole[0]) : null,
                );
            }
        }
        foreach ($this->longestFirst($this->language->timesWord) as $word) {
            $length = $this->says($next, $word);
            if ($length > 0) {
                $end = $next + $length;

                return [$this->number(SpokenNumber::TIMES, $value, 0.08 * $value, $at, $end), $end];
            }
        }
        if ($this->isName($at, $value, $isPlain)) {
            return [null, $next];
        }

        return [$this->number(SpokenNumber::AMOUNT, $value, $step * self::STEP, $at, $next), $next];
    }

    /**
     * The number, the step of its last digit, the place after it, and whether it is bare digits that could be a year.
     *
     * @return array{float, float, int, bool}|null
     */
    private function cardinalAt(int $at): ?array
    {
        $digits = $this->digitsAt($at);
        if ($digits !== null) {
            [$value, $step, $isPlain] = $digits;
            $next = $at + 1;
            // “1 200 000”: in groups of three.
            while (strlen($this->text($at)) <= 3 && preg_match('/^\d{3}$/D', $this->text($next)) === 1
                && !$this->isClosed($next - 1) && !$this->isOneWord($next - 1, $next)) {
                $value = $value * 1000 + (float) $this->text($next++);
                // Of round figures two digits are meant at least.
                $isRound = fmod($value, 1000.0) === 0.0;
                [$step, $isPlain] = [$isRound ? max(1.0, 10 ** (floor(log10(max(1.0, $value))) - 1)) : 1.0, false];
            }
            // “99 point 5”.
            if ($this->text($next) === $this->language->point && $step === 1.0 && ctype_digit($this->text($next + 1))) {
                $digits = $this->text($next + 1);
                $step = 10 ** -strlen($digits);
                [$value, $isPlain, $next] = [$value + (float) $digits * $step, false, $next + 2];
            }
            while (isset($this->language->sizes[$this->text($next)])) {
                $size = $this->language->sizes[$this->text($next++)];
                [$value, $step, $isPlain] = [$value * $size, $step * $size, false];
            }
            $half = in_array($this->text($next), $this->language->and, true) ? $this->halfAfter($next, $value) : null;
            if ($half !== null) {
                return $half;
            }

            return [$value, $step, $next, $isPlain];
        }

        return $this->wordsAt($at);
    }

    /** @return array{float, float, int, bool}|null a number in words */
    private function wordsAt(int $at): ?array
    {
        $language = $this->language;
        $total = 0.0;
        $group = 0.0;
        $next = $at;
        $last = null;
        while (true) {
            $text = $this->text($next);
            // “Twenty, five” are two numbers; “one thousand, two hundred” is one.
            $isLarge = ($language->sizes[$this->text($next - 1)] ?? 0) >= 1000;
            if ($last !== null && $this->isClosed($next - 1) && !$isLarge) {
                break;
            }
            $small = $language->small[$text] ?? null;
            $size = $language->sizes[$text] ?? null;
            $isOne = $last === null && in_array($text, $language->one, true)
                && isset($language->sizes[$this->text($next + 1)])
                && !in_array($this->text($next + 1), NumberWords::COUNTED, true);
            if ($last !== null && in_array($text, $language->and, true)) {
                $half = $this->halfAfter($next, $total + $group);
                if ($half !== null) {
                    return $half;
                }
                $follows = $language->small[$this->text($next + 1)] ?? null;
                // “Two hundred and forty”: and; “ten and three” are two numbers.
                if ($follows === null || $last < 100 || $follows === 0) {
                    break;
                }
                ++$next;
                continue;
            }
            if ($small !== null) {
                $fits = $last === null || $last >= 100 || ($last >= 20 && $last < 100 && $small > 0 && $small < 10);
                if (!$fits) {
                    break;
                }
                $group += $small;
                $last = $small;
            } elseif ($size !== null && ($last !== null || $isOne) && strlen($text) > 2) {
                if ($size < 1000) {
                    $group = ($group === 0.0 ? 1.0 : $group) * $size;
                } else {
                    $total += ($group === 0.0 ? 1.0 : $group) * $size;
                    $group = 0.0;
                }
                $last = 100;
            } elseif ($isOne) {
                $group = 1.0;
                $last = 1;
            } elseif ($text === $language->point && $last !== null && isset($language->small[$this->text($next + 1)])) {
                return $this->decimalsAfter($next, $total + $group);
            } else {
                break;
            }
            ++$next;
        }
        if ($last === null) {
            return null;
        }
        $value = $total + $group;
        // “A second one”: no figure is meant.
        if ($value === 1.0 && $next === $at + 1 && !$this->goesOn($next)) {
            return null;
        }

        return [$value, self::roundStep($value), $next, false];
    }

    /** Whether a number is followed by what makes a share or a multiple of it. */
    private function goesOn(int $at): bool
    {
        foreach ([...$this->language->of, ...$this->language->percent, ...$this->language->timesWord] as $phrase) {
            $length = $this->says($at, $phrase);
            if ($length > 0 && (!in_array($phrase, $this->language->of, true) || $this->isCounted($at + $length))) {
                return true;
            }
        }

        return false;
    }

    private function isCounted(int $at): bool
    {
        return isset($this->language->small[$this->text($at)]) || ctype_digit($this->text($at))
            || isset($this->language->sizes[$this->text($at + 1)]);
    }

    /**
     * “Every hundred”.
     *
     * @return array{float, float, int, bool}|null
     */
    private function bareSizeAt(int $at): ?array
    {
        $size = $this->language->sizes[$this->text($at)] ?? null;

        return $size === null || $size > 1000 ? null : [$size, $size, $at + 1, false];
    }

    /** Half of it is how far a number in words can be off: “three hundred thousand” is round, “forty-one” is not. */
    private static function roundStep(float $value): float
    {
        $step = 1.0;
        while ($value >= $step * 10 && fmod($value, $step * 10) === 0.0) {
            $step *= 10;
        }

        return max(1.0, min($step, $value / 10));
    }

    /**
     * “and a half”, “and three quarters”, with the size after it.
     *
     * @return array{float, float, int, bool}|null
     */
    private function halfAfter(int $and, float $before): ?array
    {
        $language = $this->language;
        $next = $and + 1;
        $count = 1.0;
        if ($this->isClosed($and - 1)) {
            return null;
        }
        if (in_array($this->text($next), $language->one, true)) {
            ++$next;
        } elseif (isset($language->small[$this->text($next)])) {
            $count = (float) $language->small[$this->text($next++)];
        }
        $parts = $language->parts[$this->text($next)] ?? null;
        if ($parts === null || $next === $and + 1) {
            return null;
        }
        ++$next;
        $part = $count / $parts;
        $size = $language->sizes[$this->text($next)] ?? null;
        if ($size !== null) {
            return [($before + $part) * $size, $size / $parts, $next + 1, false];
        }
        // “A million and a half” is half of the million.
        $unit = 1.0;
        foreach ($language->sizes as $one) {
            $unit = $one <= $before && $one >= 1000 && fmod($before, $one) === 0.0 ? max($unit, $one) : $unit;
        }

        return [$before + $part * $unit, $unit / $parts, $next, false];
    }

    /**
     * “Two point five million”.
     *
     * @return array{float, float, int, bool}
     */
    private function decimalsAfter(int $point, float $before): array
    {
        $step = 1.0;
        $value = $before;
        $next = $point + 1;
        while (($digit = $this->language->small[$this->text($next)] ?? 10) < 10) {
            $step /= 10;
            $value += $digit * $step;
            ++$next;
        }
        while (isset($this->language->sizes[$this->text($next)])) {
            $size = $this->language->sizes[$this->text($next++)];
            [$value, $step] = [$value * $size, $step * $size];
        }

        return [$value, $step, $next, false];
    }

    /**
     * A number in figures: its value, the step of its last digit, and whether it is nothing but digits.
     *
     * @return array{float, float, bool}|null
     */
    private function digitsAt(int $at): ?array
    {
        $text = $this->text($at);
        if (preg_match('/^\d{1,3}(?:,\d{3})+(?:\.\d+)?$|^\d*(?:\.\d+)?$/D', $text) !== 1 || $text === '') {
            return null;
        }
        $value = (float) str_replace(',', '', $text);
        $point = strpos($text, '.');
        $decimals = $point === false ? 0 : strlen($text) - $point - 1;
        $digits = str_replace(',', '', $text);
        $zeros = $decimals > 0 ? 0 : strlen($digits) - strlen(rtrim($digits, '0'));
        // Of round figures two digits are meant at least: 5,000 is 50 off at most.
        $step = 10 ** ($decimals > 0 ? -$decimals : max(0, min($zeros, strlen($digits) - 2)));

        return [$value, (float) $step, $decimals === 0 && !str_contains($text, ',')];
    }

    /**
     * “a million”, “of a million” after a part.
     *
     * @return array{float, int}|null
     */
    private function sizeAfter(int $at): ?array
    {
        $next = $this->text($at) === 'of' ? $at + 1 : $at;
        if (!in_array($this->text($next), $this->language->one, true)) {
            return null;
        }
        $size = $this->language->sizes[$this->text($next + 1)] ?? null;

        return $size === null || strlen($this->text($next + 1)) <= 2 ? null : [$size, $next + 2];
    }

    /** @return array{SpokenNumber, int} a share of the whole, or of what is left of it */
    private function share(float $value, float $tolerance, int $at, int $next, ?string $fraction = null): array
    {
        foreach ($this->language->ofRest as $phrase) {
            $length = $this->isClosed($next - 1) ? 0 : $this->says($next, $phrase);
            if ($length > 0) {
                $end = $next + $length;

                return [$this->number(SpokenNumber::SHARE_OF_REST, $value, $tolerance, $at, $end, $fraction), $end];
            }
        }

        return [$this->number(SpokenNumber::SHARE, $value, $tolerance, $at, $next, $fraction), $next];
    }

    private function number(
        string $kind,
        float $value,
        float $tolerance,
        int $at,
        int $next,
        ?string $fraction = null,
    ): SpokenNumber {
        $rough = false;
        foreach ($this->language->about as $phrase) {
            $length = count(explode(' ', $phrase));
            $rough = $rough || ($at >= $length && $this->says($at - $length, $phrase) > 0);
        }

        return new SpokenNumber(
            $kind,
            $value,
            $tolerance * ($rough ? self::ROUGH : 1.0),
            $this->parts[$at]['word'],
            $this->parts[$next - 1]['word'] + 1,
            $fraction,
        );
    }

    /** A year, or what follows “page” or “number”. */
    private function isName(int $at, float $value, bool $isPlain): bool
    {
        $before = $this->text($at - 1);
        $isYear = $isPlain && $value >= 1800 && $value < 2100 && $value === floor($value);

        $isNumbered = in_array($before, NumberWords::NUMBERED, true)
            && !in_array($this->text($at - 2), NumberWords::BEFORE_ONE, true);

        return ($isNumbered || in_array($before, $this->language->notFigures, true))
            && !$this->isClosed($at - 1)
            && ($isYear || !in_array($before, ['in', 'by', 'since', 'until', 'during'], true));
    }

    private function isOfRest(int $at): bool
    {
        return $this->text($at - 1) === 'of';
    }

    private function text(int $at): string
    {
        return $this->parts[$at]['text'] ?? '';
    }

    /** @return int how many words of the line say a phrase from a place on; 0 where they do not */
    private function says(int $at, string $phrase): int
    {
        $words = explode(' ', $phrase);
        foreach ($words as $index => $word) {
            if ($this->text($at + $index) !== $word) {
                return 0;
            }
        }

        return count($words);
    }

    /**
     * @param list<string> $phrases
     *
     * @return list<string>
     */
    private function longestFirst(array $phrases): array
    {
        usort($phrases, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return $phrases;
    }

    /** @return list<string> a word as written, in its smallest parts: “forty-one” is two, “41%” is two */
    private function smallest(string $word): array
    {
        // “4K” and “24/7” are names, not numbers.
        if (preg_match('/^\d+[KGD]\b|^24\/7/', $word) === 1) {
            return ['('.mb_strtolower($word).')'];
        }
        $word = preg_replace('/^[−-](?=\d)/u', 'minus ', $word) ?? $word;
        $word = preg_replace('/^(?=\.\d)/', '0', $word) ?? $word;
        $bare = mb_strtolower(preg_replace('/^[^\p{L}\p{N}½¼¾⅓⅔%‰]+|[^\p{L}\p{N}½¼¾⅓⅔%‰]+$/u', '', $word) ?? $word);
        $bare = preg_replace('/(?<=\d)(?=[½¼¾⅓⅔])/u', ' and', $bare) ?? $bare;
        $bare = strtr($bare, $this->language->signs);
        // “5’000”, “1.234.567” and “12,5” leave no choice.
        if (preg_match('/^\D?\d{1,3}((\.\d{3}){2,}|([\'’]\d{3})+)(\D|$)/u', $bare) === 1) {
            $bare = str_replace(['.', '\'', '’'], '', $bare);
        }
        $bare = preg_replace('/^(\D?\d+),(?=\d{1,2}(?![\d,]))/u', '$1.', $bare) ?? $bare;
        $bare = preg_replace('/(?<=\d)(?=%|‰|k$|m$|bn$)/u', ' ', $bare) ?? $bare;
        $bare = preg_replace('/^(\p{L}+|\d+)fold$/u', '$1 fold', $bare) ?? $bare;
        $bare = preg_replace('/^(\d+)\/(\d+)$/', '$1 in $2', $bare) ?? $bare;
        $parts = preg_split('/[\s\-–—]+/u', $bare, -1, PREG_SPLIT_NO_EMPTY);

        return $parts === false ? [] : $parts;
    }
}
