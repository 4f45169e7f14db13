<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Coats;

/** What coats are laid on: a mark, a track, a panel, a sample. */
final readonly class Coated
{
    /**
     * @param string $id of what it is
     * @param Track<string> $colour that inks begin with which follow it
     * @param Track<string> $outline path data, as far as it is there
     * @param Track<Grain> $grain what gradients and patterns follow
     * @param Track<string> $whole the outline where all of it is there
     * @param Track<Box> $around what “the chart” is, in its own pixels
     * @param Track<Coats> $coats
     * @param Track<string>|null $foot where it stands on the ground; null: where it is
     */
    public function __construct(
        public string $id,
        public Track $colour,
        public Track $outline,
        public Track $grain,
        public Track $whole,
        public Track $around,
        public Box $stage,
        public Track $coats,
        public ?Track $foot = null,
    ) {
    }

    /**
     * The same with another outline.
     *
     * @param Track<string> $outline
     * @param Track<string>|null $foot
     */
    public function outlined(Track $outline, ?Track $foot = null): self
    {
        return new self(
            $this->id,
            $this->colour,
            $outline,
            $this->grain,
            $this->whole,
            $this->around,
            $this->stage,
            $this->coats,
            $foot,
        );
    }
}
