<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Emphases;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Manner;
use Lupine\Core\Motion\Run;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FormSettings;

/**
 * What a chart's figures are on which frame, when they come and go, and what their readings say: one driver for mark,
 * reading, stem and proof.
 */
final class ChartTiming
{
    /** in places: how near figures are that pass each other where words of one are gone, and where all is seen */
    private const PASSING = [0.55, 0.85];
    /** the same of words beside each other, which are longer than they are high */
    private const PASSING_BESIDE = [0.75, 0.95];

    /** @var array<int, Layout> by frame */
    private array $layouts = [];

    /** @var array<int, Layout> by the moment that they are of, where nothing else changes them */
    private array $settled = [];

    /** @var array<string, FigureMoves> of those that open from their neighbours' edges, by figure id */
    private readonly array $followers;

    /**
     * @param array<string, FigureMoves> $moves by figure id
     * @param array<string, string> $colours by figure id
     * @param array<string, array<string, KeyedNumber>> $keyed numbers of each figure, by figure id and property
     * @param array<string, KeyedNumber> $settings numbers of the form that moves change, by setting
     * @param array<string, KeyedNumber> $whole numbers of the chart as a whole, by property
     * @param list<array{TimedMove, Change}> $changes of the chart, by their beginnings
     * @param array<string, list<array{TimedMove, Change}>> $changesOfFigures by figure id
     */
    public function __construct(
        public readonly Form $form,
        private readonly FormSettings $formSettings,
        private readonly Point $place,
        private readonly FiguresOverTime $story,
        public readonly array $moves,
        public readonly array $colours,
        private readonly array $keyed,
        private readonly array $settings,
        private readonly array $whole,
        public readonly array $changes,
        public readonly array $changesOfFigures,
        public readonly Emphases $emphases,
        /** how it goes through the moments of its table, or null */
        public readonly ?Run $run = null,
    ) {
        $this->followers = array_filter($moves, static fn (FigureMoves $one): bool => $one->follows());
    }

    /** The figures as they stand at first. */
    public function figures(): Figures
    {
        return $this->story->first()->figures;
    }

    public function figure(string $id): Figure
    {
        return $this->figures()->byId($id);
    }

    /** @return non-empty-list<ChartState> the first, and one after each change of the figures */
    public function states(): array
    {
        return $this->story->states;
    }

    /** Whether its figures are amounts on a scale, and not parts of a whole. */
    public function isOnScale(): bool
    {
        return $this->form->needs($this->formSettings)->isOnScale();
    }

    /** Whether a figure is among those that are picked once a state has been reached. */
    public function isShownIn(string $figureId, int $state): bool
    {
        return $this->states()[$state]->places[$figureId] < $this->states()[$state]->room;
    }

    /** @return Track<float>|null how far a figure is shown where others are picked; null where all are */
    public function shown(string $figureId, FrameRange $range): ?Track
    {
        $place = $this->story->placeOfPicked($figureId);

        return $place === null ? null : Track::of(
            [$range->from, ...$place->changes($range)],
            fn (int $frame): float => $this->story->shownPart($figureId, $frame),
        );
    }

    /**
     * How much of a figure's words is seen while figures pass each other.
     *
     * @param Track<float>|null $opacity what is seen of them otherwise
     *
     * @return Track<float>|null
     */
    public function clear(string $figureId, ?Track $opacity, FrameRange $range, bool $isSideBySide = false): ?Track
    {
        $passing = array_values(array_filter($this->story->changes($range), $this->isRearrangingAt(...)));
        if ($passing === []) {
            return $opacity;
        }
        [$near, $apart] = $isSideBySide ? self::PASSING_BESIDE : self::PASSING;
        $after = array_map(static fn (int $frame): int => $frame + 1, $passing);

        return Track::of(
            [$range->from, ...$opacity->changes ?? [], ...$passing, ...$after],
            fn (int $frame): float => round(
                ($opacity?->at($frame) ?? 1.0) * $this->story->clearAt(
                    $figureId,
                    array_filter($this->moves, static fn (FigureMoves $one): bool => $one->amountAt($frame) > 0),
                    $frame,
                    $near,
                    $apart,
                ),
                4,
            ),
        );
    }

