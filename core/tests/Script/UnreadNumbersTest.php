<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Desk\ScriptSheet;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\UnreadNumbers;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnreadNumbersTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> a line, the words of it that are marked */
    public static function lines(): iterable
    {
        yield 'a decimal comma and thousands of other countries' => ['12,5 % of 5’000 kilos, or 1.000.000.', []];
        yield 'signs that could be either' => ['It was 12,5,7 of them, or 1234,567 in all.', ['12,5,7', '1234,567']];
        yield 'multiples and ratios' => ['It was 5x as much, 3:1 at best, 30ish kettles.', ['5x', '3:1', '30ish']];
        yield 'what is read' => ['1,248 things, 41%, 1/3, 2.5 tonnes, ~30 kettles, 12 000 in all', []];
        yield 'what is no number' => ['At 10:30 on the 3rd, Room 101, a 12-volt lamp, COVID-19, 24/7, 4K', []];
    }

    /** @param list<string> $marked */
    #[DataProvider('lines')]
    public function testWhatIsMeantForANumberAndNotUnderstoodIsMarked(string $line, array $marked): void
    {
        $words = Beats::split($line);
        $found = array_map(static fn (int $place): string => rtrim($words[$place], ','), UnreadNumbers::in($words));
        self::assertSame($marked, $found);
        $piece = Sample::piece(changes: [
            'script.lines' => [['id' => 'l1', 'text' => $line, 'begin' => 0, 'end' => 90]],
        ]);
        $inSheet = array_keys(array_filter(array_column(ScriptSheet::script($piece)['lines']['l1'], 'unread')));
        self::assertSame(UnreadNumbers::in($words), $inSheet);
    }
}
