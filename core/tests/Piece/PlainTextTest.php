<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Piece;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\PlainText;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlainTextTest extends TestCase
{
    /** Every code point, against libxml, which is another project's reader of XML. */
    public function testRefusesWhatXmlCannotHoldAndNothingElse(): void
    {
        foreach (
            [...range(0, 0x2FF), ...range(0xD7F0, 0xD7FF), ...range(0xE000, 0xE010), ...range(0xFFF0, 0x10010)] as $code
        ) {
            $sign = mb_chr($code, 'UTF-8');
            if ($sign === false || in_array($code, [0x26, 0x3C], true)) {
                continue;
            }
            $isXml = @simplexml_load_string('<a>'.$sign.'</a>') !== false;
            self::assertSame($isXml, PlainText::unwritableIn($sign) === null, sprintf('U+%04X', $code));
        }
    }

    public function testNamesTheSignAndLeavesItOut(): void
    {
        self::assertSame('the character U+FFFE', PlainText::unwritableIn("a\u{FFFE}b\u{1}"));
        self::assertSame('bytes that are not UTF-8', PlainText::unwritableIn("a\xC3"));
        self::assertSame('ab', PlainText::writable("a\u{FFFE}b\u{1}"));
        self::assertSame('Café', PlainText::writable("Caf\xE9"));
    }

    /** @return iterable<string, array{string, mixed}> */
    public static function wrong(): iterable
    {
        yield 'a colour with a line break' => ['charts.0.finish.swatches.0', "#4fb286\n"];
        yield 'an id with a line break' => ['charts.0.id', "chart1\n"];
        yield 'a sign that no SVG can hold' => ['tables.0.rows.0.label', "Kettles\u{1}"];
        yield 'a list where a text belongs' => ['title', ['x']];
        yield 'a frame that no piece has' => ['charts.0.entrance.begin', PHP_INT_MAX];
    }

    #[DataProvider('wrong')]
    public function testAPieceIsRefusedWithItsPlace(string $path, mixed $value): void
    {
        try {
            Sample::piece(changes: [$path => $value]);
            self::fail('This was accepted.');
        } catch (BadPiece $reason) {
            self::assertSame($path, $reason->where);
        }
    }
}
