<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A moment that stands on a frame, or on a beat. */
#[Described('A moment that stands on a frame, or on a beat.')]
final readonly class RunPin
{
    public function __construct(
        #[Id]
        public string $column,
        #[Whole('', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        public int $frame,
        #[Part(Pin::class)]
        public ?Pin $pin,
    ) {
    }
}
