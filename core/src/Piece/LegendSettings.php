<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The legend: a dot, a label and a reading for each part, down a column. */
final readonly class LegendSettings
{
    private function __construct(
        /** left edge and top of the column, in pixels */
        public float $x,
        public float $y,
        /** from the left edge of the dots to the right edge of the readings */
        public float $width,
        /** from row to row, in multiples of the size */
        public float $spacing,
        public TextStyle $style,
        /** column (one below the other) or rows (side by side, as many as fit) */
        public string $flow = 'column',
        public bool $isByRule = false,
        /** in the middle of its chart, where there is room and nothing else; where the arrangement puts it */
        public bool $isInside = false,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('x')->number(-4000, 8000),
            $field->get('y')->number(-4000, 8000),
            $field->get('width')->number(40, 4000),
            $field->get('spacing')->number(1, 6, 2),
            TextStyle::read($field, 'figtree-semibold', 40, '#ffffff'),
            $field->get('flow')->oneOf(['column', 'rows'], 'column'),
            PlacedBy::rule($field),
            $field->get('stands')->oneOf(['beside', 'middle'], 'beside') === 'middle',
        );
    }

    /** The same legend, in its place. */
    public function arranged(
        float $x,
        float $y,
        float $width,
        float $size,
        ?string $flow = null,
        ?float $spacing = null,
        bool $isInside = false,
    ): self {
        return new self(
            $x,
            $y,
            $width,
            $spacing ?? $this->spacing,
            $this->style->withSize($size),
            $flow ?? $this->flow,
            isInside: $isInside,
        );
    }
}
