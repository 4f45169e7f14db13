<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** How a text is set: a font of the shipped packs, its size, its colour, its spacing, and the coats on its letters. */
#[Described('How a text is set.')]
final readonly class TextStyle
{
    public const LIGHT = '#ffffff';
    public const DARK = '#1c2229';

    /** from line to line, as a multiple of the size */
    public const LEADING = 1.18;

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
            isKeyed: true,
        )]
        ?string $colour,
        #[Toggle('In the colour of its part')]
        #[Detail(
            'as much lighter or darker as it takes to be read; where a text is of no part, it has no effect',
            isOptional: true,
        )]
        public bool $isOfPart = false,
        #[Toggle('All capitals')]
        #[Detail(isOptional: true, name: 'upperCase')]
        public bool $upperCase = false,
        #[Number('Letter spacing', Unit::Fraction, -0.2, 2, 0, step: 1)]
        #[Detail('between two letters, as a part of the size', isOptional: true)]
        public float $letterSpacing = 0.0,
        #[Number('Line height', Unit::Times, 0.6, 4, self::LEADING, step: 0.02)]
        #[Detail('from line to line, in multiples of the size', isOptional: true)]
        public float $leading = self::LEADING,
        #[Toggle('Balance lines')]
        #[Detail('lines that wrap are about as long as each other', isOptional: true)]
        public bool $isBalanced = false,
        #[Part(PlateSettings::class)]
        #[Detail('a plate behind it; absent or null: none', isOptional: true)]
        public ?PlateSettings $plate = null,
        #[Toggle('Old-style figures')]
        #[Detail(
            'figures that hang and rise like small letters, in fonts that have them',
            isOptional: true,
            when: ['font' => Fonts::OLD_FIGURES],
        )]
        public bool $hasOldFigures = false,
        #[Among(Coats::class)]
        public Coats $coats = new Coats(),
    ) {
        $this->colour = $colour ?? self::LIGHT;
        $this->isByGround = $colour === null;
    }

    public function withSize(float $size): self
    {
        return $this->with($size, $this->isByGround ? null : $this->colour);
    }

    public function times(float $factor): self
    {
        return $this->withSize($this->size * $factor);
    }

    public function withColour(string $colour): self
    {
        return $this->with($this->size, $colour);
    }

    /** A text as its capitals are set. */
    public function written(string $text): string
    {
        return $this->upperCase ? mb_strtoupper($text) : $text;
    }

    /** From line to line, in pixels. */
    public function step(): float
    {
        return $this->size * $this->leading;
    }

    private function with(float $size, ?string $colour): self
    {
        return new self(
            $this->font,
            $size,
            $colour,
            $this->isOfPart,
            $this->upperCase,
            $this->letterSpacing,
            $this->leading,
            $this->isBalanced,
            $this->plate,
            $this->hasOldFigures,
            $this->coats,
        );
    }
}
