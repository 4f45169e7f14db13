<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Geometry\Degrees;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;

/** Pie and donut: parts of a whole as sectors of a disc or a ring. */
final readonly class RoundForm
{
    /** @param list<Slot> $slots in the order in which they are laid out */
    private function __construct(
        private FormSettings $settings,
        public Point $centre,
        public array $slots,
        private float $gap,
    ) {
    }

    public static function of(Figures $figures, FormSettings $settings, Point $centre): self
    {
        $turn = $settings->direction === 'clockwise' ? 1 : -1;
        $at = Degrees::normalised($settings->startDegrees);
        $slots = [];
        $parts = 0;
        foreach ($figures->ordered($settings->order) as $figure) {
            $sweep = Degrees::ofShare($figure->share());
            $slots[] = new Slot($figure->id, $turn > 0 ? $at : $at - $sweep, $sweep);
            $at += $turn * $sweep;
            $parts += $sweep > 0 ? 1 : 0;
        }
        $closed = abs(array_sum(array_map(static fn (Slot $slot): float => $slot->sweepDegrees, $slots)) - 360) < 1e-9;

        // One part that is the whole has no neighbour, so no gap either.
        return new self($settings, $centre, $slots, $parts > 1 || !$closed ? $settings->gap : 0.0);
    }

    /**
     * The drawn part of a slot.
     *
     * @param float $from where the drawn part begins and ends, as fractions of the slot, clockwise; 0 ≤ from ≤ to ≤ 1
     * @param float $out how far the part is moved out along the middle of its slot, in pixels
     */
    public function sector(Slot $slot, float $from, float $to, float $out = 0.0): Sector
    {
        $sweep = $slot->sweepDegrees * ($to - $from);

        return new Sector(
            $out > 0 ? $this->centre->towards($slot->middleDegrees(), $out) : $this->centre,
            $this->settings->radius,
            $this->settings->holeRadius(),
            $slot->fromDegrees + $slot->sweepDegrees * $from,
            $sweep,
            // A part that is thinner than its gap would not be seen at all: the gap takes at most half of its outer
            // arc.
            min($this->gap, 2 * $this->settings->radius * sin(deg2rad(min($sweep, 360.0) / 4))),
        );
    }

    public function hasGap(): bool
    {
        return $this->gap > 0;
    }

    public function outerRadius(): float
    {
        return $this->settings->radius;
    }

    public function holeRadius(): float
    {
        return $this->settings->holeRadius();
    }
}
