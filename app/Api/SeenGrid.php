<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** As much of a sheet as is shown. */
final readonly class SeenGrid extends Answer
{
    public function __construct(
        /** @var list<list<string>> */
        public array $rows,
        public int $rowCount,
        /** whether the file has more rows than were read */
        public bool $isCut,
        public int $width,
        /** @var list<string> */
        public array $columns,
        /** @var list<int> */
        public array $hiddenRows,
        /** @var list<int> */
        public array $hiddenColumns,
    ) {
    }
}
