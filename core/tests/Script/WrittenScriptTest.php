<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Script\Beats;
use Lupine\Core\Script\ScriptAgain;
use Lupine\Core\Script\UnreadableScript;
use Lupine\Core\Script\WrittenLine;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class WrittenScriptTest extends TestCase
{
    /** webvtt-parser 2.2, the parser of an editor of the specification, on files as that describes them. */
    public function testWebVttIsReadAsItsParserReadsIt(): void
    {
        $file = __DIR__.'/../outside/webvtt-parser.json';
        foreach (json_decode((string) file_get_contents($file), true) as ['file' => $text, 'cues' => $cues]) {
            $script = WrittenScript::read($text);
            self::assertSame('WebVTT', $script->kind);
            self::assertSame([], preg_grep('/^\d+ cues? (was|were) /', $script->remarks), 'no cue is left out');
            self::assertCount(count($cues), $script->lines);
            foreach ($cues as $index => $cue) {
                $line = $script->lines[$index];
                self::assertSame([$cue['begin'] * 1000.0, $cue['end'] * 1000.0], [$line->begin, $line->end]);
                self::assertSame(array_column($cue['words'], 'text'), Beats::split($line->text));
                foreach ($cue['words'] as $place => $word) {
                    if ($word['at'] !== null) {
                        self::assertSame($word['at'] * 1000.0, $line->words[$place]);
                    }
                }
            }
        }
    }

    /** SubRip has no specification; this is how it is commonly written (common practice, no source). */
    public function testSubRipIsRead(): void
    {
        $script = WrittenScript::read(
            "1\n00:00:01,000 --> 00:00:03,500\n<i>Four in ten</i>\nwere kettles.\n\n2\n00:01:02,040 --> 00:01:04,000\n"
            ."Lamps &amp; coats\n\n3\n00:00:09,000 --> 00:00:08,000\nbackwards\n",
        );
        self::assertSame('SubRip', $script->kind);
        self::assertEquals(
            [
                new WrittenLine("Four in ten\nwere kettles.", 1000, 3500),
                new WrittenLine('Lamps & coats', 62_040, 64_000),
            ],
            $script->lines,
        );
        self::assertStringContainsString('1 cue was skipped', $script->remarks[0]);
    }

    public function testWhatIsNotUsedOfAFileIsSaid(): void
    {
        $script = WrittenScript::read(
            "WEBVTT\n\nNOTE by hand\n\nSTYLE\n::cue {}\n\n00:01.000 --> 00:02.000 line:0 align:start\n<v Ada>Kettles</v>\n\n"
            ."00:02.000 --> 00:03.000\n<b></b>\n\n00:03.000 --> 00:04.000\n".str_repeat('mended ', 100),
        );
        self::assertSame(
            [
                '1 cue was skipped: there are no words in it.',
                '2 blocks were skipped: notes, styles or text without times.',
                '1 cue has a place on the screen, which is not used: captions have their own.',
                '1 cue has bold, italic, colours or speakers’ names, which are not used.',
                '1 cue was cut at 600 characters, the limit of a line.',
            ],
            $script->remarks,
        );
    }

    public function testBreaksStayWhereTheTextIsReadAgain(): void
    {
        $piece = Sample::piece(changes: ['script' => ['lines' => [
            ['id' => 'l1', 'text' => "Four in ten\nwere kettles.", 'begin' => 0, 'end' => 60],
        ]]]);
        $again = ScriptAgain::of($piece, WrittenScript::read('Four in ten were kettles.'));
        self::assertSame("Four in ten\nwere kettles.", $again->lines[0]['text']);
        $again = ScriptAgain::of($piece, WrittenScript::read('Four in ten were lamps.'));
        self::assertSame('Four in ten were lamps.', $again->lines[0]['text']);
    }

    public function testATextBecomesALineASentence(): void
    {
        $script = WrittenScript::read(
            "Four in ten were kettles. Then lamps, approx. 2.5 kg each, and “coats.” The rest?\r\n\r\nBikes and toys",
        );
        self::assertSame(
            [
                'Four in ten were kettles.',
                'Then lamps, approx. 2.5 kg each, and “coats.”',
                'The rest?',
                'Bikes and toys',
            ],
            array_map(static fn (WrittenLine $line): string => $line->text, $script->lines),
        );
        foreach (WrittenScript::read(str_repeat('on and on and on, ', 90))->lines as $line) {
            self::assertLessThanOrEqual(600, mb_strlen($line->text), 'a sentence without an end is cut at its commas');
        }
        $this->expectException(UnreadableScript::class);
        WrittenScript::read(" \n \n");
    }

    public function testAnotherTextKeepsWhatItHasInCommon(): void
    {
        $piece = Sample::piece(changes: ['script.lines' => [
            ['id' => 'l1', 'text' => 'Four in ten were kettles.', 'begin' => 30, 'end' => 90],
            ['id' => 'l2', 'text' => 'Then lamps, and coats.', 'begin' => 100, 'end' => 150],
        ]]);
        $again = ScriptAgain::of($piece, WrittenScript::read(
            "Last year was busy.\nFour in ten were kettles. Then lights, and coats and hats.",
        ));
        self::assertSame(['line1', 'l1', 'l2'], array_column($again->lines, 'id'), 'a line keeps its name');
        $moved = $again->moved;
        self::assertSame(['line' => 'l1', 'word' => 4], $moved['l1:4']);
        self::assertSame(['line' => 'l2', 'word' => 3], $moved['l2:3'], '“coats.” is “coats” all the same');
        self::assertArrayNotHasKey('l2:1', $moved, '“lamps” is gone');
        $kin = $again->kin['l2:1'];
        self::assertSame(['line' => 'l2', 'word' => 1, 'text' => 'lights,'], $kin[0], 'what stands in its place is offered');
        self::assertSame(['Last year was busy.', 'lights,', 'and hats.'], $again->added);
        self::assertSame(['lamps,'], $again->gone);
    }
}
