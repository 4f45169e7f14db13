<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

/** Rows under their heads, for whatever writes tables. */
final readonly class Table
{
    /**
     * @param list<string> $heads
     * @param list<list<string|int|float|null>> $rows each as wide as the heads are many
     */
    public function __construct(public array $heads, public array $rows)
    {
    }
}
