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

    public function testWithinATimeItChangesAndBesideItStands(): void
    {
        $track = Track::of([4, 10, 20, 30], static fn (int $frame): int => $frame);
        $within = $track->within(10, 25);
        self::assertSame([0, 20], $within->changes);
        self::assertSame([10, 10, 10, 20, 20, 20], array_map($within->at(...), [0, 5, 19, 20, 25, 40]));
        self::assertSame([0], $track->within(11, 19)->changes, 'nothing changes there');
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
