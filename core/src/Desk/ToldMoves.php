<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Map;
use Lupine\Core\Motion\Bezier;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Piece;

/** Moves, changes and numbers over time as the desk shows them. */
final readonly class ToldMoves
{
    /** pieces that the course of a curve is shown in */
    private const COURSE = 80;

    /** @return \Closure(int): string how the frames of a piece are told */
    public static function timecode(Piece $piece): \Closure
    {
        $rate = FrameRate::ofStage($piece->stage);

        return static fn (int $frame): string => Timecode::atFrame($frame, $rate, $piece->stage->dropFrame)->toText();
    }

    /** @param \Closure(int): string $timecode */
    public static function move(TimedMove $move, \Closure $timecode): SheetMove
    {
        return new SheetMove(
            $move->moveId,
            $move->begin,
            $timecode($move->begin),
            $move->frames(),
            $move->pinnedTo,
            $move->pace->curve instanceof Bezier ? $move->pace->curve->numbers() : null,
            array_map(
                static fn (int $step): float => round($move->pace->curve->at($step / self::COURSE), 4),
                range(0, self::COURSE),
            ),
            $move->manner,
            $move->opens,
        );
    }

    /** @param \Closure(int): string $timecode */
    public static function moveIfAny(?TimedMove $move, \Closure $timecode): ?SheetMove
    {
        return $move === null ? null : self::move($move, $timecode);
    }

    /**
     * @param list<array{TimedMove, Change}> $changes
     * @param \Closure(int): string $timecode
     *
     * @return list<SheetChange>
     */
    public static function changes(array $changes, \Closure $timecode): array
    {
        return array_map(
            static fn (array $one): SheetChange => new SheetChange(
                self::move($one[0], $timecode),
                $one[1]->property,
            ),
            $changes,
        );
    }

    /**
     * @param array<string, KeyedNumber> $keyed by property
     *
     * @return Map<list<array{int, float}>>
     */
    public static function keyed(array $keyed, int $frames): Map
    {
        return new Map(array_map(
            static fn (KeyedNumber $number): array => self::course($number, $frames),
            $keyed,
        ));
    }

    /**
     * A number over time, straight between its points.
     *
     * @return list<array{int, float}> frame and value
     */
    public static function course(KeyedNumber $number, int $frames): array
    {
        $points = [[0, round($number->at(0), 4)]];
        foreach ($number->changes(FrameRange::within($frames)) as $frame) {
            $points[] = [$frame, round($number->at($frame), 4)];
        }

        return $points;
    }

    public static function plain(float $number, int $decimals): string
    {
        $text = number_format($number, $decimals);

        return str_contains($text, '.') && $decimals > 4 ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
