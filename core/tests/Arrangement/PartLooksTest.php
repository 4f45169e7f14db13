<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Arrangement;

use Lupine\Core\Arrangement\PartLooks;
use Lupine\Core\Form\Forms;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which part is the accent. */
final class PartLooksTest extends TestCase
{
    private const FIGURES = "What\tLast year\nSmall appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\n"
        ."Toys\t100";

    /** @return iterable<string, array{string, string}> a title, and the row it leads to */
    public static function titles(): iterable
    {
        yield 'a name' => ['Bicycles came back', 'r4'];
        yield 'one word of a name' => ['The year of the lamp', 'r2'];
        yield 'a name before a number' => ['Toys, and sixteen in a hundred', 'r5'];
        yield 'a share in words' => ['Sixteen in a hundred were coats', 'r3'];
        yield 'a share in digits' => ['12 % rolled in', 'r4'];
        yield 'an amount' => ['We counted 287 of them', 'r2'];
        yield 'what follows a row' => ['[value of r5] little things', 'r5'];
        yield 'a row that is gone' => ['[value of r9] little things', 'r1'];
        yield 'the whole' => ['All 1,248 of them', 'r1'];
        yield 'a number of something else' => ['Three winters', 'r1'];
        yield 'nothing of it' => ['A busy year', 'r1'];
    }

    #[DataProvider('titles')]
    public function testTheTitleLeadsToAPart(string $title, string $row): void
    {
        $piece = Sample::piece(self::FIGURES, [
            'words.0.text' => $title, 'words.0.role' => 'title',
            'charts.0.finish.accent' => ['out' => 30], 'charts.0.own' => [],
        ]);
        $chart = PartLooks::in($piece, Forms::shipped())->charts[0];
        $out = [];
        foreach (['r1', 'r2', 'r3', 'r4', 'r5'] as $id) {
            if ($chart->own($id)->out > 0.0) {
                $out[] = $id;
            }
        }
        self::assertSame([$row], $out);
    }

    /** Where values are told, a percentage is of something else, such as growth; one that a cell has is not. */
    public function testAPercentageLeadsToAPartWhereThoseAreTold(): void
    {
        $out = static fn (string $figures, string $row): float => PartLooks::in(Sample::piece($figures, [
            'words.0.text' => '12 % more', 'words.0.role' => 'title', 'charts.0.words.reading' => ['of' => 'value'],
            'charts.0.finish.accent' => ['out' => 30], 'charts.0.own' => [],
        ]), Forms::shipped())->charts[0]->own($row)->out;
        self::assertSame([0.0, 30.0], [$out(self::FIGURES, 'r4'), $out(self::FIGURES, 'r1')]);
        self::assertSame(30.0, $out("What\tNow\nCoats\t58%\nLamps\t30%\nToys\t12%", 'r3'));
    }

    /** A number that two rows have leads to neither. */
    public function testANumberOfTwoRowsLeadsToTheLargest(): void
    {
        $piece = Sample::piece("What\tLast year\nCoats\t40\nLamps\t30\nToys\t30", [
            'words.0.text' => 'Thirty of each', 'words.0.role' => 'title',
            'charts.0.finish.accent' => ['out' => 30], 'charts.0.own' => [],
        ]);
        self::assertSame(30.0, PartLooks::in($piece, Forms::shipped())->charts[0]->own('r1')->out);
    }
}
