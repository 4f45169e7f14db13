<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** How a text is set: a font of the shipped packs, its size, its colour. */
#[Described('How a text is set.', name: 'Names')]
final readonly class TextStyle
{
    public function __construct(
        #[FontChoice]
        public string $font,
        #[Number('Size', Unit::Pixels, 6, 600, 32)]
        public float $size,
        #[ColourValue('Colour', '#ffffff')]
        public string $colour,
    ) {
    }

    public function withSize(float $size): self
    {
        return new self($this->font, $size, $this->colour);
    }

    public function times(float $factor): self
    {
        return new self($this->font, $this->size * $factor, $this->colour);
    }

    public function withColour(string $colour): self
    {
        return new self($this->font, $this->size, $colour);
    }
}
