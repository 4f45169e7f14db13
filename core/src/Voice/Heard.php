<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A sound that was listened to: what it sounds like, its pauses, and the windows that are left when they are short. */
final readonly class Heard
{
    /** what is left of a pause, in windows: 60 ms */
    private const PAUSE = 6;

    /** @param list<int> $kept */
    private function __construct(
        public Cepstra $cepstra,
        public Pauses $pauses,
        /** of each window of the shortened sound, its window in the whole one */
        public array $kept,
        public int $windows,
    ) {
    }

    /** @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1 */
    public static function in(Sound $sound, ?\Closure $progress = null): self
    {
        $bands = MelBands::of($sound, $progress);
        $pauses = Pauses::in($bands);
        $kept = [];
        $after = 0;
        foreach ($pauses->runs as [$from, $to]) {
            for ($window = $after; $window < $from; ++$window) {
                $kept[] = $window;
            }
            // Its two ends stay: the word before fades out, the word after begins.
            $half = intdiv(self::PAUSE, 2);
            for ($window = $from; $window < $from + $half; ++$window) {
                $kept[] = $window;
            }
            for ($window = $to - $half; $window < $to; ++$window) {
                $kept[] = $window;
            }
            $after = $to;
        }
        for ($window = $after; $window < $bands->windows; ++$window) {
            $kept[] = $window;
        }

        return new self(Cepstra::of($bands, $pauses)->only($kept), $pauses, $kept, $bands->windows);
    }

    /** The window of the shortened sound in which a window of the whole one is, or the nearest to it. */
    public function short(float $window): float
    {
        $low = 0;
        $high = count($this->kept) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->kept[$middle] <= $window) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }
        $into = $window - ($this->kept[$low] ?? 0);

        return $low + max(0.0, min(1.0, $into));
    }

    /** The window of the whole sound of one of the shortened one, between windows too. */
    public function whole(float $short): float
    {
        $short = max(0.0, min(count($this->kept) - 1.0, $short));
        $low = (int) floor($short);
        $high = min(count($this->kept) - 1, $low + 1);

        return $this->kept[$low] + ($short - $low) * ($this->kept[$high] - $this->kept[$low]);
    }
}
