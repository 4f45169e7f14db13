<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** How a text is set: a font of the shipped packs, its size, its colour. */
#[Described('How a text is set.', name: 'Names')]
final readonly class TextStyle
{
    public const LIGHT = '#ffffff';
    public const DARK = '#1c2229';

    public string $colour;

    /** whether it is dark or light by what is behind it, as long as nobody has looked */
    public bool $isByGround;

    public function __construct(
        #[FontChoice]
        public string $font,
        #[Number('Size', Unit::Pixels, 6, 600, 32)]
        public float $size,
        #[ColourValue('Colour')]
        #[Detail(
            'null: dark or light, whichever reads on what is behind it',
            isOptional: true,
            none: 'Dark or light by itself',
        )]
        ?string $colour,
    ) {
        $this->colour = $colour ?? self::LIGHT;
        $this->isByGround = $colour === null;
    }

    public function withSize(float $size): self
    {
        return new self($this->font, $size, $this->isByGround ? null : $this->colour);
    }

    public function times(float $factor): self
    {
        return $this->withSize($this->size * $factor);
    }

    public function withColour(string $colour): self
    {
        return new self($this->font, $this->size, $colour);
    }
}
