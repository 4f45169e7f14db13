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

/** How the tracks look that marks run on. */
#[Described('How the tracks look that marks run on.', label: 'Tracks')]
final readonly class TrackSettings
{
    public function __construct(
        #[ColourValue('Colour')]
        #[Detail(
            'null: as the form has it, tinted or plain',
            isOptional: true,
            isKeyed: true,
            none: 'As the form has it',
        )]
        public ?string $colour = null,
        #[Number('Opacity', Unit::Fraction, 0, 1, 1)]
        #[Detail('of a colour of its own', isOptional: true, when: ['colour' => true], isKeyed: true)]
        public float $opacity = 1.0,
        #[Among(Coats::class)]
        public Coats $coats = new Coats(),
    ) {
    }
}
