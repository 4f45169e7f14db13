<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A pattern laid over the fill of a mark. */
final readonly class PatternSettings
{
    public const KINDS = ['stripes', 'dots', 'grid', 'waves'];

    private function __construct(
        public string $kind,
        /** side of one repeat, in pixels */
        public float $size,
        /** 0 to 1 */
        public float $opacity,
        /** turned clockwise, in degrees */
        public float $degrees,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('kind')->oneOf(self::KINDS),
            $field->get('size')->number(6, 400, 28),
            $field->get('opacity')->number(0, 1, 0.2),
            $field->get('degrees')->number(-360, 360, 45),
        );
    }
}