    /** How far parts are ever moved out, in pixels: each by itself, and all of them apart. */
    public function mostOut(): float
    {
        $apart = $this->formSettings->has('apart') ? $this->formSettings->number('apart') : 0.0;
        $outs = array_map(
            fn (Figure $figure): float => $this->number($figure->id, 'out')->most(),
            $this->figures()->list,
        );

        return max(0.0, ...$outs) + max($apart, ($this->settings['apart'] ?? null)?->most() ?? 0.0);
    }

    /** Whether figures are changing places on a frame. */
    public function isRearrangingAt(int $frame): bool
    {
        return $this->story->isRearrangingAt($frame);
    }

    public function settingsAt(int $frame): FormSettings
    {
        return $this->settings === []
            ? $this->formSettings
            : $this->formSettings->with(
                array_map(static fn (KeyedNumber $number): float => $number->at($frame), $this->settings),
            );
    }

    public function layoutAt(int $frame): Layout
    {
        if ($this->settings === [] && $this->followers === []) {
            // Moments are kept, so each has a number of its own; those that stand still share one.
            $moment = $this->story->momentAt($frame);

            return $this->settled[spl_object_id($moment)] ??= $this->form->layout(
                $this->formSettings,
                $this->place,
                $moment,
            );
        }

        return $this->layouts[$frame] ??= $this->form->layout(
            $this->settingsAt($frame),
            $this->place,
            $this->followers === [] ? $this->story->momentAt($frame) : $this->story->momentAt($frame)->reduced(
                array_map(static fn (FigureMoves $moves): float => $moves->amountAt($frame), $this->followers),
            ),
        );
    }

    /**
     * The same with other settings.
     *
     * @param array<string, float|string> $changed by setting
     */
    public function layoutWith(int $frame, array $changed): Layout
    {
        return $this->form->layout(
            $this->settingsAt($frame)->with($changed),
            $this->place,
            $this->story->momentAt($frame),
        );
    }

    /** @return list<Figures> the figures on a frame: as they stand, or to which and from which they change */
    public function shownFigures(int $frame): array
    {
        $index = $this->stateIndexAt($frame);
        $states = $this->isSettledAt($frame) ? [$index] : [$index, $index - 1];

        return array_map(fn (int $state): Figures => $this->states()[max(0, $state)]->figures, $states);
    }

    /** Where every figure stands once a state has been reached. */
    public function layoutOf(int $state): Layout
    {
        $settings = $this->settingsAt($this->settledFrame($state));

        return $this->form->layout($settings, $this->place, $this->states()[$state]->moment());
    }

    /** The frame on which a state has been reached. */
    public function settledFrame(int $state): int
    {
        return (int) $this->states()[$state]->move?->end();
    }

    /** @return list<Handle> where the numbers of its form are taken hold of */
    public function handles(): array
    {
        return $this->form->handles($this->settingsAt(0), $this->place, $this->rowCount());
    }

    /** How many figures stand beside each other; those of several series share a place. */
    private function rowCount(): int
    {
        return max(1, intdiv(count($this->figures()->list), max(1, $this->figures()->seriesCount())));
    }

    /** @return Track<Layout> */
    public function layouts(FrameRange $range): Track
    {
        $changes = [$range->from, ...$this->story->changes($range)];
        foreach ([...$this->settings, ...$this->followers] as $changing) {
            array_push($changes, ...$changing->changes($range));
        }

        return count($changes) === 1
            ? Track::constant($this->layoutAt($range->from))
            : Track::of($changes, $this->layoutAt(...));
    }

    /** @return Track<float> the maximum of the scale on the frames of a range */
    public function scales(FrameRange $range): Track
    {
        $maximum = fn (int $frame): float => $this->story->momentAt($frame)->scale->most;

        return Track::of([$range->from, ...$this->story->changes($range)], $maximum);
    }

    /** @return array<string, Track<Presence>> by figure id, on the frames of a range */
    public function presences(FrameRange $range): array
    {
        return array_map(static fn (FigureMoves $moves): Track => $moves->presence($range), $this->moves);
    }

