<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Piece\CurveSettings;
use Lupine\Core\Piece\DriftSettings;
use Lupine\Core\Piece\EmphasisSettings;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ShotSettings;
use Lupine\Core\Problem;
use Lupine\Core\Script\Beats;

/** All moves of a piece at the moments of one clock: a figure's own move where it has one, else its chart's order. */
final class Moves
{
    /** how long an emphasis holds where nothing says until when, in frames */
    private const HOLD = 48;

    /** what a curve may lead past its end: never a figure, a share or how much can be seen of a thing */
    private const MAY_PASS = ['x', 'y', 'size', 'turn', 'out', 'width', 'height'];

    /** changes of figures, which may pass those that they lead to where they are asked to */
    private const OF_FIGURES = ['value', 'column'];

    /** of a figure, where a move is asked to pass it */
    private const MOST = 2.0;

    private const NEVER_BELOW_ZERO = ['size', 'out', 'width', 'height'];

    private const LABEL = 'label-';

    /** @var array<string, Move> own moves of figures, texts and panels, by kind and target; the first of each counts */
    private array $own = [];

    /** @var array<string, list<array{TimedMove, Change}>> changes by target, by their beginnings */
    private array $changes = [];

    /** @var array<string, list<TimedEmphasis>> by chart id */
    private array $emphases = [];

    /** @var list<array{TimedMove, ShotSettings}> by their beginnings */
    private array $shots = [];

    /** @var array<string, Pace> */
    private array $paces = [];

    /** @var array<string, Move> */
    private array $byId;

    public function __construct(
        private readonly Piece $piece,
        private readonly Beats $beats,
        public readonly Clock $clock = new Clock(),
    ) {
        $this->byId = array_column($piece->moves, null, 'id');
        foreach ($piece->moves as $move) {
            if ($move->emphasis !== null) {
                $this->emphases[(string) $move->chart][] = $this->emphasis($move, $move->emphasis);
            } elseif ($move->shot !== null) {
                $this->shots[] = [$this->timed($move), $move->shot];
            } elseif ($move->change === null) {
                $kind = $move->isOfLabel ? self::LABEL.$move->kind : $move->kind;
                $this->own[self::key($kind, $move->chart, $move->figure, $move->thing())] ??= $move;
            } else {
                $target = self::key('change', $move->chart, $move->figure, $move->thing());
                $this->changes[$target][] = [$this->timed($move), $move->change];
            }
        }
        foreach ($this->changes as &$ofTarget) {
            usort($ofTarget, static fn (array $a, array $b): int => $a[0]->begin <=> $b[0]->begin);
        }
    }

    /**
     * Changes of a figure, of a chart (without a figure), of a text or a panel by its id, of the captions
     * (Move::CAPTIONS), or of the backdrop (without any of them), by their beginnings.
     *
     * @return list<array{TimedMove, Change}>
     */
    public function changesOf(?string $chartId, ?string $figureId = null, ?string $thingId = null): array
    {
        return $this->changes[self::key('change', $chartId, $figureId, $thingId)] ?? [];
    }

    public function emphasesOf(string $chartId): Emphases
    {
        return Emphases::of($this->emphases[$chartId] ?? []);
    }

    /** How a chart goes through the moments of its table; null where it does not, or there is only one. */
    public function runOf(Chart $chart): ?Run
    {
        $columns = $this->piece->table($chart->table)->columns;

        return $chart->run === null || count($columns) < 2
            ? null
            : Run::of($chart->run, $columns, $this->beats, $this->clock);
    }

    public function drift(?DriftSettings $settings): ?Drift
    {
        return $settings === null ? null : new Drift($settings, Loops::of($this->piece->stage, $this->clock));
    }

    /** @return list<TimedEmphasis> those that a free text appears with */
    public function emphasesWithNote(string $wordsId): array
    {
        $found = [];
        foreach (array_keys($this->emphases) as $chart) {
            foreach ($this->emphasesOf((string) $chart)->list as $emphasis) {
                if ($emphasis->settings->note === $wordsId) {
                    $found[] = $emphasis;
                }
            }
        }

        return $found;
    }

    /** @return list<array{TimedMove, ShotSettings}> what the camera is led to, by their beginnings */
    public function shots(): array
    {
        $shots = $this->shots;
        usort($shots, static fn (array $a, array $b): int => $a[0]->begin <=> $b[0]->begin);

        return $shots;
    }

    /** One number of a target over time. */
    public function number(
        string $property,
        float $first,
        ?string $chartId,
        ?string $figureId,
        ?string $thingId = null,
    ): KeyedNumber {
        $steps = [];
        foreach ($this->changesOf($chartId, $figureId, $thingId) as [$move, $change]) {
            if ($change->property === $property) {
                $steps[] = [$move, (float) $change->to, $change->from];
            }
        }

        return KeyedNumber::of(
            $first,
            $steps,
            in_array($property, self::MAY_PASS, true),
            in_array($property, self::NEVER_BELOW_ZERO, true) ? 0.0 : -INF,
        );
    }

