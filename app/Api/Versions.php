<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A page of what there was of a piece, newest first. */
final readonly class Versions extends Answer
{
    public function __construct(
        /** @var list<VersionEntry> */
        public array $versions,
        /** number of the last of this page, where there are older ones */
        public ?int $more,
    ) {
    }
}
