<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** Whole frames from a first to a last one. */
final readonly class FrameRange
{
    private function __construct(public int $from, public int $to)
    {
    }

    /** What lies within a piece; at least one frame. */
    public static function within(int $frames, ?int $from = null, ?int $to = null): self
    {
        $from = max(0, min($from ?? 0, $frames - 1));

        return new self($from, max($from, min($to ?? $frames - 1, $frames - 1)));
    }

    /** What it is where each of its frames is so many. */
    public function times(int $many): self
    {
        return new self($this->from * $many, ($this->to + 1) * $many - 1);
    }

    /**
     * @param int $most frames of a part
     *
     * @return non-empty-list<self> one after the other, each as long as it may be but the last
     */
    public function parts(int $most): array
    {
        $parts = [];
        for ($from = $this->from; $from <= $this->to; $from += $most) {
            $parts[] = new self($from, min($this->to, $from + $most - 1));
        }

        return $parts === [] ? [$this] : $parts;
    }

    public function count(): int
    {
        return $this->to - $this->from + 1;
    }

    /** How many of its frames lie from a first to a last one. */
    public function overlap(int $first, int $last): int
    {
        return max(0, min($this->to, $last) - max($this->from, $first) + 1);
    }
}
