<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Arrangement\Placed;
use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Desk\MoveTime;
use Lupine\Core\Desk\SheetChange;
use Lupine\Core\Desk\SheetChart;
use Lupine\Core\Desk\SheetShot;
use Lupine\Core\Desk\SheetWord;
use Lupine\Core\Desk\SheetWords;
use Lupine\Core\Script\Departure;
use Lupine\Core\Spoken\SaidFigure;

/** Everything that the desk shows of a piece beside its picture. */
final readonly class Sheet extends Answer
{
    public function __construct(
        /** @var Map<Placed> by the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions` */
        public Map $places,
        /** @var Map<SheetChart> */
        public Map $charts,
        /** @var list<SheetChange> how the backdrop changes */
        public array $backdrop,
        /** @var list<SheetChange> how the captions change */
        public array $captions,
        /** the frame on which all figures have come */
        public int $finished,
        /** @var array{int,int}|null from which frame to which some part of a chart is there */
        public ?array $there,
        /** @var list<SheetShot> */
        public array $shots,
        /** @var Map<SheetWords> */
        public Map $words,
        /** @var Map<SheetWords> */
        public Map $panels,
        /** @var Map<list<SheetWord>> */
        public Map $lines,
        /**
         * @var Map<Map<list<int|null>>> by recording and line, which of the heard words each word of the line
         *                               is
         */
        public Map $heard,
        /** @var list<Departure> where the recording in use says something else than the script */
        public array $departures,
        /** @var Map<MoveTime> when each move of the document runs, by its id */
        public Map $moves,
        /** @var list<SaidFigure> which figures the words of the script mean */
        public array $said,
        public string $length,
        /**
         * @var list<array{int,string,int}> first frame of a second, its timecode without frames, the number of
         *                                  its first frame
         */
        public array $seconds,
    ) {
    }
}
