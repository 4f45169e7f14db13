<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Labels;

use Lupine\Core\Labels\Lane;
use PHPUnit\Framework\TestCase;

/** Labels in one line: none over another, each as near as possible to where it wants to be. */
final class LaneTest extends TestCase
{
    public function testThoseThatHaveRoomStayWhereTheyAre(): void
    {
        self::assertSame([10.0, 50.0, 90.0], Lane::place([10, 50, 90], [20, 20, 20], 4, 0, 100));
    }

    /** Neighbours that meet share their mean: Barlow and others, Statistical Inference under Order Restrictions. */
    public function testThoseThatMeetShareTheirMean(): void
    {
        // Two that want the same place stand to both sides of it.
        self::assertEqualsWithDelta([38, 62], Lane::place([50, 50], [20, 20], 4, 0, 200), 1e-9);
        self::assertEqualsWithDelta([12, 36], Lane::place([2, 2], [20, 20], 4, 2, 200), 1e-9, 'the bound holds');
        self::assertNull(Lane::place([1, 2, 3], [40, 40, 40], 0, 0, 119));
    }

    public function testNoOtherPlacesAreNearer(): void
    {
        mt_srand(20_261_126);
        for ($round = 0; $round < 300; ++$round) {
            $count = mt_rand(2, 7);
            $wanted = array_map(static fn (): float => mt_rand(0, 600) / 2, range(1, $count));
            sort($wanted);
            $sizes = array_map(static fn (): float => (float) mt_rand(8, 30), range(1, $count));
            $placed = Lane::place($wanted, $sizes, 3.0, 0.0, 300.0);
            self::assertNotNull($placed);
            $cost = self::cost($placed, $wanted);
            for ($index = 0; $index < $count; ++$index) {
                $least = ($index === 0 ? $sizes[0] / 2 : $placed[$index - 1] + self::apart($sizes, $index - 1));
                $most = $index === $count - 1
                    ? 300 - $sizes[$index] / 2
                    : $placed[$index + 1] - self::apart($sizes, $index);
                self::assertGreaterThanOrEqual($least - 1e-6, $placed[$index]);
                self::assertLessThanOrEqual($most + 1e-6, $placed[$index]);
                // The problem is convex: what no small step of any group of neighbours betters is the best.
                for ($to = $index; $to < $count; ++$to) {
                    foreach ([-0.01, 0.01] as $by) {
                        $moved = $placed;
                        for ($one = $index; $one <= $to; ++$one) {
                            $moved[$one] += $by;
                        }
                        if (self::isAllowed($moved, $sizes)) {
                            self::assertGreaterThan($cost - 1e-9, self::cost($moved, $wanted));
                        }
                    }
                }
            }
        }
    }

    /** @param list<float> $sizes */
    private static function apart(array $sizes, int $index): float
    {
        return ($sizes[$index] + $sizes[$index + 1]) / 2 + 3.0;
    }

    /**
     * @param list<float> $placed
     * @param list<float> $wanted
     */
    private static function cost(array $placed, array $wanted): float
    {
        return array_sum(array_map(static fn (float $at, float $to): float => ($at - $to) ** 2, $placed, $wanted));
    }

    /**
     * @param list<float> $placed
     * @param list<float> $sizes
     */
    private static function isAllowed(array $placed, array $sizes): bool
    {
        $last = count($placed) - 1;
        for ($index = 0; $index < $last; ++$index) {
            if ($placed[$index + 1] - $placed[$index] < self::apart($sizes, $index) - 1e-12) {
                return false;
            }
        }

        return $placed[0] >= $sizes[0] / 2 && $placed[$last] <= 300 - $sizes[$last] / 2;
    }
}