    /** How much of the whole, or of the scale, a figure is where all of it is there; below zero where it is. */
    public function fractionAt(string $figureId, int $frame): float
    {
        return $this->story->fractionAt($figureId, $frame);
    }

    /** How wide a figure's stem is on a frame: its share, or on a scale its amount. */
    public function widthAt(string $figureId, int $frame): float
    {
        $scale = $this->isOnScale() ? $this->story->momentAt($frame)->scale->length() : 1.0;

        return $this->shownAt($figureId, $frame) * $scale;
    }

    /** The widest that any stem ever is, above zero. */
    public function widest(): float
    {
        $largest = 1e-12;
        foreach ($this->states() as $state) {
            foreach ($state->moment()->standings as $standing) {
                $scale = $this->isOnScale() ? $state->scale->length() : 1.0;
                $largest = max($largest, abs($standing->fraction) * $scale);
            }
        }

        return $largest;
    }

    /** How much of the whole, or of the scale, a figure shows on a frame: as wide its stem is. */
    public function shownAt(string $figureId, int $frame): float
    {
        $tip = $this->tipAt($figureId, $frame);

        return $tip !== null
            ? abs($tip)
            : abs($this->fractionAt($figureId, $frame)) * $this->moves[$figureId]->amountAt($frame);
    }

    /**
     * What of a figure its mark shows on a frame.
     *
     * @return array{float, float} the value, and its share of the whole; below zero where they are
     */
    public function drawnAt(string $figureId, int $frame): array
    {
        $value = $this->story->standingAt($figureId, $frame)->value;
        $share = $this->story->shareAt($figureId, $frame);
        $fraction = $this->fractionAt($figureId, $frame);
        $tip = $this->tipAt($figureId, $frame);
        if ($tip === null || abs($fraction) < 1e-12) {
            $amount = $this->moves[$figureId]->amountAt($frame);
        } else {
            $amount = $tip / $fraction;
        }

        return [$value * $amount, $share * $amount];
    }

    /** What a figure is of the whole on a frame, where all of it is there. */
    public function shareAt(string $figureId, int $frame): float
    {
        return $this->story->shareAt($figureId, $frame);
    }

    /** The name of the column that is shown on a frame; amid a change a year counts, another name is the nearer one. */
    public function columnNameAt(int $frame): string
    {
        return $this->story->columnNameAt($frame);
    }

    /** What its mark has to measure on a frame, as a fraction of the whole, or of the scale. */
    public function wantedAt(string $figureId, int $frame): float
    {
        $layout = $this->layoutAt($frame);
        if ($layout->measure() !== Measure::Level) {
            return $this->shownAt($figureId, $frame);
        }
        $isThere = $layout->shape($figureId, $this->moves[$figureId]->presenceAt($frame), 0.0)->outline() !== '';

        // Its level above the foot of the chart, which may be below zero.
        return $isThere
            ? $this->story->momentAt($frame)->scale->place(0.0) + (float) $this->tipAt($figureId, $frame)
            : 0.0;
    }

    /**
     * What a number is that was read off a mark as a fraction of the whole, or of the scale, and how much of it a whole
     * one would be.
     *
     * @return array{float, float} the number with its figure's sign, and the whole in its measure
     */
    public function readOff(string $figureId, int $frame, float $measured): array
    {
        $scale = $this->story->momentAt($frame)->scale;
        $fraction = abs($this->fractionAt($figureId, $frame));
        $number = $this->numberAt($figureId, $frame);
        $whole = $fraction > 0 ? abs($number) / $fraction : $scale->length();
        if ($this->tipAt($figureId, $frame) === null) {
            return [($number <=> 0.0) * $whole * $measured, $whole];
        }
        if ($this->moves[$figureId]->amountAt($frame) <= 0) {
            return [0.0, $whole];
        }
        $zero = $this->layoutAt($frame)->measure() === Measure::Level ? $scale->place(0.0) : 0.0;

        return [$this->story->numberOf($figureId, $frame, $measured - $zero), $whole];
    }

