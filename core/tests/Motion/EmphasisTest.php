<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Legibility\ShownWords;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Drawing\Nodes;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A part stands out on a beat while the others dim, and lets go again; several pass from one to the next. */
final class EmphasisTest extends TestCase
{
    private const LINE = ['id' => 'l1', 'text' => 'Kettles first', 'begin' => 150, 'end' => 190];

    public function testItComesOnItsBeatAndLetsGoAtTheEndOfItsLine(): void
    {
        $piece = self::piece([self::emphasis('e1', 'r1', ['pin' => ['line' => 'l1', 'word' => 0, 'offset' => 0]])]);
        $timing = Sample::draw($piece)->timings['chart1'];
        $out = $timing->number('r1', 'out');
        $other = $timing->number('r2', 'opacity');
        self::assertSame([0.0, 20.0, 40.0], [$out->at(149), $out->at(155), $out->at(160)]);
        self::assertSame([40.0, 20.0, 0.0], [$out->at(190), $out->at(195), $out->at(200)]);
        self::assertEqualsWithDelta([1.0, 0.4, 1.0], [$other->at(150), $other->at(175), $other->at(200)], 1e-12);
        self::assertSame(1.0, $timing->number('r1', 'opacity')->at(175), 'what stands out does not dim');
        self::assertSame(0.0, $timing->number('r2', 'out')->at(175));
    }

    public function testThePictureStaysExactAndEveryRowOfTheLegendDimsWithItsPart(): void
    {
        $piece = self::piece([self::emphasis('e1', 'r1', ['begin' => 150])]);
        self::assertTrue(Sample::prove($piece)->isExact());
        $drawing = Sample::draw($piece);
        self::assertSame(1.0, Nodes::group($drawing, Role::LegendRow, 'r1')->opacity?->at(170));
        self::assertSame(0.4, Nodes::group($drawing, Role::LegendRow, 'r2')->opacity?->at(170));
    }

    public function testOnePassesToTheNextWhileTheRestStayAsTheyAre(): void
    {
        $piece = self::piece([
            self::emphasis('e1', 'r1', ['begin' => 150, 'until' => 200]),
            self::emphasis('e2', 'r3', ['begin' => 180, 'until' => 210]),
        ]);
        $timing = Sample::draw($piece)->timings['chart1'];
        for ($frame = 160; $frame <= 210; ++$frame) {
            self::assertEqualsWithDelta(0.4, $timing->number('r4', 'opacity')->at($frame), 1e-9, "frame {$frame}");
            $both = $timing->number('r1', 'out')->at($frame) + $timing->number('r3', 'out')->at($frame);
            self::assertEqualsWithDelta(40.0, $both, 1e-9, "frame {$frame}");
        }
    }

    public function testANoteAppearsWithItAndPointsAtItsMark(): void
    {
        $piece = self::piece(
            [self::emphasis('e1', 'r1', ['begin' => 150, 'until' => 200], ['note' => 'note1'])],
            ['words.1' => [
                'id' => 'note1', 'text' => 'Kettles', 'x' => 1300, 'y' => 900, 'width' => 400, 'align' => 'left',
                'upperCase' => false, 'font' => 'figtree-bold', 'size' => 40, 'colour' => '#ffffff',
                'pointsAt' => ['chart' => 'chart1', 'figure' => 'r1'],
            ]],
        );
        $words = new ShownWords(WriteReel::of(Sample::draw($piece)));
        $said = static fn (int $frame): array => array_map(
            static fn ($word): string => $word->text,
            $words->at($frame),
        );
        self::assertNotContains('Kettles', $said(149));
        self::assertContains('Kettles', $said(170));
        self::assertNotContains('Kettles', $said(215));
        // The line ends on the mark, pulled out as it is then.
        $drawing = Sample::draw($piece);
        $line = Nodes::paths(Nodes::group($drawing, Role::Pointer))[0]->outline;
        self::assertNotSame($line->at(149), $line->at(170));
    }

    /**
     * @param array<string, mixed> $changed
     * @param array<string, mixed> $does
     *
     * @return array<string, mixed>
     */
    private static function emphasis(string $id, string $figure, array $changed, array $does = []): array
    {
        return [
            'id' => $id,
            'kind' => 'emphasis',
            'target' => ['chart' => 'chart1', 'figure' => $figure],
            'begin' => $changed['begin'] ?? 0,
            'pin' => $changed['pin'] ?? null,
            'frames' => 10,
            'curve' => 'linear',
            'opens' => 'forward',
            'emphasis' => [
                'until' => $changed['until'] ?? null,
                'untilPin' => null,
                'out' => 40,
                'light' => 0.2,
                'size' => 1,
                'dim' => 0.6,
                'label' => 1.3,
                ...$does,
            ],
        ];
    }

    /**
     * @param list<array<string, mixed>> $moves
     * @param array<string, mixed> $changes
     */
    private static function piece(array $moves, array $changes = []): \Lupine\Core\Piece\Piece
    {
        return Sample::piece(changes: ['moves' => $moves, 'script.lines' => [self::LINE], ...$changes]);
    }
}
