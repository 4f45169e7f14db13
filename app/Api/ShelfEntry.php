<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;
use Lupine\Core\Desk\Stem;

/** A piece on the shelf, with how it looks on its last frame. */
final readonly class ShelfEntry extends Answer
{
    public function __construct(
        public string $id,
        public int $version,
        public string $title,
        public ?string $folder,
        public ?string $updatedAt,
        public ?string $form,
        public string $length,
        public int $frames,
        /** @var list<Stem> */
        public array $stems,
        #[TypedAs('Reel')]
        public ?\stdClass $reel,
        /** what a transparent stage is seen on; null: as the page is */
        public ?string $ground,
        /** why it cannot be drawn */
        public ?string $problem,
    ) {
    }
}
