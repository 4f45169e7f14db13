<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\IfThere;
use Lupine\Core\Contract\Map;
use Lupine\Core\Contract\OneOf;

/** Where something stands on the stage at hand, and who put it there. */
final readonly class Placed extends Answer
{
    public function __construct(
        public float $x,
        public float $y,
        /** of a chart a multiple; of words their size in pixels; of a panel 1 */
        public float $size,
        /** the arrangement, a hand, or a hand in this shape of the stage alone */
        #[OneOf('rule', 'hand', 'own')]
        public string $by,
        #[IfThere]
        public ?float $turn = null,
        #[IfThere]
        public ?float $width = null,
        #[IfThere]
        public ?float $height = null,
        #[IfThere]
        public ?float $spacing = null,
        #[OneOf('column', 'rows')]
        #[IfThere]
        public ?string $flow = null,
        #[OneOf('beside', 'middle')]
        #[IfThere]
        public ?string $stands = null,
        /** the size of words at a chart's marks, as a multiple of what the chart says */
        #[IfThere]
        public ?float $text = null,
        /** @var Map<float>|null numbers of the form that the rule sets, or that are other ones here */
        #[IfThere]
        public ?Map $form = null,
    ) {
    }
}
