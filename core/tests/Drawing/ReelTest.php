<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class ReelTest extends TestCase
{
    public function testIsTheSameByteForByte(): void
    {
        $changes = [
            'charts.0.finish.glows' => [['reach' => 20, 'opacity' => 0.5]],
            'charts.0.form.gap' => 6,
        ];

        self::assertSame(
            json_encode(Sample::reel(Sample::draw(Sample::piece(changes: $changes)))),
            json_encode(Sample::reel(Sample::draw(Sample::piece(changes: $changes)))),
        );
    }

    public function testHoldsTheDrawingOfEveryFrame(): void
    {
        $drawing = Sample::draw(Sample::piece());
        $reel = Sample::reel($drawing);
        $marks = $drawing->marks();
        foreach ([0, 13, 20, 37, 60, 239] as $frame) {
            foreach (self::markNodes($reel['nodes']) as $place => $node) {
                self::assertSame(
                    $marks[$place]->outline->at($frame),
                    $reel['outlines'][self::valueAt($reel, $node, 'outline', $frame)],
                );
            }
        }
    }

    public function testARangeHoldsNothingElse(): void
    {
        $drawing = Sample::draw(Sample::piece());
        [$whole, $part] = [Sample::reel($drawing), Sample::reel(Sample::drawPiece()->draw(Sample::piece(), 20, 25))];
        self::assertSame([20, 25], [$part['from'], $part['to']]);
        self::assertLessThan(count($whole['outlines']) / 3, count($part['outlines']));
        foreach (self::markNodes($part['nodes']) as $place => $node) {
            self::assertSame(
                $drawing->marks()[$place]->outline->at(23),
                $part['outlines'][self::valueAt($part, $node, 'outline', 23)],
            );
        }
    }

    /**
     * @param list<array<string, mixed>> $nodes
     *
     * @return list<array<string, mixed>>
     */
    private static function markNodes(array $nodes): array
    {
        $found = [];
        foreach ($nodes as $node) {
            if ($node['kind'] === 'group') {
                array_push($found, ...self::markNodes($node['children']));
            } elseif (($node['mark'] ?? null) !== null) {
                $found[] = $node;
            }
        }

        return $found;
    }

    /**
     * As docs/reel.md says it: the last value up to a frame holds.
     *
     * @param array<string, mixed> $reel
     * @param array<string, mixed> $node
     */
    private static function valueAt(array $reel, array $node, string $property, int $frame): int|float
    {
        $value = $node[$property];
        foreach ($reel['tracks'] as $track) {
            if ($track['node'] === $node['index'] && $track['property'] === $property) {
                foreach ($track['frames'] as $index => $from) {
                    $value = $from <= $frame ? $track['values'][$index] : $value;
                }
            }
        }

        return $value;
    }
}
