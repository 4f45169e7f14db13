<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\Pin;
use Lupine\Core\Script\Beats;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class BeatsTest extends TestCase
{
    private const LINES = [
        'script.lines' => [['id' => 'l1', 'text' => '  “Four in ten”  were kettles. ', 'begin' => 30, 'end' => 90]],
    ];

    public function testWordsShareTheTimeOfTheirLineByTheirLetters(): void
    {
        $piece = Sample::piece(changes: self::LINES);
        $words = (new Beats($piece))->words($piece->narration->lines[0]);

        self::assertSame(
            ['“Four', 'in', 'ten”', 'were', 'kettles.'],
            array_column(array_map(static fn ($word): array => ['text' => $word->text], $words), 'text'),
        );
        $frames = array_map(static fn ($word): int => $word->frame, $words);
        self::assertSame(30, $frames[0]);
        $sorted = $frames;
        sort($sorted);
        self::assertSame($sorted, $frames);
        self::assertLessThan(90, $frames[4]);
        // Letters before “ten”: 5 + 1 and 2 + 1 of 28 in all; 60 frames.
        self::assertSame(30 + intdiv(60 * 9, 28), $frames[2]);
    }

    public function testAPinIsAWordWithAnOffset(): void
    {
        $beats = new Beats(Sample::piece(changes: self::LINES));
        $pin = static fn (array $fields): Pin => Pin::read(Field::root(['line' => 'l1', ...$fields])) ??
            throw new \LogicException();

        self::assertSame(30 + intdiv(60 * 9, 28) - 3, $beats->frameOf($pin(['word' => 2, 'offset' => -3])));
        self::assertSame(30, $beats->frameOf($pin(['word' => null])));
        self::assertSame(
            0,
            $beats->frameOf($pin(['word' => null, 'offset' => -500])),
            'nothing begins before the piece',
        );
        self::assertNull($beats->frameOf($pin(['word' => 9])), 'there is no such word');
        self::assertNull($beats->frameOf($pin(['line' => 'gone'])));
        self::assertSame('ten', $beats->named($pin(['word' => 2])), 'shown without its punctuation');
        self::assertStringStartsWith('“Four in ten', $beats->named($pin(['word' => null])));
    }
}
