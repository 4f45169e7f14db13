<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Form\RoundForm;
use Lupine\Core\Form\Slot;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Words\TextSetter;

/** A round chart: shadows and glows at the back, then the marks with their patterns, then its words. */
final readonly class DrawChart
{
    public function __construct(private TextSetter $setter, private FrameRange $range)
    {
    }

    public function draw(Chart $chart, ChartTiming $timing): GroupNode
    {
        $form = RoundForm::of($timing->figures, $chart->form, new Point($chart->x, $chart->y));
        $presences = $timing->presences($this->range);
        $marks = self::marks($chart, $form, $timing, $presences);
        $words = new DrawChartWords($chart, $form, $timing, $presences, $this->setter);
        $finish = new DrawFinish($chart, $form);
        $children = [
            new GroupNode('soft', $finish->softEdges($marks, $timing->colours)),
            new GroupNode('seams', $finish->seams($marks, $presences)),
        ];
        foreach ($marks as $figureId => $mark) {
            $children[] = $mark;
            $pattern = $finish->pattern($figureId, $mark, $timing->colours[$figureId]);
            if ($pattern !== null) {
                $children[] = $pattern;
            }
        }

        return new GroupNode($chart->id, [...$children, ...$words->draw()]);
    }

    /**
     * @param array<string, Track<Presence>> $presences by figure id
     *
     * @return array<string, PathNode> by figure id
     */
    private static function marks(Chart $chart, RoundForm $form, ChartTiming $timing, array $presences): array
    {
        $marks = [];
        foreach ($form->slots as $slot) {
            $outline = self::outline(
                $form,
                $slot,
                $presences[$slot->figureId],
                $chart->own($slot->figureId)->out,
            );
            $marks[$slot->figureId] = new PathNode(
                $outline,
                DrawFinish::fill($chart, $form, $slot, $timing->colours[$slot->figureId]),
                mark: self::mark($chart, $timing->figure($slot->figureId)),
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
