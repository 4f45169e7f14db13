<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** Nodes that come and go together. */
final readonly class GroupNode implements Node
{
    /**
     * @param list<Node> $children
     * @param Track<float>|null $opacity 0 to 1
     */
    public function __construct(public string $name, public array $children, public ?Track $opacity = null)
    {
    }
}
