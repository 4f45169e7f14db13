<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\PanelOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Tests\Sample;
use Lupine\Core\Texture\Tile;
use PHPUnit\Framework\TestCase;

/** Panels: their shapes, where they stand and what they lie around, and what moves make of them. */
final class PanelsTest extends TestCase
{
    private const CARD = [
        'id' => 'panel1', 'kind' => 'rectangle', 'x' => 600.0, 'y' => 400.0, 'width' => 500.0, 'height' => 300.0,
        'radius' => 40.0, 'colour' => '#ffffff',
    ];

    /** Areas: any handbook of mathematics; four round corners take (4 − π)r². */
    public function testShapesAreAsLargeAsTheyAreTold(): void
    {
        $corners = (4 - M_PI) * 40 ** 2;
        $areas = [
            'rectangle' => 500 * 300 - $corners,
            'rule' => 500 * 300 - $corners,
            'pill' => 200 * 300 + M_PI * 150 ** 2,
            'circle' => M_PI * 150 ** 2,
            'ring' => M_PI * (150 ** 2 - 130 ** 2),
            // The hole’s corners are concentric with those outside.
            'frame' => 500 * 300 - $corners - (460 * 260 - (4 - M_PI) * 20 ** 2),
            'bracket' => 2 * 500 * 20 + 260 * 20 - (1 - M_PI / 4) * 2 * (40 ** 2 - 20 ** 2),
            'arrow' => (500 - 270) * 20 + 270 * 300 / 2,
        ];
        foreach (array_keys(Panel::KINDS) as $kind) {
            self::assertEqualsWithDelta($areas[$kind], self::area($kind, 0.0, 1.0), 0.05, $kind);
            self::assertSame('', self::outline($kind, 0.4, 0.4), $kind);
        }
        // Half of it there: as long along its width, or half of the way round.
        self::assertEqualsWithDelta($areas['ring'] / 2, self::area('ring', 0.0, 0.5), 0.05);
        self::assertEqualsWithDelta(250 * 300 - $corners, self::area('rectangle', 0.25, 0.75), 0.05);
        self::assertEqualsWithDelta($areas['circle'] / 4, self::area('circle', 0.0, 0.5), 0.05);
    }

    public function testAPanelStandsInItsLayerWithItsCoatsAndOpensAsAMarkDoes(): void
    {
        $drawing = self::draw([
            'panels' => [
                [...self::CARD, 'glows' => [['reach' => 20, 'opacity' => 1]], 'textures' => [['kind' => 'paper']]],
                ['id' => 'over', 'kind' => 'rule', 'stands' => 'front', 'turn' => 30.0] + self::CARD,
                ['id' => 'gone', 'hidden' => true] + self::CARD,
            ],
            'moves' => [self::move('m1', 'entrance', ['begin' => 10, 'frames' => 20])],
        ]);
        $order = [];
        foreach ($drawing->nodes as $node) {
            $order[] = $node instanceof GroupNode ? [$node->role, $node->of] : null;
        }
        $at = static fn (Role $role, string $of): int|false => array_search([$role, $of], $order, true);
        self::assertLessThan($at(Role::Chart, 'chart1'), $at(Role::Panel, 'panel1'));
        self::assertGreaterThan($at(Role::Words, 'title'), $at(Role::Panel, 'over'));
        self::assertFalse($at(Role::Panel, 'gone'));
        $panel = Nodes::group($drawing, Role::Panel, 'panel1');
        // A glow wide and tight, the fill, the texture.
        self::assertCount(4, Nodes::paths($panel));
        $outline = Nodes::paths($panel)[2]->outline;
        self::assertSame('', $outline->at(10));
        self::assertGreaterThan(0, MeasuredOutline::read($outline->at(20))->area);
        self::assertEqualsWithDelta(500 * 300 - (4 - M_PI) * 1600, MeasuredOutline::read($outline->at(40))->area, 0.05);
        self::assertSame(30.0, Nodes::group($drawing, Role::Panel, 'over')->pose?->turn->at(0));
        self::assertStringContainsString('rotate(30)', Svg::ofFrame($drawing, 0));
    }

