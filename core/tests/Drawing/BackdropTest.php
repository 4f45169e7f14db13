<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Finish\GroundSamples;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Reel\CloudsPaint;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Reel\TilePaint;
use Lupine\Core\Tests\Sample;
use Lupine\Core\Texture\Evolving;
use PHPUnit\Framework\TestCase;

/** What is behind the charts, and the words that follow from it. */
final class BackdropTest extends TestCase
{
    public function testLightsWanderAndCloudsComeBackToWhereTheyBegan(): void
    {
        $light = ['colour' => '#4b2fb0', 'x' => 0.25, 'y' => 0.5, 'size' => 0.4, 'opacity' => 0.7, 'wander' => 0.1,
            'every' => 120, 'blend' => 'screen'];
        $drawing = Sample::draw(Sample::piece(changes: [
            'stage.frames' => 240,
            'backdrop.lights' => [$light],
            'backdrop.clouds' => [['colour' => '#ffffff', 'amount' => 0.3, 'every' => 120]],
        ]));
        $ground = Nodes::group($drawing, Role::Backdrop);
        $pose = Nodes::group($drawing, Role::GroundLight, 'light0')->pose;
        $at = static fn (int $frame): array => [$pose?->x->at($frame), $pose?->y->at($frame)];
        self::assertEqualsWithDelta([0.35 * 1920, 540.0], $at(0), 1e-6);
        self::assertEqualsWithDelta([0.15 * 1920, 540.0], $at(60), 1e-6, 'half way round');
        self::assertEqualsWithDelta($at(0), $at(120), 1e-6);
        // A step of the same length leads over the end of the piece.
        self::assertEqualsWithDelta($at(1)[1] - $at(0)[1], $at(0)[1] - $at(239)[1], 0.5);

        $phases = array_map(static function (int $frame) use ($ground): float {
            foreach ($ground->children as $child) {
                $paint = $child instanceof PathNode ? $child->fill->at($frame) : null;
                if ($paint instanceof CloudsPaint) {
                    return $paint->phase;
                }
            }

            return -1.0;
        }, [0, 30, 60, 120]);
        self::assertEqualsWithDelta([0.0, 0.25, 0.5, 0.0], $phases, 1e-9);
        $bytes = static fn (float $phase): string => Evolving::bytes(48, 27, 4, 2, $phase, 7);
        self::assertSame($bytes(0.0), $bytes(1.0), 'a whole round is none');
        $far = static fn (string $one, string $other): int => max(array_map(
            static fn (string $a, string $b): int => abs(ord($a) - ord($b)),
            str_split($one),
            str_split($other),
        ));
        self::assertLessThan(12, $far($bytes(511 / 512), $bytes(0.0)), 'and its last step is a small one');
        self::assertGreaterThan(40, $far($bytes(0.5), $bytes(0.0)));
    }

    public function testEveryGroundIsDrawnAndIsWellFormedAsSvg(): void
    {
        foreach (GroundSamples::all() as ['name' => $name, 'backdrop' => $backdrop]) {
            $piece = Sample::piece(changes: ['backdrop' => $backdrop, 'moves' => [[
                'id' => 'm1', 'kind' => 'change', 'target' => ['stage' => 'backdrop'], 'property' => 'colour',
                'to' => '#334455', 'begin' => 100, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
                'pin' => null,
            ]]]);
            $drawing = Sample::draw($piece);
            self::assertTrue(Sample::prove($piece)->isExact(), $name);
            $svg = new \SimpleXMLElement(Svg::ofFrame($drawing, 200));
            self::assertCount(5, $svg->xpath('//*[@data-figure]') ?: [], $name);
            $count = count($backdrop['textures'] ?? []) + count($backdrop['clouds'] ?? []);
            self::assertCount(
                $count,
                array_filter(
                    Nodes::paths(Nodes::group($drawing, Role::Backdrop)),
                    static fn (PathNode $node): bool => $node->fill->at(0) instanceof TilePaint
                        || $node->fill->at(0) instanceof CloudsPaint,
                ),
                $name,
            );
        }
    }

