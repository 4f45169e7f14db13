<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Figures\Exact;
use PHPUnit\Framework\TestCase;

/** Against the same sums and quotients as Brick\Math makes them from numbers of any length. */
final class ExactTest extends TestCase
{
    public function testSumsAndQuotientsAreThoseOfFractionsOfAnyLength(): void
    {
        mt_srand(22);
        $one = static fn (): BigRational => match (mt_rand(0, 5)) {
            0 => BigRational::nd(mt_rand(-9, 9), mt_rand(1, 12)),
            1 => BigRational::of(mt_rand(0, 999_999_999)),
            2 => BigRational::of(sprintf('%d.%06d', mt_rand(-99, 99), mt_rand(0, 999_999))),
            3 => BigRational::of('-123456789012345678901234567890'),
            4 => BigRational::nd(mt_rand(1, 999_999_999), mt_rand(1, 999_999_999)),
            default => BigRational::of(sprintf('%d.%d', mt_rand(0, 5000), mt_rand(0, 9))),
        };
        for ($time = 0; $time < 100; ++$time) {
            $numbers = array_map($one, range(1, mt_rand(1, 10)));
            $sum = BigRational::zero();
            foreach ($numbers as $number) {
                $sum = $sum->plus($number)->simplified();
            }
            self::assertSame((string) $sum, (string) Exact::sum($numbers));
            [$above, $below] = [$one(), $one()];
            if (!$below->isZero()) {
                $wanted = $above->dividedBy($below)->simplified();
                self::assertSame((string) $wanted, (string) Exact::quotient($above, $below));
            }
        }
        self::assertSame('0', (string) Exact::sum([]));
    }
}
