<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextBlock;
use Lupine\Core\Words\TextSetter;

/**
 * Places by rule: charts and words share what captions and a source line leave of the stage. What a hand has placed is
 * left there, and its room by the rule is left as well, so that nothing else moves because of it.
 */
final readonly class ByRule
{
    /** what is kept clear on every side at least, of that side (EBU R 95: 5 % for graphics) */
    private const SAFE = 0.05;

    /** sides of the room beyond which words stand beside charts */
    private const WIDE = 1.25;

    /** how wide words beside charts are, and what stands between, as fractions of the room */
    private const WORDS = 0.37;
    private const BETWEEN = 0.05;

    /** how much of the room words above or below charts take at most */
    private const MOST_WORDS = 0.3;

    /** how large the title is beside a chart that stands alone */
    private const ALONE = 0.6;

    /** what is between two blocks of words, as a multiple of the size of the second; and between words and charts */
    private const GAP = 1.0;
    private const APART = 0.05;

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param float $size of texts, as a multiple of what they are on the piece's own stage
     */
    public function __construct(
        private Piece $piece,
        private array $timings,
        private TextSetter $setter,
        private float $size,
    ) {
    }

    public function piece(): Piece
    {
        $width = $this->piece->stage->width;
        $height = $this->piece->stage->height;
        $margins = $this->piece->arrangement;
        $across = round(max(self::SAFE * $width, $margins->across * min($width, $height)));
        $down = round(max(self::SAFE * $height, $margins->down * min($width, $height)));
        $room = new Box($across, $down, $width - 2 * $across, $height - 2 * $down);
        [$captions, $room] = $this->captions($room);
        $placed = [];
        foreach ($this->of('source') as $words) {
            $block = $this->block($words, $room->width, $room->height * 0.2);
            $top = $room->bottom() - $block->height();
            $placed[$words->id] = $this->set($words, $block, $room->left, $top, $room->width);
            $room = self::without($room, 0.0, $block->height() + self::GAP * $block->style->size * 2);
        }

        return $this->withCharts($room, $captions, $placed);
    }

    /** @param array<string, FreeText> $placed */
    private function withCharts(Box $room, ?CaptionSettings $captions, array $placed): Piece
    {
        $shared = SharedAxes::of($this->piece);
        $shown = array_values(array_filter(
            $this->piece->charts,
            static fn (Chart $chart): bool => !$chart->isHidden && !isset($shared[$chart->id]),
        ));
        $rule = $this->piece->arrangement->charts;
        $words = [...$this->of('title'), ...$this->of('subtitle')];
        $alone = count($shown) === 1 ? $shown[0] : null;
        $legend = $alone?->words->legend;
        // In the middle of its chart a legend is the chart's affair.
        $legend = $legend?->isInside === true ? null : $legend;
        $isBeside = in_array($rule, ['left', 'right'], true) && $room->width / $room->height >= self::WIDE;
        if ($isBeside && ($words !== [] || $legend !== null) && $shown !== []) {
            $wide = round($room->width * self::WORDS);
            $gap = round($room->width * self::BETWEEN);
            $left = $rule === 'left' ? $room->right() - $wide : $room->left;
            $column = new WordsColumn(
                new Box($left, $room->top, $wide, $room->height),
                $this->setter,
                $this->size,
                $alone === null ? null : $this->timings[$alone->id],
            );
            [$texts, $legend] = $column->place($words, $legend);
            $charts = new Box(
                $rule === 'left' ? $room->left : $room->left + $wide + $gap,
                $room->top,
                $room->width - $wide - $gap,
                $room->height,
            );

            return $this->made(
                (new ChartRooms($this->piece, $this->timings, $this->setter, $this->size))
                    ->place($shown, $charts, $legend === null || $alone === null ? [] : [$alone->id => $legend]),
                [...$placed, ...$texts],
                $captions,
            );
        }
        [$texts, $room] = $this->stacked($words, $room, $rule);

        return $this->made(
            (new ChartRooms($this->piece, $this->timings, $this->setter, $this->size))->place($shown, $room, []),
            [...$placed, ...$texts],
            $captions,
        );
    }

    /**
     * Words above the charts, or below them.
     *
     * @param list<FreeText> $words
     *
     * @return array{array<string, FreeText>, Box} by id, and the room that is left
     */
    private function stacked(array $words, Box $room, string $rule): array
    {
        if ($words === []) {
            return [[], $room];
        }
        $factor = $rule === 'alone' ? self::ALONE : 1.0;
        $blocks = [];
        $high = 0.0;
        foreach ($words as $index => $one) {
            $most = $room->height * self::MOST_WORDS - $high;
            $blocks[] = $block = $this->block($one, $room->width, max(20.0, $most), $factor);
            $high += $block->height() + ($index === 0 ? 0.0 : self::GAP * $block->style->size);
        }
        $apart = round(self::APART * min($this->piece->stage->width, $this->piece->stage->height));
        $isBelow = $rule === 'above';
        $y = $isBelow ? $room->bottom() - $high : $room->top;
        $texts = [];
        foreach ($words as $index => $one) {
            $y += $index === 0 ? 0.0 : self::GAP * $blocks[$index]->style->size;
            $texts[$one->id] = $this->set($one, $blocks[$index], $room->left, $y, $room->width);
            $y += $blocks[$index]->height();
        }

        return [$texts, self::without($room, $isBelow ? 0.0 : $high + $apart, $isBelow ? $high + $apart : 0.0)];
    }

    /** @return array{CaptionSettings|null, Box} */
    private function captions(Box $room): array
    {
        $captions = $this->piece->captions;
        if ($captions === null) {
            return [null, $room];
        }
        $style = $captions->isByRule ? $captions->style->times($this->size) : $captions->style;
        $width = min($room->width, $captions->isByRule ? $captions->width * $this->size : $captions->width);
        $lines = array_map(
            fn (ScriptLine $line): int => count($this->setter->lines($line->text, $style, $width)),
            $this->piece->narration->captioned(),
        );
        $high = $this->setter->capHeight($style) + (max([1, ...$lines]) - 1) * $style->step();
        // Letters that hang below the baseline stay clear as well.
        $y = $captions->isByRule ? round($room->bottom() - $style->size * 0.2) : $captions->y;
        $taken = $room->bottom() - ($y - $high) + $style->size * self::GAP;
        $placed = $captions->isByRule ? $captions->arranged($y, $width, $style->size) : $captions;

        // Where no line is shown, captions take no room.
        return [
            $placed,
            $lines === [] || $y < $room->middle()->y ? $room : self::without($room, 0.0, max(0.0, $taken)),
        ];
    }

    /** @return list<FreeText> in the order of the piece */
    private function of(string $role): array
    {
        return array_values(array_filter(
            $this->piece->words,
            static fn (FreeText $words): bool => $words->role === $role && !$words->isHidden,
        ));
    }

    private function block(FreeText $words, float $width, float $height, float $factor = 1.0): TextBlock
    {
        $style = $words->style->times($this->size * $factor);

        return TextBlock::fitting($this->setter, $words->shown(), $style, $width, $height);
    }

    private function set(FreeText $words, TextBlock $block, float $left, float $top, float $width): FreeText
    {
        $x = match ($words->align) {
            'left' => $left,
            'right' => $left + $width,
            default => $left + $width / 2,
        };

        return $words->arranged($x, round($top + $block->capHeight, 1), $width, $words->align, $block->style->size);
    }

    private static function without(Box $room, float $above, float $below): Box
    {
        return new Box($room->left, $room->top + $above, $room->width, max(1.0, $room->height - $above - $below));
    }

    /**
     * @param array<string, Chart> $charts
     * @param array<string, FreeText> $words
     */
    private function made(array $charts, array $words, ?CaptionSettings $captions): Piece
    {
        return $this->piece->arranged(
            $this->piece->stage,
            array_map(static fn (Chart $chart): Chart => $charts[$chart->id] ?? $chart, $this->piece->charts),
            array_map(
                static fn (FreeText $text): FreeText => $text->isByRule ? $words[$text->id] ?? $text : $text,
                $this->piece->words,
            ),
            $captions,
            $this->piece->panels,
        );
    }
}