    public function testAGradientHasItsColoursUntilItHasOthers(): void
    {
        $fill = static function (array $backdrop): array {
            $drawing = Sample::draw(Sample::piece(changes: ['backdrop' => [...$backdrop, 'vignette' => 0]]));
            $paint = Nodes::paths(Nodes::group($drawing, Role::Backdrop))[0]->fill->at(0);

            return $paint instanceof RadialPaint ? $paint->stops : [$paint instanceof FlatPaint ? $paint->colour : ''];
        };
        $two = ['kind' => 'radial', 'colour' => '#111111', 'edge' => '#222222'];
        self::assertSame([[0.0, '#111111', 1.0], [1.0, '#222222', 1.0]], $fill($two));
        self::assertSame(['#111111'], $fill([...$two, 'kind' => 'colour']));
        self::assertSame(
            [[0.0, '#ff0000', 1.0], [0.4, '#111111', 0.5], [1.0, '#0000ff', 1.0]],
            $fill([...$two, 'stops' => [
                ['at' => 0, 'colour' => '#ff0000'], ['at' => 0.4, 'opacity' => 0.5], ['at' => 1, 'colour' => '#0000ff'],
            ]]),
        );
    }

    /** WCAG 2.2, 1.4.3: large text reads at 3 : 1. Words without a colour of their own do on any plain ground. */
    public function testWordsAreDarkOrLightWhicheverReadsOnTheGround(): void
    {
        foreach (['#ffffff', '#f6c443', '#8a8f98', '#3d5aa8', '#0b0603'] as $colour) {
            $ground = ['kind' => 'colour', 'colour' => $colour, 'edge' => $colour, 'vignette' => 0];
            $piece = Sample::piece(changes: ['backdrop' => $ground]);
            self::assertStringNotContainsString('too little contrast', self::said($piece), $colour);
            self::assertNull(Sample::document()['words'][0]['colour'] ?? null);
        }
        $white = ['kind' => 'colour', 'colour' => '#ffffff', 'edge' => '#ffffff', 'vignette' => 0];
        $own = Sample::piece(changes: ['backdrop' => $white, 'words.0.colour' => '#fafafa']);
        self::assertStringContainsString('too little contrast', self::said($own), 'a colour of its own stays');
        // A light behind the words counts as much as the ground does.
        $lit = Sample::piece(changes: [
            'backdrop' => [...$white, 'colour' => '#000000', 'lights' => [
                ['colour' => '#ffffff', 'x' => 0.75, 'y' => 0.3, 'size' => 0.5, 'opacity' => 1],
            ]],
            'words.0.colour' => '#ffffff',
        ]);
        self::assertStringContainsString('too little contrast', self::said($lit));
    }

    /** Words on a part are held against what its coats make of it where they stand. */
    public function testContrastCountsGradientsAndPatterns(): void
    {
        $labels = ['charts.0.words.labels.show' => 'on', 'charts.0.words.labels.text' => 'both',
            'charts.0.finish.colours' => 'set', 'charts.0.finish.swatches' => ['#204040']];
        self::assertStringNotContainsString('too little contrast', self::said(Sample::piece(changes: $labels)));
        $pale = Sample::piece(changes: [...$labels, 'charts.0.finish.fills' => [['kind' => 'linear', 'stops' => [
            ['at' => 0, 'colour' => '#ffffff'], ['at' => 1, 'colour' => '#f4f4f4'],
        ]]]]);
        self::assertStringContainsString('too little contrast', self::said($pale));
        $dotted = Sample::piece(changes: [...$labels, 'charts.0.finish.patterns' => [
            ['kind' => 'dots', 'size' => 20, 'degrees' => 0, 'opacity' => 1, 'inked' => 'own', 'ink' => '#ffffff'],
        ]]);
        self::assertStringContainsString('too little contrast', self::said($dotted));
    }

