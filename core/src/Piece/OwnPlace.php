<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Where something stands in one shape of the stage alone. */
final readonly class OwnPlace
{
    private function __construct(
        public float $x,
        public float $y,
        /** a multiple of the size that it has on the piece's own stage */
        public float $size,
        /** lines wrap at it, and readings of a legend end there, in pixels; null where there is nothing to wrap */
        public ?float $width,
        /** how large the words at a chart's marks are, as a multiple of what the chart says */
        public float $text = 1.0,
        /** @var array<string, float> numbers of a chart's form that are other ones here */
        public array $form = [],
    ) {
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('x')->number(-8000, 8000),
            $field->get('y')->number(-8000, 8000),
            $field->get('size')->number(0.02, 20, 1),
            $field->get('width')->isNull() ? null : $field->get('width')->number(20, 8000),
            $field->get('text')->number(0.02, 20, 1),
            array_map(static fn (Field $number): float => $number->number(0, 8000), $field->get('form')->entries()),
        );
    }
}
