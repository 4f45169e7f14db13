<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * What a voice sounds like, window by window, apart from how loud and how high it is: 13 mel-frequency cepstral
 * coefficients and how they change over ±3 windows.
 *
 * Source: Davis and Mermelstein 1980; the change by regression as in Furui 1986 (from memory).
 */
final readonly class Cepstra
{
    public const SIZE = 26;

    private const COEFFICIENTS = 13;

    /** the first coefficient is the level, which says less about the word */
    private const LEVEL_WEIGHT = 0.5;

    private const CHANGE_WEIGHT = 2.5;

    /** 50 dB, in natural logarithms of power */
    private const FLOOR = 11.5;

    /** @param list<float> $values 26 a window */
    private function __construct(public array $values, public int $windows)
    {
    }

    public static function of(MelBands $bands, Pauses $pauses): self
    {
        $coefficients = self::coefficients($bands);
        $means = array_fill(0, self::COEFFICIENTS, 0.0);
        $heard = 0;
        foreach ($pauses->levels as $window => $level) {
            if ($level >= $pauses->threshold) {
                ++$heard;
                for ($index = 0; $index < self::COEFFICIENTS; ++$index) {
                    $means[$index] += $coefficients[$window * self::COEFFICIENTS + $index];
                }
            }
        }
        $values = [];
        $last = $bands->windows - 1;
        for ($window = 0; $window < $bands->windows; ++$window) {
            for ($index = 0; $index < self::COEFFICIENTS; ++$index) {
                $value = $coefficients[$window * self::COEFFICIENTS + $index] - $means[$index] / max(1, $heard);
                $values[] = $index === 0 ? $value * self::LEVEL_WEIGHT : $value;
            }
            for ($index = 0; $index < self::COEFFICIENTS; ++$index) {
                $change = 0.0;
                for ($away = 1; $away <= 3; ++$away) {
                    $change += $away * (
                        $coefficients[min($last, $window + $away) * self::COEFFICIENTS + $index]
                        - $coefficients[max(0, $window - $away) * self::COEFFICIENTS + $index]
                    );
                }
                $values[] = self::CHANGE_WEIGHT * ($change / 28) * ($index === 0 ? self::LEVEL_WEIGHT : 1.0);
            }
        }

        return new self($values, $bands->windows);
    }

    /**
     * The same with every pause shortened, so that long pauses here and short ones there do not matter.
     *
     * @param list<int> $kept the windows that are kept
     */
    public function only(array $kept): self
    {
        $values = [];
        foreach ($kept as $window) {
            for ($index = $window * self::SIZE, $end = $index + self::SIZE; $index < $end; ++$index) {
                $values[] = $this->values[$index];
            }
        }

        return new self($values, count($kept));
    }

    /** How little a window sounds like one of another sound. */
    public function distance(int $window, self $other, int $otherWindow): float
    {
        $square = 0.0;
        $at = $otherWindow * self::SIZE;
        for ($index = $window * self::SIZE, $end = $index + self::SIZE; $index < $end; ++$index, ++$at) {
            $difference = $this->values[$index] - $other->values[$at];
            $square += $difference * $difference;
        }

        return sqrt($square);
    }

    /**
     * The same for the windows of another sound from one to before another.
     *
     * @return list<float>
     */
    public function distances(int $window, self $other, int $from, int $to): array
    {
        $a = array_slice($this->values, $window * self::SIZE, self::SIZE);
        $b = $other->values;
        $at = $from * self::SIZE;
        $distances = [];
        for ($column = $from; $column < $to; ++$column) {
            $square = 0.0;
            foreach ($a as $value) {
                $difference = $value - $b[$at++];
                $square += $difference * $difference;
            }
            $distances[] = sqrt($square);
        }

        return $distances;
    }

    /** The windows from one to before another. */
    public function part(int $from, int $to): self
    {
        return new self(array_slice($this->values, $from * self::SIZE, ($to - $from) * self::SIZE), $to - $from);
    }

    /** @param int<1, max> $by means of so many windows each */
    public function coarser(int $by): self
    {
        return $this->windows === 0 ? $this : $this->means(array_chunk(range(0, $this->windows - 1), $by));
    }

    /** @param list<non-empty-list<int>> $windows of each new window those that it is the mean of */
    public function means(array $windows): self
    {
        $values = [];
        foreach ($windows as $together) {
            $count = count($together);
            for ($index = 0; $index < self::SIZE; ++$index) {
                $sum = 0.0;
                foreach ($together as $window) {
                    $sum += $this->values[$window * self::SIZE + $index];
                }
                $values[] = $sum / $count;
            }
        }

        return new self($values, count($windows));
    }

    /** @return list<float> the discrete cosine transform of the bands' logarithms, 13 a window */
    private static function coefficients(MelBands $bands): array
    {
        $floor = $bands->loudest() - self::FLOOR;
        $cosines = [];
        for ($index = 0; $index < self::COEFFICIENTS; ++$index) {
            for ($band = 0; $band < MelBands::BANDS; ++$band) {
                $cosines[] = sqrt(2 / MelBands::BANDS) * cos((M_PI * $index * ($band + 0.5)) / MelBands::BANDS);
            }
        }
        $coefficients = [];
        for ($window = 0; $window < $bands->windows; ++$window) {
            $logs = [];
            foreach ($bands->window($window) as $log) {
                $logs[] = max($floor, $log);
            }
            for ($index = 0; $index < self::COEFFICIENTS; ++$index) {
                $sum = 0.0;
                foreach ($logs as $band => $log) {
                    $sum += $log * $cosines[$index * MelBands::BANDS + $band];
                }
                $coefficients[] = $sum;
            }
        }

        return $coefficients;
    }
}
