<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use Lupine\Core\Words\Glyph;
use Lupine\Core\Words\ShapedText;
use Lupine\Core\Words\Shaper;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WrittenOnTest extends TestCase
{
    /**
     * @param list<int> $frames on which another stretch of the text is there
     */
    #[DataProvider('manners')]
    public function testATextIsWritten(string $manner, array $frames): void
    {
        [$written, $ends] = self::written('What came in', $manner);
        self::assertSame($frames, $written);
        $reach = array_map(static fn (array $one): float => $one === [] ? 0.0 : max($one) - min($one), $ends);
        self::assertSame(0.0, $reach[0], 'nothing of it is there at first');
        for ($index = 1; $index < count($reach); ++$index) {
            self::assertGreaterThan($reach[$index - 1], $reach[$index], 'and more and more of it');
        }
    }

    public function testATextFromRightToLeftIsWrittenFromTheRight(): void
    {
        $shaper = self::createStub(Shaper::class);
        $all = new Glyph('all of it', 'M0 0L500 0L0 -500Z', 500, 0);
        $shaper->method('shape')->willReturnCallback(
            static function (array $fonts, string $text) use ($all): ShapedText {
                return new ShapedText(500.0 * mb_strlen($text), [$all], true);
            },
        );
        [, $ends] = self::written('אבגדהוזחטיכל', 'letters', $shaper);
        $ends = array_slice($ends, 1);
        self::assertCount(1, array_unique(array_map(max(...), $ends)), 'its right end stays');
        for ($index = 1; $index < count($ends); ++$index) {
            self::assertLessThan(min($ends[$index - 1]), min($ends[$index]), 'and it goes on to the left');
        }
    }

    /** @return array{list<int>, list<list<float>>} frames, and the places along the line that are cut to on each */
    private static function written(string $text, string $manner, ?Shaper $shaper = null): array
    {
        $piece = Sample::piece(changes: [
            'words.0.text' => $text,
            'words.0.width' => 1600,
            'moves' => [[
                'id' => 'm1', 'kind' => 'entrance', 'target' => ['words' => 'title'], 'begin' => 20, 'pin' => null,
                'frames' => 12, 'curve' => 'linear', 'opens' => 'forward', 'manner' => $manner,
            ]],
        ]);
        $reel = Sample::reel(Sample::draw($piece, $shaper));
        $clip = null;
        foreach ($reel['tracks'] as $track) {
            $name = self::named($reel['nodes'], $track['node']);
            $clip = $name === Role::Written->value && $track['property'] === 'clip' ? $track : $clip;
        }
        self::assertNotNull($clip);

        return [$clip['frames'], array_map(static function (int $outline) use ($reel): array {
            preg_match_all('/[ML]([\d.]+) /', $reel['outlines'][$outline], $numbers);

            return array_map(floatval(...), $numbers[1]);
        }, $clip['values'])];
    }

    /** @return iterable<string, array{string, list<int>}> */
    public static function manners(): iterable
    {
        // Twelve letters and spaces over twelve frames: one a frame; a space reaches as far as it is wide.
        yield 'letter by letter' => ['letters', [0, ...range(21, 32)]];
        // Three words: a third of the time each.
        yield 'word by word' => ['words', [0, 24, 28, 32]];
    }

    /** @param list<array<string, mixed>> $nodes */
    private static function named(array $nodes, int $index): ?string
    {
        foreach ($nodes as $node) {
            if ($node['index'] === $index) {
                return $node['role'] ?? '';
            }
            $found = self::named($node['children'] ?? [], $index);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}
