<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Brick\Math\BigRational;
use Brick\Math\Exception\RoundingNecessaryException;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenNumber;
use Lupine\Core\Script\SpokenNumbers;
use Lupine\Core\Script\WrittenLine;

/**
 * The chart that a text tells without a table: “Four in ten were kettles, 23 per cent lamps, and the rest clothing”.
 *
 * Shares make the parts of a whole; where there are none, amounts make a comparison. The name of a number is what
 * follows it up to the next comma, or what stands before it where nothing follows.
 */
final class ToldChart
{
    /** words between a number and its name that say nothing of it (common practice, no source) */
    private const BETWEEN = [
        'of', 'them', 'it', 'all', 'those', 'these', 'the', 'were', 'was', 'are', 'is', 'be', 'came', 'come', 'went',
        'made', 'up', 'for', 'by', 'from', 'to', 'as', 'things', 'people', 'that', 'which', 'had', 'been', 'being',
        'and', 'then', 'only', 'just', 'about', 'around', 'nearly', 'almost', 'over', 'under', 'more', 'less', 'than',
        'followed', 'with', 'another', 'a', 'an', 'roughly', 'some', 'did', 'do', 'we', 'they', 'in', 'at', 'on',
        'accounted', 'stood', 'reached', 'took', 'saw', 'brought', 'counted', 'mended', 'but', 'while', 'so',
    ];

    /** words that begin where something is, not what (common practice, no source) */
    private const PLACES = ['through', 'into', 'out', 'off', 'across', 'back', 'last', 'this', 'every', 'during'];

    /** words that no thing is named by: who does something, what is done, and when (common practice, no source) */
    private const NO_NAME = [
        'i', 'you', 'he', 'she', 'nobody', 'somebody', 'everybody', 'everyone', 'anyone', 'one', 'who', 'what', 'when',
        'where', 'why', 'how', 'not', 'never', 'again', 'later', 'now', 'here', 'there', 'too', 'also', 'still',
        'already', 'ago', 'yet', 'soon', 'needed', 'need', 'needs', 'wanted', 'want', 'works', 'worked', 'stayed', 'left',
        'waited', 'told', 'says', 'said', 'goes', 'gone', 'go', 'fell', 'rose', 'grew', 'lost', 'won', 'broke', 'broken',
        'could', 'would', 'should', 'can', 'will', 'may', 'might', 'must', 'cannot', 'has', 'have', 'my', 'our', 'your',
        'his', 'her', 'their', 'its', 'us', 'me', 'him', 'whether', 'because', 'until', 'before', 'after', 'since', 'if',
    ];

    private const LONGEST_NAME = 4;

    private const BEFORE = 5;

    /** @var list<ToldFigure> */
    public array $figures = [];

    /** the whole, where the text tells it as a number by itself; empty where it does not */
    public string $whole = '';

    /** what the whole is, as the text says it: “1,248 broken things”; empty where it does not */
    public string $title = '';

    /** @param list<WrittenLine> $lines */
    private function __construct(private readonly array $lines)
    {
    }

    /** @param list<WrittenLine> $lines */
    public static function of(array $lines): self
    {
        $chart = new self($lines);
        $numbers = array_map(
            static fn (WrittenLine $line): array => SpokenNumbers::in(Beats::split($line->text)),
            $lines,
        );
        $kinds = array_map(static fn (SpokenNumber $one): string => $one->kind, array_merge(...$numbers));
        $hasShares = array_intersect($kinds, [SpokenNumber::SHARE, SpokenNumber::REST]) !== [];
        $left = BigRational::one();
        foreach ($numbers as $line => $inLine) {
            foreach ($inLine as $index => $number) {
                $isShare = in_array(
                    $number->kind,
                    [SpokenNumber::SHARE, SpokenNumber::REST, SpokenNumber::SHARE_OF_REST],
                    true,
                );
                if ($number->kind === SpokenNumber::TIMES || $isShare !== $hasShares) {
                    // Beside shares, a large number by itself is the whole of which they are parts.
                    $isWhole = $hasShares && $number->kind === SpokenNumber::AMOUNT && $number->value >= 20;
                    if ($isWhole && $chart->whole === '') {
                        $chart->whole = self::plain($number->value);
                        $counted = implode(' ', $chart->counted($line, $number));
                        $chart->title = trim($chart->wordsOf($line, $number).' '.$counted);
                    }
                    continue;
                }
                [$label, $isGuess] = $chart->label(
                    $line,
                    $number,
                    $inLine[$index - 1] ?? null,
                    $inLine[$index + 1] ?? null,
                );
                if ($label === '') {
                    continue;
                }
                $share = BigRational::of($number->fraction ?? number_format($number->value, 9, '.', ''));
                $share = $number->kind === SpokenNumber::SHARE_OF_REST ? $share->multipliedBy($left) : $share;
                $left = $left->minus($share);
                $left = $left->isNegative() ? BigRational::zero() : $left;
                $chart->add($line, $number, $label, match ($number->kind) {
                    SpokenNumber::REST => 'rest',
                    SpokenNumber::AMOUNT => self::plain($number->value),
                    default => self::percent($share),
                }, $isGuess);
            }
        }

        return $chart;
    }

