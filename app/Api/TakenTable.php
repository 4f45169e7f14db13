<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\OneOf;

/** A table out of a file, understood. */
final readonly class TakenTable extends ReadTable
{
    public function __construct(
        ReadTable $read,
        public int $heading,
        /** @var list<string> of each column */
        #[OneOf('label', 'value', 'time', 'group', 'colour', 'none')]
        public array $roles,
        #[OneOf('figures', 'long', 'moments')]
        public string $layout,
        /** @var list<string> */
        public array $understood,
        /** @var list<string> */
        public array $leftOut,
        /** what stands above the table */
        public string $title,
        /** @var list<int> rows of the sheet that are no figures */
        public array $skipped,
    ) {
        parent::__construct(...get_object_vars($read));
    }
}
