<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Words\ReadingText;

/** What the readings of a chart say in one state of its figures: worked out when the first of them is asked for. */
final class StateReadings
{
    /** @var array<string, ReadingText>|null by figure id */
    private ?array $known = null;

    private ?int $shareDecimals = null;

    public function __construct(private readonly Figures $figures, private readonly ReadingSettings $settings)
    {
    }

    public function of(string $figureId): ReadingText
    {
        return ($this->known ??= $this->all())[$figureId];
    }

    /** Digits after the point of a share. */
    public function shareDecimals(): int
    {
        return $this->shareDecimals ??= ReadingText::shareDecimals($this->figures, $this->settings);
    }

    /** @return array<string, ReadingText> */
    private function all(): array
    {
        $decimals = $this->shareDecimals();
        $shown = $this->settings->of === 'share' ? $this->figures->shownPercentages($decimals) : [];
        $readings = [];
        foreach ($this->figures->list as $figure) {
            $readings[$figure->id] = ReadingText::ofFigure($figure, $this->settings, $shown, $decimals);
        }

        return $readings;
    }
}
