<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Finish\CoatSamples;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\Property;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Inner;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Reel\TilePaint;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Coats lie on marks and never change them. */
final class CoatsTest extends TestCase
{
    private const FRAMES = [18, 40, 239];
    private const PLAIN = ['colours' => 'one', 'swatches' => ['#c07040']];

    /** Still and in the middle of an entrance: the outlines stay as they are, and so does what an SVG says of them. */
    public function testEverySampleOfACoatLeavesTheMarksAsTheyAre(): void
    {
        $plain = Sample::draw(Sample::piece());
        $wanted = array_map(static fn (int $frame): array => self::said($plain, $frame), self::FRAMES);
        foreach (CoatSamples::all() as $list => $samples) {
            foreach ($samples as ['name' => $name, 'coats' => $coats]) {
                $piece = Sample::piece(changes: ['charts.0.finish.'.$list => $coats]);
                $drawing = Sample::draw($piece);
                foreach (self::FRAMES as $at => $frame) {
                    self::assertSame($wanted[$at], self::said($drawing, $frame), $list.', '.$name);
                }
                self::assertTrue(Sample::prove($piece)->isExact());
            }
        }
    }

    /** @return list<array<string, string>> what an SVG says of its marks */
    private static function said(Drawing $drawing, int $frame): array
    {
        $svg = new \SimpleXMLElement(Svg::ofFrame($drawing, $frame));
        $said = [];
        foreach ($svg->xpath('//*[@data-figure]') ?: [] as $mark) {
            self::assertNull($mark['filter'], 'a mark holds nothing but its own outline');
            $said[] = array_map(
                static fn (string $name): string => (string) $mark[$name],
                ['data-figure', 'data-label', 'data-value', 'data-share', 'd'],
            );
        }

        return $said;
    }

    /**
     * The ends of a gradient at an angle lie where its line is met at right angles from the corners of the box.
     *
     * Source: CSS Images Module Level 3, 3.1.1: |W sin A| + |H cos A|, from the corner to the opposite one.
     */
    public function testAGradientReachesTheCornersOfWhatItGoesOver(): void
    {
        foreach ([0, 30, 90, 135, 200] as $degrees) {
            $drawing = Sample::draw(Sample::piece(changes: [
                'charts.0.finish.fills' => [['kind' => 'linear', 'degrees' => $degrees, 'across' => 'stage']],
            ]));
            $paint = $drawing->marks()[0]->fill->at(239);
            self::assertInstanceOf(LinearPaint::class, $paint);
            [$wayX, $wayY] = [$paint->toX - $paint->x, $paint->toY - $paint->y];
            $along = array_map(
                static fn (array $at): float => (($at[0] - $paint->x) * $wayX + ($at[1] - $paint->y) * $wayY)
                    / ($wayX ** 2 + $wayY ** 2),
                [[0, 0], [1920, 0], [0, 1080], [1920, 1080]],
            );
            self::assertEqualsWithDelta([0.0, 1.0], [min($along), max($along)], 1e-9, "{$degrees}°");
            self::assertEqualsWithDelta($degrees, fmod(rad2deg(atan2($wayX, -$wayY)) + 360, 360), 1e-9);
        }
        $radial = Sample::draw(Sample::piece(changes: [
            'charts.0.finish.fills' => [['kind' => 'radial', 'across' => 'stage', 'x' => 0.25, 'y' => 0.5, 'stops' => [
                ['at' => 0, 'colour' => '#ff0000'], ['at' => 1, 'shade' => -1, 'opacity' => 0.5],
            ]]],
        ]))->marks()[0]->fill->at(239);
        self::assertInstanceOf(RadialPaint::class, $radial);
        self::assertSame([480.0, 540.0], [$radial->x, $radial->y]);
        self::assertSame([[0.0, '#ff0000', 1.0], [1.0, '#000000', 0.5]], $radial->stops);
    }

