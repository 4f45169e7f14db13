<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

use Lupine\Core\Form\Rim;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** A label that wants a place beside its mark. */
final readonly class Wish
{
    /**
     * @param Point $middle where it would stand if it were alone
     * @param float $width and height in pixels, at its own size
     * @param Point|null $by how far a hand has moved it from there; it stays there then
     * @param float $weight of its figure: the larger keeps its place where two cannot
     */
    public function __construct(
        public string $figureId,
        public Point $middle,
        public float $width,
        public float $height,
        public Rim $rim,
        public ?Point $by,
        public float $weight,
    ) {
    }

    /** What it stands in at its place, or at another one. */
    public function box(float $factor, ?Point $middle = null): Box
    {
        return Box::around($middle ?? $this->wanted($factor), $this->width * $factor, $this->height * $factor);
    }

    /** Its middle, a little nearer to its mark where it is smaller. */
    public function wanted(float $factor): Point
    {
        if ($this->by !== null) {
            return new Point($this->middle->x + $this->by->x, $this->middle->y + $this->by->y);
        }
        $less = (1 - $factor) / 2;

        return new Point(
            $this->middle->x - $this->rim->x * $this->width * $less,
            $this->middle->y - $this->rim->y * $this->height * $less,
        );
    }
}
