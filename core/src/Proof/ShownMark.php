<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Steps;

/** A mark of a reel: its outlines by the frame from which on they are painted, each measured once. */
final class ShownMark
{
    /** @var array<string, Measured> by the first frames of the outline and of the whole */
    private array $measured = [];

    private readonly Steps $outlines;

    private readonly Steps $wholes;

    private readonly Point $pivot;

    /**
     * @param string $measure what of it is in proportion to its figure
     * @param array{float, float} $pivot what angles are measured about
     * @param array<int, string> $outlines path data by frame, rising
     * @param array<int, float> $wholes how much of the measure the whole is, by frame, rising
     */
    public function __construct(
        public readonly string $chart,
        public readonly string $figure,
        public readonly string $measure,
        array $pivot,
        array $outlines,
        array $wholes,
    ) {
        $this->outlines = new Steps($outlines);
        $this->wholes = new Steps($wholes);
        $this->pivot = new Point(...$pivot);
    }

    /** @return list<int> the frames from which on each outline is painted */
    public function frames(): array
    {
        return [...$this->outlines->frames, ...$this->wholes->frames];
    }

    public function outlineAt(int $frame): string
    {
        return (string) $this->outlines->at($frame);
    }

    /** What was measured on a frame, with its unit. */
    public function measureText(int $frame): string
    {
        $measured = $this->measuredAt($frame)->share * (float) $this->wholes->at($frame);

        return match ($this->measure) {
            'angle' => number_format($measured, 2).'°',
            'area' => number_format($measured).' px²',
            default => number_format($measured, 1).' px',
        };
    }

    public function measuredAt(int $frame): Measured
    {
        $key = $this->outlines->since($frame).'/'.$this->wholes->since($frame);

        return $this->measured[$key] ??= Measurement::of(
            $this->measure,
            $this->outlineAt($frame),
            (float) $this->wholes->at($frame),
            $this->pivot,
        );
    }
}
