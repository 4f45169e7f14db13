<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Map;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\DrawnOn;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Run;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/** What the desk shows of charts: their figures, what of them can be taken hold of, their stems. */
final readonly class ChartSheet
{
    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return array<string, SheetChart> by chart id
     */
    public static function of(Piece $piece, array $timings): array
    {
        $timecode = ToldMoves::timecode($piece);
        $charts = $worked = [];
        foreach ($piece->tables as $table) {
            $worked[$table->id] = Formulas::shown($table);
        }
        $tables = array_column($piece->charts, 'table', 'id');
        foreach ($timings as $chartId => $timing) {
            $largest = $timing->amounts->widest();
            $layout = $timing->layouts->at(0);
            $frames = $piece->stage->frames;
            $shown = fn (Figure $figure): SheetFigure => self::figure($figure, $timing, $timecode, $largest, $frames);
            $charts[$chartId] = new SheetChart(
                ToldMoves::plain($timing->figures()->whole->toFloat(), 6),
                match ($layout->measure()) {
                    Measure::Angle => 'Sweep',
                    Measure::Area => 'Area',
                    default => 'Length',
                },
                self::extent($layout),
                self::handles($timing),
                Boundaries::of($timing),
                Boundaries::frames($timing, $frames),
                new Map(array_map(
                    static fn (array $cells): Map => new Map($cells),
                    $worked[$tables[$chartId]] ?? [],
                )),
                $layout instanceof DrawnOn,
                $layout->axes()?->name,
                $timing->isOnScale,
                $layout->measure()->room(0.0) > 1.0,
                !$timing->isOnScale || $layout->measure()->room(1.0) > 1.0,
                $layout instanceof Solid,
                self::moments($timing->run, $timecode),
                ToldMoves::changes($timing->changes, $timecode),
                ToldMoves::keyed($timing->keyedOfChart(), $frames),
                array_map($shown, $timing->figures()->list),
            );
        }

        return $charts;
    }

    /** @return array{float, float, float, float} */
    private static function extent(Layout $layout): array
    {
        $box = $layout->extent();

        return [round($box->left, 2), round($box->top, 2), round($box->width, 2), round($box->height, 2)];
    }

    /**
     * What the figures are on one frame: how much of each is there, its value, what its reading says, its share and its
     * size.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return array<string, array<string, FigureNow>> by chart and figure
     */
    public static function at(array $timings, int $frame): array
    {
        $charts = [];
        foreach ($timings as $chartId => $timing) {
            $layout = $timing->layouts->at($frame);
            $isAngle = $layout->measure() === Measure::Angle;
            $values = $timing->story->valuesAt($frame);
            foreach ($timing->figures()->list as $figure) {
                $moves = $timing->moves[$figure->id];
                $amount = $moves->amountAt($frame);
                $shown = $timing->amounts->shownAt($figure->id, $frame);
                $isFull = $amount >= 1.0 && abs($shown - abs($timing->amounts->fractionAt($figure->id, 0))) < 1e-9;
                $share = $timing->isOnScale ? $timing->story->shareAt($figure->id, $frame) * $amount : $shown;
                $charts[$chartId][$figure->id] = new FigureNow(
                    $isFull,
                    ToldMoves::plain($values[$figure->id] * $amount, max(
                        $figure->decimals,
                        $timing->story->shownFigures($frame)[0]->byId($figure->id)->decimals,
                    )),
                    $timing->amounts->readingAt($figure->id, $frame, $moves->presenceAt($frame)),
                    number_format($share * 100, 2).' %',
                    self::size($layout, $shown * $layout->whole($figure->id), $isAngle),
                );
            }
        }

        return $charts;
    }

    /**
     * Where the numbers of a chart's form are taken hold of, and what follows from moving the hand: those that no move
     * changes.
     *
     * @return list<SheetHandle>
     */
    private static function handles(ChartTiming $timing): array
    {
        $settings = array_column($timing->form->settings(), null, 'name');
        $keyed = $timing->keyedOfChart();
        $handles = [];
        foreach ($timing->layouts->handles() as $handle) {
            $setting = $settings[$handle->setting];
            if (isset($keyed['form.'.$setting->name])) {
                continue;
            }
            $handles[] = new SheetHandle(
                $setting->field(),
                $timing->layouts->settingsAt(0)->number($setting->name),
                self::point($handle->at),
                $handle->along === null ? null : self::point($handle->along),
                $handle->around === null ? null : self::point($handle->around),
                $handle->rate,
                $handle->snap,
            );
        }

        return $handles;
    }

    /**
     * @param \Closure(int): string $timecode
     *
     * @return list<RunMoment>|null the moments of a chart that runs
     */
    private static function moments(?Run $run, \Closure $timecode): ?array
    {
        return $run === null
            ? null
            : array_map(
                static fn (Column $column, int $frame): RunMoment => new RunMoment(
                    $column->id,
                    $frame,
                    $timecode($frame),
                ),
                $run->columns,
                $run->frames,
            );
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<Stem> all stems, in the order of the sheet
     */
    public static function stems(Piece $piece, array $timings): array
    {
        $stems = [];
        foreach ($timings as $timing) {
            $largest = $timing->amounts->widest();
            foreach ($timing->figures()->list as $figure) {
                $stems[] = new Stem(
                    $timing->colours[$figure->id],
                    StemLine::of($timing, $figure->id, $largest, $piece->stage->frames),
                );
            }
        }

        return $stems;
    }

    /** @param \Closure(int): string $timecode */
    private static function figure(
        Figure $figure,
        ChartTiming $timing,
        \Closure $timecode,
        float $largest,
        int $frames,
    ): SheetFigure {
        $moves = $timing->moves[$figure->id];
        $layout = $timing->layouts->at(0);

        return new SheetFigure(
            $figure->id,
            $figure->rowId,
            $figure->fullLabel(),
            ToldMoves::plain($figure->value(), $figure->decimals).($figure->unit === '%' ? ' %' : ''),
            $figure->isRest,
            $figure->isWorkedOut,
            number_format($figure->share() * 100, 2).' %',
            self::measured($timing, $layout, $figure->id),
            self::outward($layout, $figure->id),
            $timing->story->states[0]->readings->of($figure->id)->at(1.0),
            $timing->colours[$figure->id],
            ToldMoves::moveIfAny($moves->entrance, $timecode),
            ToldMoves::moveIfAny($moves->exit, $timecode),
            ToldMoves::moveIfAny($moves->label?->entrance, $timecode),
            ToldMoves::moveIfAny($moves->label?->exit, $timecode),
            ToldMoves::changes($timing->changesOfFigures[$figure->id], $timecode),
            self::emphases($timing, $figure->id, $timecode),
            ToldMoves::keyed($timing->keyedOfFigure($figure->id), $frames),
            StemLine::of($timing, $figure->id, $largest, $frames),
        );
    }

    /** @return array{float, float} */
    private static function point(Point $point): array
    {
        return [round($point->x, 3), round($point->y, 3)];
    }

    /** @return array{float, float} the direction in which a mark is moved out, of length 1 */
    private static function outward(Layout $layout, string $figureId): array
    {
        $at = $layout->shape($figureId, Presence::full(), 0.0)->middle();
        $out = $layout->shape($figureId, Presence::full(), 10.0)->middle();
        $far = hypot($out->x - $at->x, $out->y - $at->y);

        return $far <= 0 ? [0.0, -1.0] : [round(($out->x - $at->x) / $far, 5), round(($out->y - $at->y) / $far, 5)];
    }

    /** What of the mark is in proportion, with its unit. */
    private static function measured(ChartTiming $timing, Layout $layout, string $figureId): string
    {
        $isAngle = $layout->measure() === Measure::Angle;
        $part = abs($timing->amounts->fractionAt($figureId, 0));

        return self::size($layout, $part * $layout->whole($figureId), $isAngle);
    }

    private static function size(Layout $layout, float $measured, bool $isAngle): string
    {
        return match (true) {
            $isAngle => number_format($measured, 2).'°',
            $layout->measure() === Measure::Area => number_format($measured / 1000, 1).'k px²',
            default => number_format($measured, 1).' px',
        };
    }

    /**
     * @param \Closure(int): string $timecode
     *
     * @return list<SheetEmphasis>
     */
    private static function emphases(ChartTiming $timing, string $figureId, \Closure $timecode): array
    {
        $found = [];
        foreach ($timing->emphases->list as $one) {
            if ($one->figureId === $figureId) {
                $found[] = new SheetEmphasis(ToldMoves::move($one->move, $timecode), $one->letsGo);
            }
        }

        return $found;
    }
}
