<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** Straight from one stop to the next. Source: W3C, CSS Easing Functions Level 2, 2.2.1 (`linear()`). */
final readonly class Stops implements Curve
{
    /** @param non-empty-list<array{float, float}> $stops time and progress, times in order */
    private function __construct(private array $stops)
    {
    }

    /**
     * @param list<array{float, float|null}> $stops progress and time of each; times that are missing are spread evenly
     *
     * @throws BadTime where there are fewer than two
     */
    public static function of(array $stops): self
    {
        $count = count($stops);
        if ($count < 2) {
            throw new BadTime('A curve of stops needs two at least, such as linear(0, 1).');
        }
        $times = array_column($stops, 1);
        $times[0] ??= 0.0;
        $times[$count - 1] ??= 1.0;
        $largest = $times[0];
        for ($index = 1; $index < $count; ++$index) {
            if ($times[$index] !== null) {
                $largest = $times[$index] = max($largest, $times[$index]);
            }
        }
        for ($index = 1; $index < $count; ++$index) {
            if ($times[$index] === null) {
                $end = $index;
                while ($times[$end] === null) {
                    ++$end;
                }
                $from = (float) $times[$index - 1];
                $times[$index] = $from + ((float) $times[$end] - $from) / ($end - $index + 1);
            }
        }
        $known = [];
        foreach ($stops as $index => [$progress]) {
            $known[] = [(float) $times[$index], $progress];
        }

        return new self($known);
    }

    public function at(float $time): float
    {
        $last = count($this->stops) - 1;
        // The last stop at or before the moment, of several the last; beyond the ends, straight on.
        $index = 0;
        while ($index < $last - 1 && $this->stops[$index + 1][0] <= $time) {
            ++$index;
        }
        if ($this->stops[$last][0] <= $time) {
            if ($time === $this->stops[$last][0] || $this->stops[$last - 1][0] === $this->stops[$last][0]) {
                return $this->stops[$last][1];
            }
        }
        [[$from, $begin], [$to, $end]] = [$this->stops[$index], $this->stops[$index + 1]];

        return $to <= $from ? $end : $begin + (($end - $begin) * ($time - $from)) / ($to - $from);
    }
}
