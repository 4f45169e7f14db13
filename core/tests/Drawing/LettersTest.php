<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Lettering\GlyphArcs;
use Lupine\Core\Lettering\LetterOutlines;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use Lupine\Core\Words\FontPack;
use Lupine\Core\Words\TextSetter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words with coats: what is seen are outlines, what is read stays text. */
final class LettersTest extends TestCase
{
    private const TITLE = [
        'words.0.glows' => [['reach' => 20, 'opacity' => 0.8, 'tight' => 0]],
        'words.0.fills' => [['kind' => 'linear', 'degrees' => 0]],
        'words.0.lines' => [['width' => 3, 'place' => 'outside', 'colour' => '#102030', 'opacity' => 1]],
        'words.0.colour' => '#ddeeff',
    ];

    /** @return iterable<string, array{string}> */
    public static function fonts(): iterable
    {
        foreach (glob(__DIR__.'/../../../resources/fontpacks/*.php') ?: [] as $file) {
            yield basename($file, '.php') => [basename($file, '.php')];
        }
    }

    /**
     * The arcs of each letter against its curves, followed in two hundred steps by de Casteljau’s construction (any
     * handbook of computer graphics): as large, and within the same box.
     */
    #[DataProvider('fonts')]
    public function testLettersAsArcsAreTheLettersOfTheFont(string $id): void
    {
        $setter = new TextSetter(Sample::fonts());
        $letters = new LetterOutlines(new GlyphArcs());
        $style = new TextStyle($id, FontPack::UNITS_PER_EM, '#ffffff');
        foreach (mb_str_split('ABGOQRSaegks&%?0123456789éß') as $letter) {
            $run = $setter->run($letter, $style);
            $outline = $letters->of($run, new Point(0, 0), 'left', 1.0);
            [$area, $left, $right] = self::followed($run->path());
            $measured = MeasuredOutline::read($outline);
            $box = $measured->box();
            self::assertNotNull($box);
            self::assertEqualsWithDelta(1.0, abs($measured->area) / abs($area), 2e-4, $letter);
            self::assertEqualsWithDelta([$left, $right], [$box->left, $box->right()], 0.6, $letter);
        }
    }

    public function testATitleWithCoatsIsSeenAsOutlinesAndReadAsText(): void
    {
        $drawing = self::draw(self::TITLE);
        $words = Nodes::group($drawing, Role::Words, 'title');
        $letters = Nodes::group($drawing, Role::Lettered, 'title');
        [$glow, $fill] = Nodes::paths($letters);
        self::assertNotNull($glow->effect);
        self::assertInstanceOf(LinearPaint::class, $fill->fill->at(0));
        self::assertSame(['What'], Nodes::said($words, 0));
        [$text] = Nodes::texts($words);
        self::assertFalse($text->isPainted);
        self::assertSame('#102030', $text->edge);
        self::assertCount(3, $text->inks, 'the colours of the gradient');
        $svg = Svg::ofFrame($drawing, 239);
        self::assertStringContainsString('aria-label="What"', $svg);
        self::assertStringNotContainsString('<use', substr($svg, (int) strpos($svg, 'aria-label="What"'), 120));
        // A line around lies below the fill; of a plain one nothing changes.
        $order = array_map(static fn ($node): string => match (true) {
            $node instanceof GroupNode => $node->role->value,
            $node instanceof PathNode => $node->effect === null ? 'fill' : 'glow',
            default => 'text',
        }, $letters->children);
        self::assertSame(['glow', 'line', 'fill', 'text'], $order);
        self::assertTrue(Nodes::texts(Nodes::group(self::draw([]), Role::Words, 'title'))[0]->isPainted);
    }

    public function testReadingsThatCountKeepTheirNumbersUnderCoats(): void
    {
        $changes = [
            'charts.0.words.legend.glows' => [['reach' => 8, 'opacity' => 1]],
            'charts.0.words.centre' => [
                'figure' => null, 'caption' => 'so far', 'prefix' => '', 'suffix' => '', 'font' => 'bricolage-bold',
                'size' => 110, 'colour' => '#ffffff', 'shadows' => [['reach' => 10, 'opacity' => 0.5]],
            ],
        ];
        $plain = self::draw(['charts.0.words.centre' => ['shadows' => []] + $changes['charts.0.words.centre']]);
        $coated = self::draw($changes);
        foreach ([20, 60, 239] as $frame) {
            $read = static fn (Drawing $drawing): array => array_map(
                static fn (\SimpleXMLElement $one): string => $one['data-reading-of'].' '.$one['data-reading'],
                (new \SimpleXMLElement(Svg::ofFrame($drawing, $frame)))->xpath('//*[@data-reading]') ?: [],
            );
            self::assertSame($read($plain), $read($coated));
        }
        self::assertTrue(Sample::prove(Sample::piece(changes: $changes))->isExact());
        // The number’s outline changes as it counts.
        $centre = Nodes::group($coated, Role::Lettered, 'total');
        $seen = Nodes::paths($centre)[1]->outline;
        self::assertNotSame($seen->at(30), $seen->at(239));
    }

