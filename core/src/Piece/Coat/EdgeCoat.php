<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A light on the edge that fades at both ends. */
#[Described(
    'A light on the edge of a part, which fades at both ends.',
    label: 'Edge light',
    hint: 'Lays a light on the edge of each part, still or travelling.',
    name: 'EdgeLight',
)]
final readonly class EdgeCoat implements Coat
{
    use Layer;

    public function __construct(
        #[Number('Length', Unit::Pixels, 4, 4000, 300, step: 10)]
        #[Detail('from end to end, at most four fifths of the edge', isKeyed: true)]
        public float $length = 300.0,
        #[Number('Place', Unit::Fraction, 0, 1, 0.1)]
        #[Detail('of its middle, as a part of the way along the edge', isKeyed: true)]
        public float $at = 0.1,
        #[Number('Width', Unit::Pixels, 0.1, 100, 6)]
        #[Detail(isKeyed: true)]
        public float $width = 6.0,
        #[Among(Ink::class)]
        public Ink $ink = new Ink(),
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.9)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.9,
        #[Number('Halo', Unit::Fraction, 0, 1, 0.28)]
        #[Detail('opacity of the wider light around it', isOptional: true, isKeyed: true)]
        public float $halo = 0.28,
        #[Whole('Time per lap', Unit::Frames, -Stage::MAX_FRAMES, Stage::MAX_FRAMES, 0)]
        #[Detail(
            '0: it stays; below 0 the other way',
            hint: '0 keeps it still. Below 0 it runs the other way.',
            isOptional: true,
        )]
        public int $round = 0,
        #[Blend('screen')]
        #[Detail(isOptional: true)]
        public string $blend = 'screen',
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    public function isLooping(): bool
    {
        return $this->round !== 0 && !$this->isOff;
    }
}
