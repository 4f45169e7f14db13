<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Papers;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Cue;
use Lupine\Core\Papers\SubRip;
use Lupine\Core\Papers\Subtitles;
use Lupine\Core\Papers\WebVtt;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/**
 * WebVTT is checked against “WebVTT: The Web Video Text Tracks Format” (W3C); both files against ffmpeg, which reads
 * them by code of its own. SRT has no standard.
 */
final class SubtitlesTest extends TestCase
{
    private const LONG = 'Most of what came through our door last year was small: kettles, toasters and lamps, and nearly '
        .'three in four of them went home working.';

    public function testBothFilesSayTheSameToFfmpeg(): void
    {
        $piece = self::piece([['Tea & <biscuits> --> “free”', 10, 60], [self::LONG, 60, 240]], [30_000, 1001]);
        $cues = Subtitles::lines($piece);
        $srt = self::readByFfmpeg(SubRip::of($cues), 'srt');
        $vtt = self::readByFfmpeg(WebVtt::of($cues), 'vtt');
        self::assertCount(count($cues), $srt);
        self::assertSame(array_column($srt, 0), array_column($vtt, 0));
        foreach ($cues as $place => $cue) {
            self::assertSame([$cue->from, $cue->to], $srt[$place][0]);
        }
        // 10 and 60 frames at 30000/1001 a second.
        self::assertSame([334, 2002], $srt[0][0]);
        self::assertSame('Tea & <biscuits> --> “free”', html_entity_decode($vtt[0][1]));
    }

    public function testALongLineBecomesSeveralThatCanBeReadEachFromItsOwnWordOn(): void
    {
        $cues = Subtitles::lines(self::piece([[self::LONG, 30, 300]]));
        self::assertGreaterThan(1, count($cues));
        self::assertSame(self::LONG, implode(' ', array_map(
            static fn (Cue $cue): string => implode(' ', $cue->lines),
            $cues,
        )));
        self::assertSame([1000, 10_000], [$cues[0]->from, $cues[count($cues) - 1]->to]);
        foreach ($cues as $place => $cue) {
            self::assertLessThanOrEqual(Subtitles::HIGH, count($cue->lines));
            foreach ($cue->lines as $line) {
                self::assertLessThanOrEqual(Subtitles::WIDE, mb_strlen($line));
            }
            self::assertSame($cue->to, $cues[$place + 1]->from ?? 10_000);
            self::assertSame($cue->from, $place === 0 ? 1000 : $cue->words[0][0]);
        }
        // It breaks after a comma where one is near the middle.
        self::assertStringEndsWith(',', $cues[0]->lines[count($cues[0]->lines) - 1]);
    }

    public function testSubtitlesOfARangeAreCountedFromItsBeginning(): void
    {
        $piece = self::piece([['One', 0, 30], ['Two', 30, 90], ['Three', 90, 120]]);
        $cues = Subtitles::lines($piece, FrameRange::within(240, 60, 104));
        self::assertSame(
            [[0, 1000, ['Two']], [1000, 1500, ['Three']]],
            array_map(static fn (Cue $cue): array => [$cue->from, $cue->to, $cue->lines], $cues),
        );
    }

    public function testLinesThatOverlapFollowEachOther(): void
    {
        $cues = Subtitles::lines(self::piece([['Two', 30, 90], ['One', 0, 45]]));
        self::assertSame(['One', 'Two'], array_map(static fn (Cue $cue): string => $cue->lines[0], $cues));
        self::assertSame([1000, 1000], [$cues[0]->to, $cues[1]->from]);
    }

    public function testEachWordHasItsOwnTime(): void
    {
        $piece = self::piece([['One two three', 0, 90]]);
        $words = Subtitles::words($piece);
        self::assertSame([['One'], ['two'], ['three']], array_map(static fn (Cue $cue): array => $cue->lines, $words));
        self::assertSame(3000, $words[2]->to);
        // Within a cue each time is after its beginning and after the one before it (W3C, “WebVTT cue timestamp”).
        $text = WebVtt::of(Subtitles::lines($piece), true);
        [, $two, $three] = array_map(static fn (Cue $cue): string => self::time($cue->from), $words);
        self::assertStringContainsString("One <$two>two <$three>three", $text);
        self::assertStringStartsWith("WEBVTT\n\n1\n00:00:00.000 --> 00:00:03.000\n", $text);
        self::assertSame("WEBVTT\n\n", WebVtt::of([]));
    }

    /**
     * @param list<array{string, int, int}> $lines
     * @param array{int, int} $rate
     */
    private static function piece(array $lines, array $rate = [30, 1]): Piece
    {
        return Sample::piece(changes: [
            'stage.frames' => 300,
            'stage.rate' => $rate,
            'script.lines' => array_map(static fn (array $line, int $place): array => [
                'id' => 'l'.$place, 'text' => $line[0], 'begin' => $line[1], 'end' => $line[2],
            ], $lines, array_keys($lines)),
        ]);
    }

    private static function time(int $milliseconds): string
    {
        return sprintf('00:00:%02d.%03d', intdiv($milliseconds, 1000), $milliseconds % 1000);
    }

    /** @return list<array{array{int, int}, string}> begin, end and text */
    private static function readByFfmpeg(string $content, string $ending): array
    {
        $file = tempnam(sys_get_temp_dir(), 'cues').'.'.$ending;
        file_put_contents($file, $content);
        $said = (string) shell_exec('ffmpeg -v error -i '.escapeshellarg($file).' -f srt -');
        unlink($file);
        preg_match_all('/^(\S+) --> (\S+)$\n((?:.+\n?)+)/m', str_replace("\r", '', $said), $found, PREG_SET_ORDER);
        $at = static function (string $time): int {
            [$hours, $minutes, $seconds, $rest] = array_map(intval(...), preg_split('/[:,]/', $time) ?: []);

            return (($hours * 60 + $minutes) * 60 + $seconds) * 1000 + $rest;
        };

        return array_map(static fn (array $one): array => [
            [$at($one[1]), $at($one[2])],
            trim($one[3]),
        ], $found);
    }
}