    /**
     * The moves by which a chart comes or goes as a whole, where it does: it bends.
     *
     * @return list<TimedMove>
     */
    public function ofWhole(Chart $chart): array
    {
        $moves = [];
        [$entrance] = $this->shared($chart, $chart->entrance, static fn (Chart $one) => $one->entrance);
        [$exit] = $this->shared($chart, $chart->exit, static fn (Chart $one) => $one->exit);
        foreach (['entrance' => $entrance, 'exit' => $exit] as $kind => $motion) {
            if ($motion !== null && isset(ChartMotion::WHOLE[$motion->manner])) {
                $moves[] = $this->inOrder($kind, new ChartOrder($motion, [0], [], 0), 0, $chart);
            }
        }

        return array_values(array_filter($moves));
    }

    /**
     * @param list<float> $ways how long the way of each place is where lengths say so: a share, or pixels
     * @param bool $byRow whether figures of several series come and go row by row, all series of a row together
     *
     * @return array<string, FigureMoves> by figure id
     */
    public function ofChart(Chart $chart, Figures $figures, bool $byRow = false, array $ways = []): array
    {
        $moves = [];
        [$entrance, $in] = $this->shared($chart, $chart->entrance, static fn (Chart $one) => $one->entrance);
        [$exit, $out] = $this->shared($chart, $chart->exit, static fn (Chart $one) => $one->exit);
        $together = $byRow ? $figures->seriesCount() : 1;
        $laid = $figures->ordered($chart->form->order());
        $places = array_chunk($laid, max(1, $together));
        $comes = new ChartOrder($entrance, self::sequence($entrance, $places, $figures), $ways, $in);
        $goes = new ChartOrder($exit, self::sequence($exit, $places, $figures), $ways, $out);
        foreach ($laid as $number => $figure) {
            $place = intdiv($number, $together);
            $moves[$figure->id] = new FigureMoves(
                $this->own('entrance', $chart->id, $figure->id, null)
                    ?? $this->inOrder('entrance', $comes, $place, $chart),
                $this->own('exit', $chart->id, $figure->id, null)
                    ?? $this->inOrder('exit', $goes, $place, $chart),
                $this->ofLabel($chart->id, $figure->id),
            );
        }

        return $moves;
    }

    /**
     * @param list<list<Figure>> $places the figures of each place, as they are laid out
     *
     * @return list<int> of each place, how many come before it
     */
    private static function sequence(?ChartMotion $motion, array $places, Figures $figures): array
    {
        $name = $motion->sequence ?? 'laid';
        if ($name !== 'sheet') {
            return Sequence::of($name, $places);
        }
        $inSheet = array_flip(array_map(static fn (Figure $one): string => $one->id, $figures->list));
        $first = array_map(static fn (array $place): int => $inSheet[$place[0]->id], $places);
        asort($first);

        return array_values(array_replace(array_keys($places), array_flip(array_keys($first))));
    }

    /** When a label comes and goes, where that was told. */
    private function ofLabel(string $chartId, string $figureId): ?FigureMoves
    {
        $entrance = $this->own(self::LABEL.'entrance', $chartId, $figureId, null);
        $exit = $this->own(self::LABEL.'exit', $chartId, $figureId, null);

        return $entrance === null && $exit === null ? null : new FigureMoves($entrance, $exit);
    }

    /** @return array<string, TimedMove> all moves of the document, by their ids */
    public function all(): array
    {
        return array_map(fn (Move $move): TimedMove => $this->timed($move), $this->byId);
    }

