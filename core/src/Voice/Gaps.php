<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * What it costs not to lay a sound over another: to pass over windows of the known voice (words that are not said) or
 * of the recording (what is said and not written), and to begin or to end that. All in the unit of the distance.
 */
final readonly class Gaps
{
    /**
     * @param array<int, float> $rows a window of the known voice
     * @param array<int, float> $columns a window of the recording
     * @param array<int, float> $rowEdges the boundary before each window of the known voice, and after its last
     * @param array<int, float> $columnEdges the same of the recording
     * @param array<int, bool> $starts whether a word begins in a window of the known voice: gaps have their edges there
     * @param float $hold for each window in which only one of the two goes on
     */
    public function __construct(
        public array $rows,
        public array $columns,
        public array $rowEdges,
        public array $columnEdges,
        public array $starts,
        public float $hold,
    ) {
    }

    /** None: everything is laid over something. */
    public static function none(int $rows, int $columns): self
    {
        return new self(
            array_fill(0, $rows, INF),
            array_fill(0, $columns, INF),
            array_fill(0, $rows + 1, INF),
            array_fill(0, $columns + 1, INF),
            array_fill(0, $rows, false),
            0.0,
        );
    }
}
