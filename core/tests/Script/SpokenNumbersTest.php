<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Script\Beats;
use Lupine\Core\Script\SpokenNumber;
use Lupine\Core\Script\SpokenNumbers;
use PHPUnit\Framework\TestCase;

final class SpokenNumbersTest extends TestCase
{
    /** phrases.tsv beside this file: what is said, of what kind it is, and what it is (common practice, no source). */
    public function testWhatNarratorsSayIsUnderstood(): void
    {
        $rows = file(__DIR__.'/phrases.tsv', FILE_IGNORE_NEW_LINES);
        self::assertGreaterThan(200, count($rows));
        foreach ($rows as $row) {
            [$text, $kind, $value] = explode("\t", $row);
            foreach ([[$text, 0], ['They say '.$text.', no more.', 2]] as [$said, $before]) {
                $found = SpokenNumbers::in(Beats::split($said));
                $told = array_map(static fn (SpokenNumber $one): string => $one->kind.' '.$one->value, $found);
                self::assertCount($kind === '' ? 0 : 1, $found, $said.': '.implode(', ', $told));
                if ($kind !== '') {
                    self::assertSame($kind, $found[0]->kind, $said);
                    self::assertEqualsWithDelta((float) $value, $found[0]->value, 1e-9 * max(1, (float) $value), $said);
                    self::assertGreaterThanOrEqual($before, $found[0]->from, $said);
                    self::assertLessThanOrEqual($before + count(Beats::split($text)), $found[0]->to, $said);
                }
            }
        }
    }

    /** number-to-words 1.2, which says numbers its own way: “one thousand, two hundred forty-eight”. */
    public function testNumbersOfEveryLengthAreUnderstood(): void
    {
        $known = json_decode((string) file_get_contents(__DIR__.'/../outside/number-to-words.json'), true);
        self::assertGreaterThan(60, count($known));
        foreach ($known as ['value' => $value, 'text' => $text]) {
            $found = SpokenNumbers::in(Beats::split($text.' things'));
            self::assertCount(1, $found, $text);
            self::assertSame((float) $value, $found[0]->value, $text);
        }
    }

    public function testEveryNumberOfALineIsUnderstoodAndNothingElse(): void
    {
        $numbers = json_decode((string) file_get_contents(__DIR__.'/../outside/number-to-words.json'), true);
        for ($seed = 1; $seed <= 1500; ++$seed) {
            $line = new SaidLine($seed, $numbers);
            $found = array_map(
                static fn (SpokenNumber $one): array => [$one->kind, round($one->value, 9)],
                SpokenNumbers::in(Beats::split($line->text)),
            );
            $told = array_map(static fn (array $one): array => [$one[0], round($one[1], 9)], $line->told);
            self::assertSame($told, $found, $line->text);
        }
    }

    public function testSeveralInALineAreToldApart(): void
    {
        $line = Beats::split('Four in ten were kettles, 23 per cent lamps, and half of the rest (about 220) was clothing.');
        self::assertSame(
            [
                ['share', 0.4, 0, 3],
                ['share', 0.23, 5, 8],
                ['share of the rest', 0.5, 10, 14],
                ['amount', 220.0, 15, 16],
            ],
            array_map(
                static fn (SpokenNumber $one): array => [$one->kind, $one->value, $one->from, $one->to],
                SpokenNumbers::in($line),
            ),
        );
        [$exact, $rough] = [SpokenNumbers::in(['41%'])[0], SpokenNumbers::in(['about', '41%'])[0]];
        self::assertSame(3.0, $rough->tolerance / $exact->tolerance, 'what is said to be rough can be farther off');
    }
}
