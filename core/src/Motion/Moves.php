<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Problem;
use Lupine\Core\Script\Beats;

/** All moves of a piece in whole frames: a figure's own move where it has one, else its chart's order. */
final readonly class Moves
{
    public function __construct(private Piece $piece, private Beats $beats)
    {
    }

    /** @return array<string, FigureMoves> by figure id */
    public function ofChart(Chart $chart, Figures $figures): array
    {
        $moves = [];
        foreach ($figures->ordered($chart->form->order) as $place => $figure) {
            $moves[$figure->id] = new FigureMoves(
                $this->own('entrance', $chart->id, $figure->id) ?? self::inOrder('entrance', $chart->entrance, $place),
                $this->own('exit', $chart->id, $figure->id) ?? self::inOrder('exit', $chart->exit, $place),
            );
        }

        return $moves;
    }

    public function ofWords(string $wordsId): FigureMoves
    {
        return new FigureMoves($this->ownWords('entrance', $wordsId), $this->ownWords('exit', $wordsId));
    }

    /** @return list<Problem> pins to lines or words that are no longer there, moves that run past the end */
    public function problems(): array
    {
        $problems = [];
        foreach ($this->piece->moves as $move) {
            if ($move->pin !== null && $this->beats->frameOf($move->pin) === null) {
                $problems[] = Problem::notice(
                    'loose-pin',
                    'moves.'.$move->id,
                    sprintf(
                        'A move was pinned to words that are no longer in the script; it now begins on frame %d.',
                        $move->begin,
                    ),
                    $move->figure,
                );
            } elseif ($this->timed($move)->begin >= $this->piece->stage->frames) {
                $problems[] = Problem::notice(
                    'late-move',
                    'moves.'.$move->id,
                    sprintf('A move begins on frame %d, after the end of the piece.', $this->timed($move)->begin),
                    $move->figure,
                );
            }
        }

        return $problems;
    }

    private function own(string $kind, string $chartId, string $figureId): ?TimedMove
    {
        foreach ($this->piece->moves as $move) {
            if ($move->kind === $kind && $move->chart === $chartId && $move->figure === $figureId) {
                return $this->timed($move);
            }
        }

        return null;
    }

    private function ownWords(string $kind, string $wordsId): ?TimedMove
    {
        foreach ($this->piece->moves as $move) {
            if ($move->kind === $kind && $move->words === $wordsId) {
                return $this->timed($move);
            }
        }

        return null;
    }

    private function timed(Move $move): TimedMove
    {
        $beat = $move->pin === null ? null : $this->beats->frameOf($move->pin);

        return new TimedMove(
            $move->kind,
            max(0, $beat ?? $move->begin),
            $move->frames,
            Curve::ofSettings($move->curve),
            $move->opens,
            $move->id,
            $move->pin === null || $beat === null ? null : $this->beats->named($move->pin),
        );
    }

    private static function inOrder(string $kind, ?ChartMotion $motion, int $place): ?TimedMove
    {
        if ($motion === null) {
            return null;
        }
        $step = match ($motion->order) {
            'together' => 0,
            'overlapping' => max(1, $motion->frames - $motion->overlap),
            default => $motion->frames,
        };

        return new TimedMove(
            $kind,
            $motion->begin + $place * $step,
            $motion->frames,
            Curve::ofSettings($motion->curve),
            $motion->opens,
            null,
            null,
        );
    }
}
