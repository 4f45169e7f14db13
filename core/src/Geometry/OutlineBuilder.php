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

    /** An arc that has been measured, as far as its end. */
    public function arcOf(Segment $arc): self
    {
        $centre = $arc->centre ?? $arc->from;
        $from = rad2deg(atan2($arc->from->x - $centre->x, $centre->y - $arc->from->y));

        return $this->arc($centre, $arc->radius, $from, $from + rad2deg($arc->sweep));
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

    /** @param float $corner radius of its corners; where there is less room, they are smaller */
    public static function roundedRectangle(float $x, float $y, float $width, float $height, float $corner): string
    {
        $corner = max(0.0, min($corner, $width / 2, $height / 2));

        return self::cornered($x, $y, $width, $height, [$corner, $corner, $corner, $corner]);
    }

    /**
     * @param array{float, float, float, float} $corners radii: left top, right top, right bottom, left bottom; those of
     *                                                   one side are together at most as long as it
     */
    public static function cornered(float $x, float $y, float $width, float $height, array $corners): string
    {
        [$right, $bottom] = [$x + $width, $y + $height];
        [$first, $second, $third, $fourth] = $corners;
        $path = (new self())->moveTo(new Point($x + $first, $y))->lineTo(new Point($right - $second, $y));
        $path->corner(new Point($right - $second, $y + $second), $second, 0);
        $path->lineTo(new Point($right, $bottom - $third));
        $path->corner(new Point($right - $third, $bottom - $third), $third, 90);
        $path->lineTo(new Point($x + $fourth, $bottom));
        $path->corner(new Point($x + $fourth, $bottom - $fourth), $fourth, 180);
        if ($first > 0) {
            $path->lineTo(new Point($x, $y + $first));
            $path->corner(new Point($x + $first, $y + $first), $first, 270);
        }

        return $path->close()->pathData();
    }

    public static function circle(Point $centre, float $radius): string
    {
        return (new self())->moveTo($centre->towards(0, $radius))->arc($centre, $radius, 0, 360)->close()->pathData();
    }

    private function corner(Point $centre, float $radius, float $fromDegrees): void
    {
        if ($radius > 0) {
            $this->arc($centre, $radius, $fromDegrees, $fromDegrees + 90);
        }
    }
}
