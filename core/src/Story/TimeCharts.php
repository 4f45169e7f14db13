<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Pick;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Form\DrawnOn;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Manner;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\Property;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Piece\Table;
use Lupine\Core\Piece\TrackSettings;
use Lupine\Core\Settings\Number;

/** Resolves what the figures of every chart are over time: tables, moves and forms put together. */
final readonly class TimeCharts
{
    public function __construct(private Forms $forms, private Moves $moves, private Understood $known)
    {
    }

    /**
     * @return array<string, ChartTiming> by chart id
     *
     * @throws ImpossibleFigures where a chart cannot be drawn from its table
     */
    public function of(Piece $piece): array
    {
        $tables = $states = $shown = $timings = [];
        foreach ($piece->charts as $chart) {
            $tables[$chart->table] ??= Formulas::worked($piece->table($chart->table));
            [$states[$chart->id], $shown[$chart->id]] = $this->understood($chart, $tables[$chart->table]);
        }
        $states = self::onOneScale($states, SharedAxes::of($piece));
        foreach ($piece->charts as $chart) {
            [$id, $table] = [$chart->id, $tables[$chart->table]];
            $timings[$id] = $this->chart($chart, $table, $states[$id], $shown[$id]);
        }

        return $timings;
    }

    /**
     * @param array<string, non-empty-list<ChartState>> $states by chart id
     * @param array<string, string> $shared whose axis a chart stands on
     *
     * @return array<string, non-empty-list<ChartState>> those that share an axis on a scale that holds all of them
     */
    private static function onOneScale(array $states, array $shared): array
    {
        foreach (array_unique($shared) as $leader) {
            $ids = [$leader, ...array_keys($shared, $leader, true)];
            $isOnScale = array_filter(
                $ids,
                static fn (string $id): bool => !$states[$id][0]->fractions->isOnScale(),
            ) === [];
            if (!$isOnScale) {
                continue;
            }
            $scale = Scale::joined(array_map(
                static fn (ChartState $state): Scale => $state->scale,
                array_merge([], ...array_map(static fn (string $id): array => $states[$id], $ids)),
            ));
            foreach ($ids as $id) {
                $states[$id] = array_map(
                    static fn (ChartState $state): ChartState => $state->withScale($scale),
                    $states[$id],
                );
            }
        }

        return $states;
    }

    /** @return array{non-empty-list<ChartState>, Table} */
    private function understood(Chart $chart, Table $table): array
    {
        $shown = $chart->shown($table);
        if ($shown->rows === [] && $table->rows !== []) {
            throw new ImpossibleFigures(
                'Every row is hidden in this chart. Show at least one.',
                'the sheet',
            );
        }

        return $this->states($chart, $shown, $this->forms->named($chart->form->kind));
    }

    /**
     * @param non-empty-list<ChartState> $states
     * @param Table $shown the rows that they were understood from
     */
    private function chart(Chart $chart, Table $table, array $states, Table $shown): ChartTiming
    {
        $form = $this->forms->named($chart->form->kind);
        $figures = $states[0]->figures;
        $run = $this->moves->runOf($chart);
        $story = new FiguresOverTime(
            $states,
            $run,
            self::hasRoomToChange($chart, $form, $states),
            $table->name,
        );
        $ways = self::ways($chart, $form, $states[0]);
        $moves = $this->moves->ofChart($chart, $figures, $form->isJoined(), $ways);
        $growing = match (true) {
            $form->isJoined() => 'baseline',
            $states[0]->fractions->isOnScale() => null,
            default => 'neighbour',
        };
        $moves = array_map(static fn (FigureMoves $one): FigureMoves => $one->opening($growing), $moves);
        $moves = self::withRoom($chart, $form, $states, $moves);

        $place = new Point($chart->place->x, $chart->place->y);
        $followers = array_filter($moves, static fn (FigureMoves $one): bool => $one->follows());
        $layouts = new ChartLayouts($form, $chart->form, $place, $story, $this->settings($chart, $form), $followers);
        $isOnScale = $form->needs($chart->form)->isOnScale();

        $colours = $this->colours($chart, $chart->pick === null || $form->isJoined() ? $table : $shown, $figures);

        return new ChartTiming(
            $form,
            $story,
            $layouts,
            new ChartAmounts($form, $story, $layouts, $moves, $isOnScale),
            new WholeChart($place, $this->whole($chart)),
            $moves,
            $colours,
            $this->coats($chart, $figures, $colours),
            $this->tracks($chart, $colours),
            StylesOverTime::of($this->moves, $chart->id),
            $this->withPicked($this->keyed($chart, $figures, $moves), $story),
            $this->moves->changesOf($chart->id),
            $this->ofFigures($chart, $figures),
            $this->moves->emphasesOf($chart->id),
            $isOnScale,
            $run,
        );
    }

    /**
     * Whether figures can pass those that they change to, where that was asked for: as parts of a whole, which stays,
     * or where there is room beyond the scale.
     *
     * @param non-empty-list<ChartState> $states
     */
    private static function hasRoomToChange(Chart $chart, Form $form, array $states): bool
    {
        if (max(array_map(static fn (ChartState $state): float => $state->move->most ?? 1.0, $states)) <= 1.0) {
            return false;
        }
        $layout = $form->layout($chart->form, new Point($chart->place->x, $chart->place->y), $states[0]->moment());

        return !$states[0]->fractions->isOnScale() || $layout->measure()->room(1.0) > 1.0;
    }

    /**
     * Those that pass their figures, as far as their form has room for that.
     *
     * @param non-empty-list<ChartState> $states
     * @param array<string, FigureMoves> $moves by figure id
     *
     * @return array<string, FigureMoves>
     */
    private static function withRoom(Chart $chart, Form $form, array $states, array $moves): array
    {
        if (array_filter($moves, static fn (FigureMoves $one): bool => $one->passes()) === []) {
            return $moves;
        }
        $place = new Point($chart->place->x, $chart->place->y);
        foreach ($states as $state) {
            $measure = $form->layout($chart->form, $place, $state->moment())->measure();
            foreach ($state->moment()->standings as $standing) {
                $its = $moves[$standing->figureId] ?? null;
                if ($its !== null) {
                    $moves[$standing->figureId] = $its->within($measure->room($standing->fraction));
                }
            }
        }

        return $moves;
    }

    /**
     * How long the ways of the parts are, where the order in which they come or go asks for it: a pen's way where the
     * form is drawn on with one, else the share of the whole; none where all are alike.
     *
     * @return list<float>
     */
    private static function ways(Chart $chart, Form $form, ChartState $state): array
    {
        $orders = [$chart->entrance?->order, $chart->exit?->order];
        if (array_intersect(['length', 'one'], $orders) === []) {
            return [];
        }
        $layout = $form->layout($chart->form, new Point($chart->place->x, $chart->place->y), $state->moment());
        if (!$layout instanceof DrawnOn) {
            return $state->fractions->isOnScale() ? [] : array_map(
                static fn (Figure $figure): float => abs(
                    array_column($state->moment()->standings, null, 'figureId')[$figure->id]->fraction,
                ),
                $state->figures->ordered($chart->form->order()),
            );
        }
        $ways = [];
        foreach ($state->figures->ordered($chart->form->order()) as $number => $figure) {
            // Of several series that are drawn on together the longest way counts.
            $place = intdiv($number, $state->figures->seriesCount());
            $ways[$place] = max($ways[$place] ?? 0.0, $layout->way($figure->id));
        }
        ksort($ways);

        return array_values($ways);
    }

    /**
     * Figures that are not shown, because others are picked, are not seen.
     *
     * @param array<string, array<string, KeyedNumber>> $keyed by figure and property
     *
     * @return array<string, array<string, KeyedNumber>>
     */
    private function withPicked(array $keyed, FiguresOverTime $story): array
    {
        foreach (array_keys($keyed) as $id) {
            $place = $story->placeOfPicked((string) $id);
            if ($place !== null) {
                $keyed[$id]['opacity'] = $keyed[$id]['opacity']->also(
                    [$place],
                    static fn (float $opacity, int $frame): float => $opacity * $story->shownPart((string) $id, $frame),
                );
            }
        }

        return $keyed;
    }

    /**
     * @return array{non-empty-list<ChartState>, Table} the figures at first, and after each change of them; the table
     *                                                  that they were understood from at first
     */
    private function states(Chart $chart, Table $table, Form $form): array
    {
        $told = $this->told($chart, $table);
        $picked = $chart->pick === null || $form->isJoined() ? null : Pick::of(
            $chart->pick,
            array_map(
                fn (array $one): array => [$one[0], $this->series($chart) === [] ? [$one[1]] : $this->series($chart)],
                $told,
            ),
            $form->needs($chart->form)->isOnScale(),
        );
        $states = [];
        foreach ($told as $index => [$its, $column, $order, $move]) {
            try {
                $figures = $this->figures($form, $chart, $picked->tables[$index] ?? $its, $column);
                $shown = $picked === null ? $figures : $figures->withoutNotices();
                $states[] = ChartState::of(
                    $form,
                    $chart->form,
                    $order,
                    $shown,
                    $this->known->readings($shown, $chart->words->reading),
                    $move,
                    $figures->seriesCount() > 1 ? [] : $picked->outside[$index] ?? [],
                    $figures->seriesCount() > 1 ? null : $picked?->places,
                    $its->columns[$its->columnIndex($column)]->name,
                );
            } catch (ImpossibleFigures $reason) {
                throw $move === null ? $reason : new ImpossibleFigures(
                    sprintf('After the change on frame %d: %s', $move->begin, $reason->getMessage()),
                    $reason->where,
                    $reason->rowId,
                );
            }
        }

        return [$states, $picked->tables[0] ?? $table];
    }

    /** @return non-empty-list<array{Table, string, string, TimedMove|null}> tables with their columns and orders */
    private function told(Chart $chart, Table $table): array
    {
        [$column, $order] = [$this->moves->runOf($chart)?->columns[0]->id ?? $chart->column, $chart->form->order()];
        $told = [[$table, $column, $order, null]];
        foreach ($this->changesOfFigures($chart, $table) as [$move, $change, $rowId, $series]) {
            if ($change->property === 'column') {
                // A column that is gone leaves the figures as they are.
                $column = $table->hasColumn((string) $change->to) ? (string) $change->to : $column;
            } elseif ($change->property === 'value') {
                $table = $table->withCell(
                    (string) $rowId,
                    $table->columnIndex($series ?? $column),
                    (string) $change->to,
                );
            } else {
                $order = (string) $change->to;
            }
            $told[] = [$table, $column, $order, $move];
        }

        return $told;
    }

    /** @return list<array{TimedMove, Change, string|null, string|null}> with the row and the column of a value */
    private function changesOfFigures(Chart $chart, Table $table): array
    {
        $changes = [];
        $run = $this->moves->runOf($chart);
        foreach ($run?->moves() ?? [] as [$move, $columnId]) {
            $changes[] = [$move, Change::toColumn($columnId), null, null];
        }
        foreach ($this->moves->changesOf($chart->id) as [$move, $change]) {
            if ($run !== null && $change->property === 'column') {
                // It goes through all of them already.
                continue;
            }
            if (
                $change->property === 'column'
                || ($change->property === 'form.order' && $chart->form->has('order'))
            ) {
                $changes[] = [$move, $change, null, null];
            }
        }
        foreach ($table->rows as $row) {
            foreach ([null, ...$this->series($chart)] as $column) {
                $figureId = $column === null ? $row->id : $row->id.'-'.$column;
                foreach ($this->moves->changesOf($chart->id, $figureId) as [$move, $change]) {
                    if ($change->property === 'value') {
                        $changes[] = [$move, $change, $row->id, $column];
                    }
                }
            }
        }
        usort($changes, static fn (array $a, array $b): int => $a[0]->begin <=> $b[0]->begin);

        return $changes;
    }

    /** @throws ImpossibleFigures with the forms that could show them */
    private function figures(Form $form, Chart $chart, Table $table, string $column): Figures
    {
        try {
            $series = $form->stacking($chart->form) === 'none' ? [] : $this->series($chart);

            $needs = $form->needs($chart->form);
            $key = $needs->name.' '.(count($series) > 1 ? implode(' ', $series) : $column);
            $figures = $this->known->figures(
                $table,
                $key,
                static fn (): Figures => count($series) > 1
                    ? Figures::ofSeries($table, $series, $needs === Needs::SignedAmounts)
                    : Figures::of($needs, $table, $column),
            );

            return $form->isJoined()
                ? $this->known->figures($table, $key.' with gaps', static fn (): Figures => $figures->withGaps())
                : $figures;
        } catch (ImpossibleFigures $reason) {
            $fitting = $this->forms->fitting($table, $column);
            if ($fitting === []) {
                throw $reason;
            }

            throw new ImpossibleFigures(
                $reason->getMessage().' Forms that can show these figures: '.implode(', ', $fitting).'.',
                $reason->where,
                $reason->rowId,
            );
        }
    }

    /**
     * @param array<string, FigureMoves> $moves how each figure comes and goes
     *
     * @return array<string, array<string, KeyedNumber>> by figure id and property
     */
    private function keyed(Chart $chart, Figures $figures, array $moves): array
    {
        $numbers = array_filter(
            Properties::ofFigure(),
            static fn (Property $property): bool => $property->kind === 'number',
        );
        $keyed = [];
        $emphases = $this->moves->emphasesOf($chart->id);
        foreach ($figures->list as $figure) {
            $manner = Manner::of($moves[$figure->id]);
            foreach ($numbers as $property) {
                $number = $this->moves->number(
                    $property->name,
                    $this->first($chart, $figure, $property),
                    $chart->id,
                    $figure->id,
                );
                $keyed[$figure->id][$property->name] = $manner->on($property->name, match (true) {
                    $emphases->list === [] => $number,
                    $property->name === 'opacity' => $emphases->dimmed($figure->id, $number),
                    in_array($property->name, ['out', 'light', 'size'], true) => $emphases->onPart(
                        $figure->id,
                        $number,
                        $property->name,
                    ),
                    default => $number,
                });
            }
        }

        return $keyed;
    }

    /**
     * @param array<string, string> $colours by figure id
     *
     * @return array<string, CoatsOverTime> by figure id
     */
    private function coats(Chart $chart, Figures $figures, array $colours): array
    {
        $coats = [];
        foreach ($figures->list as $figure) {
            $coats[$figure->id] = CoatsOverTime::of($chart, $figure->id, $colours[$figure->id], $this->moves);
        }

        return $coats;
    }

    /**
     * @param array<string, string> $colours by figure id
     *
     * @return array<string, KeyedValues<TrackSettings>> by figure id
     */
    private function tracks(Chart $chart, array $colours): array
    {
        $tracks = $chart->finish->tracks;

        return $tracks === null ? [] : array_map(fn (string $colour): KeyedValues => KeyedValues::told(
            $tracks,
            $this->moves->changesOf($chart->id),
            fn (string $of, float $first): KeyedNumber => $this->moves->number($of, $first, $chart->id, null),
            static fn (): string => $colour,
            Properties::OF_TRACKS,
            // As the form has it, there is no colour that could change.
            $tracks->colour === null ? ['colour', 'opacity'] : [],
        ), $colours);
    }

    private function first(Chart $chart, Figure $figure, Property $property): float
    {
        return $property->name === 'out' ? $chart->own($figure->id)->out : $property->default;
    }

    /** @return array<string, KeyedNumber> numbers of the form that moves change, by setting */
    private function settings(Chart $chart, Form $form): array
    {
        $settings = [];
        foreach ($form->settings() as $setting) {
            if (!$setting->setting instanceof Number || !$setting->detail->isKeyed) {
                continue;
            }
            $number = $this->moves->number(
                'form.'.$setting->name,
                $chart->form->number($setting->name),
                $chart->id,
                null,
            );
            if ($setting->name === 'bend') {
                $number = self::bending($number, $this->moves->ofWhole($chart));
            }
            if (!$number->isStill()) {
                $settings[$setting->name] = $number;
            }
        }

        return $settings;
    }

    /**
     * A bend as a chart comes or goes by it: from a strip, or where it is a strip itself, from a ring.
     *
     * @param list<TimedMove> $moves
     */
    private static function bending(KeyedNumber $bend, array $moves): KeyedNumber
    {
        foreach ($moves as $move) {
            $bend = $bend->also([$move], static function (float $value, int $frame) use ($move): float {
                $come = max(0.0, min(1.0, $move->progressAt($frame)));
                $other = $value >= 0.5 ? 0.0 : 1.0;

                return $other + ($value - $other) * ($move->kind === 'exit' ? 1.0 - $come : $come);
            });
        }

        return $bend;
    }

    /** @return array<string, KeyedNumber> numbers of the chart as a whole, by property */
    private function whole(Chart $chart): array
    {
        $numbers = [];
        foreach (['x', 'y', 'size', 'turn', 'opacity'] as $name) {
            $number = $this->moves->number($name, $chart->place->first($name), $chart->id, null);
            $numbers[$name] = $this->moves->drift($chart->drift)?->on($name, $number) ?? $number;
        }

        return $numbers;
    }

    /** @return array<string, list<array{TimedMove, Change}>> changes by figure id */
    private function ofFigures(Chart $chart, Figures $figures): array
    {
        $changes = [];
        foreach ($figures->list as $figure) {
            $changes[$figure->id] = $this->moves->changesOf($chart->id, $figure->id);
        }

        return $changes;
    }

    /** @return list<string> the columns that stand side by side, where the chart names several */
    private function series(Chart $chart): array
    {
        return count($chart->series) > 1 ? $chart->series : [];
    }

    /**
     * Rows that are switched off keep their place, so that no other changes its colour.
     *
     * @return list<string> row ids
     */
    private static function drawnOrder(Chart $chart, Table $table, Figures $figures): array
    {
        $order = $chart->form->has('order') ? $chart->form->word('order') : 'sheet';
        if (count($figures->list) < count($table->rows)) {
            try {
                $figures = Figures::ofAmounts($table, $chart->column, true);
            } catch (ImpossibleFigures) {
                $order = 'sheet';
            }
        }
        if ($order === 'sheet') {
            return array_map(static fn (Row $row): string => $row->id, $table->rows);
        }

        return array_map(static fn (Figure $figure): string => $figure->rowId, $figures->ordered($order));
    }

    /**
     * Rows have colours; of several series each has one.
     *
     * @return array<string, string> by figure id
     */
    private function colours(Chart $chart, Table $table, Figures $figures): array
    {
        if ($figures->seriesCount() < 2 && !$this->forms->named($chart->form->kind)->isJoined()) {
            return MarkColours::of($chart, $table, self::drawnOrder($chart, $table, $figures));
        }
        $family = MarkColours::ofSeries($chart, $figures->seriesCount());
        $colours = [];
        foreach ($figures->list as $figure) {
            $colours[$figure->id] = $chart->own($figure->id)->colour ?? $family[$figure->series];
        }

        return $colours;
    }
}
