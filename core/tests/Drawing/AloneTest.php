<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A still shows what its film shows: a frame that is drawn alone is the one that is drawn among all. */
final class AloneTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function starters(): iterable
    {
        foreach (glob(__DIR__.'/../../../demo/starters/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('starters')]
    public function testAFrameIsTheSameAloneAndAmongAll(string $file): void
    {
        $document = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
        $piece = Sample::arrange()->piece(Piece::fromDocument($document, Forms::shipped()));
        $draw = Sample::drawPiece();
        $all = $draw->draw($piece);
        $last = $piece->stage->frames - 1;
        foreach ([38, 0.62 * $last, $last] as $frame) {
            $frame = (int) $frame;
            self::assertSame(
                self::plain(Svg::ofFrame($all, $frame)),
                self::plain(Svg::ofFrame($draw->draw($piece, $frame, $frame), $frame)),
                "frame $frame",
            );
        }
    }

    /** Without groups that neither say nor move anything. */
    private static function plain(string $svg): string
    {
        $still = ' transform="translate(0 0) rotate(0) scale(1) translate(0 0)"';

        return (string) preg_replace('~\s*(?:\n\s*|</?g>\s*)+~', "\n", str_replace($still, '', $svg));
    }
}
