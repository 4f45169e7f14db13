<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** A point that words are set at, and how they stand to it. */
final readonly class Anchor
{
    /**
     * @param string $align left, middle or right: which part of the words stands on the point
     * @param float|null $room pixels that the words may be wide; null: any
     */
    public function __construct(public Point $point, public string $align, public ?float $room = null)
    {
    }

    /** The same with room for any width. */
    public function anywhere(): self
    {
        return new self($this->point, $this->align);
    }

    /**
     * The same for words that stand beside marks and are aligned with each other; those below a mark stay.
     *
     * @param string $align left or right; marks: as they are
     * @param float $widest that any of them is, in pixels
     */
    public function alignedTo(string $align, float $widest): self
    {
        if ($align === 'marks' || $align === $this->align || $this->align === 'middle') {
            return $this;
        }
        $x = $this->point->x + ($this->align === 'right' ? -$widest : $widest);

        return new self(new Point($x, $this->point->y), $align, $this->room);
    }

    /** Where words of a size stand at it. */
    public function box(float $width, float $height): Box
    {
        $left = $this->point->x - $width * match ($this->align) {
            'left' => 0.0,
            'right' => 1.0,
            default => 0.5,
        };

        return new Box($left, $this->point->y - $height / 2, $width, $height);
    }
}