    public function testMovesChangeItsSidesItsColourAndItsCoats(): void
    {
        $drawing = self::draw([
            'panels' => [[...self::CARD, 'glows' => [['reach' => 20, 'opacity' => 1, 'tight' => 0]]]],
            'moves' => [
                self::move('m1', 'change', ['property' => 'width', 'to' => 300.0, 'from' => null]),
                self::move('m2', 'change', ['property' => 'colour', 'to' => '#000000', 'from' => null]),
                self::move('m3', 'change', ['property' => 'glows.0.opacity', 'to' => 0.5, 'from' => null]),
                self::move('m4', 'change', ['property' => 'x', 'to' => 650.0, 'from' => null]),
                // Of a list that has become shorter it waits.
                self::move('m5', 'change', ['property' => 'glows.3.opacity', 'to' => 0.5, 'from' => null]),
            ],
        ]);
        $panel = Nodes::group($drawing, Role::Panel, 'panel1');
        [$glow, $fill] = Nodes::paths($panel);
        $half = 110;
        self::assertEqualsWithDelta(400.0, MeasuredOutline::read($fill->outline->at($half))->box()?->width, 1e-3);
        self::assertSame(['#ffffff', '#000000'], array_map(static function (int $frame) use ($fill): string {
            $paint = $fill->fill->at($frame);
            self::assertInstanceOf(FlatPaint::class, $paint);

            return $paint->colour;
        }, [100, 130]));
        self::assertEqualsWithDelta(0.75, $glow->opacity->at($half), 1e-9);
        self::assertSame([0.0, 50.0], [$panel->pose?->x->at(100), $panel->pose?->x->at(130)]);
    }

    public function testItLiesAroundWhatItIsTiedToOnEveryStage(): void
    {
        $tied = static fn (string $around, string $kind = 'rectangle'): array => [
            'panels' => [[...self::CARD, 'kind' => $kind, 'around' => $around, 'padding' => 30.0]],
            'charts.0.place' => ['x' => 0, 'y' => 0, 'placedBy' => 'rule'],
            'charts.0.words.legend.placedBy' => 'rule',
            'words.0.placedBy' => 'rule',
            'shapes' => [['id' => 'tall', 'width' => 1080, 'height' => 1920, 'own' => []]],
        ];
        foreach ([null, 'tall'] as $shape) {
            $placed = Sample::arrange()->piece(Sample::piece(changes: $tied('chart1')), $shape);
            [$panel, $place] = [$placed->panels[0], $placed->charts[0]->place];
            self::assertEqualsWithDelta([$place->x, $place->y], [$panel->x, $panel->y], 1e-6);
            $extent = Sample::drawPiece()->timings->of($placed)['chart1']->layouts->at(0)->extent();
            self::assertEqualsWithDelta($extent->height * $place->size + 60, $panel->height, 1e-6);
            $title = Sample::arrange()->piece(Sample::piece(changes: $tied('title', 'rule')), $shape);
            self::assertGreaterThan($title->words[0]->y, $title->panels[0]->y);
            $legend = Sample::arrange()->piece(Sample::piece(changes: $tied('legend-chart1')), $shape);
            self::assertEqualsWithDelta(
                ($legend->charts[0]->words->legend->x ?? 0) - 30,
                $legend->panels[0]->x - $legend->panels[0]->width / 2,
                1.0,
            );
        }
        $byHand = Sample::arrange()->piece(Sample::piece(changes: [
            ...$tied('chart1'),
            'shapes.0.own' => ['panel1' => ['x' => 100, 'y' => 200, 'width' => 50, 'height' => 60]],
        ]), 'tall')->panels[0];
        self::assertSame([100.0, 200.0, 50.0, 60.0], [$byHand->x, $byHand->y, $byHand->width, $byHand->height]);
    }

