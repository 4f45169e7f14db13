<?php

declare(strict_types=1);

namespace App\Api;

use App\Film\FileKind;
use App\Models\WorkStatus;
use Lupine\Core\Contract\Answer;

/** A film that is made, or was. */
final readonly class HandOff extends Answer
{
    public function __construct(
        public string $id,
        public ?string $pieceId,
        public string $title,
        public WorkStatus $status,
        public FileKind $kind,
        public int $firstFrame,
        public int $framesDone,
        public int $framesTotal,
        public ?int $secondsLeft,
        public ?int $bytes,
        /** the narrator is heard in it */
        public bool $withSound,
        public ?string $message,
        public string $fileName,
        public string $createdAt,
        public ?float $tookSeconds,
        /** that makes it, or has made it, where there are several */
        public ?string $machine,
    ) {
    }
}
