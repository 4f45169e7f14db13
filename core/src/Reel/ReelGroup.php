<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** Nodes that come, go and move together. A group that holds marks is put together before it is seen through. */
final readonly class ReelGroup implements ReelNode
{
    public function __construct(
        public int $index,
        public Role $role,
        /** the id of what it is the group of */
        public ?string $of,
        /** 0 to 1; can have a track */
        public int|float $opacity,
        /** how it is moved; null where it never is */
        public ?ReelPose $pose,
        /**
         * the number of the outline within which its children are seen, in the group's own pixels; null where all of
         * them is; can have a track
         */
        public ?int $clip,
        /**
         * the number of a tile that covers what is seen of its children, who are put together first; null where all of
         * them is; can have a track
         */
        public ?int $mask,
        /** @var list<ReelGroup|ReelPath|ReelText> from the back to the front */
        public array $children,
        #[OneOf('group')]
        public string $kind = 'group',
    ) {
    }
}
