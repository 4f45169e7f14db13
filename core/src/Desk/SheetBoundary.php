<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** The end of a mark, which a hand drags to change its figure, in the chart's own pixels. */
final readonly class SheetBoundary extends Answer
{
    public function __construct(
        /** id of the figure that ends here */
        public string $figure,
        /** of the one that begins here and gives what the other takes; null: there is none that could give */
        public ?string $next,
        /** @var array{float,float} */
        public array $at,
        /** @var array{float,float}|null the direction in which the figure grows, of length 1 */
        public ?array $along,
        /** @var array{float,float}|null what the hand goes around */
        public ?array $around,
        /** how much the figure grows with each pixel along, or with each degree clockwise */
        public float $rate,
        public float $value,
        /** of the next one */
        public ?float $nextValue,
        /** digits after the point that both are told with */
        public int $decimals,
        /** how much the figure can become at most; null: as much as one likes */
        public ?float $most,
        /** whether it can be below zero */
        public bool $canBeNegative,
    ) {
    }
}
