<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** Sound to be listened to: one channel, 16,000 samples a second, each a signed 16-bit number, lowest byte first. */
final readonly class Sound
{
    public const RATE = 16_000;

    private const BYTES = 2;

    private function __construct(private string $samples)
    {
    }

    /** @param string $samples two bytes a sample; half a sample at the end is left out */
    public static function ofSamples(string $samples): self
    {
        return new self(substr($samples, 0, intdiv(strlen($samples), self::BYTES) * self::BYTES));
    }

    /** how many samples there are */
    public function length(): int
    {
        return intdiv(strlen($this->samples), self::BYTES);
    }

    public function milliseconds(): float
    {
        return ($this->length() * 1000) / self::RATE;
    }

    /**
     * The samples from one on; silence before the first and after the last.
     *
     * @return list<int> as many as asked for, from −32768 to 32767
     */
    public function samples(int $from, int $count): array
    {
        $before = min($count, max(0, -$from));
        $bytes = substr($this->samples, max(0, $from) * self::BYTES, ($count - $before) * self::BYTES);
        /** @var array<int, int> $read */
        $read = $bytes === '' ? [] : unpack('v*', $bytes);
        $samples = $before > 0 ? array_fill(0, $before, 0) : [];
        foreach ($read as $sample) {
            $samples[] = $sample >= 0x8000 ? $sample - 0x10000 : $sample;
        }

        return array_pad($samples, $count, 0);
    }
}
