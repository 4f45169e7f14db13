<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Script\Beats;

/**
 * What is said of figures without a number: that one is the largest, or the smallest, more than another, or most of the
 * whole. Where it is not said of figures by their names, nothing is known of it.
 */
final readonly class SaidOrder
{
    /** what ends a superlative, or is said to be one; any other word makes it one of something else */
    private const OF_FIGURES = '(?=\s*$|\s*[,.;:!?]|\s+(group|part|share|number|count|slice|piece|kind|amount|total|bar|column'
        .'|segment|figure|category|of|and|by|at|with|were|was|is|are|came|come)\b)';

    private const MOST = '(?<most>largest|biggest|greatest|highest|commonest|heaviest)';
    private const LEAST = '(?<least>smallest|fewest|lowest|lightest|rarest)';

    /** “The second largest”, “one of the largest”, “the largest in years”: something else */
    private const NOT_FIRST = '/\b(second|third|fourth|fifth|next|among|one of|two|three|of its kind)\b'
        .'|\b(ever|yet|since|so far|record|years?|\d{4})\b/iu';
    private const MORE = '/\b(?<more>more|fewer|less)\b(?<one>[^,;.]*?)\bthan\b(?<other>[^,;.]*)/iu';
    private const MAJORITY = '/\bmost (of )?(them|these|those|all|it|the things|things|what|everything)\b/iu';

    /** @param array<string, Figures> $figures those that are shown, by chart */
    private function __construct(private array $figures)
    {
    }

    /** Whether a text says anything of that kind. */
    public static function isSaid(string $text): bool
    {
        return preg_match('/\b('.self::MOST.'|'.self::LEAST.'|than)\b/iu', $text) === 1
            || preg_match(self::MAJORITY, $text) === 1;
    }

    /**
     * @param string $text of a line, or of a text on the stage
     * @param array<string, Figures> $figures those that are shown while it is said, by chart
     *
     * @return list<array{string, string}> the clause that is not so, and what is, in a sentence
     */
    public static function wrong(string $text, array $figures): array
    {
        $order = new self($figures);
        $wrong = [];
        $clauses = preg_split('/(?<=[.;!?])\s+/u', $text);
        foreach ($clauses === false ? [] : $clauses as $clause) {
            $is = $order->beside($clause) ?? $order->first($clause) ?? $order->majority($clause);
            if ($is !== null) {
                $wrong[] = [trim($clause, ' .,;:'), $is];
            }
        }

        return $wrong;
    }

    /** “More lamps than coats”. */
    private function beside(string $clause): ?string
    {
        // “40 more bicycles than toys” is held to its number.
        $isNumbered = preg_match('/[\d%]\s+(more|fewer|less)\b/iu', $clause) === 1;
        if ($isNumbered || preg_match(self::MORE, $clause, $found) !== 1) {
            return null;
        }
        $before = substr($clause, 0, (int) strpos($clause, $found[0]));
        foreach ($this->figures as $figures) {
            $isBare = preg_match('/^\s*(common|numerous|often|of them|things)?\s*$/iu', $found['one']) === 1;
            $one = $this->only($figures, $isBare ? $before : $found['one']);
            $other = $this->only($figures, $found['other']);
            if ($one === null || $other === null || $one->id === $other->id) {
                continue;
            }
            $isMore = strtolower($found['more']) === 'more';
            $is = $isMore ? $one->value() > $other->value() : $one->value() < $other->value();

            return $is ? null : sprintf(
                '%s is %s, %s %s',
                $one->fullLabel(),
                self::plain($one),
                $other->fullLabel(),
                self::plain($other),
            );
        }

        return null;
    }

    /** “Kettles were the largest group”. */
    private function first(string $clause): ?string
    {
        $superlative = '/\bthe\s+(?:\S+\s+)?(?:'.self::MOST.'|'.self::LEAST.')\b'.self::OF_FIGURES.'/iu';
        $isFirst = preg_match($superlative, $clause, $found) === 1
            && preg_match(self::NOT_FIRST, $clause) !== 1;
        foreach ($isFirst ? $this->figures : [] as $figures) {
            $one = $this->only($figures, $clause);
            if ($one === null || count($figures->list) < 2) {
                continue;
            }
            $values = array_map(static fn (Figure $figure): float => $figure->value(), $figures->list);
            $isMost = ($found['most'] ?? '') !== '';
            $end = $isMost ? max($values) : min($values);
            if ($one->value() === $end) {
                return null;
            }
            $at = $figures->list[(int) array_search($end, $values, true)];

            return sprintf('%s is the %s', $at->fullLabel(), $isMost ? 'largest' : 'smallest');
        }

        return null;
    }

    /** “Most of them were lamps”. */
    private function majority(string $clause): ?string
    {
        foreach (preg_match(self::MAJORITY, $clause) === 1 ? $this->figures : [] as $figures) {
            $one = $this->only($figures, $clause);
            $whole = $figures->whole->toFloat();
            if ($one === null || $whole <= 0 || count($figures->list) < 2) {
                continue;
            }
            $share = $one->value() / $whole;

            return $share > 0.5 ? null : sprintf('%s is %s %% of the whole', $one->fullLabel(), round($share * 100, 1));
        }

        return null;
    }

    /** The one figure that is named by some words; null where it is none, or several. */
    private function only(Figures $figures, string $words): ?Figure
    {
        $there = NamedWords::stems(Beats::split($words));
        $named = array_values(array_filter(
            $figures->list,
            static fn (Figure $one): bool => NamedWords::of($one->fullLabel())->among($there) >= 0.5,
        ));

        return count($named) === 1 ? $named[0] : null;
    }

    private static function plain(Figure $figure): string
    {
        return number_format($figure->value(), $figure->decimals, '.', ',');
    }
}
