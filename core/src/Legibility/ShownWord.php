<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;

/** A line of text as it stands on one frame. */
final readonly class ShownWord
{
    /**
     * @param string $text as it is set
     * @param Box $box from the height of its capitals to its baseline, in pixels of the stage
     * @param float $size of its type, in pixels
     * @param float $opacity 0 to 1
     */
    public function __construct(
        public string $text,
        public Box $box,
        public float $size,
        public string $colour,
        public float $opacity,
        public bool $isReading,
    ) {
    }

    /** By how much it stands over another, in pixels, the lesser of both ways; below 0 where it does not. */
    public function over(self $other): float
    {
        $across = min($this->box->right(), $other->box->right()) - max($this->box->left, $other->box->left);
        $down = min($this->box->bottom(), $other->box->bottom()) - max($this->box->top, $other->box->top);

        return min($across, $down);
    }

    /** Its beginning, to be named by. */
    public function named(): string
    {
        return '“'.mb_strimwidth($this->text, 0, 40, '…').'”';
    }
}
