<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenNumber;
use Lupine\Core\Script\SpokenNumbers;

/**
 * Which figures the narrator means: by the numbers that are said, by the names beside them, or by both. A number whose
 * name is another figure's differs from the table, and is told.
 */
final class SaidFigures
{
    /** how near a number is that is right by itself, with no name beside it */
    private const NEAR = 0.7;

    /** how much nearer than to any other figure it has to be */
    private const APART = 0.25;

    /** part of a multiple by which it may be meant otherwise: what is said to have doubled, has about doubled */
    private const ROUGHLY = 0.12;

    /** how many words before a number its name can be */
    private const BEFORE = 4;

    /** @var array<string, float> what was said of the whole so far, by chart */
    private array $told = [];

    /** @var array<string, array<string, true>> figures that were said, by chart */
    private array $said = [];

    /** @var array<string, array<string, NamedWords>> by chart and figure */
    private array $names = [];

    /** @var array<string, list<array{string, Figure}>> charts and figures by the word that their name begins with */
    private array $begins = [];

    /** @param array<string, Figures> $figures by chart */
    private function __construct(private readonly Piece $piece, private readonly array $figures)
    {
        foreach ($figures as $chart => $of) {
            foreach ($of->list as $figure) {
                $name = $this->names[$chart][$figure->id] = NamedWords::of($figure->fullLabel());
                if ($name->stems !== []) {
                    $this->begins[$name->stems[0]][] = [(string) $chart, $figure];
                }
            }
        }
    }

    /**
     * @param array<string, Figures> $figures of each chart, as it is shown at first
     *
     * @return list<SaidFigure> in the order in which they are said
     */
    public static function of(Piece $piece, array $figures): array
    {
        $reader = new self($piece, $figures);
        $found = [];
        foreach ($piece->narration->lines as $line) {
            array_push($found, ...$reader->inLine($line));
        }

        return $found;
    }

    /** @return list<SaidFigure> */
    private function inLine(ScriptLine $line): array
    {
        $words = Beats::split($line->text);
        $numbers = SpokenNumbers::in($words);
        $found = [];
        foreach ($numbers as $index => $number) {
            $after = array_slice($words, $number->to, ($numbers[$index + 1]->from ?? count($words)) - $number->to);
            $from = max($numbers[$index - 1]->to ?? 0, $number->from - self::BEFORE);
            $before = array_slice($words, $from, $number->from - $from);
            // “Lamps 23 %, clothing 16 %”: what follows a comma is not said of the number before it.
            $isClosed = preg_match('/[,.;:!?]$/u', $words[$number->to - 1]) === 1;
            $said = $this->meant($line, $number, $isClosed ? [] : self::clause($after), $before);
            if ($said !== null) {
                $found[] = $said;
            }
        }
        array_push($found, ...$this->named($line, $words, $found));
        usort($found, static fn (SaidFigure $one, SaidFigure $other): int => $one->from <=> $other->from);

        return $found;
    }

