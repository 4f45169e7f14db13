<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Where a way through two sounds is looked for: for each boundary between windows of the one, from 0 before its first
 * to the one after its last, the boundaries of the other that are tried. Its first and last corners belong to it.
 */
final readonly class Band
{
    /**
     * @param list<int> $lows
     * @param list<int> $highs
     */
    private function __construct(public array $lows, public array $highs)
    {
    }

    /** Everything. */
    public static function whole(int $rows, int $columns): self
    {
        return new self(array_fill(0, $rows + 1, 0), array_fill(0, $rows + 1, $columns));
    }

    /** Near an even pace. */
    public static function even(int $rows, int $columns, int $reach): self
    {
        $middles = [];
        for ($row = 0; $row < $rows; ++$row) {
            $middles[] = (int) round(($row * ($columns - 1)) / max(1, $rows - 1));
        }

        return self::near(array_map(static fn (int $at): array => [$at, $at], $middles), $columns, $reach);
    }

    /** Near a way that was found in windows that are so many times as long. */
    public static function about(Warping $rough, int $by, int $rows, int $columns, int $reach): self
    {
        $spans = $rough->spans();
        $near = [];
        for ($row = 0; $row < $rows; ++$row) {
            [$from, $to] = $spans[min(count($spans) - 1, intdiv($row, $by))];
            $near[] = [$from * $by, $to * $by + $by - 1];
        }

        return self::near($near, $columns, $reach);
    }

    /** @param list<array{int, int}> $spans of each window of the one, those of the other */
    private static function near(array $spans, int $columns, int $reach): self
    {
        $lows = [0];
        /** @var non-empty-list<int> $highs */
        $highs = [min($columns, ($spans[0][1] ?? 0) + $reach)];
        foreach ($spans as $row => [$from, $to]) {
            $lows[] = $row === 0 ? 0 : max(0, min($columns, $from + 1 - $reach, $highs[$row]));
            $highs[] = max(0, min($columns, $to + 1 + $reach));
        }
        $highs[count($highs) - 1] = $columns;

        return new self($lows, $highs);
    }
}
