<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProofTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function pieces(): iterable
    {
        yield 'donut' => [Sample::FIGURES, [], 'donut'];
        yield 'pie with a gap' => [
            Sample::FIGURES,
            ['charts.0.form.gap' => 14, 'charts.0.form.startDegrees' => -77],
            'pie',
        ];
        yield 'moved out, thin, many' => [
            "a\t0.02\nb\t99\nc\t3\nd\t12\ne\t5\nf\t7\ng\t1",
            ['charts.0.own' => ['r2' => ['out' => 40]], 'charts.0.form.gap' => 5],
            'donut',
        ];
        yield 'one part' => ["all\t3", [], 'pie'];
        yield 'less than the whole' => ["a\t20 %\nb\t12 %", ['charts.0.form.direction' => 'counterclockwise'], 'donut'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('pieces')]
    public function testFindsEveryMarkWhereItsFigureWantsIt(string $figures, array $changes, string $form): void
    {
        $piece = Sample::piece($figures, $changes, $form);
        $proof = self::proof($piece, Sample::draw($piece));

        self::assertTrue($proof->isExact(), (string) json_encode($proof));
        self::assertLessThan(2e-6, $proof->largestDifference());
        foreach ($proof->figures as $figure) {
            self::assertEqualsWithDelta($figure->wanted, $figure->measured, 1e-6);
        }
    }

    /** A proof that could not fail would prove nothing: a picture that was tampered with is found out. */
    public function testFindsAMarkThatWasDrawnWrong(): void
    {
        $piece = Sample::piece();
        $drawing = Sample::draw($piece);
        $wrong = (new Sector(new Point(620, 540), 350, 210, 0, 147.69 + 1.8))->outline();
        $tampered = new Drawing(
            $drawing->width,
            $drawing->height,
            30,
            1,
            $drawing->frames,
            array_map(static fn (Node $node): Node => self::replaced($node, $wrong), $drawing->nodes),
            $drawing->timings,
        );
        $proof = self::proof($piece, $tampered);

        self::assertFalse($proof->isExact());
        self::assertSame('“Small appliances” is off', $proof->jsonSerialize()['word']);
        self::assertEqualsWithDelta(0.005, $proof->figures[0]->measured - $proof->figures[0]->wanted, 1e-4);
    }

    public function testSaysWhatStandsInTheWayOfReading(): void
    {
        $piece = Sample::piece(changes: ['words.0.x' => 1800, 'tables.0.rows.0.label' => 'Kettles 🫖']);
        $messages = implode(' ', array_column(self::proof($piece, Sample::draw($piece))->checks, 'message'));

        self::assertStringContainsString('runs over the edge', $messages);
        self::assertStringContainsString('no sign for 🫖', $messages);
    }

    private static function proof(Piece $piece, Drawing $drawing): Proof
    {
        return Proof::of($piece, $drawing, Sample::drawPiece()->setter());
    }

    private static function replaced(Node $node, string $outline): Node
    {
        if ($node instanceof GroupNode) {
            return new GroupNode(
                $node->name,
                array_map(static fn (Node $child): Node => self::replaced($child, $outline), $node->children),
                $node->opacity,
            );
        }

        return $node instanceof PathNode && $node->mark?->figureId === 'r1'
            ? new PathNode(
                $node->outline->map(static fn (string $drawn): string => $drawn === '' ? '' : $outline),
                $node->fill,
                $node->opacity,
                $node->blur,
                $node->mark,
                $node->within,
            )
            : $node;
    }
}
