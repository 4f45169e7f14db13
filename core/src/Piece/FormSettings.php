<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The form of a chart and its measures. */
final readonly class FormSettings
{
    public const KINDS = ['pie', 'donut'];

    private function __construct(
        public string $kind,
        /** outer radius in pixels of the stage */
        public float $radius,
        /** inner radius as a fraction of the outer one, 0 to 0.98 */
        public float $hole,
        /** where the first part begins, in degrees clockwise from 12 o'clock */
        public float $startDegrees,
        /** clockwise or counterclockwise */
        public string $direction,
        /** width of the gap between parts, in pixels, the same along its whole length */
        public float $gap,
        /** sheet, descending or ascending */
        public string $order,
    ) {
    }

    public static function read(Field $field): self
    {
        $kind = $field->get('kind')->oneOf(self::KINDS);

        return new self(
            $kind,
            $field->get('radius')->number(4, 4000),
            $kind === 'pie' ? 0.0 : $field->get('hole')->number(0, 0.98, 0.6),
            $field->get('startDegrees')->number(-3600, 3600, 0),
            $field->get('direction')->oneOf(['clockwise', 'counterclockwise'], 'clockwise'),
            $field->get('gap')->number(0, 200, 0),
            $field->get('order')->oneOf(['sheet', 'descending', 'ascending'], 'sheet'),
        );
    }

    public function holeRadius(): float
    {
        return $this->radius * $this->hole;
    }
}
