<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Form\RoundForm;
use Lupine\Core\Form\Slot;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Table;
use Lupine\Core\Words\ReadingText;
use Lupine\Core\Words\TextSetter;

/** A round chart: shadows and glows at the back, then the marks with their patterns, then its words. */
final readonly class DrawChart
{
    public function __construct(private TextSetter $setter)
    {
    }

    /** @return array{GroupNode, ChartTiming} */
    public function draw(Chart $chart, Table $table, Moves $moves): array
    {
        $figures = Figures::ofWhole($table, $chart->column);
        $form = RoundForm::of($figures, $chart->form, new Point($chart->x, $chart->y));
        $timing = self::timing($chart, $table, $figures, $moves->ofChart($chart, $figures));
        $marks = self::marks($chart, $form, $timing);
        $words = new DrawChartWords($chart, $form, $timing, $this->setter);
        $finish = new DrawFinish($chart, $form);
        $children = [
            new GroupNode('soft', $finish->softEdges($marks, $timing->colours)),
            new GroupNode('seams', $finish->seams($marks, $timing->presences)),
        ];
        foreach ($marks as $figureId => $mark) {
            $children[] = $mark;
            $pattern = $finish->pattern($figureId, $mark, $timing->colours[$figureId]);
            if ($pattern !== null) {
                $children[] = $pattern;
            }
        }

        return [new GroupNode($chart->id, [...$children, ...$words->draw()]), $timing];
    }

    /** @param array<string, FigureMoves> $moves */
    private static function timing(Chart $chart, Table $table, Figures $figures, array $moves): ChartTiming
    {
        $decimals = ReadingText::shareDecimals($figures, $chart->words->reading);
        $shown = $figures->shownPercentages($decimals);
        $readings = [];
        foreach ($figures->list as $figure) {
            $readings[$figure->id] = ReadingText::ofFigure($figure, $chart->words->reading, $shown, $decimals);
        }

        return new ChartTiming(
            $figures,
            $moves,
            array_map(static fn (FigureMoves $moves): Track => $moves->presence(), $moves),
            $readings,
            MarkColours::of($chart, $table),
            $decimals,
        );
    }

    /** @return array<string, PathNode> by figure id */
    private static function marks(Chart $chart, RoundForm $form, ChartTiming $timing): array
    {
        $byId = [];
        foreach ($timing->figures->list as $figure) {
            $byId[$figure->id] = $figure;
        }
        $marks = [];
        foreach ($form->slots as $slot) {
            $outline = self::outline(
                $form,
                $slot,
                $timing->presences[$slot->figureId],
                $chart->own($slot->figureId)->out,
            );
            $marks[$slot->figureId] = new PathNode(
                $outline,
                DrawFinish::fill($chart, $form, $slot, $timing->colours[$slot->figureId]),
                mark: self::mark($chart, $byId[$slot->figureId]),
            );
        }

        return $marks;
    }

    /**
     * @param Track<Presence> $presence
     *
     * @return Track<string>
     */
    private static function outline(RoundForm $form, Slot $slot, Track $presence, float $out): Track
    {
        return $presence->map(
            static fn (Presence $there): string => $form->sector($slot, $there->from, $there->to, $out)->outline(),
        );
    }

    private static function mark(Chart $chart, Figure $figure): Mark
    {
        return new Mark(
            $chart->id,
            $figure->id,
            $figure->label,
            $figure->value(),
            $figure->share(),
            Decimal::of($figure->value(), 9),
        );
    }
}
