<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\Table;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenNumber;
use Lupine\Core\Script\SpokenNumbers;

/**
 * Numbers that texts on the stage and the narrator state, of which no figure is one: neither a cell, a total, a share
 * or a count, nor a difference, a multiple or a change of two of them.
 */
final class StatedNumbers
{
    /** amounts below it count things that no table need have */
    private const LEAST = 10.0;

    /** how far a share may be rounded: half a per cent */
    private const ROUNDED = 0.0051;

    /** part of a multiple by which it may be meant otherwise */
    private const ROUGHLY = 0.12;

    /** pairs that are compared, in a table */
    private const MOST = 20_000;

    /** words after a number that make it a time or a place (common practice, no source) */
    private const OTHER = '/^(hours?|minutes?|seconds?|days?|weeks?|months?|years?|mph|kilomet\w+|miles?|metres?|°C?)\b/iu';

    /** words after a number that make it a count of what is shown (common practice, no source) */
    private const COUNTED = '/^(kinds|parts|groups|categories|types|slices|bars|columns)\b/iu';

    /** @var list<float> */
    private array $amounts = [];

    /** @var list<float> how many rows and columns there are */
    private array $counts = [];

    /** @var list<float> */
    private array $shares = [];

    /** @var list<float> */
    private array $ratios = [];

    private int $pairs = 0;

    /** whether some cells hold what is not worked out here, a formula or a rest: nothing is said to be nowhere then */
    private bool $isOpen = false;

    private function __construct(Piece $piece)
    {
        foreach ($piece->tables as $table) {
            $this->know($table);
        }
    }

    /** @return list<array{FreeText, string}> a text, and the words of a number in it that is nowhere in the figures */
    public static function nowhere(Piece $piece): array
    {
        $texts = array_filter(
            $piece->words,
            static fn (FreeText $text): bool => !$text->isHidden && $text->role !== 'source',
        );
        $known = null;
        $found = [];
        foreach ($texts as $text) {
            $words = Beats::split(BoundText::filled($text->text, static fn (): string => '–'));
            foreach (SpokenNumbers::in($words) as $number) {
                // The figures are only read where a text says a number.
                $known ??= new self($piece);
                if (!$known->knows($number, $words)) {
                    $found[] = [$text, self::words($number, $words)];
                }
            }
        }

        return $found;
    }

    /**
     * Numbers of the narrator that mean no figure, and are none.
     *
     * @param list<SaidFigure> $said what is known of the figures that are meant
     *
     * @return list<array{ScriptLine, string, int}> a line, the words of a number in it, and the place of its first
     */
    public static function saidNowhere(Piece $piece, array $said): array
    {
        $known = null;
        $found = [];
        foreach ($piece->narration->lines as $line) {
            $words = Beats::split($line->text);
            foreach (SpokenNumbers::in($words) as $number) {
                $isMeant = array_filter($said, static fn (SaidFigure $one): bool => $one->line === $line->id
                    && $one->from < $number->to && $one->to > $number->from);
                if ($isMeant !== []) {
                    continue;
                }
                $known ??= new self($piece);
                if (!$known->knows($number, $words)) {
                    $found[] = [$line, self::words($number, $words), $number->from];
                }
            }
        }

        return $found;
    }

    /** @param list<string> $words */
    private static function words(SpokenNumber $number, array $words): string
    {
        return trim(implode(' ', array_slice($words, $number->from, $number->to - $number->from)), ' ,.;:!?');
    }

    /** @param list<string> $words that it is said in */
    private function knows(SpokenNumber $number, array $words): bool
    {
        $next = $words[$number->to] ?? '';
        $isCount = $number->kind === SpokenNumber::AMOUNT && preg_match(self::COUNTED, $next) === 1;

        return ($isCount ? in_array($number->value, $this->counts, true) : $this->has($number))
            || preg_match(self::OTHER, $next) === 1;
    }

    private function has(SpokenNumber $number): bool
    {
        if ($this->isOpen) {
            return true;
        }
        [$all, $tolerance] = match ($number->kind) {
            SpokenNumber::AMOUNT => [$this->amounts, $number->tolerance],
            SpokenNumber::SHARE => [$this->shares, max($number->tolerance, self::ROUNDED)],
            SpokenNumber::TIMES => [$this->ratios, self::ROUGHLY * $number->value],
            default => [[], INF],
        };
        foreach ($all as $one) {
            if (abs($one - $number->value) <= $tolerance) {
                return true;
            }
        }

        return $tolerance === INF || ($number->kind === SpokenNumber::AMOUNT && $number->value < self::LEAST);
    }

    private function know(Table $table): void
    {
        $this->pairs = 0;
        $this->amounts[] = (float) count($table->rows);
        array_push($this->counts, (float) count($table->rows), (float) count($table->columns));
        $columns = $totals = [];
        foreach (array_keys($table->columns) as $column) {
            foreach ($table->rows as $row) {
                $columns[$column][$row->id] = $this->cell($row->cells[$column] ?? '');
            }
            $there = array_filter($columns[$column] ?? [], static fn (?float $one): bool => $one !== null);
            $totals[$column] = array_sum($there);
            $this->amounts[] = $totals[$column];
            foreach ($there as $one) {
                $this->amounts[] = $one;
                $share = $totals[$column] > 0 ? $one / $totals[$column] : 0.0;
                array_push($this->shares, $share, 1 - $share);
            }
            $this->compare(array_values($there));
        }
        foreach ($table->rows as $row) {
            $cells = array_map(static fn (array $cells): ?float => $cells[$row->id], $columns);
            $this->compare(array_values(array_filter($cells, static fn (?float $one): bool => $one !== null)));
        }
        $this->compare(array_values($totals));
        $whole = $this->cell($table->whole ?? '');
        if ($whole !== null && $whole > 0) {
            $this->amounts[] = $whole;
            foreach ($columns as $cells) {
                foreach ($cells as $one) {
                    $this->shares[] = ($one ?? 0.0) / $whole;
                }
            }
        }
    }

    /** @param list<float> $all of which any two may be compared */
    private function compare(array $all): void
    {
        foreach ($all as $place => $one) {
            for ($next = $place + 1; $next < count($all) && $this->pairs < self::MOST; ++$next, ++$this->pairs) {
                $other = $all[$next];
                [$low, $high] = [min($one, $other), max($one, $other)];
                $this->amounts[] = $high - $low;
                $this->amounts[] = $one + $other;
                if ($low > 0) {
                    array_push($this->ratios, $high / $low, $low / $high);
                    array_push($this->shares, $high / $low - 1, 1 - $low / $high, $low / $high);
                }
            }
        }
    }

    /** A percentage is known as a share, too. */
    private function cell(string $cell): ?float
    {
        try {
            $read = $cell === '' ? null : CellNumber::read($cell);
        } catch (NotANumber) {
            $this->isOpen = $this->isOpen || str_starts_with(trim($cell), '=');

            return null;
        }
        if ($read === null || $read->isRest) {
            $this->isOpen = $this->isOpen || $read !== null;

            return null;
        }
        if ($read->unit === '%') {
            $this->shares[] = $read->value->toFloat() / 100;
        }

        return $read->value->toFloat();
    }
}