    /** Whether it is worth a chart: two figures at least that have names. */
    public function isTold(): bool
    {
        return count($this->figures) >= 2;
    }

    private function add(int $line, SpokenNumber $number, string $label, string $cell, bool $isGuess): void
    {
        foreach ($this->figures as $figure) {
            // What is said again is the same figure.
            if (mb_strtolower($figure->label) === mb_strtolower($label)) {
                return;
            }
        }
        $words = $this->wordsOf($line, $number);
        $this->figures[] = new ToldFigure($label, $cell, $line, $number->from, $number->to, $words, $isGuess);
    }

    /** @return list<string> what a number counts: the words after it, up to one that says nothing of it */
    private function counted(int $line, SpokenNumber $number): array
    {
        $counted = [];
        foreach (array_slice(Beats::split($this->lines[$line]->text), $number->to, self::LONGEST_NAME) as $word) {
            $bare = trim($word, ' ,.;:!?');
            $isThing = $counted === [] && in_array($bare, ['things', 'people'], true);
            if (!$isThing && in_array(mb_strtolower($bare), [...self::BETWEEN, ...self::PLACES], true)) {
                return $bare === 'things' ? [...$counted, $bare] : $counted;
            }
            $counted[] = $bare;
            if (self::isClosed($word)) {
                break;
            }
        }

        return $counted;
    }

    private function wordsOf(int $line, SpokenNumber $number): string
    {
        $words = array_slice(Beats::split($this->lines[$line]->text), $number->from, $number->to - $number->from);

        return trim(implode(' ', $words), ' ,.;:!?');
    }

    /** @return array{string, bool} the name of a number, and whether it is only a guess */
    private function label(int $line, SpokenNumber $number, ?SpokenNumber $earlier, ?SpokenNumber $later): array
    {
        $words = Beats::split($this->lines[$line]->text);
        $after = [];
        for ($at = $number->to; $at < ($later->from ?? count($words)); ++$at) {
            $isClosed = self::isClosed($words[$at - 1]);
            if (($isClosed && $after !== []) || ($isClosed && $at === $number->to)) {
                break;
            }
            $after[] = $words[$at];
        }
        $name = self::name($after);
        if ($name !== '') {
            return [$name, self::isGuess($name)];
        }
        $before = [];
        $first = max($earlier->to ?? 0, $number->from - self::BEFORE);
        for ($at = $number->from - 1; $at >= $first; --$at) {
            if (self::isClosed($words[$at]) && $before !== []) {
                break;
            }
            array_unshift($before, $words[$at]);
        }

        $name = self::name($before);

        return [$name, self::isGuess($name)];
    }

    /** Whether words that were taken for a name may be none: they say more than what it is, or something else. */
    private static function isGuess(string $name): bool
    {
        $words = explode(' ', mb_strtolower($name));
        foreach ($words as $word) {
            if (in_array($word, self::NO_NAME, true) || preg_match('/..ly$/u', $word) === 1) {
                return true;
            }
        }

        return count($words) >= self::LONGEST_NAME;
    }

    /** @param list<string> $words */
    private static function name(array $words): string
    {
        $bare = array_map(static fn (string $word): string => trim($word, " ,.;:!?()“”\"'’"), $words);
        $isEmpty = static fn (string $word): bool => $word === ''
            || in_array(mb_strtolower($word), self::BETWEEN, true);
        while ($bare !== [] && $isEmpty($bare[0])) {
            array_shift($bare);
        }
        $name = [];
        foreach ($bare as $word) {
            // A verb ends the name; “and” does not: “toys and games”.
            if ($name !== [] && $isEmpty($word) && mb_strtolower($word) !== 'and') {
                break;
            }
            $name[] = $word;
        }
        $name = array_slice($name, 0, self::LONGEST_NAME);
        while ($name !== [] && $isEmpty($name[count($name) - 1])) {
            array_pop($name);
        }
        $text = implode(' ', $name);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    private static function isClosed(string $word): bool
    {
        return preg_match('/[,.;:!?)]["”’]?$/u', $word) === 1;
    }

    /** A share as it is kept: exactly, “41%” or “100/3%”. */
    private static function percent(BigRational $share): string
    {
        $percent = $share->multipliedBy(100)->simplified();
        try {
            return rtrim(rtrim((string) $percent->toScale(6), '0'), '.').'%';
        } catch (RoundingNecessaryException) {
            return $percent->getNumerator().'/'.$percent->getDenominator().'%';
        }
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
