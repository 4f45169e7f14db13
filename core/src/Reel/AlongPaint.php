<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Bend;
use Lupine\Core\Geometry\Decimal;

/**
 * A gradient along a line that bends: from where a part begins, around, to where it ends.
 *
 * On a canvas it is a conic gradient about the centre of each bend. Source: HTML, the 2D rendering context,
 * createConicGradient. SVG has none: there each bend is cut in steps too small to be told apart.
 *
 * A bend has the x and y of its centre and its radius, the angles that it goes from and to, clockwise from 12 o’clock,
 * and the places on the gradient, from 0 to 1, that it goes from and to.
 */
final readonly class AlongPaint implements WovenPaint
{
    /** in SVG: steps of the whole way, as finely as a screen’s colours differ, and degrees that a step is at most */
    private const STEPS = 255;
    private const STEP = 4.0;

    /** pixels by which it goes beyond the part’s thickness and ends */
    private const MARGIN = 8.0;

    public function __construct(
        /** @var list<array{float, float, float, float, float, float, float}> as said above */
        public array $bends,
        /** half of the thickness on both sides of the bends */
        public float $half,
        /** @var list<array{float, string, float}> place from 0 to 1, colour, opacity */
        public array $stops,
        /** height over width: circles are squashed about the centre of the first */
        public float $stretch = 1.0,
        #[OneOf('along')]
        public string $kind = 'along',
    ) {
    }

    /**
     * @param non-empty-list<Bend> $bends
     * @param list<array{float, string, float}> $stops
     */
    public static function of(array $bends, float $half, float $stretch, array $stops): self
    {
        $whole = max(1e-9, array_sum(array_map(static fn (Bend $bend): float => $bend->length(), $bends)));
        $laid = [];
        $gone = 0.0;
        foreach ($bends as $bend) {
            $laid[] = [
                round($bend->centre->x, 4),
                round($bend->centre->y, 4),
                round($bend->radius, 4),
                round($bend->fromDegrees, 7),
                round($bend->toDegrees, 7),
                round($gone / $whole, 7),
                round(($gone + $bend->length()) / $whole, 7),
            ];
            $gone += $bend->length();
        }

        return new self($laid, round($half, 4), $stops, round($stretch, 7));
    }

    public function svg(string $id, int $width, int $height): string
    {
        $paths = '';
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        foreach ($this->steps() as [$corners, $at]) {
            $path = '';
            foreach ($corners as [$x, $y]) {
                $path .= ($path === '' ? 'M' : 'L').Decimal::of($x, 3).' '.Decimal::of($y, 3);
                [$left, $right] = [min($left, $x), max($right, $x)];
                [$top, $bottom] = [min($top, $y), max($bottom, $y)];
            }
            [$colour, $opacity] = Stops::at($this->stops, $at);
            $seen = $opacity < 1 ? ' fill-opacity="'.Decimal::of($opacity, 4).'"' : '';
            $paths .= '<path d="'.$path.'Z" fill="'.$colour.'"'.$seen.'/>';
        }
        if ($paths === '') {
            [$left, $top, $right, $bottom] = [0.0, 0.0, 1.0, 1.0];
        }
        $around = array_map(
            static fn (float $number): string => Decimal::of($number, 3),
            [$left, $top, $right - $left, $bottom - $top],
        );
        $middle = $this->bends[0][1] ?? 0.0;
        $squashed = $this->stretch === 1.0 ? '' : sprintf(
            ' patternTransform="translate(0 %s) scale(1 %s)"',
            Decimal::of($middle * (1 - $this->stretch)),
            Decimal::of($this->stretch, 8),
        );

        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" x="%s" y="%s" width="%s" height="%s"%s>'
                .'<g transform="translate(%s %s)" shape-rendering="crispEdges">%s</g></pattern>',
            $id,
            ...$around,
            ...[$squashed, Decimal::of(-$left, 3), Decimal::of(-$top, 3), $paths],
        );
    }

    /** @return \Generator<int, array{list<array{float, float}>, float}> corners of each step, and its place */
    private function steps(): \Generator
    {
        $last = count($this->bends) - 1;
        foreach ($this->bends as $index => [$x, $y, $radius, $from, $to, $place, $toPlace]) {
            $sweep = $to - $from;
            $count = (int) max(1, ceil(($toPlace - $place) * self::STEPS), ceil(abs($sweep) / self::STEP));
            // A whole turn has no room before its beginning and after its end.
            $beyond = abs($sweep) > 350 ? 0.0 : rad2deg(self::MARGIN / max(self::MARGIN, $radius)) * ($sweep <=> 0.0);
            [$inner, $outer] = [
                max(0.0, $radius - $this->half - self::MARGIN),
                $radius + $this->half + self::MARGIN,
            ];
            for ($step = 0; $step < $count; ++$step) {
                $begin = $from + $sweep * $step / $count - ($index === 0 && $step === 0 ? $beyond : 0.0);
                $end = $from + $sweep * ($step + 1) / $count
                    + ($index === $last && $step === $count - 1 ? $beyond : 0.0);
                $corner = static fn (float $degrees, float $far): array => [
                    $x + $far * sin(deg2rad($degrees)),
                    $y - $far * cos(deg2rad($degrees)),
                ];

                yield [
                    [$corner($begin, $inner), $corner($begin, $outer), $corner($end, $outer), $corner($end, $inner)],
                    $place + ($toPlace - $place) * ($step + 0.5) / $count,
                ];
            }
        }
    }
}
