<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\FormDefaults;

/** How large the words of a new piece are, by how many figures it has; where they stand, its arrangement says. */
final readonly class NewPiecePlan
{
    public float $legendSize;
    public float $spacing;
    public float $labelSize;
    public float $nameSize;
    public bool $hasLegend;

    /** Would words at each figure, or a line for each, stand over each other? */
    public bool $isMany;

    /** Would words on each part be wider than many a part? */
    public bool $isLong;

    private const MANY = 40;
    private const LONG = 6;

    public function __construct(FormDefaults $defaults, int $count)
    {
        $this->isMany = $count > self::MANY;
        $this->isLong = $count > self::LONG;
        $this->hasLegend = $defaults->hasLegend && !$this->isMany;
        $this->spacing = max(1.3, min(2.0, 560 / max(1, $count) / 40));
        $this->legendSize = $count > 10 ? max(14, (int) floor(620 / $count / 1.4)) : 40;
        $this->labelSize = min($defaults->labelSize, max(14, floor(320 / max(1, $count))));
        $this->nameSize = min(32, $defaults->labelSize, max(14, floor(320 / max(1, $count))));
    }
}
