<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How a chart or a text drifts about its place, for as long as it is there. */
final readonly class DriftSettings
{
    private function __construct(
        /** how far to each side, in pixels */
        public float $across,
        /** how far up and down, in pixels */
        public float $down,
        /** how far it leans to each side, in degrees */
        public float $turn,
        /** seconds until it is where it began */
        public float $every,
    ) {
    }

    public static function read(Field $field): ?self
    {
        return $field->isNull() ? null : new self(
            $field->get('across')->number(0, 2000, 0),
            $field->get('down')->number(0, 2000, 0),
            $field->get('turn')->number(0, 180, 0),
            $field->get('every')->number(0.5, 300, 8),
        );
    }
}
