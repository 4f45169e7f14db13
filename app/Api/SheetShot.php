<?php

declare(strict_types=1);

namespace App\Api;

/** What the camera is led to. */
final readonly class SheetShot extends Answer
{
    public function __construct(
        /** the move in the document; null where it follows the chart's order */
        public ?string $id,
        public int $begin,
        public string $beginText,
        public int $frames,
        public ?string $pinnedTo,
        /** @var array{float,float,float,float}|null the numbers of a curve with handles */
        public ?array $curve,
        /** @var list<float> */
        public array $curvePoints,
        #[TypedAs('Manner')]
        public string $manner,
        public string $opens,
        public float $zoom,
        public float $turn,
        /** @var array{float,float,float,float} its frame as it lies on the stage: left, top, width, height */
        public array $frame,
    ) {
    }
}
