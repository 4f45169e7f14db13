<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** Where something stands in one shape of the stage alone. */
#[Described('Where something stands in one shape of the stage alone.')]
final readonly class OwnPlace
{
    public function __construct(
        #[Number('', Unit::Pixels, -8000, 8000)]
        public float $x,
        #[Number('', Unit::Pixels, -8000, 8000)]
        public float $y,
        #[Number('', Unit::Fraction, 0.02, 20, 1)]
        #[Detail('a multiple of its size on the piece’s own stage', isOptional: true)]
        public float $size,
        #[Number('', Unit::Pixels, 1, 8000)]
        #[Detail('lines wrap at it, readings of a legend end there, and a panel is so wide', isOptional: true)]
        public ?float $width,
        #[Number('', Unit::Pixels, 1, 8000)]
        #[Detail('of a panel', isOptional: true)]
        public ?float $height,
        #[Number('', Unit::Fraction, 0.02, 20, 1)]
        #[Detail('the size of words at a chart’s marks, as a multiple', isOptional: true)]
        public float $text,
        /** @var array<string, float> */
        #[Entries(new Number('', Unit::Value, 0, 8000))]
        #[Detail('numbers of a chart’s form that are other ones here', isOptional: true)]
        public array $form,
    ) {
    }
}
