<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Reel\Effect;
use Lupine\Core\Reel\Paint;

/** An outline that is filled, sharp or blurred, or that a line runs along. */
final readonly class PathNode implements Node
{
    /** @var Track<Paint> */
    public Track $fill;

    /** @var Track<float> 0 to 1 */
    public Track $opacity;

    /**
     * @param Track<string> $outline SVG path data; empty where nothing is drawn
     * @param Paint|Track<Paint> $fill
     * @param Track<float>|float $opacity 0 to 1
     * @param Track<Effect>|null $effect
     * @param string|null $trackOf the figure whose track this is
     * @param Stroke|null $stroke the line that the paint is for; null where it fills the outline
     * @param string $blend how it is laid over what is below it
     */
    public function __construct(
        public Track $outline,
        Paint|Track $fill,
        Track|float $opacity = 1.0,
        public ?Track $effect = null,
        public ?Mark $mark = null,
        public ?string $trackOf = null,
        public ?Stroke $stroke = null,
        public string $blend = Blend::NORMAL,
    ) {
        $this->fill = $fill instanceof Paint ? Track::constant($fill) : $fill;
        $this->opacity = $opacity instanceof Track ? $opacity : Track::constant($opacity);
    }
}
