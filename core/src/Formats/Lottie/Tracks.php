<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;

/** What changes in nodes of a drawing, and when. */
final readonly class Tracks
{
    /**
     * @param list<Node> $nodes
     *
     * @return list<Track<mixed>|null>
     */
    public static function of(array $nodes): array
    {
        $tracks = [];
        foreach ($nodes as $node) {
            array_push($tracks, ...match (true) {
                $node instanceof GroupNode => [
                    $node->opacity, $node->clip, $node->mask, $node->pose?->x, $node->pose?->y, $node->pose?->size,
                    $node->pose?->turn, ...self::of($node->children),
                ],
                $node instanceof PathNode => [
                    $node->outline, $node->fill, $node->opacity, $node->effect, $node->stroke?->width,
                    $node->stroke?->dash, $node->stroke?->gap, $node->stroke?->offset, $node->stroke?->light?->length,
                    $node->stroke?->light?->place,
                ],
                $node instanceof TextNode => [$node->run, $node->x, $node->y],
                default => [],
            });
        }

        return $tracks;
    }

    /**
     * @param list<Track<mixed>|null> $tracks
     *
     * @return non-empty-array<int, int> frames on which one of them changes, by frames counted from the first
     */
    public static function frames(array $tracks, FrameRange $range): array
    {
        $frames = [0 => $range->from];
        foreach ($tracks as $track) {
            foreach ($track->changes ?? [] as $change) {
                if ($change > $range->from && $change <= $range->to) {
                    $frames[$change - $range->from] = $change;
                }
            }
        }
        ksort($frames);

        return $frames;
    }
}
