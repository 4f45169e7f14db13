<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * A cubic Bézier from (0, 0) to (1, 1). Source of the named curves: W3C, CSS Easing Functions Level 1, 2.2.
 */
final readonly class Bezier implements Curve
{
    private const NAMED = [
        'linear' => [0.0, 0.0, 1.0, 1.0],
        'ease' => [0.25, 0.1, 0.25, 1.0],
        'ease-in' => [0.42, 0.0, 1.0, 1.0],
        'ease-out' => [0.0, 0.0, 0.58, 1.0],
        'ease-in-out' => [0.42, 0.0, 0.58, 1.0],
    ];

    private function __construct(private float $x1, private float $y1, private float $x2, private float $y2)
    {
    }

    /** @throws BadTime where an x is outside 0 to 1, so that time would run backwards */
    public static function bezier(float $x1, float $y1, float $x2, float $y2): self
    {
        if (min($x1, $x2) < 0 || max($x1, $x2) > 1) {
            throw new BadTime('The first and third number of a curve must be from 0 to 1.');
        }

        return new self($x1, $y1, $x2, $y2);
    }

    public static function named(string $name): self
    {
        if (!isset(self::NAMED[$name])) {
            throw new BadTime(sprintf('There is no curve called “%s”.', $name));
        }

        return new self(...self::NAMED[$name]);
    }

    /** @return array{float, float, float, float} */
    public function numbers(): array
    {
        return [$this->x1, $this->y1, $this->x2, $this->y2];
    }

    /**
     * @param float $time 0 to 1
     *
     * @return float 0 at 0 and 1 at 1; in between it may pass these where the curve does
     */
    public function at(float $time): float
    {
        if ($time <= 0.0 || $time >= 1.0) {
            return $time <= 0.0 ? 0.0 : 1.0;
        }
        if ($this->x1 === $this->y1 && $this->x2 === $this->y2) {
            return $time;
        }

        return self::along($this->parameterAt($time), $this->y1, $this->y2);
    }

    private function parameterAt(float $time): float
    {
        $low = 0.0;
        $high = 1.0;
        $guess = $time;
        for ($round = 0; $round < 60; ++$round) {
            $off = self::along($guess, $this->x1, $this->x2) - $time;
            if (abs($off) < 1e-14) {
                break;
            }
            if ($off > 0) {
                $high = $guess;
            } else {
                $low = $guess;
            }
            $slope =
                3 * (1 - $guess) ** 2 * $this->x1 +
                6 * (1 - $guess) * $guess * ($this->x2 - $this->x1) +
                3 * $guess ** 2 * (1 - $this->x2);
            $next = $slope > 1e-9 ? $guess - $off / $slope : -1.0;
            $guess = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $guess;
    }

    private static function along(float $t, float $first, float $second): float
    {
        return 3 * (1 - $t) ** 2 * $t * $first + 3 * (1 - $t) * $t ** 2 * $second + $t ** 3;
    }
}
