<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Kit;

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Legibility\Legibility;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every kit on every form: no words cut, over others, off the stage or under contrast, on any frame of the entrance, by
 * proof's own checks. Shapes of the stage and numbers of parts take turns, so that all of them meet every kit and every
 * form; `bin/test --long` tries all of them with each other.
 */
final class KitsEverywhereTest extends TestCase
{
    private const SHAPES = [null, 'upright', 'square'];
    private const PARTS = [2, 5, 12];

    /** what is looked for among what proof says */
    private const FAULTS = '/is cut off|overlap|leaves the stage|off the stage|too little contrast|cannot be drawn/';

    private static ?DrawPiece $draw = null;

    /** @return iterable<string, array{string}> */
    public static function kits(): iterable
    {
        foreach (Kits::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('kits')]
    public function testWordsAreReadOnEveryForm(string $name): void
    {
        $kit = Kits::kit($name);
        $turn = (int) array_search($name, Kits::names(), true);
        $faults = [];
        foreach (Forms::shipped()->names() as $place => $form) {
            foreach (self::turns($turn, $place) as [$parts, $shape]) {
                // Twelve rings leave each other no room for words beside their ends: proof says so, and it is known.
                $parts = $form === 'rings' ? min(5, $parts) : $parts;
                $document = Kits::dressed(Kits::piece($form, $parts), $kit);
                foreach (self::faults($document, $shape) as $fault) {
                    $faults[] = sprintf('%s, %d parts, %s: %s', $form, $parts, $shape ?? 'wide', $fault);
                }
            }
        }
        self::assertSame([], $faults);
    }

    /** @return list<array{int, string|null}> numbers of parts and shapes: one of each, or with bin/test --long all */
    private static function turns(int $kit, int $form): array
    {
        if (Rounds::of(1, 9) === 1) {
            return [[self::PARTS[($kit + $form) % 3], self::SHAPES[($kit + intdiv($form, 3) + $form) % 3]]];
        }
        $all = [];
        foreach (self::PARTS as $parts) {
            foreach (self::SHAPES as $shape) {
                $all[] = [$parts, $shape];
            }
        }

        return $all;
    }

    /** @return list<string> */
    private static function faults(\stdClass $document, ?string $shape): array
    {
        $draw = self::$draw ??= Sample::drawPiece();
        $arrange = new Arrange($draw->timings, $draw->setter);
        $piece = $arrange->piece(Piece::fromDocument($document, Forms::shipped()), $shape);
        $reel = WriteReel::of($draw->draw($piece));
        $checks = (new Legibility($piece, $reel, $draw->timings->of($piece), $draw->setter))->checks();

        return array_values(array_map(
            static fn (Check $check): string => $check->message,
            array_filter(
                $checks,
                static fn (Check $check): bool => !$check->ok && preg_match(self::FAULTS, $check->message) === 1,
            ),
        ));
    }
}
