<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Arrangement\Placed;
use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Contract\TypedAs;

/**
 * What the desk shows after an edit comes in parts, each as soon as it is there, one on a line: the frame of the
 * playhead with where everything stands, then the sheet with what is wrong, then the frames around. What a part does
 * not have is null. Where the figures cannot be drawn there is one part, which says so.
 */
final readonly class LivePart extends Answer
{
    public function __construct(
        /** @var list<Problem>|null */
        public ?array $problems,
        /** @var Map<Placed>|null by the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions` */
        public ?Map $places,
        public ?Sheet $sheet,
        #[TypedAs('Reel')]
        public ?\stdClass $reel,
    ) {
    }
}
