<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\Departures;
use Lupine\Core\Script\HeardPlaces;
use Lupine\Core\Script\SpokenWord;
use Lupine\Core\Script\UnreadNumbers;
use Lupine\Core\Spoken\SaidFigure;
use Lupine\Core\Spoken\SaidFigures;
use Lupine\Core\Story\ChartTiming;

/** Time down the page: the words of the lines with their frames, each second, and which figures are meant. */
final readonly class ScriptSheet
{
    /**
     * Time down the page: the words of the lines with their frames, and each second as it is numbered.
     *
     * @return array{
     *     lines: array<string, list<SheetWord>>,
     *     heard: array<string, array<string, list<int|null>>>,
     *     departures: list<Departure>,
     *     length: string,
     *     seconds: list<array{int, string, int}>
     * } seconds: first frame, timecode without the frames, number of its first frame
     */
    public static function script(Piece $piece): array
    {
        $rate = FrameRate::ofStage($piece->stage);

        return [
            'lines' => self::lines($piece),
            'heard' => HeardPlaces::of($piece),
            'departures' => Departures::of($piece),
            'length' => Timecode::atFrame($piece->stage->frames, $rate, $piece->stage->dropFrame)->toText(),
            'seconds' => self::seconds($piece, $rate),
        ];
    }

    /** @return list<array{int, string, int}> */
    private static function seconds(Piece $piece, FrameRate $rate): array
    {
        $seconds = [];
        for ($second = 0;; ++$second) {
            $first = Timecode::atSecond($second, $rate, $piece->stage->dropFrame);
            if ($first->frame > $piece->stage->frames) {
                return $seconds;
            }
            $text = $first->toText();
            $seconds[] = [$first->frame, substr($text, 0, 8), (int) substr($text, 9)];
        }
    }

    /**
     * The words of each line, by line id.
     *
     * @return array<string, list<SheetWord>>
     */
    private static function lines(Piece $piece): array
    {
        $beats = new Beats($piece);
        $lines = [];
        foreach ($piece->narration->lines as $line) {
            $words = $beats->words($line);
            $unread = array_flip(UnreadNumbers::in(array_column($words, 'text')));
            $lines[$line->id] = array_map(
                static fn (SpokenWord $word, int $place): SheetWord => new SheetWord(
                    $word->text,
                    $word->frame,
                    $word->sure,
                    $word->isDoubtful(),
                    $word->isByHand,
                    $word->found,
                    $word->isUnsaid,
                    isset($unread[$place]),
                ),
                $words,
                array_keys($words),
            );
        }

        return $lines;
    }

    /**
     * Which figures the words of the script mean.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<SaidFigure>
     */
    public static function said(Piece $piece, array $timings): array
    {
        return SaidFigures::of($piece, array_map(
            static fn (ChartTiming $timing): \Closure => $timing->story->shownFigures(...),
            $timings,
        ));
    }
}
