<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\BoundWords;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words that take parts from the table say what the chart shows on the same frame. */
final class BoundWordsTest extends TestCase
{
    private const TABLE = "What\t2012\t2016\nKettles\t30\t90\nLamps\t70\t10";

    private const CHANGE = [
        'id' => 'move1', 'kind' => 'change', 'target' => ['chart' => 'chart1'], 'property' => 'column', 'to' => 'c2',
        'begin' => 100, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', 'pin' => null,
    ];

    public function testAllPartsFollowAChangeToAnotherColumn(): void
    {
        $said = self::said(Sample::piece(self::TABLE, [
            'words.0.text' => '[column]: [total] in all, [name of r1] [value of r1], [share of r2]. [sic]',
            'moves' => [self::CHANGE],
        ]));

        self::assertSame('2012: 100 in all, Kettles 30, 70%. [sic]', $said(99));
        self::assertSame('2013: 100 in all, Kettles 45, 55%. [sic]', $said(105));
        self::assertSame('2015: 100 in all, Kettles 75, 25%. [sic]', $said(115));
        self::assertSame('2016: 100 in all, Kettles 90, 10%. [sic]', $said(120));
    }

    /** @return iterable<string, array{string, string}> figures, and what stands between thousands */
    public static function written(): iterable
    {
        foreach ([',', '.', ' ', '’', ''] as $group) {
            yield "hundreds with “{$group}”" => ["What\tNow\nKettles\t900\nLamps\t880\nToys\t950", $group];
            yield "millions with “{$group}”" => ["What\tNow\nKettles\t1234567\nLamps\t7654321", $group];
            yield "decimals with “{$group}”" => ["What\tNow\nKettles\t1412.5\nLamps\t638.25", $group];
        }
    }

    /** Room is kept for figures as they are written, and not as they were typed. */
    #[DataProvider('written')]
    public function testThereIsRoomForFiguresAsTheyAreWritten(string $table, string $group): void
    {
        $piece = Sample::piece($table, [
            'words.0.text' => '[value of r1], [value of r2], [total]',
            'charts.0.words.reading' => ['of' => 'value', 'group' => $group],
        ]);
        $said = self::said($piece)(200);
        self::assertStringContainsString($group, $said);
        self::assertGreaterThanOrEqual(mb_strlen($said), mb_strlen($piece->words[0]->shown()), $said);
    }

    /** What stands below the number in the middle is the name of the column, and goes with it. */
    public function testTheNameBelowATotalIsThatOfTheColumnShown(): void
    {
        $piece = Sample::piece(self::TABLE, ['moves' => [self::CHANGE]]);
        $texts = static fn (int $frame): array => self::labels(Svg::ofFrame(Sample::draw($piece), $frame, ''));

        self::assertContains('2012', $texts(90));
        self::assertNotContains('2016', $texts(90));
        self::assertContains('2016', $texts(130));
        self::assertNotContains('2012', $texts(130));
    }

    /** Where figures hold until the next moment, so does its name; where they go on, a year counts with them. */
    public function testInARunTheYearStandsForWhatIsDrawn(): void
    {
        $all = ['straight' => ['2012', '2013', '2015', '2016'], 'hold' => ['2012', '2012', '2012', '2016']];
        foreach ($all as $between => $years) {
            $said = self::said(Sample::piece(self::TABLE, [
                'charts.0.run' => ['begin' => 40, 'frames' => 80, 'between' => $between, 'places' => 10, 'pins' => []],
                'words.0.text' => '[column]',
            ]));
            self::assertSame($years, array_map($said, [40, 60, 100, 120]), $between);
        }
        // Names that do not count are the nearer one.
        $said = self::said(Sample::piece(str_replace(['2012', '2016'], ['Spring', 'Autumn'], self::TABLE), [
            'charts.0.run' => ['begin' => 40, 'frames' => 80, 'between' => 'straight', 'places' => 10, 'pins' => []],
            'words.0.text' => '[column]',
        ]));
        self::assertSame(['Spring', 'Spring', 'Autumn'], array_map($said, [40, 79, 81]));
    }

    public function testReadingsHaveTheDigitsAskedForAndTheirSignFirst(): void
    {
        $piece = Sample::piece("a\t−1234.5\nb\t20", [
            'charts.0.words.reading.of' => 'value',
            'charts.0.words.reading.prefix' => '€',
            'charts.0.words.reading.suffix' => '',
            'charts.0.words.labels.show' => 'beside',
        ], 'bars');
        $timing = Sample::draw($piece)->timings['chart1'];
        self::assertSame('−€1,234.5', $timing->amounts->readingAt('r1', 200, Presence::full()));
        self::assertTrue(Sample::prove($piece)->isExact(), 'a minus sign is read as one');

        $piece = Sample::piece("a\t12\nb\t20", [
            'charts.0.words.reading' => ['of' => 'value', 'decimals' => 2, 'prefix' => '', 'suffix' => '',
                'group' => ',', 'point' => '.'],
        ], 'bars');
        self::assertContains('12.00', array_column(WriteReel::of(Sample::draw($piece))->runs, 0));
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    /** @return \Closure(int): string what the title says on a frame; as it is drawn, too */
    private static function said(Piece $piece): \Closure
    {
        $drawing = Sample::draw($piece);
        $bound = new BoundWords($drawing->timings['chart1'], $piece->charts[0]->words->reading);

        return static function (int $frame) use ($drawing, $bound, $piece): string {
            $said = $bound->at($piece->words[0]->text, $frame);
            $drawn = implode(' ', self::labels(Svg::ofFrame($drawing, $frame, '')));
            self::assertStringContainsString($said, $drawn);

            return $said;
        };
    }

    /** @return list<string> all texts of a picture */
    private static function labels(string $svg): array
    {
        return array_map(strval(...), (new \SimpleXMLElement($svg))->xpath('//*[@aria-label]/@aria-label') ?: []);
    }
}
