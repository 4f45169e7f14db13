<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** Nodes that come, go and move together. */
final readonly class GroupNode implements Node
{
    /**
     * @param list<Node> $children
     * @param Track<float>|null $opacity 0 to 1
     * @param Track<float>|null $maximum of the scale that its marks are drawn on
     * @param Track<string>|null $clip the outline within which its children are seen, in the group's own pixels
     */
    public function __construct(
        public string $name,
        public array $children,
        public ?Track $opacity = null,
        public ?Pose $pose = null,
        public ?Track $maximum = null,
        public ?Track $clip = null,
    ) {
    }
}