    /** A picture covers the stage wherever it drifts to, and is back where it began when the piece begins again. */
    public function testAPictureCoversTheStageDriftsAndCounts(): void
    {
        // Black on its left half, white on its right.
        $row = str_repeat('000000ff', 6).str_repeat('ffffffff', 6);
        $picture = ['id' => 'p1', 'name' => 'Bench', 'file' => str_repeat('a', 64), 'width' => 1200, 'height' => 900,
            'colours' => str_repeat($row, 12)];
        $ground = ['kind' => 'picture', 'colour' => '#000000', 'edge' => '#000000', 'vignette' => 0, 'picture' => 'p1',
            'drift' => 0.1, 'every' => 60, 'dim' => 0.25];
        $piece = Sample::piece(changes: ['pictures' => [$picture], 'backdrop' => $ground]);
        $drawing = Sample::draw($piece);
        [$under, $node] = Nodes::paths(Nodes::group($drawing, Role::Backdrop));
        self::assertEquals(new FlatPaint('#000000'), $under->fill->at(0));
        self::assertSame(0.75, $node->opacity->at(0));
        $lefts = [];
        foreach (range(0, $piece->stage->frames - 1, 7) as $frame) {
            $paint = $node->fill->at($frame);
            self::assertInstanceOf(PicturePaint::class, $paint);
            self::assertEqualsWithDelta(1200 / 900, $paint->width / $paint->height, 1e-6);
            self::assertLessThanOrEqual(0.01, max($paint->x, $paint->y));
            self::assertGreaterThanOrEqual(1919.99, $paint->x + $paint->width);
            self::assertGreaterThanOrEqual(1079.99, $paint->y + $paint->height);
            $lefts[] = $paint->x;
        }
        self::assertGreaterThan(200, max($lefts) - min($lefts));
        $last = $node->fill->at($piece->stage->frames - 1);
        $first = $node->fill->at(0);
        \assert($first instanceof PicturePaint && $last instanceof PicturePaint);
        self::assertLessThan(25, abs($last->x - $first->x), 'no farther than it goes from one frame to the next');
        self::assertStringContainsString('<image', Svg::ofFrame($drawing, 0));
        $focused = Sample::draw(Sample::piece(changes: ['pictures' => [$picture], 'backdrop' => $ground, 'moves' => [[
            'id' => 'm1', 'kind' => 'change', 'target' => ['stage' => 'backdrop'], 'property' => 'blur', 'from' => 0.04,
            'to' => 0.0, 'begin' => 40, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
        ]]]));
        $fill = Nodes::paths(Nodes::group($focused, Role::Backdrop))[1]->fill;
        $blurs = array_map(static fn (int $frame): int => $fill->at($frame)->blur ?? -1, [40, 45, 50, 55, 60]);
        self::assertSame([40, 30, 20, 10, 0], $blurs, 'it comes into focus');
        // White words on its white half, and on a picture that is gone.
        $words = ['words.0.colour' => '#ffffff', 'words.0.x' => 1400, 'words.0.width' => 400];
        $on = static fn (array $more): string => self::said(Sample::piece(changes: [
            'pictures' => [$picture], 'backdrop' => [...$ground, 'drift' => 0, 'dim' => 0, ...$more], ...$words,
        ]));
        self::assertStringContainsString('“What” has too little contrast', $on([]));
        self::assertStringNotContainsString('“What” has too little contrast', $on(['dim' => 0.8]));
        self::assertStringNotContainsString('“What” has too little contrast', $on(['picture' => null]));
        self::assertStringNotContainsString('“What” has too little contrast', $on(['x' => 1.5]), 'its black half');
    }