    /**
     * @param list<string> $after
     * @param list<string> $before
     */
    private function meant(ScriptLine $line, SpokenNumber $number, array $after, array $before): ?SaidFigure
    {
        [$after, $before] = [NamedWords::stems($after), NamedWords::stems($before)];
        $best = null;
        $second = 0.0;
        foreach ($this->figures as $chart => $figures) {
            foreach ($figures->list as $figure) {
                $is = $this->valueOf($number, $figure, $chart);
                if ($is === null) {
                    continue;
                }
                $name = $this->names[$chart][$figure->id];
                // A name before a number that is spoken of already belongs to the number before it.
                $earlier = isset($this->said[$chart][$figure->id]) ? 0.0 : 0.8 * $name->among($before);
                $named = max($name->among($after), $earlier);
                $near = self::nearness(abs($this->value($number, $chart) - $is), $number);
                $score = 2 * $named + $near;
                if ($best === null || $score > $best[0]) {
                    $second = $best[0] ?? 0.0;
                    $best = [$score, $chart, $figure, $named, $near, $is];
                } else {
                    $second = max($second, $score);
                }
            }
        }
        $whole = $this->whole($line, $number);
        if ($best === null || ($best[3] === 0.0 && ($best[4] < self::NEAR || $best[0] - $second < self::APART))) {
            return $whole;
        }
        [, $chart, $figure, $named, $near, $is] = $best;
        if ($near === 0.0 && ($whole !== null || $named < 0.5 || $number->kind === SpokenNumber::REST)) {
            return $whole;
        }
        $value = $this->value($number, $chart);
        $isMultiple = $number->kind === SpokenNumber::TIMES;
        if ($isMultiple && $named < 0.5) {
            return null;
        }
        if (!$isMultiple) {
            $isShare = $number->kind !== SpokenNumber::AMOUNT;
            $this->told[$chart] = ($this->told[$chart] ?? 0.0) + ($isShare ? $value : 0.0);
            $this->said[$chart][$figure->id] = true;
        }
        $isOff = $near < 0.4 && !$this->isInAnotherColumn($number, $chart, $figure);

        return new SaidFigure(
            $line->id,
            $number->from,
            $number->to,
            $chart,
            $figure->id,
            $figure->fullLabel(),
            match (true) {
                $isOff => SaidFigure::DIFFERS,
                abs($value - $is) < 1e-9 * max(1, $is) => SaidFigure::EXACT,
                default => SaidFigure::NEAR,
            },
            self::shown($number, $value, $figure),
            self::shown($number, $is, $figure),
            // What becomes more has come in already: nothing of it is to be tied here.
            $isMultiple || $this->isTied($line, $number->from, $number->to, $chart, $figure->id),
        );
    }

    /** The whole of a chart, where a number is it. */
    private function whole(ScriptLine $line, SpokenNumber $number): ?SaidFigure
    {
        if ($number->kind !== SpokenNumber::AMOUNT) {
            return null;
        }
        foreach ($this->figures as $chart => $figures) {
            $whole = $figures->whole->toFloat();
            $away = abs($number->value - $whole);
            if (count($figures->list) > 1 && $away <= $number->tolerance && $whole > 1) {
                $shown = self::plain($whole, max([0, ...array_column($figures->list, 'decimals')]));

                return new SaidFigure(
                    $line->id,
                    $number->from,
                    $number->to,
                    $chart,
                    null,
                    'the whole',
                    $away < 1e-9 * $whole ? SaidFigure::EXACT : SaidFigure::NEAR,
                    self::plain($number->value, 2),
                    $shown,
                    false,
                );
            }
        }

        return null;
    }

    /**
     * Figures whose names are said, without a number.
     *
     * @param list<string> $words
     * @param list<SaidFigure> $found
     *
     * @return list<SaidFigure>
     */
    private function named(ScriptLine $line, array $words, array $found): array
    {
        $named = [];
        foreach ($words as $place => $word) {
            foreach ($this->begins[NamedWords::stem($word)] ?? [] as [$chart, $figure]) {
                $isFree = array_filter(
                    $found,
                    static fn (SaidFigure $one): bool => $place >= $one->from && $place < $one->to,
                ) === [];
                if (!$isFree || isset($this->said[$chart][$figure->id])) {
                    continue;
                }
                $this->said[$chart][$figure->id] = true;
                $named[] = new SaidFigure(
                    $line->id,
                    $place,
                    $place + 1,
                    $chart,
                    $figure->id,
                    $figure->fullLabel(),
                    SaidFigure::NAMED,
                    '',
                    '',
                    $this->isTied($line, $place, $place + 1, $chart, $figure->id),
                );
            }
        }

        return $named;
    }

    /** What is said, as a number to be compared: a share from 0 to 1, or an amount. */
    private function value(SpokenNumber $number, string $chart): float
    {
        $left = max(0.0, 1.0 - ($this->told[$chart] ?? 0.0));

        return match ($number->kind) {
            SpokenNumber::REST => $left,
            SpokenNumber::SHARE_OF_REST => $number->value * $left,
            default => $number->value,
        };
    }

