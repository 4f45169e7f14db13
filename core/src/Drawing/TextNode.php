<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;
use Lupine\Core\Words\Run;

/** One line of text, set as outlines. */
final readonly class TextNode implements Node
{
    /**
     * @param Track<Run> $run
     * @param Track<float> $x left, middle or right of the text by its alignment, in pixels
     * @param Track<float> $y baseline
     * @param float $scale pixels for one font unit
     */
    public function __construct(
        public Track $run,
        public Track $x,
        public Track $y,
        public float $scale,
        public string $align,
        public string $colour,
        /** the figure whose reading this is, `total`, or null for any other text */
        public ?string $readingOf = null,
        /** whether its letters are painted by itself; else outlines beside it are what is seen of it */
        public bool $isPainted = true,
        /** @var list<string> the colours that its letters can have; empty: its colour alone */
        public array $inks = [],
        /** the colour of a line around its letters that they are told from */
        public ?string $edge = null,
        /** radius of the circle that its baseline is bent to; null: it is straight */
        public ?float $bend = null,
    ) {
    }

    /**
     * The same, to be read where outlines are what is seen of it.
     *
     * @param list<string> $inks
     * @param float $radius of the circle that its baseline is bent to; 0: straight
     */
    public function unpainted(array $inks, ?string $edge, float $radius): self
    {
        return new self(
            $this->run,
            $this->x,
            $this->y,
            $this->scale,
            $this->align,
            $this->colour,
            $this->readingOf,
            false,
            $inks,
            $edge,
            $radius === 0.0 ? null : $radius,
        );
    }

    /** The same, where it stands still. */
    public function at(float $x, float $y): self
    {
        return new self(
            $this->run,
            Track::constant($x),
            Track::constant($y),
            $this->scale,
            $this->align,
            $this->colour,
            $this->readingOf,
        );
    }
}
