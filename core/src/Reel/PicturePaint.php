<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** A picture, once or repeated. The painter and whoever writes an SVG have its file by its fingerprint. */
final readonly class PicturePaint implements WovenPaint
{
    /** thousandths of a picture’s width that its blur’s standard deviation is at most */
    public const MOST_BLUR = 100;

    public function __construct(
        /** SHA-256 of the file */
        public string $file,
        /** left and top of the picture before it is turned, in pixels of the stage */
        public float $x,
        public float $y,
        /** how large it is there */
        public float $width,
        public float $height,
        /** turned clockwise about its middle */
        public float $degrees,
        /** whether it is laid side by side without end */
        public bool $repeats,
        /** how far it is out of focus: standard deviation in thousandths of its width, 0 to 100 */
        public int $blur = 0,
        #[OneOf('picture')]
        public string $kind = 'picture',
    ) {
    }

    /** The id of the picture among the definitions. */
    public function pictureId(): string
    {
        return 'picture-'.substr($this->file, 0, 16).($this->blur > 0 ? '-'.$this->blur : '');
    }

    public function svg(string $id, int $width, int $height): string
    {
        // Laid once, its pattern is as large as all that it could be seen on.
        $far = 4 * max($width, $height);

        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" x="%s" y="%s" width="%s" height="%s" '
                .'patternTransform="translate(%s %s) rotate(%s)"><use href="#%s" transform="scale(%s %s)"/></pattern>',
            $id,
            ...array_map(static fn (float $number): string => Decimal::of($number, 4), $this->repeats
                ? [0.0, 0.0, $this->width, $this->height]
                : [0.0, 0.0, $this->width + $far, $this->height + $far]),
            ...$this->placed(),
        );
    }

    /** @return list<string> where its left top corner is, its turn, the picture, and how large one of its sides is */
    private function placed(): array
    {
        $turn = deg2rad($this->degrees);
        [$across, $down] = [$this->width / 2, $this->height / 2];
        [$middleX, $middleY] = [$this->x + $across, $this->y + $down];

        return [
            Decimal::of($middleX - $across * cos($turn) + $down * sin($turn), 4),
            Decimal::of($middleY - $across * sin($turn) - $down * cos($turn), 4),
            Decimal::of($this->degrees, 4),
            $this->pictureId(),
            Decimal::of($this->width, 4),
            Decimal::of($this->height, 4),
        ];
    }
}
