<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Motion\Bezier;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;

/** Moves, changes and numbers over time as the desk shows them. */
final readonly class ToldMoves
{
    /** pieces that the course of a curve is shown in */
    private const COURSE = 80;

    /**
     * @param \Closure(int): string $timecode
     *
     * @return array<string, mixed>|null
     */
    public static function move(?TimedMove $move, \Closure $timecode): ?array
    {
        return $move === null
            ? null
            : [
                'id' => $move->moveId,
                'begin' => $move->begin,
                'beginText' => $timecode($move->begin),
                'frames' => $move->frames(),
                'pinnedTo' => $move->pinnedTo,
                'curve' => $move->pace->curve instanceof Bezier ? $move->pace->curve->numbers() : null,
                'curvePoints' => array_map(
                    static fn (int $step): float => round($move->pace->curve->at($step / self::COURSE), 4),
                    range(0, self::COURSE),
                ),
                'opens' => $move->opens,
                'manner' => $move->manner,
            ];
    }

    /**
     * @param list<array{TimedMove, Change}> $changes
     * @param \Closure(int): string $timecode
     *
     * @return list<array<string, mixed>>
     */
    public static function changes(array $changes, \Closure $timecode): array
    {
        return array_map(
            static fn (array $one): array => [
                ...self::move($one[0], $timecode) ?? [],
                'property' => $one[1]->property,
            ],
            $changes,
        );
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
