<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Labels, legend and total. Where labels go is common practice, no source. */
final class ChartWordsTest extends TestCase
{
    private const LABELS = [
        'charts.0.words.labels' => [
            'show' => 'on',
            'text' => 'both',
            'font' => 'figtree-bold',
            'size' => 40,
            'colour' => '#ffffff',
        ],
    ];

    public function testALabelStandsOnItsPartOnlyWhereItFits(): void
    {
        $drawing = Sample::draw(Sample::piece("Large\t90\nSmall\t2\nOther\t8", self::LABELS));
        $large = Nodes::group($drawing, Role::Label, 'r1');
        $small = Nodes::group($drawing, Role::Label, 'r2');

        self::assertSame(['Large', '90%'], Nodes::said($large, 239));
        [$onX, $onY] = self::place($drawing, Role::Label, 'r1');
        self::assertLessThan(350.0, hypot($onX - 620, $onY - 540), 'within the ring');
        [$besideX, $besideY] = self::place($drawing, Role::Label, 'r2');
        self::assertGreaterThan(350.0, hypot($besideX - 620, $besideY - 540), 'outside of the ring');
        self::assertSame('middle', Nodes::texts($large)[0]->align);
        self::assertContains(Nodes::texts($small)[0]->align, ['left', 'right', 'middle']);
    }

    public function testALabelWaitsUntilThereIsRoomForIt(): void
    {
        $drawing = Sample::draw(Sample::piece(changes: [...self::LABELS, 'charts.0.words.labels.text' => 'reading']));
        $opacity = Nodes::group($drawing, Role::Label, 'r1')->opacity;
        self::assertNotNull($opacity);
        self::assertSame(0.0, $opacity->at(13), 'the part has hardly begun to open');
        self::assertSame(1.0, $opacity->at(239));
        $appears = array_values(
            array_filter(range(0, 239), static fn (int $frame): bool => $opacity->at($frame) > 0.0),
        );
        self::assertSame(range($appears[0], 239), $appears, 'and does not go again');
    }

