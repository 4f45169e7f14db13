<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** Where every figure of a chart stands at one moment, and all that words, finish and proof ask of it. */
interface Layout
{
    /** @return list<string> figure ids in the order in which they are laid out */
    public function order(): array;

    /**
     * The shape of a figure's mark.
     *
     * @param Presence $there how much of it is there, and between which bounds of its place
     * @param float $out how far it is pulled out, in pixels
     */
    public function shape(string $figureId, Presence $there, float $out): Shape;

    /**
     * How far a figure's mark has come, as a fraction of the scale, below zero where that is; null where it has come as
     * far as there is of it.
     */
    public function tip(string $figureId, Presence $there): ?float;

    /** What the chart turns and scales about. */
    public function pivot(): Point;

    /** What the marks lie in when all of them are there. */
    public function extent(): Box;

    public function measure(): Measure;

    /** How much of the measure the whole, or the maximum of the scale, is: degrees or pixels. */
    public function whole(string $figureId): float;

    /** @return list<array{string, string}> figures that touch, the earlier one first */
    public function neighbours(): array;

    /**
     * A patch under the boundary of two neighbours, so that no ground shows through their smoothed edges; path data,
     * empty where they do not touch.
     */
    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string;

    /** @return array<string, Furniture> tracks, axes and ticks, by a name that stays with what it is */
    public function furniture(): array;

    /** Where words beside marks go where they would stand in each other's way. */
    public function spread(): Spread;

    /** Which way its scale runs; null where it has no axes. */
    public function axes(): ?Axes;

    /** From one mark to the next where their words stand one below the other, in pixels; null where they do not. */
    public function pitch(): ?float;

    /** Free room for the total, or null where there is none. */
    public function middle(): ?Room;
}
