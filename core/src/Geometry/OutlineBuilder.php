<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Writes an outline as SVG path data with exact circular arcs. */
final class OutlineBuilder
{
    private string $data = '';

    public function moveTo(Point $point): self
    {
        $this->data .= 'M'.Decimal::of($point->x).' '.Decimal::of($point->y);

        return $this;
    }

    public function lineTo(Point $point): self
    {
        $this->data .= 'L'.Decimal::of($point->x).' '.Decimal::of($point->y);

        return $this;
    }

    /**
     * An arc around a centre, in pieces of at most 120°, so that no renderer has to guess the centre from two points
     * that nearly coincide or stand nearly opposite.
     *
     * @param float $fromDegrees where the pen already is
     * @param float $toDegrees larger: clockwise
     */
    public function arc(Point $centre, float $radius, float $fromDegrees, float $toDegrees): self
    {
        $sweep = $toDegrees - $fromDegrees;
        $pieces = max(1, (int) ceil(abs($sweep) / 120 - 1e-9));
        $size = Decimal::of($radius);
        for ($piece = 1; $piece <= $pieces; ++$piece) {
            $end = $centre->towards($fromDegrees + ($sweep * $piece) / $pieces, $radius);
            $this->data .=
                'A'.
                $size.
                ' '.
                $size.
                ' 0 0 '.
                ($sweep >= 0 ? '1 ' : '0 ').
                Decimal::of($end->x).
                ' '.
                Decimal::of($end->y);
        }

        return $this;
    }

    public function close(): self
    {
        $this->data .= 'Z';

        return $this;
    }

    public function pathData(): string
    {
        return $this->data;
    }

    public static function rectangle(float $x, float $y, float $width, float $height): string
    {
        return (new self())
            ->moveTo(new Point($x, $y))
            ->lineTo(new Point($x + $width, $y))
            ->lineTo(new Point($x + $width, $y + $height))
            ->lineTo(new Point($x, $y + $height))
            ->close()
            ->pathData();
    }

    public static function circle(Point $centre, float $radius): string
    {
        return (new self())->moveTo($centre->towards(0, $radius))->arc($centre, $radius, 0, 360)->close()->pathData();
    }
}
