<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Measure;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;

/**
 * How much of each figure is there on which frame, what its mark has to measure then, and what its reading says: one
 * driver for mark, reading, stem and proof.
 */
final readonly class ChartAmounts
{
    /** @param array<string, FigureMoves> $moves by figure id */
    public function __construct(
        private Form $form,
        private FiguresOverTime $story,
        private ChartLayouts $layouts,
        private array $moves,
        /** whether figures are amounts on a scale, and not parts of a whole */
        private bool $isOnScale,
    ) {
    }

    /** How much of the whole, or of the scale, a figure is where all of it is there; below zero where it is. */
    public function fractionAt(string $figureId, int $frame): float
    {
        return $this->story->fractionAt($figureId, $frame);
    }

    /** How wide a figure's stem is on a frame: its share, or on a scale its amount. */
    public function widthAt(string $figureId, int $frame): float
    {
        $scale = $this->isOnScale ? $this->story->momentAt($frame)->scale->length() : 1.0;

        return $this->shownAt($figureId, $frame) * $scale;
    }

    /** The widest that any stem ever is, above zero. */
    public function widest(): float
    {
        $largest = 1e-12;
        foreach ($this->story->states as $state) {
            foreach ($state->moment()->standings as $standing) {
                $scale = $this->isOnScale ? $state->scale->length() : 1.0;
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

    /** What its mark has to measure on a frame, as a fraction of the whole, or of the scale. */
    public function wantedAt(string $figureId, int $frame): float
    {
        $layout = $this->layouts->at($frame);
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
        $number = $this->story->numberAt($figureId, $frame);
        $whole = $fraction > 0 ? abs($number) / $fraction : $scale->length();
        if ($this->tipAt($figureId, $frame) === null) {
            return [($number <=> 0.0) * $whole * $measured, $whole];
        }
        if ($this->moves[$figureId]->amountAt($frame) <= 0) {
            return [0.0, $whole];
        }
        $zero = $this->layouts->at($frame)->measure() === Measure::Level ? $scale->place(0.0) : 0.0;

        return [$this->story->numberOf($figureId, $frame, $measured - $zero), $whole];
    }

    /** What a reading says on a frame, for so much of its figure as is there. */
    public function readingAt(string $figureId, int $frame, Presence $there): string
    {
        // Only where marks are joined has one come less far than there is of it.
        $isTip = $there->amount < 1.0 && $this->form->isJoined();
        $tip = $isTip ? $this->layouts->at($frame)->tip($figureId, $there) : null;

        return $tip === null
            ? $this->story->readingAt($figureId, $frame, $there->amount)
            : $this->story->readingOf($figureId, $frame, $tip);
    }

    private function tipAt(string $figureId, int $frame): ?float
    {
        return $this->form->isJoined()
            ? $this->layouts->at($frame)->tip($figureId, $this->moves[$figureId]->presenceAt($frame))
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
            $reading = $this->story->states[$this->story->stateIndexAt($range->from)]->readings->of($figureId);
            $readings[$figureId] = $changes === [] && !$this->form->isJoined()
                ? $presence->map(static fn (Presence $there): string => $reading->at($there->amount))
                : Track::of(
                    [...$presence->changes, ...$changes],
                    fn (int $frame): string => $this->readingAt($figureId, $frame, $presence->at($frame)),
                );
        }

        return $readings;
    }
}
