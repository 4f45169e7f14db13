<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A timed change of one figure of a chart, or of a free text. */
final readonly class Move
{
    private function __construct(
        public string $id,
        /** entrance or exit */
        public string $kind,
        /** the chart and the row it moves, or the free text */
        public ?string $chart,
        public ?string $figure,
        public ?string $words,
        /** the first frame, where it is not pinned */
        public int $begin,
        public ?Pin $pin,
        public int $frames,
        public CurveSettings $curve,
        public string $opens,
    ) {
    }

    public static function read(Field $field): self
    {
        $target = $field->get('target');
        $isWords = !$target->get('words')->isNull();

        return new self(
            $field->get('id')->id(),
            $field->get('kind')->oneOf(['entrance', 'exit']),
            $isWords ? null : $target->get('chart')->id(),
            $isWords ? null : $target->get('figure')->id(),
            $isWords ? $target->get('words')->id() : null,
            $field->get('begin')->whole(0, Stage::MAX_FRAMES, 0),
            Pin::read($field->get('pin')),
            $field->get('frames')->whole(1, Stage::MAX_FRAMES, 24),
            CurveSettings::read($field->get('curve'), 'ease-in-out'),
            $field->get('opens')->oneOf(['clockwise', 'counterclockwise', 'middle'], 'clockwise'),
        );
    }
}