    /** What a reading says on a frame, for so much of its figure as is there. */
    public function readingAt(string $figureId, int $frame, Presence $there): string
    {
        // Only where marks are joined has one come less far than there is of it.
        $isTip = $there->amount < 1.0 && $this->form->isJoined();
        $tip = $isTip ? $this->layoutAt($frame)->tip($figureId, $there) : null;

        return $tip === null
            ? $this->story->readingAt($figureId, $frame, $there->amount)
            : $this->story->readingOf($figureId, $frame, $tip);
    }

    private function tipAt(string $figureId, int $frame): ?float
    {
        return $this->form->isJoined()
            ? $this->layoutAt($frame)->tip($figureId, $this->moves[$figureId]->presenceAt($frame))
            : null;
    }

    /**
     * The readings on the frames of a range, by figure id.
     *
     * @param array<string, Track<Presence>> $presences
     *
     * @return array<string, Track<string>>
     */
    public function readings(FrameRange $range, array $presences): array
    {
        $readings = [];
        $changes = $this->story->changes($range);
        foreach ($presences as $figureId => $presence) {
            $reading = $this->states()[$this->stateIndexAt($range->from)]->readings->of($figureId);
            $readings[$figureId] = $changes === [] && !$this->form->isJoined()
                ? $presence->map(static fn (Presence $there): string => $reading->at($there->amount))
                : Track::of(
                    [...$presence->changes, ...$changes],
                    fn (int $frame): string => $this->readingAt($figureId, $frame, $presence->at($frame)),
                );
        }

        return $readings;
    }

    /** What a reading counts on a frame, where all of its figure is there: the value, or the share in percent. */
    public function numberAt(string $figureId, int $frame): float
    {
        return $this->story->numberAt($figureId, $frame);
    }

    /** Digits after the point of a reading on a frame. */
    public function decimalsAt(string $figureId, int $frame): int
    {
        $index = $this->stateIndexAt($frame);
        $decimals = $this->states()[$index]->readings->of($figureId)->decimals();

        return $this->isSettledAt($frame)
            ? $decimals
            : max($decimals, $this->states()[$index - 1]->readings->of($figureId)->decimals());
    }

    /** The number of the state that a frame belongs to: the one that has been reached, or is being reached. */
    public function stateIndexAt(int $frame): int
    {
        return $this->story->stateIndexAt($frame);
    }

    /**
     * What belongs to each state, mixed as the figures are on a frame.
     *
     * @param \Closure(int $state): float $of
     */
    public function between(int $frame, \Closure $of): float
    {
        return $this->story->between($frame, $of);
    }

    /** Whether no figure is changing on a frame. */
    public function isSettledAt(int $frame): bool
    {
        return $this->story->settledAt($frame) !== null;
    }

    /** Where a figure stands in the order, from 0; between whole numbers while it changes places. */
    public function placeAt(string $figureId, int $frame): float
    {
        return $this->story->standingAt($figureId, $frame)->place;
    }

    /** @return list<int> the frames of a range on which figures change */
    public function changesOfFigures(FrameRange $range): array
    {
        return $this->story->changes($range);
    }

    /** @return array<string, float> what each figure is on a frame, where all of it is there */
    public function valuesAt(int $frame): array
    {
        return $this->story->valuesAt($frame);
    }

    /** One number of a figure over time. */
    public function number(string $figureId, string $property): KeyedNumber
    {
        return $this->keyed[$figureId][$property];
    }

    /**
     * One number of a figure's label: its size as a multiple of what it is at other times, how many pixels it stands
     * below its place, or how much of it can be seen.
     */
    public function ofLabel(string $figureId, string $property): KeyedNumber
    {
        $number = match ($property) {
            'size' => $this->emphases->onPart($figureId, KeyedNumber::of(1.0, []), 'label'),
            'y' => KeyedNumber::of(0.0, []),
            default => KeyedNumber::of(1.0, []),
        };
        $told = $this->moves[$figureId]->label;

        return $told === null ? $number : Manner::of($told)->on($property, $number);
    }

