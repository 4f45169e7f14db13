<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Repair as Offered;

/** One way to mend a table, offered and never taken by itself. */
final readonly class Repair extends Answer
{
    public function __construct(
        public string $label,
        /** @var Map<string> what is to stand in the cells instead, by row */
        public Map $cells,
        /** what all parts together are to be; null leaves it as it is */
        public ?string $whole,
        /** @var list<string> rows whose cell was looked at and found right */
        public array $sure,
        /** the label of a row to be added for what is left of the whole */
        public ?string $rest,
    ) {
    }

    public static function of(Offered $repair): self
    {
        return new self($repair->label, new Map($repair->cells), $repair->whole, $repair->sure, $repair->rest);
    }
}
