<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Captions, titles and the backdrop. */
final class StageWordsTest extends TestCase
{
    private const LINES = [
        'script.lines' => [
            ['id' => 'l1', 'text' => 'Four in ten were kettles.', 'begin' => 10, 'end' => 60],
            [
                'id' => 'l2',
                'text' => 'And this is a line that goes on for so long that it has to be broken into two, since no screen is wide enough for all of it.',
                'begin' => 60,
                'end' => 120,
            ],
        ],
    ];

    public function testACaptionIsThereWhileItsLineIsSpoken(): void
    {
        $drawing = Sample::draw(Sample::piece(changes: self::LINES));
        $shown = static fn (string $line, int $frame): float => Nodes::group(
            $drawing,
            Role::Caption, $line,
        )->opacity?->at($frame) ?? -1.0;

        self::assertSame(
            [0.0, 1.0, 1.0, 0.0],
            [$shown('l1', 9), $shown('l1', 10), $shown('l1', 59), $shown('l1', 60)],
        );
        self::assertSame(
            [0.0, 1.0, 0.0],
            [$shown('l2', 59), $shown('l2', 60), $shown('l2', 120)],
            'one line gives way to the next on the same frame',
        );
    }

    /** What moves make of captions is what they would be, had they been set so; and each line has its words. */
    public function testMovesChangeHowCaptionsAreSet(): void
    {
        $plain = [...self::LINES, 'captions.plate' => ['colour' => '#203040'], 'captions.glows' => [['reach' => 10]]];
        $move = static fn (string $property, mixed $to): array => [
            'id' => 'm'.crc32($property), 'kind' => 'change', 'target' => ['stage' => 'captions'],
            'property' => $property, 'to' => $to, 'begin' => 20, 'pin' => null, 'frames' => 10, 'curve' => 'linear',
            'opens' => 'forward',
        ];
        $to = ['colour' => '#c05a2b', 'plate.colour' => '#804020', 'glows.0.opacity' => 0.2, 'glows.0.reach' => 30.0];
        $set = Sample::draw(Sample::piece(changes: [...$plain, ...array_combine(
            array_map(static fn (string $name): string => "captions.$name", array_keys($to)),
            $to,
        )]));
        $before = Sample::draw(Sample::piece(changes: $plain));
        $moved = Sample::draw(Sample::piece(changes: [
            ...$plain, 'moves' => array_map($move, array_keys($to), $to),
        ]));
        // What is only read beside the letters is not seen, in whatever colour.
        $seen = static fn (Drawing $drawing, int $frame): string => (string) preg_replace(
            '/(<g aria-label="[^"]*") fill="[^"]*"/',
            '$1',
            Svg::ofFrame($drawing, $frame),
        );
        self::assertTrue($seen($before, 15) === $seen($moved, 15), 'before it begins');
        self::assertTrue($seen($set, 50) === $seen($moved, 50), 'in the line in which it ends');
        self::assertTrue($seen($set, 90) === $seen($moved, 90), 'and in the next');
        self::assertFalse($seen($set, 25) === $seen($moved, 25), 'on its way');
        $this->expectExceptionMessage('captions come and go with their lines');
        Sample::piece(changes: [...$plain, 'moves' => [[...$move('colour', '#ffffff'), 'kind' => 'entrance']]]);
    }

    public function testALongCaptionIsBrokenAndItsLastLineStaysInPlace(): void
    {
        $drawing = Sample::draw(Sample::piece(changes: self::LINES));
        $short = Nodes::texts(Nodes::group($drawing, Role::Caption, 'l1'));
        $long = Nodes::texts(Nodes::group($drawing, Role::Caption, 'l2'));

        self::assertGreaterThan(1, count($long));
        self::assertSame($short[0]->y->at(0), $long[count($long) - 1]->y->at(0));
        foreach ($long as $line) {
            self::assertLessThanOrEqual(1400, $line->run->at(0)->width * $line->scale);
        }
        self::assertFalse(
            Nodes::has(Sample::draw(Sample::piece(changes: [...self::LINES, 'captions' => null])), Role::Caption, 'l1'),
        );
    }

    public function testATitleComesAndGoesWithItsMoves(): void
    {
        $move = static fn (string $id, string $kind, int $begin): array => [
            'id' => $id,
            'kind' => $kind,
            'target' => ['words' => 'title'],
            'begin' => $begin,
            'pin' => null,
            'frames' => 10,
            'curve' => 'linear',
            'opens' => 'forward',
        ];
        $drawing = Sample::draw(
            Sample::piece(
                changes: [
                    'moves' => [$move('m1', 'entrance', 20), $move('m2', 'exit', 100)],
                    'words.0.upperCase' => true,
                ],
            ),
        );
        $title = Nodes::group($drawing, Role::Words, 'title');

        // Set in capitals, and read as it is written.
        self::assertSame(['What'], Nodes::said($title, 50));
        $names = array_column(Nodes::texts($title)[0]->run->at(50)->glyphs, 'name');
        $last = static fn (string $name): string => substr($name, -1);
        self::assertSame(['W', 'H', 'A', 'T'], array_map($last, $names));
        $opacity = array_map(static fn (int $frame): float => round($title->opacity?->at($frame) ?? -1.0, 6), [
            0,
            20,
            25,
            30,
            99,
            105,
            110,
        ]);
        self::assertSame([0.0, 0.0, 0.5, 1.0, 1.0, 0.5, 0.0], $opacity);
    }

    public function testBackdrops(): void
    {
        $of = static fn (array $changes) => Sample::draw(Sample::piece(changes: $changes));
        self::assertFalse(Nodes::has($of(['backdrop.kind' => 'transparent']), Role::Backdrop), 'nothing at all is drawn');
        $plain = $of(['backdrop.kind' => 'colour', 'backdrop.vignette' => 0]);
        $flat = Nodes::paths(Nodes::group($plain, Role::Backdrop));
        self::assertCount(1, $flat);
        self::assertInstanceOf(FlatPaint::class, $flat[0]->fill->at(0));
        $radial = Nodes::paths(
            Nodes::group($of(['backdrop.kind' => 'radial', 'backdrop.vignette' => 0.4]), Role::Backdrop),
        );
        self::assertCount(2, $radial);
        self::assertInstanceOf(RadialPaint::class, $radial[1]->fill->at(0));
        self::assertSame([1.0, '#000000', 0.4], $radial[1]->fill->at(0)->stops[3], 'the corners are darkest');
    }

    public function testACaptionComesAtOnceOrFades(): void
    {
        $opacity = static function (int $fade): array {
            $piece = Sample::piece(changes: [
                'script.lines' => [['id' => 'l1', 'text' => 'Four in ten.', 'begin' => 20, 'end' => 60]],
                'captions.fade' => $fade,
            ]);
            foreach (Sample::draw($piece)->nodes as $node) {
                if ($node instanceof GroupNode && $node->role === Role::Caption && $node->of === 'l1') {
                    $there = $node->opacity;
                    self::assertNotNull($there);

                    return array_map($there->at(...), [19, 20, 21, 23, 40, 56, 59, 60]);
                }
            }

            return [];
        };
        self::assertSame([0.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 0.0], $opacity(0));
        self::assertSame([0.0, 0.25, 0.5, 1.0, 1.0, 1.0, 0.25, 0.0], $opacity(3));
    }
}
