<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\IfThere;

/** A file that was dropped, and what is understood of one of its sheets. */
final readonly class IncomingTable extends Answer
{
    public function __construct(
        public string $file,
        public string $name,
        public int $sheet,
        /** @var list<SheetName> */
        public array $sheets,
        public SeenGrid $grid,
        /** why there is no table in this sheet; null where there is one */
        public ?string $problem,
        #[IfThere]
        public ?TakenTable $understood = null,
    ) {
    }
}
