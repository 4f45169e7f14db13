<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

/** A mark of a reel: its outlines by the frame from which on they are painted, each measured once. */
final class ShownMark
{
    /** @var array<int, MeasuredSector> by the first frame of the outline */
    private array $measured = [];

    /** @var list<int> */
    private array $frames;

    /** @param array<int, string> $outlines path data by frame, rising */
    public function __construct(public readonly string $chart, public readonly string $figure, private array $outlines)
    {
        $this->frames = array_keys($outlines);
    }

    /** @return list<int> the frames from which on each outline is painted */
    public function frames(): array
    {
        return $this->frames;
    }

    public function outlineAt(int $frame): string
    {
        return $this->outlines[$this->since($frame)];
    }

    public function measuredAt(int $frame): MeasuredSector
    {
        $since = $this->since($frame);

        return $this->measured[$since] ??= MeasuredSector::of($this->outlines[$since]);
    }

    private function since(int $frame): int
    {
        if (isset($this->outlines[$frame])) {
            return $frame;
        }
        $low = 0;
        $high = count($this->frames) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->frames[$middle] <= $frame) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $this->frames[$low];
    }
}
