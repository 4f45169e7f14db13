<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Texture\Evolving;
use Lupine\Core\Texture\GreyPicture;

/**
 * Clouds over all of the stage, in one colour: more and less opaque. They are soft, so they are made small and scaled
 * up. The painter has the same rule (`painter/src/clouds.ts`).
 */
final readonly class CloudsPaint implements WovenPaint
{
    /** of the small picture, in pixels */
    public const WIDTH = 192;
    public const HEIGHT = 108;

    public function __construct(
        public string $colour,
        /** how many lie side by side, and one above the other */
        public int $columns,
        public int $rows,
        public int $seed,
        /** how far they have come on their way back to themselves, from 0 up to 1 */
        public float $phase,
        #[OneOf('clouds')]
        public string $kind = 'clouds',
    ) {
    }

    public function svg(string $id, int $width, int $height): string
    {
        $bytes = Evolving::bytes(self::WIDTH, self::HEIGHT, $this->columns, $this->rows, $this->phase, $this->seed);

        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" width="%d" height="%d">'
                .'<image width="%2$d" height="%3$d" preserveAspectRatio="none" href="data:image/png;base64,%s"/></pattern>',
            $id,
            $width,
            $height,
            base64_encode(GreyPicture::coloured($bytes, self::WIDTH, $this->colour)),
        );
    }
}
