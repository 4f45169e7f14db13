<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** What moves make of single figures: dimmed, moved, grown, turned. */
final readonly class FigurePoses
{
    private FrameRange $range;

    public function __construct(private ChartTiming $timing, private ChartShapes $shapes)
    {
        $this->range = $shapes->range;
    }

    /**
     * The nodes of a figure, in a group of their own where anything moves or dims them.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>
     */
    public function pose(string $figureId, array $nodes): array
    {
        $opacity = $this->timing->number($figureId, 'opacity');
        $numbers = [];
        foreach (['x', 'y', 'size', 'turn'] as $property) {
            $numbers[$property] = $this->timing->number($figureId, $property);
        }
        $middle = $this->shapes->fulls[$figureId]->map(static fn (Shape $shape): Point => $shape->middle());
        $pose = Pose::of($middle->at($this->range->from), $numbers, $this->range, new Point(0, 0));
        if ($nodes === [] || ($pose === null && $opacity->isStill())) {
            return $nodes;
        }

        return [
            new GroupNode(
                Role::Figure,
                $nodes,
                $opacity->isStill() ? null : $opacity->track($this->range),
                $pose,
                of: $figureId,
            ),
        ];
    }
}
