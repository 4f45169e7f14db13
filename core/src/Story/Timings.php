<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Form\Forms;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;

/** What the figures of a piece's charts want on which frame. What was worked out is kept as long as its piece is. */
final readonly class Timings
{
    private Understood $understood;

    /** @var \WeakMap<Piece, array<string, ChartTiming>> */
    private \WeakMap $known;

    public function __construct(public Forms $forms)
    {
        $this->known = new \WeakMap();
        $this->understood = new Understood();
    }

    /**
     * @param Moves|null $moves of the piece on its frames, where they are known
     *
     * @return array<string, ChartTiming> by chart id
     *
     * @throws ImpossibleFigures where a chart cannot be drawn from its table
     */
    public function of(Piece $piece, ?Moves $moves = null): array
    {
        return $this->known[$piece] ??= $this->along($piece, $moves ?? new Moves($piece, new Beats($piece)));
    }

    /**
     * @return array<string, ChartTiming> by chart id, at the moments of the moves' clock
     *
     * @throws ImpossibleFigures where a chart cannot be drawn from its table
     */
    public function along(Piece $piece, Moves $moves): array
    {
        return (new TimeCharts($this->forms, $moves, $this->understood))->of($piece);
    }
}
