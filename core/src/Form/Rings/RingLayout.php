<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Rings;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\StandsApart;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;

/** Rings around a point, evenly spaced between an inner and an outer radius. */
final readonly class RingLayout implements Layout
{
    use CountsFromZero;
    use StandsApart;

    /** @param array<string, Ring> $rings by figure id, in the order in which they are laid out */
    private function __construct(
        private FormSettings $settings,
        private Point $centre,
        private array $rings,
        private float $band,
    ) {
    }

    public static function of(FormSettings $settings, Point $centre, Moment $moment): self
    {
        $outer = $settings->number('radius');
        $inner = $outer * $settings->number('hole');
        $count = $moment->room();
        $band = ($outer - $inner) / max(1, $count);
        $isOutside = $settings->word('first') === 'outside';
        $given = $settings->number('thickness');
        $thickness = $given > 0 ? min($given, $band) : $band * (1 - $settings->number('spacing'));
        $full = $settings->number('sweepDegrees');
        $innermost = $inner + $band / 2;
        $rings = [];
        foreach ($moment->inPlace() as $standing) {
            $place = $isOutside ? $count - 1 - $standing->place : $standing->place;
            $radius = $inner + ($place + 0.5) * $band;
            $ownFull = $settings->word('equal') === 'angle' ? $full : $full * ($innermost / max(1e-9, $radius));
            $sweep = min(360.0, $ownFull * $standing->fraction);
            $rings[$standing->figureId] = new Ring($radius, $thickness, $sweep, $ownFull);
        }

        return new self($settings, $centre, $rings, $band);
    }

    public function order(): array
    {
        return array_map('strval', array_keys($this->rings));
    }

    public function shape(string $figureId, Presence $there, float $out): ArcShape
    {
        $ring = $this->rings[$figureId];

        return ArcShape::of(
            $this->centre,
            $ring->radius,
            $ring->thickness,
            $this->settings->number('startDegrees'),
            $ring->sweepDegrees,
            $there,
            $out,
            $this->settings->word('direction') === 'clockwise',
            $this->settings->word('ends') === 'round',
        );
    }

    public function pivot(): Point
    {
        return $this->centre;
    }

    public function extent(): Box
    {
        return Box::around($this->centre, 2 * $this->settings->number('radius'), 2 * $this->settings->number('radius'));
    }

    public function measure(): Measure
    {
        return $this->settings->word('equal') === 'angle' ? Measure::Angle : Measure::Arc;
    }

    public function whole(string $figureId): float
    {
        $ring = $this->rings[$figureId];

        return $this->settings->word('equal') === 'angle'
            ? $ring->fullDegrees
            : deg2rad($ring->fullDegrees) * $ring->radius;
    }

    public function furniture(): array
    {
        $tracks = [];
        foreach ($this->settings->word('track') === 'none' ? [] : $this->rings as $figureId => $ring) {
            $clockwise = $this->settings->word('direction') === 'clockwise';
            $start = $this->settings->number('startDegrees');
            $track = new Sector(
                $this->centre,
                $ring->radius + $ring->thickness / 2,
                $ring->radius - $ring->thickness / 2,
                $clockwise ? $start : $start - $ring->fullDegrees,
                $ring->fullDegrees,
                corner: $this->settings->word('ends') === 'round' ? $ring->thickness / 2 : 0.0,
            );
            $tracks['track-'.$figureId] = Furniture::track(
                (string) $figureId,
                $track->outline(),
                $this->settings->word('track') === 'tinted',
            );
        }

        return $tracks;
    }

    public function spread(): Spread
    {
        return Spread::Stay;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): float
    {
        return $this->band;
    }

    public function middle(): Room
    {
        $hole = $this->settings->number('radius') * $this->settings->number('hole');

        return new Room($this->centre, $hole * 1.7, $hole);
    }
}
