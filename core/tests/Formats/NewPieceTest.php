<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Legibility\Check;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that was just made can be shown as it is: exact, and nothing runs over the edge. */
final class NewPieceTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function tables(): iterable
    {
        yield 'five kinds' => [Sample::FIGURES, 'donut'];
        yield 'one' => ["All of it\t1", 'pie'];
        yield 'twenty, with long labels' => [
            implode(
                "\n",
                array_map(
                    static fn (int $row): string => "Everything of kind {$row} that came through the side door\t{$row}",
                    range(1, 20),
                ),
            ),
            'donut',
        ];
        yield 'money' => ["Parts\t€12,400\nTools\t€3,250.50\nTea\t€99", 'pie'];
        yield 'huge and tiny' => ["Screws\t1234567890\nKettles\t3", 'donut'];
    }

    #[DataProvider('tables')]
    public function testItStandsByItself(string $figures, string $form): void
    {
        $piece = Sample::piece($figures, [], $form);
        $proof = Sample::prove($piece);

        self::assertTrue($proof->isExact());
        $failed = array_filter(
            $proof->checks(),
            static fn (Check $check): bool => !$check->ok && !str_contains($check->message, 'hard to tell apart'),
        );
        self::assertSame([], $failed);
        $legend = $piece->charts[0]->words->legend;
        self::assertNotNull($legend);
        self::assertLessThan(
            1080,
            $legend->y + (count($piece->tables[0]->rows) - 1) * $legend->spacing * $legend->style->size,
        );
    }
}
