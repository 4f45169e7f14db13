<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A title or any other text that stands on the stage by itself. */
final readonly class FreeText
{
    private function __construct(
        public string $id,
        public string $text,
        /** left, middle or right of the text by its alignment; y is the first baseline */
        public float $x,
        public float $y,
        /** lines wrap at this width, in pixels */
        public float $width,
        public string $align,
        public bool $upperCase,
        public TextStyle $style,
    ) {
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('id')->id(),
            $field->get('text')->text(500),
            $field->get('x')->number(-8000, 8000),
            $field->get('y')->number(-8000, 8000),
            $field->get('width')->number(20, 8000, 8000),
            $field->get('align')->oneOf(['left', 'middle', 'right'], 'left'),
            $field->get('upperCase')->yes(false),
            TextStyle::read($field, 'bricolage-bold', 72, '#ffffff'),
        );
    }
}
