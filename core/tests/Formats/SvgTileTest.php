<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Formats\BadTile;
use Lupine\Core\Formats\SvgTile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What shapes become is compared with how Chromium draws them, in e2e/coats.spec.ts. */
final class SvgTileTest extends TestCase
{
    public function testADrawingLiesWholeInTheMiddleOfItsSquare(): void
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="10 10 40 20"><path d="M10 10H50V30H10Z"/></svg>';
        self::assertSame('M0 25L100 25L100 75L0 75L0 25Z', SvgTile::read($svg, 'flag.svg'));
    }

    public function testAStyleSheetAndADocumentTypeAreReadAsExportersWriteThem(): void
    {
        $type = '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd">';
        $svg = $type.'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10">'
            .'<defs><style>.a,.b{fill:#123}.b{fill:none;stroke:#000}</style></defs>'
            .'<path class="a" d="M0 0H5V10H0Z"/><path class="b" fill="#fff" d="M5 0H10V10H5Z"/></svg>';
        self::assertSame('M0 0L50 0L50 100L0 100L0 0Z', SvgTile::read($svg, 'flag.svg'));
    }

    /** @return iterable<string, array{string, string}> what is drawn, and what is said of it */
    public static function bad(): iterable
    {
        $svg = static fn (string $within, string $size = 'viewBox="0 0 9 9"'): string => sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" %s>%s</svg>',
            $size,
            $within,
        );

        yield 'no SVG' => ['<p>Kettle</p>', 'is not an SVG'];
        yield 'nothing' => ['', 'is not an SVG'];
        $entity = '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg>&a;</svg>';
        yield 'entities' => [$entity, 'is not an SVG'];
        yield 'no size' => [$svg('<circle r="2"/>', ''), 'Give it a viewBox'];
        yield 'no shapes' => [$svg('<g><title>Kettle</title></g>'), 'has no filled shapes'];
        yield 'a hidden one' => [$svg('<g display="none"><circle r="2"/></g>'), 'has no filled shapes'];
        yield 'strokes' => [$svg('<g fill="none" stroke="#000"><circle r="2"/></g>'), 'Turn its strokes into shapes'];
        yield 'text' => [$svg('<circle r="2"/><text>Mended</text>'), 'has text. Turn it into paths'];
        yield 'a use' => [$svg('<circle id="a" r="2"/><use href="#a"/>'), 'has a reused shape'];
        yield 'a mask' => [$svg('<circle r="2" mask="url(#m)"/>'), 'has a clip or a mask'];
        yield 'another drawing' => [$svg('<svg x="3"><circle r="2"/></svg>'), 'has a drawing within it'];
        yield 'a page' => [$svg('<circle r="2"/>', 'width="100%" height="100%"'), 'Give it a viewBox'];
        yield 'far away' => [$svg('<path d="M0 0L99999 0L0 9Z"/>'), 'too far beyond its viewBox'];
        yield 'half a curve' => [$svg('<path d="M0 0C1 1 2"/>'), 'too few numbers'];
        $points = implode(' ', array_map(static fn (int $at): string => ($at % 97).'.13 '.($at % 89), range(1, 2100)));
        yield 'too much' => [$svg('<polygon points="'.$points.'"/>'), 'too many points'];
    }

    #[DataProvider('bad')]
    public function testWhatCannotBeATileSaysWhyAndWhatHelps(string $svg, string $said): void
    {
        try {
            SvgTile::read($svg, 'kettle.svg');
            self::fail('It was taken.');
        } catch (BadTile $error) {
            self::assertStringContainsString($said, $error->getMessage());
            self::assertStringStartsWith('“kettle.svg”', $error->getMessage());
        }
    }
}
