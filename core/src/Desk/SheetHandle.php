<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A place at which a hand takes hold of a number of a chart's form, in pixels of the stage. */
final readonly class SheetHandle extends Answer
{
    public function __construct(
        /** @var array<string, mixed> */
        #[TypedAs('Setting')]
        public array $setting,
        public float $value,
        /** @var array{float,float} */
        public array $at,
        /** @var array{float,float}|null the direction in which the number grows, of length 1 */
        public ?array $along,
        /** @var array{float,float}|null what the hand goes around */
        public ?array $around,
        /** how much it grows with each pixel, or with each degree clockwise */
        public float $rate,
        public float $snap,
    ) {
    }
}