    /** How a text or a panel comes and goes. */
    public function ofThing(string $thingId): FigureMoves
    {
        return new FigureMoves($this->own('entrance', null, null, $thingId), $this->own('exit', null, null, $thingId));
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
                        'A move was pinned to words no longer in the script. It now starts on frame %d.',
                        $move->begin,
                    ),
                    $move->figure,
                );
            } elseif ($move->follow !== null && !isset($this->byId[$move->follow->move])) {
                $problems[] = Problem::notice(
                    'loose-follow',
                    'moves.'.$move->id,
                    sprintf('A move followed a move that was removed. It now starts on frame %d.', $move->begin),
                    $move->figure,
                );
            } elseif ($this->clock->frameOf($this->timed($move)->begin) >= $this->piece->stage->frames) {
                $problems[] = Problem::notice(
                    'late-move',
                    'moves.'.$move->id,
                    sprintf(
                        'A move starts on frame %d, after the piece ends.',
                        $this->clock->frameOf($this->timed($move)->begin),
                    ),
                    $move->figure,
                );
            }
        }

        return $problems;
    }

    /** It lets go on its beat or frame, else at the end of the line that it is pinned to, else after a while. */
    private function emphasis(Move $move, EmphasisSettings $settings): TimedEmphasis
    {
        $timed = $this->timed($move);
        $beat = $settings->untilPin === null ? null : $this->beats->frameOf($settings->untilPin);
        $line = $move->pin === null ? null : $this->piece->line($move->pin->line);
        $letsGo = $beat ?? $settings->until ?? $line->end ?? $this->clock->frameOf($timed->end()) + self::HOLD;

        return new TimedEmphasis(
            (string) $move->figure,
            $timed,
            max($timed->begin, $this->clock->of($letsGo)),
            $settings,
        );
    }

    private static function key(string $kind, ?string $chart, ?string $figure, ?string $thing): string
    {
        return $kind.'/'.$chart.'/'.$figure.'/'.$thing;
    }

    private function own(string $kind, ?string $chartId, ?string $figureId, ?string $thingId): ?TimedMove
    {
        $move = $this->own[self::key($kind, $chartId, $figureId, $thingId)] ?? null;

        return $move === null ? null : $this->timed($move);
    }

    private function pace(CurveSettings $settings, int $frames): Pace
    {
        $key = $frames.'/'.$settings->key();

        return $this->paces[$key] ??= new Pace(Curves::of($settings, $frames), $frames);
    }

    /** @param list<string> $before moves that are being timed already: none begins after itself */
    private function timed(Move $move, array $before = []): TimedMove
    {
        $beat = $move->pin === null ? null : $this->beats->frameOf($move->pin);
        $begin = max(0, $beat ?? $this->followed($move, $before) ?? $move->begin);

        return new TimedMove(
            $move->kind,
            $this->clock->of($begin),
            $this->pace($move->curve, $move->isToLineEnd ? $this->toLineEnd($move, $begin) : $move->frames),
            $move->opens,
            $move->id,
            $move->pin === null || $beat === null ? null : $this->beats->named($move->pin),
            $move->manner,
            $this->clock,
            self::passes($move) ? self::MOST : 1.0,
        );
    }

    /** Marks that come or go and figures that change may pass; no word, and no label, is there more than it is. */
    private static function passes(Move $move): bool
    {
        return $move->isPassing && ($move->change === null
            ? $move->figure !== null && !$move->isOfLabel
            : in_array($move->change->property, self::OF_FIGURES, true));
    }

    /**
     * Where a move begins that follows another one; null where it follows none, or that is gone or follows it.
     *
     * @param list<string> $before
     */
    private function followed(Move $move, array $before): ?int
    {
        $leader = $move->follow === null ? null : $this->byId[$move->follow->move] ?? null;
        if ($leader === null || $move->follow === null || in_array($leader->id, [$move->id, ...$before], true)) {
            return null;
        }
        $timed = $this->timed($leader, [$move->id, ...$before]);

        $from = $move->follow->isAfter ? $timed->end() : $timed->begin;

        return $this->clock->frameOf($from) + $move->follow->offset;
    }

    /** Frames from its beginning to the end of its line: the one that it is pinned to, or that is spoken then. */
    private function toLineEnd(Move $move, int $begin): int
    {
        $line = $move->pin === null ? null : $this->piece->line($move->pin->line);
        foreach ($line === null ? $this->piece->narration->lines : [] as $one) {
            if ($begin >= $one->begin && $begin < $one->end) {
                $line = $one;
            }
        }

        return $line === null || $line->end <= $begin ? $move->frames : $line->end - $begin;
    }

    /**
     * The order that a chart follows: its own, or that of the chart that it comes and goes with.
     *
     * @param \Closure(Chart): (ChartMotion|null) $of
     *
     * @return array{ChartMotion|null, int} and how many figures come before its first
     */
    private function shared(Chart $chart, ?ChartMotion $motion, \Closure $of): array
    {
        $leader = $motion?->with === null ? null : $this->chart($motion->with);
        $led = $leader === null ? null : $of($leader);
        if ($motion === null || $leader === null || $led === null || $led->with !== null) {
            return [$motion, 0];
        }
        if ($motion->joins === 'together') {
            return [$led, 0];
        }
        $before = $this->count($leader);
        foreach ($this->piece->charts as $other) {
            if ($other === $chart) {
                break;
            }
            $others = $of($other);
            $before += $others?->with === $leader->id && $others->joins === 'after' ? $this->count($other) : 0;
        }

        return [$led, $before];
    }

    private function chart(string $id): ?Chart
    {
        foreach ($this->piece->charts as $chart) {
            if ($chart->id === $id) {
                return $chart;
            }
        }

        return null;
    }

    private function count(Chart $chart): int
    {
        return count($chart->shown($this->piece->table($chart->table))->rows) * max(1, count($chart->series));
    }

    private function inOrder(string $kind, ChartOrder $order, int $place, Chart $chart): ?TimedMove
    {
        $motion = $order->motion;
        if ($motion === null) {
            return null;
        }
        $whole = $this->pace($motion->curve, $motion->frames);
        [$begin, $pace] = $order->at($place, $whole, fn (int $frames): Pace => $this->pace($motion->curve, $frames));

        return new TimedMove(
            $kind,
            $this->clock->of($motion->begin + $begin),
            $pace,
            $motion->opens,
            null,
            null,
            // Of another form, which does not bend, the parts open.
            $motion->manner === 'bend' && !$chart->form->has('bend') ? 'open' : $motion->manner,
            $this->clock,
            $motion->isPassing ? self::MOST : 1.0,
        );
    }
}
