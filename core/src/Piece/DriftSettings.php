<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** How a chart or a text drifts about its place, for as long as it is there. */
#[Described('A slow way about its place, closed over the piece.', label: 'Drift')]
final readonly class DriftSettings
{
    public function __construct(
        #[Number('Side to side', Unit::Pixels, 0, 2000, 14)]
        #[Detail('how far to each side')]
        public float $across,
        #[Number('Up and down', Unit::Pixels, 0, 2000, 8)]
        #[Detail('how far up and down')]
        public float $down,
        #[Number('Rotate by', Unit::Degrees, 0, 180, 0)]
        #[Detail('how far it leans to each side')]
        public float $turn,
        #[Whole('Period', Unit::Frames, 2, Stage::MAX_FRAMES, 192)]
        #[Detail('until it is where it began')]
        public int $every,
    ) {
    }
}
