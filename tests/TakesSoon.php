<?php

declare(strict_types=1);

namespace Tests;

/** How long something takes, in seconds of the processor, so that what goes on beside a test does not count. */
trait TakesSoon
{
    /** Seconds of the processor that this process and those that it waited for have had. */
    private static function processor(): float
    {
        $seconds = 0.0;
        foreach ([0, 1] as $whose) {
            foreach (['utime', 'stime'] as $kind) {
                $used = getrusage($whose) ?: [];
                $seconds += ($used["ru_$kind.tv_sec"] ?? 0) + ($used["ru_$kind.tv_usec"] ?? 0) / 1e6;
            }
        }

        return $seconds;
    }

    /** Seconds are those of a machine that needs 0.2 for aMoment(); one that is slower just now has as much more. */
    private static function assertTookUnder(float $seconds, float $took, string $what): void
    {
        if ($took >= $seconds) {
            self::assertLessThan($seconds * self::slower(), $took, $what);
        }
    }

    /** How many times as slow as a machine that needs 0.2 for aMoment() this one is just now, at least 1. */
    private static function slower(): float
    {
        return max(1.0, self::aMoment() / 0.2);
    }

    /** Seconds of work that is like reading a table. */
    private static function aMoment(): float
    {
        $began = hrtime(true);
        $texts = array_flip(array_map(static fn (int $number): string => sprintf('%d', $number), range(0, 400_000)));
        preg_match_all('/\d+/', implode(',', array_keys($texts)), $found);

        return (hrtime(true) - $began) / 1e9;
    }
}
