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

/** Light around a part: its outline, blurred, beneath all parts. */
#[Described('Light around a part.', label: 'Glow', hint: 'Adds light around each part.', name: 'Glow')]
final readonly class GlowCoat implements Coat
{
    use Layer;

    public function __construct(
        #[Number('Radius', Unit::Pixels, 1, 400, 26)]
        #[Detail('the blur’s standard deviation is half of it', isKeyed: true)]
        public float $reach = 26.0,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.6)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.6,
        #[Among(Ink::class)]
        public Ink $ink = new Ink(),
        #[Number('Tight light', Unit::Fraction, 0, 1, 1)]
        #[Detail(
            'how much of a second, tight light there is under a third of the radius',
            isOptional: true,
            isKeyed: true,
        )]
        public float $tight = 1.0,
        #[Number('Pulse', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much of it comes and goes like breath', isOptional: true)]
        public float $breath = 0.0,
        #[Whole('Pulse period', Unit::Frames, 2, Stage::MAX_FRAMES, 72)]
        #[Detail('one breath', isOptional: true, when: ['breath' => true])]
        public int $every = 72,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    public function isLooping(): bool
    {
        return $this->breath > 0 && !$this->isOff;
    }
}
