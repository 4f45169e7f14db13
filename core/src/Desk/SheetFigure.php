<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;

/** What the desk shows of one figure. */
final readonly class SheetFigure extends Answer
{
    public function __construct(
        public string $id,
        /** the row of the sheet that it is in */
        public string $row,
        public string $label,
        public string $value,
        public bool $isRest,
        /** a sum or a rest, not a number as it was typed */
        public bool $isWorkedOut,
        public string $share,
        /** what of its mark is in proportion, with its unit */
        public string $measured,
        /** @var array{float,float} the direction in which its mark is moved out, of length 1 */
        public array $outward,
        public string $reading,
        public string $colour,
        public ?SheetMove $entrance,
        public ?SheetMove $exit,
        /** where its label was told when to come */
        public ?SheetMove $labelEntrance,
        /** where its label was told when to go */
        public ?SheetMove $labelExit,
        /** @var list<SheetChange> */
        public array $changes,
        /** @var list<SheetEmphasis> */
        public array $emphases,
        /**
         * @var Map<list<array{int,float}>> what moves change about it, by property: frame and number; not its
         *                                  value
         */
        public Map $keyed,
        /** @var list<array{int,float}> */
        public array $stem,
    ) {
    }
}
