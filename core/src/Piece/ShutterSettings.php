<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Motion blur: how long a shutter is open for each frame, and what it takes. */
final readonly class ShutterSettings
{
    /** moments that are taken of one frame: odd, so that one of them is the frame itself */
    public const SAMPLES = [5, 9, 17, 33];

    private function __construct(
        /** in degrees: 360 is open all the time, 180 half of it */
        public float $angle,
        /** moments that are taken of each frame */
        public int $samples,
        /** whether what moves in charts is blurred, with their labels */
        public bool $takesCharts,
        /** whether titles and notes are */
        public bool $takesWords,
        /** whether the camera's way is */
        public bool $takesCamera,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }
        $samples = $field->get('samples')->whole(self::SAMPLES[0], self::SAMPLES[3], 9);
        if (!in_array($samples, self::SAMPLES, true)) {
            throw $field->get('samples')->wrong('has to be one of '.implode(', ', self::SAMPLES));
        }

        return new self(
            $field->get('angle')->number(1, 360, 180),
            $samples,
            $field->get('charts')->yes(true),
            $field->get('words')->yes(true),
            $field->get('camera')->yes(true),
        );
    }
}
