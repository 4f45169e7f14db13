<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Finish;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Finish\DistinctColours;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /** Source: culori 4 (core/tests/outside/make.mjs); OKLab as of Ottosson 2020, contrast as of WCAG 2.2. */
    public function testAgreesWithCulori(): void
    {
        $theirs = Sample::outside('culori');
        foreach ($theirs['oklch'] as $colour) {
            [$lightness, $chroma, $hue] = Colour::hex($colour['hex'])->toOklch();
            self::assertEqualsWithDelta($colour['l'], $lightness, 1e-4, $colour['hex']);
            self::assertEqualsWithDelta($colour['c'], $chroma, 1e-4, $colour['hex']);
            if ($colour['h'] !== null && $chroma > 1e-3) {
                self::assertEqualsWithDelta($colour['h'], fmod($hue + 360, 360), 0.1, $colour['hex']);
                self::assertSame($colour['hex'], Colour::oklch($lightness, $chroma, $hue)->toHex());
            }
        }
        foreach ($theirs['contrast'] as $pair) {
            self::assertEqualsWithDelta(
                $pair['contrast'],
                Colour::hex($pair['a'])->contrastWith(Colour::hex($pair['b'])),
                1e-3,
                $pair['a'].' on '.$pair['b'],
            );
        }
    }

    /** Source: culori 4 (core/tests/outside/make.mjs); distances in OKLab, and colour vision as of Machado 2009. */
    public function testDistancesAndColourVisionAgreeWithCulori(): void
    {
        $theirs = Sample::outside('culori');
        foreach ($theirs['distance'] as $pair) {
            $distance = Colour::hex($pair['a'])->distanceTo(Colour::hex($pair['b']));
            self::assertEqualsWithDelta($pair['distance'], $distance, 1e-4);
        }
        foreach ($theirs['seen'] as $colour) {
            foreach ([ColourVision::Protan, ColourVision::Deutan, ColourVision::Tritan] as $vision) {
                $seen = Colour::hex($colour['hex'])->seenWith($vision)->toHex();
                self::assertSame($colour[$vision->value], $seen, $colour['hex'].' '.$vision->value);
            }
        }
    }

    public function testASetGrowsFromItsSwatchByColoursThatAllCanTellApart(): void
    {
        foreach (['#4fb286', '#c23a74', '#777777'] as $swatch) {
            $set = DistinctColours::of([$swatch], 8);
            self::assertSame($swatch, $set[0]);
            self::assertSame($set, DistinctColours::of(array_slice($set, 0, 5), 8), 'one more changes none');
            foreach (ColourVision::cases() as $vision) {
                foreach ($set as $place => $colour) {
                    foreach (array_slice($set, $place + 1) as $other) {
                        $far = Colour::hex($colour)->seenWith($vision)
                            ->distanceTo(Colour::hex($other)->seenWith($vision));
                        self::assertGreaterThan(0.06, $far, "{$colour} and {$other}, {$vision->value}");
                    }
                }
            }
        }
        self::assertCount(40, array_unique(DistinctColours::of(['#4fb286'], 40)));
    }

    /** Whatever way rows come in, each has a colour of its own, and those that were there keep theirs. */
    public function testNoTwoRowsOfASetHaveTheSameColour(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../../demo/mended-or-not.json'), true);
        $document['charts'][0]['finish'] = [
            ...$document['charts'][0]['finish'], 'colours' => 'set', 'swatches' => ['#59ba8a', '#c23a74', '#3d5aa8'],
        ];
        $document['charts'][0]['own'] = new \stdClass();
        $colours = static function (array $ids, ?array $set = null) use ($document): array {
            $document['charts'][0]['finish']['swatches'] = $set ?? $document['charts'][0]['finish']['swatches'];
            $document['tables'][0]['rows'] = array_map(
                static fn (string $id): array => ['id' => $id, 'label' => $id, 'cells' => ['1']],
                $ids,
            );
            $document['moves'] = [];
            $piece = Piece::fromJson(json_encode($document, JSON_THROW_ON_ERROR), Forms::shipped());

            return MarkColours::of($piece->charts[0], $piece->tables[0]);
        };
        $three = $colours(['r1', 'r2', 'r3']);
        self::assertSame(['#59ba8a', '#c23a74', '#3d5aa8'], array_values($three));
        $twelve = $colours(array_map(static fn (int $n): string => 'r'.$n, range(1, 12)));
        self::assertCount(12, array_unique($twelve));
        self::assertSame($three, array_intersect_key($twelve, $three));
        // After many rows came and went, and with ids that another program wrote.
        $odd = $colours(['r70', 'r3', 'kettles', 'r44', 'r1', 'r200', 'lamps']);
        self::assertCount(7, array_unique($odd));
        self::assertSame(['#3d5aa8', '#59ba8a'], [$odd['r3'], $odd['r1']]);
        self::assertSame(['#59ba8a', '#59ba8a'], array_values($colours(['r1', 'r2'], ['#59ba8a'])), 'one is for all');
        self::assertCount(60, array_unique($colours(array_map(static fn (int $n): string => 'r'.$n, range(1, 60)))));
    }

    /** Source: WCAG 2.2, definition of contrast ratio; 21 : 1 and 4.48 : 1 as commonly quoted. */
    public function testContrastIsThatOfWcag(): void
    {
        self::assertEqualsWithDelta(21.0, Colour::hex('#000000')->contrastWith(Colour::hex('#ffffff')), 1e-9);
        self::assertEqualsWithDelta(4.48, Colour::hex('#777777')->contrastWith(Colour::hex('#ffffff')), 0.005);
    }

    /** @return iterable<array{string, int}> */
    public static function families(): iterable
    {
        foreach (['#4fb286', '#ec8d5b', '#3d5aa8', '#f3b735', '#777777', '#101010', '#fafafa'] as $swatch) {
            foreach ([2, 5, 12] as $count) {
                yield [$swatch, $count];
            }
        }
    }

    /** WCAG 2.2, 1.4.11 asks 3 : 1 of parts against what is beside them, and 1.4.3 asks 4.5 : 1 of words on them. */
    #[DataProvider('families')]
    public function testNeighboursInAFamilyCanBeToldApart(string $swatch, int $count): void
    {
        $tints = Tints::of($swatch, $count);
        self::assertCount($count, array_unique($tints));
        self::assertContains($swatch, $tints, 'the swatch itself is one of them');
        for ($index = 1; $index < $count; ++$index) {
            self::assertGreaterThan(
                $count <= 2 ? 1.6 : 1.1,
                Colour::hex($tints[$index - 1])->contrastWith(Colour::hex($tints[$index])),
                "{$tints[$index - 1]} beside {$tints[$index]}",
            );
        }
        foreach ($tints as $tint) {
            $text = Colour::hex($tint)->textOn('#808080');
            self::assertGreaterThanOrEqual(
                4.5,
                Colour::hex($text)->contrastWith(Colour::hex($tint)),
                "{$text} on {$tint}",
            );
        }
    }
}
