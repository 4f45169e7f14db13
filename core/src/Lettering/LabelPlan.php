<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Shape;
use Lupine\Core\Form\Spread;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\PlaceLabels;
use Lupine\Core\Labels\Placing;
use Lupine\Core\Labels\Wish;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Story\ChartTiming;

/**
 * Which labels stand on their marks, which along them and which beside them, and where those do: found once for every
 * state of the figures, so that nothing flickers while they change.
 */
final readonly class LabelPlan
{
    /** pixels to keep clear of the edges of a mark */
    public const MARGIN = 2.0;

    /** the least size of type, as a fraction of the stage's shorter side (common practice, no source) */
    private const LEAST = 0.0155;

    /** @var array<string, 'on'|'along'|'beside'> by figure id */
    public array $ways;

    /** how large labels beside their marks are, as a multiple of what is set */
    public float $factor;

    public bool $isSpread;

    public Spread $spread;

    /** @var non-empty-list<Placing> by state */
    private array $placings;

    /** @var list<Layout> by state */
    private array $layouts;

    public function __construct(
        private Chart $chart,
        private ChartTiming $timing,
        private WordSizes $sizes,
        private Ground $ground,
        private WordBoxes $boxes,
    ) {
        $this->layouts = array_map($timing->layouts->of(...), array_keys($timing->story->states));
        $this->spread = $this->layouts[0]->spread();
        $ways = [];
        foreach ($this->shown() as $id) {
            $ways[$id] = $this->way($id);
        }
        $this->ways = $ways;
        $beside = array_map('strval', array_keys($ways, 'beside', true));
        $wishes = array_map(
            fn (int $state): array => array_map(
                fn (string $id): Wish => $this->wish($id, $state),
                array_values(array_filter($beside, static fn (string $id): bool => $timing->isShownIn($id, $state))),
            ),
            array_keys($this->layouts),
        );
        $placings = $this->place($wishes, 1.0, false);
        $this->factor = min(array_map(static fn (Placing $one): float => $one->factor, $placings));
        $spread = array_map(static fn (Placing $one): bool => $one->isSpread, $placings);
        $this->isSpread = in_array(true, $spread, true);
        // All states alike: as small as the most crowded of them needs, and in lanes if one does.
        $isAlike = count(array_unique(array_map(
            static fn (Placing $one): string => $one->factor.($one->isSpread ? ' spread' : ''),
            $placings,
        ))) === 1;
        $this->placings = $isAlike ? $placings : $this->place($wishes, $this->factor, $this->isSpread);
    }

    /** Where the label of a figure stands in a state, from where it would stand alone. */
    public function shift(string $figureId, int $state): Point
    {
        $place = $this->placings[$state]->places[$figureId] ?? null;
        if ($place === null) {
            // Where it is not shown it comes from beside its mark.
            return new Point(0.0, 0.0);
        }
        $alone = $this->alone($figureId, $state);

        return new Point($place->middle->x - $alone->x, $place->middle->y - $alone->y);
    }

    /** How far out of its mark the line to a label goes before it bends, in pixels. */
    public function elbowOut(string $figureId): float
    {
        $style = $this->sizes->style($figureId);
        $plate = 2 * ($style->plate->padding ?? 0.0) * $style->size;

        return PlaceLabels::elbowOut($this->sizes->label($figureId)[1] + $plate, $this->factor);
    }

    /** Whether there is room for it in every state. */
    public function isThere(string $figureId): bool
    {
        foreach ($this->placings as $placing) {
            if (isset($placing->places[$figureId]) && !$placing->places[$figureId]->isThere) {
                return false;
            }
        }

        return true;
    }

    /** Whether a line leads to it in any state. */
    public function hasLeader(string $figureId): bool
    {
        foreach ($this->placings as $placing) {
            if (($placing->places[$figureId]->elbow ?? null) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the figures that a label is wanted for, in the order in which they are laid out */
    private function shown(): array
    {
        return array_values(array_filter($this->layouts[0]->order(), function (string $id): bool {
            if ($this->sizes->own($id)?->isHidden === true) {
                return false;
            }
            foreach (array_keys($this->layouts) as $state) {
                if ($this->shape($id, $state)->outline() !== '') {
                    return true;
                }
            }

            return false;
        }));
    }

    /** @return 'on'|'along'|'beside' */
    private function way(string $id): string
    {
        $wanted = $this->chart->words->labels->show;
        if ($wanted === 'beside' || $this->sizes->own($id)?->x !== null) {
            return 'beside';
        }
        [$width, $height] = $this->sizes->label($id);
        foreach (array_keys($this->layouts) as $state) {
            $shape = $this->shape($id, $state);
            $fits = $wanted === 'along'
                ? $shape->along()?->holds($width, $height, self::MARGIN) === true
                : $shape->holds($shape->middle(), $width, $height, self::MARGIN);
            if (!$fits) {
                return 'beside';
            }
        }

        return $wanted === 'along' ? 'along' : 'on';
    }

    private function shape(string $id, int $state): Shape
    {
        $out = $this->timing->number($id, 'out')->at($this->timing->layouts->settledFrame($state));

        return $this->layouts[$state]->shape($id, Presence::full(), $out);
    }

    private function alone(string $id, int $state): Point
    {
        return $this->shape($id, $state)->beside($this->sizes->clear($id), ...$this->sizes->label($id));
    }

    private function wish(string $id, int $state): Wish
    {
        $value = $this->timing->story->states[$state]->figures->byId($id)->value();

        return $this->sizes->wish($id, $this->shape($id, $state), abs($value));
    }

    /**
     * How high a label is whose smallest line is as small as it may be.
     *
     * @param float $size of that line, in pixels
     */
    private function least(float $size): float
    {
        $least = 0.0;
        foreach (array_keys($this->ways, 'beside', true) as $id) {
            [, $height] = $this->sizes->label((string) $id);
            $own = $this->sizes->style((string) $id)->size;
            $smallest = $this->sizes->kind((string) $id) === 'both' ? $own * WordSizes::OVER : $own;
            $least = max($least, $height * $size / $smallest);
        }

        return $least;
    }

    /**
     * @param non-empty-list<list<Wish>> $wishes by state
     *
     * @return non-empty-list<Placing>
     */
    private function place(array $wishes, float $factor, bool $isSpread): array
    {
        $at = $this->chart->place;
        $placings = [];
        foreach ($wishes as $state => $ofState) {
            $extent = $this->layouts[$state]->extent();
            $around = $this->ground->surroundings->from(new Point($at->x, $at->y), $at->size, $extent);
            $placings[] = (new PlaceLabels(
                $around->safe,
                [
                    ...$around->obstacles,
                    ...$this->boxes->besideAxes($this->layouts[$state]),
                    ...$this->boxes->middle($this->layouts[$state]),
                ],
                $extent,
                $this->spread,
                $this->least(self::LEAST * min($around->stage->width, $around->stage->height)),
                $this->chart->words->labels->hasLeaders,
            ))->place($ofState, $factor, $isSpread);
        }

        return $placings;
    }
}
