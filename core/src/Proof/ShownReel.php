<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

/**
 * A reel read back, as the painter reads it: what stands where on which frame. Proof looks at nothing else of a
 * picture, so what it measures is what is painted.
 *
 * @phpstan-type Leaf array{
 *     kind: string, index: int, name: string, children: list<array<string, mixed>>,
 *     outline: int, mark: array{
 *         chart: string, figure: string, measure: string, whole: float, pivot: array{float, float}
 *     }|null,
 *     run: int, x: float, y: float, scale: float, align: string, reading: string|null
 * }
 * @phpstan-type Picture array{
 *     width: int, height: int, from: int, to: int, outlines: list<string>,
 *     runs: list<array{string, float, list<int|float>}>, nodes: list<array<string, mixed>>,
 *     tracks: list<array{node: int, property: string, frames: list<int>, values: list<int|float|string>}>
 * }
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

    /** @param array<string, mixed> $reel as docs/reel.md describes it */
    public static function read(array $reel): self
    {
        /** @var Picture $reel */
        $tracks = [];
        foreach ($reel['tracks'] as $track) {
            $tracks[$track['node']][$track['property']] = array_combine($track['frames'], $track['values']);
        }
        $marks = [];
        $texts = [];
        $walk = static function (array $nodes, ?string $chart) use (&$walk, &$marks, &$texts, $tracks, $reel): void {
            /** @var Leaf $node */
            foreach ($nodes as $node) {
                $values = $tracks[$node['index']] ?? [];
                if ($node['kind'] === 'group') {
                    $walk($node['children'], $chart ?? ($node['name'] === '@camera' ? null : $node['name']));
                } elseif ($node['kind'] === 'text') {
                    $texts[] = self::text($chart, $node, $values, $reel);
                } elseif ($node['mark'] !== null) {
                    $outlines = $values['outline'] ?? [$reel['from'] => $node['outline']];
                    $marks[] = new ShownMark(
                        $node['mark']['chart'],
                        $node['mark']['figure'],
                        $node['mark']['measure'],
                        $node['mark']['pivot'],
                        array_map(
                            static fn (int|float|string $number): string => $reel['outlines'][(int) $number],
                            $outlines,
                        ),
                        array_map(floatval(...), $values['whole'] ?? [$reel['from'] => $node['mark']['whole']]),
                    );
                }
            }
        };
        $walk($reel['nodes'], null);

        return new self($reel['from'], $reel['to'], $marks, $texts);
    }

    /**
     * @param Leaf $node
     * @param array<string, array<int, int|float|string>> $values
     * @param Picture $reel
     */
    private static function text(?string $chart, array $node, array $values, array $reel): ShownText
    {
        $runs = $values['run'] ?? [$reel['from'] => $node['run']];

        return new ShownText(
            $chart,
            $node['reading'],
            array_map(static fn (int|float|string $run): string => $reel['runs'][(int) $run][0], $runs),
        );
    }
}
