<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

/**
 * One part of an outline: points, and where the curve comes into each and goes out of it, told from the point.
 *
 * Source: Lottie Specification 1.0, “Values”, Bezier.
 */
final readonly class Bezier
{
    /**
     * @param non-empty-list<array{float, float}> $points
     * @param non-empty-list<array{float, float}> $ins as many
     * @param non-empty-list<array{float, float}> $outs as many
     */
    public function __construct(
        private bool $isClosed,
        private array $points,
        private array $ins,
        private array $outs,
    ) {
    }

    public static function nothing(): self
    {
        return new self(true, [[0.0, 0.0]], [[0.0, 0.0]], [[0.0, 0.0]]);
    }

    public function count(): int
    {
        return count($this->points);
    }

    /** The same outline with so many points, its last one several times. */
    public function with(int $many): self
    {
        $more = $many - $this->count();
        if ($more <= 0) {
            return $this;
        }
        $last = $this->count() - 1;
        $stays = array_fill(0, $more, [0.0, 0.0]);

        return new self(
            $this->isClosed,
            [...$this->points, ...array_fill(0, $more, $this->points[$last])],
            [...$this->ins, ...$stays],
            // The way back to the first point begins at the last of them.
            [...array_slice($this->outs, 0, $last), ...$stays, $this->outs[$last]],
        );
    }

    /** @return array<string, bool|list<array{float, float}>> whether it is closed, points, ins and outs */
    public function toArray(): array
    {
        return ['c' => $this->isClosed, 'v' => $this->points, 'i' => $this->ins, 'o' => $this->outs];
    }
}
