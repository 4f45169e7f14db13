<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

/** What the camera is led to. */
final readonly class SheetShot extends MoveAndMore
{
    public function __construct(
        SheetMove $move,
        public float $zoom,
        public float $turn,
        /** @var array{float,float,float,float} its frame as it lies on the stage: left, top, width, height */
        public array $frame,
    ) {
        parent::__construct($move);
    }
}
