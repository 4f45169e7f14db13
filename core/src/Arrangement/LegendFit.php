<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Lettering\LegendPlan;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** A legend as large as a room lets it be: first its rows come closer, then they become smaller. */
final readonly class LegendFit
{
    private const CLOSEST = 1.3;
    private const SMALLER = 0.94;
    private const CLOSER = 0.95;

    /** tries that only bring rows closer */
    private const CLOSING = 8;

    /** pixels below which it becomes no smaller */
    private const SMALLEST = 12.0;

    public function __construct(private ChartTiming $timing, private TextSetter $setter)
    {
    }

    /**
     * @param float $size of its texts
     * @param float $height of the room, in pixels
     */
    public function within(
        LegendSettings $legend,
        float $width,
        float $height,
        float $size,
        string $flow,
    ): LegendSettings {
        // A column is as high as its rows come to; how wide its words are is of no matter.
        $rows = $flow === 'column' ? count(LegendPlan::entries($this->timing)) : null;
        for ($try = 0;; ++$try) {
            $spacing = max(self::CLOSEST, $legend->spacing * self::CLOSER ** $try);
            $smaller = $size * self::SMALLER ** max(0, $try - self::CLOSING);
            $planned = $legend->arranged(0.0, 0.0, $width, $smaller, $flow, $spacing);
            $high = $rows === null ? $this->height($planned) : LegendPlan::heightOf($rows, $planned);
            if ($high <= $height || $smaller <= self::SMALLEST) {
                return $planned;
            }
        }
    }

    public function height(LegendSettings $legend): float
    {
        return $this->plan($legend)->height();
    }

    public function plan(LegendSettings $legend): LegendPlan
    {
        return LegendPlan::of($legend, $this->timing, $this->setter);
    }
}
