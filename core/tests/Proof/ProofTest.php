<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Reel\Reel;
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
        yield 'less than the whole' => [
            "a\t20 %\nb\t12 %",
            ['charts.0.form.direction' => 'counterclockwise'],
            'donut',
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('pieces')]
    public function testFindsEveryMarkWhereItsFigureWantsIt(string $figures, array $changes, string $form): void
    {
        $piece = Sample::piece($figures, $changes, $form);
        $proof = Sample::prove($piece);

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
        $reel = Sample::reel(Sample::draw($piece));
        $wrong = (new Sector(new Point(620, 540), 350, 210, 0, 147.69 + 1.8))->outline();
        // The last outline of the first mark, in the picture and nowhere else.
        foreach ($reel['tracks'] as $track) {
            if ($track['property'] === 'outline' && $track['node'] === self::firstMark($reel['nodes'])) {
                $reel['outlines'][end($track['values'])] = $wrong;
            }
        }
        $draw = Sample::drawPiece();
        $proof = Proof::of($piece, Reel::read($reel), $draw->timings->of($piece), $draw->setter);

        self::assertFalse($proof->isExact());
        self::assertSame('“Small appliances” does not match', $proof->word());
        self::assertEqualsWithDelta(0.005, $proof->figures[0]->measured - $proof->figures[0]->wanted, 1e-4);
    }

    public function testSaysWhatStandsInTheWayOfReading(): void
    {
        $piece = Sample::piece(changes: ['words.0.x' => 1800, 'tables.0.rows.0.label' => 'Kettles 🫖']);
        $messages = implode(' ', array_column(Sample::prove($piece)->checks(), 'message'));

        self::assertStringContainsString('runs over the edge', $messages);
        self::assertStringContainsString('no character for 🫖', $messages);
    }

    /** @return iterable<string, array{array<string, mixed>, string, bool}> changes, what is said, has it a place */
    public static function hindrances(): iterable
    {
        yield 'words over words' => [['words.0.x' => 1200, 'words.0.y' => 500], 'overlap', true];
        yield 'too little contrast' => [['words.0.colour' => '#2a5a52'], 'has too little contrast', true];
        yield 'colours alike' => [
            ['charts.0.finish.colours' => 'set', 'charts.0.finish.swatches' => ['#4fb286', '#52b488']],
            'look the same to everybody',
            false,
        ];
        yield 'colours alike to some' => [
            ['charts.0.finish.colours' => 'set', 'charts.0.finish.swatches' => ['#a09b3c', '#d08f49']],
            'look the same to people with reduced',
            false,
        ];
        yield 'a slip' => [['tables.0.rows.0.cells.0' => '5120'], 'about ten times the others', false];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('hindrances')]
    public function testExactIsOneThingAndLegibleAnother(array $changes, string $said, bool $hasPlace): void
    {
        self::assertSame(0, Sample::prove(Sample::piece())->issues());
        $proof = Sample::prove(Sample::piece(changes: $changes));
        self::assertSame('exact', $proof->word());
        self::assertGreaterThan(0, $proof->issues());
        $found = array_values(
            array_filter($proof->checks(), static fn (Check $check): bool => str_contains($check->message, $said)),
        );
        self::assertCount(1, $found, json_encode($proof->checks()) ?: '');
        self::assertSame($hasPlace, $found[0]->box !== null && $found[0]->frame !== null);
    }

    public function testADialAndASinglePartOnItsTrackAreNotNagged(): void
    {
        foreach (['dial' => [], 'donut' => ['charts.0.form.track' => 'tinted']] as $form => $changes) {
            $proof = Sample::prove(Sample::piece("Mended\t73 %", $changes, $form));
            self::assertTrue($proof->isExact());
            self::assertSame(0, $proof->issues(), json_encode($proof->checks()) ?: '');
        }
    }

    /** A mark that stands still while its figure grows is found out too, though nothing in the picture changes then. */
    public function testFindsAMarkThatDoesNotMove(): void
    {
        $piece = Sample::piece();
        $reel = Sample::reel(Sample::draw($piece));
        $first = self::firstMark($reel['nodes']);
        foreach ($reel['tracks'] as $index => $track) {
            if ($track['property'] === 'outline' && $track['node'] === $first) {
                $ends = [0, count($track['frames']) - 1];
                $reel['tracks'][$index]['frames'] = array_map(
                    static fn (int $end): int => $track['frames'][$end],
                    $ends,
                );
                $reel['tracks'][$index]['values'] = array_map(
                    static fn (int $end): int => $track['values'][$end],
                    $ends,
                );
            }
        }
        $draw = Sample::drawPiece();
        $proof = Proof::of($piece, Reel::read($reel), $draw->timings->of($piece), $draw->setter);

        self::assertFalse($proof->isExact());
        self::assertGreaterThan(0.3, $proof->figures[0]->difference);
    }

    /** @param list<array<string, mixed>> $nodes */
    private static function firstMark(array $nodes): ?int
    {
        foreach ($nodes as $node) {
            $found = ($node['mark'] ?? null) !== null ? $node['index'] : self::firstMark($node['children'] ?? []);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}
