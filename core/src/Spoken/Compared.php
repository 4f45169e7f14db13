<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Lupine\Core\Script\SpokenNumber;

/** Numbers that say what one figure is beside another: “twice as many as”, “three quarters of the”, “4 more than”. */
final readonly class Compared
{
    private const DIFFERENCE = '/^(more|fewer|less|higher|lower)( \S+){0,3}? than\b/iu';
    private const TIMES = '/^(times )?(as (many|much|large|high|heavy)|the (number|amount|size|weight) of)\b/iu';

    /** @param list<string> $clause the words after the number */
    public static function isOne(SpokenNumber $number, array $clause): bool
    {
        $text = implode(' ', $clause);

        return match ($number->kind) {
            SpokenNumber::AMOUNT => preg_match(self::DIFFERENCE, $text) === 1 || preg_match(self::TIMES, $text) === 1,
            // “Twice as many” is the number itself.
            SpokenNumber::TIMES => preg_match(self::TIMES, $text) === 1 || preg_match('/^as\b/iu', $text) === 1,
            SpokenNumber::SHARE => preg_match(self::TIMES, $text) === 1,
            default => false,
        };
    }

    public static function isTimes(SpokenNumber $number): bool
    {
        return $number->kind !== SpokenNumber::AMOUNT;
    }

    /**
     * The words between the number and what it is beside, and those of what it is beside.
     *
     * @param list<string> $clause
     *
     * @return array{list<string>, list<string>}
     */
    public static function parts(array $clause): array
    {
        foreach ($clause as $place => $word) {
            $isFirst = preg_match('/^(many|much|large|high|heavy)$/iu', $clause[$place + 1] ?? '') === 1;
            $isSecond = strtolower($word) === 'as' && !$isFirst;
            if ($isSecond || in_array(strtolower($word), ['than', 'of'], true)) {
                return [array_slice($clause, 0, $place), array_slice($clause, $place + 1)];
            }
        }

        return [$clause, []];
    }

    /**
     * What the number should be; null where that cannot be said.
     *
     * @param list<string> $clause
     */
    public static function of(SpokenNumber $number, array $clause, float $one, float $other): ?float
    {
        if (preg_match(self::DIFFERENCE, implode(' ', $clause), $found) === 1) {
            $isMore = in_array(strtolower($found[1]), ['more', 'higher'], true);

            return $isMore ? $one - $other : $other - $one;
        }

        return $other > 0 ? $one / $other : null;
    }
}
