<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Soft clouds over the backdrop, which change slowly and come back to where they began. */
#[Described('Soft clouds over the backdrop, which change slowly.', label: 'Clouds')]
final readonly class Clouds
{
    public function __construct(
        #[ColourValue('Colour', '#ffffff')]
        #[Detail(isKeyed: true)]
        public string $colour = '#ffffff',
        #[Number('Amount', Unit::Fraction, 0, 1, 0.25)]
        #[Detail(isKeyed: true)]
        public float $amount = 0.25,
        #[Whole('Across', Unit::Count, 1, 12, 5)]
        #[Detail('how many of them lie side by side', isOptional: true)]
        public int $across = 5,
        #[Whole('Period', Unit::Frames, 0, Stage::MAX_FRAMES, 300)]
        #[Detail(
            'after which they are as they began; 0: they stand still',
            hint: '0 keeps them still.',
            isOptional: true,
        )]
        public int $every = 300,
        #[Whole('Variant', Unit::Count, 1, 99, 1)]
        #[Detail('of other clouds of the same kind', isOptional: true)]
        public int $variant = 1,
        #[Blend('soft-light')]
        #[Detail(isOptional: true)]
        public string $blend = 'soft-light',
    ) {
    }
}
