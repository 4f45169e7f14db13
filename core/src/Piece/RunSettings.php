<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A chart that goes through the moments of its table, from column to column. */
final readonly class RunSettings
{
    /** what lies between two moments: a way from one to the other, or nothing until the next */
    public const BETWEEN = ['straight', 'eased', 'hold'];

    private function __construct(
        /** the frame of the first moment */
        public int $begin,
        /** from the first moment to the last */
        public int $frames,
        /** straight, eased or hold */
        public string $between,
        /** how long figures take to change places, in frames */
        public int $places,
        /** @var array<string, array{int, Pin|null}> moments that stand on a frame, or on a beat, by column id */
        public array $pins,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }
        $pins = [];
        foreach ($field->get('pins')->isNull() ? [] : $field->get('pins')->items(240) as $pin) {
            $pins[$pin->get('column')->id()] = [
                $pin->get('frame')->whole(0, Stage::MAX_FRAMES, 0),
                Pin::read($pin->get('pin')),
            ];
        }

        return new self(
            $field->get('begin')->whole(0, Stage::MAX_FRAMES, 0),
            $field->get('frames')->whole(1, Stage::MAX_FRAMES, 240),
            $field->get('between')->oneOf(self::BETWEEN, 'straight'),
            $field->get('places')->whole(1, 300, 14),
            $pins,
        );
    }
}
