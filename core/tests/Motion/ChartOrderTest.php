<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Motion\Bezier;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts that come in one course over the whole chart, and parts that come at their neighbours' edges. */
final class ChartOrderTest extends TestCase
{
    private const TOGETHER = ['begin' => 5, 'frames' => 40, 'curve' => 'ease-in-out', 'order' => 'together',
        'overlap' => 0, 'opens' => 'forward'];

    private const FAR = ['settle' => ['past' => 0.25, 'back' => 12]];

    public function testAPartPassesItsFigureOnlyWhereThatIsAskedFor(): void
    {
        $furthest = static function (array $more, string $form): array {
            $motion = [...self::TOGETHER, 'curve' => self::FAR, ...$more];
            $timing = Sample::draw(Sample::piece(changes: ['charts.0.entrance' => $motion], form: $form))
                ->timings['chart1'];
            $shown = $readings = [];
            for ($frame = 0; $frame <= 60; ++$frame) {
                $there = $timing->moves['r1']->presenceAt($frame);
                $shown[] = $timing->amounts->shownAt('r1', $frame) / $timing->amounts->fractionAt('r1', $frame);
                $readings[] = (int) $timing->amounts->readingAt('r1', $frame, $there);
            }

            return [round(max($shown), 2), max($readings), end($readings)];
        };
        self::assertSame([1.0, 512, 512], $furthest([], 'columns'));
        self::assertSame([1.25, 640, 512], $furthest(['passes' => true], 'columns'));
        self::assertSame([1.25, 51, 41], $furthest(['passes' => true], 'donut'), 'in percent');
        self::assertSame([1.0, 41, 41], $furthest(['passes' => true], 'strip'), 'a strip ends where it ends');
    }

    public function testWordsAndLabelsAreNeverThereMoreThanTheyAre(): void
    {
        $move = ['kind' => 'entrance', 'begin' => 5, 'pin' => null, 'frames' => 40, 'curve' => self::FAR,
            'opens' => 'forward', 'passes' => true];
        $drawing = Sample::draw(Sample::piece(changes: [
            'charts.0.words.labels.show' => 'beside',
            'moves' => [
                [...$move, 'id' => 'm1', 'target' => ['words' => 'title']],
                [...$move, 'id' => 'm2', 'target' => ['chart' => 'chart1', 'figure' => 'r1', 'part' => 'label']],
            ],
        ]));
        foreach (WriteReel::of($drawing)->tracks as $track) {
            self::assertLessThanOrEqual(1, $track->property === 'opacity' ? max($track->values) : 1);
        }
    }

    public function testAChartThatSharesAnOrderBendsWithIt(): void
    {
        $document = Sample::document(form: 'strip');
        $document['charts'][0]['entrance'] = [...self::TOGETHER, 'curve' => 'linear', 'manner' => 'bend'];
        $document['charts'][1] = [...$document['charts'][0], 'id' => 'chart2',
            'entrance' => [...self::TOGETHER, 'with' => 'chart1', 'joins' => 'together']];
        $timings = Sample::draw(Piece::fromDocument($document, Forms::shipped()))->timings;
        foreach (['chart1', 'chart2'] as $id) {
            self::assertSame(
                [1.0, 0.5, 0.0],
                array_map(
                    static fn (int $at): float => $timings[$id]->layouts->settingsAt($at)->number('bend'),
                    [5, 25, 45],
                ),
                $id,
            );
        }
    }

