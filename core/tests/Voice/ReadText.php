<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Voice;

use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\TextWord;

/** A text that was read, of which sentences can be cut out and doubled: sound and times go along. */
final readonly class ReadText
{
    /**
     * @param list<float|null> $times when each word begins, in milliseconds; null where it was cut out
     * @param list<float> $ends
     * @param list<bool> $isFirst whether a sentence begins with it
     * @param float $longer by how much doubling has made it longer
     */
    private function __construct(
        public string $samples,
        public array $times,
        private array $ends,
        private array $isFirst,
        public float $longer = 0.0,
    ) {
    }

    /**
     * @param list<float|array{float, float}> $times
     * @param list<string> $text
     */
    public static function of(string $samples, array $times, array $text): self
    {
        $isFirst = [];
        foreach (array_keys($text) as $index) {
            $isFirst[] = $index === 0 || str_ends_with($text[$index - 1], '.');
        }
        $begins = array_map(static fn (float|array $time): float => is_array($time) ? $time[0] : $time, $times);
        $ends = array_map(
            static fn (float|array $time, int $index): float => is_array($time)
                ? $time[1]
                : $begins[$index + 1] ?? $time,
            $times,
            array_keys($times),
        );

        return new self($samples, $begins, $ends, $isFirst);
    }

    /** @return list<TextWord> those that are there */
    public function words(): array
    {
        $words = [];
        foreach ($this->times as $index => $time) {
            if ($time !== null) {
                $known = new KnownWord($time, $this->ends[$index]);
                $words[] = new TextWord($known, $this->isFirst[$index], false);
            }
        }

        return $words;
    }

    /** @param array{int, int} $span of words, to the one after its last */
    public function without(array $span): self
    {
        [$from, $to] = $span;
        [$begin, $end] = [$this->times[$from], $this->times[$to]];
        $times = $ends = [];
        foreach ($this->times as $index => $time) {
            $later = $index >= $to ? $end - $begin : 0.0;
            $times[] = $time === null || ($index >= $from && $index < $to) ? null : $time - $later;
            $ends[] = $this->ends[$index] - $later;
        }

        return new self($this->cut(0.0, $begin).$this->cut($end), $times, $ends, $this->isFirst);
    }

    /**
     * @param array{int, int} $span of words, to the one after its last
     * @param bool $isWritten whether the text has it twice, too
     */
    public function twice(array $span, bool $isWritten = false): self
    {
        [$from, $to] = $span;
        [$begin, $end] = [$this->times[$from], $this->times[$to]];
        $times = $ends = $isFirst = [];
        foreach ($this->times as $index => $time) {
            if ($index === $to && $isWritten) {
                for ($again = $from; $again < $to; ++$again) {
                    $times[] = $this->times[$again] + $end - $begin;
                    $ends[] = $this->ends[$again] + $end - $begin;
                    $isFirst[] = $this->isFirst[$again];
                }
            }
            $times[] = $time + ($index >= $to ? $end - $begin : 0.0);
            $ends[] = $this->ends[$index] + ($index >= $to ? $end - $begin : 0.0);
            $isFirst[] = $this->isFirst[$index];
        }
        $samples = $this->cut(0.0, $end).$this->cut($begin);

        return new self($samples, $times, $ends, $isFirst, $end - $begin);
    }

    private function cut(float $from, ?float $to = null): string
    {
        $first = 2 * (int) ($from * 16);

        return substr($this->samples, $first, $to === null ? null : 2 * (int) ($to * 16) - $first);
    }
}
