<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Drawing\Mark;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Form\Forms;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The promise: new figures, one row more, one less and another order, and nobody has to lay a hand on anything. */
final class NewFiguresTest extends TestCase
{
    private const ROWS = [
        ['id' => 'r2', 'label' => 'Lamps & lights', 'cells' => ['301']],
        ['id' => 'r1', 'label' => 'Small appliances', 'cells' => ['498']],
        ['id' => 'r9', 'label' => 'Books', 'cells' => ['77']],
        ['id' => 'r4', 'label' => 'Bicycles', 'cells' => ['12']],
        ['id' => 'r5', 'label' => 'Toys', 'cells' => ['0']],
        ['id' => 'r8', 'label' => 'Bags', 'cells' => ['41']],
    ];

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->names() as $name) {
            if ($name !== 'dial') {
                yield $name => [$name];
            }
        }
    }

    #[DataProvider('forms')]
    public function testNewFiguresKeepWhatBelongsToTheirRows(string $form): void
    {
        $own = [
            'r2' => ['colour' => '#ff0055', 'out' => 12],
            'r4' => ['glow' => ['reach' => 9, 'opacity' => 1]],
        ];
        $pin = ['line' => 'line1', 'word' => 1, 'offset' => 3];
        $move = [
            'id' => 'm1',
            'kind' => 'entrance',
            'target' => ['chart' => 'chart1', 'figure' => 'r2'],
            'begin' => 0,
            'pin' => $pin,
            'frames' => 30,
            'curve' => 'ease',
            'opens' => 'forward',
        ];
        $emphasis = [...$move, 'id' => 'm2', 'kind' => 'change', 'property' => 'opacity', 'to' => 0.4];
        $changes = [
            'charts.0.own' => $own,
            'charts.0.finish.colours' => 'set',
            'charts.0.finish.swatches' => ['#111111', '#222222', '#333333', '#444444', '#555555', '#666666'],
            'charts.0.words.labels.show' => 'beside',
            'script.lines' => [['id' => 'line1', 'text' => 'Then came lamps.', 'begin' => 40, 'end' => 100]],
            'moves' => [$move, $emphasis],
        ];
        $before = Sample::draw(Sample::piece(Sample::FIGURES, $changes, $form));
        $piece = Sample::piece(Sample::FIGURES, [...$changes, 'tables.0.rows' => self::ROWS], $form);
        $after = Sample::draw($piece);

        self::assertTrue(Sample::prove($piece)->isExact());
        $timing = $after->timings['chart1'];
        self::assertSame(
            $before->timings['chart1']->moves['r2']->entrance?->begin,
            $timing->moves['r2']->entrance?->begin,
        );
        self::assertSame('came', $timing->moves['r2']->entrance?->pinnedTo);
        self::assertSame('#ff0055', $timing->colours['r2']);
        self::assertSame(
            $before->timings['chart1']->colours['r1'],
            $timing->colours['r1'],
            'in another place',
        );
        self::assertSame($before->timings['chart1']->colours['r4'], $timing->colours['r4']);
        self::assertSame(12.0, $timing->number('r2', 'out')->at(0));
        self::assertFalse($timing->number('r2', 'opacity')->isStill());
        $marks = array_map(
            static fn (PathNode $mark): string => $mark->mark instanceof Mark ? $mark->mark->label : '',
            $after->marks(),
        );
        sort($marks);
        self::assertSame(['Bags', 'Bicycles', 'Books', 'Lamps & lights', 'Small appliances', 'Toys'], $marks);
    }
}
