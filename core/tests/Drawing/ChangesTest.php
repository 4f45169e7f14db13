<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Second values: figures, orders and numbers that change while all follow from one value. */
final class ChangesTest extends TestCase
{
    private const YEARS =
        "What\tLast year\tThis year\nSmall appliances\t512\t430\nLamps\t287\t450\nClothing\t199\t260".
        "\nBicycles\t150\t0\nToys\t0\t80";

    private const DIAL = "What\tLast year\tThis year\nMended\t61%\t73%\nBeyond us\trest\trest";

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->names() as $name) {
            yield $name => [$name];
        }
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function change(string $property, string|float $to, int $begin, array $more = []): array
    {
        static $number = 0;

        return [
            'id' => 'm'.++$number,
            'kind' => 'change',
            'target' => ['chart' => 'chart1'],
            'property' => $property,
            'to' => $to,
            'begin' => $begin,
            'pin' => null,
            'frames' => 20,
            'curve' => 'ease-in-out',
            'opens' => 'forward',
            ...$more,
        ];
    }

    /** On every frame, also amid the changes: what is measured on the outlines is what the figures are just then. */
    #[DataProvider('forms')]
    public function testFiguresChangeExactly(string $form): void
    {
        $isDial = $form === 'dial';
        $moves = [self::change('column', 'c2', 120)];
        if (!$isDial) {
            $moves[] = self::change('value', '333', 130, [
                'target' => ['chart' => 'chart1', 'figure' => 'r3'],
            ]);
            $moves[] = self::change('form.order', 'ascending', 160);
        }
        $changes = [
            'moves' => $moves,
            'charts.0.words.labels.show' => 'beside',
            'charts.0.words.reading' => ['of' => 'value'],
        ];
        $piece = Sample::piece($isDial ? self::DIAL : self::YEARS, $changes, $form);

        $proof = Sample::prove($piece);
        self::assertSame('Readings and marks agree on every frame.', $proof->checks()[0]->message);
        self::assertTrue($proof->isExact(), sprintf('%s is off by %.9f', $form, $proof->largestDifference()));

        $timing = Sample::draw($piece)->timings['chart1'];
        self::assertSame($isDial ? '61%' : '512', $timing->amounts->readingAt('r1', 119, Presence::full()));
        self::assertSame($isDial ? '73%' : '430', $timing->amounts->readingAt('r1', 230, Presence::full()));
        if (!$isDial) {
            self::assertEqualsWithDelta(333.0, $timing->story->valuesAt(230)['r3'], 1e-9, 'a typed value stays');
            self::assertEqualsWithDelta(
                (512 + 430) / 2,
                $timing->story->valuesAt(130)['r1'],
                1e-6,
                'midway at half its time',
            );
        }
    }

    /** A change that was asked to pass its figures does so where there is room, and picture and readings agree. */
    #[DataProvider('forms')]
    public function testFiguresPassThoseTheyChangeToOnlyWhereThatIsAskedFor(string $form): void
    {
        $isDial = $form === 'dial';
        $settle = ['frames' => 40, 'curve' => ['settle' => ['past' => 0.25, 'back' => 12]]];
        $most = static function (array $more) use ($form, $isDial, $settle): array {
            $piece = Sample::piece($isDial ? self::DIAL : self::YEARS, [
                'moves' => [self::change('column', 'c2', 120, [...$settle, ...$more])],
                'charts.0.words.reading' => ['of' => 'value'],
            ], $form);
            $proof = Sample::prove($piece);
            self::assertTrue($proof->isExact(), sprintf('%s is off by %.9f', $form, $proof->largestDifference()));
            $timing = Sample::draw($piece)->timings['chart1'];
            $values = array_map(static fn (int $frame): array => $timing->story->valuesAt($frame), range(120, 170));
            self::assertGreaterThanOrEqual(0.0, min(array_map(min(...), $values)), 'none falls below nothing');
            self::assertSame($isDial ? 73.0 : 450.0, (float) end($values)[$isDial ? 'r1' : 'r2']);

            $ids = $isDial ? ['r1'] : ['r1', 'r2'];

            return array_map(static fn (string $id): float => max(array_column($values, $id)), $ids);
        };
        $kept = $isDial ? [73.0] : [512.0, 450.0];
        self::assertEqualsWithDelta($kept, $most([]), 1e-9);
        $passes = !$isDial && !in_array($form, ['line', 'area', 'rings'], true);
        $past = 450 + 0.25 * (450 - 287);
        self::assertEqualsWithDelta($passes ? [512.0, $past] : $kept, $most(['passes' => true]), 0.5, $form);
    }

    /** Many changes of one property: each begins from what it is when it begins, or from what it says. */
    public function testChangesFollowOneAnother(): void
    {
        $target = ['target' => ['chart' => 'chart1', 'figure' => 'r1']];
        $timing = Sample::draw(
            Sample::piece(
                changes: [
                    'moves' => [
                        self::change('out', 40, 20, ['curve' => 'linear', ...$target]),
                        self::change('out', 0, 30, ['curve' => 'linear', ...$target]),
                        self::change('out', 90, 100, ['from' => 10, 'curve' => 'linear', ...$target]),
                    ],
                ],
            ),
        )->timings['chart1'];
        $out = $timing->number('r1', 'out');

        self::assertSame([0.0, 10.0, 20.0, 10.0, 0.0], array_map($out->at(...), [20, 25, 30, 40, 50]));
        self::assertSame([0.0, 10.0, 50.0, 90.0], array_map($out->at(...), [99, 100, 110, 120]));
    }

    /** What only moves keeps its outline and changes its place. */
    public function testPosesMoveGroupsAndLeaveOutlines(): void
    {
        $piece = Sample::piece(
            changes: [
                'moves' => [
                    self::change('size', 0.5, 10, ['curve' => 'linear']),
                    self::change('turn', 90, 10, ['curve' => 'linear']),
                    self::change('x', 900, 10, ['curve' => 'linear']),
                    self::change('opacity', 0.2, 10, ['target' => ['chart' => 'chart1', 'figure' => 'r2']]),
                    self::change('light', 0.5, 10, ['target' => ['chart' => 'chart1', 'figure' => 'r2']]),
                    self::change('y', 60, 10, ['target' => ['words' => 'title']]),
                ],
            ],
        );
        $drawing = Sample::draw($piece);
        $chart = array_values(
            array_filter(
                $drawing->nodes,
                static fn ($node): bool => $node instanceof GroupNode && $node->of === 'chart1',
            ),
        )[0];
        \assert($chart instanceof GroupNode && $chart->pose !== null);

        self::assertSame(1, count($chart->pose->x->changes) > 1 ? 1 : 0);
        self::assertEqualsWithDelta(140.0, $chart->pose->x->at(20), 1e-9, 'half way from 620 to 900');
        self::assertEqualsWithDelta(0.75, $chart->pose->size->at(20), 1e-9);
        $svg = Svg::ofFrame($drawing, 20);
        self::assertStringContainsString(
            'transform="translate(760 540) rotate(45) scale(0.75) translate(-620 -540)"',
            $svg,
        );
        self::assertTrue(
            Sample::prove($piece)->isExact(),
            'turned and scaled, its angles are what they were',
        );
    }

    /** A number of the form: the hole, and how far a strip is bent; lengths and angles stay true on the way. */
    public function testNumbersOfTheFormChangeExactly(): void
    {
        $donut = Sample::piece(
            changes: ['moves' => [self::change('form.hole', 0.2, 100), self::change('form.gap', 20, 110)]],
        );
        self::assertTrue(Sample::prove($donut)->isExact());
        $areas = ['charts.0.form.gap' => 14, 'charts.0.form.gapKeeps' => 'areas'];
        $seen = Sample::piece(changes: [...$areas, 'moves' => [self::change('form.hole', 0.2, 100)]]);
        self::assertTrue(Sample::prove($seen)->isExact(), 'what is seen of each part is in proportion');
        $half = Sample::piece(changes: ['moves' => [self::change('form.sweepDegrees', 180, 100)]]);
        self::assertTrue(Sample::prove($half)->isExact());
        $strip = Sample::piece(changes: ['moves' => [self::change('form.bend', 1, 100)]], form: 'strip');
        self::assertTrue(Sample::prove($strip)->isExact());
    }

    /** A dial is drawn against the whole that is given, else against a round number behind its figure. */
    public function testADialHasAScale(): void
    {
        $most = static fn (string $figures, array $changes = []): array => array_map(
            static fn ($state): float => $state->scale->most,
            Sample::draw(Sample::piece($figures, $changes, 'dial'))->timings['chart1']->story->states,
        );

        self::assertSame([50.0], $most("Mended\t42"));
        self::assertSame([84.0], $most("Mended\t42", ['tables.0.whole' => '84']));
        self::assertSame([100.0], $most("Mended\t42%\nBeyond us\trest"));
    }

    /** A given whole stays while single figures change, and what is the rest takes up what they leave. */
    public function testTheRestFollowsTheOthers(): void
    {
        $value = static fn (string $row, string $to, int $begin): array => self::change('value', $to, $begin, [
            'target' => ['chart' => 'chart1', 'figure' => $row],
            'curve' => 'linear',
        ]);
        $changes = ['moves' => [$value('r1', '50%', 100), $value('r2', '10%', 110)]];
        $piece = Sample::piece("a\t30%\nb\t20%\nc\trest", $changes, 'pie');
        $timing = Sample::draw($piece)->timings['chart1'];

        foreach ([100, 105, 112, 118, 125, 140] as $frame) {
            $values = $timing->story->valuesAt($frame);
            self::assertEqualsWithDelta(100.0, array_sum($values), 1e-9, "frame {$frame}");
            self::assertEqualsWithDelta(100 - $values['r1'] - $values['r2'], $values['r3'], 1e-9);
        }
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    public function testOnlyNumbersBeginFromAValueOfTheirOwn(): void
    {
        $this->expectExceptionMessage('for numbers alone');
        Sample::piece(changes: ['moves' => [self::change('column', 'c1', 0, ['from' => 'c1'])]]);
    }

    /** Rows are switched off in a chart: the others share the whole, and keep their colours. */
    public function testRowsAreSwitchedOff(): void
    {
        $changes = ['charts.0.own' => ['r2' => ['off' => true]], 'charts.0.words.reading.of' => 'value'];
        $piece = Sample::piece(Sample::FIGURES, $changes);
        $drawing = Sample::draw($piece);

        self::assertCount(4, $drawing->marks());
        self::assertTrue(Sample::prove($piece)->isExact());
        self::assertEqualsWithDelta(512 / 961, $drawing->timings['chart1']->amounts->fractionAt('r1', 0), 1e-12);
        $all = Sample::draw(Sample::piece())->timings['chart1']->colours;
        self::assertSame($all['r3'], $drawing->timings['chart1']->colours['r3']);
    }

    /** A move that another form's number was given waits until the chart has that form again. */
    public function testAMoveOfAnotherFormWaits(): void
    {
        $pie = Sample::piece(changes: ['moves' => [self::change('form.hole', 0.2, 100)]], form: 'pie');

        self::assertTrue(Sample::prove($pie)->isExact());
    }

    public function testTheBackdropGoesOverIntoOtherColours(): void
    {
        $of = ['target' => ['stage' => 'backdrop'], 'curve' => 'linear', 'frames' => 20];
        $backdrop = ['kind' => 'radial', 'colour' => '#204060', 'edge' => '#000000', 'vignette' => 0.0];
        $piece = Sample::piece(changes: ['backdrop' => $backdrop, 'moves' => [
            self::change('colour', '#60a0e0', 50, $of),
            // The second begins while the first is half way.
            self::change('colour', '#000000', 60, $of),
            self::change('vignette', 0.5, 100, $of),
            self::change('edge', '#ffffff', 150, [...$of, 'curve' => ['settle' => ['past' => 0.5, 'back' => 8]]]),
        ]]);
        $paths = Nodes::paths(Nodes::group(Sample::draw($piece), Role::Backdrop));
        $stops = static fn (int $path, int $frame): array => $paths[$path]->fill->at($frame)->stops;
        $colours = static fn (int $frame): array => array_column($stops(0, $frame), 1);
        self::assertSame(['#204060', '#000000'], $colours(50));
        self::assertSame('#4070a0', $colours(60)[0]);
        self::assertSame('#305880', $colours(55)[0]);
        self::assertSame('#203850', $colours(70)[0], 'half of the way from what it was');
        self::assertSame('#000000', $colours(80)[0]);
        self::assertSame('#ffffff', $colours(165)[1], 'a colour does not run past its end');
        $dark = static fn (int $frame): float => $stops(1, $frame)[3][2];
        self::assertSame([0.0, 0.25, 0.5], [$dark(100), $dark(110), $dark(239)]);
        self::assertCount(1, Nodes::paths(Nodes::group(Sample::draw(Sample::piece(changes: [
            'backdrop' => $backdrop,
        ])), Role::Backdrop)), 'no vignette where there never is one');
    }

    /** For each measure, a picture that was tampered with is found out. */
    #[DataProvider('forms')]
    public function testATamperedPictureIsFoundOut(string $form): void
    {
        foreach (['', 'equal'] as $variant) {
            $changes = $form === 'rings' && $variant === 'equal' ? ['charts.0.form.equal' => 'length'] : [];
            $piece = Sample::piece($form === 'dial' ? self::DIAL : Sample::FIGURES, $changes, $form);
            $draw = Sample::drawPiece();
            $reel = Sample::reel($draw->draw($piece));
            $proof = Proof::of($piece, Reel::read($reel), $draw->timings->of($piece), $draw->setter);
            self::assertTrue($proof->isExact());
            // The outline of the last frame gives way to one from a little earlier, as if the mark had not arrived.
            $walk = static function (array $nodes) use (&$walk): array {
                $found = [];
                foreach ($nodes as $node) {
                    $found = $node['kind'] === 'group'
                        ? [...$found, ...$walk($node['children'])]
                        : [...$found, ...($node['mark'] ?? null) === null ? [] : [$node['index']]];
                }

                return $found;
            };
            // The last: to the first of a line nothing leads, so that it stands at its level from the beginning.
            $marks = $walk($reel['nodes']);
            $mark = end($marks);
            foreach ($reel['tracks'] as &$track) {
                if ($track['node'] === $mark && $track['property'] === 'outline') {
                    $last = count($track['values']) - 1;
                    $track['values'][$last] = $track['values'][$last - 3];
                }
            }
            unset($track);
            self::assertFalse(
                Proof::of($piece, Reel::read($reel), $draw->timings->of($piece), $draw->setter)->isExact(),
                $form,
            );
        }
    }
}
