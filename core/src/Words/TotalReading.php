<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Brick\Math\RoundingMode;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\ReadingSettings;

/** The sum of the figures so far: each times its own amount, rounded once at the end. */
final readonly class TotalReading
{
    /** @param list<float> $values */
    private function __construct(
        private array $values,
        private float $shown,
        private int $decimals,
        private ReadingSettings $settings,
        private string $prefix,
        private string $suffix,
    ) {
    }

    public static function of(Figures $figures, ReadingSettings $settings, string $prefix, string $suffix): self
    {
        $own = max([0, ...array_map(static fn (Figure $figure): int => $figure->decimals, $figures->list)]);
        $decimals = $settings->of === 'value' ? $settings->decimals ?? $own : $own;
        $sum = \Brick\Math\BigRational::zero();
        foreach ($figures->list as $figure) {
            $sum = $sum->plus($figure->exact)->simplified();
        }
        $units = array_unique(array_map(static fn (Figure $figure): string => $figure->unit, $figures->list));
        $unit = count($units) === 1 ? $units[0] : '';

        return new self(
            array_map(static fn (Figure $figure): float => $figure->value(), $figures->list),
            $sum->toScale($decimals, RoundingMode::HALF_UP)->toFloat(),
            $decimals,
            $settings,
            $prefix === '' && $unit !== '%' ? $unit : $prefix,
            $suffix === '' && $unit === '%' ? '%' : $suffix,
        );
    }

    /** @param list<float> $amounts in the order of the sheet */
    public function at(array $amounts): string
    {
        $value = self::sum($this->values, $amounts);
        $rounded = round($value, $this->decimals);

        return $this->written(match (true) {
            array_filter($amounts, static fn (float $amount): bool => $amount !== 1.0) === [] => $this->shown,
            max([0.0, ...$amounts]) > 1.0 => $rounded,
            default => min($this->shown, $rounded),
        }, $this->decimals);
    }

    /**
     * What it says while the figures change from those of another total to those of this one.
     *
     * @param list<float> $values what the figures are just now, in the order of the sheet
     * @param list<float> $amounts
     */
    public function between(self $before, array $values, array $amounts): string
    {
        $decimals = max($this->decimals, $before->decimals);

        return $this->written(round(self::sum($values, $amounts), $decimals), $decimals);
    }

    /**
     * @param list<float> $values
     * @param list<float> $amounts
     */
    private static function sum(array $values, array $amounts): float
    {
        $sum = 0.0;
        foreach ($values as $index => $value) {
            $sum += $value * ($amounts[$index] ?? 0.0);
        }

        return $sum;
    }

    private function written(float $number, int $decimals): string
    {
        return NumberText::of($number, $decimals, $this->settings, $this->prefix, $this->suffix);
    }
}
