<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** Where in a sound nobody speaks, in windows of 10 ms: each pause from its first window to the one after its last. */
final readonly class Pauses
{
    /** shorter silences are parts of words: 250 ms */
    public const SHORTEST = 25;

    private const FLOOR_PERCENTILE = 0.08;

    private const SPEECH_PERCENTILE = 0.95;

    /** how far between quiet and loud somebody begins to be heard */
    private const THRESHOLD = 0.3;

    /** how far below its loudest a band counts as silent, in natural logarithms of power: 60 dB */
    private const DEEPEST = 13.8;

    /**
     * @param list<array{int, int}> $runs in order, those before the first word and after the last too
     * @param list<float> $levels how much is heard in each window, 0 for nothing
     */
    private function __construct(public array $runs, public array $levels, public float $threshold)
    {
    }

    public static function in(MelBands $bands): self
    {
        $levels = self::levels($bands);
        if ($levels === []) {
            return new self([], [], 0.0);
        }
        $sorted = $levels;
        sort($sorted);
        $quiet = $sorted[(int) (self::FLOOR_PERCENTILE * (count($sorted) - 1))];
        $loud = $sorted[(int) (self::SPEECH_PERCENTILE * (count($sorted) - 1))];
        $threshold = $quiet + self::THRESHOLD * ($loud - $quiet);
        $runs = [];
        $from = null;
        foreach ([...$levels, INF] as $window => $level) {
            if ($level < $threshold) {
                $from ??= $window;
            } elseif ($from !== null) {
                if ($window - $from >= self::SHORTEST) {
                    $runs[] = [$from, $window];
                }
                $from = null;
            }
        }

        return new self($runs, $levels, $threshold);
    }

    /**
     * The pause that a window is in, or that begins within so many windows after it.
     *
     * @return array{int, int}|null
     */
    public function at(float $window, int $ahead = 0): ?array
    {
        foreach ($this->runs as $run) {
            if ($window < $run[1] && $window >= $run[0] - $ahead) {
                return $run;
            }
        }

        return null;
    }

    /** In how many windows, from one to before another, somebody speaks. */
    public function speech(int $from, int $to): int
    {
        $speech = 0;
        for ($window = $from; $window < $to; ++$window) {
            $speech += ($this->levels[$window] ?? 0.0) >= $this->threshold ? 1 : 0;
        }

        return $speech;
    }

    /**
     * How far each window rises above the quiet of its bands: the mean over the bands of log(1 + energy ÷ quiet).
     *
     * @return list<float>
     */
    private static function levels(MelBands $bands): array
    {
        $quiet = [];
        for ($band = 0; $band < MelBands::BANDS; ++$band) {
            $logs = $bands->band($band);
            if ($logs === []) {
                return [];
            }
            sort($logs);
            $last = count($logs) - 1;
            $quiet[] = max($logs[(int) (self::FLOOR_PERCENTILE * $last)], $logs[$last] - self::DEEPEST);
        }
        $levels = [];
        for ($window = 0; $window < $bands->windows; ++$window) {
            $sum = 0.0;
            $logs = $bands->window($window);
            foreach ($quiet as $band => $floor) {
                $sum += log(1 + exp($logs[$band] - $floor));
            }
            $levels[] = $sum / MelBands::BANDS;
        }

        return $levels;
    }
}
