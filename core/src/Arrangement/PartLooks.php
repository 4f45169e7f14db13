<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Piece\AccentSettings;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenNumber;
use Lupine\Core\Script\SpokenNumbers;

/** What parts have by their turn, and what the accent has, as what is their own. What a hand gave them goes before. */
final class PartLooks
{
    /** signs of a name from which on it is looked for in a title, and of one that is cut short, as Nov is */
    private const SHORTEST = 3;

    /** how far a share in a title may be from its figure: half a percent, as people round */
    private const ROUNDED = 0.005;

    public static function in(Piece $piece, FormCatalogue $forms): Piece
    {
        $charts = array_map(static fn (Chart $chart): Chart => self::of($chart, $piece, $forms), $piece->charts);

        return $charts === $piece->charts ? $piece : $piece->withCharts($charts);
    }

    private static function of(Chart $chart, Piece $piece, FormCatalogue $forms): Chart
    {
        $turns = $chart->finish->turns;
        $accent = $chart->finish->accent;
        // What is drawn as one has no parts to be told apart.
        if (($turns === [] && $accent === null) || $forms->isJoined($chart->form->kind)) {
            return $chart;
        }
        $table = $chart->shown($piece->table($chart->table));
        $part = $accent === null ? null : self::part($accent, $chart, $table, $piece->words);
        $out = $accent !== null && $forms->isCut($chart->form->kind) ? $accent->out : 0.0;
        $own = [];
        foreach (MarkColours::numbers($chart, $table) as $id => $number) {
            $coats = $turns === [] ? new OwnCoats() : $turns[$number % count($turns)];
            $its = $id === $part && $accent !== null
                ? $chart->own($id)->over($accent->colour, $out, $coats->under($accent->coats))
                : $chart->own($id)->over(null, 0.0, $coats);
            if ($turns !== [] || $id === $part) {
                $own[$id] = $its;
            }
        }

        return $chart->withOwn($own);
    }

    /**
     * @param list<FreeText> $words of the piece
     *
     * @return string|null the id of a row; null: no part
     */
    private static function part(AccentSettings $accent, Chart $chart, Table $table, array $words): ?string
    {
        if ($accent->of !== 'title') {
            return $accent->of === 'part' ? $accent->part : null;
        }
        foreach ($words as $text) {
            if ($text->role === 'title' && !$text->isHidden) {
                return self::bound($text->text, $table)
                    ?? self::named($text->text, $table)
                    ?? self::stated($text->text, $chart, $table)
                    ?? self::largest($chart, $table);
            }
        }

        return self::largest($chart, $table);
    }

    /** The row whose name comes first in a text; of two that begin there, the one with the longer name. */
    public static function named(string $text, Table $table): ?string
    {
        $said = self::words($text);
        $found = null;
        $best = [PHP_INT_MAX, 0];
        foreach ($table->rows as $row) {
            $words = self::words($row->label);
            // Of several words short ones are “and” and the like.
            $least = count($words) > 1 ? self::SHORTEST + 1 : self::SHORTEST;
            foreach ($words as $word) {
                foreach ($said as $place => $one) {
                    $at = [$place, -mb_strlen($word)];
                    if ($at < $best && mb_strlen($word) >= $least && self::isSame($word, $one)) {
                        [$found, $best] = [$row->id, $at];
                    }
                }
            }
        }

        return $found;
    }

    /** The row that a part of a text in brackets follows. */
    private static function bound(string $text, Table $table): ?string
    {
        $row = BoundText::row($text);

        return in_array($row, array_column($table->rows, 'id'), true) ? $row : null;
    }

    /**
     * The row whose figure is the first number of a text that is that of one row alone. A share is one where the chart
     * tells shares, or percentages: beside bars on a scale, “12 % more” is of something else.
     */
    private static function stated(string $text, Chart $chart, Table $table): ?string
    {
        foreach (SpokenNumbers::in(Beats::split($text)) as $number) {
            $isShare = $number->kind === SpokenNumber::SHARE;
            if (!$isShare && $number->kind !== SpokenNumber::AMOUNT) {
                continue;
            }
            $is = static fn (Figure $figure): ?float => match (true) {
                !$isShare => $figure->value(),
                $figure->unit === '%' => $figure->value() / 100,
                default => $chart->words->reading->of === 'share' ? $figure->share() : null,
            };
            $far = max($number->tolerance, $isShare ? self::ROUNDED : 0.0) + 1e-9;
            $rows = array_filter(
                self::figures($chart, $table),
                static fn (Figure $figure): bool => abs(($is($figure) ?? INF) - $number->value) <= $far,
            );
            if (count($rows) === 1) {
                return array_values($rows)[0]->id;
            }
        }

        return null;
    }

    /** @return list<Figure> none where they are impossible, or run through time: they are other ones then and now */
    private static function figures(Chart $chart, Table $table): array
    {
        try {
            return $chart->run === null ? Figures::ofAmounts($table, $chart->column, true)->list : [];
        } catch (ImpossibleFigures) {
            return [];
        }
    }

    private static function largest(Chart $chart, Table $table): ?string
    {
        $largest = null;
        foreach (self::figures($chart, $table) as $figure) {
            $largest = $largest === null || $figure->value() > $largest->value() ? $figure : $largest;
        }

        return $largest?->id;
    }

    /** Whether a title means a word of a name: the same, one of several, or one that is cut short, as Nov is. */
    private static function isSame(string $word, string $said): bool
    {
        $one = static fn (string $text): string => (string) preg_replace('/(?<=..)(?:es|s)$/u', '', $text);

        return $one($word) === $one($said)
            || (mb_strlen($word) === self::SHORTEST && str_starts_with($said, $word));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $found);

        return $found[0];
    }
}
