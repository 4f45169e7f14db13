<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Story\ChartTiming;

/** What colours words on a mark can have behind them: its fills there, and the ink of its patterns on them. */
final class MarkGround
{
    private int $frame = -1;

    /** @var array<string, Shape> by figure, on the frame that was looked at last */
    private array $shapes = [];

    /** @param array<string, Picture> $pictures of the piece, by id */
    public function __construct(
        private readonly ChartTiming $timing,
        private readonly Box $stage,
        private readonly array $pictures,
    ) {
    }

    /**
     * @param Point $point of the stage
     * @param Colour|null $below what is behind the mark; null: nothing is known of it
     *
     * @return non-empty-list<Colour> the fill alone first
     */
    public function at(string $figureId, Point $point, int $frame, ?Colour $below): array
    {
        $ground = new CoatsGround(
            $this->timing->coats[$figureId]->at($frame),
            $this->timing->colours[$figureId],
            fn (string $what): Box => $this->across($what, $figureId, $frame),
            $this->pictures,
            fn (Point $at, float $far): bool => $this->shape($figureId, $frame)->holds($at, 2 * $far, 2 * $far, 0),
        );

        return $ground->at(($this->timing->whole->ownPoints($frame))($point), $below);
    }

    /** As much of a mark as has come. */
    private function shape(string $figureId, int $frame): Shape
    {
        if ($this->frame !== $frame) {
            [$this->frame, $this->shapes] = [$frame, []];
        }

        return $this->shapes[$figureId] ??= $this->timing->layouts->at($frame)->shape(
            $figureId,
            $this->timing->moves[$figureId]->presenceAt($frame),
            $this->timing->number($figureId, 'out')->at($frame),
        );
    }

    /** Is what is behind a mark seen through its fill, or through holes in it? */
    public function isSeenThrough(string $figureId, int $frame): bool
    {
        $coats = $this->timing->coats[$figureId]->at($frame);

        return $coats->ground()->leastOpacity() < 1 || $coats->holes() !== [];
    }

    private function across(string $what, string $figureId, int $frame): Box
    {
        if ($what === 'stage') {
            return $this->stage;
        }
        $layout = $this->timing->layouts->at($frame);
        if ($what === 'chart') {
            return $layout->extent();
        }
        $outline = $layout->shape($figureId, Presence::full(), 0.0)->outline();

        return ($outline === '' ? null : MeasuredOutline::read($outline)->box()) ?? new Box(0, 0, 1, 1);
    }
}
