<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** A colour at a place of a gradient. */
#[Described('A colour at a place of a gradient.')]
final readonly class Stop
{
    public function __construct(
        #[Number('Place', Unit::Fraction, 0, 1, 0)]
        #[Detail(isKeyed: true)]
        public float $at,
        #[Among(Ink::class)]
        public Ink $ink,
        #[Number('Opacity', Unit::Fraction, 0, 1, 1)]
        #[Detail(isOptional: true, isKeyed: true)]
        public float $opacity,
    ) {
    }
}
