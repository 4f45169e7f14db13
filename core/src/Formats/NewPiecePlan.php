<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\FormDefaults;

/** Where chart, title and legend of a new piece stand on its stage of 1920 × 1080. */
final readonly class NewPiecePlan
{
    public float $x;
    public float $y;
    public float $width;
    public float $height;
    public float $titleX;
    public float $titleY;
    public float $titleWidth;
    public float $legendX;
    public float $legendY;
    public float $legendSize;
    public float $spacing;
    public float $labelSize;
    public float $nameSize;
    public bool $hasLegend;

    /** Would words at each figure, or a line for each, stand over each other? */
    public bool $isMany;

    private const MANY = 40;

    /** pixels that a sign of a title is wide, about */
    private const SIGN = 33;

    public function __construct(FormDefaults $defaults, int $count, string $headline)
    {
        $this->isMany = $count > self::MANY;
        $this->hasLegend = $defaults->hasLegend && !$this->isMany;
        $this->spacing = max(1.3, min(2.0, 560 / max(1, $count) / 40));
        $this->legendSize = $count > 10 ? max(14, (int) floor(620 / $count / 1.4)) : 40;
        $tall = ($count - 1) * $this->spacing * $this->legendSize;
        $this->labelSize = min($defaults->labelSize, max(14, floor(320 / max(1, $count))));
        $this->nameSize = min(32, $defaults->labelSize, max(14, floor(320 / max(1, $count))));
        if ($defaults->isWide) {
            [$this->titleX, $this->titleY, $this->titleWidth] = [160, 190, 1600];
            [$this->x, $this->y] = [$defaults->hasNames ? 1090 : 960, $this->hasLegend ? 420 : 560];
            [$this->width, $this->height] = [$defaults->hasNames ? 1260 : 1600, $this->hasLegend ? 560 : 600];
            [$this->legendX, $this->legendY] = [160, 600];

            return;
        }
        [$this->x, $this->y, $this->width, $this->height] = [620, 540, 700, 700];
        $this->legendX = $this->titleX = 1120;
        $this->legendY = 540 - $tall / 2 + 50;
        $this->titleWidth = 680;
        // A title of several lines stands higher, so that it does not run into what is below.
        $lines = (int) max(1, ceil((mb_strlen($headline) * self::SIGN) / 680));
        $this->titleY = $this->hasLegend
            ? max(110, 540 - $tall / 2 - 60 - ($lines - 1) * 76)
            : 560 - ($lines - 1) * 38;
    }
}
