<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\Ground;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** A chart: furniture, shadows and glows at the back, then the marks with their patterns, then its words. */
final readonly class DrawChart
{
    public function __construct(
        private DrawTexts $texts,
        private FrameRange $range,
    ) {
    }

    public function draw(Chart $chart, ChartTiming $timing, Ground $ground): GroupNode
    {
        $shapes = ChartShapes::of($timing, $this->range);
        $finish = new DrawFinish($chart, $shapes, $timing, $this->texts->coats, $this->texts->stage);
        $poses = new FigurePoses($timing, $shapes);
        $marks = $this->marks($chart, $timing, $shapes, $finish);
        $furniture = new DrawFurniture(
            $chart,
            $timing,
            $shapes,
            $this->texts,
        );
        $words = new DrawChartWords($chart, $timing, $shapes, $poses, $this->texts, $ground);
        $solid = $shapes->first() instanceof Solid ? new DrawSolid($chart, $timing, $shapes) : null;
        $sides = $solid?->sides() ?? [];
        $shared = $finish->sharedHoles();
        $children = [
            ...$furniture->behind(),
            new GroupNode(Role::Soft, $finish->softEdges(
                $solid?->bodies($marks) ?? $marks,
                $solid?->feet() ?? [],
                $poses,
            )),
            ...$sides === [] || $shared === null ? $sides : $finish->withHoles($shared, $sides),
            new GroupNode(Role::Seams, $finish->seams($marks)),
        ];
        $drawn = [];
        foreach ($marks as $figureId => $mark) {
            $nodes = [$mark, ...$finish->onMark($figureId)];
            array_push(
                $drawn,
                ...$poses->pose($figureId, $shared === null ? $finish->withHoles($figureId, $nodes) : $nodes),
            );
        }
        array_push($children, ...$shared === null ? $drawn : $finish->withHoles($shared, $drawn));

        $atMarks = [...$children, ...$furniture->inFront(), ...$words->atMarks()];

        return $this->group($chart, $timing, [...$this->body($chart, $atMarks), ...$words->legend()]);
    }

    /**
     * What a chart's own size and turn are for: its marks and the words at them, and not its legend.
     *
     * @param list<Node> $children
     *
     * @return list<Node>
     */
    private function body(Chart $chart, array $children): array
    {
        $place = $chart->place;
        if ($place->size === 1.0 && fmod($place->turn, 360.0) === 0.0) {
            return $children;
        }
        $none = Track::constant(0.0);
        $pose = new Pose(
            new Point($place->x, $place->y),
            $none,
            $none,
            Track::constant($place->size),
            Track::constant($place->turn),
        );

        return [new GroupNode(Role::Body, $children, null, $pose)];
    }

    /**
     * Moves take the whole of it along.
     *
     * @param list<Node> $children
     */
    private function group(Chart $chart, ChartTiming $timing, array $children): GroupNode
    {
        $at = $chart->place;
        $opacity = $timing->whole->number('opacity');
        $number = fn (string $property): Track => $timing->whole->number($property)->track($this->range);
        $isStill = $timing->whole->isStill();

        return new GroupNode(
            Role::Chart,
            $children,
            $opacity->isStill() ? null : $opacity->track($this->range),
            $isStill ? null : new Pose(
                new Point($at->x, $at->y),
                $number('x')->map(static fn (float $x): float => $x - $at->x),
                $number('y')->map(static fn (float $y): float => $y - $at->y),
                $number('size')->map(static fn (float $size): float => $size / $at->size),
                $number('turn')->map(static fn (float $turn): float => $turn - $at->turn),
            ),
            $timing->form->needs($chart->form)->isOnScale()
                ? $timing->story->scales($this->range)
                : null,
            of: $chart->id,
        );
    }

    /** @return array<string, PathNode> by figure id */
    private function marks(Chart $chart, ChartTiming $timing, ChartShapes $shapes, DrawFinish $finish): array
    {
        $marks = [];
        foreach ($shapes->order() as $id) {
            $marks[$id] = $finish->mark($id, $this->mark($chart, $timing, $id, $shapes));
        }

        return $marks;
    }

    private function mark(Chart $chart, ChartTiming $timing, string $id, ChartShapes $shapes): Mark
    {
        return new Mark(
            $chart->id,
            $id,
            $timing->figure($id)->fullLabel(),
            Track::of(
                [...$shapes->presences[$id]->changes, ...$timing->story->changes($this->range)],
                static fn (int $frame): array => $timing->amounts->drawnAt($id, $frame),
            ),
            $shapes->first()->measure()->value,
            $shapes->layouts->map(static fn (Layout $layout): float => $layout->whole($id)),
            $shapes->first()->pivot(),
        );
    }
}
