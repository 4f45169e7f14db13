<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Map;
use Lupine\Core\Drawing\Camera;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Script\Beats;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Story\PanelOverTime;
use Lupine\Core\Story\StyleOverTime;

/** When what moves beside the figures: texts, panels, backdrop, captions, camera; when there is something to see. */
final readonly class MoveSheet
{
    /** @return Map<SheetWords> changes and keyed numbers of free texts, by id */
    public static function words(Piece $piece): Map
    {
        $moves = new Moves($piece, new Beats($piece));
        $timecode = ToldMoves::timecode($piece);
        $words = [];
        foreach ($piece->words as $text) {
            $keyed = [];
            foreach (Properties::ofPlace() as $property) {
                $first = match ($property->name) {
                    'x' => $text->x,
                    'y' => $text->y,
                    default => $property->default,
                };
                $number = $moves->number($property->name, $first, null, null, $text->id);
                if (!$number->isStill()) {
                    $keyed[$property->name] = $number;
                }
            }
            $words[$text->id] = new SheetWords(
                ToldMoves::changes($moves->changesOf(null, null, $text->id), $timecode),
                ToldMoves::keyed(
                    [...$keyed, ...StyleOverTime::of($text->id, $text->style, $moves)->keyed()],
                    $piece->stage->frames,
                ),
            );
        }

        return new Map($words);
    }

    /** @return Map<SheetWords> changes and keyed numbers of panels, by id */
    public static function panels(Piece $piece): Map
    {
        $moves = new Moves($piece, new Beats($piece));
        $timecode = ToldMoves::timecode($piece);
        $panels = [];
        foreach ($piece->panels as $panel) {
            $panels[$panel->id] = new SheetWords(
                ToldMoves::changes($moves->changesOf(null, null, $panel->id), $timecode),
                ToldMoves::keyed(PanelOverTime::of($panel, $moves)->keyed(), $piece->stage->frames),
            );
        }

        return new Map($panels);
    }

    /** @return list<SheetChange> how the backdrop changes */
    public static function backdrop(Piece $piece): array
    {
        return ToldMoves::changes(
            (new Moves($piece, new Beats($piece)))->changesOf(null),
            ToldMoves::timecode($piece),
        );
    }

    /** @return list<SheetChange> how the captions change */
    public static function captions(Piece $piece): array
    {
        return ToldMoves::changes(
            (new Moves($piece, new Beats($piece)))->changesOf(null, null, Move::CAPTIONS),
            ToldMoves::timecode($piece),
        );
    }

    /** @return Map<MoveTime> when each move of the document runs, by its id */
    public static function moves(Piece $piece): Map
    {
        return new Map(array_map(
            static fn (TimedMove $move): MoveTime => new MoveTime($move->begin, $move->frames()),
            (new Moves($piece, new Beats($piece)))->all(),
        ));
    }

    /**
     * What the camera is led to, by the beginnings; frames as they lie on the stage.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<SheetShot>
     */
    public static function shots(Piece $piece, array $timings): array
    {
        $moves = new Moves($piece, new Beats($piece));
        $camera = new Camera($piece, $moves, $timings);
        $timecode = ToldMoves::timecode($piece);
        $shots = [];
        foreach ($moves->shots() as [$move, $shot]) {
            $frame = $camera->at($move->end())->frame($piece->stage->width, $piece->stage->height);
            $shots[] = new SheetShot(ToldMoves::move($move, $timecode), $shot->zoom, $shot->turn, [
                round($frame->left, 2),
                round($frame->top, 2),
                round($frame->width, 2),
                round($frame->height, 2),
            ]);
        }

        return $shots;
    }

    /**
     * The frame on which every figure has come and none has left: there is something to see.
     *
     * @param array<string, ChartTiming> $timings by chart id
     */
    public static function finished(array $timings, int $frames): int
    {
        [$come, $left] = [0, $frames];
        foreach ($timings as $timing) {
            foreach ($timing->moves as $moves) {
                $come = max($come, $moves->entrance?->end() ?? 0);
                $left = min($left, $moves->exit->begin ?? $frames);
            }
        }

        return max(0, min($come, $left - 1, $frames - 1));
    }

    /**
     * From which frame to which some part of a chart is there; null where none ever is.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return array{int, int}|null
     */
    public static function there(array $timings, int $frames): ?array
    {
        [$first, $last] = [$frames, -1];
        foreach ($timings as $timing) {
            foreach ($timing->moves as $moves) {
                $come = $moves->entrance->begin ?? 0;
                while ($come < min($frames, $moves->entrance?->end() ?? 0) && $moves->amountAt($come) <= 0) {
                    ++$come;
                }
                $left = ($moves->exit?->end() ?? $frames) - 1;
                while ($left >= ($moves->exit->begin ?? $frames) && $moves->amountAt($left) <= 0) {
                    --$left;
                }
                [$first, $last] = [min($first, $come), max($last, $left)];
            }
        }

        $last = min($last, $frames - 1);

        return $last < $first ? null : [$first, $last];
    }
}
