<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Form\Forms;
use Lupine\Core\Motion\BadTime;
use Lupine\Core\Motion\Clock;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * @phpstan-type ATrack array{node: int, property: string, frames: list<int>, values: list<int|float|string>}
 * @phpstan-type AReel array{frames: int, samples?: int, outlines: list<string>, paints: list<mixed>,
 *     runs: list<array{string}>, nodes: list<array<string, mixed>>, tracks: list<ATrack>}
 */
final class ShutterTest extends TestCase
{
    public function testMomentsLieEvenlyAroundTheirFrame(): void
    {
        $clock = Clock::ofShutter(180, 5);
        $times = array_map($clock->at(...), range(50, 54));
        self::assertEqualsWithDelta([9.8, 9.9, 10.0, 10.1, 10.2], $times, 1e-12);
        self::assertSame(10.0, $clock->at($clock->of(10)));
        self::assertSame(10, $clock->frameOf(54));
        // Open all the time, the last moment of a frame is as far from the next one's first as from its own neighbour.
        $open = Clock::ofShutter(360, 9);
        self::assertEqualsWithDelta($open->at(9) - $open->at(8), $open->at(8) - $open->at(7), 1e-12);
        $this->expectException(BadTime::class);
        Clock::ofShutter(180, 8);
    }

    /** @return iterable<string, array{string}> */
    public static function pieces(): iterable
    {
        foreach (glob(__DIR__.'/../../../demo/{*,starters/*}.json', GLOB_BRACE) ?: [] as $file) {
            // Every second piece, in the long run all.
            if (crc32(basename($file)) % Rounds::of(2, 1) === 0) {
                yield basename($file, '.json') => [(string) file_get_contents($file)];
            }
        }
    }

    #[DataProvider('pieces')]
    public function testTheMiddleMomentOfEveryFrameIsThatFrame(string $json): void
    {
        $document = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        \assert(is_array($document));
        [$plain, $blurred] = self::reels($document);
        $tracks = [self::byNode($plain), self::byNode($blurred)];
        self::assertSame(array_keys($tracks[0]), array_keys($tracks[1]));
        $checked = 0;
        foreach ($tracks[0] as $name => $track) {
            $off = [];
            // Every frame in the long run, else every third, and others of each track.
            $each = Rounds::of(3, 1);
            for ($frame = crc32($name) % $each; $frame < $plain['frames']; $frame += $each) {
                $sharp = self::shown($plain, $track, $frame);
                $moments = [$frame * 9 + 4];
                if ($track['property'] === 'run') {
                    // Readings are sharp.
                    array_push($moments, $frame * 9, $frame * 9 + 8);
                }
                foreach ($moments as $moment) {
                    if (self::shown($blurred, $tracks[1][$name], $moment) !== $sharp) {
                        $off[] = $frame;
                    }
                }
                ++$checked;
            }
            self::assertSame([], $off, $name.': frames');
        }
        self::assertGreaterThan(150, $checked);
    }

    public function testWhatChangesAtOnceIsSharpAndWhatIsLeftOutToo(): void
    {
        $lines = [['id' => 'l1', 'begin' => 20, 'end' => 60, 'text' => 'Four in ten were kettles.']];
        $captioned = Sample::document(changes: ['script.lines' => $lines]);
        [, $reel] = self::reels($captioned);
        $caption = self::changesWithin($reel, 'l1');
        self::assertSame([0, 20 * 9, 60 * 9], $caption, 'a caption comes on the first moment of its frame');
        $chart = (string) $captioned['charts'][0]['id'];
        self::assertNotSame([], array_filter(
            self::changesWithin($reel, $chart),
            static fn (int $moment): bool => $moment % 9 !== 0,
        ));
        [, $still] = self::reels($captioned, ['charts' => false]);
        self::assertSame([], array_filter(
            self::changesWithin($still, $chart),
            static fn (int $moment): bool => $moment % 9 !== 0,
        ));
    }

    public function testAShutterIsReadOrSaysWhatIsWrong(): void
    {
        $with = static fn (mixed $shutter): Piece => Sample::piece(changes: ['shutter' => $shutter]);
        self::assertNull(Sample::piece()->shutter);
        self::assertSame(172.8, $with(['angle' => 172.8, 'samples' => 17])->shutter?->angle);
        foreach ([['angle' => 0, 'samples' => 9], ['angle' => 180, 'samples' => 8]] as $shutter) {
            try {
                $with($shutter);
                self::fail('It was taken.');
            } catch (BadPiece $reason) {
                self::assertStringContainsString('shutter', $reason->where);
            }
        }
    }

    /**
     * @param array<mixed> $document
     * @param array<string, bool> $takes
     *
     * @return array{AReel, AReel} on frames alone, and with a shutter of 9 moments
     */
    private static function reels(array $document, array $takes = []): array
    {
        $document['shutter'] = [
            'angle' => 360,
            'samples' => 9,
            'charts' => true,
            'words' => true,
            'camera' => true,
            ...$takes,
        ];
        $piece = Piece::fromDocument($document, Forms::shipped());
        $draw = Sample::drawPiece();
        /** @var array{AReel, AReel} $reels */
        $reels = [Sample::reel($draw->draw($piece)), Sample::reel($draw->draw($piece, shutter: $piece->shutter))];
        self::assertSame(9, $reels[1]['samples'] ?? 1);

        return $reels;
    }

    /**
     * @param AReel $reel
     *
     * @return array<string, ATrack>
     */
    private static function byNode(array $reel): array
    {
        $tracks = [];
        foreach ($reel['tracks'] as $track) {
            $tracks[$track['node'].' '.$track['property']] = $track;
        }
        ksort($tracks);

        return $tracks;
    }

    /**
     * @param AReel $reel
     * @param ATrack $track
     */
    private static function shown(array $reel, array $track, int $moment): mixed
    {
        [$low, $high] = [0, count($track['frames']) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            [$low, $high] = $track['frames'][$middle] <= $moment ? [$middle, $high] : [$low, $middle - 1];
        }
        $value = $track['values'][$low];

        return match (true) {
            in_array($track['property'], ['outline', 'clip'], true) => $reel['outlines'][(int) $value],
            $track['property'] === 'run' => $reel['runs'][(int) $value][0],
            $track['property'] === 'fill' && is_int($value) => $reel['paints'][$value],
            default => $value,
        };
    }

    /**
     * @param AReel $reel
     *
     * @return list<int> the moments on which anything in a group changes, rising
     */
    private static function changesWithin(array $reel, string $group): array
    {
        $nodes = [];
        $walk = static function (array $all, bool $isIn) use (&$walk, &$nodes, $group): void {
            foreach ($all as $node) {
                $isOne = $isIn || ($node['of'] ?? null) === $group;
                if ($isOne) {
                    $nodes[] = $node['index'];
                }
                $walk($node['children'] ?? [], $isOne);
            }
        };
        $walk($reel['nodes'], false);
        $moments = [];
        foreach ($reel['tracks'] as $track) {
            if (in_array($track['node'], $nodes, true)) {
                array_push($moments, ...$track['frames']);
            }
        }
        $moments = array_values(array_unique($moments));
        sort($moments);

        return $moments;
    }
}
