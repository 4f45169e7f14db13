<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\Table;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Formulas with references. Source: OASIS, ODF 1.2 part 2 (OpenFormula): 5.5 operators with their order, 5.8
 * references, 6.16 and 6.17 functions; what they are to give is worked out by hand from its rules.
 */
final class FormulaTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function formulas(): iterable
    {
        yield 'a sum of two' => ['=[.B2]+[.C2]', '14'];
        yield 'a range' => ['=SUM([.B2:.B4])', '60'];
        yield 'fixed with signs for it' => ['=SUM([.$B$2:.$C$3])', '47'];
        yield 'without brackets' => ['=sum(B2:B4)*2', '120'];
        yield 'several arguments' => ['=SUM([.B2];[.C3]; 100)', '123'];
        yield 'exact thirds' => ['=[.B2]/3*3', '10'];
        yield 'a sign before a power' => ['=-2^2', '4'];
        yield 'a difference with a power' => ['=10-2^2', '6'];
        yield 'percent' => ['=[.B3]*50%', '10'];
        yield 'the mean leaves empty cells out' => ['=AVERAGE([.C2:.C4])', '8.5'];
        yield 'how many' => ['=COUNT([.C2:.C4])', '2'];
        yield 'the largest and the smallest' => ['=MAX([.B2:.C4])-MIN([.B2:.C4])', '26'];
        yield 'the middle one' => ['=MEDIAN([.B2:.B4])', '20'];
        yield 'halves away from zero' => ['=ROUND(-2.5;0)', '-3'];
        yield 'tens' => ['=ROUND(1264;-2)', '1300'];
        yield 'of formulas' => ['=[.B5]+1', '61'];
    }

    #[DataProvider('formulas')]
    public function testIsWorkedOut(string $formula, string $wanted): void
    {
        $table = self::table($formula);
        $figures = Figures::ofAmounts(Formulas::worked($table), 'c1', true);
        self::assertSame((float) $wanted, $figures->byId('r5')->value());
        self::assertTrue($figures->byId('r5')->isWorkedOut);
        self::assertSame($wanted, Formulas::shown($table)['r5']['c1']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function slips(): iterable
    {
        yield 'itself' => ['=[.B6]', 'refers to itself'];
        yield 'in a ring' => ['=[.C5]', 'refers to itself'];
        yield 'a text' => ['=[.A2]', 'A2 contains text'];
        yield 'nowhere' => ['=[.B99]', 'there is no cell B99'];
        yield 'a range alone' => ['=[.B2:.B4]', 'needs a function'];
        yield 'by nothing' => ['=[.B2]/[.C4]', 'divides by zero'];
        yield 'not complete' => ['=SUM([.B2:.B4]', 'is not complete'];
        yield 'not known' => ['=SUMIF([.B2:.B4];2)', 'unknown function SUMIF'];
        yield 'gone' => ['=#REF!+[.B2]', 'Cannot read the formula'];
    }

    #[DataProvider('slips')]
    public function testWhatIsWrongIsSaidWithItsRow(string $formula, string $message): void
    {
        try {
            Figures::ofAmounts(Formulas::worked(self::table($formula)), 'c1', true);
            self::fail('It was taken.');
        } catch (ImpossibleFigures $reason) {
            self::assertStringContainsString('Row 5, “Own”', $reason->getMessage());
            self::assertStringContainsString($message, $reason->getMessage());
        }
    }

    /** The whole may be a sum of cells; percentages stay percentages. */
    public function testTheWholeAndUnits(): void
    {
        $table = TableText::read("What\tPart\nA\t10 %\nB\t30 %\nC\t0")->withCell('r3', 0, '=SUM([.B2:.B3])');
        self::assertSame('40 %', Formulas::shown($table)['r3']['c1']);
        $half = TableText::read("What\tPart\nA\t10\nB\t30")->withWhole('=SUM([.B2:.B3])*2');
        $figures = Figures::ofWhole(Formulas::worked($half), 'c1');
        self::assertSame([0.125, 0.375], array_map(static fn ($one): float => $one->share(), $figures->list));
        self::assertSame($half->rows, Formulas::worked($half)->rows);
    }

    /** Each asks for the one before it. */
    public function testLongChains(): void
    {
        $lines = ["What\tThings", "A\t1"];
        for ($row = 2; $row <= 2000; ++$row) {
            $lines[] = "B\t1";
        }
        $table = TableText::read(implode("\n", $lines));
        foreach (array_slice($table->rows, 1, 300) as $place => $row) {
            $table = $table->withCell($row->id, 0, sprintf('=[.B%d]+1', $place + 2));
        }
        self::assertSame('301', Formulas::shown($table)['r301']['c1']);
    }

    private static function table(string $formula): Table
    {
        return TableText::read("What\tThings\tMore\nA\t10\t4\nB\t20\t13\nC\t30\t\nD\t0\t0\nOwn\t0\t0")
            ->withCell('r4', 0, '=SUM([.B2:.B4])')
            ->withCell('r4', 1, '=[.B6]')
            ->withCell('r5', 0, $formula);
    }
}
