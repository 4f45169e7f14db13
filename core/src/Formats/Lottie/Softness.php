<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Piece\Coat\Blend;

/** What of a drawing the vector format has not, so that it is painted. */
final readonly class Softness
{
    /** By the names of the W3C. Version 1.0 of the specification has none yet; players have had them from the first. */
    private const BLENDS = [
        'normal' => 0, 'multiply' => 1, 'screen' => 2, 'overlay' => 3, 'soft-light' => 9, 'add' => 16,
    ];

    public function __construct(private FrameRange $range)
    {
    }

    /** Whether it can only be painted. */
    public function has(Node $node): bool
    {
        if ($node instanceof GroupNode) {
            return $node->mask !== null;
        }
        if (!$node instanceof PathNode) {
            return false;
        }
        foreach (Tracks::frames([$node->fill], $this->range) as $frame) {
            if (!Paints::canBe($node->fill->at($frame))) {
                return true;
            }
        }

        return $node->effect !== null || !isset(self::BLENDS[$node->blend]);
    }

    /**
     * How many pictures will be painted, at most: what lies on each other can be one.
     *
     * @param list<Node> $nodes
     */
    public function count(array $nodes): int
    {
        $count = 0;
        $soft = [];
        foreach ($nodes as $node) {
            if ($this->has($node)) {
                $soft[] = $node;

                continue;
            }
            $count += $node instanceof GroupNode ? $this->count($node->children) : 0;
            $count += $soft === [] ? 0 : count(Tracks::frames(Tracks::of($soft), $this->range));
            $soft = [];
        }

        return $count + ($soft === [] ? 0 : count(Tracks::frames(Tracks::of($soft), $this->range)));
    }

    public static function blendOf(Node $node): string
    {
        return $node instanceof PathNode ? $node->blend : Blend::NORMAL;
    }

    /** @return array<string, int> */
    public static function blended(string $blend): array
    {
        return $blend === Blend::NORMAL ? [] : ['bm' => self::BLENDS[$blend] ?? 0];
    }
}
