<?php

declare(strict_types=1);

namespace App\Api;

use App\Models\WorkStatus;
use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** Work on a sound that takes its time. */
final readonly class Listening extends Answer
{
    public function __construct(
        public string $id,
        #[OneOf('file', 'scratch', 'splice', 'words')]
        public string $kind,
        public WorkStatus $status,
        /** how much is done, 0 to 1 */
        public float $part,
        public string $doing,
        public ?string $message,
        /** what came of it, once it is done */
        public HeardFile|FoundWords|ScratchRead|null $result,
    ) {
    }
}