    public function testWordsOnACardAreReadOnIt(): void
    {
        $card = [...self::CARD, 'x' => 1300.0, 'y' => 400.0, 'width' => 900.0, 'height' => 500.0];
        $with = static fn (array $panel, array $more = []): Piece => Sample::piece(changes: [
            'words.0.colour' => null,
            'panels' => [$panel],
            ...$more,
        ]);
        $colour = static fn (Piece $piece): string => Sample::arrange()->piece($piece)->words[0]->style->colour;
        self::assertSame(TextStyle::DARK, $colour($with($card)));
        self::assertSame(TextStyle::LIGHT, $colour($with(['hidden' => true] + $card)));
        self::assertSame(TextStyle::LIGHT, $colour($with(['stands' => 'front'] + $card)), 'it is not behind them');
        self::assertSame(TextStyle::LIGHT, $colour($with([
            'fills' => [['kind' => 'flat', 'opacity' => 0.1]],
        ] + $card)), 'as much of it as is there');
        $pale = $with($card, ['words.0.colour' => '#ffffff']);
        self::assertStringContainsString('“What” has too little contrast', self::told($pale));
        self::assertStringNotContainsString('“What” has too little contrast', self::told($with($card)));
    }

    public function testPicturesAndTexturesBehindWordsCount(): void
    {
        $card = [...self::CARD, 'x' => 960.0, 'y' => 540.0, 'width' => 1920.0, 'height' => 1080.0,
            'colour' => '#102030', 'stands' => 'back'];
        // Dark on the left and pale on the right; a twelfth at its lower edge is clear.
        $row = str_repeat('102030ff', 6).str_repeat('f0e8d8ff', 6);
        $photo = ['id' => 'photo', 'name' => 'Bench', 'file' => str_repeat('ab', 32), 'width' => 1920,
            'height' => 1080, 'colours' => str_repeat($row, 11).str_repeat('ffffff00', 12)];
        $told = static fn (float $x, array $fill, array $more = [], float $y = 400.0): string => self::told(
            Sample::piece(changes: [
                'words.0' => ['id' => 'note', 'text' => 'Oil', 'role' => 'note', 'x' => $x, 'y' => $y, 'width' => 200.0,
                    'align' => 'left', 'font' => 'figtree-bold', 'size' => 60.0, 'colour' => '#ffffff',
                    'placedBy' => 'hand', 'upperCase' => false],
                'pictures' => [[...$photo, ...$more]],
                'panels' => [[...$card, 'fills' => [['kind' => 'picture', 'picture' => 'photo', ...$fill]]]],
            ]),
        );
        $poor = '“Oil” has too little contrast';
        self::assertStringNotContainsString($poor, $told(100, []));
        self::assertStringContainsString($poor, $told(1500, []), 'white on what is pale there');
        self::assertStringNotContainsString($poor, $told(1500, ['degrees' => 180]), 'turned round, it is dark there');
        self::assertStringNotContainsString($poor, $told(1500, ['fit' => 'contain', 'size' => 0.4]), 'beside it');
        self::assertStringNotContainsString($poor, $told(1500, [], y: 1060.0), 'through what is clear');
        $unknown = $told(1500, [], ['colours' => '']);
        self::assertStringContainsString('colours of the picture “Bench” are not known', $unknown);
        $linen = static fn (float $amount): string => self::told(Sample::piece(changes: [
            'words.0.colour' => '#ffffff',
            'panels' => [[...$card, 'colour' => '#5f6f68', 'textures' => [
                ['kind' => 'linen', 'amount' => $amount, 'blend' => 'relief'],
            ]]],
        ]));
        self::assertStringNotContainsString('“What” has too little', $linen(0.1));
        self::assertStringContainsString('“What” has too little', $linen(1.0), 'where its threads are pale');
    }

    /** How dark and light a tile is stands beside it, as to make the tile for that would take long. */
    public function testTexturesAreAsDarkAndLightAsIsSaid(): void
    {
        foreach (['grain', 'paper', 'felt', 'linen', 'slate', 'brushed'] as $kind) {
            $counts = count_chars(Tile::bytes($kind));
            [$sum, $found] = [0, []];
            foreach ($counts as $byte => $count) {
                foreach ([0.05, 0.95] as $part) {
                    if ($sum <= $part * 512 * 512 && $sum + $count > $part * 512 * 512) {
                        $found[] = $byte;
                    }
                }
                $sum += $count;
            }
            self::assertSame($found, (new TextureCoat($kind))->spread(), $kind);
        }
    }

