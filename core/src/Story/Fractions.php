<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Scale;

/** What fraction of the whole, of the scale or of its row each figure is. */
final readonly class Fractions
{
    /** @param string $stacking none, side, stacked or full */
    public function __construct(private bool $isOnScale, private string $stacking)
    {
    }

    public function isOnScale(): bool
    {
        return $this->isOnScale;
    }

    /**
     * @param list<Figure> $figures
     * @param array<string, float> $values by figure id
     * @param float $whole what all parts together are
     *
     * @return array<string, float> by figure id, below zero where the value is
     */
    public function of(array $figures, array $values, float $whole, Scale $scale): array
    {
        $sums = [];
        foreach ($figures as $figure) {
            $sums[$figure->rowId] = ($sums[$figure->rowId] ?? 0.0) + abs($values[$figure->id]);
        }
        $isFull = $this->stacking === 'full' && count($sums) < count($figures);
        $fractions = [];
        foreach ($figures as $figure) {
            // To 100 %: a part of its own row, on a scale that may reach below zero as far as above.
            $against = match (true) {
                $isFull => max(1e-300, $sums[$figure->rowId]) * $scale->length() / 100,
                $this->isOnScale => $scale->length(),
                default => $whole,
            };
            $fractions[$figure->id] = $values[$figure->id] / $against;
        }

        return $fractions;
    }
}
