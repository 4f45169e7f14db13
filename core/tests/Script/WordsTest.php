<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Script\Beats;
use PHPUnit\Framework\TestCase;

/** The desk divides lines into words too, as somebody types: the same cases are tried in web/piece/changes.test.ts. */
final class WordsTest extends TestCase
{
    public function testALineIsDividedIntoWordsAtEverySpaceThereIs(): void
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/words.json')) as [$text, $words]) {
            self::assertSame($words, Beats::split($text), json_encode($text) ?: '');
        }
    }
}
