<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Light around a mark: its outline, blurred, beneath it. */
#[Described('Light around a mark.', label: 'Glow', hint: 'Adds light around each mark.')]
final readonly class Glow
{
    public function __construct(
        /** the blur's standard deviation is half of it */
        #[Number('Radius', Unit::Pixels, 1, 400, 26)]
        public float $reach,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.6)]
        public float $opacity,
        #[ColourValue('Colour')]
        #[Detail('null: the colour of the mark', none: 'Use mark colour')]
        public ?string $colour,
        #[Number('Pulse', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much of it comes and goes like breath', isOptional: true)]
        public float $breath,
        #[Whole('Pulse period', Unit::Frames, 2, Stage::MAX_FRAMES, 72)]
        #[Detail('one breath', isOptional: true, when: ['breath' => true])]
        public int $every,
    ) {
    }
}