    /** How much of a figure's row in the legend is left where others stand out. */
    public function dimmed(string $figureId): KeyedNumber
    {
        return $this->emphases->dimmed($figureId, KeyedNumber::of(1.0, []));
    }

    /** One number of the chart as a whole over time: x, y, size, turn or opacity. */
    public function wholeNumber(string $property): KeyedNumber
    {
        return $this->whole[$property];
    }

    /** Where a point of the chart's own pixels is on the stage on a frame. */
    public function onStage(Chart $chart, Point $point, int $frame): Point
    {
        $place = $chart->place;
        $size = $this->whole['size']->at($frame);
        $turn = deg2rad($this->whole['turn']->at($frame));
        [$across, $down] = [($point->x - $place->x) * $size, ($point->y - $place->y) * $size];

        return new Point(
            $this->whole['x']->at($frame) + $across * cos($turn) - $down * sin($turn),
            $this->whole['y']->at($frame) + $across * sin($turn) + $down * cos($turn),
        );
    }

    /** Which of the chart's own pixels is at a point of the stage on a frame. */
    public function ownPoint(Chart $chart, Point $point, int $frame): Point
    {
        return $this->ownPoints($chart, $frame)($point);
    }

    /** @return \Closure(Point): Point the same of many points on one frame */
    public function ownPoints(Chart $chart, int $frame): \Closure
    {
        $place = $chart->place;
        $size = max(1e-9, $this->whole['size']->at($frame));
        $turn = deg2rad($this->whole['turn']->at($frame));
        [$cosine, $sine] = [cos($turn), sin($turn)];
        [$x, $y] = [$this->whole['x']->at($frame), $this->whole['y']->at($frame)];

        return static function (Point $point) use ($place, $size, $cosine, $sine, $x, $y): Point {
            [$across, $down] = [$point->x - $x, $point->y - $y];

            return new Point(
                $place->x + ($across * $cosine + $down * $sine) / $size,
                $place->y + ($down * $cosine - $across * $sine) / $size,
            );
        };
    }

    /** @return list<int> the frames of a range on which the chart as a whole moves */
    public function changesAsAWhole(FrameRange $range): array
    {
        $changes = [];
        foreach ($this->whole as $number) {
            array_push($changes, ...$number->changes($range));
        }

        return $changes;
    }

    /** Whether no move takes the chart as a whole anywhere. */
    public function isStillAsAWhole(): bool
    {
        foreach (['x', 'y', 'size', 'turn'] as $property) {
            if (!$this->whole[$property]->isStill()) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, KeyedNumber> everything about the chart that moves change, by property */
    public function keyedOfChart(): array
    {
        $keyed = array_filter($this->whole, static fn (KeyedNumber $number): bool => $number->hasMoves());
        foreach ($this->settings as $setting => $number) {
            $keyed['form.'.$setting] = $number;
        }

        return $keyed;
    }

    /** @return array<string, KeyedNumber> everything about a figure that moves change, by property; not its value */
    public function keyedOfFigure(string $figureId): array
    {
        return array_filter(
            $this->keyed[$figureId],
            static fn (KeyedNumber $number): bool => !$number->isStill(),
        );
    }

    /** @return list<int> the frames on which a figure's width in its stem may begin or end to change */
    public function keysOf(string $figureId): array
    {
        $keys = $this->story->keys();
        foreach ([$this->moves[$figureId]->entrance, $this->moves[$figureId]->exit] as $move) {
            if ($move !== null) {
                array_push($keys, $move->begin, $move->end());
            }
        }

        return $keys;
    }

    /** Moving marks × the frames of a range on which they move. */
    public function effort(FrameRange $range): int
    {
        $all = $this->story->changes($range);
        foreach ([...$this->settings, ...$this->followers] as $changing) {
            array_push($all, ...$changing->changes($range));
        }
        $ofAll = count(array_unique($all));
        $effort = 0;
        foreach ($this->moves as $figureId => $moves) {
            $own = $moves->movingFrames($range);
            foreach ($this->keyed[$figureId] as $number) {
                $own += count($number->changes($range));
            }
            $effort += min($range->count(), $own + $ofAll);
        }

        return $effort;
    }
}