    public function testAPartInheritsEachKindOfCoatUntilItHasItsOwn(): void
    {
        $drawing = Sample::draw(Sample::piece(changes: [
            'charts.0.finish.inners' => [['reach' => 20, 'opacity' => 0.5, 'colour' => '#123456']],
            'charts.0.finish.textures' => [['kind' => 'felt', 'amount' => 0.5], ['kind' => 'grain', 'off' => true]],
            'charts.0.own' => [
                'r2' => ['inners' => []],
                'r3' => ['inners' => [['reach' => 8, 'opacity' => 1]], 'textures' => [['kind' => 'linen']]],
            ],
        ]));
        $inners = self::with($drawing, static fn (PathNode $node): bool => $node->effect?->at(0) instanceof Inner);
        self::assertSame(
            ['#123456', $drawing->timings['chart1']->colours['r3'], '#123456', '#123456'],
            array_map(static fn (PathNode $node): string => self::colour($node), $inners),
        );
        $tiles = self::with($drawing, static fn (PathNode $node): bool => $node->fill->at(0) instanceof TilePaint);
        self::assertSame(
            ['felt', 'felt', 'linen', 'felt', 'felt'],
            array_map(static function (PathNode $node): string {
                $paint = $node->fill->at(0);

                return $paint instanceof TilePaint ? $paint->name : '';
            }, $tiles),
            'one that is off is left out',
        );
    }

    public function testLightLeavesTheGapsBetweenPartsDark(): void
    {
        $clip = static function (array $more): ?string {
            $drawing = Sample::draw(Sample::piece(changes: [
                'charts.0.finish.glows' => [['reach' => 40, 'opacity' => 1]],
                'charts.0.form.gap' => 12,
                'charts.0.form.corner' => 0,
                ...$more,
            ]));
            $soft = Nodes::group($drawing, Role::Soft)->children[0] ?? null;

            return $soft instanceof GroupNode ? $soft->clip?->at(239) : null;
        };
        $gaps = static fn (string $clip): array => array_map(
            static fn (string $part): float => MeasuredOutline::read('M'.$part)->area,
            array_slice(explode('M', $clip), 2),
        );
        $all = (string) $clip([]);
        self::assertCount(5, $gaps($all));
        foreach ($gaps($all) as $area) {
            self::assertEqualsWithDelta(self::strip(350, 6) - self::strip(350 * 0.6, 6), $area, 1e-2);
        }
        // Turned the other way than what is around them, they are left out.
        $around = MeasuredOutline::read('M'.explode('M', $all)[1])->area;
        self::assertEqualsWithDelta($around - array_sum($gaps($all)), MeasuredOutline::read($all)->area, 1e-2);
        self::assertCount(3, $gaps((string) $clip(['charts.0.own' => ['r2' => ['out' => 40]]])), 'it has left its place');
        self::assertNull($clip(['charts.0.form.gap' => 0]));
        // The notch between two round corners lies in it.
        foreach ($gaps((string) $clip(['charts.0.form.corner' => 20])) as $area) {
            self::assertEqualsWithDelta(self::strip(350, 26) - self::strip(350 * 0.6, 26), $area, 1e-2);
        }
    }

    public function testLightLeavesTheGapsOfAStripDark(): void
    {
        $piece = Sample::piece("a\t50\nb\t30\nc\t20", [
            'charts.0.finish.glows' => [['reach' => 40, 'opacity' => 1]],
            'charts.0.form.gap' => 16,
            'charts.0.form.bend' => 0,
            'charts.0.form.ends' => 'flat',
        ], 'strip');
        $soft = Nodes::group(Sample::draw($piece), Role::Soft)->children[0] ?? null;
        self::assertInstanceOf(GroupNode::class, $soft);
        $parts = array_slice(explode('M', (string) $soft->clip?->at(239)), 2);
        self::assertCount(2, $parts, 'none after the last');
        $thick = $piece->charts[0]->form->number('thickness');
        foreach ($parts as $part) {
            self::assertEqualsWithDelta(16 * $thick, MeasuredOutline::read('M'.$part)->area, 1e-3);
        }
        $whole = MeasuredOutline::read((string) $soft->clip?->at(239))->area;
        $around = MeasuredOutline::read('M'.explode('M', (string) $soft->clip?->at(239))[1])->area;
        self::assertEqualsWithDelta($around - 2 * 16 * $thick, $whole, 1.0, 'they are left out');
    }

