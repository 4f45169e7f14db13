<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Piece;

/** How a frame is told in a table: by its timecode, its number and its seconds. */
final readonly class Clockwork
{
    private FrameRate $rate;

    private bool $dropsFrames;

    public function __construct(Piece $piece)
    {
        $this->rate = FrameRate::ofStage($piece->stage);
        $this->dropsFrames = $piece->stage->dropFrame;
    }

    public function timecode(int $frame): string
    {
        return Timecode::atFrame($frame, $this->rate, $this->dropsFrames)->toText();
    }

    /** With three digits after the point. */
    public function seconds(int $frame): string
    {
        return number_format($this->rate->secondsAt($frame), 3, '.', '');
    }
}
