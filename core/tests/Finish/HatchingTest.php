<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Finish;

use Lupine\Core\Finish\Hatching;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Piece\Coat\PatternCoat;
use PHPUnit\Framework\TestCase;

/** Strokes by hand on a part that grows. */
final class HatchingTest extends TestCase
{
    public function testTheyCoverTheirPartAndStayWhereTheyAreWhileItGrows(): void
    {
        $pattern = new PatternCoat(kind: 'hand', size: 15.0, degrees: 0.0);
        $before = [];
        foreach ([40, 90, 200, 900] as $wide) {
            $box = new Box(-20, -30, $wide, 60);
            $points = [];
            foreach (explode('M', trim(Hatching::of($pattern, Hatching::room($pattern, $box)), 'M')) as $stroke) {
                $all = array_map(static fn (string $at): array => explode(' ', $at), explode('L', $stroke));
                self::assertLessThan($box->top, (float) $all[0][1]);
                self::assertGreaterThan($box->bottom(), (float) $all[count($all) - 1][1]);
                $points[] = $stroke;
            }
            self::assertLessThan($box->left, (float) $points[0]);
            self::assertGreaterThan($box->right(), (float) $points[count($points) - 1]);
            self::assertSame([], array_diff($before, $points), 'those that were there');
            // No more than twice as many as stand side by side, and a few at the edges.
            self::assertLessThan(2 * $wide / 15 + 20, count($points));
            $before = $points;
        }
    }
}
