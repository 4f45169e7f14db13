<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
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
        $piece = Sample::piece(changes: [
            'words.0.text' => 'What came in',
            'words.0.width' => 1600,
            'moves' => [[
                'id' => 'm1', 'kind' => 'entrance', 'target' => ['words' => 'title'], 'begin' => 20, 'pin' => null,
                'frames' => 12, 'curve' => 'linear', 'opens' => 'forward', 'manner' => $manner,
            ]],
        ]);
        $reel = Sample::reel(Sample::draw($piece));
        $clip = null;
        foreach ($reel['tracks'] as $track) {
            $name = self::named($reel['nodes'], $track['node']);
            $clip = $name === Role::Written->value && $track['property'] === 'clip' ? $track : $clip;
        }
        self::assertNotNull($clip);
        self::assertSame($frames, $clip['frames']);
        $reach = array_map(static function (int $outline) use ($reel): float {
            preg_match_all('/[ML]([\d.]+) /', $reel['outlines'][$outline], $numbers);

            return $numbers[1] === [] ? 0.0 : (float) max($numbers[1]) - (float) min($numbers[1]);
        }, $clip['values']);
        self::assertSame(0.0, $reach[0], 'nothing of it is there at first');
        for ($index = 1; $index < count($reach); ++$index) {
            self::assertGreaterThan($reach[$index - 1], $reach[$index], 'and more and more of it');
        }
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
