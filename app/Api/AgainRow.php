<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** What becomes of one row when figures come in again. */
final readonly class AgainRow extends Answer
{
    public function __construct(
        #[OneOf('same', 'changed', 'fresh', 'gone', 'kept')]
        public string $kind,
        public string $id,
        /** id of the row of the file */
        public ?string $from,
        public string $label,
        public string $was,
        #[OneOf('label', 'alike', 'hand')]
        public string $how,
        /** @var list<array{string,string,string}> names of columns with what was and what will be */
        public array $cells,
        /** @var list<string> */
        public array $figures,
    ) {
    }
}
