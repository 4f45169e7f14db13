<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Clock;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Story\ChartTiming;

/** Everything on the stage, over all frames; what it shows on one frame is found when asked for. */
final readonly class Drawing
{
    /**
     * @param list<Node> $nodes from the back to the front
     * @param array<string, ChartTiming> $timings by chart id
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $rateNumerator,
        public int $rateDenominator,
        /** frames of the whole piece */
        public int $frames,
        /** the frames that were asked for; on others its tracks say nothing */
        public FrameRange $range,
        public array $nodes,
        public array $timings,
        /** what the changes of its tracks are counted on */
        public Clock $clock = new Clock(),
    ) {
    }

    /** @return list<PathNode> the marks, in the order in which they are drawn */
    public function marks(): array
    {
        $marks = [];
        $walk = static function (array $nodes) use (&$walk, &$marks): void {
            foreach ($nodes as $node) {
                if ($node instanceof GroupNode) {
                    $walk($node->children);
                } elseif ($node instanceof PathNode && $node->mark !== null) {
                    $marks[] = $node;
                }
            }
        };
        $walk($this->nodes);

        return $marks;
    }
}
