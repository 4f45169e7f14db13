<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** A shadow below a mark: its outline, blurred, beneath it and without an offset. */
#[Described('A soft shadow below a mark.', label: 'Shadow', hint: 'Adds a soft shadow below each mark.')]
final readonly class Shadow
{
    public function __construct(
        /** the blur's standard deviation is half of it */
        #[Number('Radius', Unit::Pixels, 1, 400, 34)]
        public float $reach,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.35)]
        public float $opacity,
        #[ColourValue('Colour', '#000000')]
        public string $colour,
    ) {
    }
}
