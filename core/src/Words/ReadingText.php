<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\ReadingSettings;

/**
 * What a reading says at an amount: the rounded figure times the amount, from the same amount as the mark.
 *
 * It never passes its figure, and it has no more decimals than the figure was given, or than were asked for.
 */
final readonly class ReadingText
{
    private function __construct(
        private ReadingSettings $settings,
        private float $full,
        private float $shown,
        private int $decimals,
        private string $unitBefore,
        private string $unitAfter,
    ) {
    }

    /** @param array<string, BigRational> $shownPercentages by figure id, that add up */
    public static function ofFigure(
        Figure $figure,
        ReadingSettings $settings,
        array $shownPercentages,
        int $shareDecimals,
    ): self {
        if ($settings->of === 'share') {
            return new self(
                $settings,
                $figure->share() * 100,
                $shownPercentages[$figure->id]->toFloat(),
                $shareDecimals,
                '',
                '',
            );
        }
        $isCurrency = $figure->unit !== '' && $figure->unit !== '%';

        $decimals = $settings->decimals ?? $figure->decimals;

        return new self(
            $settings,
            $figure->value(),
            $figure->exact->toScale($decimals, RoundingMode::HALF_UP)->toFloat(),
            $decimals,
            $settings->prefix === '' && $isCurrency ? $figure->unit : '',
            $settings->suffix === '' && $figure->unit === '%' ? '%' : '',
        );
    }

    /** Digits after the point for shares: as asked for, else none where that is exact, else one. */
    public static function shareDecimals(Figures $figures, ReadingSettings $settings): int
    {
        if ($settings->decimals !== null) {
            return $settings->decimals;
        }
        foreach ($figures->list as $figure) {
            $percent = $figure->exactShare->multipliedBy(100);
            if (!$percent->toScale(0, RoundingMode::FLOOR)->isEqualTo($percent)) {
                return 1;
            }
        }

        return 0;
    }

    /** @param float $amount 0 to 1, or more where a move was asked to pass its figure */
    public function at(float $amount): string
    {
        return $this->written($this->number($amount), $this->decimals);
    }

    /** The number alone, as it is shown at an amount. */
    public function number(float $amount): float
    {
        if ($amount === 1.0) {
            return $this->shown;
        }
        $number = round($this->full * $amount, $this->decimals);
        $isWithin = $amount < 1.0;

        return ($this->shown < 0) === $isWithin ? max($this->shown, $number) : min($this->shown, $number);
    }

    /**
     * What it says while its figure changes from what another reading says to what this one does.
     *
     * @param float $number what the figure, or its share in percent, is just now
     */
    public function between(self $before, float $number): string
    {
        $decimals = max($this->decimals, $before->decimals);

        return $this->written(round($number, $decimals), $decimals);
    }

    /** A reading without what is written before and after its number; a minus sign stays. */
    public function bare(string $text): string
    {
        $before = $this->settings->prefix.$this->unitBefore;
        $after = $this->unitAfter.$this->settings->suffix;
        $sign = str_starts_with($text, NumberText::MINUS) ? NumberText::MINUS : '';
        $text = substr($text, strlen($sign));
        $text = $before !== '' && str_starts_with($text, $before) ? substr($text, strlen($before)) : $text;

        return $sign.($after !== '' && str_ends_with($text, $after) ? substr($text, 0, -strlen($after)) : $text);
    }

    public function isOfShare(): bool
    {
        return $this->settings->of === 'share';
    }

    public function full(): float
    {
        return $this->full;
    }

    public function decimals(): int
    {
        return $this->decimals;
    }

    private function written(float $number, int $decimals): string
    {
        return NumberText::of(
            $number,
            $decimals,
            $this->settings,
            $this->settings->prefix.$this->unitBefore,
            $this->unitAfter.$this->settings->suffix,
        );
    }
}
