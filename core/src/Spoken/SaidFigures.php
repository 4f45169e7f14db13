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

    /** how much nearer than to any other figure it must be */
    private const APART = 0.25;

    /** part of a multiple by which it may be meant otherwise: what is said to have doubled, has about doubled */
    private const ROUGHLY = 0.12;

    /** how surely a figure is meant that comes in on the words of the number */
    private const TIED = 0.9;

    /** words with which a sum is said to be one, and with which another moment is spoken of */
    private const TOGETHER = '/\b(together|in all|altogether|in total|total(s|led)?|all told|overall|combined)\b/iu';
    private const OTHER_TIMES = '/\b(last|previous|before|earlier|ago|from|against|compared|had|were|was|used)\b/iu';

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

    /** @var array<string, Figures> those that what is said is compared with just now, by chart */
    private array $figures = [];

    private readonly Beats $beats;

    /** @param array<string, \Closure(int $frame): list<Figures>> $shown by chart */
    private function __construct(private readonly Piece $piece, private readonly array $shown)
    {
        $this->beats = new Beats($piece);
        foreach ($shown as $chart => $at) {
            $this->figures[$chart] = $at(0)[0];
            foreach ($this->figures[$chart]->list as $figure) {
                $name = $this->names[$chart][$figure->id] = NamedWords::of($figure->fullLabel());
                if ($name->stems !== []) {
                    $this->begins[$name->stems[0]][] = [(string) $chart, $figure];
                }
            }
        }
    }

    /**
     * @param array<string, \Closure(int $frame): list<Figures>> $shown the figures that a chart shows on a frame
     *
     * @return list<SaidFigure> in the order in which they are said
     */
    public static function of(Piece $piece, array $shown): array
    {
        $reader = new self($piece, $shown);
        $found = [];
        foreach ($piece->narration->lines as $line) {
            array_push($found, ...$reader->inLine($line));
        }

        return $found;
    }

    /**
     * What a text on the stage says of figures that it names, while it is there.
     *
     * @param array<string, \Closure(int $frame): list<Figures>> $shown the figures that a chart shows on a frame
     *
     * @return list<SaidFigure>
     */
    public static function inText(Piece $piece, array $shown, ScriptLine $text): array
    {
        return (new self($piece, $shown))->inLine($text);
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
            $last = $numbers[$index - 1]->to ?? 0;
            $earlier = self::lastClause(array_slice($words, $last, $number->from - $last));
            // “Lamps 23 %, clothing 16 %”: what follows a comma is not said of the number before it.
            $isClosed = preg_match('/[,.;:!?]$/u', $words[$number->to - 1]) === 1;
            $clause = self::clause($after);
            $said = Compared::isOne($number, $clause)
                ? $this->compared($line, $number, $words, $clause)
                : $this->asShown($line, $number, $isClosed ? [] : $clause, $before, $earlier);
            if ($said !== null) {
                $found[] = $said;
            }
        }
        array_push($found, ...$this->named($line, $words, $found));
        usort($found, static fn (SaidFigure $one, SaidFigure $other): int => $one->from <=> $other->from);

        return $found;
    }

    /**
     * What is meant, of the figures that are shown while it is said: those that stand there, that they change from or
     * to, or that stand there before the line has ended.
     *
     * @param list<string> $after
     * @param list<string> $before
     * @param list<string> $earlier all words before the number, in what is said with it
     */
    private function asShown(
        ScriptLine $line,
        SpokenNumber $number,
        array $after,
        array $before,
        array $earlier,
    ): ?SaidFigure {
        $frame = $this->beats->words($line)[$number->from]->frame ?? $line->begin;
        $known = [$this->told, $this->said];
        $first = null;
        foreach ($this->moments([$frame, $line->end, $line->begin]) as $figures) {
            [$this->figures, $this->told, $this->said] = [$figures, ...$known];
            $said = $this->together($line, $number, $after, $earlier)
                ?? $this->meant($line, $number, $after, $before);
            if ($said !== null && $said->state !== SaidFigure::DIFFERS) {
                return $said;
            }
            $first ??= [$said, $this->told, $this->said];
        }
        [$said, $this->told, $this->said] = $first ?? [null, ...$known];

        return $said;
    }

    /**
     * @param list<int> $frames
     *
     * @return list<array<string, Figures>> all that charts show on one of them, by chart
     */
    private function moments(array $frames): array
    {
        $moments = [];
        foreach ($frames as $frame) {
            $shown = array_map(static fn (\Closure $at): array => $at($frame), $this->shown);
            foreach ([0, 1] as $way) {
                $now = array_map(static fn (array $one): Figures => $one[$way] ?? $one[0], $shown);
                if (!in_array($now, $moments, true)) {
                    $moments[] = $now;
                }
            }
        }

        return $moments;
    }

    /**
     * What one figure is beside another: so many times as much, so many more or fewer. Null where it is not said of
     * two figures, for then it is not known of what.
     *
     * @param list<string> $words of the line
     * @param list<string> $clause the words after the number
     */
    private function compared(ScriptLine $line, SpokenNumber $number, array $words, array $clause): ?SaidFigure
    {
        $frame = $this->beats->words($line)[$number->from]->frame ?? $line->begin;
        [$between, $after] = Compared::parts($clause);
        $before = NamedWords::stems([...array_slice($words, 0, $number->from), ...$between]);
        $after = NamedWords::stems($after);
        $first = null;
        foreach ($this->moments([$frame, $line->end, $line->begin]) as $figures) {
            foreach ($figures as $chart => $of) {
                $one = $this->amongWords($chart, $of, $before)[0] ?? null;
                $other = $this->amongWords($chart, $of, $after)[0] ?? null;
                if ($one === null || $other === null || $one === $other) {
                    continue;
                }
                $is = Compared::of($number, $clause, $one->value(), $other->value());
                if ($is === null) {
                    continue;
                }
                $near = abs($number->value - $is) <= max($number->tolerance, self::ROUGHLY * abs($is), 1e-9);
                $isExactly = abs($number->value - $is) < 1e-9 * max(1.0, abs($is));
                $isTimes = Compared::isTimes($number);
                $said = new SaidFigure(
                    $line->id,
                    $number->from,
                    $number->to,
                    (string) $chart,
                    $one->id,
                    $one->fullLabel().' beside '.$other->fullLabel(),
                    match (true) {
                        $isExactly => SaidFigure::EXACT,
                        $near && ($isTimes || abs($number->value - $is) <= $number->tolerance) => SaidFigure::NEAR,
                        default => SaidFigure::DIFFERS,
                    },
                    self::plain($number->value, 2).($isTimes ? ' ×' : ''),
                    self::plain($is, 2).($isTimes ? ' ×' : ''),
                    true,
                );
                if ($said->state !== SaidFigure::DIFFERS) {
                    return $said;
                }
                $first ??= $said;
            }
        }

        return $first;
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
                // What comes in on these words is told of by them, whatever it is called by now.
                $tied = $this->isTied($line, $number->from, $number->to, $chart, $figure->id) ? self::TIED : 0.0;
                $named = max($name->among($after), $earlier, $tied);
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
        $isOff = $near < 0.4 && !$this->isInAnotherColumn($number, $chart, $figure, $line->text);

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

    /** What is said may be of another moment that the line speaks of, such as another year. */
    private function isInAnotherColumn(SpokenNumber $number, string $chartId, Figure $figure, string $text): bool
    {
        if ($number->kind !== SpokenNumber::AMOUNT) {
            return false;
        }
        foreach ($this->piece->charts as $chart) {
            $table = $chart->id === $chartId ? $this->piece->table($chart->table) : null;
            foreach ($table->rows ?? [] as $row) {
                if ($row->id !== $figure->rowId && $row->id !== $figure->id) {
                    continue;
                }
                foreach ($row->cells as $index => $cell) {
                    $value = str_replace([',', ' '], '', (string) $cell);
                    $name = $table->columns[$index]->name ?? '';
                    $isSpoken = preg_match(self::OTHER_TIMES, $text) === 1
                        || (trim($name) !== '' && mb_stripos($text, trim($name)) !== false);
                    if ($isSpoken && is_numeric($value)
                        && abs((float) $value - $number->value) <= $number->tolerance) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * @param array<string, int> $there words without their endings, as keys
     *
     * @return list<Figure> those that are named by them
     */
    private function amongWords(string $chart, Figures $figures, array $there): array
    {
        return array_values(array_filter(
            $figures->list,
            fn (Figure $one): bool => $this->names[$chart][$one->id]->among($there) >= 0.5,
        ));
    }

    /**
     * A sum that is said to be one: of all figures, or of those that are named beside it.
     *
     * @param list<string> $after
     * @param list<string> $before
     */
    private function together(ScriptLine $line, SpokenNumber $number, array $after, array $before): ?SaidFigure
    {
        $said = implode(' ', [...$before, ...$after]);
        if ($number->kind !== SpokenNumber::AMOUNT || preg_match(self::TOGETHER, $said) !== 1) {
            return null;
        }
        $there = NamedWords::stems([...$before, ...$after]);
        foreach ($this->figures as $chart => $figures) {
            $named = $this->amongWords($chart, $figures, $there);
            if (count($named) === 1 || count($figures->list) < 2) {
                continue;
            }
            $of = $named === [] ? $figures->list : $named;
            $is = array_sum(array_map(static fn (Figure $one): float => $one->value(), $of));
            $away = abs($number->value - $is);
            $decimals = max([0, ...array_map(static fn (Figure $one): int => $one->decimals, $of)]);

            return new SaidFigure(
                $line->id,
                $number->from,
                $number->to,
                (string) $chart,
                null,
                $named === [] ? 'the whole' : implode(' and ', array_map(
                    static fn (Figure $one): string => $one->fullLabel(),
                    $named,
                )),
                match (true) {
                    $away < 1e-9 * max(1.0, $is) => SaidFigure::EXACT,
                    $away <= $number->tolerance => SaidFigure::NEAR,
                    default => SaidFigure::DIFFERS,
                },
                self::plain($number->value, 2),
                self::plain($is, $decimals),
                false,
            );
        }

        return null;
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

    /**
     * The words since the last sentence has ended.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function lastClause(array $words): array
    {
        for ($at = count($words) - 1; $at >= 0; --$at) {
            if (preg_match('/[.;:!?]["”’)]?$/u', $words[$at]) === 1) {
                return array_slice($words, $at + 1);
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
