<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** A pattern laid over the fill of a mark. */
#[Described('A pattern over a fill.', label: 'Pattern', hint: 'Adds stripes, dots, a grid or waves over the fill.')]
final readonly class PatternSettings
{
    public function __construct(
        #[Choice('Kind', ['dots' => 'Dots', 'stripes' => 'Stripes', 'grid' => 'Grid', 'waves' => 'Waves'])]
        public string $kind,
        #[Number('Size', Unit::Pixels, 6, 400, 30)]
        #[Detail('from one to the next')]
        public float $size,
        #[Number('Angle', Unit::Degrees, -360, 360, 30)]
        #[Detail('clockwise')]
        public float $degrees,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.14)]
        public float $opacity,
    ) {
    }
}
