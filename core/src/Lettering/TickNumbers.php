<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Form\Anchor;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\NumberText;
use Lupine\Core\Words\TextSetter;

/** How the numbers at the ticks of a scale are written, and where. */
final readonly class TickNumbers
{
    /** their size as a fraction of the labels' */
    private const SIZE = 0.62;

    /** pixels below which they are not read on a screen of ordinary size */
    private const SMALLEST = 22.0;

    public TextStyle $style;

    public function __construct(private ChartWords $words, private TextSetter $setter)
    {
        $style = $words->labels->style;
        $this->style = $words->axis->style
            ?? $style->withSize(max(min(self::SMALLEST, $style->size), $style->size * self::SIZE));
    }

    public function text(float $number): string
    {
        return NumberText::of($number, self::decimals($number), $this->words->reading);
    }

    /** From the anchor down to the baseline. */
    public function down(Anchor $anchor): float
    {
        return $anchor->align === 'middle' ? $this->style->size : $this->setter->capHeight($this->style) / 2;
    }

    public function box(float $number, Anchor $anchor): Box
    {
        $cap = $this->setter->capHeight($this->style);
        $middle = new Point($anchor->point->x, $anchor->point->y + $this->down($anchor) - $cap / 2);

        return (new Anchor($middle, $anchor->align))
            ->box($this->setter->width($this->text($number), $this->style), $cap);
    }

    /** Digits after the point that a round number has. */
    private static function decimals(float $number): int
    {
        $digits = 0;
        while ($digits < 6 && abs(round($number, $digits) - $number) > 1e-9) {
            ++$digits;
        }

        return $digits;
    }
}