    public function testTextOnAnArcStandsOnItsCircle(): void
    {
        $setter = new TextSetter(Sample::fonts());
        $style = new TextStyle('figtree-bold', 80, '#ffffff');
        $letters = new LetterOutlines(new GlyphArcs());
        $run = $setter->run('HIHIHIHIHIH', $style);
        foreach ([400.0, -400.0] as $radius) {
            $outline = $letters->of($run, new Point(500, 300), 'middle', $setter->scale($style), $radius);
            preg_match_all('/(-?[\d.]+) (-?[\d.]+)(?=[MLAZ])/', $outline, $points, PREG_SET_ORDER);
            $away = array_map(
                static fn (array $at): float => hypot((float) $at[1] - 500, (float) $at[2] - 300 - $radius),
                $points,
            );
            // Feet of upright stems are a little off the circle, by half their width; heads are a capital away.
            $feet = $radius > 0 ? min($away) : max($away);
            $heads = $radius > 0 ? max($away) : min($away);
            self::assertEqualsWithDelta(400.0, $feet, 3.0);
            self::assertEqualsWithDelta($setter->capHeight($style), abs($heads - $feet), 3.5);
        }
    }

    /** Whether a point is in a polygon: by how often a ray from it crosses the sides (even–odd rule). */
    private static function isIn(string $polygon, Point $at): bool
    {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $polygon, $corners, PREG_SET_ORDER);
        $crossed = 0;
        foreach ($corners as $index => [, $x, $y]) {
            [, $toX, $toY] = $corners[($index + 1) % count($corners)];
            if (($y > $at->y) !== ($toY > $at->y)) {
                $crossed += $at->x < (float) $x + (($at->y - $y) / ($toY - $y)) * ($toX - $x) ? 1 : 0;
            }
        }

