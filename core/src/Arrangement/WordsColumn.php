<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextBlock;
use Lupine\Core\Words\TextSetter;

/** Words beside a chart: title, what stands below it and a legend, together in the middle of their height. */
final readonly class WordsColumn
{
    /** what stands between two of them, as a multiple of the size of the second */
    private const GAP = 1.0;
    private const BEFORE_LEGEND = 2.0;

    /** how much of the height titles take at most where a legend stands below them */
    private const TITLES = 0.5;

    public function __construct(
        private Box $room,
        private TextSetter $setter,
        private float $size,
        private ?ChartTiming $timing,
    ) {
    }

    /**
     * @param list<FreeText> $words
     *
     * @return array{array<string, FreeText>, LegendSettings|null} by id
     */
    public function place(array $words, ?LegendSettings $legend): array
    {
        $most = $this->room->height * ($legend === null ? 1.0 : self::TITLES);
        $blocks = [];
        $high = 0.0;
        foreach ($words as $one) {
            $style = $one->style->times($this->size);
            $gap = $blocks === [] ? 0.0 : self::GAP * $style->size;
            $room = max(20.0, $most - $high - $gap);
            $blocks[] = $block = TextBlock::fitting($this->setter, $one->shown(), $style, $this->room->width, $room);
            $high += $gap + $block->height();
        }
        $fit = $this->timing === null ? null : new LegendFit($this->timing, $this->setter);
        $planned = $legend === null ? null : $fit?->within(
            $legend,
            min($this->room->width, $legend->width * $this->size),
            $this->room->height - $high - self::BEFORE_LEGEND * $legend->style->size * $this->size,
            $legend->style->size * $this->size,
            'column',
        );
        $gap = $planned === null || $blocks === [] ? 0.0 : self::BEFORE_LEGEND * $planned->style->size;
        $tall = $planned === null || $fit === null ? 0.0 : $fit->height($planned);
        $y = $this->room->top + ($this->room->height - $high - $gap - $tall) / 2;
        $texts = [];
        foreach ($words as $index => $one) {
            $y += $index === 0 ? 0.0 : self::GAP * $blocks[$index]->style->size;
            $texts[$one->id] = $this->set($one, $blocks[$index], $y);
            $y += $blocks[$index]->height();
        }
        if ($planned === null) {
            return [$texts, null];
        }
        // A legend is told where the middle of its first row is.
        $top = round($y + $gap + $planned->style->size / 2);

        return [$texts, $planned->arranged($this->room->left, $top, $planned->width, $planned->style->size)];
    }

    private function set(FreeText $words, TextBlock $block, float $top): FreeText
    {
        $x = match ($words->align) {
            'left' => $this->room->left,
            'right' => $this->room->right(),
            default => $this->room->middle()->x,
        };

        return $words->arranged(
            $x,
            round($top + $block->capHeight, 1),
            $this->room->width,
            $words->align,
            $block->style->size,
        );
    }
}
