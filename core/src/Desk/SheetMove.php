<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** When and how something comes, goes or changes. */
readonly class SheetMove extends Answer
{
    public function __construct(
        /** the move in the document; null where it follows the chart's order */
        public ?string $id,
        public int $begin,
        public string $beginText,
        public int $frames,
        public ?string $pinnedTo,
        /** @var array{float,float,float,float}|null the numbers of a curve with handles */
        public ?array $curve,
        /** @var list<float> */
        public array $curvePoints,
        #[TypedAs('Manner')]
        public string $manner,
        public string $opens,
    ) {
    }
}
