<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** What a move of the kind `emphasis` does: a part stands out while the others dim, and lets go again. */
#[Described('A part stands out while the others dim, and lets go again.', name: 'Emphasis')]
final readonly class EmphasisSettings
{
    public function __construct(
        #[Whole('Ends', Unit::Frames, 0, Stage::MAX_FRAMES)]
        #[Detail('null: at the end of the line that it is pinned to, else after a while', none: 'Automatically')]
        public ?int $until,
        #[Part(Pin::class)]
        #[Detail('the beat on which it lets go, instead')]
        public ?Pin $untilPin,
        #[Number('Pull out', Unit::Pixels, 0, 1000, 0, step: 2)]
        #[Detail('how far the part is pulled out')]
        public float $out,
        #[Number('Brighten', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much it is lit')]
        public float $light,
        #[Number('Size', Unit::Fraction, 0.1, 5, 1)]
        #[Detail('a multiple')]
        public float $size,
        #[Number('Dim others', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much the others dim')]
        public float $dim,
        #[Number('Label size', Unit::Fraction, 0.2, 5, 1)]
        #[Detail('a multiple')]
        public float $label,
        #[Id('Note')]
        #[Detail('the free text that appears with it', isOptional: true)]
        public ?string $note,
    ) {
    }
}
