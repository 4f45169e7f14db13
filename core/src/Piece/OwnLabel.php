<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What the label of one mark has of its own. */
final readonly class OwnLabel
{
    private function __construct(
        public bool $isHidden,
        /** in place of the label of its row; null: that */
        public ?string $text,
        /** a multiple of the size of the others */
        public float $size,
        public ?string $colour,
        /** how far a hand has moved it from where it would stand, in pixels; null: where it stands by itself */
        public ?float $x,
        public ?float $y,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }
        $isMoved = !$field->get('x')->isNull() || !$field->get('y')->isNull();

        return new self(
            $field->get('hidden')->yes(false),
            $field->get('text')->isNull() ? null : $field->get('text')->text(120),
            $field->get('size')->number(0.2, 5, 1),
            $field->get('colour')->isNull() ? null : $field->get('colour')->colour(),
            $isMoved ? $field->get('x')->number(-4000, 4000, 0) : null,
            $isMoved ? $field->get('y')->number(-4000, 4000, 0) : null,
        );
    }
}
