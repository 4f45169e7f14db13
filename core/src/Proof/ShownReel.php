<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Reel\Reel;
use Lupine\Core\Reel\ReelGroup;
use Lupine\Core\Reel\ReelMark;
use Lupine\Core\Reel\ReelPath;
use Lupine\Core\Reel\ReelText;
use Lupine\Core\Reel\Role;

/**
 * A reel read back, as the painter reads it: what stands where on which frame. Proof looks at nothing else of a
 * picture, so what it measures is what is painted.
 */
final readonly class ShownReel
{
    /**
     * @param list<ShownMark> $marks in the order in which they are painted
     * @param list<ShownText> $texts
     */
    private function __construct(
        public int $from,
        public int $to,
        public array $marks,
        public array $texts,
    ) {
    }

    public static function read(Reel $reel): self
    {
        $tracks = [];
        foreach ($reel->tracks as $track) {
            $tracks[$track->node][$track->property] = array_combine($track->frames, $track->values);
        }
        $marks = [];
        $texts = [];
        $walk = static function (array $nodes, ?string $owner) use (&$walk, &$marks, &$texts, $tracks, $reel): void {
            foreach ($nodes as $node) {
                if ($node instanceof ReelGroup) {
                    $isOwner = in_array($node->role, [Role::Chart, Role::Words, Role::Caption], true);
                    $walk($node->children, $owner ?? ($isOwner ? $node->of : null));
                } elseif ($node instanceof ReelText) {
                    $texts[] = self::text($owner, $node, $tracks[$node->index] ?? [], $reel);
                } elseif ($node instanceof ReelPath && $node->mark !== null) {
                    $marks[] = self::mark($node, $node->mark, $tracks[$node->index] ?? [], $reel);
                }
            }
        };
        $walk($reel->nodes, null);

        return new self($reel->from, $reel->to, $marks, $texts);
    }

    /** @param array<string, array<int, int|float|string>> $values by property and frame */
    private static function mark(ReelPath $node, ReelMark $mark, array $values, Reel $reel): ShownMark
    {
        return new ShownMark(
            $mark->chart,
            $mark->figure,
            $mark->measure,
            $mark->pivot,
            array_map(
                static fn (int|float|string $number): string => $reel->outlines[(int) $number],
                $values['outline'] ?? [$reel->from => $node->outline],
            ),
            array_map(floatval(...), $values['whole'] ?? [$reel->from => $mark->whole]),
        );
    }

    /** @param array<string, array<int, int|float|string>> $values by property and frame */
    private static function text(?string $owner, ReelText $node, array $values, Reel $reel): ShownText
    {
        return new ShownText(
            $owner,
            $node->reading,
            array_map(
                static fn (int|float|string $run): string => $reel->runs[(int) $run][0],
                $values['run'] ?? [$reel->from => $node->run],
            ),
        );
    }
}
