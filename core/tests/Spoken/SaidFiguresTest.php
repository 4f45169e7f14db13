<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Spoken;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Spoken\SaidFigure;
use Lupine\Core\Spoken\SaidFigures;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class SaidFiguresTest extends TestCase
{
    private const FIGURES = "Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100";

    public function testNumbersAndNamesMeanTheirFigures(): void
    {
        self::assertSame(
            [
                ['1,248', 'the whole', 'exact', '1,248', '1,248'],
                ['Four in ten', 'Small appliances', 'near', '40 %', '41 %'],
                ['23 per cent', 'Lamps & lights', 'near', '23 %', '23 %'],
                ['199', 'Clothing', 'exact', '199', '199'],
                ['Bicycles', 'Bicycles', 'named', '', ''],
                ['toys', 'Toys', 'named', '', ''],
            ],
            self::said(
                'Neighbours carried 1,248 things through our door.',
                'Four in ten were kettles, toasters and other small appliances.',
                '23 per cent were lamps, and 199 were coats.',
                'Bicycles and toys came last.',
            ),
        );
    }

    public function testANumberBesideAnotherName(): void
    {
        self::assertSame(
            [['fifteen per cent', 'Bicycles', 'differs', '15 %', '12 %']],
            self::said('Bicycles were fifteen per cent of it.'),
        );
        self::assertSame(
            [['a fifth', 'Lamps & lights', 'near', '20 %', '23 %']],
            self::said('Some a fifth were lamps.'),
            'as people round',
        );
        self::assertSame([], self::said('We opened at nine, and in 2024 there were 70 of us.'), 'of no figure');
        self::assertSame([], self::said('Twelve or fifteen of us came.'), 'no figure is that small');
    }

    public function testAMultipleIsWhatAFigureBecomesFromColumnToColumn(): void
    {
        $said = static fn (string $text): array => array_map(
            static fn (SaidFigure $one): array => [$one->label, $one->state, $one->said, $one->is],
            SaidFigures::of(
                $piece = Sample::piece("What\tThen\tNow\nLamps\t200\t410\nClothing\t300\t310", [
                    'script.lines' => [['id' => 'l1', 'text' => $text, 'begin' => 0, 'end' => 60]],
                ]),
                ['chart1' => static fn (): array => [
                    Figures::of(Needs::Parts, $piece->table($piece->charts[0]->table), 'c1'),
                ]],
            ),
        );
        // Its name can still be tied to, where the part comes in.
        $lamps = [['Lamps', 'named', '', ''], ['Lamps', 'near', '2 ×', '2.05 ×']];
        self::assertSame($lamps, $said('Since then lamps have doubled.'));
        self::assertContains(['Clothing', 'differs', '3 ×', '1.03 ×'], $said('And clothing tripled.'));
        self::assertSame([], $said('The café’s opening hours doubled.'), 'of no figure');
    }

    public function testWhatIsLeftIsWhatWasNotSaid(): void
    {
        self::assertSame(
            [
                ['41%', 'Small appliances', 'near', '41 %', '41 %'],
                ['23%', 'Lamps & lights', 'near', '23 %', '23 %'],
                ['16%', 'Clothing', 'near', '16 %', '15.9 %'],
                ['12%', 'Bicycles', 'near', '12 %', '12 %'],
                ['the rest', 'Toys', 'near', '8 %', '8 %'],
            ],
            self::said('Appliances were 41%, lamps 23%, clothing 16%, bicycles 12%, and the rest was toys.'),
        );
    }

    public function testAFigureThatComesInOnTheWordsIsTied(): void
    {
        $piece = Sample::piece(self::FIGURES, ['script.lines' => [
            ['id' => 'l1', 'text' => 'Then four in ten.', 'begin' => 0, 'end' => 60],
        ], 'moves' => [[
            'id' => 'm1', 'kind' => 'entrance', 'target' => ['chart' => 'chart1', 'figure' => 'r1'], 'begin' => 0,
            'frames' => 20, 'curve' => 'ease-out', 'pin' => ['line' => 'l1', 'word' => 2, 'offset' => 0],
        ]]]);
        $figures = Figures::of(Needs::Parts, $piece->tables[0], $piece->charts[0]->column);
        self::assertTrue(SaidFigures::of($piece, ['chart1' => static fn (): array => [$figures]])[0]->tied);
    }

    public function testProofTellsBothNumbers(): void
    {
        $piece = Sample::piece(self::FIGURES, ['script.lines' => [
            ['id' => 'l1', 'text' => 'Bicycles were fifteen per cent.', 'begin' => 0, 'end' => 90],
        ]]);
        $told = array_filter(Sample::prove($piece)->checks(), static fn ($check): bool => !$check->ok);
        self::assertContains(
            'The narrator says “fifteen per cent” for Bicycles, which means 15 %; the table has 12 %.',
            array_map(static fn ($check): string => $check->message, $told),
        );
    }

    /** Sums, and what one figure is beside another. */
    public function testSumsAndComparisonsAreWorkedOut(): void
    {
        foreach ([
            'Together they were 1,248.' => ['the whole', 'exact', '1,248', '1,248'],
            'In all 1,300 came in.' => ['the whole', 'differs', '1,300', '1,248'],
            'Lamps and toys were 387 together.' => ['Lamps & lights and Toys', 'exact', '387', '387'],
            'Lamps and toys were 400 together.' => ['Lamps & lights and Toys', 'differs', '400', '387'],
            'Bicycles were 50 more than toys.' => ['Bicycles beside Toys', 'exact', '50', '50'],
            'Bicycles were 70 more than toys.' => ['Bicycles beside Toys', 'differs', '70', '50'],
            'Toys were 50 fewer than bicycles.' => ['Toys beside Bicycles', 'exact', '50', '50'],
            'Clothing was twice as much as toys.' => ['Clothing beside Toys', 'near', '2 ×', '1.99 ×'],
            'Lamps were twice as many as toys.' => ['Lamps & lights beside Toys', 'differs', '2 ×', '2.87 ×'],
        ] as $text => $wanted) {
            $found = array_values(array_filter(self::said($text), static fn (array $one): bool => $one[3] !== ''));
            $found = array_map(static fn (array $one): array => array_slice($one, 1), $found);
            self::assertSame([$wanted], $found, $text);
        }
        self::assertSame([], self::said('That is 70 more than the town hall has chairs.'), 'not known of what');
    }

    /** What is said is held to the column that is shown when it is said, not to another one. */
    public function testIsComparedWithWhatIsShownThen(): void
    {
        $messages = static function (string $text, array $moves = []): array {
            $proof = Sample::prove(Sample::piece("What\tThen\tNow\nLamps\t200\t410\nClothing\t300\t310", [
                'script.lines' => [['id' => 'l1', 'text' => $text, 'begin' => 150, 'end' => 230]],
                'moves' => $moves,
            ]));

            return array_values(array_filter(array_map(
                static fn ($check): string => $check->ok ? '' : $check->message,
                $proof->checks(),
            ), static fn (string $one): bool => str_contains($one, 'narrator')));
        };
        $toNow = [[
            'id' => 'm1', 'kind' => 'change', 'target' => ['chart' => 'chart1'], 'property' => 'column', 'to' => 'c2',
            'begin' => 100, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', 'pin' => null,
        ]];
        self::assertSame([], $messages('Lamps are 410.', $toNow));
        self::assertSame(
            ['The narrator says “200” for Lamps; the table has 410.'],
            $messages('Lamps are 200.', $toNow),
        );
        self::assertSame(
            ['The narrator says “410” for Lamps; the table has 200.'],
            $messages('Lamps are 410.'),
        );
        self::assertSame([], $messages('Lamps are 410, up from 200.', $toNow), 'another moment, and said to be');
    }

    /** @return list<array{string, string, string, string, string}> the words, the figure, how near, and both numbers */
    private static function said(string ...$texts): array
    {
        $lines = [];
        foreach ($texts as $index => $text) {
            $lines[] = ['id' => 'l'.$index, 'text' => $text, 'begin' => $index * 100, 'end' => $index * 100 + 90];
        }
        $piece = Sample::piece(self::FIGURES, ['script.lines' => $lines]);
        $figures = Figures::of(Needs::Parts, $piece->tables[0], $piece->charts[0]->column);

        return array_map(static function (SaidFigure $said) use ($texts): array {
            $words = explode(' ', $texts[(int) substr($said->line, 1)]);
            $phrase = implode(' ', array_slice($words, $said->from, $said->to - $said->from));

            return [trim($phrase, ',.'), $said->label, $said->state, $said->said, $said->is];
        }, SaidFigures::of($piece, ['chart1' => static fn (): array => [$figures]]));
    }
}
