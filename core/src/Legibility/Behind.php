<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Story\ChartTiming;

/** What marks are behind a point of the stage on a frame, where moves have taken them. */
final class Behind
{
    /** opacity below which a mark is in nobody's way */
    private const SEEN = 0.3;

    /** @var list<Chart> those that are seen */
    private readonly array $charts;

    private int $frame = -1;

    /** @var array<string, float> how far marks of a chart may be outside what they lie in, by its id */
    private array $reach = [];

    /** @var array<string, array{\Closure(Point): Point, Box|null}> by chart, on the frame that was looked at last */
    private array $views = [];

    /** @var list<array{Chart, string, Shape, float, float}> with how far a move has taken each, across and down */
    private array $marks = [];

    /**
     * @param list<Chart> $charts
     * @param array<string, ChartTiming> $timings by chart id
     * @param array<string, array<string, Track<Presence>>> $presences by chart and figure
     */
    public function __construct(
        array $charts,
        private readonly array $timings,
        private readonly array $presences,
    ) {
        $this->charts = array_values(array_filter($charts, static fn (Chart $one): bool => !$one->isHidden));
    }

    /** @return list<int> the frames of a range on which any mark changes */
    public function changes(FrameRange $range): array
    {
        $changes = [];
        foreach ($this->charts as $chart) {
            $timing = $this->timings[$chart->id];
            array_push($changes, ...$timing->layouts->over($range)->changes, ...$timing->whole->changes($range));
            foreach ($this->presences[$chart->id] as $figure => $presence) {
                array_push($changes, ...$presence->changes);
                foreach (['x', 'y', 'size', 'out', 'opacity'] as $property) {
                    array_push($changes, ...$timing->number((string) $figure, $property)->changes($range));
                }
            }
        }

        return $changes;
    }

    /** @return list<array{string, string}> chart and figure of each mark there, the one in front first */
    public function at(Point $point, int $frame): array
    {
        $own = [];
        $found = [];
        foreach (array_reverse($this->marksAt($frame)) as [$chart, $figure, $shape, $across, $down]) {
            $own[$chart->id] ??= $this->within($chart, $point, $frame);
            if ($own[$chart->id] === false) {
                continue;
            }
            $at = new Point($own[$chart->id]->x - $across, $own[$chart->id]->y - $down);
            if ($shape->holds($at, 1, 1, 0)) {
                $found[] = [$chart->id, $figure];
            }
        }

        return $found;
    }

    /** The point in the chart's own pixels; false where no mark of it can be there. */
    private function within(Chart $chart, Point $point, int $frame): Point|false
    {
        [$own, $box] = $this->views[$chart->id] ??= $this->view($chart, $frame);
        $at = $own($point);
        $isNear = $box === null || ($at->x > $box->left && $at->x < $box->left + $box->width
            && $at->y > $box->top && $at->y < $box->top + $box->height);

        return $isNear ? $at : false;
    }

    /** @return array{\Closure(Point): Point, Box|null} what marks can lie in; null where moves take them anywhere */
    private function view(Chart $chart, int $frame): array
    {
        $timing = $this->timings[$chart->id];
        $far = $this->reach[$chart->id] ??= $this->isStill($timing) ? $timing->mostOut() + 1 : INF;
        $extent = $timing->layouts->at($frame)->extent();

        return [$timing->whole->ownPoints($frame), $far === INF ? null : new Box(
            $extent->left - $far,
            $extent->top - $far,
            $extent->width + 2 * $far,
            $extent->height + 2 * $far,
        )];
    }

    /** Whether no move takes a single mark anywhere. */
    private function isStill(ChartTiming $timing): bool
    {
        foreach ($timing->figures()->list as $figure) {
            if (!$timing->number($figure->id, 'x')->isStill() || !$timing->number($figure->id, 'y')->isStill()) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{Chart, string, Shape, float, float}> */
    private function marksAt(int $frame): array
    {
        if ($this->frame === $frame) {
            return $this->marks;
        }
        [$this->frame, $this->marks, $this->views] = [$frame, [], []];
        foreach ($this->charts as $chart) {
            $timing = $this->timings[$chart->id];
            $layout = $timing->layouts->at($frame);
            $isSeen = $timing->whole->number('opacity')->at($frame) >= self::SEEN;
            foreach ($isSeen ? $layout->order() : [] as $id) {
                $there = $this->presences[$chart->id][$id]->at($frame);
                $number = static fn (string $property): float => $timing->number($id, $property)->at($frame);
                if ($there->amount > 0 && $number('opacity') >= self::SEEN && $number('size') === 1.0) {
                    $this->marks[] = [
                        $chart,
                        $id,
                        $layout->shape($id, $there, $number('out')),
                        $number('x'),
                        $number('y'),
                    ];
                }
            }
        }

        return $this->marks;
    }
}
