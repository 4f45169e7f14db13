<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The frame that is filmed: its size in pixels, its rate in frames a second as a fraction, its length in frames. */
final readonly class Stage
{
    public const MAX_FRAMES = 18_000;
    public const MAX_SIDE = 3840;
    public const MAX_PIXELS = 3840 * 2160;

    private function __construct(
        public int $width,
        public int $height,
        public int $rateNumerator,
        public int $rateDenominator,
        public bool $dropFrame,
        public int $frames,
    ) {
    }

    public static function read(Field $field): self
    {
        [$width, $height] = self::sides($field);
        [$numerator, $denominator] = self::rate($field->get('rate'));
        $dropFrame = $field->get('dropFrame')->yes(false);
        if ($dropFrame && ($denominator !== 1001 || !in_array($numerator, [30_000, 60_000], true))) {
            throw $field
                ->get('dropFrame')
                ->wrong('is on, but drop-frame timecode exists at 29.97 and 59.94 frames a second only');
        }

        return new self(
            $width,
            $height,
            $numerator,
            $denominator,
            $dropFrame,
            $field->get('frames')->whole(1, self::MAX_FRAMES),
        );
    }

    /**
     * @return array{int, int} width and height in pixels
     *
     * @throws BadPiece
     */
    public static function sides(Field $field): array
    {
        $width = $field->get('width')->whole(64, self::MAX_SIDE);
        $height = $field->get('height')->whole(64, self::MAX_SIDE);
        if ($width % 2 === 1 || $height % 2 === 1) {
            throw $field->wrong('has an odd side; width and height have to be even, or no film can be made of it');
        }
        if ($width * $height > self::MAX_PIXELS) {
            throw $field->wrong(sprintf('is %d × %d, more than 3840 × 2160 pixels', $width, $height));
        }

        return [$width, $height];
    }

    /** The same stage in another shape. */
    public function shaped(int $width, int $height): self
    {
        return new self(
            $width,
            $height,
            $this->rateNumerator,
            $this->rateDenominator,
            $this->dropFrame,
            $this->frames,
        );
    }

    /**
     * @return array{int, int} frames a second, from 1 to 60, as numerator and denominator
     *
     * @throws BadPiece
     */
    public static function rate(Field $field): array
    {
        $rate = $field->items(2);
        if (count($rate) !== 2) {
            throw $field->wrong('has to be two whole numbers, such as [30000, 1001]');
        }
        $numerator = $rate[0]->whole(1, 240_000);
        $denominator = $rate[1]->whole(1, 1001);
        if ($numerator / $denominator < 1 || $numerator / $denominator > 60) {
            throw $field->wrong('has to be from 1 to 60 frames a second');
        }

        return [$numerator, $denominator];
    }
}
