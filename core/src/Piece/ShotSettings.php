<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Unit;

/** What a move of the kind `shot` leads the camera to: a part of the stage, told so that it holds in every shape. */
#[Described('What the camera is led to.')]
final readonly class ShotSettings
{
    /** the middle of the frame, as fractions of the stage; where it looks at something, from the middle of that */
    public float $x;
    public float $y;

    public function __construct(
        #[Number('Zoom', Unit::Fraction, 1, 20, 1)]
        #[Detail('1 is the whole stage')]
        public float $zoom,
        #[Part(ShotTarget::class)]
        #[Detail('what it looks at, in every shape of the stage')]
        public ?ShotTarget $on,
        #[Number('X', Unit::Fraction, -1, 1)]
        #[Detail(
            'the middle of its frame as a fraction of the stage; where it looks at something, from the middle of that',
            isNeverNull: true,
        )]
        ?float $x,
        #[Number('Y', Unit::Fraction, -1, 1)]
        #[Detail('the same, down', isNeverNull: true)]
        ?float $y,
        #[Number('Roll', Unit::Degrees, -360, 360, 0)]
        #[Detail('clockwise', isOptional: true)]
        public float $turn,
    ) {
        $middle = $on === null ? 0.5 : 0.0;
        $this->x = $x ?? $middle;
        $this->y = $y ?? $middle;
    }
}
