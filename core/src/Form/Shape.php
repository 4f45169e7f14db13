<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** The mark of one figure at one moment. */
interface Shape
{
    /** Path data; empty where there is nothing to see. */
    public function outline(): string;

    /** Where words on the mark are centred. */
    public function middle(): Point;

    /**
     * Does a box lie wholly on the mark?
     *
     * @param float $margin pixels to keep clear of every edge
     */
    public function holds(Point $middle, float $width, float $height, float $margin): bool;

    /**
     * The middle of words beside the mark that stand there alone: off its outer edge, or after its end.
     *
     * @param float $clear pixels to keep clear
     * @param float $width of the words
     * @param float $height of the words
     */
    public function beside(float $clear, float $width, float $height): Point;

    /** Where a line from the mark to words beside it begins. */
    public function rim(): Rim;

    /** Room for words that lie along the mark; null where the form has none. */
    public function along(): ?Along;

    /** Where the name of the figure stands before the mark begins; null where the form has no such place. */
    public function foot(float $clear, float $height): ?Anchor;

    public function grain(): Grain;
}
