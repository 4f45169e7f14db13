<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Words;

use Lupine\Core\Piece\Fonts;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Tests\Sample;
use Lupine\Core\Words\FontPack;
use Lupine\Core\Words\NumberText;
use Lupine\Core\Words\TextSetter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TextSetterTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function fonts(): iterable
    {
        foreach (array_keys(Fonts::names()) as $font) {
            yield [$font];
        }
    }

    #[DataProvider('fonts')]
    public function testKernsWordsAndSetsNumbersInColumns(string $font): void
    {
        $setter = new TextSetter(Sample::fonts());
        $style = new TextStyle($font, 44, '#ffffff');
        $apart = $setter->run('A', $style)->width + $setter->run('V', $style)->width;
        self::assertLessThan($apart, $setter->run('AV', $style)->width, 'A and V stand closer together');
        $widths = array_map(static fn (string $number): float => $setter->run($number, $style, true)->width, [
            '111',
            '888',
            '147',
            '000',
        ]);
        self::assertCount(1, array_unique($widths), 'every figure is as wide as the next');
    }

    /** Greek, Cyrillic and Vietnamese have their signs from the fallback, in the size of the font around them. */
    #[DataProvider('fonts')]
    public function testSignsThatAFontHasNotAreLent(string $font): void
    {
        $setter = new TextSetter(Sample::fonts());
        self::assertSame([], $setter->missing('Επισκευή · Ремонт · Sửa chữa · Oprawa ½ €', $font));
        $letter = $setter->run('Ж', new TextStyle($font, 100, '#ffffff'))->width
            / FontPack::UNITS_PER_EM;
        self::assertEqualsWithDelta(0.9, $letter, 0.35, 'of the size of the text, whatever the units of its font');
    }

    public function testOldStyleFiguresCountInPlaceToo(): void
    {
        $setter = new TextSetter(Sample::fonts());
        foreach (Fonts::OLD_FIGURES as $font) {
            $plain = new TextStyle($font, 44, '#ffffff');
            $old = new TextStyle($font, 44, '#ffffff', hasOldFigures: true);
            $run = $setter->run('3 of 1,248', $old);
            self::assertSame('3 of 1,248', $run->text);
            self::assertNotSame(
                $setter->run('3', $plain)->glyphs[0]->outline,
                $run->glyphs[0]->outline,
                $font.' has another 3',
            );
            $widths = array_map(static fn (string $number): float => $setter->run($number, $old, true)->width, [
                '111',
                '394',
                '888',
            ]);
            self::assertCount(1, array_unique($widths), $font);
        }
    }

    public function testWrapsWithoutLosingAWord(): void
    {
        $setter = new TextSetter(Sample::fonts());
        $style = new TextStyle('figtree-regular', 44, '#ffffff');
        $text = 'Then lamps, and the coats nobody wanted to throw away, and a bicycle without a chain.';
        $lines = $setter->lines($text, $style, 500);

        self::assertSame($text, implode(' ', $lines));
        self::assertGreaterThan(2, count($lines));
        foreach ($lines as $line) {
            self::assertLessThanOrEqual(500, $setter->width($line, $style));
        }
        self::assertSame(['🫖'], $setter->missing('Tea 🫖', 'figtree-regular'));
    }

    /** @return iterable<array{float, int, string, string, string}> */
    public static function numbers(): iterable
    {
        yield [1248.0, 0, ',', '.', '1,248'];
        yield [1248.5, 1, '.', ',', '1.248,5'];
        yield [1234567.25, 2, ' ', ',', '1 234 567,25'];
        yield [999.0, 0, '’', '.', '999'];
        yield [41.0, 1, '', '.', '41.0'];
    }

    #[DataProvider('numbers')]
    public function testNumbersAreWrittenAsAsked(
        float $number,
        int $decimals,
        string $group,
        string $point,
        string $text,
    ): void {
        $settings = Group::of(ReadingSettings::class)->read(
            Field::root(['of' => 'value', 'group' => $group, 'point' => $point]),
        );

        self::assertSame(
            $text,
            preg_replace('/\x{2009}|\x{202F}|\x{00A0}/u', ' ', NumberText::of($number, $decimals, $settings)),
        );
    }
}