    /** What of a disc lies within a distance of a diameter, on one side of its middle. */
    private static function strip(float $radius, float $half): float
    {
        return $half * sqrt($radius ** 2 - $half ** 2) + $radius ** 2 * asin($half / $radius);
    }

    /** Sides are painted more opaque than the part they carry, with the line along its edges, and with its holes. */
    public function testTheSidesOfATiltedChartGoWithItsParts(): void
    {
        $drawn = static fn (array $lists): Drawing => Sample::draw(Sample::piece(
            changes: ['charts.0.finish' => [...self::PLAIN, ...$lists]],
            form: 'tilted',
        ));
        $sides = static fn (array $lists): GroupNode => Nodes::group($drawn($lists), Role::Sides);
        foreach (Nodes::paths($sides([])) as $plain) {
            self::assertSame(1.0, $plain->opacity->at(239));
        }
        $see = ['fills' => [['kind' => 'flat', 'opacity' => 0.16]]];
        foreach (Nodes::paths($sides($see)) as $through) {
            $isThere = $through->outline->at(239) !== '';
            self::assertEqualsWithDelta($isThere ? 0.4 : 1.0, $through->opacity->at(239), 1e-4);
        }
        $line = static fn (string $place): array => [...$see, 'lines' => [['width' => 5, 'place' => $place]]];
        foreach ($sides($line('centred'))->children as $side) {
            self::assertInstanceOf(GroupNode::class, $side);
            [$face, $rim] = Nodes::paths($side);
            self::assertSame($face->outline->at(239), $rim->outline->at(239));
            $isThere = $face->outline->at(239) !== '';
            self::assertSame($isThere ? 5.0 : 0.0, $rim->stroke?->width->at(239));
        }
        $apart = Nodes::paths($sides($line('inside')));
        self::assertCount(count($sides($see)->children), $apart, 'not one that keeps off the edges');
        $holes = Nodes::groups($drawn(['textures' => [['kind' => 'chalk', 'amount' => 1]]]), Role::Holes);
        self::assertSame(Role::Sides, $holes[0]->children[0]->role ?? null);
    }

    /** A disc seen at a tilt t: R cos t deep; its foot is H sin t below its top. What it goes over adds to its box. */
    public function testALongShadowOfATiltedChartLiesOnTheGround(): void
    {
        $piece = static fn (bool $isLong): Drawing => Sample::draw(Sample::piece(changes: [
            'charts.0.finish.shadows' => [['reach' => 10, 'opacity' => 0.5, 'x' => 120, 'y' => 40, 'long' => $isLong]],
            'charts.0.form.radius' => 300,
            'charts.0.form.tilt' => 60,
            'charts.0.form.height' => 100,
            'charts.0.place.x' => 700,
            'charts.0.place.y' => 500,
            'charts.0.place.placedBy' => 'hand',
        ], form: 'tilted'));
        $shadow = static fn (Drawing $drawing): PathNode => Nodes::paths(Nodes::group($drawing, Role::Soft))[0];
        $rise = 100 * sin(deg2rad(60));
        $long = $shadow($piece(true));
        $box = MeasuredOutline::read($long->outline->at(239))->box();
        self::assertEqualsWithDelta(
            [700 - 300, 500 + $rise / 2 - 150, 600 + 120, 300 + 40],
            [$box?->left, $box?->top, $box?->width, $box?->height],
            1e-3,
        );
        self::assertEquals(new Blur(5.0), $long->effect?->at(239), 'it is where it falls already');
        $short = $shadow($piece(false));
        self::assertEquals(new Blur(5.0, 120.0, 40.0), $short->effect?->at(239));
        // What is not long is as high as the body.
        $body = MeasuredOutline::read($short->outline->at(239))->box();
        self::assertEqualsWithDelta([600, 300 + $rise], [$body?->width, $body?->height], 1e-3);
    }

