<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** What the label of one mark has of its own. */
#[Described('What the label of one mark has of its own.')]
final readonly class OwnLabel
{
    /** how far a hand has moved it, in pixels; null: where it stands by itself */
    public ?float $x;
    public ?float $y;

    public function __construct(
        #[Toggle('Hidden')]
        #[Detail(isOptional: true)]
        public bool $isHidden,
        #[Text('Text', 120)]
        #[Detail('in place of the label of its row', isOptional: true)]
        public ?string $text,
        #[Number('Size', Unit::Fraction, 0.2, 5, 1)]
        #[Detail('a multiple of the size of the others', isOptional: true)]
        public float $size,
        #[ColourValue('Custom colour')]
        #[Detail(isOptional: true)]
        public ?string $colour,
        #[Number('X', Unit::Pixels, -4000, 4000)]
        #[Detail('how far a hand has moved it from its own place; null: not at all', isOptional: true)]
        ?float $x,
        #[Number('Y', Unit::Pixels, -4000, 4000)]
        #[Detail('how far a hand has moved it from its own place; null: not at all', isOptional: true)]
        ?float $y,
    ) {
        $isMoved = $x !== null || $y !== null;
        $this->x = $isMoved ? $x ?? 0.0 : null;
        $this->y = $isMoved ? $y ?? 0.0 : null;
    }
}
