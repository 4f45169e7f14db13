<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A ready-made piece to begin from. */
final readonly class Starter extends Answer
{
    public function __construct(
        public string $name,
        public string $title,
        public ?string $form,
        /** the name of the kit that it is in; null: none */
        public ?string $kit,
        #[TypedAs('Reel')]
        public ?\stdClass $reel,
    ) {
    }
}
