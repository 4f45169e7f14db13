<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** An outline read back from its path data, to be measured without asking what drew it. */
final readonly class MeasuredOutline
{
    /** @param list<Segment> $segments */
    private function __construct(
        public array $segments,
        /** square pixels */
        public float $area,
        /** the largest radius among its arcs; 0 where it has none */
        public float $outerRadius,
    ) {
    }

    /**
     * @param string $pathData absolute M, L, A and Z, as marks are written
     *
     * @throws BadOutline
     */
    public static function read(string $pathData): self
    {
        preg_match_all('/[A-DF-Za-df-z]|-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $pathData, $found);
        $parts = $found[0];
        $segments = [];
        $at = $start = new Point(0, 0);
        for ($place = 0, $count = count($parts); $place < $count; ++$place) {
            switch ($parts[$place]) {
                case 'M':
                    $at = $start = new Point((float) ($parts[$place + 1] ?? 0), (float) ($parts[$place + 2] ?? 0));
                    $place += 2;
                    break;
                case 'L':
                    $to = new Point((float) ($parts[$place + 1] ?? 0), (float) ($parts[$place + 2] ?? 0));
                    $segments[] = Segment::line($at, $to);
                    $at = $to;
                    $place += 2;
                    break;
                case 'A':
                    $to = new Point((float) ($parts[$place + 6] ?? 0), (float) ($parts[$place + 7] ?? 0));
                    [$large, $clockwise] = [($parts[$place + 4] ?? '0') === '1', ($parts[$place + 5] ?? '0') === '1'];
                    [$radius, $upright] = [(float) ($parts[$place + 1] ?? 0), (float) ($parts[$place + 2] ?? 0)];
                    $segments[] = abs($radius - $upright) < 1e-9 || $radius <= 0 || $upright <= 0
                        ? Segment::arc($at, $to, $radius, $large, $clockwise)
                        : Segment::ellipse($at, $to, $radius, $upright / $radius, $large, $clockwise);
                    $at = $to;
                    $place += 7;
                    break;
                case 'Z':
                    if ($at->distanceTo($start) > 1e-9) {
                        $segments[] = Segment::line($at, $start);
                    }
                    $at = $start;
                    break;
                default:
                    throw new BadOutline(sprintf('The path command “%s” cannot be measured.', $parts[$place]));
            }
        }

        $area = 0.0;
        $outer = 0.0;
        foreach ($segments as $segment) {
            $area += $segment->areaPart();
            $outer = max($outer, $segment->radius);
        }

        return new self($segments, abs($area), $outer);
    }

    /** The box that holds it; null where there is nothing. */
    public function box(): ?Box
    {
        return $this->segments === [] ? null : Box::joined(array_map(
            static fn (Segment $segment): Box => $segment->box(),
            $this->segments,
        ));
    }

    /** The box that holds an outline; one of a pixel where there is nothing to hold. */
    public static function boxAround(string $pathData): Box
    {
        return self::read($pathData)->box() ?? new Box(0, 0, 1, 1);
    }

    /** Where one is after a part of the way along all of it, from 0 to 1. */
    public function along(float $part): Point
    {
        $left = $part * $this->length();
        foreach ($this->segments as $segment) {
            if ($left <= $segment->length) {
                return $segment->along($segment->length > 0 ? $left / $segment->length : 0.0);
            }
            $left -= $segment->length;
        }

        return ($this->segments[count($this->segments) - 1] ?? Segment::line(new Point(0, 0), new Point(0, 0)))->to;
    }

    /** Pixels. */
    public function length(): float
    {
        return array_sum(array_map(static fn (Segment $segment): float => $segment->length, $this->segments));
    }
}