    /** What a figure is, as the number means it; null where it cannot mean it. */
    private function valueOf(SpokenNumber $number, Figure $figure, string $chart): ?float
    {
        $isSaid = isset($this->said[$chart][$figure->id]);

        return match ($number->kind) {
            SpokenNumber::TIMES => $this->timesOf($number, $figure, $chart),
            SpokenNumber::AMOUNT => $figure->value(),
            SpokenNumber::REST, SpokenNumber::SHARE_OF_REST => $isSaid ? null : $figure->share(),
            default => $figure->unit === '%' ? $figure->value() / 100 : $figure->share(),
        };
    }

    /** 1 where it is right, 0.4 at the edge of how it can be meant, 0 from twice that on. */
    private static function nearness(float $away, SpokenNumber $number): float
    {
        $tolerance = max($number->tolerance, match ($number->kind) {
            SpokenNumber::AMOUNT => 1e-9,
            SpokenNumber::TIMES => self::ROUGHLY * $number->value,
            default => 0.0051,
        });
        $part = $away / $tolerance;

        return $part <= 1.0 ? 1.0 - 0.6 * $part : max(0.0, 0.39 * (2.0 - $part));
    }

    /** How many times as much a figure becomes from one column to a later one, as near as there is to what is said. */
    private function timesOf(SpokenNumber $number, Figure $figure, string $chartId): ?float
    {
        $cells = $this->cells($chartId, $figure);
        $best = null;
        for ($from = 0; $from < count($cells); ++$from) {
            for ($to = $from + 1; $to < count($cells); ++$to) {
                $times = $cells[$from] > 0 ? $cells[$to] / $cells[$from] : null;
                if ($times !== null && ($best === null || abs($times - $number->value) < abs($best - $number->value))) {
                    $best = $times;
                }
            }
        }

        return $best;
    }

    /** @return list<float> the plain numbers of a figure's row, column by column */
    private function cells(string $chartId, Figure $figure): array
    {
        $cells = [];
        foreach ($this->piece->charts as $chart) {
            foreach ($chart->id === $chartId ? $this->piece->table($chart->table)->rows : [] as $row) {
                foreach ($row->id === $figure->rowId || $row->id === $figure->id ? $row->cells : [] as $cell) {
                    $value = str_replace([',', ' '], '', (string) $cell);
                    if (is_numeric($value)) {
                        $cells[] = (float) $value;
                    }
                }
            }
        }

        return $cells;
    }

    /** What is said may be of another moment, such as another year. */
    private function isInAnotherColumn(SpokenNumber $number, string $chartId, Figure $figure): bool
    {
        if ($number->kind !== SpokenNumber::AMOUNT) {
            return false;
        }
        foreach ($this->cells($chartId, $figure) as $value) {
            if (abs($value - $number->value) <= $number->tolerance) {
                return true;
            }
        }

        return false;
    }

    private function isTied(ScriptLine $line, int $from, int $to, string $chart, string $figure): bool
    {
        foreach ($this->piece->moves as $move) {
            $word = $move->pin->word ?? -1;
            if (
                $move->kind === 'entrance' && $move->chart === $chart && $move->figure === $figure
                && ($move->pin->line ?? '') === $line->id && $word >= $from && $word < $to
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * The words after a number up to the end of what is said of it.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function clause(array $words): array
    {
        foreach ($words as $index => $word) {
            if (preg_match('/[.;:!?]["”’)]?$/u', $word) === 1) {
                return array_slice($words, 0, $index + 1);
            }
        }

        return $words;
    }

    private static function shown(SpokenNumber $number, float $value, Figure $figure): string
    {
        if ($number->kind === SpokenNumber::TIMES) {
            return self::plain($value, 2).' ×';
        }

        return $number->kind === SpokenNumber::AMOUNT
            ? self::plain($value, $figure->decimals).($figure->unit === '' ? '' : ' '.$figure->unit)
            : self::plain($value * 100, 1).' %';
    }

    private static function plain(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', ',');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