    public function testALabelThatIsToldWhenToComeDoesSoWhateverItsPartDoes(): void
    {
        $told = static fn (string $figure, string $kind, int $begin, string $manner = 'open'): array => [
            'id' => 'm'.$figure.$kind, 'kind' => $kind, 'begin' => $begin, 'pin' => null, 'frames' => 10,
            'target' => ['chart' => 'chart1', 'figure' => $figure, 'part' => 'label'],
            'curve' => 'linear', 'opens' => 'forward', 'manner' => $manner,
        ];
        $leave = ['begin' => 200, 'frames' => 20, 'curve' => 'linear', 'order' => 'together', 'overlap' => 0,
            'opens' => 'forward'];
        $drawing = Sample::draw(Sample::piece(changes: [...self::LABELS, 'charts.0.exit' => $leave, 'moves' => [
            $told('r1', 'entrance', 100), $told('r2', 'entrance', 2), $told('r3', 'entrance', 100, 'pop'),
            $told('r4', 'exit', 150),
        ]]));
        $label = static fn (string $id): GroupNode => Nodes::group($drawing, Role::Label, $id);
        $seen = static fn (string $id, int $frame): float => $label($id)->opacity?->at($frame) ?? 1.0;
        self::assertSame(36, $drawing->timings['chart1']->moves['r1']->entrance?->end());
        self::assertSame([0.0, 0.5, 1.0, 0.0], [$seen('r1', 99), $seen('r1', 105), $seen('r1', 110), $seen('r1', 220)]);
        self::assertSame(1.0, $seen('r2', 12), 'before its part, where it is told so');
        $size = $label('r3')->pose->size ?? null;
        self::assertSame([1.0, 0.5, 1.0], [$seen('r3', 105), $size?->at(105), $size?->at(115)]);
        self::assertSame([1.0, 0.5, 0.0], [$seen('r4', 150), $seen('r4', 155), $seen('r4', 160)]);
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function comings(): iterable
    {
        // Its part takes 24 frames from frame 12 on, evenly.
        yield 'as its part begins' => ['begin', 12, 14];
        yield 'when its part is under it' => ['under', 14, 34];
        yield 'when all of its part is there' => ['end', 32, 36];
    }

    #[DataProvider('comings')]
    public function testALabelComesWithItsPartAsTheChartSays(string $comes, int $earliest, int $latest): void
    {
        $drawing = Sample::draw(Sample::piece(changes: [
            ...self::LABELS,
            'charts.0.words.labels.comes' => $comes,
            'charts.0.words.labels.show' => 'beside',
            'charts.0.entrance.curve' => 'linear',
        ]));
        $opacity = Nodes::group($drawing, Role::Label, 'r1')->opacity;
        self::assertNotNull($opacity);
        $first = array_values(array_filter(range(0, 60), static fn (int $one): bool => $opacity->at($one) > 0.0))[0];
        self::assertGreaterThan($earliest, $first);
        self::assertLessThanOrEqual($latest, $first);
    }

    public function testWordsOnAPartCanBeRead(): void
    {
        foreach (['#4fb286', '#202020', '#f7f3d0'] as $swatch) {
            $drawing = Sample::draw(
                Sample::piece("a\t1\nb\t1", [...self::LABELS, 'charts.0.finish.swatches' => [$swatch]]),
            );
            foreach (['r1', 'r2'] as $figure) {
                $contrast = \Lupine\Core\Finish\Colour::hex(
                    Nodes::texts(Nodes::group($drawing, Role::Label, $figure))[0]->colour,
                )->contrastWith(\Lupine\Core\Finish\Colour::hex($drawing->timings['chart1']->colours[$figure]));
                // WCAG 2.2, 1.4.3: 3 : 1 for large words.
                self::assertGreaterThanOrEqual(3.0, $contrast, "{$swatch}, {$figure}");
            }
        }
    }

    public function testTheLegendHasARowForEachPartInTheOrderOfTheForm(): void
    {
        $drawing = Sample::draw(Sample::piece("b\t1\na\t3\nc\t2", ['charts.0.form.order' => 'ascending']));
        $legend = Nodes::group($drawing, Role::Legend);

        self::assertSame(['b', '16.7%', 'c', '33.3%', 'a', '50.0%'], Nodes::said($legend, 239));
        $lines = array_map(static fn ($text): float => $text->y->at(0), Nodes::texts($legend));
        $sorted = $lines;
        sort($sorted);
        self::assertSame($sorted, $lines, 'from the top down');
    }

    public function testALongLabelIsShortenedAndNeverRunsIntoItsReading(): void
    {
        $drawing = Sample::draw(
            Sample::piece("Everything that was ever brought in through the side door on a Thursday\t3\nb\t2"),
        );
        [$label, $reading] = Nodes::texts(Nodes::group($drawing, Role::LegendRow, 'r1'));
        $right = $label->x->at(239) + $label->run->at(239)->width * $label->scale;
        $left = $reading->x->at(239) - $reading->run->at(239)->width * $reading->scale;

        self::assertLessThan($left, $right);
        self::assertStringEndsWith('…', $label->run->at(239)->text);
    }

    public function testTheTotalIsTheSumOfWhatIsThere(): void
    {
        $drawing = Sample::draw(
            Sample::piece(changes: ['charts.0.entrance.order' => 'after', 'charts.0.entrance.curve' => 'linear']),
        );
        $centre = Nodes::group($drawing, Role::Centre);

        self::assertSame('512', Nodes::said($centre, 36)[0], 'the first is in');
        self::assertSame(number_format(512 + 287 / 2), Nodes::said($centre, 48)[0], 'the second is half in');
        self::assertSame('1,248', Nodes::said($centre, 239)[0]);
        $total = array_map(
            static fn (int $frame): int => (int) str_replace(',', '', Nodes::said($centre, $frame)[0]),
            range(0, 239),
        );
        $sorted = $total;
        sort($sorted);
        self::assertSame($sorted, $total, 'it only ever rises');
    }

    public function testReadingsAreWrittenAsAsked(): void
    {
        $reading = static fn (string $figures, array $settings): string => Nodes::said(
            Nodes::group(
                Sample::draw(
                    Sample::piece(
                        $figures,
                        array_combine(
                            array_map(
                                static fn (string $name): string => 'charts.0.words.reading.'.$name,
                                array_keys($settings),
                            ),
                            array_values($settings),
                        ),
                    ),
                ),
                Role::LegendRow, 'r1',
            ),
            239,
        )[1];

        self::assertSame('€1,200.50', $reading("Parts\t€1,200.50\nTools\t€800", ['of' => 'value', 'suffix' => '']));
        self::assertSame(
            'about 1.200,50 euros',
            $reading("Parts\t€1,200.50\nTools\t€800", [
                'of' => 'value',
                'prefix' => 'about ',
                'suffix' => ' euros',
                'group' => '.',
                'point' => ',',
            ]),
        );
        self::assertSame('73%', $reading("a\t73 %\nb\trest", []));
        self::assertSame('33.33%', $reading("a\t1\nb\t2", ['decimals' => 2]));
        self::assertSame('12.5 kg', $reading("a\t12.5\nb\t2.125", ['of' => 'value', 'suffix' => ' kg']));
    }

    /** @return array{float, float} */
    private static function place(Drawing $drawing, Role $role, string $of): array
    {
        $text = Nodes::texts(Nodes::group($drawing, $role, $of))[0];

        return [$text->x->at(239), $text->y->at(239)];
    }
}
