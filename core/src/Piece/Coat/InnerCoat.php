<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** Light or shade from the edge of a part inwards. */
#[Described(
    'Light or shade from the edge of a part inwards.',
    label: 'Inner glow',
    hint: 'Lights or darkens each part from its edge inwards.',
    name: 'Inner',
)]
final readonly class InnerCoat implements Coat
{
    use Layer;

    /** standard deviation of its blur, as a part of its radius */
    public const DEVIATION = 0.5;

    public function __construct(
        #[Number('Radius', Unit::Pixels, 1, 400, 24)]
        #[Detail('the blur’s standard deviation is half of it', isKeyed: true)]
        public float $reach = 24.0,
        #[Among(Ink::class)]
        public Ink $ink = new Ink(),
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.6)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.6,
        #[Number('Offset X', Unit::Pixels, -400, 400, 0)]
        #[Detail('to the right', isOptional: true, isKeyed: true)]
        public float $x = 0.0,
        #[Number('Offset Y', Unit::Pixels, -400, 400, 0)]
        #[Detail('down', isOptional: true, isKeyed: true)]
        public float $y = 0.0,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }
}
