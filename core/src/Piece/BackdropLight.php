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

/** A soft blot of light on the backdrop, which may wander on a path that closes. */
#[Described('A soft blot of light on the backdrop, which may wander on a path that closes.', label: 'Light')]
final readonly class BackdropLight
{
    /** how much of it is there on the way from its middle to its rim; taste, no source */
    public const FADE = [[0.0, 1.0], [0.3, 0.72], [0.6, 0.3], [0.85, 0.06], [1.0, 0.0]];

    public function __construct(
        #[ColourValue('Colour', '#ffffff')]
        #[Detail(isKeyed: true)]
        public string $colour = '#ffffff',
        #[Number('X', Unit::Fraction, -1, 2, 0.5)]
        #[Detail('of its middle, as a part of the stage’s width', isKeyed: true)]
        public float $x = 0.5,
        #[Number('Y', Unit::Fraction, -1, 2, 0.5)]
        #[Detail('as a part of the stage’s height', isKeyed: true)]
        public float $y = 0.5,
        #[Number('Size', Unit::Fraction, 0.02, 3, 0.5, step: 5)]
        #[Detail('radius, as a part of the stage’s width', isKeyed: true)]
        public float $size = 0.5,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.6)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.6,
        #[Number('Wander', Unit::Fraction, 0, 1, 0)]
        #[Detail('how far it goes from there, as a part of the stage’s width', isOptional: true)]
        public float $wander = 0.0,
        #[Whole('Period', Unit::Frames, 2, Stage::MAX_FRAMES, 300)]
        #[Detail('of one round', isOptional: true, when: ['wander' => true])]
        public int $every = 300,
        #[Number('Begins at', Unit::Fraction, 0, 1, 0)]
        #[Detail('where on its path it begins', isOptional: true, when: ['wander' => true])]
        public float $from = 0.0,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
    ) {
    }
}
