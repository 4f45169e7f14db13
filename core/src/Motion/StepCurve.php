<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** In so many steps. Source: W3C, CSS Easing Functions Level 1, 2.3 (`steps()`). */
final readonly class StepCurve implements Curve
{
    public const JUMPS = ['jump-start', 'jump-end', 'jump-none', 'jump-both'];

    private function __construct(private int $steps, private string $jump)
    {
    }

    /** @throws BadTime where there are too few steps, or no such jump */
    public static function of(int $steps, string $jump): self
    {
        $jump = ['start' => 'jump-start', 'end' => 'jump-end'][$jump] ?? $jump;
        if (!in_array($jump, self::JUMPS, true)) {
            throw new BadTime(sprintf('Steps jump at %s; not at “%s”.', implode(', ', self::JUMPS), $jump));
        }
        if ($steps < ($jump === 'jump-none' ? 2 : 1) || $steps > 1000) {
            throw new BadTime('Steps are from 1 to 1000; from 2 where none jumps.');
        }

        return new self($steps, $jump);
    }

    public function at(float $time): float
    {
        // A hair is added, so that a step that falls on a frame is there on it.
        $step = (int) floor($time * $this->steps + 1e-9);
        $step += in_array($this->jump, ['jump-start', 'jump-both'], true) ? 1 : 0;
        $jumps = $this->steps + match ($this->jump) {
            'jump-both' => 1,
            'jump-none' => -1,
            default => 0,
        };

        return max(0, min($step, $jumps)) / $jumps;
    }
}
