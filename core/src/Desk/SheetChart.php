<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Contract\OneOf;

/** What the desk shows of one chart. */
final readonly class SheetChart extends Answer
{
    public function __construct(
        public string $whole,
        /** Sweep or Length */
        public string $measure,
        /** @var array{float,float,float,float} left, top, width and height of all of it, in the chart's own pixels */
        public array $extent,
        /** @var list<SheetHandle> */
        public array $handles,
        /** @var list<SheetBoundary> ends of parts that can be dragged */
        public array $boundaries,
        /** @var array{int,int}|null the frames on which all parts stand still as they are typed; null: none */
        public ?array $boundaryFrames,
        /** @var Map<Map<string>> what the formulas of its table come to, by row and column */
        public Map $worked,
        /** its marks are drawn on one after the other, as with a pen */
        public bool $isDrawnOn,
        /** which way its scale runs; null where it has none */
        #[OneOf('ScaleAcross', 'ScaleUpright')]
        public ?string $axes,
        /** its figures are amounts on a scale, and not parts of a whole */
        public bool $isOnScale,
        /** a part can run past its figure, where it is asked to: there is room beyond it */
        public bool $hasRoom,
        /** figures can run past those that they change to */
        public bool $changesHaveRoom,
        /** its parts have sides */
        public bool $isSolid,
        /** @var list<RunMoment>|null the moments of a chart that runs */
        public ?array $run,
        /** @var list<SheetChange> */
        public array $changes,
        /** @var Map<list<array{int,float}>> */
        public Map $keyed,
        /** @var list<SheetFigure> */
        public array $figures,
    ) {
    }
}
