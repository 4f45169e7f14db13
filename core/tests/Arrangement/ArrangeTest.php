<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Arrangement;

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Arrangement\Reshape;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Piece\ArrangementSettings;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Settings\Json;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Everything has a place by rule in every shape of the stage; what a hand has placed keeps its own. */
final class ArrangeTest extends TestCase
{
    private const SHAPES = [null, 'upright', 'square'];

    /** @return iterable<string, array{string}> */
    public static function shipped(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/demo/{,starters/}*.json', GLOB_BRACE) ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('shipped')]
    public function testNothingIsLostAndNothingOverlapsInAnyShapeByAnyRule(string $file): void
    {
        $draw = Sample::drawPiece();
        $piece = Piece::fromJson((string) file_get_contents($file), Forms::shipped());
        $rules = array_keys(ArrangementSettings::CHARTS);
        foreach ($rules as $place => $charts) {
            $ruled = $piece->withArrangement(new ArrangementSettings($charts));
            foreach (self::SHAPES as $turn => $shape) {
                // Each piece meets each shape, by some rules; in the long run by all.
                if (($place + $turn + crc32(basename($file))) % Rounds::of(5, 1) !== 0) {
                    continue;
                }
                $placed = (new Arrange($draw->timings, $draw->setter))->piece($ruled, $shape);
                $drawing = $draw->draw($placed);
                $proof = Proof::of($placed, WriteReel::of($drawing), $drawing->timings, $draw->setter);
                $which = $charts.' '.($shape ?? 'wide');
                self::assertTrue($proof->isExact(), $which);
                foreach ($proof->checks() as $check) {
                    self::assertFalse(
                        !$check->ok && preg_match('/overlap|over the edge|cut off/', $check->message) === 1,
                        $which.': '.$check->message,
                    );
                }
            }
        }
    }

    public function testALegendStandsInTheMiddleWhereThereIsRoomAndElseBeside(): void
    {
        $draw = Sample::drawPiece();
        $told = (string) file_get_contents(dirname(__DIR__, 3).'/demo/starters/donut.json');
        $legend = '{"x":0,"y":0,"width":400,"spacing":2,"font":"figtree-semibold","size":40,"colour":"#ffffff",'
            .'"placedBy":"rule","stands":"middle"}';
        foreach ([[0.75, true], [0.2, false]] as [$hole, $isInside]) {
            $json = json_decode($told);
            $json->charts[0]->form->hole = $hole;
            $json->charts[0]->words->legend = json_decode($legend);
            $json->charts[0]->words->centre = null;
            $piece = Piece::fromJson((string) json_encode($json), Forms::shipped());
            foreach (self::SHAPES as $shape) {
                $placed = (new Arrange($draw->timings, $draw->setter))->piece($piece, $shape);
                $stands = $placed->charts[0]->words->legend;
                self::assertSame($isInside, $stands?->isInside, $hole.' '.$shape);
                $reel = WriteReel::of($draw->draw($placed));
                $proof = Proof::of($placed, $reel, $draw->timings->of($placed), $draw->setter);
                foreach ($proof->checks() as $check) {
                    $isOff = preg_match('/overlap|over the edge|cut off/', $check->message) === 1;
                    self::assertTrue($check->ok || !$isOff, $check->message);
                }
            }
        }
    }

    public function testALegendByRuleGoesAlongWithAChartThatAHandMovesAndBends(): void
    {
        $draw = Sample::drawPiece();
        $arrange = new Arrange($draw->timings, $draw->setter);
        $json = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/demo/the-mending-room.json'));
        $legendOf = static fn (): LegendSettings => $arrange
            ->piece(Piece::fromJson((string) json_encode($json), Forms::shipped()))->charts[0]->words->legend
            ?? self::fail('no legend');
        $byRule = $arrange->piece(Piece::fromJson((string) json_encode($json), Forms::shipped()))->charts[0];
        $at = $byRule->place;
        $json->charts[0]->form = (object) [...(array) $json->charts[0]->form, ...$byRule->form->values()];
        $json->charts[0]->place = (object) ['x' => $at->x, 'y' => $at->y];
        $still = $legendOf();
        $wanted = [$byRule->words->legend?->x, $byRule->words->legend?->y];
        self::assertEqualsWithDelta($wanted, [$still->x, $still->y], 1);
        $json->charts[0]->place = (object) ['x' => $at->x - 30, 'y' => $at->y + 24];
        $moved = $legendOf();
        self::assertEqualsWithDelta([$still->x - 30, $still->y + 24], [$moved->x, $moved->y], 1);
        // A smaller radius brings its edge in by as much, and the legend beside it.
        $json->charts[0]->form->radius -= 60;
        $smaller = $legendOf();
        self::assertEqualsWithDelta([$moved->x - 60, $moved->y], [$smaller->x, $smaller->y], 1);
        $json->charts[0]->place->x = 4000;
        self::assertLessThanOrEqual(1920, $legendOf()->x + $legendOf()->width, 'it stays on the stage');
    }

    public function testSeveralChartsShareTheRoomWithoutTouching(): void
    {
        $draw = Sample::drawPiece();
        foreach ([2, 3, 5] as $count) {
            foreach (array_keys(ArrangementSettings::SEVERAL) as $several) {
                foreach (self::SHAPES as $shape) {
                    $piece = self::several($count, $several);
                    $placed = (new Arrange($draw->timings, $draw->setter))->piece($piece, $shape);
                    $boxes = [];
                    $stage = new Box(0, 0, $placed->stage->width, $placed->stage->height);
                    foreach ($draw->timings->of($placed) as $timing) {
                        $boxes[] = $box = $timing->layouts->of(0)->extent();
                        self::assertTrue($stage->surrounds($box));
                        self::assertGreaterThan(
                            $count > 3 ? 30 : 60,
                            min($box->width, $box->height),
                            "{$count} {$several} {$shape}",
                        );
                    }
                    foreach ($boxes as $index => $box) {
                        foreach (array_slice($boxes, $index + 1) as $other) {
                            self::assertFalse($box->meets($other, 0.0), "{$count} {$several} {$shape}");
                        }
                    }
                }
            }
        }
    }

    public function testAPlaceByHandIsKeptInProportion(): void
    {
        $piece = self::byHand();
        $wide = Sample::arrange()->piece($piece);
        self::assertSame([480.0, 540.0, 1.0], [
            $wide->charts[0]->place->x,
            $wide->charts[0]->place->y,
            $wide->charts[0]->place->size,
        ]);
        $upright = Sample::arrange()->piece($piece, 'upright');
        // A quarter across and half down, as much smaller as the side that shrinks most: 1080 of 1920.
        self::assertEqualsWithDelta(270, $upright->charts[0]->place->x, 1e-9);
        self::assertEqualsWithDelta(960, $upright->charts[0]->place->y, 1e-9);
        self::assertEqualsWithDelta(0.5625, $upright->charts[0]->place->size, 1e-9);
        // Its own place in a shape goes before.
        self::assertSame(700.0, Sample::arrange()->piece($piece, 'square')->charts[0]->place->x);
    }

    public function testArrangingAgainChangesNothing(): void
    {
        $arrange = Sample::arrange();
        $once = $arrange->piece(self::several(3, 'fitting'), 'upright');
        self::assertSame($once, $arrange->piece($once));
        self::assertEquals($once, $arrange->piece(self::several(3, 'fitting'), 'upright'));
    }

    public function testAnotherStageKeepsPlacesAndSizesInProportion(): void
    {
        $document = json_decode((string) json_encode(Sample::document(changes: [
            'charts.0.place' => ['x' => 480, 'y' => 540],
        ])));
        self::assertInstanceOf(\stdClass::class, $document);
        $piece = self::read($document);
        $half = self::reshaped($document, 960, 540);
        $small = self::read($half);
        self::assertSame([240.0, 270.0, 0.5], [
            $small->charts[0]->place->x,
            $small->charts[0]->place->y,
            $small->charts[0]->place->size,
        ]);
        self::assertEqualsWithDelta($piece->words[0]->style->size / 2, $small->words[0]->style->size, 1e-9);
        $back = self::read(self::reshaped($half, 1920, 1080));
        self::assertEquals($piece->charts[0]->place, $back->charts[0]->place);
        self::assertEquals($piece->words[0]->style, $back->words[0]->style);
    }

    private static function reshaped(\stdClass $document, int $width, int $height): \stdClass
    {
        $copy = Json::copy($document);
        Reshape::change($copy, self::read($document)->stage, new Sides($width, $height));

        return $copy;
    }

    public function testThereAndBackIsTheSameDocumentInAnyOrderOfShapes(): void
    {
        $document = json_decode((string) json_encode(Sample::document(changes: ['words.0.size' => 30.4])));
        self::assertInstanceOf(\stdClass::class, $document);
        $to = self::reshaped(...);
        $now = $document;
        foreach ([[1080, 1920], [1080, 1080], [3840, 2160], [722, 1284], [1920, 818]] as [$width, $height]) {
            $now = $to($now, $width, $height);
            self::assertEquals($to($document, $width, $height), $now, "straight to $width × $height");
        }
        self::assertSame(json_encode($document), json_encode($to($now, 1920, 1080)));
        // What was set on another stage is kept as it was set there; all else goes back.
        $upright = $to($document, 1080, 1920);
        $upright->words[0]->size = 44;
        $back = $to($upright, 1920, 1080);
        self::assertEqualsWithDelta(44 * 0.5625, $back->words[0]->size, 1e-9);
        self::assertSame($document->words[0]->x, $back->words[0]->x);
        self::assertSame(44, $to($back, 1080, 1920)->words[0]->size);
    }

    private static function read(\stdClass $document): Piece
    {
        return Piece::fromJson((string) json_encode($document), Forms::shipped());
    }

    private static function byHand(): Piece
    {
        return Sample::piece(changes: [
            'charts.0.place' => ['x' => 480, 'y' => 540],
            'shapes' => [
                ['id' => 'upright', 'width' => 1080, 'height' => 1920, 'own' => []],
                [
                    'id' => 'square',
                    'width' => 1080,
                    'height' => 1080,
                    'own' => ['chart1' => ['x' => 700, 'y' => 500, 'size' => 0.4]],
                ],
            ],
        ]);
    }

    private static function several(int $count, string $rule): Piece
    {
        $document = Sample::document(changes: [
            'charts.0.place.placedBy' => 'rule',
            'words.0.placedBy' => 'rule',
            'captions.placedBy' => 'rule',
            'charts.0.words.legend' => null,
            'arrangement.several' => $rule,
            'shapes' => [
                ['id' => 'upright', 'width' => 1080, 'height' => 1920, 'own' => []],
                ['id' => 'square', 'width' => 1080, 'height' => 1080, 'own' => []],
            ],
        ]);
        $kinds = ['columns', 'pie', 'bars', 'rings'];
        for ($number = 2; $number <= $count; ++$number) {
            $other = Sample::document(form: $kinds[$number - 2])['charts'][0];
            $document['charts'][] = [
                ...$other,
                'id' => 'chart'.$number,
                'place' => ['x' => 0, 'y' => 0, 'placedBy' => 'rule'],
            ];
        }

        return Piece::fromDocument($document, Forms::shipped());
    }
}
