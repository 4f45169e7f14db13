<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;

/** A letter as lines and arcs, in font units. */
final readonly class GlyphShape
{
    private const DIGITS = 3;

    /**
     * @param list<array{string, list<float>}> $commands M and L with a point, A with its radius, its sweep and a point,
     *                                                   Z
     * @param Box|null $box that holds it; null where nothing is to be seen
     */
    public function __construct(public array $commands, public ?Box $box)
    {
    }

    /** @param list<array{string, list<float>}> $commands */
    public static function of(array $commands): self
    {
        $data = (new self($commands, null))->placed(new Point(0, 0), 0.0, 1.0, 0.0);

        return new self($commands, MeasuredOutline::read($data)->box());
    }

    /**
     * Path data of it on the stage.
     *
     * @param Point $foot of its middle, on its baseline, in pixels
     * @param float $half of its width, in font units
     * @param float $scale pixels for one font unit
     * @param float $turn radians clockwise about its foot
     */
    public function placed(Point $foot, float $half, float $scale, float $turn): string
    {
        [$cos, $sin] = [cos($turn) * $scale, sin($turn) * $scale];
        $data = '';
        foreach ($this->commands as [$letter, $numbers]) {
            if ($letter === 'Z') {
                $data .= 'Z';
                continue;
            }
            [$y, $x] = [(float) array_pop($numbers), (float) array_pop($numbers) - $half];
            if ($letter === 'A') {
                [$radius, $sweep] = $numbers;
                $size = Decimal::of($radius * $scale, self::DIGITS);
                $letter .= $size.' '.$size.' 0 0 '.($sweep > 0 ? '1 ' : '0 ');
            }
            $data .= $letter
                .Decimal::of($foot->x + $x * $cos - $y * $sin, self::DIGITS).' '
                .Decimal::of($foot->y + $x * $sin + $y * $cos, self::DIGITS);
        }

        return $data;
    }
}
