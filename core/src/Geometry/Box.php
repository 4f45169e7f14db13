<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** An upright rectangle, in pixels of the stage. */
final readonly class Box
{
    public function __construct(public float $left, public float $top, public float $width, public float $height)
    {
    }

    public static function around(Point $middle, float $width, float $height): self
    {
        return new self($middle->x - $width / 2, $middle->y - $height / 2, $width, $height);
    }

    /** @param non-empty-list<self> $boxes */
    public static function joined(array $boxes): self
    {
        $all = $boxes[0];
        foreach ($boxes as $box) {
            $all = $all->joinedWith($box);
        }

        return $all;
    }

    public function right(): float
    {
        return $this->left + $this->width;
    }

    public function bottom(): float
    {
        return $this->top + $this->height;
    }

    public function middle(): Point
    {
        return new Point($this->left + $this->width / 2, $this->top + $this->height / 2);
    }

    /** Do both cover a point, or come nearer to each other than a distance? */
    public function meets(self $other, float $near): bool
    {
        return $this->left < $other->right() + $near && $other->left < $this->right() + $near
            && $this->top < $other->bottom() + $near && $other->top < $this->bottom() + $near;
    }

    /** Does another lie wholly within it? */
    public function surrounds(self $other): bool
    {
        return $other->left >= $this->left && $other->right() <= $this->right()
            && $other->top >= $this->top && $other->bottom() <= $this->bottom();
    }

    /** The smallest that holds both. */
    public function joinedWith(self $other): self
    {
        [$left, $top] = [min($this->left, $other->left), min($this->top, $other->top)];
        $right = max($this->right(), $other->right());

        return new self($left, $top, $right - $left, max($this->bottom(), $other->bottom()) - $top);
    }

    /** Does a box of this size about a point lie within, with a margin kept clear of every edge? */
    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return abs($middle->x - $this->left - $this->width / 2) <= ($this->width - $width) / 2 - $margin
            && abs($middle->y - $this->top - $this->height / 2) <= ($this->height - $height) / 2 - $margin;
    }
}
