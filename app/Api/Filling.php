<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A piece with another table in it. */
final readonly class Filling extends Answer
{
    public function __construct(
        public string $name,
        #[TypedAs('Piece')]
        public \stdClass $document,
        /** @var list<string> what has become of it, in sentences */
        public array $remarks,
        /** the recording that its scratch voice reads again; null: none says other words than the script */
        public ?string $reading,
    ) {
    }
}
