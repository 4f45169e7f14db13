<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A glow or a shadow: the mark's outline, blurred, beneath it and without an offset. */
final readonly class SoftEdge
{
    private function __construct(
        /** how far it reaches, in pixels; the blur's standard deviation is half of it */
        public float $reach,
        /** 0 to 1 */
        public float $opacity,
        /** null: the mark's own colour for a glow, black for a shadow */
        public ?string $colour,
        /** how much of it comes and goes like breath, 0 to 1 */
        public float $breath,
        /** seconds of one breath */
        public float $every,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('reach')->number(1, 400, 40),
            $field->get('opacity')->number(0, 1, 0.6),
            $field->get('colour')->isNull() ? null : $field->get('colour')->colour(),
            $field->get('breath')->number(0, 1, 0),
            $field->get('every')->number(0.2, 120, 3),
        );
    }
}
