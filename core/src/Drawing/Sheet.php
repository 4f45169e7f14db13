<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\DrawnOn;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Bezier;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Run;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\Departures;
use Lupine\Core\Script\HeardPlaces;
use Lupine\Core\Script\SpokenWord;
use Lupine\Core\Script\UnreadNumbers;
use Lupine\Core\Spoken\SaidFigure;
use Lupine\Core\Spoken\SaidFigures;

/**
 * What the desk shows beside the stage: the figures understood, the stems, the words of the script with their frames.
 */
final readonly class Sheet
{
    /** pieces that the course of a curve is shown in */
    private const COURSE = 80;

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return array<string, mixed> by chart id
     */
    public static function of(Piece $piece, array $timings): array
    {
        $rate = FrameRate::ofStage($piece->stage);
        $charts = $worked = [];
        foreach ($piece->tables as $table) {
            $worked[$table->id] = Formulas::shown($table);
        }
        $tables = array_column($piece->charts, 'table', 'id');
        foreach ($timings as $chartId => $timing) {
            $largest = $timing->widest();
            $timecode = static fn (int $frame): string => Timecode::atFrame(
                $frame,
                $rate,
                $piece->stage->dropFrame,
            )->toText();
            $layout = $timing->layoutAt(0);
            $isAngle = $layout->measure() === Measure::Angle;
            $charts[$chartId] = [
                'whole' => self::plain($timing->figures()->whole->toFloat(), 6),
                'measure' => match ($layout->measure()) {
                    Measure::Angle => 'Sweep',
                    Measure::Area => 'Area',
                    default => 'Length',
                },
                'handles' => self::handles($timing),
                'worked' => (object) ($worked[$tables[$chartId]] ?? []),
                'isDrawnOn' => $layout instanceof DrawnOn,
                'axes' => $layout->axes()?->name,
                'isOnScale' => $timing->isOnScale(),
                'hasRoom' => $layout->measure()->room(0.0) > 1.0,
                'changesHaveRoom' => !$timing->isOnScale() || $layout->measure()->room(1.0) > 1.0,
                'isSolid' => $layout instanceof Solid,
                'run' => self::moments($timing->run, $timecode),
                'changes' => self::changes($timing->changes, $timecode),
                'keyed' => (object) array_map(
                    static fn (KeyedNumber $number): array => self::course($number, $piece->stage->frames),
                    $timing->keyedOfChart(),
                ),
                'figures' => array_map(
                    static fn (Figure $figure): array => [
                        ...self::figure($figure, $timing, $timecode, $largest, $piece->stage->frames),
                        'measured' => self::measured($timing, $layout, $figure->id, $isAngle),
                        'outward' => self::outward($layout, $figure->id),
                        'emphases' => self::emphases($timing, $figure->id, $timecode),
                    ],
                    $timing->figures()->list,
                ),
            ];
        }

        return $charts;
    }

    /**
     * What the figures are on one frame: how much of each is there, its value, what its reading says, its share and its
     * size.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return array<string, array<string, array<string, bool|string>>> by chart and figure
     */
    public static function at(array $timings, int $frame): array
    {
        $charts = [];
        foreach ($timings as $chartId => $timing) {
            $layout = $timing->layoutAt($frame);
            $isAngle = $layout->measure() === Measure::Angle;
            $values = $timing->valuesAt($frame);
            foreach ($timing->figures()->list as $figure) {
                $moves = $timing->moves[$figure->id];
                $amount = $moves->amountAt($frame);
                $shown = $timing->shownAt($figure->id, $frame);
                $isFull = $amount >= 1.0 && abs($shown - abs($timing->fractionAt($figure->id, 0))) < 1e-9;
                $share = $timing->isOnScale() ? $figure->share() * $amount : $shown;
                $charts[$chartId][$figure->id] = [
                    'isFull' => $isFull,
                    'value' => self::plain($values[$figure->id] * $amount, max(
                        $figure->decimals,
                        $timing->states()[$timing->stateIndexAt($frame)]->figures->byId($figure->id)->decimals,
                    )),
                    'reading' => $timing->readingAt($figure->id, $frame, $moves->presenceAt($frame)),
                    'share' => number_format($share * 100, 2).' %',
                    'measured' => self::size($layout, $shown * $layout->whole($figure->id), $isAngle),
                ];
            }
        }

        return $charts;
    }

    /**
     * Where the numbers of a chart's form are taken hold of, and what follows from moving the hand: those that no move
     * changes.
     *
     * @return list<array<string, mixed>>
     */
    private static function handles(ChartTiming $timing): array
    {
        $settings = array_column($timing->form->settings(), null, 'name');
        $keyed = $timing->keyedOfChart();
        $point = static fn (?Point $point): ?array => $point === null
            ? null
            : [round($point->x, 3), round($point->y, 3)];
        $handles = [];
        foreach ($timing->handles() as $handle) {
            $setting = $settings[$handle->setting];
            if (isset($keyed['form.'.$setting->name])) {
                continue;
            }
            $handles[] = [
                'setting' => $setting->field(),
                'value' => $timing->settingsAt(0)->number($setting->name),
                'at' => $point($handle->at),
                'along' => $point($handle->along),
                'around' => $point($handle->around),
                'rate' => $handle->rate,
                'snap' => $handle->snap,
            ];
        }

        return $handles;
    }

    /**
     * @param \Closure(int): string $timecode
     *
     * @return list<array{column: string, frame: int, at: string}>|null the moments of a chart that runs
     */
    private static function moments(?Run $run, \Closure $timecode): ?array
    {
        return $run === null
            ? null
            : array_map(
                static fn (Column $column, int $frame): array => [
                    'column' => $column->id,
                    'frame' => $frame,
                    'at' => $timecode($frame),
                ],
                $run->columns,
                $run->frames,
            );
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array{colour: string, points: list<array{int, float}>}> all stems, in the order of the sheet
     */
    public static function stems(Piece $piece, array $timings): array
    {
        $stems = [];
        foreach ($timings as $timing) {
            $largest = $timing->widest();
            foreach ($timing->figures()->list as $figure) {
                $stems[] = [
                    'colour' => $timing->colours[$figure->id],
                    'points' => Stem::of($timing, $figure->id, $largest, $piece->stage->frames),
                ];
            }
        }

        return $stems;
    }

    /** @return array<string, array<string, mixed>> changes and keyed numbers of free texts, by id */
    public static function words(Piece $piece): array
    {
        $rate = FrameRate::ofStage($piece->stage);
        $moves = new Moves($piece, new Beats($piece));
        $timecode = static fn (int $frame): string => Timecode::atFrame(
            $frame,
            $rate,
            $piece->stage->dropFrame,
        )->toText();
        $words = [];
        foreach ($piece->words as $text) {
            $keyed = [];
            foreach (Properties::ofWords() as $property) {
                $first = match ($property->name) {
                    'x' => $text->x,
                    'y' => $text->y,
                    default => $property->default,
                };
                $number = $moves->number($property->name, $first, null, null, $text->id);
                if (!$number->isStill()) {
                    $keyed[$property->name] = self::course($number, $piece->stage->frames);
                }
            }
            $words[$text->id] = [
                'changes' => self::changes($moves->changesOf(null, null, $text->id), $timecode),
                'keyed' => (object) $keyed,
            ];
        }

        return $words;
    }

    /**
     * Time down the page: the words of the lines with their frames, and each second as it is numbered.
     *
     * @return array{
     *     lines: array<string, list<array<string, mixed>>>,
     *     heard: array<string, array<string, list<int|null>>>,
     *     departures: list<array<string, mixed>>,
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
            'departures' => array_map(
                static fn (Departure $one): array => $one->answer(),
                Departures::of($piece),
            ),
            'length' => Timecode::atFrame($piece->stage->frames, $rate, $piece->stage->dropFrame)->toText(),
            'seconds' => self::seconds($piece, $rate),
        ];
    }

    /** @return list<array<string, mixed>> how the backdrop changes */
    public static function backdrop(Piece $piece): array
    {
        $rate = FrameRate::ofStage($piece->stage);

        return self::changes(
            (new Moves($piece, new Beats($piece)))->changesOf(null),
            static fn (int $frame): string => Timecode::atFrame($frame, $rate, $piece->stage->dropFrame)->toText(),
        );
    }

    /** @return array<string, array{begin: int, frames: int}> when each move of the document runs, by its id */
    public static function moves(Piece $piece): array
    {
        return array_map(
            static fn (TimedMove $move): array => ['begin' => $move->begin, 'frames' => $move->frames()],
            (new Moves($piece, new Beats($piece)))->all(),
        );
    }

    /**
     * Which figures the words of the script mean.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array<string, mixed>>
     */
    public static function said(Piece $piece, array $timings): array
    {
        return array_map(
            static fn (SaidFigure $said): array => $said->answer(),
            SaidFigures::of($piece, array_map(
                static fn (ChartTiming $timing): \Closure => $timing->shownFigures(...),
                $timings,
            )),
        );
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
     * @return array<string, list<array<string, mixed>>>
     */
    private static function lines(Piece $piece): array
    {
        $beats = new Beats($piece);
        $lines = [];
        foreach ($piece->narration->lines as $line) {
            $words = $beats->words($line);
            $unread = array_flip(UnreadNumbers::in(array_column($words, 'text')));
            $lines[$line->id] = array_map(
                static fn (SpokenWord $word, int $place): array => [
                    'text' => $word->text,
                    'frame' => $word->frame,
                    'sure' => $word->sure,
                    'doubtful' => $word->isDoubtful(),
                    'hand' => $word->isByHand,
                    'found' => $word->found,
                    'unsaid' => $word->isUnsaid,
                    'unread' => isset($unread[$place]),
                ],
                $words,
                array_keys($words),
            );
        }

        return $lines;
    }

    /**
     * @param \Closure(int): string $timecode
     *
     * @return array<string, mixed>
     */
    private static function figure(
        Figure $figure,
        ChartTiming $timing,
        \Closure $timecode,
        float $largest,
        int $frames,
    ): array {
        $moves = $timing->moves[$figure->id];

        return [
            'id' => $figure->id,
            'row' => $figure->rowId,
            'label' => $figure->fullLabel(),
            'value' => self::plain($figure->value(), $figure->decimals).($figure->unit === '%' ? ' %' : ''),
            'isRest' => $figure->isRest,
            'isWorkedOut' => $figure->isWorkedOut,
            'share' => number_format($figure->share() * 100, 2).' %',
            'reading' => $timing->states()[0]->readings->of($figure->id)->at(1.0),
            'colour' => $timing->colours[$figure->id],
            'entrance' => self::move($moves->entrance, $timecode),
            'exit' => self::move($moves->exit, $timecode),
            'labelEntrance' => self::move($moves->label?->entrance, $timecode),
            'labelExit' => self::move($moves->label?->exit, $timecode),
            'changes' => self::changes($timing->changesOfFigures[$figure->id], $timecode),
            'keyed' => (object) array_map(
                static fn (KeyedNumber $number): array => self::course($number, $frames),
                $timing->keyedOfFigure($figure->id),
            ),
            'stem' => Stem::of($timing, $figure->id, $largest, $frames),
        ];
    }

    /**
     * @param \Closure(int): string $timecode
     *
     * @return array<string, mixed>|null
     */
    private static function move(?TimedMove $move, \Closure $timecode): ?array
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

    /** @return array{float, float} the direction in which a mark is moved out, of length 1 */
    private static function outward(Layout $layout, string $figureId): array
    {
        $at = $layout->shape($figureId, Presence::full(), 0.0)->middle();
        $out = $layout->shape($figureId, Presence::full(), 10.0)->middle();
        $far = hypot($out->x - $at->x, $out->y - $at->y);

        return $far <= 0 ? [0.0, -1.0] : [round(($out->x - $at->x) / $far, 5), round(($out->y - $at->y) / $far, 5)];
    }

    /** What of the mark is in proportion, with its unit. */
    private static function measured(ChartTiming $timing, Layout $layout, string $figureId, bool $isAngle): string
    {
        return self::size($layout, abs($timing->fractionAt($figureId, 0)) * $layout->whole($figureId), $isAngle);
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
     * @return list<array<string, mixed>>
     */
    private static function emphases(ChartTiming $timing, string $figureId, \Closure $timecode): array
    {
        $found = [];
        foreach ($timing->emphases->list as $one) {
            if ($one->figureId === $figureId) {
                $found[] = [
                    ...self::move($one->move, $timecode) ?? [],
                    'letsGo' => $one->letsGo,
                ];
            }
        }

        return $found;
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

    /**
     * What the camera is led to, by the beginnings; frames as they lie on the stage.
     *
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array<string, mixed>>
     */
    public static function shots(Piece $piece, array $timings): array
    {
        $rate = FrameRate::ofStage($piece->stage);
        $moves = new Moves($piece, new Beats($piece));
        $camera = new Camera($piece, $moves, $timings);
        $timecode = static fn (int $frame): string => Timecode::atFrame(
            $frame,
            $rate,
            $piece->stage->dropFrame,
        )->toText();
        $shots = [];
        foreach ($moves->shots() as [$move, $shot]) {
            $frame = $camera->at($move->end())->frame($piece->stage->width, $piece->stage->height);
            $shots[] = [
                ...self::move($move, $timecode) ?? [],
                'zoom' => $shot->zoom,
                'turn' => $shot->turn,
                'frame' => array_map(
                    static fn (float $side): float => round($side, 2),
                    [$frame->left, $frame->top, $frame->width, $frame->height],
                ),
            ];
        }

        return $shots;
    }

    /**
     * @param list<array{TimedMove, Change}> $changes
     * @param \Closure(int): string $timecode
     *
     * @return list<array<string, mixed>>
     */
    private static function changes(array $changes, \Closure $timecode): array
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
    private static function course(KeyedNumber $number, int $frames): array
    {
        $points = [[0, round($number->at(0), 4)]];
        foreach ($number->changes(FrameRange::within($frames)) as $frame) {
            $points[] = [$frame, round($number->at($frame), 4)];
        }

        return $points;
    }

    private static function plain(float $number, int $decimals): string
    {
        $text = number_format($number, $decimals);

        return str_contains($text, '.') && $decimals > 4 ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
