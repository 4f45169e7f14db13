<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Form;
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
use Lupine\Core\Piece\TrackSettings;

/** What there is to know of a chart over time: one driver for marks, readings, stems and proof. */
final readonly class ChartTiming
{
    /** a moment after all others */
    private const END = 1_000_000_000;
    /** in places: how near figures are that pass each other where words of one are gone, and where all is seen */
    private const PASSING = [0.55, 0.85];
    /** the same of words beside each other, which are longer than they are high */
    private const PASSING_BESIDE = [0.75, 0.95];

    /**
     * @param FiguresOverTime $story what the figures are
     * @param ChartLayouts $layouts where they stand
     * @param ChartAmounts $amounts how much of each is there, and what its reading says
     * @param WholeChart $whole where the chart as a whole is
     * @param array<string, FigureMoves> $moves when each comes and goes, by figure id
     * @param array<string, string> $colours by figure id
     * @param array<string, CoatsOverTime> $coats by figure id
     * @param array<string, KeyedValues<TrackSettings>> $tracks that marks run on, by figure id
     * @param array<string, array<string, KeyedNumber>> $keyed numbers of each figure, by figure id and property
     * @param list<array{TimedMove, Change}> $changes of the chart, by their beginnings
     * @param array<string, list<array{TimedMove, Change}>> $changesOfFigures by figure id
     */
    public function __construct(
        public Form $form,
        public FiguresOverTime $story,
        public ChartLayouts $layouts,
        public ChartAmounts $amounts,
        public WholeChart $whole,
        public array $moves,
        public array $colours,
        public array $coats,
        public array $tracks,
        public StylesOverTime $styles,
        private array $keyed,
        public array $changes,
        public array $changesOfFigures,
        public Emphases $emphases,
        /** whether its figures are amounts on a scale, and not parts of a whole */
        public bool $isOnScale,
        /** how it goes through the moments of its table, or null */
        public ?Run $run = null,
    ) {
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

    /** How far a figure is pulled out once everything has moved. */
    public function finalOut(string $figureId): float
    {
        return $this->number($figureId, 'out')->at(self::END);
    }

    /** Where a point of the chart is on the stage, once everything has moved. */
    public function finallyOnStage(Point $point): Point
    {
        return $this->whole->onStage($point, self::END);
    }

    /** Whether a figure is among those that are picked once a state has been reached. */
    public function isShownIn(string $figureId, int $state): bool
    {
        return $this->story->states[$state]->places[$figureId] < $this->story->states[$state]->room;
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
        $passing = array_values(array_filter($this->story->changes($range), $this->story->isRearrangingAt(...)));
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
        $outs = array_map(
            fn (Figure $figure): float => $this->number($figure->id, 'out')->most(),
            $this->figures()->list,
        );

        return max(0.0, ...$outs) + $this->layouts->mostApart();
    }

    /** @return array<string, Track<Presence>> by figure id, on the frames of a range */
    public function presences(FrameRange $range): array
    {
        return array_map(static fn (FigureMoves $moves): Track => $moves->presence($range), $this->moves);
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

    /** @return array<string, KeyedNumber> everything about the chart that moves change, by property */
    public function keyedOfChart(): array
    {
        $keyed = $this->whole->keyed();
        foreach ($this->layouts->keyed() as $setting => $number) {
            $keyed['form.'.$setting] = $number;
        }

        return $keyed;
    }

    /** @return array<string, KeyedNumber> everything about a figure that moves change, by property; not its value */
    public function keyedOfFigure(string $figureId): array
    {
        return array_filter(
            [...$this->keyed[$figureId], ...$this->coats[$figureId]->keyed()],
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
        $ofAll = count(array_unique($this->layouts->changes($range)));
        $effort = 0;
        foreach ($this->moves as $figureId => $moves) {
            $own = $moves->movingFrames($range);
            foreach ($this->keyed[$figureId] as $number) {
                $own += count($number->changes($range));
            }
            $own += count($this->coats[$figureId]->changes($range));
            $effort += min($range->count(), $own + $ofAll);
        }

        return $effort;
    }
}
