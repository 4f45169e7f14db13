<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What a move of the kind `shot` leads the camera to: a part of the stage, told so that it holds in every shape. */
final readonly class ShotSettings
{
    private function __construct(
        /** how near: 1 is the whole stage */
        public float $zoom,
        /** the middle of the frame, as fractions of the stage; where it looks at something, from the middle of that */
        public float $x,
        public float $y,
        /** degrees clockwise that the camera leans */
        public float $turn,
        /** the chart that it looks at, or null */
        public ?string $chart,
        /** the mark of that chart, or null for all of it */
        public ?string $figure,
    ) {
    }

    public static function read(Field $field): self
    {
        $on = $field->get('on');

        return new self(
            $field->get('zoom')->number(1, 20, 1),
            $field->get('x')->number(-1, 1, $on->isNull() ? 0.5 : 0),
            $field->get('y')->number(-1, 1, $on->isNull() ? 0.5 : 0),
            $field->get('turn')->number(-360, 360, 0),
            $on->isNull() ? null : $on->get('chart')->id(),
            $on->isNull() || $on->get('figure')->isNull() ? null : $on->get('figure')->id(),
        );
    }
}
