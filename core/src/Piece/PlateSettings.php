<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** A plate behind words, as large as they are. */
#[Described('A plate behind words, as large as they are.', label: 'Plate')]
final readonly class PlateSettings
{
    public function __construct(
        #[ColourValue('Colour', '#10201d')]
        #[Detail('that its coats begin with', isKeyed: true)]
        public string $colour = '#10201d',
        #[Number('Padding', Unit::Times, 0, 4, 0.4, step: 0.05)]
        #[Detail('around the words, in multiples of their size', isOptional: true, isKeyed: true)]
        public float $padding = 0.4,
        #[Number('Corner radius', Unit::Times, 0, 4, 0.4, step: 0.05)]
        #[Detail(
            'in multiples of the size of the words; smaller where there is less room',
            isOptional: true,
            isKeyed: true,
        )]
        public float $radius = 0.4,
        #[Among(Coats::class)]
        public Coats $coats = new Coats(),
    ) {
    }
}
