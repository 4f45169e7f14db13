<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Reel\Role;

/** Finds things in a drawing by the role of their group. */
final readonly class Nodes
{
    public static function group(Drawing $drawing, Role $role, ?string $of = null): GroupNode
    {
        return self::find($drawing->nodes, $role, $of)
            ?? throw new \LogicException("There is no {$role->value} group of “{$of}”.");
    }

    public static function has(Drawing $drawing, Role $role, ?string $of = null): bool
    {
        return self::find($drawing->nodes, $role, $of) !== null;
    }

    /** @return list<GroupNode> all of a role, wherever they stand */
    public static function groups(Drawing $drawing, Role $role): array
    {
        $found = [];
        $walk = static function (array $nodes) use (&$walk, &$found, $role): void {
            foreach ($nodes as $node) {
                if ($node instanceof GroupNode) {
                    array_push($found, ...$node->role === $role ? [$node] : []);
                    $walk($node->children);
                }
            }
        };
        $walk($drawing->nodes);

        return $found;
    }

    /** @return list<TextNode> */
    public static function texts(GroupNode $group): array
    {
        $found = [];
        foreach ($group->children as $child) {
            if ($child instanceof GroupNode) {
                array_push($found, ...self::texts($child));
            } elseif ($child instanceof TextNode) {
                $found[] = $child;
            }
        }

        return $found;
    }

    /** @return list<PathNode> */
    public static function paths(GroupNode $group): array
    {
        return array_values(
            array_filter($group->children, static fn (Node $child): bool => $child instanceof PathNode),
        );
    }

    /** @return list<string> what the texts of a group say on a frame */
    public static function said(GroupNode $group, int $frame): array
    {
        return array_map(static fn (TextNode $text): string => $text->run->at($frame)->text, self::texts($group));
    }

    /** @param list<Node> $nodes */
    private static function find(array $nodes, Role $role, ?string $of): ?GroupNode
    {
        foreach ($nodes as $node) {
            if ($node instanceof GroupNode) {
                $isIt = $node->role === $role && $node->of === $of;
                $found = $isIt ? $node : self::find($node->children, $role, $of);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }
}
