<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\FigureNow;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Story\ChartTiming;

/** What each figure is in the film: on every frame, or once for as long as all of them stand still. */
final readonly class FrameValues
{
    /** figures times frames that are looked at */
    public const MOST = 250_000;

    /** seconds from which on standing still is a hold (taste) */
    public const HOLD = 0.5;

    private const HEADS = [
        'First frame', 'Last frame', 'Starts', 'Seconds', 'Chart', 'Figure', 'Value', 'Reading', 'Share', 'Measured',
    ];

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param bool $isOfHolds where the figures stand still alone; else on every frame
     *
     * @throws BadPiece where there is too much to look at
     */
    public static function of(Piece $piece, array $timings, bool $isOfHolds): Table
    {
        $clock = new Clockwork($piece);
        $names = [];
        foreach ($piece->charts as $chart) {
            $names[$chart->id] = Markers::named($piece, $chart);
        }
        $table = [];
        foreach (self::spans($piece, $timings, $isOfHolds) as [$first, $last, $now]) {
            foreach ($now as $chart => $all) {
                foreach ($all as $figure => $its) {
                    $table[] = [
                        $first,
                        $last,
                        $clock->timecode($first),
                        $clock->seconds($first),
                        $names[$chart],
                        $timings[$chart]->figure((string) $figure)->fullLabel(),
                        $its->value,
                        $its->reading,
                        $its->share,
                        $its->measured,
                    ];
                }
            }
        }

        return new Table(self::HEADS, $table);
    }

    /**
     * The frames on which all figures stand still for a while, and something of them is there.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array{int, int}> first and last
     *
     * @throws BadPiece where there is too much to look at
     */
    public static function holds(Piece $piece, array $timings): array
    {
        return array_map(
            static fn (array $span): array => [$span[0], $span[1]],
            self::spans($piece, $timings, true),
        );
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array{int, int, array<string, array<string, FigureNow>>}> first and last frame, and what is on them
     */
    private static function spans(Piece $piece, array $timings, bool $isOfHolds): array
    {
        $figures = array_sum(array_map(
            static fn (ChartTiming $timing): int => count($timing->figures()->list),
            $timings,
        ));
        $rows = $figures * $piece->stage->frames;
        if ($rows > self::MOST) {
            throw new BadPiece(sprintf(
                '%s figures on %s frames are %s values; at most %s are looked at. Shorten the piece, or show fewer figures.',
                number_format($figures),
                number_format($piece->stage->frames),
                number_format($rows),
                number_format(self::MOST),
            ), 'values');
        }
        $frames = $piece->stage->frames;
        $least = self::HOLD * $piece->stage->rateNumerator / $piece->stage->rateDenominator;
        $spans = [];
        $begin = 0;
        $before = ChartSheet::at($timings, 0);
        $said = json_encode($before);
        for ($frame = 1; $frame <= $frames; ++$frame) {
            $now = $frame < $frames ? ChartSheet::at($timings, $frame) : null;
            if ($isOfHolds && $now !== null && json_encode($now) === $said) {
                continue;
            }
            if (!$isOfHolds || ($frame - $begin >= $least && self::isSeen($timings, $begin))) {
                $spans[] = [$begin, $frame - 1, $before];
            }
            [$begin, $before, $said] = [$frame, $now ?? $before, json_encode($now)];
        }

        return $spans;
    }

    /** @param array<string, ChartTiming> $timings by chart id */
    private static function isSeen(array $timings, int $frame): bool
    {
        foreach ($timings as $timing) {
            foreach ($timing->moves as $moves) {
                if ($moves->amountAt($frame) > 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
