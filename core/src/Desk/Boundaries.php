<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\DrawnOn;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Story\ChartTiming;

/** Where parts of a chart end, for a hand to drag: between two parts of a whole, or at what is told on a scale. */
final readonly class Boundaries
{
    /** of a mark, in which its end is looked at */
    private const SLICE = 0.01;

    /** parts of a chart beyond which none is taken by its end: there is no room to, and each costs time */
    private const MOST = 100;

    /** pixels that the end goes with all of the figure, below which there is nothing to take hold of */
    private const LEAST = 4.0;

    /** @return array{int, int}|null the frames on which all parts stand still as they are typed; null: none */
    public static function frames(ChartTiming $timing, int $frames): ?array
    {
        if ($timing->run !== null) {
            return null;
        }
        [$from, $to] = [0, $frames - 1];
        foreach ($timing->moves as $moves) {
            $from = max($from, $moves->entrance?->end() ?? 0);
            $to = min($to, $moves->exit->begin ?? $to);
        }
        foreach ([...$timing->changes, ...array_merge([], ...array_values($timing->changesOfFigures))] as [$move]) {
            $to = min($to, $move->begin);
        }
        $from = min($from, $frames - 1);

        return $from <= $to ? [$from, $to] : null;
    }

    /** @return list<SheetBoundary> in the order in which the parts are laid out */
    public static function of(ChartTiming $timing): array
    {
        $layout = $timing->layouts->at(0);
        $isMany = count($timing->figures()->list) > self::MOST;
        if ($isMany || $timing->run !== null || in_array($layout->measure(), [Measure::Level, Measure::Edge], true)) {
            return [];
        }
        $figures = $timing->figures();
        $shown = array_values(array_filter(
            $layout->order(),
            static fn (string $id): bool => $figures->byId($id)->value() !== 0.0,
        ));
        $typed = 0.0;
        foreach ($figures->list as $figure) {
            $typed += $figure->share();
        }
        $boundaries = [];
        foreach ($shown as $at => $id) {
            $next = $timing->isOnScale ? null : $shown[$at + 1] ?? null;
            // Where all parts are the whole, the last ends where the first begins.
            $isOpen = $timing->isOnScale || $next !== null || $typed < 1 - 1e-9;
            $boundary = $isOpen ? self::one($timing, $layout, $id, $next) : null;
            if ($boundary !== null) {
                $boundaries[] = $boundary;
            }
        }

        return $boundaries;
    }

    private static function one(ChartTiming $timing, Layout $layout, string $id, ?string $nextId): ?SheetBoundary
    {
        $figure = $timing->figure($id);
        $next = $nextId === null ? null : $timing->figure($nextId);
        // What is worked out follows from the others, and a part that is put together of several is none of the sheet.
        $gives = $next !== null && self::canBeSet($next);
        if (!self::canBeSet($figure) || ($next !== null && !$gives && !$next->isRest && !$next->isWorkedOut)) {
            return null;
        }
        $near = $layout->shape($id, Presence::opening(self::SLICE, 'backward'), 0.0)->middle();
        $far = $layout->shape($id, Presence::opening(2 * self::SLICE, 'backward'), 0.0)->middle();
        // The middles are a quarter and a half of the slice from the end.
        $end = new Point(2 * $near->x - $far->x, 2 * $near->y - $far->y);
        $long = hypot($near->x - $far->x, $near->y - $far->y) / (self::SLICE / 2);
        if ($long < self::LEAST) {
            return null;
        }
        $isRound = !$layout instanceof Solid && !$layout instanceof DrawnOn
            && in_array($layout->measure(), [Measure::Angle, Measure::Arc, Measure::Area], true);
        $pivot = $layout->pivot();
        $turn = $isRound ? self::degrees($pivot, $far, $near) / (self::SLICE / 2) : 0.0;
        if ($isRound && abs($turn) < 0.2) {
            return null;
        }
        $value = $figure->value();

        return new SheetBoundary(
            $id,
            $gives ? $nextId : null,
            self::point($end),
            $isRound ? null : self::point(new Point(
                ($near->x - $far->x) / $long / (self::SLICE / 2),
                ($near->y - $far->y) / $long / (self::SLICE / 2),
            )),
            $isRound ? self::point($pivot) : null,
            $value / ($isRound ? $turn : $long),
            $value,
            $gives ? $next->value() : null,
            max($figure->decimals, $next->decimals ?? 0),
            match (true) {
                $timing->isOnScale => null,
                $next !== null => $value + $next->value(),
                default => $timing->figures()->whole->toFloat(),
            },
            $timing->isOnScale && $value < 0,
        );
    }

    private static function canBeSet(Figure $figure): bool
    {
        return !$figure->isRest && !$figure->isWorkedOut && !$figure->isGap && $figure->rowId !== '';
    }

    /** Degrees clockwise from one point to another, about a third. */
    private static function degrees(Point $about, Point $from, Point $to): float
    {
        $angle = static fn (Point $at): float => rad2deg(atan2($at->y - $about->y, $at->x - $about->x));
        $degrees = $angle($to) - $angle($from);

        return $degrees > 180 ? $degrees - 360 : ($degrees < -180 ? $degrees + 360 : $degrees);
    }

    /** @return array{float, float} */
    private static function point(Point $point): array
    {
        return [round($point->x, 4), round($point->y, 4)];
    }
}
