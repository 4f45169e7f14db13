<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** A colour that follows the part, or one of its own, made lighter or darker. */
#[Described('A colour that follows the part, or one of its own.')]
final readonly class Ink
{
    public function __construct(
        #[ColourValue('Colour')]
        #[Detail('null: the colour of the part', isOptional: true, isKeyed: true, none: 'Part’s colour')]
        public ?string $colour = null,
        #[Number('Lighter', Unit::Fraction, -1, 1, 0)]
        #[Detail(
            'above 0 mixed with white, below 0 with black, in sRGB',
            hint: 'Below 0 it is darker.',
            isOptional: true,
            isKeyed: true,
        )]
        public float $shade = 0.0,
    ) {
    }
}
