<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\FormSettings;

/** Where a chart's figures stand on which frame, in the chart's own pixels; each is worked out once. */
final class ChartLayouts
{
    /** @var array<int, Layout> by frame */
    private array $known = [];

    /** @var array<int, Layout> by the moment that they are of, where nothing else changes them */
    private array $settled = [];

    /**
     * @param array<string, KeyedNumber> $keyed numbers of the form that moves change, by setting
     * @param array<string, FigureMoves> $followers of those that open from their neighbours' edges, by figure id
     */
    public function __construct(
        private readonly Form $form,
        private readonly FormSettings $settings,
        private readonly Point $place,
        private readonly FiguresOverTime $story,
        private readonly array $keyed,
        private readonly array $followers,
    ) {
    }

    public function at(int $frame): Layout
    {
        if ($this->keyed === [] && $this->followers === []) {
            // Moments are kept, so each has a number of its own; those that stand still share one.
            $moment = $this->story->momentAt($frame);

            return $this->settled[spl_object_id($moment)] ??= $this->form->layout(
                $this->settings,
                $this->place,
                $moment,
            );
        }

        return $this->known[$frame] ??= $this->form->layout(
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
    public function with(int $frame, array $changed): Layout
    {
        return $this->form->layout(
            $this->settingsAt($frame)->with($changed),
            $this->place,
            $this->story->momentAt($frame),
        );
    }

    /** Where every figure stands once a state has been reached. */
    public function of(int $state): Layout
    {
        $settings = $this->settingsAt($this->settledFrame($state));

        return $this->form->layout($settings, $this->place, $this->story->states[$state]->moment());
    }

    /** The frame on which a state has been reached. */
    public function settledFrame(int $state): int
    {
        return (int) $this->story->states[$state]->move?->end();
    }

    /** @return Track<Layout> */
    public function over(FrameRange $range): Track
    {
        $changes = [$range->from, ...$this->changes($range)];

        return count($changes) === 1
            ? Track::constant($this->at($range->from))
            : Track::of($changes, $this->at(...));
    }

    public function settingsAt(int $frame): FormSettings
    {
        return $this->keyed === []
            ? $this->settings
            : $this->settings->with(
                array_map(static fn (KeyedNumber $number): float => $number->at($frame), $this->keyed),
            );
    }

    /** @return list<Handle> where the numbers of its form are taken hold of */
    public function handles(): array
    {
        return $this->form->handles($this->settingsAt(0), $this->place, $this->rowCount());
    }

    /** How many figures stand beside each other; those of several series share a place. */
    private function rowCount(): int
    {
        $figures = $this->story->first()->figures;

        return max(1, intdiv(count($figures->list), max(1, $figures->seriesCount())));
    }

    /** How far parts ever stand apart, in pixels. */
    public function mostApart(): float
    {
        $apart = $this->settings->has('apart') ? $this->settings->number('apart') : 0.0;

        return max($apart, ($this->keyed['apart'] ?? null)?->most() ?? 0.0);
    }

    /** @return array<string, KeyedNumber> numbers of the form that moves change, by setting */
    public function keyed(): array
    {
        return $this->keyed;
    }

    /** @return list<int> the frames of a range on which all figures may change */
    public function changes(FrameRange $range): array
    {
        $changes = $this->story->changes($range);
        foreach ([...$this->keyed, ...$this->followers] as $changing) {
            array_push($changes, ...$changing->changes($range));
        }

        return $changes;
    }
}