    public function testOneCourseGoesOverTheWholeChart(): void
    {
        $timing = Sample::draw(
            Sample::piece(changes: ['charts.0.entrance' => [...self::TOGETHER, 'order' => 'one']]),
        )->timings['chart1'];
        $curve = Bezier::named('ease-in-out');
        for ($frame = 0; $frame <= 60; ++$frame) {
            $shown = array_map(
                static fn (string $id): float => $timing->amounts->shownAt($id, $frame),
                array_keys($timing->moves),
            );
            // All that is there is as much of the whole as the curve says, and it has no gaps.
            $wanted = $curve->at(max(0.0, min(1.0, ($frame - 5) / 40)));
            self::assertEqualsWithDelta($wanted, array_sum($shown), 1e-9, 'frame '.$frame);
            $under = array_filter(array_keys($shown), static fn (int $one): bool => $shown[$one] > 0);
            foreach (array_slice($under, 0, -1) as $one) {
                $id = array_keys($timing->moves)[$one];
                self::assertEqualsWithDelta($timing->amounts->fractionAt($id, $frame), $shown[$one], 1e-9);
            }
        }
    }

    public function testOneCourseOverColumnsTakesEachOfThemAlike(): void
    {
        $timing = Sample::draw(Sample::piece(
            changes: ['charts.0.entrance' => [...self::TOGETHER, 'order' => 'one', 'curve' => 'linear',
                'sequence' => 'backward']],
            form: 'columns',
        ))->timings['chart1'];
        $begins = array_map(static fn ($moves): int => $moves->entrance->begin ?? -1, $timing->moves);
        self::assertSame([37, 29, 21, 13, 5], array_values($begins));
    }

    public function testPartsThatFollowTheirNeighboursTouchThem(): void
    {
        $piece = Sample::piece(changes: ['charts.0.entrance' => [...self::TOGETHER, 'opens' => 'neighbour']]);
        $timing = Sample::draw($piece)->timings['chart1'];
        $layout = $timing->layouts->at(20);
        $at = 0.0;
        foreach ($layout->order() as $id) {
            $shape = $layout->shape($id, $timing->moves[$id]->presenceAt(20), 0.0);
            $sweep = 360 * $timing->amounts->shownAt($id, 20);
            self::assertGreaterThan(0.0, $sweep);
            // Each begins where the one before it has come to, so its middle is half of its sweep behind that.
            $middle = $shape->middle();
            $degrees = fmod(rad2deg(atan2($middle->x - 620, 540 - $middle->y)) + 360, 360);
            self::assertEqualsWithDelta($at + $sweep / 2, $degrees, 1e-6, $id);
            $at += $sweep;
        }
        self::assertLessThan(350.0, $at);
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3?: array<string, mixed>}> */
    public static function ways(): iterable
    {
        foreach (Forms::shipped()->names() as $form) {
            yield $form.', at its neighbour’s edge' => [$form, 'overlapping', 'neighbour'];
            yield $form.', in one' => [$form, 'one', 'forward'];
            yield $form.', past its figure' => [$form, 'overlapping', 'middle', ['curve' => self::FAR]];
            if (Forms::shipped()->named($form)->name() === 'strip' || $form === 'ribbon') {
                yield $form.', bending' => [$form, 'overlapping', 'forward', ['manner' => 'bend']];
            }
            yield $form.', in one, past the whole' => [$form, 'one', 'forward', ['curve' => self::FAR]];
        }
    }

    /** @param array<string, mixed> $more */
    #[DataProvider('ways')]
    public function testEveryFormIsExactOnEveryFrame(
        string $form,
        string $order,
        string $opens,
        array $more = [],
    ): void {
        $motion = [...self::TOGETHER, ...$more, 'order' => $order, 'opens' => $opens, 'overlap' => 32];
        $motion['passes'] = $more !== [];
        $figures = $form === 'dial' ? "Mended\t41 %\nNot\trest" : Sample::FIGURES;
        $piece = Sample::piece($figures, [
            'stage.frames' => 160,
            'charts.0.entrance' => $motion,
            'charts.0.exit' => [...$motion, 'begin' => 100, 'frames' => 30, 'overlap' => 22],
        ], $form);
        $proof = Sample::prove($piece);
        self::assertTrue($proof->isExact(), json_encode($proof, JSON_THROW_ON_ERROR | JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
