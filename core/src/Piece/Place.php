<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Either;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** Where a chart stands on the stage, how large it is and how it is turned. */
#[Described('Where a chart stands.')]
final readonly class Place
{
    public function __construct(
        #[Number('X', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('its middle, from the left')]
        public float $x,
        #[Number('Y', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('its middle, from the top')]
        public float $y,
        #[Number('Size', Unit::Fraction, 0.02, 20, 1)]
        #[Detail('1 is as its form is set', isOptional: true)]
        public float $size = 1.0,
        #[Number('Rotation', Unit::Degrees, -3600, 3600, 0)]
        #[Detail('clockwise about its form’s own centre', isOptional: true)]
        public float $turn = 0.0,
        #[Either('', PlacedBy::WORDS)]
        #[Detail(PlacedBy::NOTE, isOptional: true, name: 'placedBy')]
        public bool $isByRule = false,
    ) {
    }

    /** What a property of a chart as a whole is before any move: x, y, size, turn or opacity. */
    public function first(string $property): float
    {
        return match ($property) {
            'x' => $this->x,
            'y' => $this->y,
            'size' => $this->size,
            'turn' => $this->turn,
            default => 1.0,
        };
    }
}