        return $crossed % 2 === 1;
    }

    public function testTextOnAnArcIsWrittenLetterByLetter(): void
    {
        $text = 'Kettles-mended!';
        $setter = new TextSetter(Sample::fonts());
        foreach ([500.0, -700.0] as $radius) {
            $piece = Sample::piece(changes: [
                'words.0.arc' => $radius, 'words.0.text' => $text, 'words.0.align' => 'middle', 'words.0.width' => 1600,
                'moves' => [[
                    'id' => 'm1', 'kind' => 'entrance', 'target' => ['words' => 'title'], 'begin' => 10, 'pin' => null,
                    'frames' => 15, 'curve' => 'linear', 'opens' => 'forward', 'manner' => 'letters',
                ]],
            ]);
            [$words] = $piece->words;
            $clip = Nodes::group(Sample::draw($piece), Role::Written)->clip;
            self::assertSame('', $clip?->at(10));
            $run = $setter->run($text, $words->style);
            $scale = $setter->scale($words->style);
            foreach ($run->glyphs as $place => $glyph) {
                $middle = $glyph->x + $glyph->width / 2 - $run->width / 2;
                $turn = $middle * $scale / $radius;
                $high = $radius + $setter->capHeight($words->style) / 2;
                $at = new Point($words->x + $high * sin($turn), $words->y + $radius - $high * cos($turn));
                foreach ([4, 9, 14, 15] as $written) {
                    self::assertSame($place < $written, self::isIn($clip->at(10 + $written), $at), "letter $place");
                }
            }
        }
    }

    public function testSpacingCapitalsAndBalance(): void
    {
        $setter = new TextSetter(Sample::fonts());
        $plain = new TextStyle('figtree-bold', 50, '#ffffff');
        $wide = new TextStyle('figtree-bold', 50, '#ffffff', letterSpacing: 0.1);
        self::assertEqualsWithDelta($setter->width('Kettle', $plain) + 5 * 5.0, $setter->width('Kettle', $wide), 1e-9);
        $high = new TextStyle('figtree-bold', 50, '#ffffff', upperCase: true);
        self::assertSame($setter->width('KETTLE', $plain), $setter->width('Kettle', $high));
        self::assertSame('Kettle', $setter->run('Kettle', $high)->text, 'what is read stays as it is written');
        $text = 'What neighbours brought to the repair table in spring';
        $even = new TextStyle('figtree-bold', 50, '#ffffff', isBalanced: true);
        foreach ([500.0, 700.0, 1000.0] as $width) {
            [$lines, $balanced] = [$setter->lines($text, $plain, $width), $setter->lines($text, $even, $width)];
            $longest = static fn (array $lines): float => max(array_map(
                static fn (string $line): float => $setter->width($line, $plain),
                $lines,
            ));
            self::assertCount(count($lines), $balanced);
            self::assertLessThanOrEqual($longest($lines), $longest($balanced));
            self::assertSame($text, implode(' ', $balanced));
        }
        [$full, $balanced] = [$setter->lines($text, $plain, 700.0), $setter->lines($text, $even, 700.0)];
        self::assertLessThan($longest($full), $longest($balanced));
    }

    public function testAPlateGoesAroundItsWordsAndCountsAsTheirGround(): void
    {
        $plate = ['colour' => '#f4f0e6', 'padding' => 0.5, 'radius' => 0.2];
        $drawing = self::draw(['words.0.plate' => $plate]);
        $outline = Nodes::paths(Nodes::group($drawing, Role::Plate, 'title'))[0]->outline->at(0);
        $box = MeasuredOutline::read($outline)->box();
        $setter = Sample::drawPiece()->setter;
        $style = Sample::piece()->words[0]->style;
        self::assertEqualsWithDelta($setter->width('What', $style) + $style->size, $box?->width, 0.01);
        self::assertEqualsWithDelta($setter->capHeight($style) + $style->size, $box?->height, 0.01);
        $byItself = Sample::arrange()->piece(Sample::piece(changes: [
            'words.0.plate' => $plate, 'words.0.colour' => null,
        ]))->words[0];
        self::assertSame(TextStyle::DARK, $byItself->style->colour);
        $pale = ['words.0.plate' => $plate, 'words.0.colour' => '#ffffff'];
        self::assertStringContainsString('“What” has too little contrast', self::told($pale));
        // A plate that becomes pale while they stand on it counts when it is.
        $dark = ['words.0.plate' => ['colour' => '#102030'], 'words.0.colour' => '#ffffff'];
        self::assertStringNotContainsString('“What” has too little contrast', self::told($dark));
        $turns = ['moves' => [[
            'id' => 'm1', 'kind' => 'change', 'target' => ['words' => 'title'], 'property' => 'plate.colour',
            'to' => '#f4f0e6', 'begin' => 100, 'pin' => null, 'frames' => 20, 'curve' => 'linear',
            'opens' => 'forward',
        ]]];
        self::assertStringContainsString('“What” has too little contrast', self::told([...$dark, ...$turns]));
        // A dark line around them is what light letters are told from.
        $around = ['words.0.lines' => [['width' => 4, 'place' => 'outside', 'colour' => '#102030', 'opacity' => 1]]];
        self::assertStringNotContainsString('“What” has too little contrast', self::told([...$pale, ...$around]));
        $gradient = ['words.0.fills' => [['kind' => 'linear', 'stops' => [
            ['at' => 0, 'colour' => '#ffffff'], ['at' => 1, 'colour' => '#0a2a22'],
        ]]]];
        self::assertStringContainsString('“What” has too little contrast', self::told($gradient), 'its worst colour');
    }

    public function testWordsInTheColourOfTheirPartAreRead(): void
    {
        $drawing = self::draw([
            'charts.0.words.legend.ofPart' => true,
            'charts.0.words.labels.show' => 'on',
            'charts.0.words.labels.ofPart' => true,
        ]);
        $inks = [];
        foreach (['r1', 'r2', 'r3', 'r4', 'r5'] as $id) {
            [$name] = Nodes::texts(Nodes::group($drawing, Role::LegendRow, $id));
            $inks[] = $name->colour;
            self::assertGreaterThanOrEqual(4.4, Colour::hex($name->colour)->contrastWith(Colour::hex('#1d3a35')));
        }
        self::assertCount(5, array_unique($inks));
        $label = Nodes::texts(Nodes::group($drawing, Role::Label, 'r1'))[0];
        self::assertNotContains($label->colour, [TextStyle::LIGHT, TextStyle::DARK]);
    }

    public function testMovesChangeTheColourAndTheCoatsOfAText(): void
    {
        $move = static fn (string $id, string $property, float|string $to): array => [
            'id' => $id, 'kind' => 'change', 'target' => ['words' => 'title'], 'property' => $property, 'from' => null,
            'to' => $to, 'begin' => 100, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
        ];
        $drawing = self::draw([
            'words.0.colour' => '#ffffff',
            'words.0.glows' => [['reach' => 20, 'opacity' => 0.0, 'tight' => 0]],
            'moves' => [$move('m1', 'glows.0.opacity', 1.0), $move('m2', 'colour', '#ff0000')],
        ]);
        [$glow, $fill] = Nodes::paths(Nodes::group($drawing, Role::Lettered, 'title'));
        self::assertEqualsWithDelta([0.0, 0.5, 1.0], array_map($glow->opacity->at(...), [100, 110, 125]), 1e-9);
        $glows = [['reach' => 20, 'opacity' => 0.0, 'tight' => 0]];
        $plate = ['colour' => '#203040', 'padding' => 0.5, 'glows' => $glows];
        $drawn = self::draw([
            'words.0.plate' => $plate,
            'moves' => [
                $move('m1', 'plate.glows.0.opacity', 1.0),
                $move('m2', 'plate.padding', 1.5),
                $move('m3', 'plate.colour', '#ff0000'),
            ],
        ]);
        [$glowing, $sheet] = Nodes::paths(Nodes::group($drawn, Role::Plate, 'title'));
        self::assertEqualsWithDelta([0.0, 0.5, 1.0], array_map($glowing->opacity->at(...), [100, 110, 125]), 1e-9);
        [$before, $after] = array_map(
            static fn (int $frame): float => MeasuredOutline::read($sheet->outline->at($frame))->box()->height ?? 0.0,
            [100, 125],
        );
        $size = Sample::piece()->words[0]->style->size;
        self::assertEqualsWithDelta(2 * $size, $after - $before, 1e-3, 'a whole size more above and below');
        $red = $sheet->fill->at(125);
        self::assertInstanceOf(FlatPaint::class, $red);
        self::assertSame('#ff0000', $red->colour);
        $paint = $fill->fill->at(125);
        self::assertInstanceOf(FlatPaint::class, $paint);
        self::assertSame('#ff0000', $paint->colour);
    }

    public function testWordsOfAChartAreAlignedAsToldAndStandClearOfTheirMarks(): void
    {
        $lines = static function (string $form, array $changes, Role $role): array {
            $drawing = Sample::draw(Sample::piece(changes: $changes, form: $form));
            $found = [];
            foreach (array_merge(...array_map(Nodes::texts(...), Nodes::groups($drawing, $role))) as $text) {
                $wide = $text->run->at(239)->width * $text->scale;
                $left = $text->x->at(239) - $wide * match ($text->align) {
                    'left' => 0.0,
                    'right' => 1.0,
                    default => 0.5,
                };
                $found[] = [round($left, 3), round($left + $wide, 3), round($left + $wide / 2, 3)];
            }

            return $found;
        };
        // Names beside bars end at their marks, or all begin where the widest of them does.
        $names = static fn (string $to): array => $lines('bars', ['charts.0.words.names.align' => $to], Role::Name);
        [$usual, $left, $right] = array_map($names, ['marks', 'left', 'right']);
        self::assertCount(5, $left);
        self::assertCount(1, array_unique(array_column($left, 0)), 'one left edge');
        self::assertSame(min(array_column($usual, 0)), $left[0][0]);
        self::assertLessThanOrEqual(max(array_column($usual, 1)), max(array_column($left, 1)));
        self::assertSame($usual, $right);
        // The two lines of a label share a side, or a middle.
        $both = ['charts.0.words.labels.show' => 'beside', 'charts.0.words.labels.text' => 'both'];
        foreach (['left' => 0, 'right' => 1, 'middle' => 2] as $align => $side) {
            $labels = $lines('donut', [...$both, 'charts.0.words.labels.align' => $align], Role::Label);
            foreach (array_chunk(array_column($labels, $side), 2) as [$name, $reading]) {
                self::assertEqualsWithDelta($name, $reading, 0.01, $align);
            }
        }
        // Readings of a legend stand at its right edge, or as far after each name.
        $legend = static fn (string $values): array => array_chunk(
            $lines('donut', ['charts.0.words.legend.values' => $values], Role::LegendRow),
            2,
        );
        self::assertCount(1, array_unique(array_map(static fn (array $row): float => $row[1][1], $legend('right'))));
        $gaps = array_map(static fn (array $row): float => round($row[1][0] - $row[0][1], 2), $legend('after'));
        self::assertSame(array_fill(0, 5, 20.0), $gaps, 'half of the size');
    }

    public function testMovesChangeHowTheWordsOfAChartAreSet(): void
    {
        $type = ['font' => 'figtree-semibold', 'size' => 36, 'colour' => '#ffffff'];
        $set = [...$type, 'glows' => [['reach' => 12, 'opacity' => 0.8]], 'plate' => ['colour' => '#203040']];
        $told = ['glows.0.opacity' => 0.2, 'plate.padding' => 1.2, 'plate.radius' => 0.05];
        $has = [
            'donut' => ['labels' => ['show' => 'on', 'text' => 'reading'], 'legend' => [], 'centre' => []],
            'bars' => [
                'names' => [],
                'axis' => ['scale' => 'Mended', 'figures' => ''],
                'labels' => ['show' => 'on', 'text' => 'reading'],
            ],
        ];
        foreach ($has as $form => $words) {
            $usual = Sample::document(form: $form)['charts'][0]['words'];
            $said = array_map(static fn (array $own): array => [...$set, ...$own], $words);
            foreach (['legend', 'centre'] as $one) {
                if (isset($said[$one])) {
                    $said[$one] = [...$usual[$one], ...$set];
                }
            }
            $drawn = static fn (array $said, array $moves): string => Svg::ofFrame(Sample::draw(Sample::piece(changes: [
                'charts.0.words' => [...$usual, ...$said],
                'moves' => $moves,
            ], form: $form)), 150);
            $before = $drawn($said, []);
            foreach (array_keys($words) as $one) {
                foreach ($told as $property => $to) {
                    $after = $drawn($said, [[
                        'id' => 'm1', 'kind' => 'change', 'target' => ['chart' => 'chart1'], 'from' => null,
                        'property' => "words.$one.$property", 'to' => $to, 'begin' => 100, 'pin' => null,
                        'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
                    ]]);
                    self::assertNotSame($before, $after, "$one, $property");
                    self::assertSame($drawn(Sample::changed($said, ["$one.$property" => $to]), []), $after, $one);
                }
            }
        }
    }

    /** @param array<string, mixed> $changes */
    private static function draw(array $changes): Drawing
    {
        return Sample::draw(Sample::piece(changes: $changes));
    }

    /** @param array<string, mixed> $changes */
    private static function told(array $changes): string
    {
        return implode(' ', array_map(
            static fn (Check $check): string => $check->ok ? '' : $check->message,
            Sample::prove(Sample::piece(changes: $changes))->checks(),
        ));
    }

    /** @return array{float, float, float} area, left and right of an outline of a font */
    private static function followed(string $outline): array
    {
        preg_match_all('/([MLQCZ])([^MLQCZ]*)/', $outline, $commands, PREG_SET_ORDER);
        $area = 0.0;
        [$at, $start] = [[0.0, 0.0], [0.0, 0.0]];
        $xs = [];
        $to = static function (array $next) use (&$at, &$area, &$xs): void {
            $area += ($at[0] * $next[1] - $next[0] * $at[1]) / 2;
            $xs[] = $next[0];
            $at = $next;
        };
        foreach ($commands as [, $letter, $given]) {
            preg_match_all('/-?[\d.]+/', $given, $numbers);
            $points = array_chunk(array_map(floatval(...), $numbers[0]), 2);
            if ($letter === 'M') {
                $at = $start = $points[0];
                continue;
            }
            $steered = [$at, ...$points === [] ? [$start] : $points];
            for ($step = 1; $step <= 200; ++$step) {
                $now = $steered;
                while (count($now) > 1) {
                    $now = array_map(static fn (array $one, array $other): array => [
                        $one[0] + ($other[0] - $one[0]) * $step / 200,
                        $one[1] + ($other[1] - $one[1]) * $step / 200,
                    ], array_slice($now, 0, -1), array_slice($now, 1));
                }
                $to($now[0]);
            }
        }

        return [$area, min($xs), max($xs)];
    }
}
