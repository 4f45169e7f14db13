<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Where a chart stands on the stage, how large it is and how it is turned. */
final readonly class Place
{
    public function __construct(
        /** its middle, in pixels from the top left of the stage */
        public float $x,
        public float $y,
        /** 1 is as its form is set */
        public float $size = 1.0,
        /** degrees clockwise about its form's own centre */
        public float $turn = 0.0,
        /** whether the arrangement says where it stands, or a hand did */
        public bool $isByRule = false,
    ) {
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('x')->number(-8000, 8000),
            $field->get('y')->number(-8000, 8000),
            $field->get('size')->number(0.02, 20, 1),
            $field->get('turn')->number(-3600, 3600, 0),
            PlacedBy::rule($field),
        );
    }

    /** What a property of a chart as a whole is before any move: x, y, size, turn or opacity. */
    public function first(string $property): float
    {
        return match ($property) {
            'x' => $this->x,
            'y' => $this->y,
            'size' => $this->size,
            'turn' => $this->turn,
            default => 1.0,
        };
    }
}
