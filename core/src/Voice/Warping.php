<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Which window of a sound says what a window of another one says: the cheapest way through both, forward in each.
 *
 * Source: Sakoe and Chiba 1978, “Dynamic programming algorithm optimization for spoken word recognition”, with a band
 * of allowed differences; a step in both costs 1.4 of its distance, a step in one alone costs 1.
 */
final readonly class Warping
{
    private const BOTH = 1.4;

    /**
     * @param list<array{int, int}> $path pairs of windows, of the one and of the other, from the first to the last
     * @param list<float> $costs the distance at each pair
     */
    private function __construct(public array $path, public array $costs)
    {
    }

    /**
     * @param list<int> $middles for each window of the one, the window of the other about which is searched
     * @param int $reach how many windows to both sides of it
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     */
    public static function through(
        Cepstra $one,
        Cepstra $other,
        array $middles,
        int $reach,
        ?\Closure $progress = null,
    ): self {
        $last = $other->windows - 1;
        $a = $one->values;
        $b = $other->values;
        $size = Cepstra::SIZE;
        $before = [];
        $beforeFrom = 0;
        $steps = [];
        $firsts = [];
        for ($row = 0; $row < $one->windows; ++$row) {
            // The band reaches the first and the last pair, whatever its middle.
            $from = $row === 0 ? 0 : max(0, min($last, $middles[$row] - $reach));
            $to = $row === $one->windows - 1 ? $last : max($from, min($last, $middles[$row] + $reach));
            if ($row > 0 && $from > $beforeFrom + count($before)) {
                $from = $beforeFrom + count($before) - 1;
            }
            $sums = [];
            $bytes = '';
            $base = $row * $size;
            for ($column = $from; $column <= $to; ++$column) {
                $square = 0.0;
                for ($index = 0, $at = $column * $size; $index < $size; ++$index, ++$at) {
                    $difference = $a[$base + $index] - $b[$at];
                    $square += $difference * $difference;
                }
                $distance = sqrt($square);
                $place = $column - $beforeFrom;
                $both = $before[$place - 1] ?? INF;
                $down = $before[$place] ?? INF;
                $along = $column > $from ? $sums[$column - $from - 1] : INF;
                $best = $both + self::BOTH * $distance;
                $step = "\0";
                if ($down + $distance < $best) {
                    $best = $down + $distance;
                    $step = "\1";
                }
                if ($along + $distance < $best) {
                    $best = $along + $distance;
                    $step = "\2";
                }
                if ($row === 0 && $column === 0) {
                    $best = $distance;
                }
                $sums[] = $best;
                $bytes .= $step;
            }
            $steps[] = $bytes;
            $firsts[] = $from;
            $before = $sums;
            $beforeFrom = $from;
            if ($progress !== null && $row % 100 === 0) {
                $progress($row / $one->windows);
            }
        }

        return self::back($one, $other, $steps, $firsts);
    }

    /**
     * The window of the other sound for each window of the one: the middle of those that the path gives it.
     *
     * @return list<float>
     */
    public function others(): array
    {
        $first = [];
        $last = [];
        foreach ($this->path as [$row, $column]) {
            $first[$row] ??= $column;
            $last[$row] = $column;
        }
        ksort($first);
        $others = [];
        foreach ($first as $row => $column) {
            $others[] = ($column + $last[$row]) / 2;
        }

        return $others;
    }

    /**
     * @param list<string> $steps
     * @param list<int> $firsts
     */
    private static function back(Cepstra $one, Cepstra $other, array $steps, array $firsts): self
    {
        $row = $one->windows - 1;
        $column = $other->windows - 1;
        $path = [];
        while ($row >= 0 && $column >= 0) {
            $path[] = [$row, $column];
            if ($row === 0 && $column === 0) {
                break;
            }
            $step = $steps[$row][$column - $firsts[$row]] ?? "\0";
            if ($step !== "\2") {
                --$row;
            }
            if ($step !== "\1") {
                --$column;
            }
        }
        $path = array_reverse($path);
        $costs = [];
        foreach ($path as [$x, $y]) {
            $square = 0.0;
            for ($index = 0; $index < Cepstra::SIZE; ++$index) {
                $difference = $one->values[$x * Cepstra::SIZE + $index] - $other->values[$y * Cepstra::SIZE + $index];
                $square += $difference * $difference;
            }
            $costs[] = sqrt($square);
        }

        return new self($path, $costs);
    }
}