    public function testTracksHaveCoatsAndStayTracks(): void
    {
        $move = static fn (string $id, string $property, float|string $to): array => [
            'id' => $id, 'kind' => 'change', 'target' => ['chart' => 'chart1'], 'to' => $to, 'begin' => 100,
            'property' => 'finish.tracks.'.$property, 'pin' => null, 'frames' => 20, 'curve' => 'linear',
            'opens' => 'forward',
        ];
        $tracks = ['colour' => '#dde3ee', 'opacity' => 0.5, 'inners' => [['reach' => 10, 'opacity' => 0.6]]];
        $piece = Sample::piece("What\tMended\nKettles\t30 %\nLamps\t60 %", [
            'charts.0.finish.tracks' => $tracks,
            'charts.0.form.track' => 'plain',
            'moves' => [
                $move('m1', 'opacity', 1.0),
                $move('m2', 'inners.0.opacity', 0.0),
                $move('m3', 'colour', '#000000'),
            ],
        ], 'rings');
        $drawing = Sample::draw($piece);
        $furniture = Nodes::paths(Nodes::group($drawing, Role::Furniture));
        $found = array_values(array_filter($furniture, static fn (PathNode $one): bool => $one->trackOf !== null));
        self::assertSame(['r2', 'r1'], array_map(static fn (PathNode $node): ?string => $node->trackOf, $found));
        self::assertSame(['#dde3ee', 0.5], [self::colour($found[0]), $found[0]->opacity->at(0)]);
        $inners = array_values(array_filter(
            $furniture,
            static fn (PathNode $one): bool => $one->effect?->at(0) instanceof Inner,
        ));
        self::assertCount(2, $inners);
        self::assertSame($found[0]->outline->at(239), $inners[0]->outline->at(239));
        self::assertEqualsWithDelta([0.5, 0.75, 1.0], array_map($found[0]->opacity->at(...), [99, 110, 120]), 1e-9);
        self::assertEqualsWithDelta([0.6, 0.3, 0.0], array_map($inners[0]->opacity->at(...), [99, 110, 120]), 1e-9);
        self::assertSame('#000000', self::colour($found[0], 120));
        // As the form has them, they have no colour that could change.
        $plain = Sample::draw(Sample::piece("What\tMended\nKettles\t30 %\nLamps\t60 %", [
            'charts.0.finish.tracks' => ['inners' => []],
            'charts.0.form.track' => 'plain',
            'moves' => [$move('m1', 'opacity', 1.0), $move('m3', 'colour', '#000000')],
        ], 'rings'));
        $track = array_values(array_filter(
            Nodes::paths(Nodes::group($plain, Role::Furniture)),
            static fn (PathNode $one): bool => $one->trackOf !== null,
        ))[0];
        self::assertSame($track->opacity->at(99), $track->opacity->at(130));
        self::assertSame(self::colour($track, 99), self::colour($track, 130));
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    public function testAFillOutOfRegisterIsMovedAndTheMarkIsNot(): void
    {
        $drawing = Sample::draw(Sample::piece(changes: ['charts.0.finish.fills' => [
            ['kind' => 'flat', 'shiftX' => 50],
            ['kind' => 'flat', 'colour' => '#3aa0c9', 'blend' => 'multiply', 'shiftX' => -5, 'shiftY' => 4],
        ]]));
        self::assertCount(5, $drawing->marks());
        $shifted = Nodes::groups($drawing, Role::Shifted);
        [$first] = $shifted;
        self::assertSame([-5.0, 4.0], [$first->pose?->x->at(0), $first->pose?->y->at(0)]);
        self::assertSame($drawing->marks()[0]->outline->at(239), Nodes::paths($first)[0]->outline->at(239));
    }

    public function testMovesChangeCoatsOfAChartAndOfAPart(): void
    {
        $move = ['kind' => 'change', 'begin' => 100, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
            'pin' => null];
        $piece = Sample::piece(changes: [
            'charts.0.finish.glows' => [['reach' => 20, 'opacity' => 0.2, 'tight' => 0]],
            'moves' => [
                [...$move, 'id' => 'm1', 'target' => ['chart' => 'chart1'], 'property' => 'finish.glows.0.opacity',
                    'to' => 0.8],
                [...$move, 'id' => 'm2', 'target' => ['chart' => 'chart1', 'figure' => 'r2'],
                    'property' => 'finish.glows.0.reach', 'to' => 60],
                [...$move, 'id' => 'm3', 'target' => ['chart' => 'chart1', 'figure' => 'r3'],
                    'property' => 'finish.glows.0.colour', 'to' => '#ff0000'],
                [...$move, 'id' => 'm4', 'target' => ['chart' => 'chart1'], 'property' => 'finish.lines.3.width',
                    'to' => 9],
            ],
        ]);
        $drawing = Sample::draw($piece);
        $glows = Nodes::paths(Nodes::group($drawing, Role::Soft));
        self::assertCount(5, $glows);
        foreach ($glows as $at => $glow) {
            self::assertEqualsWithDelta([0.2, 0.5, 0.8], array_map($glow->opacity->at(...), [99, 110, 120]), 1e-9);
            $blurs = array_map(static function (int $frame) use ($glow): float {
                $blur = $glow->effect?->at($frame);

                return $blur instanceof Blur ? $blur->deviation : 0.0;
            }, [99, 110, 120]);
            self::assertEqualsWithDelta($at === 1 ? [10.0, 20.0, 30.0] : [10.0, 10.0, 10.0], $blurs, 1e-9);
        }
        self::assertSame($drawing->timings['chart1']->colours['r3'], self::colour($glows[2], 99));
        self::assertSame('#ff0000', self::colour($glows[2], 120), 'from the colour of the part to another');
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> the last: what does not matter */
    public static function keyedCoats(): iterable
    {
        $stops = [['at' => 0.1, 'colour' => '#102030'], ['at' => 0.9, 'shade' => 0.2, 'opacity' => 0.9]];
        yield 'edge light' => ['edges', ['length' => 300, 'width' => 6], []];
        yield 'dashes at a distance' => ['lines', ['place' => 'apart', 'distance' => 12, 'dash' => 20], []];
        yield 'stitches' => ['lines', ['place' => 'apart', 'distance' => 12, 'dash' => 20, 'fitted' => true], []];
        yield 'inner glow' => ['inners', ['reach' => 20], []];
        yield 'texture' => ['textures', ['kind' => 'paper', 'amount' => 0.5, 'lie' => 'along'], []];
        yield 'holes' => ['textures', ['kind' => 'chalk', 'amount' => 0.5], []];
        yield 'pattern' => ['patterns', ['kind' => 'grid', 'inked' => 'own', 'ground' => '#304050'], []];
        yield 'strokes' => ['patterns', ['kind' => 'hand', 'inked' => 'own', 'ground' => '#304050'], []];
        $above = ['shiftX' => 3, 'stops' => $stops];
        yield 'linear' => ['fills', ['kind' => 'linear', ...$above], ['colour', 'shade', 'x', 'y', 'blur']];
        yield 'radial' => ['fills', ['kind' => 'radial', ...$above], ['colour', 'shade', 'degrees', 'blur']];
        yield 'glow' => ['glows', ['reach' => 20], []];
        yield 'shadow' => ['shadows', ['reach' => 20], []];
    }

    /**
     * @param array<string, mixed> $coat
     * @param list<string> $idle
     */
    #[DataProvider('keyedCoats')]
    public function testWhatAMoveLeadsToIsWhatItWouldBeHadItBeenSetSo(string $kind, array $coat, array $idle): void
    {
        $name = static fn (Property $one): string => $one->name;
        $keyed = array_map($name, Properties::ofCoat($kind));
        foreach (isset($coat['stops']) ? array_map($name, Properties::ofStop()) : [] as $ofStop) {
            $keyed[] = 'stops.1.'.$ofStop;
        }
        // A second one, where the first is the ground.
        $list = [...$kind === 'fills' ? [['kind' => 'flat']] : [], $coat];
        $at = array_key_last($list);
        $drawn = static fn (array $list, array $moves = []): string => Svg::ofFrame(
            Sample::draw(Sample::piece(changes: ["charts.0.finish.$kind" => $list, 'moves' => $moves])),
            150,
        );
        $long = ['reach', 'width', 'length', 'distance', 'dash', 'gap', 'size', 'spread', 'degrees'];
        $before = $drawn($list);
        foreach ($keyed as $name) {
            $to = match (true) {
                in_array($name, ['colour', 'stops.1.colour', 'ink', 'ground'], true) => '#c05a2b',
                str_ends_with($name, 'shade') => -0.4,
                $name === 'blur' => 0.043,
                !in_array($name, $long, true) => 0.43,
                default => $kind === 'fills' || $kind === 'textures' ? 1.75 : 9.0,
            };
            $after = $drawn($list, [[
                'id' => 'm1', 'kind' => 'change', 'target' => ['chart' => 'chart1'], 'to' => $to, 'begin' => 100,
                'property' => "finish.$kind.$at.$name", 'pin' => null, 'frames' => 20, 'curve' => 'linear',
                'opens' => 'forward',
            ]]);
            $set = $list;
            $set = Sample::changed($set, ["$at.$name" => $to]);
            self::assertSame($drawn($set), $after, $name);
            if (!in_array($name, $idle, true)) {
                self::assertNotSame($before, $after, "$name changes something");
            }
        }
    }

    public function testAFillThatIsSeenThroughHasNoPatchesUnderItsBoundaries(): void
    {
        $patches = static fn (array $fill): array => array_map(
            static fn (PathNode $one): bool => $one->outline->at(239) !== '',
            Nodes::paths(Nodes::group(
                Sample::draw(Sample::piece(changes: ['charts.0.finish.fills' => [$fill], 'charts.0.form.gap' => 0])),
                Role::Seams,
            )),
        );
        self::assertSame(array_fill(0, 5, true), $patches(['kind' => 'flat']));
        self::assertSame(array_fill(0, 5, false), $patches(['kind' => 'flat', 'opacity' => 0.5]));
        $fades = [['at' => 0, 'opacity' => 0.05], ['at' => 1]];
        self::assertSame(array_fill(0, 5, false), $patches(['kind' => 'linear', 'stops' => $fades]));
    }

    public function testOneMaskDoesForAllMarksThatHaveTheSameHoles(): void
    {
        $chalk = ['kind' => 'chalk', 'amount' => 1];
        $shared = Sample::draw(Sample::piece(changes: ['charts.0.finish.textures' => [$chalk]]));
        self::assertCount(1, Nodes::groups($shared, Role::Holes));
        $own = Sample::draw(Sample::piece(changes: [
            'charts.0.finish.textures' => [$chalk],
            'charts.0.own' => ['r2' => ['textures' => [[...$chalk, 'amount' => 0.5]]]],
        ]));
        self::assertCount(5, Nodes::groups($own, Role::Holes));
        self::assertSame(2, substr_count(Svg::ofFrame($own, 239), '<image id="chalk-cover'), 'one picture each');
    }

    public function testStitchesFitAWholeNumberOfTimesRound(): void
    {
        $stitch = ['width' => 4, 'place' => 'apart', 'distance' => 15, 'opacity' => 1, 'dash' => 22, 'gap' => 13];
        $drawing = Sample::draw(Sample::piece(changes: [
            'charts.0.finish.lines' => [[...$stitch, 'fitted' => true]],
            'charts.0.form.gap' => 6,
        ]));
        $lines = array_merge(...array_map(Nodes::paths(...), Nodes::groups($drawing, Role::Line)));
        self::assertCount(5, $lines);
        foreach ($lines as $line) {
            $way = MeasuredOutline::read($line->outline->at(239))->length();
            $period = ($line->stroke?->dash?->at(239) ?? 0.0) + ($line->stroke?->gap?->at(239) ?? 0.0);
            self::assertEqualsWithDelta(round($way / $period), $way / $period, 1e-6);
            self::assertEqualsWithDelta(35.0, $period, 2.5, 'and are about as long as they are told');
        }
    }

    /** @return list<PathNode> */
    private static function with(Drawing $drawing, \Closure $is): array
    {
        return array_values(array_filter(Nodes::paths(Nodes::group($drawing, Role::Chart, 'chart1')), $is));
    }

    private static function colour(PathNode $node, int $frame = 0): string
    {
        $paint = $node->fill->at($frame);

        return $paint instanceof FlatPaint ? $paint->colour : '';
    }
}
