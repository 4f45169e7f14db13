<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Captions: each line of the script on the stage while it is spoken. */
final readonly class CaptionSettings
{
    private function __construct(
        /** baseline of the last caption line, in pixels from the top */
        public float $y,
        /** lines wrap at this width, in pixels */
        public float $width,
        public TextStyle $style,
        public bool $isByRule = false,
        /** frames in which a caption comes, and in which it goes again; 0: at once */
        public int $fade = 0,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('y')->number(0, 4000),
            $field->get('width')->number(60, 4000),
            TextStyle::read($field, 'figtree-regular', 44, '#ffffff'),
            PlacedBy::rule($field),
            $field->get('fade')->whole(0, 60, 0),
        );
    }

    /** The same captions, in their place. */
    public function arranged(float $y, float $width, float $size): self
    {
        return new self($y, $width, $this->style->withSize($size), fade: $this->fade);
    }
}
