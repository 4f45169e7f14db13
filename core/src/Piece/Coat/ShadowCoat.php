<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** What all parts of a chart darken together: their outlines, moved, grown and blurred, beneath them. */
#[Described('A shadow below the parts.', label: 'Shadow', hint: 'Adds a shadow below the parts.', name: 'Shadow')]
final readonly class ShadowCoat implements Coat
{
    use Layer;

    public function __construct(
        #[Number('Radius', Unit::Pixels, 0, 400, 24)]
        #[Detail('the blur’s standard deviation is half of it', isKeyed: true)]
        public float $reach = 24.0,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.35)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.35,
        #[ColourValue('Colour', '#000000')]
        #[Detail(isOptional: true, isKeyed: true)]
        public string $colour = '#000000',
        #[Number('Offset X', Unit::Pixels, -400, 400, 0)]
        #[Detail('to the right', isOptional: true, isKeyed: true)]
        public float $x = 0.0,
        #[Number('Offset Y', Unit::Pixels, -400, 400, 0)]
        #[Detail('down', isOptional: true, isKeyed: true)]
        public float $y = 0.0,
        #[Number('Spread', Unit::Pixels, 0, 200, 0)]
        #[Detail('by how much it is larger than the part on every side', isOptional: true, isKeyed: true)]
        public float $spread = 0.0,
        #[Toggle('Long')]
        #[Detail(
            'whether it reaches all the way from the part to its offset; a tilted chart’s lies on the ground',
            isOptional: true,
        )]
        public bool $isLong = false,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }
}