    public function testPanelsAreCopiedPastedAndRemovedWithTheirMoves(): void
    {
        $document = Sample::document(changes: [
            'panels' => [[...self::CARD, 'around' => 'chart1']],
            'moves' => [self::move('m1', 'entrance')],
        ]);
        $panel = $document['panels'][0];
        $pasted = self::do('paste', [
            'lupine' => 'things', 'charts' => [], 'words' => [], 'panels' => [$panel],
            'moves' => $document['moves'],
        ], $document);
        self::assertCount(2, $pasted['panels']);
        self::assertArrayNotHasKey('around', $pasted['panels'][1], 'what it lay around did not come along');
        self::assertSame(648.0, (float) $pasted['panels'][1]['x']);
        self::assertSame(['panel' => $pasted['panels'][1]['id']], $pasted['moves'][1]['target']);
        $left = self::do('remove-things', ['charts' => [], 'words' => [], 'panels' => ['panel1']], $pasted);
        self::assertSame([$pasted['panels'][1]['id']], array_column($left['panels'], 'id'));
        self::assertCount(1, $left['moves']);

        $this->expectException(BadPiece::class);
        $this->expectExceptionMessageMatches('/uses the id “chart1” twice/');
        Sample::piece(changes: ['panels' => [['id' => 'chart1'] + self::CARD]]);
    }

    public function testPanelsKeepTheirProportionOnAnotherStageAndFindTheirWayBack(): void
    {
        $panels = array_map(
            static fn (string $kind): array => ['id' => $kind, 'kind' => $kind] + self::CARD,
            array_keys(Panel::KINDS),
        );
        $document = Sample::document(changes: ['panels' => $panels]);
        $upright = self::do('resize-stage', ['width' => 1080, 'height' => 1920], $document);
        $sides = array_column($upright['panels'], null, 'id');
        self::assertEqualsWithDelta([337.5, 711.1111], [$sides['rectangle']['x'], $sides['rectangle']['y']], 1e-3);
        // As long as a side goes with that side; what is as wide as it is high stays so.
        self::assertEqualsWithDelta(300 * 1920 / 1080, $sides['rectangle']['height'], 1e-3);
        self::assertEqualsWithDelta(300 * 1080 / 1920, $sides['rule']['height'], 1e-3);
        self::assertEqualsWithDelta(500 / 300, $sides['ring']['width'] / $sides['ring']['height'], 1e-4);
        $back = self::do('resize-stage', ['width' => 1920, 'height' => 1080], $upright);
        self::assertEquals($document['panels'], $back['panels']);
        // As a shape beside the stage’s own, the same.
        $shape = ['shapes' => [['id' => 'tall', 'width' => 1080, 'height' => 1920, 'own' => []]], 'panels' => $panels];
        foreach (Sample::arrange()->piece(Sample::piece(changes: $shape), 'tall')->panels as $panel) {
            self::assertEqualsWithDelta(
                [$sides[$panel->id]['width'], $sides[$panel->id]['height']],
                [$panel->width, $panel->height],
                1e-3,
                $panel->id,
            );
        }
    }

    /**
     * @param array<string, mixed> $with
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function do(string $act, array $with, array $document): array
    {
        $forms = Forms::shipped();
        $given = json_decode((string) json_encode((object) $with));
        $before = json_decode((string) json_encode($document));
        [$after] = Acts::do($act, Field::root($given), $before, Piece::fromDocument($before, $forms), $forms);

        return json_decode((string) json_encode($after), true);
    }

    private static function told(Piece $piece): string
    {
        return implode(' ', array_map(
            static fn (Check $check): string => $check->ok ? '' : $check->message,
            Sample::prove($piece)->checks(),
        ));
    }

    /** @param array<string, mixed> $changes */
    private static function draw(array $changes): Drawing
    {
        return Sample::draw(Sample::piece(changes: $changes));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function move(string $id, string $kind, array $more = []): array
    {
        return [
            'id' => $id, 'kind' => $kind, 'target' => ['panel' => 'panel1'], 'begin' => 100, 'pin' => null,
            'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', ...$more,
        ];
    }

    private static function outline(string $kind, float $from, float $to): string
    {
        return (new PanelOutline(Box::around(new Point(600, 400), 500, 300), $from, $to, 20, 40))->of($kind);
    }

    private static function area(string $kind, float $from, float $to): float
    {
        return abs(MeasuredOutline::read(self::outline($kind, $from, $to))->area);
    }
}
