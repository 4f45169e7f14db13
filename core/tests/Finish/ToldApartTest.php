<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Finish;

use Lupine\Core\Finish\Ciede2000;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Finish\ToldApart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToldApartTest extends TestCase
{
    /** Okabe and Ito’s eight colours (“Color Universal Design”, 2008; values from memory). */
    private const UNIVERSAL = [
        '#000000', '#e69f00', '#56b4e9', '#009e73', '#f0e442', '#0072b2', '#d55e00', '#cc79a7',
    ];

    /**
     * The supplementary test data of Sharma, Wu and Dalal 2005 (values from memory; culori gives the same).
     *
     * @return iterable<array{array{float, float, float}, array{float, float, float}, float}>
     */
    public static function pairs(): iterable
    {
        $rows = [
            [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425], [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
            [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412], [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0],
            [50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0], [50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0],
            [50, 0, 0, 50, -1, 2, 2.3669], [50, -1, 2, 50, 0, 0, 2.3669],
            [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792], [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
            [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195], [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
            [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045], [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
            [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461], [50, 2.5, 0, 50, 0, -2.5, 4.3065],
            [50, 2.5, 0, 73, 25, -18, 27.1492], [50, 2.5, 0, 61, -5, 29, 22.8977],
            [50, 2.5, 0, 56, -27, -3, 31.903], [50, 2.5, 0, 58, 24, 15, 19.4535],
            [50, 2.5, 0, 50, 3.1736, 0.5854, 1.0], [50, 2.5, 0, 50, 3.2972, 0, 1.0],
            [50, 2.5, 0, 50, 1.8634, 0.5757, 1.0], [50, 2.5, 0, 50, 3.2592, 0.335, 1.0],
            [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
            [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
            [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
            [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
            [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
            [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
            [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
            [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
            [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
            [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
        ];
        foreach ($rows as $number => $row) {
            [$l1, $a1, $b1, $l2, $a2, $b2, $difference] = array_map(floatval(...), $row);
            yield 'pair '.($number + 1) => [[$l1, $a1, $b1], [$l2, $a2, $b2], $difference];
        }
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    #[DataProvider('pairs')]
    public function testDifferencesAreThoseThatWerePublished(array $one, array $other, float $difference): void
    {
        self::assertEqualsWithDelta($difference, Ciede2000::between($one, $other), 5e-5);
        self::assertEqualsWithDelta($difference, Ciede2000::between($other, $one), 5e-5, 'either way');
    }

    /** CIELAB of sRGB’s corners (Lindbloom’s tables for D65; values from memory). */
    public function testColoursAreWhereCielabHasThem(): void
    {
        foreach ([
            '#ffffff' => [100.0, 0.0, 0.0], '#ff0000' => [53.24, 80.09, 67.2], '#00ff00' => [87.73, -86.18, 83.18],
            '#0000ff' => [32.3, 79.19, -107.86],
        ] as $hex => $lab) {
            self::assertEqualsWithDelta($lab, Colour::hex($hex)->toLab(), 0.02, $hex);
        }
    }

    public function testColoursMadeForEverybodyPass(): void
    {
        self::assertSame([], ToldApart::alike(self::UNIVERSAL));
        foreach (ColourVision::cases() as $vision) {
            self::assertCount(28, ToldApart::distances(self::UNIVERSAL, $vision));
        }
    }

    /** Red and green of one lightness: the usual pair that is lost (common practice, no source). */
    public function testAPairThatSomeCannotTellApartIsNamedForThem(): void
    {
        $alike = ToldApart::alike(['#c0504d', '#7f8b3c', '#1f3d7a']);
        self::assertSame([0, 1], [$alike[0][0], $alike[0][1]]);
        self::assertContains($alike[0][2], [ColourVision::Protan, ColourVision::Deutan]);
    }

    public function testARepairedSetPassesAndIsStillTheSet(): void
    {
        $before = ['#c0504d', '#7f8b3c', '#1f3d7a', '#4bacc6', '#f79646'];
        $after = ToldApart::repaired($before, [0], '#ffffff');
        self::assertSame([], ToldApart::alike($after));
        self::assertSame($before[0], $after[0], 'what is kept is not moved');
        foreach ($before as $place => $colour) {
            self::assertLessThan(0.16, Colour::hex($colour)->distanceTo(Colour::hex($after[$place])), $colour);
        }
        self::assertSame($after, ToldApart::repaired($after, [0], '#ffffff'), 'what passes is left as it is');
    }
}
