<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\Scale;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScaleTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function domains(): iterable
    {
        foreach (Sample::outside('d3-scale') as $case) {
            yield implode(' to ', $case['domain']) => [$case];
        }
    }

    /**
     * Source: d3-scale 4.0, linear, nice and ticks (core/tests/outside/make.mjs).
     *
     * @param array<string, mixed> $case
     */
    #[DataProvider('domains')]
    public function testEndsAndTicksAreThoseOfD3(array $case): void
    {
        $scale = Scale::around(array_map(floatval(...), $case['domain']));

        self::assertEqualsWithDelta($case['nice'], [$scale->least, $scale->most], 1e-9 * abs($case['domain'][1] + 1));
        self::assertEqualsWithDelta(
            $case['ticks'],
            array_map(static fn (array $tick): float => $tick[0], array_values($scale->ticks)),
            1e-9 * (1 + abs($case['domain'][1])),
        );
    }

    public function testOneScaleTurnsIntoAnother(): void
    {
        $between = Scale::between(Scale::around([512.0]), Scale::around([90.0]), 0.5);

        self::assertSame(350.0, $between->most, 'half way between 600 and 100');
        self::assertSame(1.0, $between->ticks['0'][1]);
        self::assertSame(1.0, $between->ticks['100'][1], 'both have 100');
        self::assertSame(0.5, $between->ticks['600'][1]);
        self::assertSame(0.5, $between->ticks['20'][1]);
    }
}
