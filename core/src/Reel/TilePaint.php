<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Texture\GreyPicture;
use Lupine\Core\Texture\Tile;

/** A texture, repeated. The painter and core make its bytes from its name alone. */
final readonly class TilePaint implements WovenPaint
{
    public function __construct(
        #[OneOf('grain', 'paper', 'felt', 'linen', 'brushed', 'slate', 'chalk', 'print')]
        public string $name,
        /**
         * grey: heights as greys, level at 128; relief: black and white, the more opaque the farther from level; cover:
         * black, as opaque as the tile is bright
         */
        #[OneOf('grey', 'relief', 'cover')]
        public string $ink,
        /** of a cover: how much of what it leaves away is away, 0 to 1 */
        public float $amount,
        /** where a corner of a tile lies, in pixels of the stage */
        public float $x,
        public float $y,
        /** pixels of the stage for one of the tile */
        public float $size,
        /** turned clockwise about that corner */
        public float $degrees,
        #[OneOf('tile')]
        public string $kind = 'tile',
    ) {
    }

    /** The picture that the pattern of every tile of its kind repeats: it stands among the definitions once. */
    public function picture(): string
    {
        $bytes = Tile::bytes($this->name);

        return sprintf(
            '<image id="%s" width="%d" height="%2$d" href="data:image/png;base64,%s"/>',
            $this->pictureId(),
            Tile::SIDE,
            base64_encode(match ($this->ink) {
                'relief' => GreyPicture::relief($bytes, Tile::SIDE),
                'cover' => GreyPicture::cover($bytes, Tile::SIDE, $this->amount),
                default => GreyPicture::grey($bytes, Tile::SIDE),
            }),
        );
    }

    public function pictureId(): string
    {
        return $this->name.'-'.$this->ink.($this->ink === 'cover' ? '-'.round($this->amount * 255) : '');
    }

    public function svg(string $id, int $width, int $height): string
    {
        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" width="%d" height="%2$d" '
                .'patternTransform="translate(%s %s) rotate(%s) scale(%s)"><use href="#%s"/></pattern>',
            $id,
            Tile::SIDE,
            Decimal::of($this->x),
            Decimal::of($this->y),
            Decimal::of($this->degrees),
            Decimal::of($this->size, 6),
            $this->pictureId(),
        );
    }
}
