<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Motion\Track;
use PHPUnit\Framework\TestCase;

final class TrackTest extends TestCase
{
    public function testAValueHoldsUntilItChangesAndIsAskedForOnce(): void
    {
        $asked = [];
        $track = Track::of([10, 4, 10, 20], static function (int $frame) use (&$asked): int {
            $asked[] = $frame;

            return $frame * 2;
        });
        self::assertSame([0, 4, 10, 20], $track->changes);
        self::assertSame([0, 0, 8, 8, 20, 20, 40], array_map($track->at(...), [0, 3, 4, 9, 10, 19, 1000]));
        self::assertSame([0, 4, 10, 20], $asked);
    }

    public function testMappedAndCombined(): void
    {
        $a = Track::of([5], static fn (int $frame): string => $frame < 5 ? 'a' : 'A');
        $b = Track::of([3], static fn (int $frame): string => $frame < 3 ? 'b' : 'B');
        $both = Track::combine(
            [$a->map(strrev(...)), $b, Track::constant('.')],
            static fn (array $parts): string => implode('', $parts),
        );

        self::assertSame([0, 3, 5], $both->changes);
        self::assertSame(['ab.', 'aB.', 'AB.', 'AB.'], array_map($both->at(...), [2, 3, 5, 99]));
        self::assertTrue(Track::constant(1)->isConstant());
        self::assertFalse($both->isConstant());
    }
}
