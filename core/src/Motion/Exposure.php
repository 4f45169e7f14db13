<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * What of a track is seen, frame by frame. With a shutter that is what the track is at all moments of a frame while
 * something goes on; what changes at once, from one frame to the next, is the new thing on all of the new frame.
 */
final readonly class Exposure
{
    public function __construct(private FrameRange $frames, private Clock $clock)
    {
    }

    /**
     * @template T of int|float|string
     *
     * @param Track<mixed> $track
     * @param \Closure(mixed): T $write how a value of it is written; what is written alike looks alike
     * @param bool $isHeld whether it is what it is on whole frames
     *
     * @return non-empty-array<int, T> what is written by the moment from which on it is seen; the first is that of the
     *                                 range's first
     */
    public function of(Track $track, \Closure $write, bool $isHeld): array
    {
        $first = $this->clock->range($this->frames)->from;
        $seen = [];
        $last = null;
        foreach ($this->moments($track, $write, $isHeld || $track->isHeld, $first) as $moment => $value) {
            if ($value !== $last) {
                $seen[$moment] = $last = $value;
            }
        }
        \assert($seen !== []);

        return $seen;
    }

    /**
     * @template T of int|float|string
     *
     * @param Track<mixed> $track
     * @param \Closure(mixed): T $write
     *
     * @return iterable<int, T>
     */
    private function moments(Track $track, \Closure $write, bool $isHeld, int $first): iterable
    {
        if ($this->clock->samples === 1) {
            yield $first => $write($track->at($first));
            foreach ($track->changes as $frame) {
                if ($frame > $first && $frame <= $this->frames->to) {
                    yield $frame => $write($track->atChange($frame));
                }
            }

            return;
        }
        $half = intdiv($this->clock->samples, 2);
        $byFrame = [$this->frames->from => []];
        foreach ($track->changes as $moment) {
            // What is seen as it is in the middle of a frame changes with the frame whose middle comes next.
            $frame = $this->clock->frameOf($isHeld ? $moment + $half : $moment);
            if ($frame >= $this->frames->from && $frame <= $this->frames->to) {
                $byFrame[$frame][] = $moment;
            }
        }
        foreach ($byFrame as $frame => $changes) {
            $begin = $this->clock->count($frame);
            if ($isHeld) {
                yield $begin => $write($track->at($this->clock->of($frame)));
            } else {
                yield from $this->within($begin, $changes, static fn (int $at): mixed => $write($track->at($at)));
            }
        }
    }

    /**
     * @template T of int|float|string
     *
     * @param list<int> $changes of one frame
     * @param \Closure(int): T $at
     *
     * @return non-empty-array<int, T>
     */
    private function within(int $begin, array $changes, \Closure $at): array
    {
        $values = [$begin => $at($begin)];
        foreach ($changes as $moment) {
            $values[$moment] = $at($moment);
        }
        $middle = $begin + intdiv($this->clock->samples, 2);
        $before = array_filter($values, static fn (int $moment): bool => $moment < $middle, ARRAY_FILTER_USE_KEY);
        $after = array_diff_key($values, $before);
        $isCut = $after !== [] && count(array_unique($before)) === 1 && count(array_unique($after)) === 1;

        return $isCut && isset($after[$middle]) ? [$begin => $after[$middle]] : $values;
    }
}
