<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How a text is set: a font of the shipped packs, its size in pixels, its colour. */
final readonly class TextStyle
{
    public const FONTS = [
        'figtree-regular',
        'figtree-semibold',
        'figtree-bold',
        'bricolage-semibold',
        'bricolage-bold',
    ];

    private function __construct(public string $font, public float $size, public string $colour)
    {
    }

    public static function read(Field $field, string $font, float $size, string $colour): self
    {
        return new self(
            $field->get('font')->oneOf(self::FONTS, $font),
            $field->get('size')->number(6, 600, $size),
            $field->get('colour')->colour($colour),
        );
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
