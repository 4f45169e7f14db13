<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\NativeClock;

/** What compat/ makes up for: see its composer.json. */
final class CompatTest extends TestCase
{
    public function testFunctionsAndClockAreThere(): void
    {
        self::assertSame('a', array_first(['x' => 'a', 'y' => 'b']));
        self::assertSame('b', array_last(['x' => 'a', 'y' => 'b']));
        self::assertNull(array_first([]));
        $clock = new NativeClock('UTC');
        self::assertInstanceOf(ClockInterface::class, $clock);
        self::assertEqualsWithDelta(time(), $clock->now()->getTimestamp(), 2);
        self::assertSame('Europe/Berlin', $clock->withTimeZone('Europe/Berlin')->now()->getTimezone()->getName());
    }
}
