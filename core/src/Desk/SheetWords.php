<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;

/** What moves change about a text or a panel. */
final readonly class SheetWords extends Answer
{
    public function __construct(
        /** @var list<SheetChange> */
        public array $changes,
        /** @var Map<list<array{int,float}>> */
        public Map $keyed,
    ) {
    }
}
