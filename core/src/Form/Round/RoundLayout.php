<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\HasGaps;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\Standing;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Degrees;
use Lupine\Core\Geometry\EqualAreas;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;

/** Parts of a whole around a point. */
final readonly class RoundLayout implements Layout, HasGaps
{
    use CountsFromZero;

    /**
     * pixels to each side of a boundary that are laid under it, so that no ground shows even where the stage is shown
     * small
     */
    private const SEAM = 4.0;

    /** @param array<string, Slot> $slots by figure id, in the order in which they are laid out */
    private function __construct(
        private bool $isClockwise,
        private float $corner,
        private Point $centre,
        private float $radius,
        private float $holeRadius,
        private float $gap,
        private float $sweepDegrees,
        private array $slots,
        private ?EqualAreas $areas,
        private string $track,
        private float $startDegrees,
    ) {
    }

    /** @param float $hole inner radius as a fraction of the outer one */
    public static function of(FormSettings $settings, float $hole, Point $centre, Moment $moment): self
    {
        // A form that has no gaps, no corners and no track does not have their settings either.
        $number = static fn (string $name): float => $settings->has($name) ? $settings->number($name) : 0.0;
        $turn = $settings->word('direction') === 'clockwise' ? 1 : -1;
        $whole = $settings->number('sweepDegrees');
        $at = Degrees::normalised($settings->number('startDegrees'));
        $isLeftOut = static fn (Standing $one): bool => $one->isRest && $settings->word('rest') === 'none';
        $shown = array_filter(
            $moment->standings,
            static fn (Standing $one): bool => $one->full() > 0 && !$isLeftOut($one),
        );
        $sum = array_sum(array_map(static fn (Standing $one): float => $one->full(), $moment->standings));
        // One part that is the whole has no neighbour, so no gap either.
        $gap = count($shown) > 1 || abs($sum * $whole - 360) >= 1e-9 ? $number('gap') : 0.0;
        $radius = $settings->number('radius');
        $areas = $settings->has('gapKeeps') && $settings->word('gapKeeps') === 'areas'
            ? self::areas($moment, $radius, $radius * $hole, $gap, $number('corner'), $whole)
            : null;
        $sweeps = [];
        foreach ($moment->standings as $one) {
            $sweeps[$one->figureId] = $areas === null
                ? $one->fraction * $whole
                : $areas->sweepDegrees($one->fraction, $one->grown);
        }
        $begins = $moment->isRearranging() ? $moment->begins($sweeps) : null;
        $slots = [];
        foreach ($moment->inPlace() as $standing) {
            $sweep = $sweeps[$standing->figureId];
            $begin = $begins === null ? $at : $at + $turn * $begins[$standing->figureId];
            $slots[$standing->figureId] = new Slot(
                $standing->figureId,
                $turn > 0 ? $begin : $begin - $sweep,
                $sweep,
                $isLeftOut($standing),
                $standing->fraction,
                $standing->grown,
            );
            $at += $begins === null ? $turn * $sweep : 0.0;
        }

        return new self(
            $turn > 0,
            $number('corner'),
            $centre,
            $radius,
            $radius * $hole,
            $areas?->gap() ?? $gap,
            $whole,
            $slots,
            $areas,
            $settings->has('track') ? $settings->word('track') : 'none',
            $settings->number('startDegrees'),
        );
    }

    private static function areas(
        Moment $moment,
        float $radius,
        float $hole,
        float $gap,
        float $corner,
        float $whole,
    ): EqualAreas {
        $shares = array_map(static fn (Standing $one): float => $one->full(), $moment->standings);
        // What no part has of the whole is as large as if it were one.
        $left = 1 - array_sum($shares);
        $shares = $left > 1e-9 ? [...$shares, $left] : $shares;

        // All gaps together take at most half of the rim.
        $most = 2 * $radius * sin(deg2rad($whole / (4 * max(1, count($shares)))));

        return EqualAreas::of($radius, $hole, min($gap, $most, $radius / 2), $corner, $whole, $shares);
    }

    public function order(): array
    {
        return array_map('strval', array_keys($this->slots));
    }

    public function shape(string $figureId, Presence $there, float $out): SectorShape
    {
        $slot = $this->slots[$figureId];

        return new SectorShape($this->sector($slot, $this->clockwise($there), $out), $slot, $this->centre, $out);
    }

    public function pivot(): Point
    {
        return $this->centre;
    }

    public function extent(): Box
    {
        return Box::around($this->centre, 2 * $this->radius, 2 * $this->radius);
    }

    public function measure(): Measure
    {
        return $this->areas === null ? Measure::Angle : Measure::Area;
    }

    public function whole(string $figureId): float
    {
        return $this->areas === null ? $this->sweepDegrees : $this->areas->all;
    }

    public function neighbours(): array
    {
        if ($this->gap > 0 || $this->corner > 0) {
            return [];
        }
        $slots = array_values(
            array_filter($this->slots, static fn (Slot $slot): bool => $slot->sweepDegrees > 0 && !$slot->isLeftOut),
        );
        if (!$this->isClockwise) {
            $slots = array_reverse($slots);
        }
        $neighbours = [];
        foreach ($slots as $index => $slot) {
            $next = $slots[($index + 1) % count($slots)];
            if ($next !== $slot && $slot->touches($next)) {
                $neighbours[] = [$slot->figureId, $next->figureId];
            }
        }

        return $neighbours;
    }

    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string
    {
        [$slot, $next] = [$this->slots[$before], $this->slots[$after]];
        [$beforeThere, $afterThere] = [$this->clockwise($beforeThere), $this->clockwise($afterThere)];
        if ($beforeThere->to < 1.0 || $afterThere->from > 0.0 || !$slot->touches($next)) {
            return '';
        }
        if ($beforeThere->amount <= 0 || $afterThere->amount <= 0) {
            return '';
        }

        // No wider than half of what is there on either side, or it would stand out beyond it.
        return $this->patch(
            $slot->toDegrees(),
            min($slot->sweepDegrees * $beforeThere->amount, $next->sweepDegrees * $afterThere->amount, 90.0) / 2,
        );
    }

    public function gaps(array $there): string
    {
        $slots = array_values(array_filter($this->slots, static fn (Slot $slot): bool => $slot->sweepDegrees > 0
            && !$slot->isLeftOut && isset($there[$slot->figureId])));
        $gaps = '';
        foreach ($this->gap > 0 && count($slots) > 1 ? $slots : [] as $slot) {
            foreach ($slots as $next) {
                [$before, $after] = [
                    $this->clockwise($there[$slot->figureId]),
                    $this->clockwise($there[$next->figureId]),
                ];
                $isBetween = $next !== $slot && $slot->touches($next) && $before->to >= 1.0 && $after->from <= 0.0;
                $gaps .= $isBetween && min($before->amount, $after->amount) > 0 ? $this->gap($slot->toDegrees()) : '';
            }
        }

        return $gaps;
    }

    /**
     * The strip along a boundary, as wide as the gap and the corners beside it: what of it lies under the parts is not
     * seen.
     */
    private function gap(float $degrees): string
    {
        $half = $this->gap / 2 + $this->corner;
        $off = static fn (float $radius): float => rad2deg(asin(min(1.0, $half / max(1e-9, $radius))));
        $turn = deg2rad($degrees);
        $edge = fn (float $radius, int $side): Point => $radius > $half
            ? $this->centre->towards($degrees + $side * $off($radius), $radius)
            : new Point($this->centre->x + $side * $half * cos($turn), $this->centre->y + $side * $half * sin($turn));
        $path = (new OutlineBuilder())->moveTo($edge($this->holeRadius, -1));
        if ($this->holeRadius > $half) {
            $reach = $off($this->holeRadius);
            $path->arc($this->centre, $this->holeRadius, $degrees - $reach, $degrees + $reach);
        } else {
            $path->lineTo($edge($this->holeRadius, 1));
        }
        $reach = $off($this->radius);

        return $path
            ->lineTo($edge($this->radius, 1))
            ->arc($this->centre, $this->radius, $degrees + $reach, $degrees - $reach)
            ->close()
            ->pathData();
    }

    public function furniture(): array
    {
        $first = array_key_first($this->slots);
        if ($this->track === 'none' || $first === null) {
            return [];
        }
        // All that the whole covers, with no gap: what is not there yet, and what no part has.
        $from = $this->isClockwise ? $this->startDegrees : $this->startDegrees - $this->sweepDegrees;
        $all = new Sector($this->centre, $this->radius, $this->holeRadius, $from, $this->sweepDegrees);

        return ['track' => Furniture::track((string) $first, $all->outline(), $this->track === 'tinted')];
    }

    public function spread(): Spread
    {
        return Spread::Sides;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): Room
    {
        $width = $this->holeRadius > 0 ? $this->holeRadius * 1.6 : $this->radius;

        return new Room($this->centre, $width, $this->holeRadius);
    }

    /** Slots are kept clockwise; what is there of them is told in the direction in which they are laid out. */
    private function clockwise(Presence $there): Presence
    {
        return $this->isClockwise ? $there : $there->reversed();
    }

    private function sector(Slot $slot, Presence $there, float $out): Sector
    {
        if ($this->areas !== null && !$slot->isLeftOut) {
            return $this->sectorOfArea($this->areas, $slot, $there, $out);
        }
        $sweep = $slot->isLeftOut ? 0.0 : $slot->sweepDegrees * ($there->to - $there->from);

        return new Sector(
            $out > 0 ? $this->centre->towards($slot->middleDegrees(), $out) : $this->centre,
            $this->radius,
            $this->holeRadius,
            $slot->fromDegrees + $slot->sweepDegrees * $there->from,
            $sweep,
            // A part that is thinner than its gap would not be seen at all: the gap takes at most half of its outer
            // arc.
            min($this->gap, 2 * $this->radius * sin(deg2rad(min($sweep, 360.0) / 4))),
            $this->corner,
        );
    }

    /** As much of it is there as its area says; which side it opens from stays. */
    private function sectorOfArea(EqualAreas $areas, Slot $slot, Presence $there, float $out): Sector
    {
        $part = $there->to - $there->from;
        $sweep = $areas->sweepDegrees($slot->fraction * $part, $slot->grown);
        $before = abs(1 - $part) > 1e-9 ? ($slot->sweepDegrees - $sweep) * ($there->from / (1 - $part)) : 0.0;

        return new Sector(
            $out > 0 ? $this->centre->towards($slot->middleDegrees(), $out) : $this->centre,
            $this->radius,
            $this->holeRadius,
            $slot->fromDegrees + $before,
            $sweep,
            $areas->gap($slot->grown),
            $areas->corner,
        );
    }

    /** @param float $reachDegrees how far to each side of the boundary it may reach */
    private function patch(float $degrees, float $reachDegrees): string
    {
        $inner = $this->holeRadius > 0 ? $this->holeRadius + 0.5 : 0.0;
        $outer = $this->radius - 0.5;
        $wide = self::SEAM / max(1e-9, sin(deg2rad($reachDegrees)));
        $radii = $wide > $inner && $wide < $outer ? [$inner, $wide, $outer] : [$inner, $outer];
        $corner = fn (float $radius, int $side): Point => $this->centre
            ->towards($degrees, $radius)
            ->towards($degrees + 90, $side * min(self::SEAM, $radius * sin(deg2rad($reachDegrees))));
        $path = (new OutlineBuilder())->moveTo($corner($inner, -1));
        foreach (array_slice($radii, 1) as $radius) {
            $path->lineTo($corner($radius, -1));
        }
        foreach (array_reverse($radii) as $radius) {
            $path->lineTo($corner($radius, 1));
        }

        return $path->close()->pathData();
    }
}
