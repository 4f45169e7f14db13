<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Finish;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ToldApart;
use Lupine\Core\Palette\BadPalette;
use Lupine\Core\Palette\MadePalette;
use Lupine\Core\Palette\ReadPalette;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Files written here by hand, after the descriptions of their formats; see ReadPalette. */
final class PaletteTest extends TestCase
{
    private const COLOURS = ['#2f6b52', '#e3a033', '#3d5aa8'];

    /** @return iterable<string, array{string, string, list<string>}> what is read, its name, its colours */
    public static function files(): iterable
    {
        yield 'codes' => ["#2f6b52\n#E3A033, #3d5aa8;#2f6b52", 'Palette', self::COLOURS];
        yield 'codes without a sign' => ['2f6b52 E3A033 3d5aa8', 'Palette', self::COLOURS];
        yield 'short codes, and numbers that are none' => ['in 2024: #abc and #def0', 'Palette', ['#aabbcc']];
        yield 'GIMP' => [
            "GIMP Palette\nName: Bench\nColumns: 3\n# wall\n 47 107  82\tLeaf\n227 160  51\tLamp\n61 90 168 Sky\n",
            'Bench',
            self::COLOURS,
        ];
        yield 'CSS custom properties' => [
            ":root {\n --leaf: #2f6b52;\n --lamp: rgb(227, 160, 51);\n --sky: rgb(61 90 168 / 0.5);\n color: #fff;\n}",
            'Palette',
            self::COLOURS,
        ];
        $block = static function (string $name, string $model, float ...$parts): string {
            $body = pack('n', strlen($name) + 1).mb_convert_encoding($name."\0", 'UTF-16BE').str_pad($model, 4)
                .pack('G*', ...$parts).pack('n', 0);

            return pack('nN', 1, strlen($body)).$body;
        };
        $group = pack('nN', 0xC001, 12).pack('n', 5).mb_convert_encoding("Room\0", 'UTF-16BE');
        yield 'swatch exchange' => [
            'ASEF'.pack('nnN', 1, 0, 5).$group.$block('Leaf', 'RGB', 47 / 255, 107 / 255, 82 / 255)
                .$block('Grey', 'Gray', 0.5).$block('Ink', 'CMYK', 0.0, 1.0, 1.0, 0.2).pack('nN', 0xC002, 0),
            'Palette',
            ['#2f6b52', '#808080', '#cc0000'],
        ];
    }

    /** @param list<string> $colours */
    #[DataProvider('files')]
    public function testColoursAreReadFromWhatPeopleHaveThemIn(string $file, string $name, array $colours): void
    {
        $read = ReadPalette::of($file);
        self::assertSame([$name, $colours], [$read->name, $read->colours]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'nothing' => ['a year at the bench', 'no colours in this'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\xff\xfe", 'neither text nor'];
        yield 'too large a number' => ["GIMP Palette\n300 0 0", 'Line 2 has a number above 255'];
        yield 'cut off' => ['ASEF'.pack('nnN', 1, 0, 1).pack('nN', 1, 40), 'ends in the middle'];
        yield 'another model' => [
            'ASEF'.pack('nnN', 1, 0, 1).pack('nN', 1, 22).pack('n', 1)."\0\0".'LAB '.pack('G3', 0.5, 0, 0).pack('n', 0),
            'as LAB',
        ];
        yield 'too large' => [str_repeat('#', 600_000), 'larger than 500 kB'];
    }

    #[DataProvider('broken')]
    public function testWhatCannotBeReadSaysWhy(string $file, string $message): void
    {
        $this->expectException(BadPalette::class);
        $this->expectExceptionMessage($message);
        ReadPalette::of($file);
    }

    public function testPalettesAreMadeForDarkAndForLightGround(): void
    {
        foreach (['#0b0603', '#ffffff'] as $ground) {
            foreach ([['#d9752e'], ['#e3a033', '#54416b'], ['#b94b42', '#d9a03c', '#3f6390']] as $given) {
                $made = MadePalette::of($given, 6, $ground);
                self::assertCount(6, $made);
                self::assertSame($given, array_slice($made, 0, count($given)), 'what is given stays');
                self::assertSame([], ToldApart::alike($made), implode(' ', $made));
                foreach (array_slice($made, count($given)) as $colour) {
                    $far = Colour::hex($colour)->distanceTo(Colour::hex($ground));
                    self::assertGreaterThan(0.15, $far, $colour.' is not lost on '.$ground);
                }
            }
        }
    }
}
