<?php

declare(strict_types=1);

namespace App\Api;

/** A machine that makes files for this desk. */
final readonly class Machine
{
    public function __construct(
        public string $name,
        /** how many it makes at once */
        public int $workers,
        /** @var list<string> names of the files that it makes just now */
        public array $makes,
        /** it runs the Lupine that the desk runs; otherwise it makes nothing */
        public bool $same,
    ) {
    }
}
