<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Labels;

use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Drawing\Nodes;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where entries of a legend in rows stand. Common practice, no source: no row is nearly empty below full ones. */
final class LegendRowsTest extends TestCase
{
    /** @param list<int> $rows how many entries each has */
    #[TestWith([5, [3, 2]])]
    #[TestWith([4, [4]])]
    #[TestWith([7, [4, 3]])]
    #[TestWith([9, [3, 3, 3]])]
    public function testRowsAreBalanced(int $parts, array $rows): void
    {
        $table = "What\tThings";
        for ($part = 1; $part <= $parts; ++$part) {
            $table .= "\nPart $part\t10";
        }
        $legend = ['x' => 100, 'y' => 900, 'width' => 820, 'flow' => 'rows', 'values' => 'none'];
        $piece = Sample::piece($table, ['charts.0.words.legend' => $legend]);
        $heights = [];
        foreach (Nodes::texts(Nodes::group(Sample::draw($piece), Role::Legend)) as $text) {
            $heights[] = (int) round($text->y->at(0));
        }
        self::assertSame($rows, array_values(array_count_values($heights)));
    }
}
