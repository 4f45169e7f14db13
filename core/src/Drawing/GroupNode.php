<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;
use Lupine\Core\Reel\Role;
use Lupine\Core\Reel\TilePaint;

/** Nodes that come, go and move together. */
final readonly class GroupNode implements Node
{
    /**
     * @param list<Node> $children
     * @param Track<float>|null $opacity 0 to 1
     * @param Track<float>|null $maximum of the scale that its marks are drawn on
     * @param Track<string>|null $clip the outline within which its children are seen, in the group's own pixels
     * @param Track<TilePaint>|null $mask a tile that covers what is seen of them, put together
     */
    public function __construct(
        public Role $role,
        public array $children,
        public ?Track $opacity = null,
        public ?Pose $pose = null,
        public ?Track $maximum = null,
        public ?Track $clip = null,
        /** whether it is seen as it is on whole frames, with everything in it */
        public bool $isHeld = false,
        /** the id of what it is the group of */
        public ?string $of = null,
        public ?Track $mask = null,
    ) {
    }

    public function held(): self
    {
        return new self(
            $this->role,
            $this->children,
            $this->opacity,
            $this->pose,
            $this->maximum,
            $this->clip,
            true,
            $this->of,
            $this->mask,
        );
    }

    /** @param Track<float>|null $opacity 0 to 1 */
    public function seenAs(?Track $opacity): self
    {
        return new self(
            $this->role,
            $this->children,
            $opacity,
            $this->pose,
            $this->maximum,
            $this->clip,
            $this->isHeld,
            $this->of,
            $this->mask,
        );
    }
}