    /** Clouds and textures count where they are most; so does what is seen through a part. */
    public function testContrastCountsCloudsTexturesAndWhatIsSeenThrough(): void
    {
        $ground = ['kind' => 'colour', 'colour' => '#303030', 'edge' => '#303030', 'vignette' => 0];
        $told = static fn (array $backdrop, array $more = []): bool => str_contains(self::said(Sample::piece(changes: [
            'backdrop' => [...$ground, ...$backdrop], 'words.0.colour' => '#ffffff', ...$more,
        ])), '“What” has too little contrast');
        self::assertFalse($told([]));
        $clouds = ['colour' => '#ffffff', 'blend' => 'normal'];
        self::assertFalse($told(['clouds' => [[...$clouds, 'amount' => 0.2]]]));
        self::assertTrue($told(['clouds' => [[...$clouds, 'amount' => 0.9]]]));
        self::assertFalse($told(['textures' => [['kind' => 'paper', 'amount' => 0.5]]]));
        self::assertTrue($told(['textures' => [['kind' => 'felt', 'amount' => 1, 'blend' => 'screen']]]));
        $labels = ['charts.0.words.labels.show' => 'on', 'charts.0.finish.colours' => 'set',
            'charts.0.finish.swatches' => ['#ffffff'], 'backdrop' => [...$ground, 'colour' => '#000000']];
        $said = static fn (array $finish): string => self::said(Sample::piece(changes: [...$labels, ...$finish]));
        self::assertStringNotContainsString('% has too little contrast', $said([]));
        $through = ['charts.0.finish.fills' => [['kind' => 'flat', 'opacity' => 0.1]]];
        self::assertStringNotContainsString('” has too little contrast', $said($through), 'light, on a dark ground');
        $dark = ['charts.0.own' => ['r1' => ['label' => ['colour' => '#202020']]]];
        self::assertStringContainsString('” has too little contrast', $said([...$through, ...$dark]));
        $holes = ['charts.0.finish.textures' => [['kind' => 'chalk', 'amount' => 1]]];
        self::assertStringContainsString('” has too little contrast', $said($holes));
    }

    /** Inner glows count where words are, pictures on plates under them, and a text on an arc where that takes it. */
    public function testContrastCountsInnerGlowsPicturesOnPlatesAndArcs(): void
    {
        $ground = ['kind' => 'colour', 'colour' => '#101010', 'edge' => '#101010', 'vignette' => 0];
        $inner = static fn (float $reach, float $x = 0): bool => str_contains(self::said(Sample::piece(changes: [
            'backdrop' => $ground, 'charts.0.words.labels.show' => 'on', 'charts.0.finish.colours' => 'set',
            'charts.0.finish.swatches' => ['#202020'], 'charts.0.own' => ['r1' => ['label' => ['colour' => '#ffffff']]],
            'charts.0.finish.inners' => [['reach' => $reach, 'x' => $x, 'colour' => '#ffffff', 'opacity' => 1]],
        ])), '%” has too little contrast');
        self::assertFalse($inner(6), 'at the edge alone');
        self::assertTrue($inner(400), 'all over it');
        self::assertTrue($inner(6, 300), 'where its offset takes it');

        $white = ['id' => 'p1', 'name' => 'Snow', 'file' => str_repeat('a', 64), 'width' => 1200, 'height' => 900,
            'colours' => str_repeat('ffffffff', 144)];
        $plate = static fn (array $plate): bool => str_contains(self::said(Sample::piece(changes: [
            'backdrop' => $ground, 'words.0.colour' => '#ffffff', 'pictures' => [$white],
            'words.0.plate' => ['colour' => '#000000', ...$plate],
        ])), '“What” has too little contrast');
        self::assertFalse($plate([]));
        self::assertTrue($plate(['fills' => [['kind' => 'picture', 'picture' => 'p1']]]));
        self::assertFalse($plate(['inners' => [['reach' => 4, 'colour' => '#ffffff', 'opacity' => 1]]]));
        self::assertTrue($plate(['inners' => [['reach' => 300, 'colour' => '#ffffff', 'opacity' => 1]]]));

        // It goes down at both ends, onto something light that is below it where it is straight.
        $arc = static fn (float $radius): bool => str_contains(self::said(Sample::piece(changes: [
            'backdrop' => $ground, 'words.0.colour' => '#ffffff', 'words.0.text' => 'A year of things put right',
            'words.0.x' => 960, 'words.0.y' => 300, 'words.0.align' => 'middle', 'words.0.size' => 60,
            'words.0.width' => 1400, 'words.0.arc' => $radius,
            'panels' => [['id' => 'p1', 'kind' => 'rectangle', 'x' => 960, 'y' => 480, 'width' => 1900, 'height' => 200,
                'colour' => '#ffffff']],
        ])), '“A year of things put right” has too little contrast');
        self::assertFalse($arc(0));
        self::assertTrue($arc(300));
        self::assertFalse($arc(-300), 'its ends go up');
    }

    private static function said(\Lupine\Core\Piece\Piece $piece): string
    {
        return implode("\n", array_map(
            static fn ($check): string => $check->message,
            Sample::prove($piece)->checks(),
        ));
    }
}
