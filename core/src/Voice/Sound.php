<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Sound to be listened to, from its beginning to its end: one channel, 16,000 samples a second, each a signed 16-bit
 * number, lowest byte first. It comes in pieces, and only what is being listened to is held, so that a long one takes
 * no more memory than a short one.
 */
final class Sound
{
    public const RATE = 16_000;

    private const BYTES = 2;

    /** bytes that have been listened to and are held all the same, so that not every sample moves them */
    private const SLACK = 262_144;

    private string $held = '';

    /** the sample with which what is held begins */
    private int $first = 0;

    /** @param \Iterator<string> $more */
    private function __construct(private readonly \Iterator $more, private readonly int $expected)
    {
        $more->rewind();
    }

    /** @param string $samples two bytes a sample; half a sample at the end is left out */
    public static function ofSamples(string $samples): self
    {
        return new self(new \ArrayIterator([$samples]), intdiv(strlen($samples), self::BYTES));
    }

    /**
     * @param \Iterator<string> $pieces which follow each other; a sample may begin in one and end in the next
     * @param int $expected samples in all, as far as is known, to tell how much is done
     */
    public static function ofPieces(\Iterator $pieces, int $expected): self
    {
        return new self($pieces, $expected);
    }

    /** Whether a sample is there; what comes before it is read, too. */
    public function reaches(int $sample): bool
    {
        while ($this->end() <= $sample && $this->more->valid()) {
            $this->held .= $this->more->current();
            $this->more->next();
        }

        return $sample < $this->end();
    }

    /** How much of it is before a sample, 0 to 1, as far as is known. */
    public function part(int $sample): float
    {
        return max(0.0, min(1.0, $sample / max(1, $this->expected)));
    }

    /**
     * The samples from one on; silence before the first and after the last. What lies before them is let go: whoever
     * asks for samples asks for later ones next.
     *
     * @return list<int> as many as asked for, from −32768 to 32767
     */
    public function samples(int $from, int $count): array
    {
        $this->reaches($from + $count - 1);
        $before = min($count, max(0, -$from));
        $at = (max(0, $from) - $this->first) * self::BYTES;
        $bytes = substr($this->held, $at, max(0, $count - $before) * self::BYTES);
        /** @var array<int, int> $read */
        $read = strlen($bytes) < self::BYTES ? [] : unpack('v*', $bytes);
        $samples = $before > 0 ? array_fill(0, $before, 0) : [];
        foreach ($read as $sample) {
            $samples[] = $sample >= 0x8000 ? $sample - 0x10000 : $sample;
        }
        if ($at > self::SLACK) {
            $this->held = substr($this->held, $at);
            $this->first += intdiv($at, self::BYTES);
        }

        return array_pad($samples, $count, 0);
    }

    /** The sample after the last whole one that was read. */
    private function end(): int
    {
        return $this->first + intdiv(strlen($this->held), self::BYTES);
    }
}
