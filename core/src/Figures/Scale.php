<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/** What amounts are drawn against: from least to most, with numbers that read well between. */
final readonly class Scale
{
    /** @param array<int|string, array{float, float}> $ticks number and how much of it is there, 0 to 1; by number */
    private function __construct(public float $least, public float $most, public array $ticks)
    {
    }

    /** For parts of a whole: nothing to read off. */
    public static function none(): self
    {
        return new self(0.0, 1.0, []);
    }

    /**
     * A scale that holds all values and zero, and ends on round numbers.
     *
     * @param list<float> $values
     * @param float $maximum given, or 0 to find it
     * @param float $minimum given, or 0 to find it
     * @param int $count about how many steps
     */
    public static function around(array $values, float $maximum = 0.0, float $minimum = 0.0, int $count = 5): self
    {
        $most = $maximum > 0 ? $maximum : max(0.0, ...$values);
        $least = $minimum < 0 ? $minimum : min(0.0, ...$values);
        if ($most - $least <= 0) {
            $most = 1.0;
        }
        // A rounder end can have a wider step, which rounds the ends once more.
        for ($round = 0, $before = 0.0; $round < 10; ++$round) {
            $step = self::step($least, $most, $count);
            if ($step === $before) {
                break;
            }
            $before = $step;
            $most = $maximum > 0 ? $maximum : ceil($most / $step - 1e-9) * $step;
            $least = $minimum < 0 ? $minimum : floor($least / $step + 1e-9) * $step;
        }
        $step = self::step($least, $most, $count);
        $ticks = [];
        for ($number = (int) ceil($least / $step - 1e-9); $number * $step <= $most + $step * 1e-9; ++$number) {
            // Dividing by a whole number keeps 0.3 from being 0.30000000000000004.
            $tick = $step >= 1 ? $number * $step : $number / round(1 / $step);
            $ticks[(string) $tick] = [$tick, 1.0];
        }

        return new self($least, $most, $ticks);
    }

    /**
     * The scale of figures that may stand upon each other: to the largest amount, to the largest stack, or to 100 %.
     *
     * @param string $stacking side, stacked or full
     * @param float $maximum given, or 0 to find it
     */
    public static function stacked(Figures $figures, string $stacking, float $maximum): self
    {
        if ($figures->seriesCount() < 2 || $stacking === 'side') {
            return self::around($figures->values(), $maximum);
        }
        $above = [];
        $below = [];
        foreach ($figures->list as $figure) {
            $above[$figure->rowId] = ($above[$figure->rowId] ?? 0.0) + max(0.0, $figure->value());
            $below[$figure->rowId] = ($below[$figure->rowId] ?? 0.0) + min(0.0, $figure->value());
        }
        if ($stacking === 'stacked') {
            return self::around([...array_values($above), ...array_values($below)], $maximum);
        }

        return self::around(array_sum($below) < 0 ? [100.0, -100.0] : [100.0], 100.0);
    }

    /** @param non-empty-list<self> $scales all of which it holds */
    public static function joined(array $scales): self
    {
        return self::around([
            max(array_map(static fn (self $one): float => $one->most, $scales)),
            min(array_map(static fn (self $one): float => $one->least, $scales)),
        ]);
    }

    /**
     * A step of 1, 2 or 5 times a power of ten that divides a length into about so many parts.
     *
     * Source: the rule of d3-array's tickIncrement; checked against d3-array.
     */
    public static function step(float $least, float $most, int $count): float
    {
        $step = ($most - $least) / max(1, $count);
        $power = 10 ** floor(log10($step));
        $error = $step / $power;

        return $power * match (true) {
            $error >= sqrt(50) => 10,
            $error >= sqrt(10) => 5,
            $error >= sqrt(2) => 2,
            default => 1,
        };
    }

    /** One scale turning into another; numbers that only one of them has fade. */
    public static function between(self $before, self $after, float $amount): self
    {
        if ($amount <= 0) {
            return $before;
        }
        if ($amount >= 1) {
            return $after;
        }
        $ticks = [];
        foreach ($before->ticks + $after->ticks as $key => [$number]) {
            $there = isset($before->ticks[$key]) ? (isset($after->ticks[$key]) ? 1.0 : 1 - $amount) : $amount;
            $ticks[$key] = [$number, $there];
        }

        return new self(
            $before->least + ($after->least - $before->least) * $amount,
            $before->most + ($after->most - $before->most) * $amount,
            $ticks,
        );
    }

    public function length(): float
    {
        return $this->most - $this->least;
    }

    /** Where a number stands, 0 at the least to 1 at the most. */
    public function place(float $number): float
    {
        return ($number - $this->least) / $this->length();
    }
}
